import type { PlateSpec } from '@trowel/core/tables';
import Svg, { G, Path, Rect } from 'react-native-svg';
import { bases } from './bases';
import { ink } from './ink';
import { drawMark } from './marks';
import { Weed } from './weeds/Weed';

/** A drawn card of one sign: base, tint and marks come from the knowledge table, never from a picture file. */
export function Plate({ spec, size = 92 }: { spec: PlateSpec; size?: number }) {
  return (
    <Svg width={size} height={size} viewBox="-3 -3 106 106" aria-hidden>
      <Rect x={-3} y={-3} width={106} height={106} rx={5} fill={ink.card} />
      {bases[spec.base](spec.tint ?? 'healthy')}
      {spec.weed && <Weed drawing={spec.weed} />}
      {spec.marks.map((mark, index) => (
        <G key={index}>{drawMark(mark, spec.base)}</G>
      ))}
      {spec.which && <WhichLeaves which={spec.which} />}
    </Svg>
  );
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
