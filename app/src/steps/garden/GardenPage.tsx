import { measureSystems } from '@trowel/core/quantities';
import type { GardenView } from '@trowel/core/contract';
import { tapTreatments, type settings } from '@trowel/core/tables';
import {
  capital,
  chanceWords,
  counted,
  dayAndMonth,
  dayWords,
  lowerFirst,
  spoonNote,
} from '@trowel/core/wording/everyday';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { TextInput } from 'react-native-paper';
import { useDraft } from '@/api/drafts';
import { useAct, useGarden } from '@/api/queries';
import { GardenPicture, Spot } from '@/drawing/garden/GardenPicture';
import { Tag } from '@/drawing/Tag';
import { space } from '@/theme/theme';
import { Button } from '@/ui/Button';
import { Choices } from '@/ui/Choices';
import { Page, Row, Sheet, useIsWide } from '@/ui/layout';
import { LinkButton } from '@/ui/LinkButton';
import { useNotice } from '@/ui/notice';
import { PlantTile } from '@/ui/PlantTile';
import { useQuantity } from '@/ui/quantity';
import { QuantityField } from '@/ui/QuantityField';
import { Empty, Loaded, Trouble } from '@/ui/states';
import { Body, Heading, Small } from '@/ui/text';
import { Toggle } from '@/ui/Toggle';
import { settingWords, systemWords, tapTreatmentWords } from '@/wording/places';
import { ArrangePlot } from './ArrangePlot';
import { pictured } from './pictured';
import { SettingChoice } from './SettingChoice';
import { TimesPanel } from './TimesPanel';
import { WalkingOrder } from './WalkingOrder';
import { WherePanel } from './WherePanel';

type Bed = GardenView['beds'][number];

/** The garden as it lies: its places to be tapped, what is on the one that was tapped, and how the garden measures. */
export function GardenPage() {
  const garden = useGarden();
  const wide = useIsWide();
  return (
    <Page wide>
      <Loaded query={garden}>
        {(place) => (
          <>
            <Heading rank={1}>{place.name}</Heading>
            {place.beds.length === 0 ? (
              <Empty title="An empty plot">
                <Body>Add the places where things grow: a bed, the pots by the door, a window sill.</Body>
              </Empty>
            ) : (
              <Places garden={place} />
            )}
            <View style={{ flexDirection: wide ? 'row' : 'column', gap: space.m, alignItems: 'stretch' }}>
              <View style={{ flex: wide ? 1 : undefined, gap: space.m }}>
                <AddBed />
                <Gone garden={place} />
                <WherePanel place={place} />
              </View>
              <View style={{ flex: wide ? 1 : undefined, gap: space.m }}>
                <Measures key={place.measures} place={place} />
                <TimesPanel place={place} />
                <Sheet>
                  <Heading rank={3}>Weather</Heading>
                  <Small>What it was and will be, what you read, files of a station, sensors in the soil.</Small>
                  <Row>
                    <LinkButton href="/garden/weather" kind="other" label="Open the weather">
                      Open
                    </LinkButton>
                  </Row>
                </Sheet>
                <Sheet>
                  <Heading rank={3}>Keep and carry</Heading>
                  <Small>
                    Backups, the whole garden as a file, tables for a spreadsheet, other devices of the house.
                  </Small>
                  <Row>
                    <LinkButton href="/garden/keep" kind="other">
                      Open
                    </LinkButton>
                  </Row>
                </Sheet>
              </View>
            </View>
          </>
        )}
      </Loaded>
    </Page>
  );
}

/** The picture, and beside or below it what is on the place that was tapped. */
function Places({ garden }: { garden: GardenView }) {
  const wide = useIsWide();
  const [mode, setMode] = useState<'look' | 'arrange' | 'walk'>('look');
  const [chosen, setChosen] = useState<string>();
  const bed = garden.beds.find(({ id }) => id === chosen) ?? garden.beds[0];
  const back = () => setMode('look');
  return (
    <View style={{ flexDirection: wide ? 'row' : 'column', gap: space.m, alignItems: 'stretch' }}>
      <View style={{ flex: wide ? 1.2 : undefined, gap: space.s }}>
        {mode === 'arrange' && <ArrangePlot garden={garden} close={back} />}
        {mode === 'walk' && <WalkingOrder garden={garden} close={back} />}
        {mode === 'look' && (
          <>
            <GardenPicture
              places={pictured(garden)}
              chosen={bed?.id}
              onTap={setChosen}
              says="Tap a place to see what is on it."
            />
            <PictureKey />
            <Row wrap>
              <Button kind="other" onPress={() => setMode('arrange')}>
                Lay out the places
              </Button>
              {garden.beds.length > 1 && (
                <Button kind="other" onPress={() => setMode('walk')}>
                  Walking order
                </Button>
              )}
            </Row>
          </>
        )}
      </View>
      <View style={{ flex: wide ? 1 : undefined, gap: space.m }}>
        {bed && mode === 'look' && <BedCard key={bed.id} bed={bed} />}
      </View>
    </View>
  );
}

/** What the marks on the labels say, and a broken line. */
function PictureKey() {
  return (
    <Row wrap gap={space.m}>
      <Row gap={4}>
        <Spot isFilled={false}>1</Spot>
        <Small>open cases</Small>
      </Row>
      <Row gap={4}>
        <Spot isFilled>1</Spot>
        <Small>steps today</Small>
      </Row>
      <Small>Broken line: not measured yet</Small>
    </Row>
  );
}

function BedCard({ bed }: { bed: Bed }) {
  const [plant, setPlant] = useDraft(`plant-${bed.id}`);
  const addPlanting = useAct('addPlanting');
  const openCase = useAct('openCase');
  const router = useRouter();
  const tell = useNotice();
  const open = (plantingId?: string) =>
    openCase.mutate(
      { body: { bedId: bed.id, ...(plantingId === undefined ? {} : { plantingId }) } },
      { onSuccess: ({ id }) => router.push(`/cases/${id}`) },
    );
  const add = () => {
    if (plant.trim() === '') return;
    addPlanting.mutate(
      { id: bed.id, body: { plant, label: capital(plant) } },
      {
        onSuccess: ({ readAs, grewBefore }) => {
          setPlant('');
          const says = [
            readAs === undefined
              ? ''
              : `${capital(plant)} is not in the list; its signs are read as those of a relative: ${lowerFirst(readAs)}.`,
            grewBefore
              ? `${grewBefore.label}, of the same family, grew here until ${dayAndMonth(grewBefore.until)}: what lives on it waits in the bed. Three years apart is better.`
              : '',
          ].filter((line) => line !== '');
          if (says.length > 0) tell({ says: says.join(' ') });
        },
      },
    );
  };
  return (
    <Sheet>
      <Row style={{ justifyContent: 'space-between' }} wrap>
        <Heading rank={2}>{bed.name}</Heading>
        <LinkButton href={`/garden/${bed.id}`}>{`Open ${bed.name}`}</LinkButton>
      </Row>
      <Small>{[settingWords[bed.setting], bed.note].filter(Boolean).join(' · ')}</Small>
      {bed.open.map(({ id, name, pattern }) => (
        <Row key={id}>
          <Tag pattern={pattern} width={40} />
          <LinkButton href={`/cases/${id}`}>{name}</LinkButton>
        </Row>
      ))}
      {bed.due > 0 && <LinkButton href="/">{`${counted(bed.due, 'step', 'steps')} here today`}</LinkButton>}
      {bed.conditions.map(({ id, name, probability }) => (
        <Small key={id}>{`The ground: ${lowerFirst(name)}, ${chanceWords(probability)}`}</Small>
      ))}
      {bed.history.length > 0 && (
        <Small>{`Had before: ${bed.history.map(({ name, times }) => `${lowerFirst(name)}${times > 1 ? ` (${times} times)` : ''}`).join(', ')}`}</Small>
      )}
      <Heading rank={3}>What looks odd?</Heading>
      {bed.plantings.length === 0 && <Small>Nothing planted here.</Small>}
      <Row wrap>
        {bed.plantings.map(({ id, label, plant: of }) => (
          <PlantTile
            key={id}
            plant={of}
            label={label}
            says={`${label} looks odd`}
            disabled={openCase.isPending}
            onPress={() => open(id)}
          />
        ))}
        <Button
          kind="other"
          disabled={openCase.isPending}
          accessibilityLabel={`The ground of ${bed.name} looks odd`}
          onPress={() => open()}
        >
          The ground
        </Button>
      </Row>
      {openCase.error && <Trouble error={openCase.error} />}
      <Row wrap>
        <LinkButton href={`/jobs/new?bed=${bed.id}`} icon="plus">
          Plan something here
        </LinkButton>
      </Row>
      <Row>
        <TextInput
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
          Plant it
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
      <SettingChoice setting={setting} choose={setSetting} />
      {addBed.error && <Trouble error={addBed.error} />}
      <Button kind="main" disabled={addBed.isPending || name.trim() === ''} onPress={add}>
        Add it
      </Button>
    </Sheet>
  );
}

/** Places that were taken out, to be taken back in. */
function Gone({ garden }: { garden: GardenView }) {
  const restoreBed = useAct('restoreBed');
  if (garden.gone.length === 0) return null;
  return (
    <Sheet>
      <Heading rank={3}>Taken out</Heading>
      {garden.gone.map(({ id, name, on }) => (
        <Row key={id} style={{ justifyContent: 'space-between' }} wrap>
          <Small>{`${name}, ${dayWords(on, garden.today)}`}</Small>
          <Button
            accessibilityLabel={`Take it back in: ${name}`}
            disabled={restoreBed.isPending}
            onPress={() => restoreBed.mutate({ id })}
          >
            Take it back in
          </Button>
        </Row>
      ))}
      {restoreBed.error && <Trouble error={restoreBed.error} />}
    </Sheet>
  );
}

function Measures({ place }: { place: GardenView }) {
  const change = useAct('changeGarden');
  const tap = useQuantity('tap', 'hardness', place.tapHardness, place.measures, 'kept');
  const butt = useQuantity('butt', 'hardness', place.buttHardness, place.measures, 'kept');
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
        <QuantityField label="Hardness of the tap" least={190} {...tap.field} />
        <QuantityField label="Hardness of the butt" least={190} {...butt.field} />
      </Row>
      <View role="group" aria-label="In the water of the tap" style={{ gap: space.s }}>
        <Small strong>In the water of the tap</Small>
        <Choices
          of={tapTreatments.map((id) => ({ id, name: tapTreatmentWords[id] }))}
          chosen={place.tapTreatment}
          choose={(id) => change.mutate({ body: { tapTreatment: id } })}
        />
      </View>
      <Button
        kind="other"
        disabled={change.isPending || tap.base === undefined || butt.base === undefined}
        onPress={() =>
          change.mutate(
            { body: { tapHardness: tap.base ?? 0, buttHardness: butt.base ?? 0 } },
            {
              onSuccess: () => {
                tap.forget();
                butt.forget();
              },
            },
          )
        }
      >
        Save the water
      </Button>
      {change.error && <Trouble error={change.error} />}
    </Sheet>
  );
}
