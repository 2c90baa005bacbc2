import type { GardenView } from '@trowel/core/contract';
import type { RemedyRow } from '@trowel/core/tables';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { useDraft } from '@/api/drafts';
import { useGarden } from '@/api/queries';
import { useKnowledge } from '@/knowledge';
import { MixCard } from '@/steps/mix/MixCard';
import { useMixSetting } from '@/steps/mix/useMixSetting';
import { space } from '@/theme/theme';
import { Longer } from '@/ui/Longer';
import { Choices } from '@/ui/Choices';
import { Field } from '@/ui/Field';
import { Page, Row, Sheet, useIsWide } from '@/ui/layout';
import { Loaded } from '@/ui/states';
import { Body, Heading, Small } from '@/ui/text';
import { Toggle } from '@/ui/Toggle';
import { gradeWords, rungWords } from '@/wording/remedies';
import { PlanRoutine } from '@/steps/routine/PlanRoutine';
import { RoutineList } from '@/steps/routine/RoutineList';
import { PlanJob } from './PlanJob';

/** Remedies offered while nothing is looked for. */
const shownAtFirst = 12;

/** Plans what is no case: a reminder, or any remedy in one or several beds, also one that is doubtful. */
export function NewJobPage() {
  const { remedy, bed, routine, wish } = useLocalSearchParams<{
    remedy?: string;
    bed?: string;
    routine?: string;
    wish?: string;
  }>();
  const garden = useGarden();
  const { remedies, routines } = useKnowledge();
  const wide = useIsWide();
  const chosen = remedies.find(({ id }) => id === remedy);
  const chosenRoutine = routines.find(({ id }) => id === routine);
  const onBed = bed === undefined ? {} : { bedId: bed };
  return (
    <Page wide>
      <Heading rank={1}>Plan something</Heading>
      <Loaded query={garden}>
        {(place) => (
          <View style={{ flexDirection: wide ? 'row' : 'column', gap: space.l, alignItems: 'stretch' }}>
            <View style={{ flex: wide ? 1 : undefined, gap: space.m, minWidth: 0 }}>
              {chosenRoutine ? (
                <PlanRoutine key={chosenRoutine.id} routine={chosenRoutine} garden={place} {...onBed} />
              ) : chosen ? (
                <Chosen key={chosen.id} remedy={chosen} garden={place} {...onBed} />
              ) : (
                <PlanJob garden={place} {...onBed} {...(wish === undefined ? {} : { wish })} />
              )}
            </View>
            <View style={{ flex: wide ? 1 : undefined, gap: space.m, minWidth: 0 }}>
              <RoutineList routines={routines} chosen={chosenRoutine?.id} />
              <Pick remedies={remedies} chosen={chosen?.id} />
            </View>
          </View>
        )}
      </Loaded>
    </Page>
  );
}

function Chosen({ remedy, garden, bedId }: { remedy: RemedyRow; garden: GardenView; bedId?: string }) {
  const mix = useMixSetting('new', remedy, garden);
  const [open, setOpen] = useState(false);
  return (
    <>
      <Sheet>
        <Heading rank={3}>{remedy.name}</Heading>
        <Small>{`${rungWords[remedy.rung]} · ${gradeWords[remedy.grade]}`}</Small>
        <Longer>{remedy.honest}</Longer>
        {remedy.recipe && (
          <Row>
            <Toggle expanded={open} onPress={() => setOpen(!open)}>
              How much of what
            </Toggle>
          </Row>
        )}
        {open && <MixCard remedy={remedy} garden={garden} mix={mix} />}
      </Sheet>
      <PlanJob
        what={{ remedy, setting: remedy.recipe && open ? mix.setting : {} }}
        garden={garden}
        {...(bedId === undefined ? {} : { bedId })}
      />
    </>
  );
}

function Pick({ remedies, chosen }: { remedies: readonly RemedyRow[]; chosen: string | undefined }) {
  const router = useRouter();
  const [text, setText] = useDraft('search:remedies');
  const wanted = text.trim().toLowerCase();
  const found = remedies
    .filter(({ name, plain }) => `${name} ${plain}`.toLowerCase().includes(wanted))
    .sort((a, b) => a.name.localeCompare(b.name));
  return (
    <Sheet>
      <Heading rank={3}>{chosen === undefined ? 'Or a remedy' : 'Another remedy'}</Heading>
      <Field label="Find a remedy" value={text} change={setText} />
      <Choices
        of={(wanted === '' ? found.slice(0, shownAtFirst) : found).map(({ id, name }) => ({ id, name }))}
        chosen={chosen}
        choose={(id) => router.setParams({ remedy: id, routine: '' })}
      />
      {found.length === 0 && <Body>{`Nothing here is called “${text.trim()}”.`}</Body>}
      {wanted === '' && <Small>{`${remedies.length} in all; type a word to see the others.`}</Small>}
      {chosen !== undefined && (
        <Row>
          <Toggle onPress={() => router.setParams({ remedy: '' })}>A reminder instead</Toggle>
        </Row>
      )}
    </Sheet>
  );
}
