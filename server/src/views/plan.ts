import type { StepView } from '@trowel/core/contract';
import { mixRemedy, usualBatchMl } from '@trowel/core/mix';
import { hindrances, schedule, sunHours, type Job, type Plan, type Place, type PlannedStep } from '@trowel/core/plan';
import { isSheltered, type RemedyRow, type StepSpec, type Tables } from '@trowel/core/tables';
import { carryWords, cautionWords, unplacedWords, waitsWords, whyThen } from '@trowel/core/wording';
import { gardenTime, type Clock } from '../clock';
import { applyCautions, maybeRemedy, puts } from './step-safety';
import type { Db } from '../database';
import { anyOpenCases, type CaseRow } from '../store/cases';
import { anyBeds, anyPlantings, maybeOneBed, maybeOnePlanting, oneGarden, type GardenRow } from '../store/garden';
import {
  anyOpenTreatments,
  anyPositions,
  anyStepsOf,
  anyTreatmentsInBed,
  savePositions,
  type TreatmentRow,
} from '../store/treatments';
import { standInWeather } from '../weather/stand-in';

/** What every view and act works on; the tables have their amounts in this garden's measures. */
export interface Deps {
  readonly db: Db;
  readonly tables: Tables;
  readonly clock: Clock;
}

/** From this chance on a disease that likes wet leaves moves sprays to the morning. */
const wetLeavesMatterFrom = 0.3;
const forecastDays = 14;
const horizonDays = 70;
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
    const remedy = maybeRemedy(tables, row.remedy);
    return owner && remedy ? [jobOf(db, tables, remedy, row, owner)] : [];
  });
  const plan = schedule({
    today,
    hourNow,
    horizonDays,
    at: placeOf(garden),
    ...(garden.climate === null ? {} : { climate: garden.climate }),
    weather: standInWeather(placeOf(garden), today, forecastDays),
    jobs,
    recent: recentIn(db, tables, cases, treatments),
    tables,
    usualHour: garden.usual_hour,
    previous: anyPositions(db).map(({ treatment_id, step, date, hour }) => ({ job: treatment_id, step, date, hour })),
  });
  return { plan, today, hourNow, garden, cases, treatments };
}

function jobOf(db: Db, tables: Tables, remedy: RemedyRow, row: TreatmentRow, owner: CaseRow): Job {
  const events = anyStepsOf(db, row.id);
  const harvestOn = owner.planting_id ? maybeOnePlanting(db, owner.planting_id)?.harvest_on : undefined;
  return {
    id: row.id,
    place: placeKey(owner),
    remedy,
    chosenOn: row.chosen_on,
    done: events.filter(({ outcome }) => outcome === 'done').map(({ step, on_date }) => ({ step, on: on_date })),
    skipped: events.filter(({ outcome }) => outcome === 'skipped').map(({ step }) => step),
    ...(harvestOn ? { harvestOn } : {}),
    sheltered: isSheltered(maybeOneBed(db, owner.bed_id)?.setting),
    urgent: owner.reading.action === 'treat-now',
    keepLeavesDryAtNight: owner.reading.causes.some(
      ({ id, probability }) =>
        probability >= wetLeavesMatterFrom && tables.causes.some((row) => row.id === id && row.wetLeaves),
    ),
  };
}

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
        const remedy = maybeRemedy(tables, row.remedy);
        if (!remedy) return [];
        const owner = cases.get(row.case_id);
        const place = owner ? placeKey(owner) : bedId;
        return anyStepsOf(db, row.id)
          .filter(({ step, outcome }) => outcome === 'done' && puts(remedy, step))
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
  const remedy = maybeRemedy(deps.tables, row.remedy);
  if (!remedy) return [];
  const { measures } = laidOut.garden;
  const events = new Map(anyStepsOf(deps.db, row.id).map((event) => [event.step, event]));
  const names = namesFor(deps.db, owner);
  // The same for every step that puts it on, and worth working out once.
  const isOpen = remedy.steps.some(({ id, applies }) => applies && !events.has(id));
  const cautions = isOpen
    ? applyCautions(deps.db, deps.tables, row, laidOut.today).map((found) => cautionWords(deps.tables, found, measures))
    : [];
  const carry = carryFor(deps.tables, remedy, row, laidOut.garden);
  return remedy.steps.map((step): StepView => {
    const event = events.get(step.id);
    const planned = laidOut.plan.steps.find((item) => item.job === row.id && item.step.id === step.id);
    const stuck = laidOut.plan.unplaced.find((item) => item.job === row.id && item.step.id === step.id);
    const base = {
      ...baseOf(step, remedy, row, owner, names),
      carry: step.applies ? carry : null,
      cautions: step.applies && !event ? cautions : [],
    };
    if (event) return { ...base, state: event.outcome, date: event.on_date, hour: null, whyThen: '', sureness: 1 };
    if (planned)
      return {
        ...base,
        state: 'planned',
        date: planned.date,
        hour: planned.hour,
        whyThen: whyThen(planned, laidOut.today),
        waits: waitsFor(planned, laidOut),
        sureness: planned.sureness,
      };
    const isOver = row.ended_on !== null || owner.status === 'closed';
    const passedOver = stuck?.passedOver ?? [];
    return {
      ...base,
      state: 'unplaced',
      stuck: isOver ? 'over' : passedOver.length > 0 ? 'no-day' : 'waits',
      date: null,
      hour: null,
      whyThen: unplacedWords(passedOver, isOver),
      sureness: 0,
    };
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
    kind: step.kind ?? null,
    does: step.does,
    why: step.why,
    minutes: step.minutes,
    waits: null,
    stuck: null,
    // Every look after counts as the one before did.
    counts: step.phase === 'look' || step.kind === 'count',
  };
}

export function namesFor(db: Db, { bed_id, planting_id }: CaseRow): { bedName: string; plantLabel: string | null } {
  return {
    bedName: anyBeds(db).find(({ id }) => id === bed_id)?.name ?? '',
    plantLabel: anyPlantings(db).find(({ id }) => id === planting_id)?.label ?? null,
  };
}

/** What is in the way of a step that is due today but not at this hour; null where nothing is. */
function waitsFor({ step, date, hour }: PlannedStep, { today, hourNow, garden }: LaidOut): string | null {
  if (date !== today || hour <= hourNow) return null;
  const sky = { first: today, days: standInWeather(placeOf(garden), today, 2) };
  const [now] = hindrances(step.window, sky, sunHours(today, placeOf(garden)), date, Math.floor(hourNow));
  return waitsWords(now, hour);
}

function carryFor(tables: Tables, remedy: RemedyRow, row: TreatmentRow, { measures }: GardenRow): string | null {
  if (!remedy.recipe) return null;
  const card = mixRemedy(tables, {
    remedy: remedy.id,
    ...(row.strength === null ? {} : { strength: row.strength }),
    volume: { amount: usualBatchMl(remedy), unit: 'mL' },
    measures,
  });
  return card.kind === 'mix' ? carryWords(card, tables, measures) : null;
}
