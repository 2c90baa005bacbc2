import type { GardenView, InputOf } from '@trowel/core/contract';
import { readNumber } from '@trowel/core/quantities';
import { climates } from '@trowel/core/tables';
import { useState } from 'react';
import { z } from 'zod';
import { useDraftOf } from '@/api/drafts';
import { useAct } from '@/api/queries';
import { Button } from '@/ui/Button';
import { Row, Sheet } from '@/ui/layout';
import { NumberField } from '@/ui/NumberField';
import { useNotice } from '@/ui/notice';
import { Trouble } from '@/ui/states';
import { Heading, Small } from '@/ui/text';
import { TimeZone } from '@/ui/TimeZone';
import { Toggle } from '@/ui/Toggle';
import { TownField } from '@/ui/TownField';
import { climateWords } from '@/wording/places';

const degreesDraft = z.object({ latitude: z.string(), longitude: z.string() });

/** Where the garden lies: which half of the year is summer, how long it is, and when the sun is low. */
export function WherePanel({ place }: { place: GardenView }) {
  const changeGarden = useAct('changeGarden');
  const tell = useNotice();
  const opening = { latitude: String(place.latitude), longitude: String(place.longitude) };
  const [draft, setDraft] = useDraftOf('degrees', degreesDraft, opening);
  const { latitude, longitude } = draft;
  const [byDegrees, setByDegrees] = useState(() => JSON.stringify(draft) !== JSON.stringify(opening));
  const save = (body: InputOf<'changeGarden'>) =>
    changeGarden.mutate({ body }, { onSuccess: () => tell({ says: 'Saved; open cases have been weighed anew.' }) });
  const where = { latitude: readNumber(latitude), longitude: readNumber(longitude) };
  const savePlace = (timeZone: string) =>
    save({
      place: {
        latitude: where.latitude ?? place.latitude,
        longitude: where.longitude ?? place.longitude,
        timeZone,
      },
    });
  return (
    <Sheet>
      <Heading rank={3}>Where it lies</Heading>
      <Small>The nearest town tells the seasons, the sun and the hours.</Small>
      <TownField
        chosen={undefined}
        choose={(town) => {
          setDraft({ latitude: String(town.latitude), longitude: String(town.longitude) });
          save({ place: { latitude: town.latitude, longitude: town.longitude, timeZone: town.timeZone } });
        }}
      />
      <Row>
        <Toggle expanded={byDegrees} onPress={() => setByDegrees(!byDegrees)}>
          {`${degrees(place.latitude, 'N', 'S')}, ${degrees(place.longitude, 'E', 'W')} · ${place.timeZone}`}
        </Toggle>
      </Row>
      {byDegrees && (
        <>
          <Row wrap style={{ alignItems: 'flex-start' }}>
            <NumberField
              label="Latitude"
              says="Latitude in degrees, south of the equator negative"
              hint="South of the equator with a minus."
              value={latitude}
              change={(next) => setDraft({ ...draft, latitude: next })}
              wrong={where.latitude === undefined ? 'Write degrees, like 52.1.' : undefined}
            />
            <NumberField
              label="Longitude"
              says="Longitude in degrees, west negative"
              hint="West with a minus."
              value={longitude}
              change={(next) => setDraft({ ...draft, longitude: next })}
              wrong={where.longitude === undefined ? 'Write degrees, like −4.1.' : undefined}
            />
          </Row>
          <Button
            kind="other"
            disabled={changeGarden.isPending || where.latitude === undefined || where.longitude === undefined}
            onPress={() => savePlace(place.timeZone)}
          >
            Save the place
          </Button>
          <TimeZone zone={place.timeZone} change={savePlace} />
        </>
      )}
      <Small strong>How long are the seasons?</Small>
      <Row wrap>
        <Toggle pressed={place.climate === null} onPress={() => save({ climate: null })}>
          As the latitude
        </Toggle>
        {climates.map((id) => (
          <Toggle key={id} pressed={id === place.climate} onPress={() => save({ climate: id })}>
            {climateWords[id].name}
          </Toggle>
        ))}
      </Row>
      <Small>
        {place.climate === null
          ? 'By the latitude alone: no seasons within the tropics, mild ones outside.'
          : climateWords[place.climate].says}
      </Small>
      {changeGarden.error && <Trouble error={changeGarden.error} />}
    </Sheet>
  );
}

/** "52.1° N"; of half a compass each. */
const degrees = (value: number, up: string, down: string) =>
  `${Math.abs(Number(value.toFixed(1)))}° ${value < 0 ? down : up}`;
