import type { PlateSpec } from '@trowel/core/tables';
import { useLayoutEffect, useRef, useState } from 'react';
import Svg, { Ellipse, G, Path, Rect } from 'react-native-svg';
import { bases } from './bases';
import { ink } from './ink';
import { drawMark } from './marks';
import { Weed } from './weeds/Weed';

/**
 * A drawn card of one sign: base, tint and marks come from the knowledge table, never from a picture file.
 * @param ringed positions of the marks by which it is told from another: the eye is led there by a ring
 */
export function Plate({ spec, size = 92, ringed }: { spec: PlateSpec; size?: number; ringed?: readonly number[] }) {
  const marks = useRef(new Map<number, Drawn>());
  const [ring, setRing] = useState<Ring>();
  // As a text, so that the same list made anew is the same.
  const asked = ringed?.join(' ') ?? '';
  useLayoutEffect(() => {
    const drawn = asked.split(' ').flatMap((at) => marks.current.get(Number(at || -1))?.elementRef?.current ?? []);
    setRing(drawn.length === 0 ? undefined : ringAround(drawn));
  }, [spec, asked]);
  return (
    <Svg width={size} height={size} viewBox={`${-margin} ${-margin} ${side} ${side}`} aria-hidden>
      <Rect x={-margin} y={-margin} width={side} height={side} rx={5} fill={ink.card} />
      {bases[spec.base](spec.tint ?? 'healthy')}
      {spec.weed && <Weed drawing={spec.weed} />}
      {spec.marks.map((mark, index) => (
        <G
          key={index}
          ref={(drawn) => {
            if (drawn) marks.current.set(index, drawn as unknown as Drawn);
          }}
        >
          {drawMark(mark, spec.base)}
        </G>
      ))}
      {spec.which && <WhichLeaves which={spec.which} />}
      {ring && (
        <>
          <Ellipse {...ring} fill="none" stroke={ink.card} strokeWidth={5.5} />
          <Ellipse {...ring} fill="none" stroke={ink.line} strokeWidth={2} strokeDasharray="6 3" />
        </>
      )}
    </Svg>
  );
}

/** What is drawn, as it stands in the page; where there is none, nothing is ringed. */
interface Drawn {
  readonly elementRef?: { readonly current: SVGGraphicsElement | null };
}
interface Ring {
  readonly cx: number;
  readonly cy: number;
  readonly rx: number;
  readonly ry: number;
}
/** Wider than this a ring would go round the whole plate and lead nowhere; then one place of the mark is ringed. */
const widest = 62;
/** Of the card, with its margin all round. */
const [side, margin] = [106, 3] as const;
const [aroundIt, least, most] = [5, 11, 24] as const;

function ringAround(drawn: readonly SVGGraphicsElement[]): Ring | undefined {
  const whole = drawn[0]?.ownerSVGElement?.getBoundingClientRect();
  if (!whole || whole.width === 0) return undefined;
  // As it stands in the page, since a shape does not know how those around it are moved and turned.
  const scale = side / whole.width;
  const shapes = drawn
    .flatMap((group) => [...group.querySelectorAll('path,circle,ellipse,rect,line,polygon')])
    .map((shape) => shape.getBoundingClientRect())
    .map(({ left, top, width, height }) => ({
      x: (left - whole.left) * scale - margin,
      y: (top - whole.top) * scale - margin,
      width: width * scale,
      height: height * scale,
    }));
  if (shapes.length === 0) return undefined;
  const [left, top] = [Math.min(...shapes.map(({ x }) => x)), Math.min(...shapes.map(({ y }) => y))];
  const right = Math.max(...shapes.map(({ x, width }) => x + width));
  const bottom = Math.max(...shapes.map(({ y, height }) => y + height));
  const box = { x: left, y: top, width: right - left, height: bottom - top };
  const isWide = box.width > widest || box.height > widest;
  // Of what is strewn over the plate, the largest of the small things.
  const small = shapes.filter(({ width, height }) => width <= 2 * most && height <= 2 * most);
  const one = isWide ? small.sort((a, b) => b.width * b.height - a.width * a.height)[0] : box;
  if (!one) return undefined;
  const radius = (length: number) => Math.min(widest / 2, Math.max(least, length / 2 + aroundIt));
  return { cx: one.x + one.width / 2, cy: one.y + one.height / 2, rx: radius(one.width), ry: radius(one.height) };
}

/** A small plant in the corner whose lit leaves say which ones are meant. */
function WhichLeaves({ which }: { which: NonNullable<PlateSpec['which']> }) {
  const lit = (row: NonNullable<PlateSpec['which']>) => (row === which ? ink.orange : ink.moss88);
  const pair = (y: number, row: NonNullable<PlateSpec['which']>) => (
    <Path
      d={`M13 ${y} C6 ${y - 1} 2 ${y - 4} 1 ${y - 8} C8 ${y - 8} 12 ${y - 5} 13 ${y} C14 ${y - 5} 18 ${y - 8} 25 ${y - 8} C24 ${y - 4} 20 ${y - 1} 13 ${y}Z`}
      fill={lit(row)}
      stroke={ink.line}
      strokeWidth={0.9}
    />
  );
  return (
    <G transform="translate(-1 66)">
      <Path d="M13 34 V4" stroke={ink.line} strokeWidth={1.4} />
      {pair(30, 'old')}
      {pair(20, 'middle')}
      {pair(10, 'new')}
    </G>
  );
}
