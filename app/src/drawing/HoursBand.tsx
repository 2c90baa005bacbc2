import type { SkyDay, StepView } from '@trowel/core/contract';
import type { MeasureSystem } from '@trowel/core/quantities';
import { capital, dayLabel, dayWeatherWords, dayWords, degreesWords, warmestOf } from '@trowel/core/wording/everyday';
import { spellsWords } from '@trowel/core/wording';
import { scaleLinear } from 'd3-scale';
import { line } from 'd3-shape';
import { useState } from 'react';
import { ScrollView, View } from 'react-native';
import Svg, { Circle, G, Line, Path, Rect } from 'react-native-svg';
import { useMeasures } from '@/api/measures';
import { useSlots } from '@/api/queries';
import { space, useRoles } from '@/theme/theme';
import { Small } from '@/ui/text';
import { Row } from '@/ui/layout';
import { Toggle } from '@/ui/Toggle';
import { bandHeight } from './band-height';
import { ChartText } from './ChartText';

const dayWidth = 96;
const hourWidth = dayWidth / 24;

/**
 * The hours band: the coming days as light, rain, wind and heat, with a peg at the hour of each
 * step. A summary in words stands beside it for those who cannot see it.
 */
export function HoursBand({
  sky,
  steps,
  hourNow,
  today,
}: {
  sky: readonly SkyDay[];
  steps: readonly StepView[];
  hourNow: number;
  today: string;
}) {
  const roles = useRoles();
  const system = useMeasures();
  const [isOpen, setOpen] = useState(false);
  const [asked, setAsked] = useState<string>();
  const shown = steps.filter(({ state, date }) => state === 'planned' && sky.some((day) => day.date === date));
  const step = shown.find((one) => keyOf(one) === asked);
  const slots = useSlots(step).data;
  const spells = (step && slots?.days) ?? [];
  const height = bandHeight + (step ? whyHeight : 0);
  const day = spells.find(({ date }) => date === step?.date);
  return (
    <View style={{ gap: space.s }}>
      <ScrollView
        horizontal
        showsHorizontalScrollIndicator={false}
        tabIndex={0}
        aria-label="Weather of the coming days, hour by hour"
      >
        <View role="img" aria-label={sky.map((day) => dayWeatherWords(day, system)).join(' ')}>
          <Svg
            width={sky.length * dayWidth}
            height={height}
            viewBox={`0 0 ${sky.length * dayWidth} ${height}`}
            aria-hidden
          >
            {sky.map((day, at) => (
              <G key={day.date} x={at * dayWidth}>
                <DayColumn day={day} system={system} />
              </G>
            ))}
            {sky.flatMap(({ date }, at) =>
              (spells.find((one) => one.date === date)?.spells ?? []).map(({ from, to, against }) => (
                <Rect
                  key={`${date}${from}`}
                  x={at * dayWidth + hours(from)}
                  y={against === null ? bandHeight : bandHeight + 5}
                  width={hours(to) - hours(from)}
                  height={against === null ? whyHeight : whyHeight - 10}
                  fill={against === null ? roles.good : roles.line}
                />
              )),
            )}
            {steps.map((one) => {
              const at = sky.findIndex(({ date }) => date === one.date);
              if (at < 0 || one.hour === null) return null;
              const x = at * dayWidth + one.hour * hourWidth;
              return (
                <G key={keyOf(one)}>
                  <Line x1={x} x2={x} y1={18} y2={74} stroke={roles.stop} strokeWidth={2} />
                  {one.phase === 'apply' ? (
                    <Rect x={x - 5} y={13} width={10} height={10} fill={roles.stop} />
                  ) : (
                    <Circle cx={x} cy={18} r={5} fill={roles.raised} stroke={roles.stop} strokeWidth={2} />
                  )}
                </G>
              );
            })}
            <Path d={`M${hourNow * hourWidth} 74 l-5 8 h10Z`} fill={roles.text} />
          </Svg>
        </View>
      </ScrollView>
      <Row gap={12} wrap>
        <Small>▲ now</Small>
        <Small>■ do</Small>
        <Small>○ look or prepare</Small>
        <Small>bars: rain</Small>
        <Small>line: wind</Small>
        {step && <Small>■ below: hours that suit it</Small>}
      </Row>
      {shown.length > 0 && (
        <>
          <Row>
            <Toggle expanded={isOpen} onPress={() => (setOpen(!isOpen), setAsked(undefined))}>
              Why at that hour?
            </Toggle>
          </Row>
          {isOpen && (
            <Row wrap>
              {shown.slice(0, mostAsked).map((one) => (
                <Toggle
                  key={keyOf(one)}
                  pressed={keyOf(one) === asked}
                  onPress={() => setAsked(keyOf(one) === asked ? undefined : keyOf(one))}
                >
                  {one.remedyName === one.caseName
                    ? one.does
                    : `${one.remedyName}: ${one.phase === 'look' ? 'look' : one.does}`}
                </Toggle>
              ))}
            </Row>
          )}
        </>
      )}
      {step && day && (
        <View role="status">
          <Small>{`${capital(dayWords(day.date, today))}: ${spellsWords(day.spells)}`}</Small>
        </View>
      )}
    </View>
  );
}

const keyOf = ({ jobId, step }: StepView): string => `${jobId}:${step}`;
/** The strip that tells good hours from bad ones. */
const whyHeight = 18;
/** Steps of which one can ask at once. */
const mostAsked = 6;

const barMost = 40;
/** mm of rain in an hour and km/h of wind at which bar and line reach their top. */
const rain = scaleLinear([0, 4], [6, barMost]).clamp(true);
const wind = scaleLinear([0, 40], [72, 72 - barMost]).clamp(true);
const hours = scaleLinear([0, 24], [0, dayWidth]);
type HourWeather = SkyDay['hours'][number];
const windLine = line<HourWeather>()
  .x((_, hour) => hours(hour + 0.5))
  .y(({ wind: speed }) => wind(speed));

function DayColumn({ day, system }: { day: SkyDay; system: MeasureSystem }) {
  const roles = useRoles();
  return (
    <G>
      <Rect x={0} y={0} width={dayWidth} height={74} fill={roles.coolGround} />
      <Rect
        x={hours(day.rise)}
        y={0}
        width={Math.max(0, hours(day.set) - hours(day.rise))}
        height={74}
        fill={roles.warnGround}
      />
      {day.hours.map((weather, hour) => (
        <G key={hour}>
          <Rect x={hours(hour)} y={0} width={hourWidth} height={8} fill={roles.cool} opacity={weather.cloud * 0.7} />
          {weather.rain > 0 && (
            <Rect
              x={hours(hour) + 0.5}
              y={72 - rain(weather.rain)}
              width={hourWidth - 1}
              height={rain(weather.rain)}
              fill={roles.cool}
            />
          )}
        </G>
      ))}
      <Path d={windLine(day.hours) ?? ''} fill="none" stroke={roles.text} strokeWidth={1.3} />
      <Line x1={0} x2={0} y1={0} y2={bandHeight} stroke={roles.line} strokeWidth={1} />
      <ChartText x={5} y={88} anchor="start" says={dayLabel(day.date)} strong />
      <ChartText
        x={dayWidth - 5}
        y={88}
        anchor="end"
        says={degreesWords(warmestOf(day), system)}
        fill={roles.softText}
      />
    </G>
  );
}
