import { measureSystems } from '@trowel/core/quantities';
import type { GardenView } from '@trowel/core/contract';
import { settings } from '@trowel/core/tables';
import { capital, chanceWords, counted, lowerFirst, spoonNote } from '@trowel/core/wording/everyday';
import { useState } from 'react';
import { View } from 'react-native';
import { TextInput } from 'react-native-paper';
import { useDraft } from '@/api/drafts';
import { useAct, useGarden } from '@/api/queries';
import { space } from '@/theme/theme';
import { Button } from '@/ui/Button';
import { Page, Row, Sheet, useIsWide } from '@/ui/layout';
import { LinkButton } from '@/ui/LinkButton';
import { useNotice } from '@/ui/notice';
import { useQuantity } from '@/ui/quantity';
import { QuantityField } from '@/ui/QuantityField';
import { Empty, Loaded, Trouble } from '@/ui/states';
import { Body, Heading, Small } from '@/ui/text';
import { Toggle } from '@/ui/Toggle';
import { settingWords, systemWords } from '@/wording/places';
import { WherePanel } from './WherePanel';

type Bed = GardenView['beds'][number];

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
                <Measures key={place.measures} place={place} />
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
  const addPlanting = useAct('addPlanting');
  const tell = useNotice();
  const add = () => {
    if (plant.trim() === '') return;
    addPlanting.mutate(
      { id: bed.id, body: { plant, label: capital(plant) } },
      {
        onSuccess: ({ readAs }) => {
          setPlant('');
          if (readAs !== undefined)
            tell({
              says: `${capital(plant)} is not in the list; its signs are read as those of a relative: ${lowerFirst(readAs)}.`,
            });
        },
      },
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
      {bed.openCases > 0 && <Small strong>{counted(bed.openCases, 'open case', 'open cases')}</Small>}
      {bed.conditions.map(({ id, name, probability }) => (
        <Small key={id}>{`The ground: ${lowerFirst(name)}, ${chanceWords(probability)}`}</Small>
      ))}
      {bed.history.length > 0 && (
        <Small>{`Had before: ${bed.history.map(({ name, times }) => `${lowerFirst(name)}${times > 1 ? ` (${times} times)` : ''}`).join(', ')}`}</Small>
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
          kind="other"
          disabled={addPlanting.isPending}
          accessibilityLabel={`Plant it in ${bed.name}`}
          onPress={add}
        >
          Add
        </Button>
      </Row>
      {addPlanting.error && <Trouble error={addPlanting.error} />}
    </Sheet>
  );
}

function AddBed() {
  const [name, setName] = useDraft('new-bed');
  const [setting, setSetting] = useState<(typeof settings)[number]>('bed');
  const addBed = useAct('addBed');
  const tell = useNotice();
  const add = () =>
    addBed.mutate(
      { body: { name, setting } },
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
      {addBed.error && <Trouble error={addBed.error} />}
      <Button kind="main" disabled={addBed.isPending || name.trim() === ''} onPress={add}>
        Add it
      </Button>
    </Sheet>
  );
}

function Measures({ place }: { place: GardenView }) {
  const change = useAct('changeGarden');
  const tap = useQuantity('hardness', place.tapHardness, place.measures, 'kept');
  const butt = useQuantity('hardness', place.buttHardness, place.measures, 'kept');
  return (
    <Sheet>
      <Heading rank={3}>Measures and water</Heading>
      <Row wrap>
        {measureSystems.map((id) => (
          <Toggle key={id} pressed={id === place.measures} onPress={() => change.mutate({ body: { measures: id } })}>
            {systemWords[id]}
          </Toggle>
        ))}
      </Row>
      <Small>{spoonNote(place.measures)}</Small>
      <Row wrap style={{ alignItems: 'flex-start' }}>
        <QuantityField label="Hardness of the tap" {...tap.field} />
        <QuantityField label="Hardness of the butt" {...butt.field} />
      </Row>
      <Button
        kind="other"
        disabled={change.isPending || tap.base === undefined || butt.base === undefined}
        onPress={() => change.mutate({ body: { tapHardness: tap.base ?? 0, buttHardness: butt.base ?? 0 } })}
      >
        Save the water
      </Button>
      {change.error && <Trouble error={change.error} />}
    </Sheet>
  );
}
