import type { CalendarView, SlotsView, StepView } from '@trowel/core/contract';
import { batchState } from '@trowel/core/mix';
import { slotsFor, spellsFor } from '@trowel/core/plan';
import { addDays } from '@trowel/core/quantities';
import { batchFallsWords, hindranceSays, laterWords, lateLookWords } from '@trowel/core/wording';
import ical, { ICalCalendarMethod, ICalEventStatus } from 'ical-generator';
import { DateTime } from 'luxon';
import { inputError } from '@trowel/core/contract';
import { anyBatches, anyBatchEvents } from '../store/bench';
import { anyLateLooks } from '../store/cases';
import { anyPositionsSince, anyStepsOf, goneKept, maybeOneJob, type PositionRow } from '../store/jobs';
import { stepsInOrder } from './garden';
import { batchOf, jobRemedy } from './job';
import { jobName, stepsOf } from './jobs';
import { layOut, type Deps, type LaidOut } from './plan';

const weeksShown = 8;
/** So far the season is looked over, days. */
const seasonShown = 365;

/** The weeks to come, from the Monday of this week. */
export function calendarViewOf(deps: Deps): CalendarView {
  const laidOut = layOut(deps);
  const { today } = laidOut;
  const weekday = (new Date(`${today}T12:00:00Z`).getUTCDay() + 6) % 7;
  const monday = addDays(today, -weekday);
  const away = new Set(laidOut.problem.daysAway);
  const byDay = new Map<string, StepView[]>();
  for (const step of stepsInOrder(deps, laidOut))
    if (step.date !== null && step.state !== 'passed') byDay.set(step.date, [...(byDay.get(step.date) ?? []), step]);
  const end = addDays(monday, 7 * weeksShown);
  const also = alsoOn(deps, monday, addDays(monday, seasonShown));
  return {
    today,
    days: Array.from({ length: 7 * weeksShown }, (_, at) => {
      const date = addDays(monday, at);
      return { date, isAway: away.has(date), steps: byDay.get(date) ?? [], also: also.get(date) ?? [] };
    }),
    later: laterOf(deps, laidOut, [...byDay], [...also], end),
  };
}

/** What comes after the weeks that are shown, within a year: what was marked for its month, late looks, brews, steps far off. */
function laterOf(
  { tables }: Deps,
  { jobs, cases }: LaidOut,
  steps: readonly (readonly [date: string, steps: readonly StepView[]])[],
  also: readonly (readonly [date: string, says: readonly string[]])[],
  from: string,
): CalendarView['later'] {
  const onDays = [
    ...[...jobs.values()].map((row): [string, string] => [
      row.chosen_on,
      laterWords(jobName(tables, row), cases.get(row.case_id ?? '')?.name),
    ]),
    ...steps.flatMap(([date, some]) =>
      some.map((step): [string, string] => [date, laterWords(step.does, step.caseName)]),
    ),
    ...also.flatMap(([date, some]) => some.map((says): [string, string] => [date, says])),
  ].filter(([date]) => date >= from);
  const byMonth = new Map<string, string[]>();
  for (const [date, says] of onDays.sort(([a], [b]) => a.localeCompare(b)))
    byMonth.set(date.slice(0, 7), [...(byMonth.get(date.slice(0, 7)) ?? []), says]);
  return [...byMonth].map(([month, says]) => ({ month, says: [...new Set(says)] }));
}

/** Late looks, and the days on which brews are ready or past their best. */
function alsoOn({ db }: Deps, from: string, to: string): Map<string, string[]> {
  const found = new Map<string, string[]>();
  const add = (date: string, says: string) => found.set(date, [...(found.get(date) ?? []), says]);
  for (const { name, late_look_on } of anyLateLooks(db, from, to)) add(late_look_on ?? from, lateLookWords(name));
  for (const row of anyBatches(db)) {
    const state = batchState(batchOf(row, anyBatchEvents(db, row.id)), from);
    if (state.stage === 'gone') continue;
    add(state.readyOn, batchFallsWords(row.name, 'ready'));
    add(state.bestBefore, batchFallsWords(row.name, 'past'));
  }
  return found;
}

const slotDays = 35;

/** Where a step may be moved. @param id job and step, joined by a colon */
export function slotsViewOf(deps: Deps, id: string): SlotsView | undefined {
  const [jobId = '', step = ''] = id.split(':');
  const laidOut = layOut(deps);
  const row = laidOut.jobs.get(jobId);
  const spec = row && jobRemedy(deps.tables, row)?.steps.find((one) => one.id === step);
  const slots = slotsFor(laidOut.problem, laidOut.plan, { job: jobId, step }, slotDays);
  if (!row || !spec || !slots) return undefined;
  const here = laidOut.plan.steps.find((item) => item.job === jobId && item.step.id === step);
  return {
    jobId,
    step,
    does: spec.does,
    days: slots.map(({ date, hours, against }) => ({
      date,
      hours: [...hours],
      against: against ? hindranceSays(against.because) : null,
      spells: spellsFor(laidOut.problem, { job: jobId, step }, date).map((spell) => ({
        from: spell.from,
        to: spell.to,
        against: spell.against === undefined ? null : hindranceSays(spell.against),
      })),
      isHere: here?.date === date,
    })),
  };
}

/** The hour at which a step goes on a day. @throws InputError saying why it cannot */
export function hourOn(laidOut: LaidOut, jobId: string, step: string, on: string, hour: number | undefined): number {
  const slots = slotsFor(laidOut.problem, laidOut.plan, { job: jobId, step }, slotDays);
  const slot = slots?.find(({ date }) => date === on);
  if (!slots) throw inputError('step', 'step-not-open');
  if (!slot) throw inputError('on', 'day-out-of-reach', { from: laidOut.today, days: slotDays });
  if (slot.against) throw inputError('on', 'day-against', { why: hindranceSays(slot.against.because) });
  const wanted = hour ?? laidOut.garden.usual_hour;
  return slot.hours.reduce((best, one) => (Math.abs(one - wanted) < Math.abs(best - wanted) ? one : best));
}

/** So long ahead events are given out, and so long after they were taken off the plan they are told as cancelled. */
const cancelledFor = goneKept;

/**
 * The plan as an iCalendar file: one event a step and round, under an id that stays; what moved carries a higher
 * sequence, what was taken off the plan is cancelled. Times are instants (UTC), which every calendar shows in its own zone.
 */
export function calendarFileOf(deps: Deps): string {
  const { db } = deps;
  const laidOut = layOut(deps);
  const { today, garden } = laidOut;
  const calendar = ical({
    name: garden.name,
    prodId: { company: 'Wise Trowel', product: 'Plan', language: 'EN' },
    method: ICalCalendarMethod.PUBLISH,
    ttl: 3600,
  });
  const views = new Map<string, StepView[]>();
  const viewOf = (position: PositionRow): StepView | undefined => {
    const row = maybeOneJob(db, position.job_id);
    if (!row) return undefined;
    const steps = views.get(row.id) ?? stepsOf(deps, laidOut, row);
    views.set(row.id, steps);
    return steps.find(({ step, round }) => step === position.step && round === position.round);
  };
  for (const position of anyPositionsSince(db, addDays(today, -cancelledFor))) {
    const row = maybeOneJob(db, position.job_id);
    const spec = row && jobRemedy(deps.tables, row)?.steps.find(({ id }) => id === position.step);
    if (!row || !spec) continue;
    const isDone = anyStepsOf(db, row.id).some(
      ({ step, round, outcome }) => step === position.step && round === position.round && outcome === 'done',
    );
    const view = viewOf(position);
    const start = DateTime.fromObject(dateParts(position.date, position.hour), { zone: garden.time_zone }).toUTC();
    calendar.createEvent({
      id: `${row.id}.${position.step}.${position.round}@wise-trowel`,
      sequence: position.sequence,
      start: start.toJSDate(),
      end: start.plus({ minutes: Math.max(spec.minutes, 5) }).toJSDate(),
      stamp: deps.clock(),
      summary: spec.does,
      location: view?.bedName ?? '',
      description: [jobName(deps.tables, row), view?.carry ?? '', ...(view?.cautions ?? []).map(({ says }) => says)]
        .filter((line) => line !== '')
        .join('\n'),
      status: position.gone_on === null || isDone ? ICalEventStatus.CONFIRMED : ICalEventStatus.CANCELLED,
    });
  }
  return calendar.toString();
}

function dateParts(date: string, hour: number) {
  const [year = 0, month = 1, day = 1] = date.split('-').map(Number);
  return { year, month, day, hour };
}
