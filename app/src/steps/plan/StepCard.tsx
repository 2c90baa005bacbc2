import type { StepView } from '@trowel/core/contract';
import { capital, dayWords, hourWords, sentence } from '@trowel/core/wording/everyday';
import { Link } from 'expo-router';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { useAct } from '@/api/queries';
import { Tag } from '@/drawing/Tag';
import { space, useRoles } from '@/theme/theme';
import { Row } from '@/ui/layout';
import { useNotice } from '@/ui/notice';
import { Body, Small } from '@/ui/text';
import { ReadFirst } from '@/ui/ReadFirst';
import { TickBox } from '@/ui/TickBox';

/** One step of a remedy: tick it with a thumb; why it is and why then stand below. */
export function StepCard({ step, today, withCase = false }: { step: StepView; today: string; withCase?: boolean }) {
  const roles = useRoles();
  const { tick, untick, busy } = useTick(step);
  const mustRead = step.cautions.some(({ level }) => level !== 'note');
  const [reading, setReading] = useState(false);
  const isDone = step.state === 'done' || step.state === 'skipped';
  const ground = isDone ? roles.goodGround : step.waits || step.state === 'unplaced' ? roles.deep : roles.raised;
  return (
    <View
      style={{
        backgroundColor: ground,
        borderColor: roles.line,
        borderWidth: 1,
        borderRadius: 6,
        flexDirection: 'row',
      }}
    >
      <Pressable
        role="checkbox"
        aria-checked={step.state === 'done'}
        aria-label={`${step.does}, ${step.caseName}`}
        disabled={busy}
        onPress={isDone ? untick : mustRead ? () => setReading(!reading) : () => tick([])}
        style={{ width: 60, alignItems: 'center', justifyContent: 'center', minHeight: 64 }}
      >
        <TickBox state={step.state === 'done' || step.state === 'skipped' ? step.state : 'open'} />
      </Pressable>
      <View style={{ flex: 1, paddingVertical: space.s + 2, paddingRight: space.m, gap: 2 }}>
        <Body strong>{step.does}</Body>
        {withCase && (
          <Link href={`/cases/${step.caseId}?part=${step.counts && step.phase === 'look' ? 'look' : 'do'}`}>
            <Row gap={6}>
              <Tag pattern={step.pattern} width={34} />
              <Small style={{ textDecorationLine: 'underline' }}>{`${step.caseName} · ${step.bedName}`}</Small>
            </Row>
          </Link>
        )}
        <Small strong style={{ color: roles.text }}>
          {whenWords(step, today)}
        </Small>
        {step.carry && !isDone && <Small>{`Carry: ${step.carry}.`}</Small>}
        <Small>{sentence(capital(step.why))}</Small>
        {step.whyThen !== '' && !isDone && <Small>{step.whyThen}</Small>}
        {reading && !isDone && (
          <ReadFirst
            cautions={step.cautions}
            done={(rules) => {
              setReading(false);
              tick(rules);
            }}
          />
        )}
      </View>
    </View>
  );
}

function whenWords({ state, date, hour, waits, minutes }: StepView, today: string): string {
  if (state === 'done') return `Done ${dayWords(date ?? today, today)}`;
  if (state === 'skipped') return `Left out ${dayWords(date ?? today, today)}`;
  if (state === 'unplaced' || date === null) return 'No day yet';
  if (waits) return `${waits} · ${minutes} min`;
  return `${capital(dayWords(date, today))}${hour === null ? '' : `, about ${hourWords(hour)}`} · ${minutes} min`;
}

function useTick(step: StepView) {
  const recordStep = useAct('recordStep');
  const tell = useNotice();
  const send = (outcome: 'done' | 'undone', says: string, undo?: () => void, acknowledged: readonly string[] = []) =>
    recordStep.mutate(
      { body: { treatmentId: step.treatmentId, step: step.step, outcome, acknowledged: [...acknowledged] } },
      { onSuccess: () => tell({ says, ...(undo ? { undo } : {}) }), onError: (error) => tell({ says: error.message }) },
    );
  const untick = () => send('undone', `Not done after all: ${step.does}`);
  return {
    tick: (acknowledged: readonly string[]) => send('done', `Done: ${step.does}`, untick, acknowledged),
    untick,
    busy: recordStep.isPending,
  };
}
