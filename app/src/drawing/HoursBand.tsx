import type { SkyDay, StepView } from '@trowel/core/contract';
import { weekdayOf } from '@trowel/core/wording';
import { ScrollView, View } from 'react-native';
import Svg, { Circle, G, Line, Path, Rect, Text } from 'react-native-svg';
import { useRoles } from '@/theme/theme';
import { Small } from '@/ui/text';
import { Row } from '@/ui/layout';

const dayWidth = 96;
const hourWidth = dayWidth / 24;
const height = 92;

/**
 * The hours band: the coming days as light, rain, wind and heat, with a peg at the hour of each
 * step. A summary in words stands beside it for those who cannot see it.
 */
export function HoursBand({
  sky,
  steps,
  hourNow,
}: {
  sky: readonly SkyDay[];
  steps: readonly StepView[];
  hourNow: number;
}) {
  const roles = useRoles();
  return (
    <View>
      <ScrollView
        horizontal
        showsHorizontalScrollIndicator={false}
        tabIndex={0}
        aria-label="Weather of the coming days, hour by hour"
      >
        <View role="img" aria-label={sky.map((day) => daySummary(day)).join(' ')}>
          <Svg
            width={sky.length * dayWidth}
            height={height}
            viewBox={`0 0 ${sky.length * dayWidth} ${height}`}
            aria-hidden
          >
            {sky.map((day, at) => (
              <G key={day.date} x={at * dayWidth}>
                <DayColumn day={day} />
              </G>
            ))}
            {steps.map((step) => {
              const at = sky.findIndex(({ date }) => date === step.date);
              if (at < 0 || step.hour === null) return null;
              const x = at * dayWidth + step.hour * hourWidth;
              return (
                <G key={`${step.treatmentId}${step.step}`}>
                  <Line x1={x} x2={x} y1={18} y2={74} stroke={roles.stop} strokeWidth={2} />
                  {step.phase === 'apply' ? (
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
        <Small>▼ now</Small>
        <Small>■ do</Small>
        <Small>○ look or prepare</Small>
        <Small>bars: rain</Small>
        <Small>line: wind</Small>
      </Row>
    </View>
  );
}

function DayColumn({ day }: { day: SkyDay }) {
  const roles = useRoles();
  const wind = day.hours
    .map(({ wind: speed }, hour) => `${hour === 0 ? 'M' : 'L'}${(hour + 0.5) * hourWidth} ${72 - Math.min(40, speed)}`)
    .join(' ');
  const warmest = Math.round(Math.max(...day.hours.map(({ temperature }) => temperature)));
  return (
    <G>
      <Rect x={0} y={0} width={dayWidth} height={74} fill={roles.coolGround} />
      <Rect
        x={day.rise * hourWidth}
        y={0}
        width={Math.max(0, day.set - day.rise) * hourWidth}
        height={74}
        fill={roles.warnGround}
      />
      {day.hours.map(({ rain, cloud }, hour) => (
        <G key={hour}>
          <Rect x={hour * hourWidth} y={0} width={hourWidth} height={8} fill={roles.cool} opacity={cloud * 0.7} />
          {rain > 0 && (
            <Rect
              x={hour * hourWidth + 0.5}
              y={72 - Math.min(40, 6 + rain * 8)}
              width={hourWidth - 1}
              height={Math.min(40, 6 + rain * 8)}
              fill={roles.cool}
            />
          )}
        </G>
      ))}
      <Path d={wind} fill="none" stroke={roles.text} strokeWidth={1.3} />
      <Line x1={0} x2={0} y1={0} y2={height} stroke={roles.line} strokeWidth={1} />
      <Text x={5} y={88} fontSize={12.5} fill={roles.text} fontFamily="Atkinson, sans-serif" fontWeight="700">
        {`${weekdayOf(day.date).slice(0, 3)} ${Number(day.date.slice(8))}`}
      </Text>
      <Text
        x={dayWidth - 5}
        y={88}
        fontSize={12.5}
        fill={roles.softText}
        textAnchor="end"
        fontFamily="Atkinson, sans-serif"
      >
        {`${warmest}°`}
      </Text>
    </G>
  );
}

function daySummary({ date, hours }: SkyDay): string {
  const wet = hours.filter(({ rain }) => rain > 0).length;
  const windiest = Math.max(...hours.map(({ wind }) => wind));
  const warmest = Math.round(Math.max(...hours.map(({ temperature }) => temperature)));
  return `${weekdayOf(date)}: ${wet === 0 ? 'dry' : `rain in ${wet} hours`}, wind to ${windiest} km/h, up to ${warmest} degrees.`;
}
