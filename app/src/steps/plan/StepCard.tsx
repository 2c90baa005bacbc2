import type { StepView } from '@trowel/core/contract';
import type { SkipReason } from '@trowel/core/tables';
import { capital, dayWords, hourWords, sentence } from '@trowel/core/wording/everyday';
import type { Href } from 'expo-router';
import { useContext, useState } from 'react';
import { View } from 'react-native';
import { useAct } from '@/api/queries';
import { useReach, useWaiting } from '@/api/waiting';
import { Tag } from '@/drawing/Tag';
import { space, useRoles } from '@/theme/theme';
import { Button } from '@/ui/Button';
import { useFetchedWorkshop, WithWorkshop } from '@/ui/FromWorkshop';
import { Row } from '@/ui/layout';
import { useNotice } from '@/ui/notice';
import { Body, Small } from '@/ui/text';
import { TextLink } from '@/ui/TextLink';
import { ReadFirst } from '@/ui/ReadFirst';
import { TickBox } from '@/ui/TickBox';
import { Tickable } from '@/ui/Tickable';
import { CountsBeside } from './counts-beside';

type Asks = NonNullable<StepView['asks']>;
type Result = Asks['results'][number]['id'];

/** One step of a job: tick it with a thumb, say what was found where it asks; why it is and why then stand below. */
export function StepCard({
  step: given,
  today,
  withCase = false,
}: {
  step: StepView;
  today: string;
  withCase?: boolean;
}) {
  const waits = useWaitingTick(given);
  const step = waits ? { ...given, ...waits } : given;
  const roles = useRoles();
  const { tick, answer, leaveOut, untick, busy } = useTick(step);
  const mustRead = step.cautions.some(({ level }) => level !== 'note');
  const [open, setOpen] = useState(false);
  const [leaving, setLeaving] = useState(false);
  const LeaveOut = useFetchedWorkshop(leaving)?.LeaveOut;
  const isDone = step.state === 'done' || step.state === 'skipped';
  const isOver = isDone || step.state === 'passed';
  const ground = isOver ? roles.goodGround : step.waits || step.state === 'unplaced' ? roles.deep : roles.raised;
  // What asks for an answer can be left out beside its answers.
  const canLeave = step.state === 'planned' && !waits && !step.asks && step.date !== null && step.date <= today;
  const press = isDone ? untick : mustRead || step.asks ? () => setOpen(!open) : () => tick([]);
  return (
    <View
      style={{
        backgroundColor: ground,
        borderColor: roles.line,
        borderWidth: 1,
        borderRadius: 6,
      }}
    >
      <View style={{ flexDirection: 'row' }}>
        <Tickable
          isTicked={step.state === 'done'}
          says={`${step.does}, ${step.caseName}`}
          disabled={busy || step.state === 'passed'}
          tick={press}
          style={{ width: 60, alignItems: 'center', justifyContent: 'center', minHeight: 64 }}
        >
          <TickBox state={isDone ? (step.state === 'done' ? 'done' : 'skipped') : isOver ? 'skipped' : 'open'} />
        </Tickable>
        <View style={{ flex: 1, paddingVertical: space.s + 2, paddingRight: space.m, gap: 2 }}>
          <Body strong>{step.does}</Body>
          {withCase && (
            <TextLink
              href={pageOf(step)}
              before={<Tag pattern={step.pattern} width={34} />}
            >{`${step.caseName}${step.bedName === '' ? '' : ` · ${step.bedName}`}`}</TextLink>
          )}
          <Small strong style={{ color: roles.text }}>
            {waits ? 'Noted here, and waits to be sent' : whenWords(step, today)}
          </Small>
          {step.found !== null && <Small strong>{sentence(capital(step.found))}</Small>}
          {step.carry && !isOver && <Small>{`Carry: ${step.carry}.`}</Small>}
          {!isOver && <Small>{sentence(capital(step.why))}</Small>}
          {step.whyThen !== '' && !isOver && <Small>{step.whyThen}</Small>}
        </View>
      </View>
      {canLeave && (
        <View style={{ paddingLeft: 60, paddingRight: space.m, paddingBottom: space.s }}>
          {leaving && LeaveOut ? (
            <LeaveOut does={step.does} leaveOut={leaveOut} />
          ) : (
            <Row>
              <Button
                accessibilityLabel={`Leave it out: ${step.does}, ${step.caseName}`}
                disabled={busy}
                onPress={() => setLeaving(true)}
              >
                Leave it out
              </Button>
            </Row>
          )}
        </View>
      )}
      {step.couldGive.length > 0 && <Gives step={step} />}
      {open && !isOver && (
        <View style={{ gap: space.s, padding: space.s, paddingTop: 0 }}>
          {step.asks ? (
            <Answer step={step} asks={step.asks} answer={answer} leaveOut={leaveOut} close={() => setOpen(false)} />
          ) : (
            <ReadFirst
              cautions={step.cautions}
              done={(rules) => {
                setOpen(false);
                tick(rules);
              }}
            />
          )}
        </View>
      )}
    </View>
  );
}

/** What could give where no day fits it; nothing moves while that is fetched. */
function Gives({ step }: { step: StepView }) {
  const CouldGive = useFetchedWorkshop(true)?.CouldGive;
  return CouldGive ? <CouldGive step={step} /> : null;
}

/** Where a step belongs: its case, or the page of its job. */
export const pageOf = ({ caseId, jobId, phase }: StepView): Href =>
  caseId === null ? `/jobs/${jobId}` : `/cases/${caseId}?part=${phase === 'look' ? 'look' : 'do'}`;

/** What a step asks for: the count itself, or what was seen; or that it could not be done. */
function Answer({
  step,
  asks,
  answer,
  leaveOut,
  close,
}: {
  step: StepView;
  asks: Asks;
  answer: (result: Result) => void;
  leaveOut: () => void;
  close: () => void;
}) {
  const isBeside = useContext(CountsBeside);
  return (
    <View style={{ gap: space.s }}>
      {asks.for === 'count' && isBeside && <Small>Count beside this, under Look.</Small>}
      {asks.for === 'count' && !isBeside && (
        <WithWorkshop>
          {({ Counter }) => (
            <Counter
              jobId={step.jobId}
              step={step.step}
              kind={asks.when}
              ways={asks.ways}
              each={asks.each}
              done={close}
            />
          )}
        </WithWorkshop>
      )}
      <Row wrap>
        {asks.results.map(({ id, label }) => (
          <Button key={id} kind="other" onPress={() => answer(id)}>
            {label}
          </Button>
        ))}
        <Button onPress={() => leaveOut()}>Leave it out</Button>
      </Row>
    </View>
  );
}

function whenWords({ state, date, hour, waits, minutes }: StepView, today: string): string {
  if (state === 'done') return `Done ${dayWords(date ?? today, today)}`;
  if (state === 'skipped') return `Left out ${dayWords(date ?? today, today)}`;
  if (state === 'passed') return 'Not done, and no longer needed';
  if (state === 'unplaced' || date === null) return 'No day yet';
  if (waits) return `${waits} · ${minutes} min`;
  return `${capital(dayWords(date, today))}${hour === null ? '' : `, about ${hourWords(hour)}`} · ${minutes} min`;
}

/** What was ticked and waits to be sent. */
function useWaitingTick({ jobId, step }: StepView): Pick<StepView, 'state'> | undefined {
  const { lost } = useReach();
  const last = useWaiting().findLast(
    ({ act, body, refused }) =>
      act === 'recordStep' && body.jobId === jobId && body.step === step && refused === undefined,
  );
  if (!last || !lost) return undefined;
  return { state: last.body.outcome === 'undone' ? 'planned' : last.body.outcome === 'skipped' ? 'skipped' : 'done' };
}

function useTick(step: StepView) {
  const recordStep = useAct('recordStep');
  const tell = useNotice();
  const send = (
    outcome: 'done' | 'skipped' | 'undone',
    says: string,
    more: {
      readonly undo?: () => void;
      readonly acknowledged?: string[];
      readonly result?: Result;
      readonly reason?: SkipReason;
    } = {},
  ) => {
    const { undo, ...body } = more;
    recordStep.mutate(
      { body: { jobId: step.jobId, step: step.step, outcome, ...body }, says },
      { onSuccess: () => tell({ says, ...(undo ? { undo } : {}) }), onError: (error) => tell({ says: error.message }) },
    );
  };
  const untick = () => send('undone', `Not done after all: ${step.does}`);
  return {
    tick: (acknowledged: readonly string[]) =>
      send('done', `Done: ${step.does}`, { undo: untick, acknowledged: [...acknowledged] }),
    answer: (result: Result) => send('done', `Noted: ${step.does}`, { undo: untick, result }),
    leaveOut: (reason?: SkipReason) =>
      send('skipped', `Left out: ${step.does}`, { undo: untick, ...(reason === undefined ? {} : { reason }) }),
    untick,
    busy: recordStep.isPending,
  };
}
