import type { GardenView } from '@trowel/core/contract';
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { Button } from '@/ui/Button';
import { useAct, useGarden } from '@/api/queries';
import { space } from '@/theme/theme';
import { Page, Row, Sheet, useIsWide } from '@/ui/layout';
import { LinkButton } from '@/ui/LinkButton';
import { Empty, Loaded, Trouble } from '@/ui/states';
import { Body, Heading, Small } from '@/ui/text';

type Bed = GardenView['beds'][number];

/** Where is it? One tap on a plant, or on the ground of a bed, opens a case. */
export function NewCasePage() {
  const garden = useGarden();
  const openCase = useAct('openCase');
  const router = useRouter();
  const wide = useIsWide();
  const open = (bedId: string, plantingId?: string) =>
    openCase.mutate(
      { body: { bedId, ...(plantingId === undefined ? {} : { plantingId }) } },
      { onSuccess: ({ id }) => router.replace(`/cases/${id}`) },
    );
  return (
    <Page wide>
      <Heading rank={1}>What looks odd?</Heading>
      <Body soft>Tap the plant. To read weeds and soil, tap the ground of a bed.</Body>
      {openCase.error && <Trouble error={openCase.error} />}
      <Loaded query={garden}>
        {({ beds }) =>
          beds.length === 0 ? (
            <Empty title="No beds yet">
              <Body>A case needs a place. Add a bed, a pot or a sill first, and what grows there.</Body>
              <Row>
                <LinkButton href="/garden" kind="main">
                  Add a bed
                </LinkButton>
              </Row>
            </Empty>
          ) : (
            <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: space.m }}>
              {beds.map((bed) => (
                <View key={bed.id} style={{ width: wide ? '48.5%' : '100%' }}>
                  <BedChoice bed={bed} busy={openCase.isPending} open={open} />
                </View>
              ))}
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
        {bed.plantings.map(({ id, label }) => (
          <Button key={id} kind="soft" disabled={busy} onPress={() => open(bed.id, id)}>
            {label}
          </Button>
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
