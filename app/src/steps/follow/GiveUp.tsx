import type { JobView } from '@trowel/core/contract';
import { endedWords } from '@trowel/core/wording';
import { useState } from 'react';
import { View } from 'react-native';
import { useAct } from '@/api/queries';
import { StillToSow } from '@/steps/garden/StillToSow';
import { space } from '@/theme/theme';
import { Button } from '@/ui/Button';
import { Row } from '@/ui/layout';
import { useNotice } from '@/ui/notice';
import { Body, Heading, Small } from '@/ui/text';

/** The plant pulled up: where it goes, and what can still be sown in its place. */
export function GiveUp({ job, kind }: { job: JobView; kind: 'main' | 'other' }) {
  const [isOpen, setOpen] = useState(false);
  const closeCase = useAct('closeCase');
  const reopenCase = useAct('reopenCase');
  const restorePlanting = useAct('restorePlanting');
  const tell = useNotice();
  const [place] = job.places;
  const { caseId } = job;
  if (caseId === null || !place || place.plantingId === null) return null;
  const { bedId, plantingId, plantLabel } = place;
  if (!isOpen)
    return (
      <Button kind={kind} onPress={() => setOpen(true)}>
        What could stand there instead?
      </Button>
    );
  const undo = () => reopenCase.mutate({ id: caseId }, { onSuccess: () => restorePlanting.mutate({ id: plantingId }) });
  const pull = () =>
    closeCase.mutate(
      { id: caseId, body: { outcome: 'given-up', takesOut: true } },
      {
        onSuccess: ({ jobs }) => tell({ says: `It is given up and taken out. ${endedWords(jobs)}`.trim(), undo }),
        onError: (error) => tell({ says: error.message }),
      },
    );
  return (
    <View style={{ gap: space.s }}>
      <Body>
        Pull it with its roots. What is sick or full of pests goes into the bin and not on your heap; wash tools and
        hands before you touch its neighbours.
      </Body>
      <Heading rank={3}>What can still be sown there</Heading>
      <StillToSow bedId={bedId} caseId={caseId} />
      <Row wrap>
        <Button kind="other" disabled={closeCase.isPending} onPress={pull}>
          {`Take ${plantLabel ?? 'it'} out and close the case`}
        </Button>
        <Button onPress={() => setOpen(false)}>Not now</Button>
      </Row>
      <Small>What it had stays in the notebook, as given up.</Small>
    </View>
  );
}
