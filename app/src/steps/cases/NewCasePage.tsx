import type { GardenView } from '@trowel/core/contract';
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { Button } from 'react-native-paper';
import { useCommand, useGarden } from '@/api/queries';
import { space } from '@/theme/theme';
import { Page, Row, Sheet, useIsWide } from '@/ui/layout';
import { LinkButton } from '@/ui/LinkButton';
import { Empty, Loaded, Trouble } from '@/ui/states';
import { Body, Heading, Small } from '@/ui/text';

type Bed = GardenView['beds'][number];

/** Where is it? One tap on a plant, or on the ground of a bed, opens a case. */
export function NewCasePage() {
  const garden = useGarden();
  const command = useCommand();
  const router = useRouter();
  const wide = useIsWide();
  const open = (bedId: string, plantingId?: string) =>
    command.mutate(
      { path: '/cases', body: { bedId, ...(plantingId === undefined ? {} : { plantingId }) } },
      { onSuccess: ({ id }) => router.replace(`/cases/${String(id)}`) },
    );
  return (
    <Page wide>
      <Heading rank={1}>What looks odd?</Heading>
      <Body soft>Tap the plant. To read weeds and soil, tap the ground of a bed.</Body>
      {command.isError && <Trouble error={command.error} />}
      <Loaded query={garden}>
        {({ beds }) =>
          beds.length === 0 ? (
            <Empty title="No beds yet">
              <Body>A case needs a place. Add a bed, a pot or a sill first, and what grows there.</Body>
              <Row>
                <LinkButton href="/garden" mode="contained">
                  Add a bed
                </LinkButton>
              </Row>
            </Empty>
          ) : (
            <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: space.m }}>
              {beds.map((bed) => (
                <View key={bed.id} style={{ width: wide ? '48.5%' : '100%' }}>
                  <BedChoice bed={bed} busy={command.isPending} open={open} />
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
          <Button
            key={id}
            mode="contained-tonal"
            disabled={busy}
            contentStyle={{ minHeight: 48 }}
            onPress={() => open(bed.id, id)}
          >
            {label}
          </Button>
        ))}
        <Button
          mode="outlined"
          disabled={busy}
          contentStyle={{ minHeight: 48 }}
          accessibilityLabel={`The ground of ${bed.name}`}
          onPress={() => open(bed.id)}
        >
          The ground
        </Button>
      </Row>
    </Sheet>
  );
}
