import { measureSystems } from '@trowel/core/measures';
import type { GardenView } from '@trowel/core/contract';
import { settings } from '@trowel/core/tables';
import { chanceWords, spoonNote } from '@trowel/core/wording';
import { useState } from 'react';
import { View } from 'react-native';
import { Button, TextInput } from 'react-native-paper';
import { useDraft } from '@/api/drafts';
import { useCommand, useGarden } from '@/api/queries';
import { space } from '@/theme/theme';
import { Page, Row, Sheet, useIsWide } from '@/ui/layout';
import { LinkButton } from '@/ui/LinkButton';
import { useNotice } from '@/ui/notice';
import { Empty, Loaded, Trouble } from '@/ui/states';
import { Body, Heading, Small } from '@/ui/text';
import { Toggle } from '@/ui/Toggle';
import { WherePanel } from './WherePanel';

type Bed = GardenView['beds'][number];

export const settingWords: Record<(typeof settings)[number], string> = {
  bed: 'Bed',
  pot: 'Pots',
  indoors: 'Indoors',
  greenhouse: 'Under glass',
  lawn: 'Lawn',
  tree: 'Tree or wall',
};

/** The garden: its beds and what grows there, what its ground has told, and how it measures. */
export function GardenPage() {
  const garden = useGarden();
  const wide = useIsWide();
  return (
    <Page wide>
      <Loaded query={garden}>
        {(place) => (
          <>
            <Heading rank={1}>{place.name}</Heading>
            {place.beds.length === 0 && (
              <Empty title="An empty plot">
                <Body>Add the places where things grow: a bed, the pots by the door, a window sill.</Body>
              </Empty>
            )}
            <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: space.m }}>
              {place.beds.map((bed) => (
                <View key={bed.id} style={{ width: wide ? '48.5%' : '100%' }}>
                  <BedCard bed={bed} />
                </View>
              ))}
            </View>
            <View style={{ flexDirection: wide ? 'row' : 'column', gap: space.m, alignItems: 'stretch' }}>
              <View style={{ flex: wide ? 1 : undefined, gap: space.m }}>
                <AddBed />
                <WherePanel place={place} />
              </View>
              <View style={{ flex: wide ? 1 : undefined }}>
                <Measures place={place} />
              </View>
            </View>
          </>
        )}
      </Loaded>
    </Page>
  );
}

function BedCard({ bed }: { bed: Bed }) {
  const [plant, setPlant] = useDraft(`plant-${bed.id}`);
  const command = useCommand();
  const add = () => {
    if (plant.trim() !== '')
      command.mutate(
        { path: `/beds/${bed.id}/plantings`, body: { plant, label: plant.charAt(0).toUpperCase() + plant.slice(1) } },
        { onSuccess: () => setPlant('') },
      );
  };
  return (
    <Sheet>
      <Row style={{ justifyContent: 'space-between' }}>
        <Heading rank={3}>{bed.name}</Heading>
        <LinkButton href={`/garden/${bed.id}`}>{`Ground of ${bed.name}`}</LinkButton>
      </Row>
      <Small>{[settingWords[bed.setting], bed.note].filter(Boolean).join(' · ')}</Small>
      <Body>
        {bed.plantings.length === 0 ? 'Nothing planted here.' : bed.plantings.map(({ label }) => label).join(', ')}
      </Body>
      {bed.openCases > 0 && <Small strong>{`${bed.openCases} open ${bed.openCases === 1 ? 'case' : 'cases'}`}</Small>}
      {bed.conditions.map(({ id, name, probability }) => (
        <Small key={id}>{`The ground: ${name.toLowerCase()}, ${chanceWords(probability)}`}</Small>
      ))}
      {bed.history.length > 0 && (
        <Small>{`Had before: ${bed.history.map(({ name, times }) => `${name.toLowerCase()}${times > 1 ? ` (${times} times)` : ''}`).join(', ')}`}</Small>
      )}
      <Row>
        <TextInput
          dense
          mode="outlined"
          style={{ flex: 1 }}
          label="Add a plant"
          aria-label={`Add a plant to ${bed.name}`}
          value={plant}
          onChangeText={setPlant}
          onSubmitEditing={add}
        />
        <Button
          mode="outlined"
          contentStyle={{ minHeight: 48 }}
          disabled={command.isPending}
          accessibilityLabel={`Plant it in ${bed.name}`}
          onPress={add}
        >
          Add
        </Button>
      </Row>
      {command.isError && <Trouble error={command.error} />}
    </Sheet>
  );
}

function AddBed() {
  const [name, setName] = useDraft('new-bed');
  const [setting, setSetting] = useState<(typeof settings)[number]>('bed');
  const command = useCommand();
  const tell = useNotice();
  const add = () =>
    command.mutate(
      { path: '/beds', body: { name, setting } },
      { onSuccess: () => (setName(''), tell({ says: `${name} has been added.` })) },
    );
  return (
    <Sheet>
      <Heading rank={3}>Add a place</Heading>
      <TextInput
        mode="outlined"
        label="Its name"
        aria-label="Name of the new place"
        value={name}
        onChangeText={setName}
      />
      <Row wrap>
        {settings.map((id) => (
          <Toggle key={id} pressed={id === setting} onPress={() => setSetting(id)}>
            {settingWords[id]}
          </Toggle>
        ))}
      </Row>
      {command.isError && <Trouble error={command.error} />}
      <Button
        mode="contained"
        contentStyle={{ minHeight: 48 }}
        disabled={command.isPending || name.trim() === ''}
        onPress={add}
      >
        Add it
      </Button>
    </Sheet>
  );
}

const systemWords: Record<(typeof measureSystems)[number], string> = {
  metric: 'Metric',
  us: 'US',
  imperial: 'Imperial',
  australian: 'Australian',
};

function Measures({ place }: { place: GardenView }) {
  const command = useCommand();
  const [tap, setTap] = useState(String(place.tapHardness));
  const [butt, setButt] = useState(String(place.buttHardness));
  const save = (body: Record<string, unknown>) => command.mutate({ path: '/garden', body });
  const hardness = (text: string) => Number(text.replace(',', '.'));
  return (
    <Sheet>
      <Heading rank={3}>Measures and water</Heading>
      <Row wrap>
        {measureSystems.map((id) => (
          <Toggle key={id} pressed={id === place.measures} onPress={() => save({ measures: id })}>
            {systemWords[id]}
          </Toggle>
        ))}
      </Row>
      <Small>{spoonNote(place.measures)}</Small>
      <Row wrap>
        <TextInput
          mode="outlined"
          style={{ flex: 1, minWidth: 140 }}
          label="Tap, mg/L hardness"
          aria-label="Hardness of tap water in mg/L"
          inputMode="decimal"
          value={tap}
          onChangeText={setTap}
        />
        <TextInput
          mode="outlined"
          style={{ flex: 1, minWidth: 140 }}
          label="Butt, mg/L hardness"
          aria-label="Hardness of the water butt in mg/L"
          inputMode="decimal"
          value={butt}
          onChangeText={setButt}
        />
      </Row>
      <Button
        mode="outlined"
        contentStyle={{ minHeight: 48 }}
        disabled={command.isPending}
        onPress={() => save({ tapHardness: hardness(tap), buttHardness: hardness(butt) })}
      >
        Save the water
      </Button>
      {command.isError && <Trouble error={command.error} />}
    </Sheet>
  );
}
