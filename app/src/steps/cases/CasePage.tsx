import { chooseRemedies, type Choice } from '@trowel/core/choose';
import type { CaseView, GardenView } from '@trowel/core/contract';
import { addDays } from '@trowel/core/quantities';
import { weigh, worthShowing, type Weighing } from '@trowel/core/weigh';
import { depthWords, shortDay } from '@trowel/core/wording';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { seasonOfPlace, type SceneFact } from '@trowel/core/tables';
import { useDeferredValue, useMemo, useState } from 'react';
import { ScrollView, View } from 'react-native';
import { useAct, useCase, useGarden } from '@/api/queries';
import { useWaiting } from '@/api/waiting';
import { Blade } from '@/drawing/Blade';
import { Tag } from '@/drawing/Tag';
import { useKnowledge } from '@/knowledge';
import { ChoosePart } from '@/steps/choose/ChoosePart';
import { LookPart } from '@/steps/follow/LookPart';
import { CountsBeside } from '@/steps/plan/counts-beside';
import { DoPart } from '@/steps/plan/DoPart';
import { ReadPart, SayLine } from '@/steps/read/ReadPart';
import { WeighPart } from '@/steps/weigh/WeighPart';
import { space, useRoles } from '@/theme/theme';
import { Longer } from '@/ui/Longer';
import { Page, Row, useIsWide, useIsWidest } from '@/ui/layout';
import { useNotice } from '@/ui/notice';
import { Loaded } from '@/ui/states';
import { Swiped } from '@/ui/Swiped';
import { Tabs } from '@/ui/Tabs';
import { Body, Heading, Small } from '@/ui/text';
import { caseParts, outcomeWords } from '@/wording/cases';
import { CaseTimeLine } from './CaseTimeLine';

type Part = (typeof caseParts)[number]['id'];

/**
 * One case from the first sign to the verdict. On a wide screen reading and weighing stand side by side, live; on the
 * widest choosing as well, and what is done beside what is counted.
 */
export function CasePage() {
  const { id = '', part: asked } = useLocalSearchParams<{ id: string; part?: string }>();
  const router = useRouter();
  const part = caseParts.find((row) => row.id === asked)?.id ?? 'read';
  const goTo = (next: Part) => router.setParams({ part: next });
  const view = useCase(id);
  const garden = useGarden();
  const isWaiting = useWaiting().some(({ act, id: opened }) => act === 'openCase' && opened === id);
  if (isWaiting && view.data === undefined) return <WaitingCase id={id} />;
  return (
    <Loaded query={view}>
      {(data) => (
        <Loaded query={garden}>{(place) => <OpenCase view={data} garden={place} part={part} goTo={goTo} />}</Loaded>
      )}
    </Loaded>
  );
}

/** Opened out of reach: what is seen can be said already; it is read and weighed once it has been sent. */
function WaitingCase({ id }: { id: string }) {
  return (
    <Page>
      <Heading rank={1}>A new case</Heading>
      <Body>It waits to be sent, and so does what you say here. It is read and weighed when the server answers.</Body>
      <SayLine caseId={id} disabled={false} />
    </Page>
  );
}

function useReading(
  view: CaseView,
  garden: GardenView,
  facts: readonly SceneFact[],
): { weighing: Weighing; choice: Choice } {
  const knowledge = useKnowledge();
  // A tap is answered at once; reasons and the next question follow when there is a moment.
  const settled = useDeferredValue(view.situation);
  const whole = useMemo(() => weigh(knowledge, settled), [knowledge, settled]);
  return useMemo(() => {
    const weighing =
      settled === view.situation
        ? whole
        : {
            ...weigh(knowledge, view.situation, { withChecks: false, withReasons: false }),
            nextChecks: whole.nextChecks,
          };
    const choice = chooseRemedies(knowledge, weighing, {
      setting: view.situation.setting,
      recent: view.recent,
      tried: view.tried,
      experience: view.experience,
      ...seasonOfPlace(view.situation),
      ...(view.situation.plant === undefined ? {} : { plant: view.situation.plant }),
      ...(view.situation.daysToHarvest === undefined ? {} : { daysToHarvest: view.situation.daysToHarvest }),
      facts,
      forbids: garden.forbids,
      schools: garden.schools,
      onlyFromCupboard: garden.onlyFromCupboard,
      // Where no cupboard is kept, nothing can be missing from it.
      ...(garden.cupboard.length > 0 ? { cupboard: garden.cupboard.map(({ ingredient }) => ingredient) } : {}),
    });
    return { weighing, choice };
  }, [knowledge, view.situation, view.recent, view.tried, view.experience, settled, whole, garden, facts]);
}

/** So long most plants flower on; told as a day, which can be changed on the page of the bed. */
const flowersOn = 14;

/** What is so here; that its plant is in flower is kept with the plant, and the plan goes by it. */
function useBloom(
  { bloomUntil, summary: { plantingId } }: CaseView,
  today: string,
  told: readonly SceneFact[],
  setTold: (facts: readonly SceneFact[]) => void,
) {
  const setBloom = useAct('setBloom');
  const tell = useNotice();
  const isKept = bloomUntil !== null;
  const facts = useMemo(
    () => [...told.filter((fact) => fact !== 'on-open-bloom' || plantingId === null), ...(isKept ? bloom : [])],
    [told, plantingId, isKept],
  );
  const setFacts = (next: readonly SceneFact[]) => {
    const isNow = next.includes('on-open-bloom');
    if (plantingId !== null && isNow !== isKept)
      setBloom.mutate(
        { id: plantingId, body: { until: isNow ? addDays(today, flowersOn) : null } },
        { onError: (error) => tell({ says: error.message }) },
      );
    setTold(next);
  };
  return { facts, setFacts };
}
const bloom: readonly SceneFact[] = ['on-open-bloom'];

interface OpenCaseProps {
  readonly view: CaseView;
  readonly garden: GardenView;
  readonly part: Part;
  readonly goTo: (part: Part) => void;
}

function OpenCase({ view, garden, part, goTo }: OpenCaseProps) {
  const wide = useIsWide();
  const widest = useIsWidest();
  const [told, setTold] = useState<readonly SceneFact[]>(
    () => garden.beds.find(({ id }) => id === view.summary.bedId)?.near ?? [],
  );
  const { facts, setFacts } = useBloom(view, garden.today, told, setTold);
  const { weighing, choice } = useReading(view, garden, facts);
  const content = {
    read: <ReadPart view={view} />,
    weigh: <WeighPart view={view} weighing={weighing} choice={choice} />,
    choose: <ChoosePart view={view} choice={choice} garden={garden} facts={facts} setFacts={setFacts} />,
    do: (
      <CountsBeside value={widest}>
        <DoPart view={view} garden={garden} />
      </CountsBeside>
    ),
    look: <LookPart view={view} beside={wide && !widest} />,
  } satisfies Record<Part, React.ReactElement>;
  const beside = groupOf(part, wide, widest);
  return (
    <View style={{ flex: 1, minHeight: 0 }}>
      <CaseHead view={view} weighing={weighing} part={part} beside={beside} goTo={goTo} />
      {beside.length > 1 && beside.includes('look') && <CaseTimeLine view={view} today={garden.today} />}
      <Swiped
        onLeft={beside.length === 1 ? () => goTo(partBeside(part, 1)) : undefined}
        onRight={beside.length === 1 ? () => goTo(partBeside(part, -1)) : undefined}
        style={{ flex: 1, flexDirection: 'row', minHeight: 0 }}
      >
        {beside.map((one) => (
          <View key={one} style={{ flex: 1, minWidth: 0 }}>
            <Page wide={beside.length === 1 && one === 'look'}>
              {content[one]}
              {one === 'look' && <CaseLog view={view} />}
            </Page>
          </View>
        ))}
      </Swiped>
    </View>
  );
}

const seeing: readonly Part[] = ['read', 'weigh', 'choose'];
const doing: readonly Part[] = ['do', 'look'];

/** The part before or after; at either end it stays. */
function partBeside(part: Part, by: 1 | -1): Part {
  const at = caseParts.findIndex(({ id }) => id === part) + by;
  return caseParts[at]?.id ?? part;
}

/** The parts that stand beside the one that was asked for. */
function groupOf(part: Part, wide: boolean, widest: boolean): readonly Part[] {
  if (widest) return seeing.includes(part) ? seeing : doing;
  return wide && (part === 'read' || part === 'weigh') ? ['read', 'weigh'] : [part];
}

/** The tag, the leading reading and the blade stay in sight whatever part is open. */
function CaseHead({
  view,
  weighing,
  part,
  beside,
  goTo,
}: {
  view: CaseView;
  weighing: Weighing;
  part: Part;
  beside: readonly Part[];
  goTo: (part: Part) => void;
}) {
  const roles = useRoles();
  const { summary } = view;
  const names = worthShowing(weighing).head;
  return (
    <View style={{ backgroundColor: roles.raised, borderBottomWidth: 1, borderColor: roles.line }}>
      <Row gap={space.m} style={{ paddingHorizontal: space.m, paddingTop: space.s }}>
        <View style={{ flex: 1, minWidth: 0 }}>
          <Row>
            <Tag pattern={summary.pattern} width={46} />
            <Heading rank={1} style={{ fontSize: 22, lineHeight: 27, flexShrink: 1 }}>
              {summary.name}
            </Heading>
          </Row>
          <Small>{`${summary.bedName}${summary.plantLabel === null ? '' : ` · ${summary.plantLabel}`}${summary.status === 'closed' ? ` · ${outcomeWords[summary.outcome ?? ''] ?? 'closed'}` : ''}`}</Small>
          <Body strong>
            {names.length === 0 ? 'Nothing weighed yet' : names.map(({ row }) => row.name).join(' + ')}
          </Body>
        </View>
        <View
          style={{ alignItems: 'center', minWidth: 76 }}
          aria-live="polite"
          aria-label={`How far dug: ${depthWords(weighing.depth)}`}
        >
          <Blade depth={weighing.depth} height={66} />
        </View>
      </Row>
      <ScrollView horizontal showsHorizontalScrollIndicator={false} contentContainerStyle={{ flexGrow: 1 }}>
        <Tabs tabs={caseParts} chosen={part} beside={beside} choose={goTo} says="Steps of the case" />
      </ScrollView>
    </View>
  );
}

function CaseLog({ view }: { view: CaseView }) {
  return (
    <View style={{ gap: 4 }}>
      <Heading rank={3}>What was done</Heading>
      {view.log.map(({ id, on, says }) => (
        <Longer key={id} small>{`${shortDay(on)} · ${says}`}</Longer>
      ))}
    </View>
  );
}
