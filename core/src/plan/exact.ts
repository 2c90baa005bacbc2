import { testDays } from '../judge';
import type { StepSpec } from '../tables';
import { addDays, daysBetween, type IsoDate } from '../quantities/days';
import {
  baseDate,
  mostDaysLate,
  movedSince,
  offerOf,
  pairObjection,
  standing,
  stepsToLay,
  sureness,
  type Job,
  type PassedOver,
  type Plan,
  type PlannedStep,
  type PlanProblem,
} from './schedule';
import { isVisit, noon } from './visits';

/**
 * The best plan by a mixed-integer model over half-days. Every rule that the first plan keeps is kept: the hours that
 * weather, sun, the judge and brews leave open are the columns, order, gaps, tests and what is kept apart the rows. The
 * solver is passed in, so that the core needs none.
 */

/** What things cost, in one scale: to save a visit, something may wait a day, not two. */
export const prices = {
  unplaced: 400,
  /** A day past the latest, and the same for what is urgent. */
  late: 6,
  lateUrgent: 18,
  /** A day after the first on which it might be. */
  waits: 1,
  waitsUrgent: 3,
  visit: 1.6,
  outsideTimes: 8,
  minuteTooMany: 0.2,
  /** Resting on weather that nobody knows yet. */
  doubtful: 2,
  moved: 0.4,
} as const;

/** A half-day: days from today, and 0 for the morning, 1 for what comes after noon. */
export interface HalfDay {
  readonly day: number;
  readonly half: 0 | 1;
}

/** One step that is to be laid out, with the half-days that are open to it by itself. */
export interface Item {
  readonly job: Job;
  readonly step: StepSpec;
  readonly open: readonly (HalfDay & { readonly hours: readonly number[] })[];
  /** The item it follows, if that is to be laid out too. */
  readonly after: number | undefined;
  /** Day from which its gap counts, where the step before it stands already. */
  readonly base: number | undefined;
  /** The test leaf it waits for, if that is to be laid out too. */
  readonly test: number | undefined;
  readonly pinned: HalfDay | undefined;
  readonly before: HalfDay | undefined;
}

export interface Model {
  readonly problem: PlanProblem;
  readonly items: readonly Item[];
  /** Pairs of items on one place, and the differences in days (first minus second) that the judge does not allow. */
  readonly apart: readonly { readonly a: number; readonly b: number; readonly days: ReadonlySet<number> }[];
}

/** Longest that any two things are kept apart, days. */
const farthestApart = 70;

const halfOf = (hour: number): 0 | 1 => (hour < noon ? 0 : 1);

/** What is to be laid out, and what is open to each step. */
export function modelOf(problem: PlanProblem): Model {
  const { today } = problem;
  const inSight = addDays(today, problem.horizonDays);
  const steps = problem.jobs
    .filter(({ chosenOn }) => chosenOn <= inSight)
    .flatMap((job) => stepsToLay(job).map((step) => ({ job, step })));
  const indexOf = (job: Job, id: string | undefined) => {
    const found = steps.findIndex((item) => item.job === job && item.step.id === id);
    return found < 0 ? undefined : found;
  };
  const items = steps.map(({ job, step }): Item => {
    const after = indexOf(job, step.after);
    const base = after === undefined ? baseDate(job, step, []) : undefined;
    const testLeaf = job.remedy.steps.find(({ kind }) => kind === 'test-leaf')?.id;
    const test = step.applies || step.kind === 'test-look' ? indexOf(job, testLeaf) : undefined;
    const was = problem.previous?.find((one) => one.job === job.id && one.step === step.id);
    const before = was && { day: daysBetween(today, was.date), half: halfOf(was.hour) };
    const from = base === undefined ? today : latest(addDays(base, step.gap[0]), today);
    const last =
      base === undefined ? inSight : earliest(addDays(latest(addDays(base, step.gap[1]), from), mostDaysLate), inSight);
    const open = daysFrom(from, last).flatMap((date) => {
      const { hours } = offerOf(job, step, date, problem, []);
      const day = daysBetween(today, date);
      return ([0, 1] as const).flatMap((half) => {
        const here = hours.filter((hour) => halfOf(hour) === half);
        return here.length === 0 ? [] : [{ day, half, hours: here }];
      });
    });
    const isOpen = (slot: HalfDay) => open.some(({ day, half }) => day === slot.day && half === slot.half);
    return {
      job,
      step,
      open,
      after,
      base: base === undefined ? undefined : daysBetween(today, base),
      test: test === indexOf(job, step.id) ? undefined : test,
      pinned: was?.isPinned && before && isOpen(before) ? before : undefined,
      before,
    };
  });
  const near = withinReach(items);
  return { problem, items: near, apart: apartIn(problem, near) };
}

const latest = (a: IsoDate, b: IsoDate) => (a > b ? a : b);
const earliest = (a: IsoDate, b: IsoDate) => (a < b ? a : b);
const daysFrom = (from: IsoDate, to: IsoDate): IsoDate[] =>
  from > to ? [] : Array.from({ length: daysBetween(from, to) + 1 }, (_, at) => addDays(from, at));

/** Days past its latest that a step is still looked at, beyond the first that is open to it. */
const slack = 4;

/** Half-days that a step can reach at all, by what stands before it; far beyond its latest nothing is gained. */
function withinReach(items: readonly Item[]): Item[] {
  const reach: { readonly from: number; readonly to: number }[] = [];
  return items.map((item, at) => {
    const before = item.after === undefined ? undefined : reach[item.after];
    const test = item.test === undefined ? undefined : reach[item.test];
    const from = Math.max(before ? before.from + item.step.gap[0] : 0, test ? test.from + testDays : 0);
    const can = item.open.filter(({ day }) => day >= from);
    const first = Math.max(can[0]?.day ?? from, from);
    const wanted = before ? before.to + item.step.gap[1] : (item.base ?? 0) + item.step.gap[1];
    const to = Math.max(wanted, test ? test.to + testDays : 0, first, item.before?.day ?? 0) + slack;
    const open = can.filter(({ day }) => day <= to);
    reach[at] = { from: open[0]?.day ?? first, to: open[open.length - 1]?.day ?? first };
    return { ...item, open };
  });
}

function apartIn(problem: PlanProblem, items: readonly Item[]): Model['apart'] {
  const known = new Map<string, ReadonlySet<number>>();
  return items.flatMap((a, at) =>
    items.slice(at + 1).flatMap((b, more) => {
      if (!a.step.applies || !b.step.applies || !a.job.places.some((place) => b.job.places.includes(place))) return [];
      const key = JSON.stringify([a.job.id, b.job.id]);
      const days = known.get(key) ?? daysApart(problem, a, b);
      known.set(key, days);
      return days.size === 0 ? [] : [{ a: at, b: at + 1 + more, days }];
    }),
  );
}

/** Differences in days (a minus b) at which the judge has something against either, because of the other. */
function daysApart(problem: PlanProblem, a: Item, b: Item): ReadonlySet<number> {
  const days = new Set<number>();
  const middle = addDays(problem.today, farthestApart);
  for (let difference = -farthestApart; difference <= farthestApart; difference += 1) {
    const onA = addDays(middle, difference);
    if (pairObjection(problem, a.job, onA, b.job, middle) || pairObjection(problem, b.job, middle, a.job, onA))
      days.add(difference);
  }
  return days;
}

/** Where each item stands; undefined: nowhere. */
export type Layout = readonly (HalfDay | undefined)[];

/** What a layout costs, term by term as the model has it. */
export function layoutCost({ problem, items }: Model, layout: Layout): number {
  let cost = 0;
  const visits = new Set<string>();
  const minutes = new Map<number, number>();
  items.forEach((item, at) => {
    const slot = layout[at];
    if (!slot) {
      cost += prices.unplaced;
      return;
    }
    cost += slotCost(problem, item, slot);
    if (item.after !== undefined) {
      const before = layout[item.after];
      if (before) cost += lateCost(item) * Math.max(0, slot.day - before.day - item.step.gap[1]);
    }
    visits.add(`${slot.day} ${slot.half}`);
    minutes.set(slot.day, (minutes.get(slot.day) ?? 0) + item.step.minutes);
  });
  cost += prices.visit * visits.size;
  const most = problem.visits?.minutes;
  if (most !== undefined)
    for (const taken of minutes.values()) cost += prices.minuteTooMany * Math.max(0, taken - most);
  return cost;
}

const lateCost = ({ job }: Item) => (job.urgent ? prices.lateUrgent : prices.late);

/** What one half-day costs a step, whatever stands elsewhere. */
function slotCost(problem: PlanProblem, item: Item, { day, half }: HalfDay): number {
  const { job, step, base, before } = item;
  const date = addDays(problem.today, day);
  const hour = half === 0 ? noon - 1 : noon;
  const { part: _, ...needs } = step.window;
  return (
    (job.urgent ? prices.waitsUrgent : prices.waits) * day +
    (base === undefined ? 0 : lateCost(item) * Math.max(0, day - Math.max(base + step.gap[1], 0))) +
    (isVisit(problem.visits, date, hour) ? 0 : prices.outsideTimes) +
    (Object.keys(needs).length > 0 && !job.sheltered
      ? prices.doubtful * (1 - sureness(problem.today, date, problem.weather))
      : 0) +
    (before !== undefined && (before.day !== day || before.half !== half) ? prices.moved : 0)
  );
}

/** A linear model in the text format that solvers read. */
export function lpOf(
  model: Model,
  cuts: readonly (readonly { readonly item: number; readonly slot: HalfDay }[])[] = [],
): string {
  const { problem, items, apart } = model;
  const x = (item: number, { day, half }: HalfDay) => `x${item}_${day}_${half}`;
  const terms: string[] = [];
  const rows: string[] = [];
  const binaries: string[] = [];
  const free: string[] = [];
  const add = (row: string) => void rows.push(`r${rows.length}: ${row}`);
  const sum = (parts: readonly string[]) => (parts.length === 0 ? '0 zero' : parts.join(' + '));
  const visits = new Map<string, string[]>();
  const minutes = new Map<number, string[]>();

  /** 1 where an item stands by then; undefined where it cannot. */
  const byThen = (item: number, until: number): string | undefined => {
    const slot = items[item]?.open.filter(({ day, half }) => 2 * day + half <= until).pop();
    return slot && `y${item}_${slot.day}_${slot.half}`;
  };
  items.forEach((item, at) => {
    item.open.forEach((slot, order) => {
      const name = byThen(at, 2 * slot.day + slot.half) ?? '';
      const earlier = item.open[order - 1];
      free.push(name);
      add(`${name} - ${x(at, slot)}${earlier ? ` - ${byThen(at, 2 * earlier.day + earlier.half)}` : ''} = 0`);
    });
    binaries.push(`u${at}`);
    terms.push(`${prices.unplaced} u${at}`);
    for (const slot of item.open) {
      const name = x(at, slot);
      binaries.push(name);
      terms.push(`${slotCost(problem, item, slot).toFixed(6)} ${name}`);
      const visit = `v${slot.day}_${slot.half}`;
      visits.set(visit, [...(visits.get(visit) ?? []), name]);
      minutes.set(slot.day, [...(minutes.get(slot.day) ?? []), `${item.step.minutes} ${name}`]);
    }
    add(`${sum([...item.open.map((slot) => x(at, slot)), `u${at}`])} = 1`);
    if (item.pinned) add(`${x(at, item.pinned)} = 1`);
    // By each half-day at the latest: whatever stands by then, what it follows stands so many half-days before.
    for (const [other, days, halves] of [
      [item.after, item.step.gap[0], 0],
      [item.test, testDays, 2 * testDays],
    ] as const) {
      if (other === undefined) continue;
      add(`u${at} - u${other} >= 0`);
      for (const slot of item.open) {
        const until = 2 * slot.day + slot.half;
        // So many days before, at any half of that day; or so many half-days, where it goes by the hour.
        const limit = Math.min(2 * (slot.day - days) + 1, until - halves);
        const theirs = byThen(other, limit);
        add(theirs === undefined ? `${byThen(at, until)} = 0` : `${byThen(at, until)} - ${theirs} <= 0`);
      }
    }
    if (item.after !== undefined) {
      const late = `l${at}`;
      free.push(late);
      terms.push(`${lateCost(item)} ${late}`);
      const earlier = items[item.after];
      add(
        `${[
          late,
          ...item.open.map((slot) => `-${slot.day} ${x(at, slot)}`),
          ...(earlier?.open ?? []).map((slot) => `${slot.day} ${x(item.after ?? 0, slot)}`),
        ]
          .join(' + ')
          .replaceAll('+ -', '- ')} >= -${item.step.gap[1]}`,
      );
      add(`${late} <= ${mostDaysLate}`);
    }
  });
  for (const [visit, names] of visits) {
    binaries.push(visit);
    terms.push(`${prices.visit} ${visit}`);
    for (const name of names) add(`${visit} - ${name} >= 0`);
  }
  const most = problem.visits?.minutes;
  if (most !== undefined)
    for (const [day, parts] of minutes) {
      free.push(`o${day}`);
      terms.push(`${prices.minuteTooMany} o${day}`);
      add(`${parts.join(' + ')} - o${day} <= ${most}`);
    }
  for (const { a, b, days } of apart) {
    const [one, other] = [items[a], items[b]];
    if (!one || !other) continue;
    for (const day of new Set(one.open.map((slot) => slot.day))) {
      const clash = other.open.filter((slot) => days.has(day - slot.day));
      if (clash.length > 0)
        add(
          `${sum([...one.open.filter((slot) => slot.day === day).map((slot) => x(a, slot)), ...clash.map((slot) => x(b, slot))])} <= 1`,
        );
    }
  }
  for (const cut of cuts) add(`${sum(cut.map(({ item, slot }) => x(item, slot)))} <= ${cut.length - 1}`);
  return [
    'Minimize',
    ` cost: ${terms.length === 0 ? '0 zero' : terms.join(' + ')}`,
    'Subject To',
    ...rows.map((row) => ` ${row}`),
    'Bounds',
    ' zero = 0',
    ...free.map((name) => ` ${name} >= 0`),
    'Binary',
    ` ${binaries.join(' ')}`,
    'End',
    '',
  ].join('\n');
}

/** A layout out of the columns of a solution. */
export const layoutOf = ({ items }: Model, columns: Readonly<Record<string, number>>): Layout =>
  items.map((item, at) => {
    const found = item.open.find(({ day, half }) => (columns[`x${at}_${day}_${half}`] ?? 0) > 0.5);
    return found && { day: found.day, half: found.half };
  });

/** A set of half-days that cannot all be, found when a layout was read hour by hour. */
export type Cut = readonly { readonly item: number; readonly slot: HalfDay }[];

/** A layout hour by hour, as a plan; or what of it cannot be, by the hours or by the judge's word on all of it. */
export function readLayout(model: Model, layout: Layout): { readonly plan: Plan } | { readonly cut: Cut } {
  const { problem, items } = model;
  const at = (index: number) => ({ item: index, slot: layout[index] ?? { day: 0, half: 0 as const } });
  const openIn = (index: number): readonly number[] => {
    const slot = layout[index];
    return items[index]?.open.find(({ day, half }) => day === slot?.day && half === slot.half)?.hours ?? [];
  };
  // The last hour at which a step leaves time for what follows it on the same day; what follows stands below.
  const until = new Map<number, number>();
  for (let index = items.length - 1; index >= 0; index -= 1) {
    const followers = items.flatMap((item, other) =>
      item.after === index && layout[other]?.day === layout[index]?.day
        ? [Math.min(Math.max(...openIn(other)), until.get(other) ?? 24)]
        : [],
    );
    until.set(index, Math.min(24, ...followers));
  }
  const hours = new Map<number, number>();
  const inOrder = items.map((_, index) => index).filter((index) => layout[index] !== undefined);
  inOrder.sort((a, b) => slotNumber(layout[a]) - slotNumber(layout[b]) || a - b);
  for (const index of inOrder) {
    const item = items[index];
    const slot = layout[index];
    if (!item || !slot) continue;
    const from = [item.after, item.test].map((other) => {
      const there = other === undefined ? undefined : layout[other];
      const apart = other === item.test && other !== item.after ? testDays : 0;
      return there && other !== undefined && there.day + apart === slot.day ? (hours.get(other) ?? 0) : 0;
    });
    const fits = openIn(index).filter((hour) => hour >= Math.max(...from) && hour <= (until.get(index) ?? 24));
    if (fits.length === 0)
      return { cut: [index, item.after, item.test].flatMap((other) => (other === undefined ? [] : [at(other)])) };
    const was = problem.previous?.find((one) => one.job === item.job.id && one.step === item.step.id);
    const usual = problem.usualHour ?? 17;
    const taken = inOrder.flatMap((other) =>
      layout[other]?.day === slot.day && hours.has(other) ? [hours.get(other) ?? usual] : [],
    );
    const wanted =
      was && item.before?.day === slot.day && fits.includes(was.hour)
        ? was.hour
        : (taken.find((hour) => fits.includes(hour)) ?? usual);
    hours.set(
      index,
      fits.reduce((best, hour) => (Math.abs(hour - wanted) < Math.abs(best - wanted) ? hour : best)),
    );
  }
  const steps = inOrder.flatMap((index): PlannedStep[] => {
    const item = items[index];
    const slot = layout[index];
    return item && slot ? [plannedOf(model, layout, index, hours)] : [];
  });
  // What depends on more than two of them (as many in so many weeks) is asked of the judge for all.
  for (const index of inOrder) {
    const item = items[index];
    if (!item?.step.applies) continue;
    const others = steps.filter(({ job, step }) => job !== item.job.id || step.id !== item.step.id);
    const mine = steps.find(({ job, step }) => job === item.job.id && step.id === item.step.id);
    if (!mine || offerOf(item.job, item.step, mine.date, problem, others).hours.includes(mine.hour)) continue;
    const here = inOrder.filter(
      (other) =>
        other === index ||
        other === item.after ||
        (items[other]?.step.applies && items[other].job.places.some((place) => item.job.places.includes(place))),
    );
    return { cut: here.map(at) };
  }
  const told = steps.map((step) => ({ ...step, passedOver: passedBefore(problem, step, items, steps) }));
  told.sort((a, b) => a.date.localeCompare(b.date) || a.hour - b.hour);
  const unplaced = items.flatMap(({ job, step, open, after }, index) =>
    layout[index]
      ? []
      : [
          {
            job: job.id,
            remedy: job.remedy.id,
            step,
            passedOver:
              open.length === 0 && (after === undefined || layout[after] !== undefined)
                ? closedDays(problem, job, step, steps)
                : [],
          },
        ],
  );
  return { plan: { steps: told, unplaced, moved: movedSince(problem, told) } };
}

const slotNumber = (slot: HalfDay | undefined) => (slot ? 2 * slot.day + slot.half : 0);

function plannedOf(
  { problem, items }: Model,
  layout: Layout,
  index: number,
  hours: ReadonlyMap<number, number>,
): PlannedStep {
  const item = items[index]!;
  const slot = layout[index]!;
  const { job, step } = item;
  const date = addDays(problem.today, slot.day);
  const hour = hours.get(index) ?? noon;
  const before = item.after === undefined ? item.base : layout[item.after]?.day;
  const wanted = (before ?? 0) + step.gap[1];
  const late = slot.day - Math.max(wanted, 0);
  const was = problem.previous?.find((one) => one.job === job.id && one.step === step.id);
  const isKept = was?.date === date && was.hour === hour;
  const neighbour = items.find(
    (_, other) => other !== index && layout[other]?.day === slot.day && hours.get(other) === hour,
  );
  const reason: PlannedStep['reason'] = item.pinned
    ? { kind: 'pinned' }
    : late > 0
      ? { kind: 'later-than-wanted', days: late }
      : !isVisit(problem.visits, date, hour)
        ? { kind: 'outside-times' }
        : isKept
          ? { kind: 'kept' }
          : neighbour
            ? { kind: 'together', withStep: neighbour.step.does }
            : { kind: 'first-fit' };
  return {
    ...standing(problem, job, step, { date, hour, latest: addDays(problem.today, wanted) }),
    reason,
    passedOver: [],
  };
}

/** Days from the first on which a step might be to the one before it, that would not do, and why. */
function passedBefore(
  problem: PlanProblem,
  { job: jobId, step, date }: PlannedStep,
  items: readonly Item[],
  steps: readonly PlannedStep[],
): PassedOver[] {
  const item = items.find((one) => one.job.id === jobId && one.step.id === step.id);
  if (!item) return [];
  const others = steps.filter((one) => one.job !== jobId || one.step.id !== step.id);
  const base = baseDate(item.job, step, others) ?? problem.today;
  const from = latest(addDays(base, step.gap[0]), problem.today);
  if (date <= from) return [];
  return daysFrom(from, addDays(date, -1)).flatMap(
    (day) => offerOf(item.job, step, day, problem, others).against ?? [],
  );
}

const closedShown = 30;
const closedDays = (problem: PlanProblem, job: Job, step: StepSpec, steps: readonly PlannedStep[]): PassedOver[] =>
  daysFrom(problem.today, addDays(problem.today, closedShown)).flatMap(
    (day) => offerOf(job, step, day, problem, steps).against ?? [],
  );

/** A plan as a layout of the model. */
export const layoutFrom = ({ problem, items }: Model, plan: Plan): Layout =>
  items.map(({ job, step }) => {
    const found = plan.steps.find((one) => one.job === job.id && one.step.id === step.id);
    return found && { day: daysBetween(problem.today, found.date), half: halfOf(found.hour) };
  });

/** What a solver says: the columns of its best solution, if it has one, and how low any could lie. */
export interface Solved {
  readonly columns: Readonly<Record<string, number>> | undefined;
  readonly bound: number;
}

export interface BestPlan {
  readonly plan: Plan;
  readonly cost: number;
  /** No plan costs less than this. */
  readonly bound: number;
  readonly isFirst: boolean;
}

/** Times that a layout is sent back because of what only shows hour by hour. */
const mostCuts = 12;

/**
 * The best plan that a solver finds, never worse than the first one.
 * @param first the plan that stands in meanwhile
 * @param solve takes a linear model in text
 */
export async function bestPlan(
  problem: PlanProblem,
  first: Plan,
  solve: (lp: string) => Promise<Solved>,
): Promise<BestPlan> {
  const model = modelOf(problem);
  const ownCost = layoutCost(model, layoutFrom(model, first));
  const cuts: Cut[] = [];
  let bound = 0;
  while (cuts.length < mostCuts) {
    const solved = await solve(lpOf(model, cuts));
    bound = Math.max(bound, solved.bound);
    if (!solved.columns) break;
    const layout = layoutOf(model, solved.columns);
    const read = readLayout(model, layout);
    if ('cut' in read) {
      cuts.push(read.cut);
      continue;
    }
    const cost = layoutCost(model, layout);
    return cost < ownCost - 1e-6
      ? { plan: read.plan, cost, bound, isFirst: false }
      : { plan: first, cost: ownCost, bound: Math.min(bound, ownCost), isFirst: true };
  }
  return { plan: first, cost: ownCost, bound: Math.min(bound, ownCost), isFirst: true };
}
