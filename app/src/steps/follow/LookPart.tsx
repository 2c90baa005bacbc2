import type { CaseView, JobView } from '@trowel/core/contract';
import { plainNumber } from '@trowel/core/quantities';
import { dayAndMonth } from '@trowel/core/wording';
import { View } from 'react-native';
import { Button } from '@/ui/Button';
import { useAct } from '@/api/queries';
import { space } from '@/theme/theme';
import { Row, Sheet } from '@/ui/layout';
import { LinkButton } from '@/ui/LinkButton';
import { useNotice } from '@/ui/notice';
import { Body, Heading, Small } from '@/ui/text';
import { CloseButton } from './CloseButton';
import { Counter } from './Counter';
import { CountsChart } from './CountsChart';
import { Photos } from './Photos';
import { VerdictCard } from './VerdictCard';
import { WhatIf } from './WhatIf';

/** Looking again: count as before, see the change with its uncertainty, and take the next move. */
export function LookPart({ view, beside }: { view: CaseView; beside: boolean }) {
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
        <JobLook key={job.id} job={job} isOpen={view.summary.status === 'open'} beside={beside} />
      ))}
      <Photos view={view} />
      <Row>
        <LinkButton href={`/cases/sheet?id=${view.summary.id}`} kind="other">
          Sheet for an expert
        </LinkButton>
      </Row>
      <CloseCase view={view} />
    </View>
  );
}

/** Counting for one job: what was counted, what that says, and the next count. */
export function JobLook({
  job,
  isOpen,
  title = job.remedyName,
  beside = false,
}: {
  job: JobView;
  isOpen: boolean;
  title?: string;
  /** What was found and the next count stand beside each other. */
  beside?: boolean;
}) {
  const { counts, measuredBy, wantsCount } = job;
  const column = { flex: beside ? 1 : undefined, gap: space.s, minWidth: 0 } as const;
  return (
    <View style={{ gap: space.s }}>
      <Heading>{title}</Heading>
      <View style={{ flexDirection: beside ? 'row' : 'column', gap: beside ? space.l : space.s }}>
        <View style={column}>
          {job.follow && <VerdictCard job={job} follow={job.follow} isOpen={isOpen && job.endedOn === null} />}
          <CountsChart
            counts={counts}
            applied={job.applied}
            clearBelow={measuredBy.clearBelow}
            unit={measuredBy.unit}
          />
          <LeftAlone counts={counts} unit={measuredBy.unit} isOpen={isOpen} />
          {!isOpen && counts.length === 0 && <Small>Nothing was counted.</Small>}
        </View>
        {isOpen && (
          <View style={column}>
            <Counter
              jobId={job.id}
              kind={wantsCount}
              ways={measuredBy.ways}
              each={measuredBy.each}
              canCompare={job.isPutOn}
            />
            {wantsCount === 'after' && !job.follow && (
              <Small>The verdict comes once the remedy has been put on (tick it under Do) and counted after.</Small>
            )}
            {job.isPutOn && <WhatIf job={job} />}
          </View>
        )}
      </View>
    </View>
  );
}

/** How those fared that were left as they are: what would have happened anyway. */
function LeftAlone({
  counts,
  unit,
  isOpen,
}: Pick<JobView, 'counts'> & { unit: JobView['measuredBy']['unit']; isOpen: boolean }) {
  const takeBack = useAct('takeBackCount');
  const tell = useNotice();
  const left = counts.filter(({ isTreated }) => !isTreated);
  if (left.length === 0) return null;
  const leaveOut = () => {
    for (const { id } of left) takeBack.mutate({ id }, { onError: (error) => tell({ says: error.message }) });
    tell({ says: 'They are no longer compared with.' });
  };
  return (
    <View style={{ gap: space.xs }}>
      <Small>{`Left as they are: ${left.map(({ mean, on }) => `${plainNumber(mean)}${unit === 'area' ? ' %' : ''} on ${dayAndMonth(on)}`).join(', then ')}.${left.length < 2 ? ' Count them again at the next look: what falls there too was not the remedy.' : ''}`}</Small>
      {isOpen && (
        <Row>
          <Button disabled={takeBack.isPending} onPress={leaveOut}>
            They were treated too: leave them out
          </Button>
        </Row>
      )}
    </View>
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
