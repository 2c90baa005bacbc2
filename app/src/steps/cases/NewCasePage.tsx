import type { GardenView } from '@trowel/core/contract';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from '@/ui/Button';
import { useAct, useGarden } from '@/api/queries';
import { GardenPicture } from '@/drawing/garden/GardenPicture';
import { pictured } from '@/steps/garden/pictured';
import { space } from '@/theme/theme';
import { SomewhereElse } from './SomewhereElse';
import { Page, Row, Sheet, useIsWide } from '@/ui/layout';
import { useNotice } from '@/ui/notice';
import { PlantTile } from '@/ui/PlantTile';
import { Loaded, Trouble } from '@/ui/states';
import { Body, Heading, Small } from '@/ui/text';

type Bed = GardenView['beds'][number];

/** Where is it? One tap on a plant, or on the ground of a bed, opens a case. */
export function NewCasePage() {
  const garden = useGarden();
  const openCase = useAct('openCase');
  const addEvidence = useAct('addEvidence');
  // A plate that was recognised comes along.
  const { sign, name, bed } = useLocalSearchParams<{ sign?: string; name?: string; bed?: string }>();
  const router = useRouter();
  const tell = useNotice();
  const wide = useIsWide();
  const [chosen, setChosen] = useState<string | undefined>(bed);
  /** A plate that was recognised is its first sign. */
  const goTo = (id: string) => {
    const go = () => router.replace(`/cases/${id}`);
    if (sign === undefined) go();
    else
      addEvidence.mutate(
        { id, body: { items: [{ sign, state: 'seen' }] } },
        { onSuccess: go, onError: (error) => (tell({ says: error.message }), go()) },
      );
  };
  const open = (bedId: string, plantingId?: string) =>
    openCase.mutate(
      { body: { bedId, ...(plantingId === undefined ? {} : { plantingId }) } },
      { onSuccess: ({ id }) => goTo(id) },
    );
  return (
    <Page wide>
      <Heading rank={1}>{name === undefined ? 'What looks odd?' : `Where do you see it? ${name}`}</Heading>
      {(garden.data?.beds.length ?? 0) > 0 && (
        <Body soft>Tap the plant. To read weeds and soil, tap the ground of a bed.</Body>
      )}
      {openCase.error && <Trouble error={openCase.error} />}
      <Loaded query={garden}>
        {({ beds }) =>
          beds.length === 0 ? (
            <SomewhereElse title="What is it on?" opened={goTo} />
          ) : (
            <View style={{ flexDirection: wide ? 'row' : 'column', gap: space.m, alignItems: 'stretch' }}>
              <View style={{ flex: wide ? 1 : undefined }}>
                <GardenPicture
                  places={pictured({ beds }).map((place) => ({ ...place, due: 0 }))}
                  chosen={chosen}
                  onTap={(id) => setChosen(id === chosen ? undefined : id)}
                  highest={wide ? 520 : 330}
                  says="Tap a place to see what grows there."
                />
              </View>
              <View style={{ flex: wide ? 1 : undefined, gap: space.m }}>
                {beds
                  .filter(({ id }) => chosen === undefined || id === chosen)
                  .map((bed) => (
                    <BedChoice key={bed.id} bed={bed} busy={openCase.isPending} open={open} />
                  ))}
                {chosen !== undefined && <Button onPress={() => setChosen(undefined)}>All places</Button>}
                {chosen === undefined && <SomewhereElse title="Somewhere else" opened={goTo} />}
              </View>
            </View>
          )
        }
      </Loaded>
    </Page>
  );
}

function BedChoice({
  bed,
  busy,
  open,
}: {
  bed: Bed;
  busy: boolean;
  open: (bedId: string, plantingId?: string) => void;
}) {
  return (
    <Sheet>
      <Heading rank={3}>{bed.name}</Heading>
      {bed.note !== '' && <Small>{bed.note}</Small>}
      <Row wrap>
        {bed.plantings.map(({ id, label, plant }) => (
          <PlantTile key={id} plant={plant} label={label} disabled={busy} onPress={() => open(bed.id, id)} />
        ))}
        <Button
          kind="other"
          disabled={busy}
          accessibilityLabel={`The ground of ${bed.name}`}
          onPress={() => open(bed.id)}
        >
          The ground
        </Button>
      </Row>
    </Sheet>
  );
}
