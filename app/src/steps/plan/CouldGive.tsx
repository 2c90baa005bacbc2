import type { StepView } from '@trowel/core/contract';
import { useAct } from '@/api/queries';
import { space } from '@/theme/theme';
import { Button } from '@/ui/Button';
import { Row } from '@/ui/layout';
import { LinkButton } from '@/ui/LinkButton';
import { useNotice } from '@/ui/notice';
import { Small } from '@/ui/text';
import { View } from 'react-native';

/** Where no day fits a step: what could give, each with the tap that lets it. */
export function CouldGive({ step }: { step: StepView }) {
  const endJob = useAct('endJob');
  const resumeJob = useAct('resumeJob');
  const tell = useNotice();
  const stop = ({ jobId, name }: StepView['couldGive'][number]['stops'][number]) =>
    endJob.mutate(
      { id: jobId },
      {
        onSuccess: () => tell({ says: `${name} is stopped.`, undo: () => resumeJob.mutate({ id: jobId }) }),
        onError: (error) => tell({ says: error.message }),
      },
    );
  return (
    <View style={{ gap: space.s, padding: space.m, paddingTop: 0, paddingLeft: 60 }}>
      {step.couldGive.map(({ says, stops, changes }) => (
        <View key={says} style={{ gap: 4 }}>
          <Small>{says}</Small>
          <Row wrap>
            {stops.map((one) => (
              <Button key={one.jobId} kind="other" disabled={endJob.isPending} onPress={() => stop(one)}>
                {`Stop ${one.name}`}
              </Button>
            ))}
            {changes.includes('harvest') && step.bedIds[0] !== undefined && (
              <LinkButton href={`/garden/${step.bedIds[0]}`}>Change the day of picking</LinkButton>
            )}
            {changes.includes('away') && <LinkButton href="/garden">Change the days away</LinkButton>}
          </Row>
        </View>
      ))}
    </View>
  );
}
