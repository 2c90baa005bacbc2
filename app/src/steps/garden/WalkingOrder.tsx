import type { GardenView } from '@trowel/core/contract';
import { useState } from 'react';
import { useAct } from '@/api/queries';
import { GardenPicture } from '@/drawing/garden/GardenPicture';
import { Button } from '@/ui/Button';
import { Row, Sheet } from '@/ui/layout';
import { useNotice } from '@/ui/notice';
import { Trouble } from '@/ui/states';
import { Body, Heading } from '@/ui/text';
import { pictured } from './pictured';

/** The round through the garden: tap the places as one walks past them. */
export function WalkingOrder({ garden, close }: { garden: GardenView; close: () => void }) {
  const setWalkingOrder = useAct('setWalkingOrder');
  const tell = useNotice();
  const [walk, setWalk] = useState<readonly string[]>([]);
  const before = garden.beds.map(({ id }) => id);
  const places = pictured(garden);
  const nameOf = (id: string) => garden.beds.find((bed) => bed.id === id)?.name ?? '';
  const tap = (id: string) => setWalk(walk.includes(id) ? walk.filter((one) => one !== id) : [...walk, id]);
  const keep = () =>
    setWalkingOrder.mutate(
      // Where not all were tapped, the others follow as they stood.
      { body: { beds: [...walk, ...before.filter((id) => !walk.includes(id))] } },
      {
        onSuccess: () => {
          tell({
            says: 'The round goes that way from now on.',
            undo: () => setWalkingOrder.mutate({ body: { beds: before } }),
          });
          close();
        },
      },
    );
  return (
    <Sheet>
      <Heading rank={3}>Tap the places as you walk past them</Heading>
      <GardenPicture
        places={[
          ...walk.flatMap((id) => places.filter((one) => one.id === id)),
          ...places.filter(({ id }) => !walk.includes(id)),
        ].map((one) => ({ ...one, open: 0, due: walk.indexOf(one.id) + 1 }))}
        onTap={tap}
        withRoute
        dueSays={(due) => `${due} on the round`}
        says="Tap the places in the order in which you walk past them."
      />
      <Body>{walk.length === 0 ? `Now: ${before.map(nameOf).join(', ')}.` : `${walk.map(nameOf).join(', ')} …`}</Body>
      {setWalkingOrder.error && <Trouble error={setWalkingOrder.error} />}
      <Row wrap>
        <Button kind="main" disabled={walk.length === 0 || setWalkingOrder.isPending} onPress={keep}>
          Keep this round
        </Button>
        <Button onPress={close}>Leave it</Button>
      </Row>
    </Sheet>
  );
}
