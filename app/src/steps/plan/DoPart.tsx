import type { CaseView } from '@trowel/core/contract';
import { dayWords } from '@trowel/core/wording/everyday';
import { View } from 'react-native';
import { Button } from '@/ui/Button';
import { useAct } from '@/api/queries';
import { space } from '@/theme/theme';
import { Row, Sheet } from '@/ui/layout';
import { useNotice } from '@/ui/notice';
import { Body, Heading, Small } from '@/ui/text';
import { StepCard } from './StepCard';

/** Doing: the chosen remedies' steps on their days, to be ticked off. */
export function DoPart({ view, today }: { view: CaseView; today: string }) {
  const endTreatment = useAct('endTreatment');
  const tell = useNotice();
  if (view.treatments.length === 0)
    return (
      <Sheet tone="deep">
        <Body>No remedy chosen yet. What you choose is laid out here, day by day.</Body>
      </Sheet>
    );
  return (
    <View style={{ gap: space.m }}>
      {view.treatments.map((treatment) => (
        <View key={treatment.id} style={{ gap: space.s }}>
          <Row style={{ justifyContent: 'space-between' }} wrap>
            <View>
              <Heading>{treatment.remedyName}</Heading>
              <Small>
                {treatment.endedOn === null
                  ? `${treatment.chosenOn > today ? 'Begins' : 'Chosen'} ${dayWords(treatment.chosenOn, today)}`
                  : `Ended ${dayWords(treatment.endedOn, today)}`}
              </Small>
            </View>
            {treatment.endedOn === null && view.summary.status === 'open' && (
              <Button
                accessibilityLabel={`Stop ${treatment.remedyName}`}
                onPress={() =>
                  endTreatment.mutate(
                    { id: treatment.id },
                    {
                      onSuccess: () => tell({ says: `${treatment.remedyName} has been stopped.` }),
                      onError: (error) => tell({ says: error.message }),
                    },
                  )
                }
              >
                Stop it
              </Button>
            )}
          </Row>
          {!treatment.isKnown && (
            <Sheet tone="warn">
              <Body>The product no longer knows this remedy; what was done of it stands in the log.</Body>
            </Sheet>
          )}
          {treatment.steps.map((step) => (
            <StepCard key={step.step} step={step} today={today} />
          ))}
        </View>
      ))}
    </View>
  );
}
