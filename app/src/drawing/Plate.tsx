import type { PlateSpec } from '@trowel/core/tables';
import Svg, { G, Rect } from 'react-native-svg';
import { bases } from './bases';
import { ink } from './ink';
import { insectMarks } from './marks-insects';
import { placeMarks } from './marks-place';
import { plantMarks } from './marks-plant';

export const marks = { ...insectMarks, ...plantMarks, ...placeMarks };

/** A drawn card of one sign: base, tint and marks come from the knowledge table, never from a picture file. */
export function Plate({ spec, size = 92 }: { spec: PlateSpec; size?: number }) {
  return (
    <Svg width={size} height={size} viewBox="-3 -3 106 106" aria-hidden>
      <Rect x={-3} y={-3} width={106} height={106} rx={5} fill={ink.card} />
      {bases[spec.base](spec.tint ?? 'healthy')}
      {spec.marks.map((name) => (
        <G key={name}>{marks[name]?.()}</G>
      ))}
    </Svg>
  );
}
