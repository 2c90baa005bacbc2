import { useState } from 'react';
import { ScrollView, View } from 'react-native';
import { space } from '@/theme/theme';
import { Choices } from './Choices';
import { Row } from './layout';
import { Small } from './text';
import { Toggle } from './Toggle';

const ofDevice = (): string => new Intl.DateTimeFormat().resolvedOptions().timeZone;
const all = (): readonly string[] => [
  'UTC',
  ...Intl.supportedValuesOf('timeZone').filter((zone) => zone.includes('/')),
];
const regionOf = (zone: string): string => zone.split('/')[0] ?? zone;
/** "America/Argentina/Ushuaia" → "Ushuaia, Argentina". */
const placeOf = (zone: string): string => {
  const [, ...rest] = zone.replace(/_/g, ' ').split('/');
  return rest.length === 0 ? zone : [...rest].reverse().join(', ');
};

/** The zone of the garden's clock: this device's at a tap, any other from a list. Never typed. */
export function TimeZone({ zone, change }: { zone: string; change: (zone: string) => void }) {
  const [open, setOpen] = useState(false);
  const [region, setRegion] = useState(regionOf(zone));
  const device = ofDevice();
  const zones = all();
  const regions = [...new Set(zones.map(regionOf))];
  return (
    <View role="group" aria-label="Time zone" style={{ gap: space.s }}>
      <Small strong>Time zone</Small>
      <Row wrap>
        <Toggle expanded={open} label={`Time zone: ${placeOf(zone)}; choose another`} onPress={() => setOpen(!open)}>
          {placeOf(zone)}
        </Toggle>
        {device !== zone && <Toggle onPress={() => change(device)}>{`As this device: ${placeOf(device)}`}</Toggle>}
      </Row>
      {open && (
        <>
          <Choices of={regions.map((id) => ({ id, name: id }))} chosen={region} choose={setRegion} />
          <ScrollView style={{ maxHeight: 260 }} tabIndex={0} aria-label={`Places in ${region}`}>
            <Choices
              of={zones.filter((id) => regionOf(id) === region).map((id) => ({ id, name: placeOf(id) }))}
              chosen={zone}
              choose={(id) => {
                change(id);
                setOpen(false);
              }}
            />
          </ScrollView>
        </>
      )}
    </View>
  );
}
