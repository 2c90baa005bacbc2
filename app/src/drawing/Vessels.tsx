import type { ReactNode } from 'react';
import Svg, { Circle, ClipPath, Defs, G, Line, Path, Rect } from 'react-native-svg';
import { useRoles } from '@/theme/theme';
import { ink } from './ink';

interface PackProps {
  /** A powder stands in a bag, a liquid in a bottle. */
  readonly isPowder: boolean;
  /** 0…1; undefined where nobody measured it: then no line is drawn. */
  readonly level: number | undefined;
}

const bottle = 'M20 6 H32 V16 C40 20 42 26 42 34 V66 C42 70 40 72 36 72 H16 C12 72 10 70 10 66 V34 C10 26 12 20 20 16Z';
const bag = 'M10 18 L14 12 H38 L42 18 L44 66 C44 70 42 72 38 72 H14 C10 72 8 70 8 66Z';
const spans = { bottle: [26, 70], bag: [22, 70] } as const;

/** An outline, and what is in it up to where it stands. */
function Filled({
  id,
  outline,
  width,
  ground,
  children,
  more,
}: {
  /** Of its kind and level: the same drawing may share its clip. */
  id: string;
  outline: string;
  /** Of the drawing's own 76 high. */
  width: number;
  ground: string;
  children?: ReactNode;
  /** What stands outside of what it holds. */
  more: ReactNode;
}) {
  const { text } = useRoles();
  return (
    <Svg width={(width * 64) / 76} height={64} viewBox={`0 0 ${width} 76`} aria-hidden>
      <Defs>
        <ClipPath id={id}>
          <Path d={outline} />
        </ClipPath>
      </Defs>
      <Path d={outline} fill={ground} />
      <G clipPath={`url(#${id})`}>{children}</G>
      <Path d={outline} fill="none" stroke={text} strokeWidth={2.4} strokeLinejoin="round" />
      {more}
    </Svg>
  );
}

/** What stands in the cupboard, and how much of it is left. */
export function Pack({ isPowder, level }: PackProps) {
  const { text } = useRoles();
  const [top, bottom] = spans[isPowder ? 'bag' : 'bottle'];
  const y = level === undefined ? bottom : bottom - (bottom - top) * Math.min(1, Math.max(0, level));
  return (
    <Filled
      id={`pack-${isPowder ? 'bag' : 'bottle'}-${Math.round(y)}`}
      outline={isPowder ? bag : bottle}
      width={52}
      ground={isPowder ? ink.card : ink.stone96}
      more={
        isPowder ? (
          <Path d="M16 12 C22 16 30 16 36 12" fill="none" stroke={text} strokeWidth={2} />
        ) : (
          <Rect x={19} y={2} width={14} height={8} rx={2} fill={ink.earth40} stroke={text} strokeWidth={1.6} />
        )
      }
    >
      {level !== undefined && (
        <>
          <Rect x={0} y={y} width={52} height={76} fill={isPowder ? ink.straw88 : ink.water} />
          <Line x1={0} x2={52} y1={y} y2={y} stroke={ink.rust40} strokeWidth={2.5} />
        </>
      )}
    </Filled>
  );
}

const vessels = {
  sprayer: {
    body: 'M16 30 C16 24 20 22 26 22 C32 22 36 24 36 30 V66 C36 70 34 72 30 72 H22 C18 72 16 70 16 66Z',
    more: 'M22 22 V14 H30 V22 M30 16 H44 L48 20 M22 14 L14 10 H34 V14',
  },
  can: { body: 'M10 34 H38 L36 72 H12Z', more: 'M38 44 L54 28 M50 26 L58 32 M14 34 C14 16 34 16 34 34' },
  jar: {
    body: 'M14 18 C10 24 10 28 10 32 V68 C10 71 12 72 14 72 H38 C40 72 42 71 42 68 V32 C42 28 42 24 38 18Z',
    more: 'M12 10 H40 V18 H12Z',
  },
  bucket: { body: 'M8 28 H44 L40 72 H12Z', more: 'M8 28 C8 8 44 8 44 28' },
} as const;

/** A sprayer, can, jar or bucket of one's own; what it held and has not been washed out stands at its bottom. */
export function VesselFigure({ kind, isClean }: { kind: keyof typeof vessels; isClean: boolean }) {
  const { text } = useRoles();
  const { body, more } = vessels[kind];
  return (
    <Filled
      id={`vessel-${kind}`}
      outline={body}
      width={60}
      ground={ink.stone96}
      more={<Path d={more} fill="none" stroke={text} strokeWidth={2.4} strokeLinejoin="round" strokeLinecap="round" />}
    >
      {!isClean && (
        <>
          <Rect x={0} y={60} width={60} height={16} fill={ink.ochre64} />
          {[18, 26, 33].map((x) => (
            <Circle key={x} cx={x} cy={56} r={2.4} fill={ink.ochre64} />
          ))}
        </>
      )}
    </Filled>
  );
}
