import type { KeepApartRow, RemedyId, RemedyRow, StepSpec, WindowSpec } from '../tables';
import { addDays, daysBetween, type IsoDate } from '../quantities/days';
import { sunHours, type Place, type SunHours } from './sun';
import type { DayWeather } from './weather';
import { hindrances, type Hindrance, type Sky } from './windows';

/** A chosen remedy in one place, with what has been done of it so far. */
export interface Job {
  readonly id: string;
  /** Where it happens; keep-apart counts within a place. */
  readonly place: string;
  readonly remedy: RemedyRow;
  readonly chosenOn: IsoDate;
  readonly done: readonly { readonly step: string; readonly on: IsoDate }[];
  readonly skipped: readonly string[];
  readonly urgent?: boolean;
  /** Indoors or under glass: rain and wind do not reach it, and the forecast is not its temperature. */
  readonly sheltered?: boolean;
  /** A disease that likes wet leaves is open here: nothing is sprayed into the night. */
  readonly keepLeavesDryAtNight?: boolean;
}

export interface PlanProblem {
  readonly today: IsoDate;
  /** Hour of the clock now; earlier hours today are gone. */
  readonly hourNow: number;
  readonly horizonDays: number;
  readonly at: Place;
  readonly weather: readonly DayWeather[];
  readonly jobs: readonly Job[];
  /** What was put on each place lately, outside these jobs. */
  readonly recent: readonly { readonly place: string; readonly remedy: RemedyRow; readonly on: IsoDate }[];
  readonly keepApart: readonly KeepApartRow[];
  readonly daysAway?: readonly IsoDate[];
  /** The hour at which the gardener usually comes by, for steps that may be done at any hour. */
  readonly usualHour?: number;
  /** Where steps stood before: they stay there if they still can. */
  readonly previous?: readonly {
    readonly job: string;
    readonly step: string;
    readonly date: IsoDate;
    readonly hour: number;
  }[];
}

export type PlanReason =
  | { readonly kind: 'first-fit' }
  | { readonly kind: 'together'; readonly withStep: string }
  | { readonly kind: 'kept' }
  | { readonly kind: 'later-than-wanted'; readonly days: number };

export interface PassedOver {
  readonly date: IsoDate;
  readonly because: Hindrance | 'away' | 'keep-apart' | 'past';
  readonly rule?: KeepApartRow;
}

export interface PlannedStep {
  readonly job: string;
  readonly place: string;
  readonly remedy: RemedyId;
  readonly step: StepSpec;
  readonly date: IsoDate;
  readonly hour: number;
  readonly reason: PlanReason;
  /** Days before it that would not do, and why. */
  readonly passedOver: readonly PassedOver[];
  /** 1 within the near forecast, falling to 0 beyond it. */
  readonly sureness: number;
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

/** A step may slip this many days past its latest gap before it is called unplaced. */
const mostDaysLate = 10;

/**
 * Lays every open step of every job on a day and hour. A first honest scheduler: steps in order of
 * when they can begin (urgent jobs first), each on the first day within its gap whose weather, sun
 * and neighbours allow it, at the hour of another visit that day where one fits. Nothing that has
 * been done is moved, and what stood somewhere before stays there if it still may.
 */
export function schedule(problem: PlanProblem): Plan {
  const sky: Sky = { first: problem.weather[0]?.date ?? problem.today, days: problem.weather };
  const steps: PlannedStep[] = [];
  const unplaced: UnplacedStep[] = [];
  const open = problem.jobs.flatMap((job) => openSteps(job).map((step) => ({ job, step })));
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

function openSteps({ remedy, done, skipped }: Job): StepSpec[] {
  const gone = new Set([...done.map(({ step }) => step), ...skipped]);
  return remedy.steps.filter(({ id }) => !gone.has(id));
}

/** The first day a step may be on: its gap after the step before it, never before today; undefined while that step has no day. */
function earliestFor(
  job: Job,
  step: StepSpec,
  { today }: PlanProblem,
  steps: readonly PlannedStep[],
): IsoDate | undefined {
  const base = baseDate(job, step, steps);
  if (base === undefined) return undefined;
  const wanted = addDays(base, step.gap[0]);
  return wanted < today ? today : wanted;
}

/** The day the gap counts from: the step named in `after`, the one before that when it was skipped, or the day of choosing. */
function baseDate(job: Job, step: StepSpec, steps: readonly PlannedStep[]): IsoDate | undefined {
  if (step.after === undefined) return job.chosenOn;
  const done = job.done.find((item) => item.step === step.after);
  if (done) return done.on;
  const planned = steps.find((item) => item.job === job.id && item.step.id === step.after);
  if (planned) return planned.date;
  const before = job.remedy.steps.find(({ id }) => id === step.after);
  return before && job.skipped.includes(before.id) ? baseDate(job, before, steps) : undefined;
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
  const lastDay =
    [
      addDays(latest < earliest ? earliest : latest, mostDaysLate),
      addDays(problem.today, problem.horizonDays),
    ].sort()[0] ?? latest;
  const before = problem.previous?.find((item) => item.job === job.id && item.step === step.id);
  const make = (date: IsoDate, hour: number, reason: PlanReason): Placing => ({
    kind: 'placed',
    step: {
      job: job.id,
      place: job.place,
      remedy: job.remedy.id,
      step,
      date,
      hour,
      reason,
      passedOver,
      sureness: sureness(problem.today, date, problem.weather),
    },
  });
  if (before && before.date >= earliest && before.date <= lastDay) {
    const hours = dayChoice(job, step, window, before.date, problem, sky, steps);
    if (hours.kind === 'open' && hours.hours.includes(before.hour))
      return make(before.date, before.hour, { kind: 'kept' });
  }
  for (let date = earliest; date <= lastDay; date = addDays(date, 1)) {
    const choice = dayChoice(job, step, window, date, problem, sky, steps);
    if (choice.kind === 'closed') {
      passedOver.push(choice.passed);
      continue;
    }
    const neighbour = steps.find((other) => other.date === date && choice.hours.includes(other.hour));
    const late = daysBetween(latest, date);
    const hour = neighbour?.hour ?? nearest(choice.hours, problem.usualHour ?? 17);
    if (late > 0) return make(date, hour, { kind: 'later-than-wanted', days: late });
    return make(date, hour, neighbour ? { kind: 'together', withStep: neighbour.step.does } : { kind: 'first-fit' });
  }
  return { kind: 'unplaced', passedOver };
}

/** Evening sprays move to the early morning where wet nights would feed a disease. */
function windowFor({ keepLeavesDryAtNight, sheltered }: Job, step: StepSpec): WindowSpec {
  const { applies } = step;
  const window: WindowSpec = sheltered
    ? { part: step.window.part, ...(step.window.sun === 'avoid' ? { sun: 'avoid' } : {}) }
    : step.window;
  return keepLeavesDryAtNight && applies && window.part === 'evening' ? { ...window, part: 'morning' } : window;
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
  const rule = step.applies ? conflict(job, date, problem, steps) : undefined;
  if (rule) return { kind: 'closed', passed: { date, because: 'keep-apart', rule } };
  const sun = sunHours(date, problem.at);
  const from = date === problem.today ? Math.ceil(problem.hourNow) : 0;
  const judged = hoursOf(window, sky, sun, date).filter(({ hour }) => hour >= from);
  const hours = judged.filter(({ against }) => against.length === 0).map(({ hour }) => hour);
  if (hours.length > 0) return { kind: 'open', hours };
  const because = judged.flatMap(({ against }) => against)[0] ?? 'past';
  return { kind: 'closed', passed: { date, because } };
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

/** The keep-apart rule that putting this remedy on that day would break, if any. */
function conflict(
  job: Job,
  date: IsoDate,
  { recent, keepApart, jobs }: PlanProblem,
  steps: readonly PlannedStep[],
): KeepApartRow | undefined {
  const remedyOf = new Map(jobs.map(({ id, remedy }) => [id, remedy]));
  const others = [
    ...recent.filter(({ place }) => place === job.place).map(({ remedy, on }) => ({ remedy, on })),
    ...jobs
      .filter((other) => other.place === job.place && other.id !== job.id)
      .flatMap(({ remedy, done }) =>
        done
          .filter(({ step }) => remedy.steps.some(({ id, applies }) => id === step && applies))
          .map(({ on }) => ({ remedy, on })),
      ),
    ...steps.flatMap(({ place, job: other, step, date: on }) => {
      const remedy = remedyOf.get(other);
      return place === job.place && other !== job.id && step.applies && remedy ? [{ remedy, on }] : [];
    }),
  ];
  for (const { remedy, on } of others) {
    const apart = Math.abs(daysBetween(on, date));
    const rule = keepApart.find((row) => row.scope !== 'trail' && apart < row.days && meets(row, job.remedy, remedy));
    if (rule) return rule;
  }
  return undefined;
}

const meets = ({ a, b }: KeepApartRow, one: RemedyRow, other: RemedyRow) =>
  (one.classes.includes(a) && other.classes.includes(b)) || (one.classes.includes(b) && other.classes.includes(a));

const nearest = (hours: readonly number[], wanted: number) =>
  hours.reduce((best, hour) => (Math.abs(hour - wanted) < Math.abs(best - wanted) ? hour : best), hours[0] ?? wanted);

/** A forecast is good for about three days and worth little after ten. */
function sureness(today: IsoDate, date: IsoDate, weather: readonly DayWeather[]): number {
  const ahead = daysBetween(today, date);
  const known = weather.some((day) => day.date === date);
  return known ? Math.max(0.2, Math.min(1, 1 - (ahead - 2) / 10)) : 0;
}

function movedSince({ previous = [] }: PlanProblem, steps: readonly PlannedStep[]): Plan['moved'] {
  return previous.flatMap(({ job, step, date }) => {
    const now = steps.find((item) => item.job === job && item.step.id === step);
    if (!now || now.date === date) return [];
    return [
      { job, step, from: date, to: now.date, because: now.passedOver.find((passed) => passed.date === date)?.because },
    ];
  });
}
