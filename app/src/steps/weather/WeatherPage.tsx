import { useState } from 'react';
import { View } from 'react-native';
import { useMeasures } from '@/api/measures';
import { useAct, useWeather } from '@/api/queries';
import { SensorChart } from '@/drawing/SensorChart';
import { SkyChart } from '@/drawing/SkyChart';
import { space } from '@/theme/theme';
import { Button } from '@/ui/Button';
import { Choices } from '@/ui/Choices';
import { Page, Row, Sheet, useIsWide } from '@/ui/layout';
import { LinkButton } from '@/ui/LinkButton';
import { useNotice } from '@/ui/notice';
import { Loaded, Trouble } from '@/ui/states';
import { Body, Heading, Small } from '@/ui/text';
import { Toggle } from '@/ui/Toggle';
import type { WeatherView } from '@trowel/core/contract';
import { dayWords } from '@trowel/core/wording/everyday';
import { sensorKindWords } from '@/wording/weather';
import { ReadDay } from './ReadDay';
import { FileIn } from './FileIn';

/** The sky over the garden: what it was, what is forecast, what was read, and what sensors in the beds say. */
export function WeatherPage() {
  const query = useWeather();
  const wide = useIsWide();
  return (
    <Page wide>
      <Loaded query={query}>
        {(view) => (
          <>
            <Heading rank={1}>Weather</Heading>
            <Sky view={view} />
            <View style={{ flexDirection: wide ? 'row' : 'column', gap: space.m, alignItems: 'stretch' }}>
              <View style={{ flex: wide ? 1 : undefined, gap: space.m, minWidth: 0 }}>
                <ReadDay view={view} />
                <FileIn />
              </View>
              <View style={{ flex: wide ? 1 : undefined, gap: space.m, minWidth: 0 }}>
                {view.sensors.map((sensor) => (
                  <Sensor key={sensor.id} sensor={sensor} today={view.today} />
                ))}
                <PutSensor view={view} />
              </View>
            </View>
          </>
        )}
      </Loaded>
    </Page>
  );
}

function Sky({ view: { days, today } }: { view: WeatherView }) {
  const isMadeUp = days.every(({ source }) => source === 'stand-in');
  return (
    <Sheet>
      <SkyChart days={days} today={today} />
      <Small>
        {isMadeUp
          ? 'All of this is made up, by where the garden lies. What you read yourself, or take in from a file, counts instead.'
          : 'What you read counts first, then the forecast you brought; the rest is made up.'}
      </Small>
      <Small>The paler a day, the less its forecast knows of it.</Small>
    </Sheet>
  );
}

function Sensor({ sensor, today }: { sensor: WeatherView['sensors'][number]; today: string }) {
  const removeSensor = useAct('removeSensor');
  const restoreSensor = useAct('restoreSensor');
  const tell = useNotice();
  const measures = useMeasures();
  const { id, bedId, bedName, kind, since, says, hours } = sensor;
  return (
    <Sheet>
      <Heading rank={3}>{`Sensor: ${bedName}`}</Heading>
      <Body strong>{says ?? 'It has said nothing yet.'}</Body>
      {hours.length > 1 && <SensorChart hours={hours} today={today} system={measures} />}
      <Small>{`${sensorKindWords[kind].name}, since ${dayWords(since, today)}. ${sensorKindWords[kind].says}`}</Small>
      {kind === 'own' && <Small>{`It sends to /api/sensors/${id}/readings.`}</Small>}
      <Row wrap>
        <LinkButton href={`/garden/${bedId}`}>{bedName}</LinkButton>
        <Button
          accessibilityLabel={`Take it out: ${bedName}`}
          disabled={removeSensor.isPending}
          onPress={() =>
            removeSensor.mutate(
              { id },
              {
                onSuccess: () =>
                  tell({ says: `The sensor in ${bedName} is out.`, undo: () => restoreSensor.mutate({ id }) }),
                onError: (error) => tell({ says: error.message }),
              },
            )
          }
        >
          Take it out
        </Button>
      </Row>
    </Sheet>
  );
}

/** Which bed, and whether it is one of one's own or a made-up one to try with. */
function PutSensor({ view: { free } }: { view: WeatherView }) {
  const putSensor = useAct('putSensor');
  const tell = useNotice();
  const [open, setOpen] = useState(false);
  const [bed, setBed] = useState<string>();
  if (free.length === 0) return null;
  const put = (kind: 'made-up' | 'own') =>
    bed !== undefined &&
    putSensor.mutate(
      { id: bed, body: { kind } },
      {
        onSuccess: () => {
          tell({ says: 'The sensor is in; what it says stands here.' });
          setOpen(false);
          setBed(undefined);
        },
      },
    );
  return (
    <Sheet>
      <Heading rank={3}>A sensor in the soil</Heading>
      <Small>
        It says how moist and how warm the soil is: living helpers are poured when it is warm enough, and thirsty plants
        are watered first.
      </Small>
      <Row>
        <Toggle expanded={open} onPress={() => setOpen(!open)}>
          Put one in
        </Toggle>
      </Row>
      {open && (
        <>
          <Small strong>Where?</Small>
          <Choices of={free.map(({ bedId, bedName }) => ({ id: bedId, name: bedName }))} chosen={bed} choose={setBed} />
          <Row wrap>
            <Button kind="main" disabled={bed === undefined || putSensor.isPending} onPress={() => put('own')}>
              One of my own
            </Button>
            <Button kind="other" disabled={bed === undefined || putSensor.isPending} onPress={() => put('made-up')}>
              A made-up one
            </Button>
          </Row>
          <Small>A made-up one follows the weather here, to see how it would be.</Small>
          {putSensor.error && <Trouble error={putSensor.error} />}
        </>
      )}
    </Sheet>
  );
}
