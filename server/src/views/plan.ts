import type { StepView } from '@trowel/core/contract';
import { answerMix } from '@trowel/core/headless';
import { hindrances, schedule, sunHours, type Job, type Plan, type Place, type PlannedStep } from '@trowel/core/plan';
import { rowById, type RemedyRow, type StepSpec, type Tables } from '@trowel/core/tables';
import { hindranceSays, hourWords, lowerFirst, whyThen } from '@trowel/core/wording';
import { gardenTime, type Clock } from '../clock';
import { applyCautions } from './step-safety';
import type { Db } from '../database';
import { anyOpenCases, type CaseRow } from '../store/cases';
import { anyBeds, anyPlantings, maybeOneBed, oneGarden, type GardenRow } from '../store/garden';
import {
  anyOpenTreatments,
  anyPositions,
  anyStepsOf,
  anyTreatmentsInBed,
  savePositions,
  type TreatmentRow,
} from '../store/treatments';
import { standInWeather } from '../weather/stand-in';

export interface Deps {
  readonly db: Db;
  readonly tables: Tables;
  readonly clock: Clock;
}

const forecastDays = 14;
const horizonDays = 70;
/** A mix on the bench, where nobody has said how much is wanted: a small sprayer, a small bottle of bait. */
export const usualBatchMl = (remedy: RemedyRow): number => (remedy.recipe?.kind === 'bait' ? 100 : 1500);

export const placeOf = ({ latitude, longitude, time_zone }: GardenRow): Place => ({
  latitude,
  longitude,
  timeZone: time_zone,
});

export interface LaidOut {
  readonly plan: Plan;
  readonly today: string;
  readonly hourNow: number;
  readonly garden: GardenRow;
  readonly cases: ReadonlyMap<string, CaseRow>;
  readonly treatments: ReadonlyMap<string, TreatmentRow>;
}

/** Lays out every open step of every open case. */
export function layOut({ db, tables, clock }: Deps): LaidOut {
  const garden = oneGarden(db);
  const { today, hourNow } = gardenTime(clock(), garden.time_zone);
  const cases = new Map(anyOpenCases(db).map((row) => [row.id, row]));
  const treatments = new Map(anyOpenTreatments(db).map((row) => [row.id, row]));
  const jobs = [...treatments.values()].flatMap((row): Job[] => {
    const owner = cases.get(row.case_id);
    return owner ? [jobOf(db, tables, row, owner)] : [];
  });
  const plan = schedule({
    today,
    hourNow,
    horizonDays,
    at: placeOf(garden),
    weather: standInWeather(placeOf(garden), today, forecastDays),
    jobs,
    recent: recentIn(db, tables, cases, treatments),
    keepApart: tables.keepApart,
    usualHour: garden.usual_hour,
    previous: anyPositions(db).map(({ treatment_id, step, date, hour }) => ({ job: treatment_id, step, date, hour })),
  });
  return { plan, today, hourNow, garden, cases, treatments };
}

function jobOf(db: Db, tables: Tables, row: TreatmentRow, owner: CaseRow): Job {
  const events = anyStepsOf(db, row.id);
  return {
    id: row.id,
    place: placeKey(owner),
    remedy: rowById(tables.remedies, row.remedy, 'remedies'),
    chosenOn: row.chosen_on,
    done: events.filter(({ outcome }) => outcome === 'done').map(({ step, on_date }) => ({ step, on: on_date })),
    skipped: events.filter(({ outcome }) => outcome === 'skipped').map(({ step }) => step),
    sheltered: sheltered.has(maybeOneBed(db, owner.bed_id)?.setting ?? 'bed'),
    urgent: owner.reading.action === 'treat-now',
    keepLeavesDryAtNight: owner.reading.causes.some(
      ({ id, probability }) => id === 'downy-mildew' && probability >= 0.3,
    ),
  };
}

const sheltered = new Set<string>(['indoors', 'greenhouse']);

/** Keep-apart counts per plant where one is named, else per bed. */
const placeKey = (owner: CaseRow) => owner.planting_id ?? owner.bed_id;

/** Applications of remedies that are no longer open, on the same plants. */
function recentIn(
  db: Db,
  tables: Tables,
  cases: ReadonlyMap<string, CaseRow>,
  open: ReadonlyMap<string, TreatmentRow>,
) {
  const beds = new Set([...cases.values()].map(({ bed_id }) => bed_id));
  return [...beds].flatMap((bedId) =>
    anyTreatmentsInBed(db, bedId)
      .filter(({ id }) => !open.has(id))
      .flatMap((row) => {
        const remedy = rowById(tables.remedies, row.remedy, 'remedies');
        const owner = cases.get(row.case_id);
        const place = owner ? placeKey(owner) : bedId;
        return anyStepsOf(db, row.id)
          .filter(
            ({ step, outcome }) => outcome === 'done' && remedy.steps.some(({ id, applies }) => id === step && applies),
          )
          .map(({ on_date }) => ({ place, remedy, on: on_date }));
      }),
  );
}

/** Remembers where the open steps stand, so that later only what must move moves. */
export function rememberPlan(deps: Deps): void {
  const { plan } = layOut(deps);
  savePositions(
    deps.db,
    plan.steps.map(({ job, step, date, hour }) => ({ treatment_id: job, step: step.id, date, hour })),
  );
}

/** Every step of one treatment: done, skipped, planned or without a day, in the order of the chain. */
export function stepsOf(deps: Deps, laidOut: LaidOut, row: TreatmentRow, owner: CaseRow): StepView[] {
  const remedy = rowById(deps.tables.remedies, row.remedy, 'remedies');
  const events = new Map(anyStepsOf(deps.db, row.id).map((event) => [event.step, event]));
  const names = namesFor(deps.db, owner);
  return remedy.steps.map((step): StepView => {
    const event = events.get(step.id);
    const planned = laidOut.plan.steps.find((item) => item.job === row.id && item.step.id === step.id);
    const stuck = laidOut.plan.unplaced.find((item) => item.job === row.id && item.step.id === step.id);
    const base = baseOf(step, remedy, row, owner, names);
    const carry = step.applies ? carryWords(deps.tables, remedy, row, laidOut.garden) : null;
    const cautions = step.applies && !event ? applyCautions(deps.db, deps.tables, row, laidOut.today) : [];
    if (event)
      return {
        ...base,
        carry,
        cautions,
        state: event.outcome,
        date: event.on_date,
        hour: null,
        whyThen: '',
        sureness: 1,
      };
    if (planned)
      return {
        ...base,
        carry,
        cautions,
        state: 'planned',
        date: planned.date,
        hour: planned.hour,
        whyThen: whyThen(planned, laidOut.today),
        waits: waitsFor(planned, laidOut),
        sureness: planned.sureness,
      };
    const reasons = stuck?.passedOver.map(({ because }) => hindranceSays(because)) ?? [];
    const says =
      row.ended_on !== null || owner.status === 'closed'
        ? 'Not done.'
        : reasons.length > 0
          ? `No day suits: ${[...new Set(reasons)].join(', ')}.`
          : 'It waits for the step before it.';
    return { ...base, carry, cautions, state: 'unplaced', date: null, hour: null, whyThen: says, sureness: 0 };
  });
}

function baseOf(
  step: StepSpec,
  remedy: RemedyRow,
  row: TreatmentRow,
  owner: CaseRow,
  names: { bedName: string; plantLabel: string | null },
) {
  return {
    caseId: owner.id,
    caseName: owner.name,
    pattern: owner.pattern,
    ...names,
    treatmentId: row.id,
    remedy: remedy.id,
    remedyName: remedy.name,
    step: step.id,
    phase: step.phase,
    does: step.does,
    why: step.why,
    minutes: step.minutes,
    waits: null,
    // Counting is part of the first look before and of every look after.
    counts: step.phase === 'look' || (step.phase === 'before' && /count|note how much|look over/i.test(step.does)),
  };
}

export function namesFor(db: Db, { bed_id, planting_id }: CaseRow): { bedName: string; plantLabel: string | null } {
  return {
    bedName: anyBeds(db).find(({ id }) => id === bed_id)?.name ?? '',
    plantLabel: anyPlantings(db).find(({ id }) => id === planting_id)?.label ?? null,
  };
}

/** "Too windy until 20:00", for a step that is due today but not at this hour. */
function waitsFor({ step, date, hour }: PlannedStep, { today, hourNow, garden }: LaidOut): string | null {
  if (date !== today || hour <= hourNow) return null;
  const sky = { first: today, days: standInWeather(placeOf(garden), today, 2) };
  const [now] = hindrances(step.window, sky, sunHours(today, placeOf(garden)), date, Math.floor(hourNow));
  const why = now === undefined || now === 'wrong-part' ? 'Best' : `${hindranceSays(now)} until then: best`;
  return `${why.charAt(0).toUpperCase()}${why.slice(1)} from ${hourWords(hour)}`;
}

function carryWords(tables: Tables, remedy: RemedyRow, row: TreatmentRow, garden: GardenRow): string | null {
  if (!remedy.recipe) return null;
  const mixed = answerMix(tables, {
    remedy: remedy.id,
    ...(row.strength === null ? {} : { strength: row.strength }),
    volume: { amount: usualBatchMl(remedy), unit: 'mL' },
    measures: garden.measures,
  });
  if (mixed.kind !== 'mix') return null;
  return `${mixed.parts.map((part) => `${part.spoons} of ${lowerFirst(part.name)}`).join(', ')} to ${mixed.water.says} of water`;
}
