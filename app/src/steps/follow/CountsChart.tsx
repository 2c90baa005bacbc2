import type { JobView } from '@trowel/core/contract';
import { plainNumber } from '@trowel/core/quantities';
import { dayAndMonth, shortDay } from '@trowel/core/wording';
import { scaleLinear, scalePoint } from 'd3-scale';
import { line } from 'd3-shape';
import { View } from 'react-native';
import Svg, { Circle, G, Line, Path } from 'react-native-svg';
import { ChartText } from '@/drawing/ChartText';
import { useRoles } from '@/theme/theme';

const width = 340;
const height = 170;
const left = 34;
const bottom = 136;
/** Leaves of one look stand beside each other, so many abreast. */
const abreast = 5;

type Counted = JobView['counts'][number];

/** Every leaf that was counted as a dot, the means joined, the level to act on as a dashed line. */
export function CountsChart({ counts: all, clearBelow }: { counts: JobView['counts']; clearBelow: number }) {
  const roles = useRoles();
  const shown = all.filter(({ isTreated }) => isTreated);
  if (shown.length === 0) return null;
  const x = scalePoint(
    shown.map(({ id }) => id),
    [left, width - 8],
  ).padding(0.5);
  const y = scaleLinear([0, Math.max(clearBelow, ...shown.flatMap(({ counts }) => counts))], [bottom, 14]).nice(3);
  const at = ({ id }: Counted) => x(id) ?? left;
  const means = line<Counted>()
    .x(at)
    .y(({ mean }) => y(mean));
  return (
    <View role="img" aria-label={`Counts: ${shown.map(({ on, mean }) => `${mean} on ${dayAndMonth(on)}`).join(', ')}`}>
      <Svg width="100%" height={height} viewBox={`0 0 ${width} ${height}`} aria-hidden>
        <Line x1={left} x2={width - 4} y1={bottom} y2={bottom} stroke={roles.text} strokeWidth={1.5} />
        <Line x1={left} x2={left} y1={10} y2={bottom} stroke={roles.text} strokeWidth={1.5} />
        {y.ticks(3).map((value) => (
          <ChartText key={value} x={left - 6} y={y(value) + 4} anchor="end" says={plainNumber(value)} />
        ))}
        <Line
          x1={left}
          x2={width - 4}
          y1={y(clearBelow)}
          y2={y(clearBelow)}
          stroke={roles.stop}
          strokeWidth={1.5}
          strokeDasharray="5 4"
        />
        <ChartText x={width - 6} y={y(clearBelow) - 4} anchor="end" says="act above" fill={roles.stop} />
        {shown.map((look) => (
          <G key={look.id}>
            {look.counts.map((value, leaf) => (
              <Circle
                key={leaf}
                cx={at(look) + ((leaf % abreast) - 2) * 3}
                cy={y(value)}
                r={3}
                fill="none"
                stroke={roles.softText}
                strokeWidth={1.3}
              />
            ))}
            <ChartText x={at(look)} y={bottom + 20} anchor="middle" says={shortDay(look.on)} />
          </G>
        ))}
        <Path d={means(shown) ?? ''} stroke={roles.act} strokeWidth={3} fill="none" />
        {shown.map((look) => (
          <Circle
            key={look.id}
            cx={at(look)}
            cy={y(look.mean)}
            r={6}
            fill={roles.act}
            stroke={roles.ground}
            strokeWidth={2}
          />
        ))}
      </Svg>
    </View>
  );
}
