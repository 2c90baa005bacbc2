import type { CalendarView, SlotsView, StepView } from '@trowel/core/contract';
import { NotPrinted, PaperOnly, PrintButton } from '@/ui/Printing';
import {
  capital,
  counted,
  dayAndMonth,
  dayWords,
  hourWords,
  monthName,
  weekdayOf,
} from '@trowel/core/wording/everyday';
import { useState, type ReactNode } from 'react';
import { Pressable, View } from 'react-native';
import { apiBase } from '@/api/tour';
import { stopPlanning, useAct, useCalendar, useGarden, usePlanning, useSlots } from '@/api/queries';
import { gapWords } from '@trowel/core/wording';
import { GardenPicture } from '@/drawing/garden/GardenPicture';
import { Tag } from '@/drawing/Tag';
import { space, useRoles } from '@/theme/theme';
import { Button } from '@/ui/Button';
import { pictured } from '@/steps/garden/pictured';
import { Page, Row, Sheet, useIsWide, useIsWidest } from '@/ui/layout';
import { LinkButton } from '@/ui/LinkButton';
import { useNotice } from '@/ui/notice';
import { Empty, Loaded, Trouble } from '@/ui/states';
import { Body, Heading, Small } from '@/ui/text';
import { ShedDoor } from './ShedDoor';
import { StepChip } from './StepChip';

type Day = CalendarView['days'][number];
type Slot = SlotsView['days'][number];

const idOf = ({ jobId, step }: Pick<StepView, 'jobId' | 'step'>) => `${jobId}:${step}`;

/** The weeks to come: what stands on which day, and a hand to move it where it may be. */
export function CalendarPage() {
  const query = useCalendar();
  const wide = useIsWide();
  const widest = useIsWidest();
  const [chosen, setChosen] = useState<StepView>();
  const slots = useSlots(chosen);
  const move = useMove(() => setChosen(undefined));
  const choose = (step: StepView | undefined) =>
    setChosen(step && chosen && idOf(step) === idOf(chosen) ? undefined : step);
  const open = chosen === undefined ? undefined : slots.data;
  const panel = (today: string) =>
    chosen && (
      <Chosen
        key={idOf(chosen)}
        step={chosen}
        today={today}
        slots={open}
        error={slots.error}
        move={move}
        close={() => choose(undefined)}
      />
    );
  return (
    <Page wide>
      <Loaded query={query}>
        {({ today, days, later }) => (
          <>
            <NotPrinted style={{ gap: space.s }}>
              <Heading rank={1}>The weeks to come</Heading>
              <Row wrap>
                <LinkButton href="/">Today</LinkButton>
                <PrintButton kind="other" />
                <Button kind="other" onPress={() => void globalThis.open(`${apiBase()}/plan.ics`, '_self')}>
                  As a calendar file
                </Button>
              </Row>
              <Thinking />
              {wide && !widest && panel(today)}
            </NotPrinted>
            {days.every(({ steps, also }) => steps.length === 0 && also.length === 0) && (
              <Empty title="Nothing planned">
                <Body>Choose a remedy in a case, or plan something: its steps stand here on their days.</Body>
              </Empty>
            )}
            <NotPrinted style={{ gap: space.m }}>
              {wide ? (
                <View style={{ flexDirection: 'row', gap: space.m }}>
                  {widest && (
                    <View style={{ width: 264, gap: space.m }}>
                      <Where days={days} chosen={chosen} choose={setChosen} />
                      {panel(today)}
                    </View>
                  )}
                  <View style={{ flex: 1, minWidth: 0 }}>
                    <Weeks days={days} today={today} chosen={chosen} choose={choose} slots={open} move={move} />
                  </View>
                </View>
              ) : (
                <DayList days={days} today={today} chosen={chosen} choose={choose} panel={panel(today)} />
              )}
            </NotPrinted>
            <NotPrinted style={{ gap: space.s }}>
              {later.length > 0 && <Heading>Later in the season</Heading>}
              {later.map(({ month, says }) => (
                <View key={month} style={{ gap: 2 }}>
                  <Heading rank={3}>{monthName(Number(month.slice(5)))}</Heading>
                  {says.map((one) => (
                    <Small key={one}>{one}</Small>
                  ))}
                </View>
              ))}
            </NotPrinted>
            <PaperOnly>
              <ShedDoor days={days} today={today} />
            </PaperOnly>
          </>
        )}
      </Loaded>
    </Page>
  );
}

/** Out of reach is told over the page. */
const leftToTheStrip = (): void => undefined;

/** The first plan stands at once; whether a better one is being looked for, with a way to leave it at that. */
function Thinking() {
  const planning = usePlanning();
  const { data } = planning;
  if (!data) return null;
  if (data.isThinking)
    return (
      <Row wrap>
        <View role="status">
          <Small>{`A better plan is being looked for: ${data.seconds} of at most ${data.most} s.`}</Small>
        </View>
        <Button onPress={() => void stopPlanning().then(() => planning.refetch(), leftToTheStrip)}>
          Leave it as it is
        </Button>
      </Row>
    );
  return data.gap === null ? null : <Small>{gapWords(data.gap)}</Small>;
}

/** Where it is to be done: a place tapped opens the next step there. */
function Where({
  days,
  chosen,
  choose,
}: Pick<DaysProps, 'days' | 'chosen'> & { choose: (step: StepView | undefined) => void }) {
  const garden = useGarden();
  const beds = garden.data?.beds ?? [];
  const coming = days.flatMap(({ steps }) => steps.filter(({ state }) => state === 'planned'));
  const at = (bedId: string) => coming.filter(({ bedIds }) => bedIds.includes(bedId));
  if (beds.length === 0) return null;
  return (
    <GardenPicture
      places={pictured({ beds }).map((place) => ({ ...place, open: 0, due: at(place.id).length }))}
      chosen={chosen?.bedIds[0]}
      onTap={(id) => choose(at(id)[0])}
      highest={320}
      says="Tap a place to see its next step."
      dueSays={(due) => counted(due, 'step to come', 'steps to come')}
    />
  );
}

type Move = (step: StepView, on: string, hour?: number) => void;

/** Puts a step on another day, with a way back to where it stood. */
function useMove(done: () => void): Move {
  const moveStep = useAct('moveStep');
  const tell = useNotice();
  return (step, on, hour) => {
    const { jobId, step: id, date, hour: before } = step;
    const onError = (error: Error) => tell({ says: error.message });
    moveStep.mutate(
      { body: { jobId, step: id, on, ...(hour === undefined ? {} : { hour }) } },
      {
        onSuccess: () => {
          done();
          tell({
            says: `“${step.does}” stands on ${weekdayOf(on)} ${dayAndMonth(on)} now.`,
            ...(date === null || before === null
              ? {}
              : {
                  undo: () =>
                    moveStep.mutate({ body: { jobId, step: id, on: date, hour: Math.floor(before) } }, { onError }),
                }),
          });
        },
        onError,
      },
    );
  };
}

const slotsShown = 7;

/** The step that was tapped: whose it is, why it stands there, and where it may go. */
function Chosen({
  step,
  today,
  slots,
  error,
  move,
  close,
}: {
  step: StepView;
  today: string;
  slots: SlotsView | undefined;
  error: Error | null;
  move: Move;
  close: () => void;
}) {
  const wide = useIsWide();
  const [all, setAll] = useState(false);
  const days = slots?.days.filter(({ isHere }) => !isHere) ?? [];
  const shown = all ? days : days.slice(0, slotsShown);
  return (
    <Sheet tone="cool">
      <Row style={{ justifyContent: 'space-between' }} wrap>
        <Row>
          <Tag pattern={step.pattern} width={40} />
          <Body strong>{step.does}</Body>
        </Row>
        <Button onPress={close}>Leave it there</Button>
      </Row>
      <Small>
        {[step.caseName, step.bedName, step.date === null ? '' : capital(dayWords(step.date, today))]
          .filter((part, at, all) => part !== '' && all.indexOf(part) === at)
          .join(' · ')}
      </Small>
      {step.whyThen !== '' && <Small>{step.whyThen}</Small>}
      {error && <Trouble error={error} />}
      {wide ? (
        <Small strong>Tap a day that is lit, or drag it there. Why the others will not do stands on them.</Small>
      ) : (
        <View role="group" aria-label="Move it to" style={{ gap: space.s }}>
          <Small strong>Move it to</Small>
          {shown.map((slot) => (
            <SlotRow key={slot.date} slot={slot} today={today} move={(hour) => move(step, slot.date, hour)} />
          ))}
          {shown.length < days.length && <Button onPress={() => setAll(true)}>Later days</Button>}
        </View>
      )}
    </Sheet>
  );
}

const hourOf = ({ hours }: Slot) => hours[hours.length - 1] ?? 0;

/** "Thursday, 18:00 to 20:00", or why not. */
function SlotRow({ slot, today, move }: { slot: Slot; today: string; move: (hour?: number) => void }) {
  const day = capital(dayWords(slot.date, today));
  if (slot.hours.length === 0) return <Small>{`${day}: ${slot.against ?? ''}`}</Small>;
  const [first = 0] = slot.hours;
  const last = hourOf(slot);
  return (
    <Button kind="soft" onPress={() => move()}>
      {`${day}, ${first === last ? hourWords(first) : `${hourWords(first)} to ${hourWords(last)}`}`}
    </Button>
  );
}

interface DaysProps {
  readonly days: readonly Day[];
  readonly today: string;
  readonly chosen: StepView | undefined;
  readonly choose: (step: StepView | undefined) => void;
}

/** On a phone: day by day, only those on which there is something; what was tapped opens below its day. */
function DayList({ days, today, chosen, choose, panel }: DaysProps & { panel: ReactNode }) {
  return (
    <>
      {days
        .filter(({ steps, also, isAway }) => steps.length > 0 || also.length > 0 || isAway)
        .map((day) => (
          <View key={day.date} style={{ gap: space.xs }}>
            <Heading rank={3}>{capital(dayWords(day.date, today))}</Heading>
            <OnDay day={day} chosen={chosen} choose={choose} />
            {chosen?.date === day.date && panel}
          </View>
        ))}
    </>
  );
}

function OnDay({ day, chosen, choose, drop }: Pick<DaysProps, 'chosen' | 'choose'> & { day: Day; drop?: Drop }) {
  return (
    <>
      {day.isAway && <Small strong>Away</Small>}
      {day.steps.map((step) => (
        <StepChip
          key={`${idOf(step)}:${step.round}:${step.state}`}
          step={step}
          isChosen={chosen !== undefined && idOf(step) === idOf(chosen) && step.state === 'planned'}
          onTap={() => choose(step)}
          {...(drop ? { onDrop: (at: { x: number; y: number }) => drop(step, at) } : {})}
        />
      ))}
      {day.also.map((says) => (
        <Small key={says}>{says}</Small>
      ))}
    </>
  );
}

type Drop = (step: StepView, at: { readonly x: number; readonly y: number }) => void;

/** The day over which something was let go; undefined outside all of them. */
const dayAt = ({ x, y }: { readonly x: number; readonly y: number }): string | undefined =>
  document
    .elementsFromPoint(x, y)
    .map((element) => element.closest<HTMLElement>('[data-day]')?.dataset.day)
    .find((day) => day !== undefined);

/** On a wide screen: seven days abreast; a step is dragged to another, or tapped and then the day. */
function Weeks({ days, today, chosen, choose, slots, move }: DaysProps & { slots: SlotsView | undefined; move: Move }) {
  const roles = useRoles();
  const weeks = Array.from({ length: Math.ceil(days.length / 7) }, (_, at) => days.slice(7 * at, 7 * at + 7));
  const slotOn = (date: string) => slots?.days.find((slot) => slot.date === date && !slot.isHere);
  const drop: Drop = (step, at) => {
    const day = dayAt(at);
    if (day !== undefined && day !== step.date) move(step, day);
  };
  return (
    <View style={{ gap: space.s }}>
      {weeks.map((week) => (
        <View key={week[0]?.date} style={{ flexDirection: 'row', gap: space.s, alignItems: 'stretch' }}>
          {week.map((day) => {
            const slot = slotOn(day.date);
            const isOpen = slot !== undefined && slot.hours.length > 0;
            const marked = { dataSet: { day: day.date } } as object;
            return (
              <View
                key={day.date}
                {...marked}
                style={{
                  flex: 1,
                  minWidth: 0,
                  minHeight: 84,
                  padding: 4,
                  gap: 4,
                  borderRadius: 6,
                  borderWidth: isOpen || day.date === today ? 2 : 1,
                  borderColor: isOpen ? roles.act : day.date === today ? roles.text : roles.line,
                  backgroundColor: isOpen
                    ? roles.goodGround
                    : day.date < today || day.isAway
                      ? roles.deep
                      : roles.raised,
                }}
              >
                <Small
                  strong={day.date === today}
                >{`${weekdayOf(day.date).slice(0, 3)} ${dayAndMonth(day.date)}`}</Small>
                <OnDay day={day} chosen={chosen} choose={choose} drop={drop} />
                {chosen && isOpen && (
                  <Pressable
                    role="button"
                    aria-label={`Move it to ${weekdayOf(day.date)} ${dayAndMonth(day.date)}`}
                    onPress={() => move(chosen, day.date)}
                    style={{ minHeight: 40, justifyContent: 'center', alignItems: 'center' }}
                  >
                    <Small strong style={{ color: roles.act }}>
                      Here
                    </Small>
                  </Pressable>
                )}
                {chosen && slot && !isOpen && <Small>{slot.against}</Small>}
              </View>
            );
          })}
        </View>
      ))}
    </View>
  );
}
