import type { BedView } from '@trowel/core/contract';
import { dayAndMonth } from '@trowel/core/wording/everyday';
import { useAct } from '@/api/queries';
import { PlantFigure } from '@/drawing/plants';
import { Button } from '@/ui/Button';
import { Row, Sheet } from '@/ui/layout';
import { useNotice } from '@/ui/notice';
import { Trouble } from '@/ui/states';
import { Body, Heading, Small } from '@/ui/text';

/** What grows here, to be taken out when it is over, and what grew here before. */
export function Growing({ bed }: { bed: BedView }) {
  const removePlanting = useAct('removePlanting');
  const restorePlanting = useAct('restorePlanting');
  const tell = useNotice();
  if (bed.plantings.length === 0 && bed.before.length === 0) return null;
  const error = removePlanting.error ?? restorePlanting.error;
  return (
    <Sheet>
      <Heading rank={3}>What grows here</Heading>
      {bed.plantings.map(({ id, label, plant }) => (
        <Row key={id} wrap style={{ justifyContent: 'space-between' }}>
          <Row>
            <PlantFigure id={plant} size={56} />
            <Body>{label}</Body>
          </Row>
          <Button
            accessibilityLabel={`Take out ${label}`}
            disabled={removePlanting.isPending}
            onPress={() =>
              removePlanting.mutate(
                { id },
                {
                  onSuccess: () => tell({ says: `${label} is taken out.`, undo: () => restorePlanting.mutate({ id }) }),
                },
              )
            }
          >
            Take out
          </Button>
        </Row>
      ))}
      {error && <Trouble error={error} />}
      {bed.before.length > 0 && (
        <Small>{`Before: ${bed.before.map(({ label, to }) => `${label} until ${dayAndMonth(to)} ${to.slice(0, 4)}`).join(', ')}.`}</Small>
      )}
    </Sheet>
  );
}
