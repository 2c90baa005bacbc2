import type { Worked } from '@trowel/core/contract';
import { trim } from '@trowel/core/measures';
import { View } from 'react-native';
import Svg, { Circle, Line, Polyline, Text } from 'react-native-svg';
import { useRoles } from '@/theme/theme';

const width = 340;
const height = 170;
const left = 40;
const bottom = 130;

/** A line over days, and where one stands on it. */
export function CurveChart({ curve }: { curve: NonNullable<Worked['curve']> }) {
  const roles = useRoles();
  const top = Math.max(...curve.points.map(([, y]) => y), curve.here?.[1] ?? 0) || 1;
  const far = Math.max(...curve.points.map(([x]) => x), curve.here?.[0] ?? 0) || 1;
  const x = (value: number) => left + (value / far) * (width - left - 14);
  const y = (value: number) => bottom - (value / top) * (bottom - 16);
  const words = (key: string, at: readonly [number, number], text: string, anchor: 'start' | 'middle' | 'end') => (
    <Text
      key={key}
      x={at[0]}
      y={at[1]}
      fontSize={12}
      textAnchor={anchor}
      fill={roles.text}
      fontFamily="Atkinson, sans-serif"
    >
      {text}
    </Text>
  );
  return (
    <View
      role="img"
      aria-label={`${curve.up} over ${curve.across}${curve.here ? `; now ${trim(curve.here[1], 0)} at ${trim(curve.here[0], 1)} ${curve.across}` : ''}`}
    >
      <Svg width="100%" height={height} viewBox={`0 0 ${width} ${height}`} aria-hidden>
        <Line x1={left} x2={width - 6} y1={bottom} y2={bottom} stroke={roles.text} strokeWidth={1.5} />
        <Line x1={left} x2={left} y1={10} y2={bottom} stroke={roles.text} strokeWidth={1.5} />
        <Polyline
          points={curve.points.map(([across, up]) => `${x(across)},${y(up)}`).join(' ')}
          fill="none"
          stroke={roles.act}
          strokeWidth={3}
        />
        {curve.here && (
          <Circle
            cx={x(curve.here[0])}
            cy={y(curve.here[1])}
            r={7}
            fill={roles.warn}
            stroke={roles.raised}
            strokeWidth={2}
          />
        )}
        {words('top', [left - 6, 20], trim(top, 0), 'end')}
        {words('zero', [left - 6, bottom + 4], '0', 'end')}
        {words('far', [width - 8, bottom + 18], trim(far, 0), 'end')}
        {words('across', [(left + width) / 2, bottom + 18], curve.across, 'middle')}
        {words('up', [left + 8, 20], curve.up, 'start')}
      </Svg>
    </View>
  );
}
