import type { CalendarView, StepView } from '@trowel/core/contract';
import { addDays } from '@trowel/core/quantities';
import { dayAndMonth, hourWords, weekdayOf } from '@trowel/core/wording/everyday';
import { View } from 'react-native';
import Svg, { Rect } from 'react-native-svg';
import { Tag } from '@/drawing/Tag';
import { space, useRoles } from '@/theme/theme';
import { Row } from '@/ui/layout';
import { Body, Heading, Small } from '@/ui/text';

/** Longer ahead the weather moves it anyway. */
const daysAhead = 14;

/** What is to do from today on, to hang on the shed door: a box to tick, the hour, and whose it is. */
export function ShedDoor({ days, today }: Pick<CalendarView, 'days' | 'today'>) {
  const ahead = days
    .filter(({ date }) => date >= today && date < addDays(today, daysAhead))
    .map((day) => ({ ...day, steps: day.steps.filter(({ state }) => state === 'planned') }))
    .filter(({ steps, also, isAway }) => steps.length > 0 || also.length > 0 || isAway);
  return (
    <View style={{ gap: space.m }}>
      <Heading rank={1}>To do</Heading>
      {ahead.map((day) => (
        <View key={day.date} style={{ gap: space.xs }}>
          <Heading rank={3}>{`${weekdayOf(day.date)} ${dayAndMonth(day.date)}${day.isAway ? ', away' : ''}`}</Heading>
          {day.steps.map((step) => (
            <Line key={`${step.jobId}${step.step}${step.round}`} step={step} />
          ))}
          {day.also.map((says) => (
            <Small key={says}>{says}</Small>
          ))}
        </View>
      ))}
    </View>
  );
}

function Line({ step }: { step: StepView }) {
  const roles = useRoles();
  const whose = [...new Set([step.caseName, step.bedName, step.remedyName])].filter(
    (part) => part !== '' && part !== step.does,
  );
  return (
    <Row style={{ alignItems: 'flex-start' }}>
      <Svg width={16} height={20} viewBox="0 0 16 20" aria-hidden>
        <Rect x={1} y={4} width={14} height={14} fill="none" stroke={roles.text} strokeWidth={1.5} />
      </Svg>
      <Tag pattern={step.pattern} width={34} />
      <View style={{ flex: 1, minWidth: 0 }}>
        <Body strong>{`${step.hour === null ? '' : `${hourWords(step.hour)}  `}${step.does}`}</Body>
        {whose.length > 0 && <Small>{whose.join(' · ')}</Small>}
        {step.carry !== null && <Small>{step.carry}</Small>}
      </View>
    </Row>
  );
}
