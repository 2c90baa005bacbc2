import type { WeatherView } from '@trowel/core/contract';
import { celsius, inWords, millimetres, type MeasureSystem } from '@trowel/core/quantities';
import { skySourceWords } from '@trowel/core/wording';
import { dayLabel, dayWords, degreesWords } from '@trowel/core/wording/everyday';
import { scaleLinear } from 'd3-scale';
import { line } from 'd3-shape';
import { useEffect, useRef } from 'react';
import { ScrollView, View } from 'react-native';
import Svg, { G, Line, Path, Rect } from 'react-native-svg';
import { useMeasures } from '@/api/measures';
import { useRoles } from '@/theme/theme';
import { Row } from '@/ui/layout';
import { Small } from '@/ui/text';
import { ChartText } from './ChartText';

type Day = WeatherView['days'][number];

const dayWidth = 58;
const [top, bottom, height] = [52, 124, 164];
const rainTop = 26;

/** One day as a screen reader has it. */
const dayInWords = ({ date, low, high, rain, soil, source }: Day, today: string, system: MeasureSystem): string =>
  [
    `${dayWords(date, today)}: ${inWords(celsius(Math.round(low), Math.round(high)), system)}`,
    rain === 0 ? 'dry' : `${inWords(millimetres(rain), system)} of rain`,
    ...(soil === null ? [] : [`soil ${inWords(celsius(Math.round(soil)), system)}`]),
    skySourceWords[source],
  ].join(', ');

/** Days that are over and days to come: warmth as a bar from night to noon, the soil as a line, rain from above. */
export function SkyChart({ days, today }: { days: readonly Day[]; today: string }) {
  const roles = useRoles();
  const system = useMeasures();
  const scroll = useRef<ScrollView>(null);
  const now = days.findIndex(({ date }) => date === today);
  useEffect(() => {
    scroll.current?.scrollTo({ x: Math.max(0, (now - 2) * dayWidth), animated: false });
  }, [now]);
  const y = scaleLinear(
    [
      Math.min(...days.map(({ low, soil }) => Math.min(low, soil ?? low))),
      Math.max(...days.map(({ high, soil }) => Math.max(high, soil ?? high))) + 1,
    ],
    [bottom, top],
  );
  const fall = scaleLinear([0, 20], [0, rainTop]).clamp(true);
  const middle = (at: number) => (at + 0.5) * dayWidth;
  const soil = line<{ day: Day; at: number }>()
    .defined(({ day }) => day.soil !== null)
    .x(({ at }) => middle(at))
    .y(({ day }) => y(day.soil ?? 0));
  return (
    <View style={{ gap: 4 }}>
      <ScrollView
        ref={scroll}
        horizontal
        showsHorizontalScrollIndicator={false}
        tabIndex={0}
        aria-label="Weather, day by day"
      >
        <View role="img" aria-label={days.map((day) => dayInWords(day, today, system)).join('; ')}>
          <Svg
            width={days.length * dayWidth}
            height={height}
            viewBox={`0 0 ${days.length * dayWidth} ${height}`}
            aria-hidden
          >
            {now >= 0 && <Rect x={now * dayWidth} y={0} width={dayWidth} height={height} fill={roles.warnGround} />}
            {days.map((day, at) => (
              <G key={day.date}>
                <Rect
                  x={middle(at) - 9}
                  y={y(day.high)}
                  width={18}
                  height={Math.max(2, y(day.low) - y(day.high))}
                  rx={3}
                  opacity={0.35 + 0.65 * day.sureness}
                  fill={day.source === 'stand-in' ? roles.warn : roles.act}
                />
                {day.rain > 0 && (
                  <Path
                    d={`M${middle(at) - 5} 0 v${fall(day.rain)} l5 7 l5 -7 V0 Z`}
                    fill={roles.cool}
                    opacity={0.35 + 0.65 * day.sureness}
                    stroke={roles.raised}
                    strokeWidth={1}
                  />
                )}
                <ChartText
                  x={middle(at)}
                  y={y(day.high) - 4}
                  anchor="middle"
                  says={degreesWords(Math.round(day.high), system)}
                />
                <ChartText
                  x={middle(at)}
                  y={y(day.low) + 13}
                  anchor="middle"
                  says={degreesWords(Math.round(day.low), system)}
                  fill={roles.softText}
                />
              </G>
            ))}
            <Path
              d={soil(days.map((day, at) => ({ day, at }))) ?? ''}
              fill="none"
              stroke={roles.text}
              strokeWidth={2}
              strokeDasharray="2 3"
            />
            <Line
              x1={0}
              x2={days.length * dayWidth}
              y1={bottom + 18}
              y2={bottom + 18}
              stroke={roles.line}
              strokeWidth={1}
            />
            {days.map((day, at) => (
              <ChartText
                key={day.date}
                x={middle(at)}
                y={height - 6}
                anchor="middle"
                says={dayLabel(day.date)}
                strong={day.date === today}
              />
            ))}
          </Svg>
        </View>
      </ScrollView>
      <Row gap={12} wrap>
        <Small>bar: night to noon</Small>
        <Small>dotted: soil</Small>
        <Small>drop: rain</Small>
      </Row>
    </View>
  );
}
