import type { FollowResponse, JobView } from '@trowel/core/contract';
import { endedWords, fewerWords } from '@trowel/core/wording';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { useAct } from '@/api/queries';
import { space } from '@/theme/theme';
import { Button } from '@/ui/Button';
import { Row, Sheet } from '@/ui/layout';
import { useNotice } from '@/ui/notice';
import { Body, Heading, Small } from '@/ui/text';
import { Toggle } from '@/ui/Toggle';
import { CloseButton } from './CloseButton';
import { GiveUp } from './GiveUp';

type Move = FollowResponse['next'][number];

const toneOf = ({ verdict }: FollowResponse) =>
  verdict === 'solved' || verdict === 'on-the-way'
    ? 'good'
    : verdict === 'worse' || verdict === 'plant-harmed'
      ? 'stop'
      : 'warn';

/** The verdict with its reason, what to do next (each one tap), and on demand how it was come by. */
export function VerdictCard({ job, follow, isOpen }: { job: JobView; follow: FollowResponse; isOpen: boolean }) {
  const [isOpened, setOpened] = useState(false);
  const { change } = follow;
  return (
    <Sheet tone={toneOf(follow)}>
      <Heading>{follow.title}</Heading>
      <Body>{follow.says}</Body>
      {change && (
        <Small>{`Change: ${fewerWords(change.reduction, job.measuredBy.unit)}; nine times in ten it lies between ${fewerWords(change.low, job.measuredBy.unit)} and ${fewerWords(change.high, job.measuredBy.unit)}.`}</Small>
      )}
      <Row>
        <Toggle expanded={isOpened} onPress={() => setOpened(!isOpened)}>
          How this was worked out
        </Toggle>
      </Row>
      {isOpened && follow.working.map((line) => <Small key={line}>{line}</Small>)}
      {isOpen && (
        <>
          <Small strong>Next</Small>
          {job.respray !== null && follow.next.some(({ kind }) => kind === 'repeat') && <Small>{job.respray}</Small>}
          {follow.next.map((move, at) => (
            <MoveLine key={move.kind} move={move} job={job} isFirst={at === 0} />
          ))}
        </>
      )}
    </Sheet>
  );
}

/** What a move says, and the tap that does it; what stands in the plan already needs none. */
function MoveLine({ move, job, isFirst }: { move: Move; job: JobView; isFirst: boolean }) {
  const kind = isFirst ? 'main' : 'other';
  return (
    <View style={{ gap: space.xs }}>
      <Body>{move.isPlanned ? `${move.says}: it stands in the plan` : move.says}</Body>
      {!move.isPlanned && <MoveButton move={move} job={job} kind={kind} />}
    </View>
  );
}

function MoveButton({ move, job, kind }: { move: Move; job: JobView; kind: 'main' | 'other' }) {
  const router = useRouter();
  const tell = useNotice();
  const takeMove = useAct('takeMove');
  const takeBackMove = useAct('takeBackMove');
  const endJob = useAct('endJob');
  const resumeJob = useAct('resumeJob');
  const toPart = (part: string) => job.caseId !== null && router.push(`/cases/${job.caseId}?part=${part}`);
  const take = (of: 'repeat' | 'step-up' | 'look-again', says: string) => (
    <Button
      kind={kind}
      disabled={takeMove.isPending}
      onPress={() =>
        takeMove.mutate(
          { id: job.id, body: { kind: of } },
          {
            onSuccess: ({ id }) =>
              tell({ says: 'It stands in the plan.', undo: () => takeBackMove.mutate({ id: String(id) }) }),
            onError: (error) => tell({ says: error.message }),
          },
        )
      }
    >
      {says}
    </Button>
  );
  const stop = (says: string, then?: () => void) => (
    <Button
      kind={kind}
      disabled={endJob.isPending}
      onPress={() =>
        endJob.mutate(
          { id: job.id },
          {
            onSuccess: ({ jobs }) => {
              tell({
                says: `${job.remedyName} has been stopped. ${endedWords(jobs)}`.trim(),
                undo: () => resumeJob.mutate({ id: job.id }),
              });
              then?.();
            },
            onError: (error) => tell({ says: error.message }),
          },
        )
      }
    >
      {says}
    </Button>
  );
  switch (move.kind) {
    case 'repeat':
      return take('repeat', 'Plan it again');
    case 'step-up':
      return take('step-up', 'Make it stronger');
    case 'look-again':
      return take('look-again', 'Plan the look');
    case 'let-be':
      return stop('Stop treating');
    case 'stop-and-rinse':
      return stop('Stop it');
    case 'next-remedy':
      return job.caseId === null ? null : stop('Stop it, choose another', () => toPart('choose'));
    case 'back-to-reading':
      return job.caseId === null ? null : (
        <Button kind={kind} onPress={() => toPart('read')}>
          Read again
        </Button>
      );
    case 'give-up':
      return <GiveUp job={job} kind={kind} />;
    case 'mend-doing':
      return <Doing job={job} kind={kind} />;
    case 'end':
      return job.caseId === null ? null : (
        <CloseButton caseId={job.caseId} outcome="solved" label="Close it as solved" />
      );
    default:
      return move.kind satisfies never;
  }
}

/** How it was done: asked, not assumed. What was missed is no fault of the remedy. */
function Doing({ job, kind }: { job: JobView; kind: 'main' | 'other' }) {
  const noteDoing = useAct('noteDoing');
  const tell = useNotice();
  const { asks, missed: known } = job.doing;
  const [isOpen, setOpen] = useState(false);
  const [missed, setMissed] = useState(known ?? []);
  if (asks.length === 0) return null;
  const save = (now: typeof missed) =>
    noteDoing.mutate(
      { id: job.id, body: { missed: now } },
      {
        onSuccess: () => {
          setOpen(false);
          tell({
            says:
              now.length > 0
                ? 'Noted: then the remedy is not to blame. Do it again, and mend that.'
                : 'Noted: it was done as it should be, and that counts in the reading.',
          });
        },
        onError: (error) => tell({ says: error.message }),
      },
    );
  if (!isOpen)
    return (
      <Button kind={kind} onPress={() => setOpen(true)}>
        {known === null
          ? 'How was it done?'
          : known.length === 0
            ? 'All was done right (change)'
            : 'Something was missed (change)'}
      </Button>
    );
  return (
    <View style={{ gap: space.s }}>
      {asks.map(({ id, says }) => (
        <Row key={id}>
          <Toggle
            pressed={missed.includes(id)}
            onPress={() => setMissed(missed.includes(id) ? missed.filter((one) => one !== id) : [...missed, id])}
          >
            {says}
          </Toggle>
        </Row>
      ))}
      <Row wrap>
        <Button kind="main" disabled={noteDoing.isPending} onPress={() => save(missed)}>
          {missed.length === 0 ? 'None of these' : 'Note it'}
        </Button>
        <Button onPress={() => setOpen(false)}>Not now</Button>
      </Row>
    </View>
  );
}
