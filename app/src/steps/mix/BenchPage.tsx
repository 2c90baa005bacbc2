import type { GardenView } from '@trowel/core/contract';
import { fillFrom, fillText, type Fill } from '@trowel/core/find';
import { recipeShelf } from '@trowel/core/mix';
import type { RemedyRow } from '@trowel/core/tables';
import { hardnessOf, inWords } from '@trowel/core/quantities';
import { lowerFirst, sentence, spoonNote } from '@trowel/core/wording';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { useAct, useBench, useGarden } from '@/api/queries';
import { FindBox } from '@/steps/find/FindBox';
import { useKnowledge } from '@/knowledge';
import { space, useRoles } from '@/theme/theme';
import { Longer } from '@/ui/Longer';
import { Choices } from '@/ui/Choices';
import { Folded } from '@/ui/Folded';
import { Page, Row, Sheet, useIsWide } from '@/ui/layout';
import { Loaded } from '@/ui/states';
import { Heading, Small } from '@/ui/text';
import { Toggle } from '@/ui/Toggle';
import { benchParts } from '@/wording/bench';
import { gradeWords } from '@/wording/remedies';
import { AskBox } from './AskBox';
import { BrewPart } from './BrewPart';
import { CupboardPart } from './CupboardPart';
import { PlanJob } from '@/steps/job/PlanJob';
import { MixCard } from './MixCard';
import { RecipesPart } from './RecipesPart';
import { useMixSetting, usualSettingOf } from './useMixSetting';
import { WorkPart } from './WorkPart';

const first = 'soap-spray';

type Part = keyof typeof benchParts;
const partList = (Object.keys(benchParts) as Part[]).map((id) => ({ id, name: benchParts[id] }));

/** The bench: mix something without a case, work something out, mind brews, keep the cupboard and own recipes. */
export function BenchPage() {
  const garden = useGarden();
  const bench = useBench();
  const router = useRouter();
  const { remedy, part, tool, fill } = useLocalSearchParams<{
    remedy?: string;
    part?: string;
    tool?: string;
    fill?: string;
  }>();
  const filled = useMemo(() => fillFrom(fill), [fill]);
  const here: Part = part !== undefined && part in benchParts ? (part as Part) : 'mix';
  return (
    <Page wide>
      <Heading rank={1}>Bench</Heading>
      <FindBox />
      <Choices of={partList} chosen={here} choose={(id) => router.setParams({ part: id })} />
      <Loaded query={garden}>
        {(place) => {
          switch (here) {
            case 'ask':
              return <AskBox />;
            case 'work':
              return (
                <WorkPart
                  garden={place}
                  toolId={tool}
                  fill={filled}
                  choose={(id) => router.setParams({ tool: id, fill: '{}' })}
                />
              );
            case 'mix':
              return (
                <MixPart
                  garden={place}
                  remedyId={remedy}
                  usedLast={bench.data?.usedLast ?? []}
                  fill={filled}
                  choose={(id) => router.setParams({ remedy: id, fill: '{}' })}
                />
              );
            case 'brews':
              return <Loaded query={bench}>{(view) => <BrewPart bench={view} measures={place.measures} />}</Loaded>;
            case 'cupboard':
              return <Loaded query={bench}>{(view) => <CupboardPart bench={view} />}</Loaded>;
            case 'recipes':
              return <Loaded query={bench}>{(view) => <RecipesPart bench={view} garden={place} />}</Loaded>;
            default:
              return here satisfies never;
          }
        }}
      </Loaded>
    </Page>
  );
}

function MixPart({
  garden,
  remedyId,
  usedLast,
  fill,
  choose,
}: {
  garden: GardenView;
  remedyId: string | undefined;
  usedLast: readonly string[];
  fill: Fill;
  choose: (id: string) => void;
}) {
  const wide = useIsWide();
  const knowledge = useKnowledge();
  const { last, atHand, rest } = recipeShelf(
    knowledge,
    usedLast,
    garden.cupboard.map(({ ingredient }) => ingredient),
  );
  const chosen = [...last, ...atHand, ...rest].find(({ id }) => id === (remedyId ?? last[0]?.id ?? first));
  const [whole, setWhole] = useState(false);
  return (
    <View style={{ flexDirection: wide ? 'row' : 'column', gap: space.l, alignItems: 'stretch' }}>
      <View style={{ flex: wide ? 2 : undefined, gap: space.m, minWidth: 0 }}>
        <Folded label="Another recipe" chosen={chosen?.id}>
          {(close) => {
            const pick = (id: string) => {
              close();
              choose(id);
            };
            return (
              <>
                {last.length > 0 && <Shelf title="Used last" rows={last} chosen={chosen?.id} choose={pick} />}
                {atHand.length > 0 && (
                  <Shelf title="In your cupboard" rows={atHand} chosen={chosen?.id} choose={pick} />
                )}
                <Row>
                  <Toggle expanded={whole} onPress={() => setWhole(!whole)}>
                    {`All others · ${rest.length}`}
                  </Toggle>
                </Row>
                {whole && <Choices of={rest} chosen={chosen?.id} choose={pick} />}
              </>
            );
          }}
        </Folded>
      </View>
      <View style={{ flex: wide ? 3 : undefined, gap: space.m, minWidth: 0 }}>
        {chosen && (
          <BenchMix
            key={`${chosen.id}-${garden.measures}-${fillText(fill)}`}
            remedy={chosen}
            garden={garden}
            fill={fill}
          />
        )}
        <Small>{spoonNote(garden.measures)}</Small>
        <Small>{`Hardness: tap ${inWords(hardnessOf(garden.tapHardness), garden.measures)}, butt ${inWords(hardnessOf(garden.buttHardness), garden.measures)}; change these under Garden.`}</Small>
      </View>
    </View>
  );
}

/** One board of the shelf: recipes under the reason why they stand in front. */
function Shelf({
  title,
  rows,
  chosen,
  choose,
}: {
  title: string;
  rows: readonly RemedyRow[];
  chosen: string | undefined;
  choose: (id: string) => void;
}) {
  const roles = useRoles();
  return (
    <View role="group" aria-label={title} style={{ borderBottomWidth: 3, borderColor: roles.softText, gap: space.xs }}>
      <Small strong>{title}</Small>
      <Row wrap style={{ paddingBottom: space.s }}>
        {rows.map(({ id, name }) => (
          <Toggle key={id} pressed={id === chosen} onPress={() => choose(id)}>
            {name}
          </Toggle>
        ))}
      </Row>
    </View>
  );
}

function BenchMix({ remedy, garden, fill }: { remedy: RemedyRow; garden: GardenView; fill: Fill }) {
  const setPreferences = useAct('setPreferences');
  const kept = garden.schools[remedy.id];
  const strengths = remedy.recipe?.strengths ?? [];
  const usual = strengths.find(({ id }) => id === kept) ?? strengths.find(({ byDefault }) => byDefault);
  const mix = useMixSetting('bench', remedy, garden, {
    ...usualSettingOf(remedy, garden, kept === undefined ? null : (usual?.value ?? null)),
    ...(fill.vesselId === undefined ? {} : { vesselId: fill.vesselId }),
    ...(fill.volumeMl === undefined ? {} : { volumeMl: fill.volumeMl }),
  });
  const chosen = strengths.find(({ value }) => value === (mix.setting.strength ?? usual?.value));
  const [planning, setPlanning] = useState(false);
  return (
    <Sheet>
      <Heading rank={3}>{remedy.name}</Heading>
      <Small>{gradeWords[remedy.grade]}</Small>
      <Longer>{remedy.honest}</Longer>
      <MixCard remedy={remedy} garden={garden} mix={mix}>
        {chosen && strengths.length > 1 && (
          <Row wrap>
            <Small style={{ flexShrink: 1 }}>{sentence(`${chosen.label}: ${chosen.why}`)}</Small>
            <Toggle
              pressed={kept === chosen.id}
              label={`Keep to this: begin ${lowerFirst(remedy.name)} with ${chosen.label}`}
              onPress={() =>
                setPreferences.mutate({ body: { schools: { [remedy.id]: kept === chosen.id ? null : chosen.id } } })
              }
            >
              Keep to this
            </Toggle>
          </Row>
        )}
      </MixCard>
      <Row>
        <Toggle expanded={planning} onPress={() => setPlanning(!planning)}>
          Plan this
        </Toggle>
      </Row>
      {planning && <PlanJob what={{ remedy, setting: mix.setting }} garden={garden} />}
    </Sheet>
  );
}
