import type { GardenView } from '@trowel/core/contract';
import { mix } from '@trowel/core/mix';
import type { RemedyRow } from '@trowel/core/tables';
import { knowledge } from '@trowel/knowledge';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { TextInput } from 'react-native-paper';
import { useGarden } from '@/api/queries';
import { gradeWords } from '@/steps/choose/ChoosePart';
import { space } from '@/theme/theme';
import { Page, Row, Sheet, useIsWide } from '@/ui/layout';
import { Loaded } from '@/ui/states';
import { Body, Heading, Small } from '@/ui/text';
import { Toggle } from '@/ui/Toggle';
import { MixCard, spoonNote } from './MixCard';
import { WorkPart } from './WorkPart';

const mixable = knowledge.remedies.filter(({ recipe }) => recipe);

const parts = { mix: 'Mix', work: 'Work it out' } as const;
type Part = keyof typeof parts;

/** The bench: mix something without a case, work something out, and ask whether two things may meet. */
export function BenchPage() {
  const garden = useGarden();
  const router = useRouter();
  const { remedy, part, tool } = useLocalSearchParams<{ remedy?: string; part?: string; tool?: string }>();
  const here: Part = part !== undefined && part in parts ? (part as Part) : 'mix';
  return (
    <Page wide>
      <Heading rank={1}>Bench</Heading>
      <Row wrap>
        {(Object.keys(parts) as Part[]).map((id) => (
          <Toggle key={id} pressed={id === here} onPress={() => router.setParams({ part: id })}>
            {parts[id]}
          </Toggle>
        ))}
      </Row>
      <Loaded query={garden}>
        {(place) =>
          here === 'work' ? (
            <WorkPart garden={place} toolId={tool} choose={(id) => router.setParams({ tool: id })} />
          ) : (
            <MixPart garden={place} remedyId={remedy} choose={(id) => router.setParams({ remedy: id })} />
          )
        }
      </Loaded>
    </Page>
  );
}

function MixPart({
  garden,
  remedyId,
  choose,
}: {
  garden: GardenView;
  remedyId: string | undefined;
  choose: (id: string) => void;
}) {
  const wide = useIsWide();
  const chosen = mixable.find(({ id }) => id === remedyId) ?? mixable[0];
  return (
    <View style={{ flexDirection: wide ? 'row' : 'column', gap: space.l, alignItems: 'stretch' }}>
      <View style={{ flex: wide ? 3 : undefined, gap: space.m, minWidth: 0 }}>
        <Row wrap>
          {mixable.map(({ id, name }) => (
            <Toggle key={id} pressed={id === chosen?.id} onPress={() => choose(id)}>
              {name}
            </Toggle>
          ))}
        </Row>
        {chosen && <BenchMix key={chosen.id} remedy={chosen} garden={garden} />}
      </View>
      <View style={{ flex: wide ? 2 : undefined, gap: space.m, minWidth: 0 }}>
        <MayTheyMeet />
        <Small>{spoonNote(garden.measures)}</Small>
        <Small>{`Tap water ${garden.tapHardness} mg/L, butt ${garden.buttHardness} mg/L hardness; change these under Garden.`}</Small>
      </View>
    </View>
  );
}

function BenchMix({ remedy, garden }: { remedy: RemedyRow; garden: GardenView }) {
  const [strength, setStrength] = useState(remedy.recipe?.strengths.find(({ byDefault }) => byDefault)?.value);
  return (
    <Sheet>
      <Heading rank={3}>{remedy.name}</Heading>
      <Small>{gradeWords[remedy.grade] ?? ''}</Small>
      <Body>{remedy.honest}</Body>
      <Row wrap>
        {remedy.recipe?.strengths.map(({ id, label, value, why }) => (
          <Toggle key={id} pressed={value === strength} label={`${label}: ${why}`} onPress={() => setStrength(value)}>
            {label}
          </Toggle>
        ))}
      </Row>
      <MixCard remedy={remedy} garden={garden} {...(strength === undefined ? {} : { strength })} />
    </Sheet>
  );
}

/** Bleach and vinegar? Asked before they are poured. */
function MayTheyMeet() {
  const [first, setFirst] = useState('');
  const [second, setSecond] = useState('');
  const words = [first, second].map((word) => word.trim()).filter((word) => word !== '');
  const answer = words.length === 2 ? mix(knowledge, { together: words, measures: 'metric' }) : undefined;
  const isStop = answer?.kind === 'refused';
  const isDoubt = answer?.kind === 'checked' && (answer.cautions.length > 0 || answer.notUnderstood.length > 0);
  return (
    <Sheet>
      <Heading>May they meet?</Heading>
      <Small>Two things you would pour into one vessel.</Small>
      <TextInput mode="outlined" label="One" aria-label="One thing" value={first} onChangeText={setFirst} />
      <TextInput
        mode="outlined"
        label="The other"
        aria-label="The other thing"
        value={second}
        onChangeText={setSecond}
      />
      {(answer?.kind === 'checked' || answer?.kind === 'refused') && (
        <Sheet tone={isStop ? 'stop' : isDoubt ? 'warn' : 'good'}>
          <View role={isStop ? 'alert' : 'status'}>
            <Body strong>{answer.says}</Body>
            {answer.kind === 'checked' &&
              answer.cautions.map(({ says, instead }) => <Body key={says}>{`${says} ${instead ?? ''}`}</Body>)}
          </View>
        </Sheet>
      )}
    </Sheet>
  );
}
