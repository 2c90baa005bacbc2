import type { JobView } from '@trowel/core/contract';
import { plainNumber } from '@trowel/core/quantities';
import { dayAndMonth, shortDay } from '@trowel/core/wording';
import { scaleLinear } from 'd3-scale';
import { line } from 'd3-shape';
import { View } from 'react-native';
import Svg, { Circle, G, Line, Path, Rect } from 'react-native-svg';
import { ChartText } from '@/drawing/ChartText';
import { spaced } from '@/drawing/spaced';
import { useRoles } from '@/theme/theme';
import { Small } from '@/ui/text';

const width = 340;
const height = 178;
const left = 34;
const right = width - 14;
const bottom = 140;
/** Leaves of one look stand beside each other, so many abreast. */
const abreast = 5;
const dayMs = 86_400_000;

type Counted = JobView['counts'][number];

/**
 * Looks on their days: every leaf a ring, the mean a disc with the bar in which the true mean lies nine times in ten,
 * what was left alone dashed beside it, each going over a blade below the line, the level to act on a dashed line.
 */
export function CountsChart({
  counts,
  applied,
  clearBelow,
  unit = 'number',
}: {
  counts: JobView['counts'];
  applied: JobView['applied'];
  clearBelow: number;
  unit?: JobView['measuredBy']['unit'];
}) {
  const roles = useRoles();
  const treated = counts.filter(({ isTreated }) => isTreated);
  const leftAlone = counts.filter(({ isTreated }) => !isTreated);
  if (treated.length === 0) return null;
  const days = [...counts.map(({ on }) => on), ...applied.map(({ on }) => on)].map((on) => Date.parse(on));
  const [first, last] = [Math.min(...days), Math.max(...days)];
  // One day alone still wants some room about it.
  const x = scaleLinear([first - dayMs, Math.max(last, first + 4 * dayMs) + dayMs], [left + 8, right - 8]);
  const xOf = ({ on }: { on: string }) => x(Date.parse(on));
  // A wide bar of few leaves does not press all the rest flat.
  const top = Math.max(
    clearBelow * 1.2,
    ...counts.flatMap((look) => [...look.counts, Math.min(look.high, look.mean * 2)]),
  );
  const y = scaleLinear([0, top], [bottom, 14]).nice(3).clamp(true);
  const means = line<Counted>()
    .x(xOf)
    .y(({ mean }) => y(mean));
  // What is there or not is told of ten leaves, as it is counted.
  const told = (value: number) =>
    unit === 'area'
      ? `${plainNumber(value)} %`
      : plainNumber(unit === 'yes-no' ? Number((value * 10).toFixed(1)) : value);
  const summary = treated.map(({ on, mean }) => `${told(mean)} on ${dayAndMonth(on)}`).join(', ');
  return (
    <View style={{ gap: 4 }}>
      <View role="img" aria-label={`Counts: ${summary}`}>
        <Svg width="100%" height={height} viewBox={`0 0 ${width} ${height}`} aria-hidden>
          <Line x1={left} x2={right} y1={bottom} y2={bottom} stroke={roles.text} strokeWidth={1.5} />
          <Line x1={left} x2={left} y1={10} y2={bottom} stroke={roles.text} strokeWidth={1.5} />
          {y.ticks(3).map((value) => (
            <ChartText key={value} x={left - 6} y={y(value) + 4} anchor="end" says={told(value)} />
          ))}
          <Line
            x1={left}
            x2={right}
            y1={y(clearBelow)}
            y2={y(clearBelow)}
            stroke={roles.stop}
            strokeWidth={1.5}
            strokeDasharray="5 4"
          />
          <ChartText x={right} y={y(clearBelow) - 4} anchor="end" says="act above" fill={roles.stop} />
          {applied.map(({ on }, at) => (
            <Path
              key={`${on}-${at}`}
              d={`M${xOf({ on })} ${bottom + 2} l-5 9 h10Z`}
              fill={roles.act}
              stroke={roles.text}
              strokeWidth={1}
            />
          ))}
          {spaced([...new Set(counts.map(({ on }) => on))], (on) => xOf({ on }), 44).map((on) => (
            <ChartText key={on} x={xOf({ on })} y={bottom + 28} anchor="middle" says={shortDay(on)} />
          ))}
          {treated.map((look) => (
            <G key={look.id}>
              {look.counts.map((value, leaf) => (
                <Circle
                  key={leaf}
                  cx={xOf(look) + ((leaf % abreast) - 2) * 3}
                  cy={y(value)}
                  r={2.6}
                  fill="none"
                  stroke={roles.softText}
                  strokeWidth={1.1}
                />
              ))}
            </G>
          ))}
          <Path d={means(leftAlone) ?? ''} stroke={roles.softText} strokeWidth={2} strokeDasharray="2 4" fill="none" />
          {leftAlone.map((look) => (
            <Rect
              key={look.id}
              x={xOf(look) - 5}
              y={y(look.mean) - 5}
              width={10}
              height={10}
              fill={roles.ground}
              stroke={roles.softText}
              strokeWidth={2}
            />
          ))}
          <Path d={means(treated) ?? ''} stroke={roles.act} strokeWidth={3} fill="none" />
          {treated.map((look) => (
            <G key={look.id}>
              <Line
                x1={xOf(look)}
                x2={xOf(look)}
                y1={y(look.low)}
                y2={y(look.high)}
                stroke={roles.text}
                strokeWidth={2.5}
              />
              <Circle cx={xOf(look)} cy={y(look.mean)} r={6} fill={roles.act} stroke={roles.ground} strokeWidth={2} />
            </G>
          ))}
        </Svg>
      </View>
      <Small>{`Rings: single counts. Bar: where the true mean lies, nine times in ten.${applied.length > 0 ? ' Blade under the line: put on.' : ''}${leftAlone.length > 0 ? ' Squares: left as they are.' : ''}`}</Small>
    </View>
  );
}
