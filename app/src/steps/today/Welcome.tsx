import type { InputOf } from '@trowel/core/contract';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { useAct, useTowns } from '@/api/queries';
import { space } from '@/theme/theme';
import { Button } from '@/ui/Button';
import { Row, Sheet } from '@/ui/layout';
import { Trouble } from '@/ui/states';
import { Heading, Small } from '@/ui/text';
import { Toggle } from '@/ui/Toggle';
import { TourButton } from '@/ui/TourStrip';
import { TownField, type Town } from '@/ui/TownField';
import { systemWords } from '@/wording/places';

type Measures = Town['measures'] | 'imperial';

/** How the kettle looks, and the hardness that goes with it, mg/L of lime. */
const waters = {
  soft: { name: 'Hardly', hardness: 60 },
  middling: { name: 'Some', hardness: 150 },
  hard: { name: 'A lot', hardness: 300 },
} as const;
type Water = keyof typeof waters;

const systems = ['metric', 'us', 'imperial', 'australian'] as const;

/** What this device thinks of where it is: the largest town of its time zone, as a first guess. */
const zone = () => `zone:${Intl.DateTimeFormat().resolvedOptions().timeZone}`;

/** The first minute in an empty garden: three guesses to put right, each of which can wait, and then what looks odd. */
export function Welcome() {
  const router = useRouter();
  const changeGarden = useAct('changeGarden');
  const [chosen, setChosen] = useState<Town>();
  const [measures, setMeasures] = useState<Measures>();
  const [water, setWater] = useState<Water>();
  const guess = useTowns(zone()).data?.[0];
  const town = chosen ?? guess;
  const system = measures ?? town?.measures ?? 'metric';
  const go = () => router.push('/cases/new');
  const body: InputOf<'changeGarden'> = {
    ...(town ? { place: { latitude: town.latitude, longitude: town.longitude, timeZone: town.timeZone } } : {}),
    measures: system,
    ...(water === undefined ? {} : { tapHardness: waters[water].hardness }),
  };
  return (
    <Sheet>
      <Heading>Three questions, and each can wait</Heading>
      <View style={{ gap: space.s }}>
        <Heading rank={3}>Which town is near?</Heading>
        <Small>
          {town
            ? `${chosen ? 'It is' : 'Guessed from your clock:'} ${town.name}, ${town.where}. It tells the seasons, the sun and the hours.`
            : 'It tells the seasons, the sun and the hours.'}
        </Small>
        <TownField chosen={chosen} choose={setChosen} />
      </View>
      <View style={{ gap: space.s }}>
        <Heading rank={3}>How do you measure?</Heading>
        <Row wrap>
          {systems.map((one) => (
            <Toggle key={one} pressed={system === one} onPress={() => setMeasures(one)}>
              {systemWords[one]}
            </Toggle>
          ))}
        </Row>
      </View>
      <View style={{ gap: space.s }}>
        <Heading rank={3}>How much lime grows in your kettle?</Heading>
        <Row wrap>
          {(Object.keys(waters) as Water[]).map((one) => (
            <Toggle key={one} pressed={water === one} onPress={() => setWater(one)}>
              {waters[one].name}
            </Toggle>
          ))}
        </Row>
        <Small>Lime in the water takes soap away. Not sure? Leave it; the bench can measure it.</Small>
      </View>
      {changeGarden.error && <Trouble error={changeGarden.error} />}
      <Row wrap>
        <Button
          kind="main"
          disabled={changeGarden.isPending}
          onPress={() => changeGarden.mutate({ body }, { onSuccess: go })}
        >
          That is right: what looks odd?
        </Button>
        <Button onPress={go}>All this later</Button>
      </Row>
      <TourButton />
    </Sheet>
  );
}
