import type { CaseOutcome, CaseView, FollowResponse, JobView } from '@trowel/core/contract';
import { plainNumber } from '@trowel/core/quantities';
import { dayAndMonth, endedWords, fewerWords, verdictWords } from '@trowel/core/wording';
import { View } from 'react-native';
import { Button } from '@/ui/Button';
import { useAct } from '@/api/queries';
import { space } from '@/theme/theme';
import { Row, Sheet } from '@/ui/layout';
import { useNotice } from '@/ui/notice';
import { Body, Heading, Small } from '@/ui/text';
import { Counter } from './Counter';
import { CountsChart } from './CountsChart';

/** Looking again: count as before, see the change with its uncertainty, and take the next move. */
export function LookPart({ view }: { view: CaseView }) {
  const open = view.jobs.filter(({ endedOn }) => endedOn === null);
  const shown = view.summary.status === 'open' ? open : view.jobs;
  return (
    <View style={{ gap: space.m }}>
      {shown.length === 0 && (
        <Sheet tone="deep">
          <Body>Choose a remedy first, or leave it and look again: then you count before, and again after.</Body>
        </Sheet>
      )}
      {shown.map((job) => (
        <JobLook key={job.id} job={job} caseId={view.summary.id} isOpen={view.summary.status === 'open'} />
      ))}
      <CloseCase view={view} />
    </View>
  );
}

/** Counting for one job: what was counted, what that says, and the next count. */
export function JobLook({
  job,
  caseId,
  isOpen,
  title = job.remedyName,
}: {
  job: JobView;
  caseId: string | null;
  isOpen: boolean;
  title?: string;
}) {
  const { counts, measuredBy, wantsCount } = job;
  return (
    <View style={{ gap: space.s }}>
      <Heading>{title}</Heading>
      {job.follow && <VerdictCard follow={job.follow} {...(isOpen && caseId !== null ? { caseId } : {})} />}
      <CountsChart counts={counts} clearBelow={measuredBy.clearBelow} />
      <LeftAlone counts={counts} />
      {isOpen && (
        <Counter
          jobId={job.id}
          kind={wantsCount}
          what={measuredBy.what}
          unit={measuredBy.unit}
          each={measuredBy.each}
          canCompare={job.isPutOn}
        />
      )}
      {wantsCount === 'after' && !job.follow && isOpen && (
        <Small>The verdict comes once the remedy has been put on (tick it under Do) and counted after.</Small>
      )}
    </View>
  );
}

/** How those fared that were left as they are: what would have happened anyway. */
function LeftAlone({ counts }: Pick<JobView, 'counts'>) {
  const left = counts.filter(({ isTreated }) => !isTreated);
  if (left.length === 0) return null;
  return (
    <Small>{`Left as they are: ${left.map(({ mean, on }) => `${plainNumber(mean)} on ${dayAndMonth(on)}`).join(', then ')}.${left.length < 2 ? ' Count them again at the next look: what falls there too was not the remedy.' : ''}`}</Small>
  );
}

/** @param caseId of the open case, which can be closed when it is solved */
function VerdictCard({ follow, caseId }: { follow: FollowResponse; caseId?: string }) {
  const tone =
    follow.verdict === 'solved' || follow.verdict === 'on-the-way'
      ? 'good'
      : follow.verdict === 'worse' || follow.verdict === 'plant-harmed'
        ? 'stop'
        : 'warn';
  return (
    <Sheet tone={tone}>
      <Heading>{verdictWords[follow.verdict]}</Heading>
      <Body>{follow.says}</Body>
      {follow.change && (
        <Small>{`Change: ${fewerWords(follow.change.reduction)}; nine times in ten it lies between ${fewerWords(follow.change.low)} and ${fewerWords(follow.change.high)}.`}</Small>
      )}
      <Small strong>Next</Small>
      {follow.next.map((move) => (
        <Body key={move.kind}>{`· ${move.says}`}</Body>
      ))}
      {follow.verdict === 'solved' && caseId !== undefined && (
        <CloseButton caseId={caseId} outcome="solved" label="Close it as solved" />
      )}
    </Sheet>
  );
}

function CloseButton({
  caseId,
  outcome,
  label,
  kind = 'main',
}: {
  caseId: string;
  outcome: CaseOutcome;
  label: string;
  kind?: 'main' | 'other';
}) {
  const closeCase = useAct('closeCase');
  const reopenCase = useAct('reopenCase');
  const tell = useNotice();
  const reopen = () => reopenCase.mutate({ id: caseId });
  return (
    <Button
      kind={kind}
      disabled={closeCase.isPending}
      onPress={() =>
        closeCase.mutate(
          { id: caseId, body: { outcome } },
          {
            onSuccess: ({ jobs }) => tell({ says: `The case is closed. ${endedWords(jobs)}`.trim(), undo: reopen }),
            onError: (error) => tell({ says: error.message }),
          },
        )
      }
    >
      {label}
    </Button>
  );
}

function CloseCase({ view }: { view: CaseView }) {
  const reopenCase = useAct('reopenCase');
  const { id, status, lateLookOn } = view.summary;
  if (status === 'closed')
    return (
      <Sheet tone="cool">
        <Body>{`This case is closed.${lateLookOn === null ? '' : ' One late look is set, to see whether it comes back.'}`}</Body>
        <Button kind="other" disabled={reopenCase.isPending} onPress={() => reopenCase.mutate({ id })}>
          Open it again
        </Button>
      </Sheet>
    );
  return (
    <Sheet tone="deep">
      <Heading rank={3}>Close the case another way</Heading>
      <Row wrap>
        <CloseButton caseId={id} outcome="left" label="Left as it is" kind="other" />
        <CloseButton caseId={id} outcome="mistaken" label="It was something else" kind="other" />
        <CloseButton caseId={id} outcome="given-up" label="Given up" kind="other" />
      </Row>
    </Sheet>
  );
}
