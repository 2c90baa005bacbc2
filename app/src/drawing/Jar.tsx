import type { BatchKind } from '@trowel/core/tables';
import Svg, { Circle, ClipPath, Defs, G, Path, Rect, Text as SvgText } from 'react-native-svg';
import { ink } from './ink';

/** What a brew looks like through the glass. */
const liquids: Readonly<Record<BatchKind, string>> = {
  weed: ink.leaf48,
  'leaf-mould': ink.earth56,
  neem: ink.moss56,
  compost: ink.earth40,
  'shell-extract': ink.straw88,
};

const glass = 'M24 26 C14 34 12 42 12 52 V98 C12 106 16 110 24 110 H76 C84 110 88 106 88 98 V52 C88 42 86 34 76 26Z';
const [top, bottom] = [34, 110] as const;

/**
 * A jar on the shelf: how full it is, whether it works (bubbles), is ready (a tied lid) or is past its best (a film).
 * @param full share of what was begun that is left, 0…1
 */
export function Jar({
  kind,
  full,
  day,
  stage,
  size = 84,
}: {
  kind: BatchKind;
  full: number;
  day: number;
  stage: 'working' | 'ready' | 'past' | 'gone';
  size?: number;
}) {
  const level = bottom - (bottom - top) * Math.min(1, Math.max(0.04, full));
  const clip = `jar-${kind}-${Math.round(level)}-${day}`;
  return (
    <Svg width={size} height={size * 1.16} viewBox="0 0 100 116" aria-hidden>
      <Defs>
        <ClipPath id={clip}>
          <Path d={glass} />
        </ClipPath>
      </Defs>
      <Path d={glass} fill={ink.stone96} />
      <G clipPath={`url(#${clip})`}>
        <Rect x={0} y={level} width={100} height={bottom - level} fill={liquids[kind]} />
        {stage === 'working' &&
          [
            [28, 14],
            [42, 30],
            [58, 18],
            [70, 36],
            [50, 46],
          ].map(([x = 0, up = 0]) => (
            <Circle key={x} cx={x} cy={Math.max(level + 5, bottom - up)} r={3.5} fill={ink.stone96} opacity={0.8} />
          ))}
        {stage === 'past' && <Rect x={0} y={level - 3} width={100} height={6} fill={ink.stone88} />}
      </G>
      <Path d={glass} fill="none" stroke={ink.line} strokeWidth={3} strokeLinejoin="round" />
      <Rect
        x={22}
        y={stage === 'working' ? 10 : 14}
        width={56}
        height={13}
        rx={3}
        fill={ink.straw72}
        stroke={ink.line}
        strokeWidth={3}
      />
      {stage === 'ready' && (
        <Path d="M20 27 H80 M78 27 l9 8 M78 27 l10 -3" stroke={ink.rust40} strokeWidth={4} fill="none" />
      )}
      <Rect x={26} y={60} width={48} height={28} rx={2} fill={ink.card} stroke={ink.line} strokeWidth={2} />
      <SvgText
        x={50}
        y={71}
        fontSize={10}
        textAnchor="middle"
        fill={ink.line}
        fontFamily="Atkinson, Verdana, sans-serif"
      >
        day
      </SvgText>
      <SvgText
        x={50}
        y={84}
        fontSize={13}
        fontWeight="700"
        textAnchor="middle"
        fill={ink.line}
        fontFamily="Atkinson, Verdana, sans-serif"
      >
        {String(day)}
      </SvgText>
    </Svg>
  );
}
