import { isSprayed } from '@trowel/core/jobs';
import { daysBetweenRounds, thingsOf } from '@trowel/core/judge';
import { washedOff, type Place, type Washed } from '@trowel/core/plan';
import { addDays, daysBetween, degreeDaysOf, type MeasureSystem } from '@trowel/core/quantities';
import { resprayOf, type Respray } from '@trowel/core/simulate';
import {
  isSheltered,
  lifeStages,
  type LifeRow,
  type LifeStage,
  type RemedyRow,
  type StepSpec,
  type Tables,
} from '@trowel/core/tables';
import { resprayWords, washedWords } from '@trowel/core/wording';
import { gardenTime } from '../clock';
import type { Db } from '../database';
import { maybeOneCase } from '../store/cases';
import { maybeOneBed, maybeOnePlanting, type GardenRow } from '../store/garden';
import { anyApplications, anyPlaces, type JobRow } from '../store/jobs';
import type { Now } from '../weather/sensors';
import { skyOver } from '../weather/sky';
import { causeOf } from './learnt';

export const placeOf = ({ latitude, longitude, time_zone }: GardenRow): Place => ({
  latitude,
  longitude,
  timeZone: time_zone,
});

/** So far ahead one looks, days. */
export const weatherAhead = 60;
/** Indoors it is neither night nor noon; under glass warmer than outside, most of all by day. */
const indoors = { low: 17, high: 22 } as const;
const underGlass = { low: 3, high: 8 } as const;

/** The pest of a job, by what its case was read as and the plant; undefined where its life is not known here. */
export function lifeOf(db: Db, tables: Tables, row: JobRow, remedy: RemedyRow): LifeRow | undefined {
  const owner = row.case_id === null ? undefined : maybeOneCase(db, row.case_id);
  const cause = owner && causeOf(owner);
  const [place] = anyPlaces(db, row.id);
  const planting = place?.planting_id ? maybeOnePlanting(db, place.planting_id) : undefined;
  const plant = tables.plants.find(({ id }) => id === planting?.plant);
  const names: string[] = plant ? [plant.id, ...plant.groups] : [];
  if (cause === undefined || !remedy.targets.some(({ of, isBefore }) => of === cause && !isBefore)) return undefined;
  return tables.life.find(
    ({ causes, onlyFor }) => causes.includes(cause) && (!onlyFor || onlyFor.some((one) => names.includes(one))),
  );
}

/** What a remedy takes of each stage; undefined where that is not known. */
export function takesOf(tables: Tables, life: LifeRow, remedy: RemedyRow): Record<LifeStage, number> | undefined {
  const row = tables.reaches.find(({ id }) => id === remedy.id);
  const takes = row?.takes ?? (remedy.classes.includes('soap') && isSprayed(remedy) ? life.reach : undefined);
  return (
    takes && (Object.fromEntries(lifeStages.map((stage) => [stage, takes[stage] ?? 0])) as Record<LifeStage, number>)
  );
}

/** °C·days above the pest's base where the job is, day by day. */
export function warmthOf(
  db: Db,
  garden: GardenRow,
  row: JobRow,
  { base, upper }: LifeRow,
  from: string,
  days: number,
  today: string,
): number[] {
  const [place] = anyPlaces(db, row.id);
  const setting = place && maybeOneBed(db, place.bed_id)?.setting;
  return skyOver(db, garden, from, days, today).map(({ hours }) => {
    const felt = hours.map(({ temperature }) => temperature);
    const [low, high] = [Math.min(...felt), Math.max(...felt)];
    if (setting === 'indoors') return degreeDaysOf(indoors.low, indoors.high, base, upper);
    const shift = setting === 'greenhouse' ? underGlass : { low: 0, high: 0 };
    return degreeDaysOf(low + shift.low, high + shift.high, base, upper);
  });
}

export interface NextByLife {
  readonly life: LifeRow;
  readonly respray: Respray;
  /** First and last good day; undefined where it is too cold to tell. */
  readonly from: string | undefined;
  readonly to: string | undefined;
}

/**
 * When the next spray tells most, by the life of the pest in the warmth there is; undefined where that is not known.
 * @param first where nothing was put on yet: `today`, it is reckoned from now; left out, there is no next one
 */
export function nextByLife(
  db: Db,
  tables: Tables,
  garden: GardenRow,
  row: JobRow,
  remedy: RemedyRow,
  today: string,
  first?: 'today',
): NextByLife | undefined {
  const applied = anyApplications(db, row.id);
  const last =
    applied
      .map(({ on_date }) => on_date)
      .sort()
      .pop() ??
    (first && today);
  const life = lifeOf(db, tables, row, remedy);
  if (last === undefined || !life || !isSprayed(remedy) || !takesOf(tables, life, remedy)) return undefined;
  const respray = resprayOf(life, warmthOf(db, garden, row, life, addDays(last, 1), weatherAhead, today));
  const on = (days: number) => addDays(last, days);
  return respray.kind === 'cold'
    ? { life, respray, from: undefined, to: undefined }
    : { life, respray, from: on(respray.from), to: on(respray.to) };
}

/** The same in words. */
export const resprayLine = (found: NextByLife, today: string): string =>
  resprayWords(found.life, found.respray, found, today);

/** Beyond this many days the next round does not wait for eggs: what was missed goes on laying meanwhile. */
const longestWait = 14;

/** The rounds of a chain that come after another. */
const roundsAgain = ({ steps }: RemedyRow): StepSpec[] =>
  steps.filter(({ applies, after }) => applies && steps.some(({ id, applies: first }) => id === after && first));

/** A chain whose further rounds come when they tell most, by the life of the pest in the warmth there is. */
export function timedByLife(
  db: Db,
  tables: Tables,
  garden: GardenRow,
  row: JobRow,
  remedy: RemedyRow,
  today: string,
): RemedyRow {
  const again = roundsAgain(remedy);
  const found = again.length > 0 ? nextByLife(db, tables, garden, row, remedy, today, 'today') : undefined;
  if (!found || found.respray.kind === 'cold') return remedy;
  const { from, to } = found.respray;
  const timed = (step: StepSpec): StepSpec => {
    const least = Math.max(step.gap[0], Math.min(from, longestWait));
    return again.includes(step) ? { ...step, gap: [least, Math.max(least, Math.min(to, longestWait))] } : step;
  };
  return { ...remedy, steps: remedy.steps.map(timed) };
}

/** What rain took of the last round of a job; undefined where it did not, or nothing was put on in the open. */
export function washedRound(
  db: Db,
  garden: GardenRow,
  row: JobRow,
  remedy: RemedyRow,
  now: Now,
): (Washed & { readonly event: number; readonly on: string }) | undefined {
  const last = anyApplications(db, row.id).at(-1);
  if (!last || anyPlaces(db, row.id).some(({ bed_id }) => isSheltered(maybeOneBed(db, bed_id)?.setting)))
    return undefined;
  // Every round of a chain goes on in the same weather.
  const window = remedy.steps.find(({ applies }) => applies)?.window;
  const hour = Math.floor(gardenTime(new Date(last.at), garden.time_zone).hourNow);
  const days = daysBetween(last.on_date, now.today) + 1;
  const washed =
    window &&
    washedOff(
      window,
      { first: last.on_date, days: skyOver(db, garden, last.on_date, days, now.today) },
      { date: last.on_date, hour },
      (days - 1) * 24 + Math.floor(now.hourNow) - hour,
    );
  return washed && { ...washed, event: last.event_id, on: last.on_date };
}

/** A chain whose next round comes as soon as it may, where rain took the last one, and says so. */
export function broughtForward(
  tables: Tables,
  remedy: RemedyRow,
  done: readonly { readonly step: string }[],
  washed: Washed & { readonly on: string },
  { measures, today }: { readonly measures: MeasureSystem; readonly today: string },
): RemedyRow {
  const next = roundsAgain(remedy).find(({ id }) => !done.some(({ step }) => step === id));
  if (!next) return remedy;
  const soonest = daysBetweenRounds(tables, thingsOf(tables, remedy));
  // Wanted at once is not overdue: that it is only when it would have been without the rain.
  const wanted = Math.max(soonest, daysBetween(washed.on, today));
  const gap = [Math.min(next.gap[0], soonest), Math.min(next.gap[1], wanted)] as const;
  const early = { ...next, gap, why: washedWords(washed, measures) };
  return { ...remedy, steps: remedy.steps.map((step) => (step === next ? early : step)) };
}
