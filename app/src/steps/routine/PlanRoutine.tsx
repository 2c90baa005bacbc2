import type { GardenView } from '@trowel/core/contract';
import { compostShareFor, daysOfParts, endsUsually, feedByLabel, partsOf, takesMuch } from '@trowel/core/jobs';
import type { RoutineRow } from '@trowel/core/tables';
import {
  calledForWords,
  capital,
  feedShareWords,
  partDaysWords,
  sentence,
  shareReasonWords,
} from '@trowel/core/wording';
import { readNumber } from '@trowel/core/quantities';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { useAct } from '@/api/queries';
import { useKnowledge } from '@/knowledge';
import { PlacePicker, placesOf, type Picked } from '@/steps/job/PlacePicker';
import { space } from '@/theme/theme';
import { Button } from '@/ui/Button';
import { Choices } from '@/ui/Choices';
import { DateField } from '@/ui/DateField';
import { Row, Sheet } from '@/ui/layout';
import { Longer } from '@/ui/Longer';
import { NumberField } from '@/ui/NumberField';
import { useNotice } from '@/ui/notice';
import { useQuantity } from '@/ui/quantity';
import { QuantityField } from '@/ui/QuantityField';
import { Trouble } from '@/ui/states';
import { Body, Heading, Small } from '@/ui/text';
import { Toggle } from '@/ui/Toggle';
import { gradeWords } from '@/wording/remedies';

/** Plans a routine: where, from when to when, how; what will be done on which days stands below while it is chosen. */
export function PlanRoutine({ routine, garden, bedId }: { routine: RoutineRow; garden: GardenView; bedId?: string }) {
  const router = useRouter();
  const plan = useAct('planRoutine');
  const tell = useNotice();
  const { today, measures } = garden;
  const [picked, setPicked] = useState<Picked>({ beds: bedId === undefined ? [] : [bedId], plantings: [] });
  const [begins, setBegins] = useState<string>(today);
  const [ends, setEnds] = useState<string | null>(null);
  const [way, setWay] = useState(routine.ways?.of[0]?.id);
  const [leaveOut, setLeaveOut] = useState<readonly string[]>([]);
  const feed = useFeed(routine, garden);
  const groups = useGroups(routine, garden, picked.beds);
  const isShared = routine.groups !== undefined;
  const there = useQuantity('compost-there', 'volume', undefined, measures);
  const places = placesOf(garden, picked);
  const parts = partsOf(routine, way ?? null);
  const span = { begins, ends: ends ?? endsUsually(routine, begins) };
  const days = daysOfParts(parts, span, today);
  const isReady = (routine.isAnywhere ?? false) || picked.beds.length > 0;
  const send = () =>
    plan.mutate(
      {
        body: {
          routine: routine.id,
          begins,
          ...(ends === null ? {} : { ends }),
          ...(way === undefined ? {} : { way }),
          places: places.map((place) => ({
            ...place,
            ...(isShared ? { group: groups.of(place.bedId) } : {}),
          })),
          leaveOut: [...leaveOut],
          ...(feed.label ? { label: feed.label } : {}),
          ...(isShared && there.base !== undefined ? { thereMl: Math.round(there.base) } : {}),
        },
      },
      {
        onSuccess: ({ id }) => {
          tell({ says: `${routine.name}: on the plan.` });
          router.push(`/routines/${id}`);
        },
      },
    );
  return (
    <>
      <Sheet>
        <Heading rank={3}>{routine.name}</Heading>
        <Small>{capital(gradeWords[routine.grade])}</Small>
        <Body>{routine.plain}</Body>
        <Longer>{routine.honest}</Longer>
      </Sheet>
      <Sheet tone="cool">
        <Heading rank={3}>{`Plan: ${routine.name}`}</Heading>
        {!routine.isAnywhere && (
          <PlacePicker
            garden={garden}
            label="Where"
            picked={picked}
            pick={setPicked}
            withPlants={!isShared}
            withWorst={!isShared}
          />
        )}
        {isShared && groups.view}
        {isShared && <QuantityField label="Compost there is" optional {...there.field} />}
        <Row wrap style={{ alignItems: 'flex-start' }}>
          <DateField
            label={routine.begins.asks}
            says={routine.begins.asks}
            day={begins}
            change={(day) => setBegins(day ?? today)}
          />
          {routine.ends && (
            <DateField
              label={`${routine.ends.asks} (${routine.ends.days} days on, if you name no day)`}
              says={routine.ends.asks}
              day={ends}
              change={setEnds}
            />
          )}
        </Row>
        <Small>{routine.begins.says}</Small>
        {routine.ways && (
          <View role="group" aria-label={routine.ways.asks} style={{ gap: space.s }}>
            <Small strong>{routine.ways.asks}</Small>
            <Choices of={routine.ways.of} chosen={way} choose={setWay} />
            <Small>{sentence(capital(routine.ways.of.find(({ id }) => id === way)?.why ?? ''))}</Small>
          </View>
        )}
        {feed.view}
        <View role="group" aria-label="What is done" style={{ gap: space.s }}>
          <Small strong>What is done</Small>
          {parts.map((part) => {
            const isOut = leaveOut.includes(part.id);
            const when = days.find((one) => one.part.id === part.id);
            const says = when ? partDaysWords(when, part.everyDays, today) : calledForWords;
            return (
              <Row key={part.id} wrap style={{ justifyContent: 'space-between' }}>
                <View style={{ flex: 1, minWidth: 180 }}>
                  <Body>{capital(part.name)}</Body>
                  <Small>{isOut ? 'Left out' : says}</Small>
                </View>
                {part.isOptional && (
                  <Toggle
                    pressed={isOut}
                    onPress={() =>
                      setLeaveOut(isOut ? leaveOut.filter((id) => id !== part.id) : [...leaveOut, part.id])
                    }
                  >
                    {`Leave out: ${part.name}`}
                  </Toggle>
                )}
              </Row>
            );
          })}
        </View>
        {plan.error && <Trouble error={plan.error} />}
        <Row>
          <Button kind="main" disabled={!isReady || plan.isPending} onPress={send}>
            {isReady ? 'Put it on the plan' : 'Say where first'}
          </Button>
        </Row>
      </Sheet>
    </>
  );
}

/** A feed by its label: what is asked, and what comes of it for young plants. */
function useFeed(routine: RoutineRow, { measures }: GardenView) {
  const tables = useKnowledge();
  const rate = useQuantity('feed-label', 'volume/volume', undefined, measures);
  const [nitrogen, setNitrogen] = useState('');
  const percent = readNumber(nitrogen);
  const label =
    routine.label && rate.base !== undefined && percent !== undefined && percent > 0
      ? { mlPerLitre: rate.base, nitrogen: percent }
      : undefined;
  const share = label && feedByLabel(tables, routine, label);
  const view = routine.label ? (
    <View role="group" aria-label="By the label" style={{ gap: space.s }}>
      <Small strong>What the label of the feed says for plants outdoors</Small>
      <Row wrap style={{ alignItems: 'flex-start' }}>
        <QuantityField label="Rate" optional {...rate.field} />
        <NumberField label="Nitrogen (N)" unit="%" optional value={nitrogen} change={setNitrogen} />
      </Row>
      <Small>
        {share
          ? sentence(`Given: ${feedShareWords(share, measures)}`)
          : 'A quarter of it is given. Left empty, it is as for a 6 % feed.'}
      </Small>
    </View>
  ) : null;
  return { label, view };
}

/** What is done with each bed where there is too little for all: proposed by its ground and what grows there, and changed by a tap. */
function useGroups({ groups }: RoutineRow, garden: GardenView, beds: readonly string[]) {
  const tables = useKnowledge();
  const [changed, setChanged] = useState<Readonly<Record<string, string>>>({});
  const proposals = new Map(
    garden.beds
      .filter(({ id }) => beds.includes(id))
      .map((bed) => [
        bed.id,
        compostShareFor({
          poor:
            bed.conditions.length === 0
              ? undefined
              : (bed.conditions.find(({ id }) => id === 'poor-soil')?.probability ?? 0),
          isHungry: takesMuch(
            tables,
            bed.plantings.map(({ plant }) => plant),
          ),
        }),
      ]),
  );
  const of = (bedId: string): string => changed[bedId] ?? proposals.get(bedId)?.share ?? 'skips';
  const view = (
    <>
      {garden.beds
        .filter(({ id }) => proposals.has(id))
        .map(({ id, name }) => {
          const because = proposals.get(id)?.because;
          return (
            <View key={id} role="group" aria-label={name} style={{ gap: space.s }}>
              <Small strong>{name}</Small>
              <Choices
                of={(groups ?? []).map((group) => ({ id: group.id, name: group.name }))}
                chosen={of(id)}
                choose={(group) => setChanged({ ...changed, [id]: group })}
              />
              <Small>
                {changed[id] === undefined && because
                  ? sentence(`Proposed: ${shareReasonWords[because]}`)
                  : sentence(capital(groups?.find((group) => group.id === of(id))?.says ?? ''))}
              </Small>
            </View>
          );
        })}
    </>
  );
  return { of, view };
}
