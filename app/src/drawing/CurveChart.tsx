import type { Worked } from '@trowel/core/contract';
import { plainNumber } from '@trowel/core/quantities';
import { scaleLinear } from 'd3-scale';
import { line } from 'd3-shape';
import { View } from 'react-native';
import Svg, { Circle, Line, Path } from 'react-native-svg';
import { useRoles } from '@/theme/theme';
import { ChartText } from './ChartText';

const width = 340;
const height = 170;
const left = 40;
const bottom = 130;

/** A line over days, and where one stands on it. */
export function CurveChart({ curve: { points, here, across, up } }: { curve: NonNullable<Worked['curve']> }) {
  const roles = useRoles();
  const all = here ? [...points, here] : points;
  const x = scaleLinear([0, Math.max(...all.map(([day]) => day)) || 1], [left, width - 14]).nice(4);
  const y = scaleLinear([0, Math.max(...all.map(([, value]) => value)) || 1], [bottom, 16]).nice(4);
  const drawn = line<[number, number]>()
    .x(([day]) => x(day))
    .y(([, value]) => y(value));
  return (
    <View
      role="img"
      aria-label={`${up} over ${across}${here ? `; now ${plainNumber(Math.round(here[1]))} at ${plainNumber(here[0])} ${across}` : ''}`}
    >
      <Svg width="100%" height={height} viewBox={`0 0 ${width} ${height}`} aria-hidden>
        <Line x1={left} x2={width - 6} y1={bottom} y2={bottom} stroke={roles.text} strokeWidth={1.5} />
        <Line x1={left} x2={left} y1={10} y2={bottom} stroke={roles.text} strokeWidth={1.5} />
        {x.ticks(4).map((day) => (
          <ChartText key={`x${day}`} x={x(day)} y={bottom + 16} anchor="middle" says={plainNumber(day)} />
        ))}
        {y.ticks(3).map((value) => (
          <ChartText key={`y${value}`} x={left - 6} y={y(value) + 4} anchor="end" says={plainNumber(value)} />
        ))}
        <Path d={drawn([...points]) ?? ''} fill="none" stroke={roles.act} strokeWidth={3} />
        {here && (
          <Circle cx={x(here[0])} cy={y(here[1])} r={7} fill={roles.warn} stroke={roles.raised} strokeWidth={2} />
        )}
        <ChartText x={(left + width) / 2} y={bottom + 33} anchor="middle" says={across} />
        <ChartText x={left + 8} y={20} anchor="start" says={up} />
      </Svg>
    </View>
  );
}
