import { addDays, type IsoDate } from '../quantities/days';
import {
  againstHour,
  earliestFor,
  lastDayFor,
  offerOf,
  stepsToLay,
  type PassedOver,
  type Plan,
  type PlanProblem,
} from './schedule';
import type { Hindrance } from './windows';

/** A day to which a step may be moved, or why not. */
export interface Slot {
  readonly date: IsoDate;
  /** Hours at which it may be done; none where it may not. */
  readonly hours: readonly number[];
  readonly against?: PassedOver;
}

/** Hours in a row that are alike for a step. */
export interface Spell {
  readonly from: number;
  /** The first hour that is otherwise; 24 at the end of the day. */
  readonly to: number;
  /** Undefined: it suits. */
  readonly against: Hindrance | 'past' | undefined;
}

/**
 * The days to which one step may be moved while all others stay, from today on; what follows it in its own job goes
 * with it. Undefined where the step is not open, or the one before it has no day.
 */
export function slotsFor(
  problem: PlanProblem,
  plan: Plan,
  { job: jobId, step: stepId }: { readonly job: string; readonly step: string },
  days: number,
): Slot[] | undefined {
  const job = problem.jobs.find(({ id }) => id === jobId);
  const step = job && stepsToLay(job).find(({ id }) => id === stepId);
  if (!job || !step) return undefined;
  const later = new Set([stepId]);
  for (const { id, after } of job.remedy.steps) if (after !== undefined && later.has(after)) later.add(id);
  const others = plan.steps.filter((item) => item.job !== jobId || !later.has(item.step.id));
  const earliest = earliestFor(job, step, problem, others);
  if (earliest === undefined) return undefined;
  const lastDay = lastDayFor(job, step, earliest, problem, others);
  return Array.from({ length: days }, (_, at): Slot => {
    const date = addDays(problem.today, at);
    if (date < earliest) return { date, hours: [], against: { date, because: 'not-yet' } };
    if (date > lastDay) return { date, hours: [], against: { date, because: 'too-late' } };
    return { date, ...offerOf(job, step, date, problem, others) };
  });
}

/** Why each hour of a day is good or bad for a step, as far as weather and light go; nothing where the sky is not known. */
export function spellsFor(
  problem: PlanProblem,
  { job: jobId, step: stepId }: { readonly job: string; readonly step: string },
  date: IsoDate,
): Spell[] {
  const job = problem.jobs.find(({ id }) => id === jobId);
  const step = job?.remedy.steps.find(({ id }) => id === stepId);
  if (!job || !step || !problem.weather.some((day) => day.date === date)) return [];
  const spells: Spell[] = [];
  for (let hour = 0; hour < 24; hour += 1) {
    const isPast = date === problem.today && hour < Math.ceil(problem.hourNow);
    const against = isPast ? 'past' : againstHour(problem, job, step, date, hour)[0];
    const last = spells.at(-1);
    if (last && last.against === against) spells[spells.length - 1] = { ...last, to: hour + 1 };
    else spells.push({ from: hour, to: hour + 1, against });
  }
  return spells;
}
