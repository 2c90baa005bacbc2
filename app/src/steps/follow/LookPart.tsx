import type { CaseOutcome, CaseView, FollowResponse } from '@trowel/core/contract';
import { fewerWords, verdictWords } from '@trowel/core/wording';
import { View } from 'react-native';
import { Button } from '@/ui/Button';
import { useAct } from '@/api/queries';
import { space } from '@/theme/theme';
import { Row, Sheet } from '@/ui/layout';
import { useNotice } from '@/ui/notice';
import { Body, Heading, Small } from '@/ui/text';
import { Counter } from './Counter';
import { CountsChart } from './CountsChart';

type Treatment = CaseView['treatments'][number];

/** Looking again: count as before, see the change with its uncertainty, and take the next move. */
export function LookPart({ view }: { view: CaseView }) {
  const open = view.treatments.filter(({ endedOn }) => endedOn === null);
  const shown = view.summary.status === 'open' ? open : view.treatments;
  return (
    <View style={{ gap: space.m }}>
      {shown.length === 0 && (
        <Sheet tone="deep">
          <Body>Choose a remedy first, or leave it and look again: then you count before, and again after.</Body>
        </Sheet>
      )}
      {shown.map((treatment) => (
        <TreatmentLook key={treatment.id} view={view} treatment={treatment} />
      ))}
      <CloseCase view={view} />
    </View>
  );
}

function TreatmentLook({ view, treatment }: { view: CaseView; treatment: Treatment }) {
  const looks = view.looks.filter(({ treatmentId }) => treatmentId === null || treatmentId === treatment.id);
  const hasBefore = looks.some(({ kind }) => kind === 'before');
  return (
    <View style={{ gap: space.s }}>
      <Heading>{treatment.remedyName}</Heading>
      {treatment.follow && <VerdictCard follow={treatment.follow} view={view} />}
      <CountsChart looks={looks} clearBelow={treatment.counts.clearBelow} />
      {view.summary.status === 'open' && (
        <Counter
          caseId={view.summary.id}
          treatmentId={treatment.id}
          kind={hasBefore ? 'after' : 'before'}
          what={treatment.counts.what}
          unit={treatment.counts.unit}
        />
      )}
      {hasBefore && !treatment.follow && view.summary.status === 'open' && (
        <Small>The verdict comes once the remedy has been put on (tick it under Do) and counted after.</Small>
      )}
    </View>
  );
}

function VerdictCard({ follow, view }: { follow: FollowResponse; view: CaseView }) {
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
      {follow.verdict === 'solved' && view.summary.status === 'open' && (
        <CloseButton caseId={view.summary.id} outcome="solved" label="Close it as solved" />
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
            onSuccess: () => tell({ says: 'The case is closed.', undo: reopen }),
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
