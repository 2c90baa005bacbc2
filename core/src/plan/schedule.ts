import {
  aroundOn,
  daysToHarvest,
  seasonOn,
  testDays,
  thingsOf,
  timingOf,
  type CautionFound,
  type Round,
  type TimingTables,
} from '../judge';
import { openSteps, passedSteps } from '../jobs';
import type { Climate, RemedyId, RemedyRow, StepSpec, WindowSpec } from '../tables';
import { addDays, daysBetween, type IsoDate } from '../quantities/days';
import { sunHours, type Place, type SunHours } from './sun';
import type { DayWeather, Sky } from './weather';
import { isVisit, type Visits } from './visits';
import { hindrances, type Hindrance } from './windows';

/** A chosen remedy in its places, with what has been done of it so far. */
export interface Job {
  readonly id: string;
  /** Where it happens; keep-apart counts within a place. */
  readonly places: readonly string[];
  readonly remedy: RemedyRow;
  readonly chosenOn: IsoDate;
  /** With the hour of the clock, where it is known. */
  readonly done: readonly { readonly step: string; readonly on: IsoDate; readonly hour?: number }[];
  readonly skipped: readonly string[];
  /** Of what was done, what rain took before it had done its work. */
  readonly washed?: readonly string[];
  /** When they were left out, where that is known: what follows counts its days from then. */
  readonly skippedOn?: readonly { readonly step: string; readonly on: IsoDate }[];
  /** It is drawn from a brew: not before that is ready, nor past its best. */
  readonly brew?: { readonly readyOn: IsoDate; readonly bestBefore: IsoDate };
  /** A test leaf was marked: nothing more is put on. */
  readonly isHalted?: boolean;
  /** The last day on which anything of it may be done. */
  readonly by?: IsoDate;
  readonly urgent?: boolean;
  /** Indoors or under glass: rain and wind do not reach it, and the forecast is not its temperature. */
  readonly sheltered?: boolean;
  /** °C by which the soil there is warmer than it is reckoned from the air, where a sensor says so. */
  readonly soilShift?: number;
  /** Seedlings: when the youngest of them sprouted, and whether castings feed them meanwhile. */
  readonly sprouted?: { readonly on: IsoDate; readonly hasCastings: boolean };
  /** The day on which something of this plant is to be picked. */
  readonly harvestOn?: IsoDate;
  /** What it puts on hurts who comes to open blossom: nothing before the day after this. */
  readonly bloomUntil?: IsoDate;
  /** A disease that likes wet leaves is open here: nothing is sprayed into the night. */
  readonly keepLeavesDryAtNight?: boolean;
}

export interface PlanProblem {
  readonly today: IsoDate;
  /** Hour of the clock now; earlier hours today are gone. */
  readonly hourNow: number;
  readonly horizonDays: number;
  readonly at: Place;
  readonly climate?: Climate;
  /** The days to come as they are forecast, and before them some that are over: what fell and how warm it was still tells. */
  readonly weather: readonly DayWeather[];
  readonly jobs: readonly Job[];
  /** What was put on each place lately, outside these jobs. */
  readonly recent: readonly { readonly place: string; readonly remedy: RemedyRow; readonly on: IsoDate }[];
  /** What the judge goes by. */
  readonly tables: TimingTables;
  readonly daysAway?: readonly IsoDate[];
  /** When the gardener comes by; left out, at any time. What cannot wait goes outside it. */
  readonly visits?: Visits;
  /** The hour at which the gardener usually comes by, for steps that may be done at any hour. */
  readonly usualHour?: number;
  /** Where steps stood before: they stay there if they still can. */
  readonly previous?: readonly {
    readonly job: string;
    readonly step: string;
    readonly date: IsoDate;
    readonly hour: number;
    /** Put there by the gardener: it stays, whatever else would be better, as long as it may. */
    readonly isPinned?: boolean;
  }[];
}

export type PlanReason =
  | { readonly kind: 'first-fit' }
  | { readonly kind: 'together'; readonly withStep: string }
  | { readonly kind: 'kept' }
  | { readonly kind: 'pinned' }
  /** It could not wait for a time that the gardener has. */
  | { readonly kind: 'outside-times' }
  | { readonly kind: 'later-than-wanted'; readonly days: number };

export interface PassedOver {
  readonly date: IsoDate;
  readonly because:
    | Hindrance
    | TimingCode
    | 'away'
    | 'not-your-time'
    | 'not-yet'
    | 'too-late'
    | 'day-full'
    | 'past'
    | 'test-leaf'
    | 'step-before'
    | 'past-deadline'
    | 'in-flower'
    | 'earlier-fits'
    | 'fits-better'
    | 'brew-working'
    | 'brew-past';
  /** What the judge said, where it was the judge. */
  readonly found?: CautionFound;
}

/** What the judge may have against a day. */
export const timingCodes = [
  'days-between',
  'too-often',
  'too-soon',
  'too-many',
  'wait-to-pick',
  'too-young',
  'out-of-season',
] as const;
export type TimingCode = (typeof timingCodes)[number];

export interface PlannedStep {
  readonly job: string;
  readonly places: readonly string[];
  readonly remedy: RemedyId;
  readonly step: StepSpec;
  readonly date: IsoDate;
  readonly hour: number;
  readonly reason: PlanReason;
  /** Days before it that would not do, and why. */
  readonly passedOver: readonly PassedOver[];
  /** 1 within the near forecast, falling to 0 beyond it. */
  readonly sureness: number;
  /** Why it does not stand where it stood before. */
  readonly leftBecause?: PassedOver['because'];
  /** The last day on which it should have been done, where that is over. */
  readonly overdueSince?: IsoDate;
}

export interface UnplacedStep {
  readonly job: string;
  readonly remedy: RemedyId;
  readonly step: StepSpec;
  readonly passedOver: readonly PassedOver[];
}

export interface Plan {
  readonly steps: readonly PlannedStep[];
  readonly unplaced: readonly UnplacedStep[];
  readonly moved: readonly {
    readonly job: string;
    readonly step: string;
    readonly from: IsoDate;
    readonly to: IsoDate;
    readonly because: PassedOver['because'] | undefined;
  }[];
}

/** A step may slip this many days past its latest gap before it is called unplaced: longer than any two things are kept apart. */
export const mostDaysLate = 28;

/**
 * Lays every open step of every job on a day and hour. A first honest scheduler: steps in order of
 * when they can begin (urgent jobs first), each on the first day within its gap whose weather, sun
 * and neighbours allow it, at the hour of another visit that day where one fits. Nothing that has
 * been done is moved, and what stood somewhere before stays there if it still may.
 */
export function schedule(problem: PlanProblem): Plan {
  const sky = skyOf(problem);
  const steps: PlannedStep[] = [];
  const unplaced: UnplacedStep[] = [];
  // What begins in a month to come waits unseen until its month is within sight.
  const inSight = addDays(problem.today, problem.horizonDays);
  const jobs = problem.jobs.filter(({ chosenOn }) => chosenOn <= inSight);
  const open = jobs.flatMap((job) => stepsToLay(job).map((step) => ({ job, step })));
  const waiting = [...open];
  while (waiting.length > 0) {
    const ready = waiting
      .map((item) => ({ ...item, earliest: earliestFor(item.job, item.step, problem, steps) }))
      .filter((item): item is typeof item & { earliest: IsoDate } => item.earliest !== undefined)
      .sort(
        (a, b) => Number(b.job.urgent ?? false) - Number(a.job.urgent ?? false) || a.earliest.localeCompare(b.earliest),
      );
    const next = ready[0];
    // What is left comes after a step that could not be placed.
    if (!next) {
      unplaced.push(...waiting.map(({ job, step }) => ({ job: job.id, remedy: job.remedy.id, step, passedOver: [] })));
      break;
    }
    waiting.splice(
      waiting.findIndex((item) => item.job === next.job && item.step === next.step),
      1,
    );
    const placed = place(next.job, next.step, next.earliest, problem, sky, steps);
    if (placed.kind === 'placed') steps.push(placed.step);
    else
      unplaced.push({ job: next.job.id, remedy: next.job.remedy.id, step: next.step, passedOver: placed.passedOver });
  }
  steps.sort((a, b) => a.date.localeCompare(b.date) || a.hour - b.hour);
  return { steps, unplaced, moved: movedSince(problem, steps) };
}

/** What is to be laid out of a job; of one that is halted, nothing that puts anything on and nothing that follows it. */
export function stepsToLay(job: Job): StepSpec[] {
  const open = openSteps(job.remedy, job);
  if (!job.isHalted) return open;
  const out = new Set(open.filter(({ applies }) => applies).map(({ id }) => id));
  // Chains are written in order: what follows stands below.
  for (const { id, after } of open) if (after !== undefined && out.has(after)) out.add(id);
  return open.filter(({ id }) => !out.has(id));
}

/** The first day a step may be on: its gap after the step before it, never before today; undefined while that step has no day. */
export function earliestFor(
  job: Job,
  step: StepSpec,
  { today }: PlanProblem,
  steps: readonly PlannedStep[],
): IsoDate | undefined {
  const base = baseDate(job, step, steps);
  if (base === undefined) return undefined;
  const wanted = latestOf([addDays(base, step.gap[0]), dayOfTest(job, step, steps), today]);
  return wanted;
}

const latestOf = (days: readonly (IsoDate | undefined)[]): IsoDate | undefined =>
  days
    .flatMap((day) => day ?? [])
    .sort()
    .pop();

interface Dated {
  readonly date: IsoDate;
  readonly hour: number | undefined;
}

/** When a step of a job was done, or stands in the plan. */
function whenIs(job: Job, id: string | undefined, steps: readonly PlannedStep[]): Dated | undefined {
  const done = job.done.find(({ step }) => step === id);
  if (done) return { date: done.on, hour: done.hour };
  const planned = steps.find((item) => item.job === job.id && item.step.id === id);
  return planned && { date: planned.date, hour: planned.hour };
}

/** The test leaf of a job, for what is put on and for the look at it; undefined where there is none, or it was left out. */
function testOf(job: Job, step: StepSpec, steps: readonly PlannedStep[]): Dated | undefined {
  if (!step.applies && step.kind !== 'test-look') return undefined;
  return whenIs(job, job.remedy.steps.find(({ kind }) => kind === 'test-leaf')?.id, steps);
}

const dayOfTest = (job: Job, step: StepSpec, steps: readonly PlannedStep[]): IsoDate | undefined => {
  const test = testOf(job, step, steps);
  return test && addDays(test.date, testDays);
};

/**
 * The day the gap counts from: when the step named in `after` was done or left out, or stands in the plan; where it is
 * passed over, that of the one before it; else the day of choosing.
 */
export function baseDate(job: Job, step: StepSpec, steps: readonly PlannedStep[]): IsoDate | undefined {
  if (step.after === undefined) return job.chosenOn;
  const done = job.done.find((item) => item.step === step.after);
  if (done) return done.on;
  const planned = steps.find((item) => item.job === job.id && item.step.id === step.after);
  if (planned) return planned.date;
  const before = job.remedy.steps.find(({ id }) => id === step.after);
  const leftOut = job.skippedOn?.find((item) => item.step === step.after);
  if (leftOut) return leftOut.on;
  const isOver = before && (job.skipped.includes(before.id) || passedSteps(job.remedy, job).has(before.id));
  return isOver ? baseDate(job, before, steps) : undefined;
}

/** A step where it stands in a plan, but for the reasons. @param latest the last day on which it should be done */
export const standing = (
  { today, weather }: PlanProblem,
  job: Job,
  step: StepSpec,
  { date, hour, latest }: { readonly date: IsoDate; readonly hour: number; readonly latest: IsoDate },
): Omit<PlannedStep, 'reason' | 'passedOver'> => ({
  job: job.id,
  places: job.places,
  remedy: job.remedy.id,
  step,
  date,
  hour,
  sureness: sureness(today, date, weather),
  ...(latest < today ? { overdueSince: latest } : {}),
});

/** The last day on which a step may stand at all: so long past its latest, and within sight. */
export function lastDayFor(
  job: Job,
  step: StepSpec,
  earliest: IsoDate,
  { today, horizonDays }: PlanProblem,
  steps: readonly PlannedStep[],
): IsoDate {
  const latest = addDays(baseDate(job, step, steps) ?? earliest, step.gap[1]);
  const late = addDays(latest < earliest ? earliest : latest, mostDaysLate);
  const inSight = addDays(today, horizonDays);
  return [late, inSight, ...(job.by === undefined ? [] : [job.by])].sort()[0] ?? inSight;
}

type Placing =
  | { readonly kind: 'placed'; readonly step: PlannedStep }
  | { readonly kind: 'unplaced'; readonly passedOver: readonly PassedOver[] };

function place(
  job: Job,
  step: StepSpec,
  earliest: IsoDate,
  problem: PlanProblem,
  sky: Sky,
  steps: readonly PlannedStep[],
): Placing {
  const window = windowFor(job, step);
  const latest = addDays(baseDate(job, step, steps) ?? earliest, step.gap[1]);
  const passedOver: PassedOver[] = [];
  const lastDay = lastDayFor(job, step, earliest, problem, steps);
  const before = problem.previous?.find((item) => item.job === job.id && item.step === step.id);
  let left: PassedOver['because'] | undefined;
  const make = (date: IsoDate, hour: number, reason: PlanReason): Placing => ({
    kind: 'placed',
    step: {
      ...standing(problem, job, step, { date, hour, latest }),
      reason,
      passedOver,
      ...(left === undefined ? {} : { leftBecause: left }),
    },
  });
  if (before && before.date >= earliest && before.date <= lastDay) {
    const choice = dayChoice(job, step, window, before.date, problem, sky, steps);
    const isOpen = choice.kind === 'open' && choice.hours.includes(before.hour);
    if (isOpen && before.isPinned) return make(before.date, before.hour, { kind: 'pinned' });
    if (
      isOpen &&
      isVisit(problem.visits, before.date, before.hour) &&
      hasRoom(problem.visits, before.date, step, steps)
    ) {
      // What stands later than it should says why; where that is over, it comes sooner again.
      const closed =
        before.date > latest ? allClosed(job, step, window, [earliest, before.date], problem, sky, steps) : [];
      if (closed !== undefined) {
        passedOver.push(...closed);
        return make(before.date, before.hour, { kind: 'kept' });
      }
      left = 'earlier-fits';
    }
    const mine = problem.visits ? atVisits(choice, before.date, step, problem, steps) : choice;
    if (mine.kind === 'closed') left = mine.passed.because;
  }
  // First in time and at the gardener's times; what cannot be so is rather at another time than late.
  const inTime = latest < earliest ? earliest : latest;
  const passes = problem.visits
    ? [
        { to: inTime, isMine: true },
        { to: inTime, isMine: false },
        { to: lastDay, isMine: true },
        { to: lastDay, isMine: false },
      ]
    : [{ to: lastDay, isMine: false }];
  for (const { to, isMine } of passes) {
    passedOver.length = 0;
    for (let date = earliest; date <= to && date <= lastDay; date = addDays(date, 1)) {
      const all = dayChoice(job, step, window, date, problem, sky, steps);
      const choice = isMine ? atVisits(all, date, step, problem, steps) : all;
      if (choice.kind === 'closed') {
        passedOver.push(choice.passed);
        continue;
      }
      const hours = inTimeFor(job, step, choice.hours, date, problem, sky);
      const neighbour = steps.find((other) => other.date === date && hours.includes(other.hour));
      const late = daysBetween(latest, date);
      const hour = neighbour?.hour ?? nearest(hours, problem.usualHour ?? 17);
      if (late > 0) return make(date, hour, { kind: 'later-than-wanted', days: late });
      if (!isVisit(problem.visits, date, hour)) return make(date, hour, { kind: 'outside-times' });
      return make(date, hour, neighbour ? { kind: 'together', withStep: neighbour.step.does } : { kind: 'first-fit' });
    }
  }
  return { kind: 'unplaced', passedOver };
}

/** Why none of some days would do; undefined where one of them would. */
function allClosed(
  job: Job,
  step: StepSpec,
  window: WindowSpec,
  [from, before]: readonly [IsoDate, IsoDate],
  problem: PlanProblem,
  sky: Sky,
  steps: readonly PlannedStep[],
): PassedOver[] | undefined {
  const closed: PassedOver[] = [];
  for (let date = from; date < before; date = addDays(date, 1)) {
    const choice = dayChoice(job, step, window, date, problem, sky, steps);
    if (choice.kind === 'open') return undefined;
    closed.push(choice.passed);
  }
  return closed;
}

/** Does a step still go into the minutes of a day? The first of a day always does. */
function hasRoom(visits: Visits | undefined, date: IsoDate, step: StepSpec, steps: readonly PlannedStep[]): boolean {
  if (visits?.minutes === undefined) return true;
  const taken = steps.filter((other) => other.date === date).reduce((sum, other) => sum + other.step.minutes, 0);
  return taken === 0 || taken + step.minutes <= visits.minutes;
}

/** Of what a day allows, what falls into the gardener's times. */
function atVisits(
  choice: DayChoice,
  date: IsoDate,
  step: StepSpec,
  { visits }: PlanProblem,
  steps: readonly PlannedStep[],
): DayChoice {
  if (choice.kind === 'closed') return choice;
  if (!hasRoom(visits, date, step, steps)) return { kind: 'closed', passed: { date, because: 'day-full' } };
  const hours = choice.hours.filter((hour) => isVisit(visits, date, hour));
  return hours.length > 0 ? { kind: 'open', hours } : { kind: 'closed', passed: { date, because: 'not-your-time' } };
}

/** Of the hours that suit a step, those that leave time the same day for what follows it at once; all, where none does. */
function inTimeFor(
  job: Job,
  step: StepSpec,
  hours: readonly number[],
  date: IsoDate,
  problem: PlanProblem,
  sky: Sky,
): readonly number[] {
  const sun = sunHours(date, problem.at);
  const lastHours = openSteps(job.remedy, job)
    .filter(({ after, gap }) => after === step.id && gap[0] === 0)
    .map((next) =>
      Math.max(
        -1,
        ...hoursOf(windowFor(job, next), sky, sun, date).flatMap(({ hour, against }) =>
          against.length === 0 ? [hour] : [],
        ),
      ),
    );
  const inTime = hours.filter((hour) => lastHours.every((last) => last < 0 || hour <= last));
  return inTime.length > 0 ? inTime : hours;
}

const coldest = -60;

/** Evening sprays move to the early morning where wet nights would feed a disease. */
function windowFor({ keepLeavesDryAtNight, sheltered, soilShift }: Job, step: StepSpec): WindowSpec {
  const { applies } = step;
  const window: WindowSpec = sheltered
    ? {
        part: step.window.part,
        ...(step.window.sun === 'avoid' ? { sun: 'avoid' } : {}),
        // Under glass it is never cooler than outside.
        ...(step.window.between ? { between: [coldest, step.window.between[1]] } : {}),
        ...(step.window.soil
          ? { soil: [soilShift === undefined ? coldest : step.window.soil[0], step.window.soil[1]] }
          : {}),
      }
    : step.window;
  const shifted: WindowSpec =
    window.soil && soilShift !== undefined
      ? { ...window, soil: [window.soil[0] - soilShift, window.soil[1] - soilShift] }
      : window;
  return keepLeavesDryAtNight && applies && window.part === 'evening' ? { ...shifted, part: 'morning' } : shifted;
}

type DayChoice =
  | { readonly kind: 'open'; readonly hours: readonly number[] }
  | { readonly kind: 'closed'; readonly passed: PassedOver };

function dayChoice(
  job: Job,
  step: StepSpec,
  window: WindowSpec,
  date: IsoDate,
  problem: PlanProblem,
  sky: Sky,
  steps: readonly PlannedStep[],
): DayChoice {
  if (problem.daysAway?.includes(date)) return { kind: 'closed', passed: { date, because: 'away' } };
  if (job.by !== undefined && date > job.by) return { kind: 'closed', passed: { date, because: 'past-deadline' } };
  if (step.applies && job.bloomUntil !== undefined && date <= job.bloomUntil)
    return { kind: 'closed', passed: { date, because: 'in-flower' } };
  const brew = step.applies ? job.brew : undefined;
  if (brew && date < brew.readyOn) return { kind: 'closed', passed: { date, because: 'brew-working' } };
  if (brew && date > brew.bestBefore) return { kind: 'closed', passed: { date, because: 'brew-past' } };
  const found = step.applies ? againstDay(job, date, problem, steps) : undefined;
  if (found) return { kind: 'closed', passed: { date, because: found.code, found } };
  const sun = sunHours(date, problem.at);
  const from = date === problem.today ? Math.ceil(problem.hourNow) : 0;
  const judged = hoursOf(window, sky, sun, date).filter(({ hour }) => hour >= from);
  const suits = judged.filter(({ against }) => against.length === 0).map(({ hour }) => hour);
  const open = suits.filter((hour) => hour >= hourOfStepBefore(job, step, date, steps));
  const hours = open.filter((hour) => hour >= hourOfTest(job, step, date, steps));
  if (hours.length > 0) return { kind: 'open', hours };
  if (open.length > 0) return { kind: 'closed', passed: { date, because: 'test-leaf' } };
  if (suits.length > 0) return { kind: 'closed', passed: { date, because: 'step-before' } };
  const because = judged.flatMap(({ against }) => against)[0] ?? 'past';
  return { kind: 'closed', passed: { date, because } };
}

/** The hour of the step that it follows, where that falls on the same day: no step stands before the one it follows. */
function hourOfStepBefore(job: Job, { after }: StepSpec, date: IsoDate, steps: readonly PlannedStep[]): number {
  const before = after === undefined ? undefined : whenIs(job, after, steps);
  return before?.date === date ? (before.hour ?? 0) : 0;
}

/** The hour from which two whole days have passed since the test leaf; 0 where none is waited for. */
function hourOfTest(job: Job, step: StepSpec, date: IsoDate, steps: readonly PlannedStep[]): number {
  const test = testOf(job, step, steps);
  return test && daysBetween(test.date, date) <= testDays ? (test.hour ?? 0) : 0;
}

/** Every hour of the right part of a day with what speaks against it. */
export function hoursOf(
  window: WindowSpec,
  sky: Sky,
  sun: SunHours,
  date: IsoDate,
): { hour: number; against: Hindrance[] }[] {
  return Array.from({ length: 24 }, (_, hour) => ({ hour, against: hindrances(window, sky, sun, date, hour) })).filter(
    ({ against }) => !against.includes('wrong-part'),
  );
}

const skyOf = ({ weather, today }: PlanProblem): Sky => ({ first: weather[0]?.date ?? today, days: weather });

/** What speaks against a step at an hour, as far as weather and light go. */
export function againstHour(problem: PlanProblem, job: Job, step: StepSpec, date: IsoDate, hour: number): Hindrance[] {
  return hindrances(windowFor(job, step), skyOf(problem), sunHours(date, problem.at), date, hour);
}

/** What a day offers to a step, while such other steps stand: the hours that are open, or why none is. */
export const offerOf = (
  job: Job,
  step: StepSpec,
  date: IsoDate,
  problem: PlanProblem,
  steps: readonly PlannedStep[],
): { readonly hours: readonly number[]; readonly against?: PassedOver } => {
  const choice = dayChoice(job, step, windowFor(job, step), date, problem, skyOf(problem), steps);
  return choice.kind === 'open' ? { hours: choice.hours } : { hours: [], against: choice.passed };
};

/** Has the judge something against one application because of one other, so many days before or after it? */
export function pairObjection(problem: PlanProblem, job: Job, on: IsoDate, other: Job, otherOn: IsoDate): boolean {
  const { tables } = problem;
  const round = { remedy: other.remedy, on: otherOn, isOwn: other.id === job.id, isOnPlant: true };
  return timingOf(tables, {
    remedy: job.remedy.id,
    things: thingsOf(tables, job.remedy),
    ...aroundOn(tables, [round], on),
  }).some(isTiming);
}

/** What the judge has against putting this remedy on that day, by what else goes on there; undefined where nothing. */
function againstDay(
  job: Job,
  date: IsoDate,
  problem: PlanProblem,
  steps: readonly PlannedStep[],
): (CautionFound & { readonly code: TimingCode }) | undefined {
  const { tables } = problem;
  const picked = daysToHarvest(date, job.harvestOn);
  const found = timingOf(tables, {
    remedy: job.remedy.id,
    things: thingsOf(tables, job.remedy),
    ...aroundOn(tables, roundsAt(job, problem, steps), date),
    season: seasonOn(date, problem.at.latitude, problem.climate),
    isSheltered: job.sheltered === true,
    ...(picked === undefined ? {} : { daysToHarvest: picked }),
    ...(job.sprouted
      ? { sprouted: { daysAgo: daysBetween(job.sprouted.on, date), hasCastings: job.sprouted.hasCastings } }
      : {}),
  });
  return found.find(isTiming);
}

const isTiming = (found: CautionFound): found is CautionFound & { readonly code: TimingCode } =>
  'code' in found && (timingCodes as readonly string[]).includes(found.code);

/** Everything that was put on a job's place, or stands in the plan. */
function roundsAt({ places, id }: Job, { recent, jobs }: PlanProblem, steps: readonly PlannedStep[]): Round[] {
  const here = jobs.filter((other) => other.places.some((place) => places.includes(place)));
  // A place of the plan is one plant, or a bed as a whole.
  const isOnPlant = true;
  return [
    ...recent
      .filter((one) => places.includes(one.place))
      .map(({ remedy, on }) => ({ remedy, on, isOwn: false, isOnPlant })),
    ...here.flatMap(({ remedy, done, id: of, washed = [] }) =>
      done
        .filter(({ step }) => remedy.steps.some((one) => one.id === step && one.applies))
        .map(({ on, step }) => ({ remedy, on, isOwn: of === id, isOnPlant, isWashed: washed.includes(step) })),
    ),
    ...here.flatMap(({ remedy, id: of }) =>
      steps
        .filter(({ job, step }) => job === of && step.applies)
        .map(({ date }) => ({ remedy, on: date, isOwn: of === id, isOnPlant })),
    ),
  ];
}

const nearest = (hours: readonly number[], wanted: number) =>
  hours.reduce((best, hour) => (Math.abs(hour - wanted) < Math.abs(best - wanted) ? hour : best), hours[0] ?? wanted);

/** A forecast is good for about three days and worth little after ten. */
export function sureness(today: IsoDate, date: IsoDate, weather: readonly DayWeather[]): number {
  const ahead = daysBetween(today, date);
  const known = weather.some((day) => day.date === date);
  return known ? Math.max(0.2, Math.min(1, 1 - (ahead - 2) / 10)) : 0;
}

export function movedSince({ previous = [] }: PlanProblem, steps: readonly PlannedStep[]): Plan['moved'] {
  return previous.flatMap(({ job, step, date }) => {
    const now = steps.find((item) => item.job === job && item.step.id === step);
    if (!now || now.date === date) return [];
    return [
      {
        job,
        step,
        from: date,
        to: now.date,
        because: now.leftBecause ?? now.passedOver.find((passed) => passed.date === date)?.because,
      },
    ];
  });
}
