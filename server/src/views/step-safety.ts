import {
  aroundOn,
  cautionKey,
  daysToHarvest,
  judge,
  remedyAct,
  seasonOn,
  type Act,
  type AgainstRound,
  type CautionFound,
  type Round,
} from '@trowel/core/judge';
import { daysBetween, type MeasureSystem } from '@trowel/core/quantities';
import { isSheltered, type RemedyRow, type Tables } from '@trowel/core/tables';
import { cautionLine } from '@trowel/core/wording';
import type { Db } from '../database';
import { conflict, type Problem } from '../problems';
import { maybeOneCase } from '../store/cases';
import { maybeGarden, maybeOneBed, maybeOnePlanting } from '../store/garden';
import { anyStepsOf, anyTreatmentsInBed, type TreatmentRow } from '../store/treatments';

/**
 * What is to be minded before a remedy is put on: the remedy's own cautions for that moment, and the
 * rules, across what this plant and this bed have had. Notes are told, cautions must be acknowledged, and
 * a stop cannot be passed.
 */
export function applyCautions(db: Db, tables: Tables, row: TreatmentRow, today: string): CautionFound[] {
  const remedy = maybeRemedy(tables, row.remedy);
  if (!remedy) return [];
  const rules = judge(tables, actsFor(db, tables, row, remedy)(today));
  // What was read before the first application of this treatment is only told again.
  const isAgain = anyStepsOf(db, row.id).some(({ step, outcome }) => outcome === 'done' && puts(remedy, step));
  const own = remedy.cautions
    .filter(({ at, level }) => at === 'apply' && level !== 'note')
    .map(({ id, level }): CautionFound => ({
      level: isAgain && level === 'caution' ? 'note' : level,
      own: { remedy: remedy.id, caution: id },
    }));
  return [...rules, ...own];
}

/** A remedy that is known; undefined where the knowledge no longer has it. */
export const maybeRemedy = (tables: Tables, id: string): RemedyRow | undefined =>
  tables.remedies.find((row) => row.id === id);

/** Does that step put the remedy on? */
export const puts = ({ steps }: RemedyRow, step: string): boolean =>
  steps.some(({ id, applies }) => id === step && applies);

/** What the judge has against putting it on once more, on another day or at another strength. */
export function againstRound(db: Db, tables: Tables, row: TreatmentRow, remedy: RemedyRow): AgainstRound {
  const actOn = actsFor(db, tables, row, remedy);
  return (on, strength) => judge(tables, actOn(on, strength));
}

/** Putting it on, as the judge takes it: how strong, where, and what this place has had. */
function actsFor(db: Db, tables: Tables, row: TreatmentRow, remedy: RemedyRow): (on: string, strength?: number) => Act {
  const owner = maybeOneCase(db, row.case_id);
  const planting = owner?.planting_id ? maybeOnePlanting(db, owner.planting_id) : undefined;
  const tested = testedOn(db, row, remedy);
  const garden = maybeGarden(db);
  const rounds = owner ? roundsIn(db, tables, owner.bed_id, owner.planting_id, row) : [];
  return (on, strength = row.strength ?? undefined) => {
    const picked = daysToHarvest(on, planting?.harvest_on ?? undefined);
    return remedyAct(tables, remedy, {
      strength,
      plants: planting ? [planting.plant] : [],
      ...(tested === undefined ? {} : { testLeafDaysAgo: daysBetween(tested, on) }),
      before: aroundOn(tables, rounds, on).before,
      ...(picked === undefined ? {} : { daysToHarvest: picked }),
      ...(garden ? { season: seasonOn(on, garden.latitude, garden.climate) } : {}),
      isSheltered: owner !== undefined && isSheltered(maybeOneBed(db, owner.bed_id)?.setting),
    });
  };
}

/** The day on which this treatment's test leaf was wetted; undefined where none was, or it was left out. */
const testedOn = (db: Db, { id }: TreatmentRow, { steps }: RemedyRow): string | undefined =>
  anyStepsOf(db, id).find(
    ({ step, outcome }) => outcome === 'done' && steps.some((one) => one.id === step && one.kind === 'test-leaf'),
  )?.on_date;

/** Every application in this bed. @param self the treatment that asks, whose own rounds they may be */
export function roundsIn(
  db: Db,
  tables: Tables,
  bedId: string,
  plantingId: string | null,
  self?: TreatmentRow,
): Round[] {
  return anyTreatmentsInBed(db, bedId).flatMap((other) => {
    const remedy = maybeRemedy(tables, other.remedy);
    if (!remedy) return [];
    // Where no plant is named, what goes on the bed goes on what grows there.
    const isOnPlant = maybeOneCase(db, other.case_id)?.planting_id === plantingId;
    return anyStepsOf(db, other.id)
      .filter(({ step, outcome }) => outcome === 'done' && puts(remedy, step))
      .map(({ on_date }) => ({ remedy, on: on_date, isOwn: other.id === self?.id, isOnPlant }));
  });
}

/** What must still be acknowledged. @returns the stops that forbid it, or the cautions not yet read. */
export function unread(cautions: readonly CautionFound[], acknowledged: readonly string[]): CautionFound[] {
  const stops = cautions.filter(({ level }) => level === 'stop');
  if (stops.length > 0) return stops;
  return cautions.filter((found) => found.level === 'caution' && !acknowledged.includes(cautionKey(found)));
}

/** Refuses with what has not been read, each under the key by which it is acknowledged. */
export function refuseUnread(tables: Tables, left: readonly CautionFound[], system: MeasureSystem): Problem {
  const line = (found: CautionFound) => cautionLine(tables, found, system);
  return conflict(
    'said',
    { says: left.map(line).join(' ') },
    left
      .filter(({ level }) => level === 'caution')
      .map((found) => ({ field: 'acknowledged', key: cautionKey(found), message: line(found) })),
  );
}
