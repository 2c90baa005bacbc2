import type { TodayView } from '@trowel/core/contract';
import { batchState } from '@trowel/core/mix';
import { slotsFor } from '@trowel/core/plan';
import { addDays, daysBetween } from '@trowel/core/quantities';
import { awayChoreWords, awayWaitsWords, awayWords, choreWords } from '@trowel/core/wording';
import { anyBatches, anyBatchEvents } from '../store/bench';
import { anyAway } from '../store/garden';
import { batchOf } from './job';
import { jobName } from './jobs';
import type { Deps, LaidOut } from './plan';

/** So many days before a day off it is told what matters on it. */
const toldBefore = 4;
/** What stands later than this after them does not wait for them. */
const soonAfter = 4;

/** What matters on the next days off, told in time; null where none is near. */
export function awaySoon({ db, tables }: Deps, { today, problem, plan, jobs, cases }: LaidOut): TodayView['away'] {
  const [next] = anyAway(db, today);
  if (!next || daysBetween(today, next.from_on) > toldBefore) return null;
  const { from_on: from, until_on: until } = next;
  const { daysAway = [], ...rest } = problem;
  const asIfThere = { ...rest, daysAway: daysAway.filter((day) => day < from || day > until) };
  // What could be done on one of these days, were somebody there, and now stands soon after them.
  const waiting = plan.steps.filter(
    ({ job, step, date }) =>
      date > until &&
      daysBetween(until, date) <= soonAfter &&
      slotsFor(asIfThere, plan, { job, step: step.id }, daysBetween(today, until) + 1)?.some(
        (slot) => slot.date >= from && slot.hours.length > 0,
      ),
  );
  return {
    from,
    until,
    says: awayWords(from, until, today),
    waits: waiting.flatMap(({ job, step, date }) => {
      const row = jobs.get(job);
      if (!row) return [];
      return [awayWaitsWords(step.does, cases.get(row.case_id ?? '')?.name ?? jobName(tables, row), date, today)];
    }),
    others: anyBatches(db).flatMap((row) => {
      const batch = batchOf(row, anyBatchEvents(db, row.id));
      const days = Array.from({ length: daysBetween(from, until) + 1 }, (_, at) => addDays(from, at));
      const kinds = new Set(
        days.flatMap((day) => batchState(batch, day).chores.flatMap(({ kind, due }) => (due ? [kind] : []))),
      );
      return [...kinds].map((kind) => awayChoreWords(row.name, choreWords[kind].does));
    }),
  };
}
