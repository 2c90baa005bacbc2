import type { MixPart, Worked } from '@trowel/core/contract';
import { useState } from 'react';
import { View } from 'react-native';
import { Jug, Spoons } from '@/drawing/Amounts';
import { CurveChart } from '@/drawing/CurveChart';
import { fonts, space } from '@/theme/theme';
import { Row, Sheet } from '@/ui/layout';
import { Body, Small } from '@/ui/text';
import { Toggle } from '@/ui/Toggle';
import { gradeSays } from '@/wording/remedies';
import { StepByStep } from './StepByStep';

/** What a tool found: the main figures large, spoons and jug, what to do, what to mind, and the working a tap away. */
export function WorkedView({ answer }: { answer: Worked }) {
  const [open, setOpen] = useState(false);
  const main = answer.results.filter((row) => row.main);
  const rest = answer.results.filter((row) => !row.main);
  const total = (answer.water?.ml ?? 0) + answer.parts.reduce((sum, { ml }) => sum + ml, 0);
  return (
    <View style={{ gap: space.m, marginTop: space.s }} aria-live="polite">
      <Row wrap gap={space.l} style={{ alignItems: 'flex-end' }}>
        {main.map((row) => (
          <View key={row.id}>
            <Body strong style={{ fontFamily: fonts.heading, fontSize: 30, lineHeight: 38 }}>
              {row.says}
            </Body>
            <Small strong>{row.label}</Small>
          </View>
        ))}
      </Row>
      {answer.parts.length > 0 && (
        <Row gap={space.l} wrap style={{ alignItems: 'flex-end' }}>
          {answer.water && <Jug share={answer.water.ml / Math.max(total, 1)} says={answer.water.says} />}
          {answer.parts.map((part) => (
            <Part key={part.ingredient} part={part} />
          ))}
        </Row>
      )}
      <View>
        {rest.map((row) => (
          <Row key={row.id} style={{ justifyContent: 'space-between', alignItems: 'baseline' }}>
            <Small style={{ flexShrink: 1 }}>{row.label}</Small>
            <Body strong>{row.says}</Body>
          </Row>
        ))}
      </View>
      {answer.curve && <CurveChart curve={answer.curve} />}
      {answer.cautions.map(({ rule, level, says, instead }) => (
        <Sheet key={rule} tone={level === 'note' ? 'deep' : 'stop'}>
          <Body strong={level !== 'note'}>{`${says} ${instead ?? ''}`.trim()}</Body>
        </Sheet>
      ))}
      {answer.order.length > 0 && <StepByStep steps={answer.order} />}
      {answer.honest && (
        <Small strong>{`${answer.honest}${answer.grade ? ` (${gradeSays(answer.grade)})` : ''}`}</Small>
      )}
      <Row>
        <Toggle expanded={open} onPress={() => setOpen(!open)}>
          {open ? 'Close the working' : 'How it was worked out'}
        </Toggle>
      </Row>
      {open && answer.working.map(({ id, what, how, value }) => <Body key={id}>{`${what}: ${how} = ${value}`}</Body>)}
    </View>
  );
}

/** One thing to measure, with what rounding it to spoons costs. */
export function Part({ part }: { part: MixPart }) {
  const off = Math.abs(part.errorPercent);
  return (
    <View style={{ gap: 4, flexShrink: 1 }}>
      <Spoons pieces={part.pieces} says={`${part.spoons} of ${part.name}`} />
      <Body strong>{part.name}</Body>
      <Small>{`${part.approximate ? `${part.amount}, by spoon only about` : part.amount}${off >= 1 ? ` · spoons are ${off} % ${part.errorPercent > 0 ? 'over' : 'under'}` : ''}`}</Small>
      {part.surer !== undefined && <Small strong>{part.surer}</Small>}
    </View>
  );
}
