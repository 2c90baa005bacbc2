import type { GardenView } from '@trowel/core/contract';
import { climates, type Climate } from '@trowel/core/tables';
import { useState } from 'react';
import { Button, TextInput } from 'react-native-paper';
import { useCommand } from '@/api/queries';
import { Row, Sheet } from '@/ui/layout';
import { useNotice } from '@/ui/notice';
import { Trouble } from '@/ui/states';
import { Heading, Small } from '@/ui/text';
import { Toggle } from '@/ui/Toggle';

const climateWords: Record<Climate, { readonly name: string; readonly says: string }> = {
  cool: { name: 'Short summers', says: 'Seasons begin a month later and end a month sooner than usual.' },
  temperate: {
    name: 'Mild',
    says: 'Spring and autumn frosts, growth from April to October or its southern counterpart.',
  },
  warm: { name: 'Long summers', says: 'Seasons begin a month sooner and end a month later than usual.' },
  tropical: { name: 'No winter', says: 'The calendar says little about what is common.' },
};

/** Where the garden lies: which half of the year is summer, how long it is, and when the sun is low. */
export function WherePanel({ place }: { place: GardenView }) {
  const command = useCommand();
  const tell = useNotice();
  const [latitude, setLatitude] = useState(String(place.latitude));
  const [longitude, setLongitude] = useState(String(place.longitude));
  const [timeZone, setTimeZone] = useState(place.timeZone);
  const save = (body: Record<string, unknown>) =>
    command.mutate(
      { path: '/garden', body },
      { onSuccess: () => tell({ says: 'Saved; open cases have been weighed anew.' }) },
    );
  const degrees = (text: string) => Number(text.replace(',', '.'));
  return (
    <Sheet>
      <Heading rank={3}>Where it lies</Heading>
      <Row wrap>
        <TextInput
          mode="outlined"
          style={{ flex: 1, minWidth: 130 }}
          label="Latitude, south −"
          aria-label="Latitude in degrees, south of the equator negative"
          value={latitude}
          onChangeText={setLatitude}
        />
        <TextInput
          mode="outlined"
          style={{ flex: 1, minWidth: 130 }}
          label="Longitude, west −"
          aria-label="Longitude in degrees, west negative"
          value={longitude}
          onChangeText={setLongitude}
        />
      </Row>
      <TextInput
        mode="outlined"
        label="Time zone"
        aria-label="Time zone"
        autoCapitalize="none"
        value={timeZone}
        onChangeText={setTimeZone}
      />
      <Button
        mode="outlined"
        contentStyle={{ minHeight: 48 }}
        disabled={command.isPending}
        onPress={() =>
          save({ place: { latitude: degrees(latitude), longitude: degrees(longitude), timeZone: timeZone.trim() } })
        }
      >
        Save the place
      </Button>
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
      {command.isError && <Trouble error={command.error} />}
    </Sheet>
  );
}
