import type { SensorHourView } from '@trowel/core/contract';
import type { MeasureSystem } from '@trowel/core/quantities';
import { dayLabel, degreesWords } from '@trowel/core/wording/everyday';
import { scaleLinear } from 'd3-scale';
import { line } from 'd3-shape';
import { View } from 'react-native';
import Svg, { G, Line, Path, Rect } from 'react-native-svg';
import { useRoles } from '@/theme/theme';
import { Row } from '@/ui/layout';
import { Small } from '@/ui/text';
import { ChartText } from './ChartText';

const [width, height] = [340, 190];
const [left, right] = [34, 306];
/** Moisture above, warmth below. */
const wet = { top: 14, bottom: 84 } as const;
const warm = { top: 100, bottom: 162 } as const;

/** A week of one sensor: how moist the soil is with the rain that fell, and how warm soil and air are. */
export function SensorChart({
  hours,
  today,
  system,
}: {
  hours: readonly SensorHourView[];
  today: string;
  system: MeasureSystem;
}) {
  const roles = useRoles();
  const dates = [...new Set(hours.map(({ date }) => date))];
  const place = (hour: SensorHourView): number => dates.indexOf(hour.date) * 24 + hour.hour;
  const x = scaleLinear([0, Math.max(24, dates.length * 24)], [left, right]);
  const moist = scaleLinear([0, 100], [wet.bottom, wet.top]);
  const felt = hours.flatMap(({ soil, air }) => [soil ?? [], air ?? []].flat());
  const degrees = scaleLinear([Math.min(...felt, 20), Math.max(...felt, 10)], [warm.bottom, warm.top]).nice(3);
  const rain = scaleLinear([0, 4], [0, 24]).clamp(true);
  const lineOf = (of: (hour: SensorHourView) => number | null, to: (value: number) => number) =>
    line<SensorHourView>()
      .defined((hour) => of(hour) !== null)
      .x((hour) => x(place(hour)))
      .y((hour) => to(of(hour) ?? 0))([...hours]) ?? '';
  const ends = (of: (hour: SensorHourView) => number | null) => {
    const values = hours.flatMap((hour) => of(hour) ?? []);
    return values.length === 0 ? undefined : ([Math.min(...values), Math.max(...values)] as const);
  };
  const moisture = ends(({ moisture: one }) => one);
  const soil = ends(({ soil: one }) => one);
  return (
    <View>
      <View
        role="img"
        aria-label={`${dates.length} days. ${moisture ? `Moisture from ${moisture[0]} to ${moisture[1]} %. ` : ''}${soil ? `Soil from ${degreesWords(soil[0], system)} to ${degreesWords(soil[1], system)}.` : ''}`}
      >
        <Svg width="100%" height={height} viewBox={`0 0 ${width} ${height}`} aria-hidden>
          <Rect x={left} y={moist(100)} width={right - left} height={moist(55) - moist(100)} fill={roles.coolGround} />
          <Rect x={left} y={moist(25)} width={right - left} height={moist(0) - moist(25)} fill={roles.warnGround} />
          {dates.map((date, at) => (
            <G key={date}>
              <Line x1={x(at * 24)} x2={x(at * 24)} y1={wet.top} y2={warm.bottom} stroke={roles.line} strokeWidth={1} />
              <ChartText
                x={x(at * 24 + 12)}
                y={height - 8}
                anchor="middle"
                says={dayLabel(date)}
                strong={date === today}
              />
            </G>
          ))}
          {hours.map((hour) =>
            hour.rain ? (
              <Rect
                key={`${hour.date}${hour.hour}`}
                x={x(place(hour))}
                y={wet.bottom - rain(hour.rain)}
                width={2}
                height={rain(hour.rain)}
                fill={roles.cool}
              />
            ) : null,
          )}
          <Path d={lineOf(({ moisture: one }) => one, moist)} fill="none" stroke={roles.cool} strokeWidth={2.5} />
          <Path d={lineOf(({ air }) => air, degrees)} fill="none" stroke={roles.warn} strokeWidth={1} />
          <Path d={lineOf(({ soil: one }) => one, degrees)} fill="none" stroke={roles.text} strokeWidth={2.5} />
          {[25, 55, 100].map((percent) => (
            <ChartText key={percent} x={left - 4} y={moist(percent) + 4} anchor="end" says={`${percent}`} />
          ))}
          {degrees.ticks(3).map((value) => (
            <ChartText
              key={value}
              x={left - 4}
              y={degrees(value) + 4}
              anchor="end"
              says={degreesWords(value, system)}
            />
          ))}
          <ChartText x={right + 4} y={wet.top + 12} anchor="start" says="wet" fill={roles.softText} />
          <ChartText x={right + 4} y={wet.bottom - 2} anchor="start" says="dry" fill={roles.softText} />
        </Svg>
      </View>
      <Row gap={12} wrap>
        <Small>above: moisture, bars: rain</Small>
        <Small>below: soil thick, air thin</Small>
      </Row>
    </View>
  );
}
