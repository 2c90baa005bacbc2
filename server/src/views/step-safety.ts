import { ruleSaid, rulesIn, type Scene } from '@trowel/core/choose';
import type { CautionSaid } from '@trowel/core/contract';
import { daysBetween } from '@trowel/core/plan';
import { rowById, type RemedyRow, type Tables } from '@trowel/core/tables';
import type { Db } from '../database';
import { maybeOneCase } from '../store/cases';
import { maybeOnePlanting } from '../store/garden';
import { anyStepsOf, anyTreatmentsInBed, type TreatmentRow } from '../store/treatments';

/**
 * What is to be minded before a remedy is put on: the remedy's own cautions for that moment, and the
 * rules, across what this plant and this bed have had. Notes are told, cautions must be acknowledged, and
 * a stop cannot be passed.
 */
export function applyCautions(db: Db, tables: Tables, row: TreatmentRow, today: string): CautionSaid[] {
  const remedy = rowById(tables.remedies, row.remedy, 'remedies');
  const rules = rulesIn(tables, sceneFor(db, tables, row, remedy, today)).map(ruleSaid);
  // What was read before the first application of this treatment is only told again.
  const isAgain = anyStepsOf(db, row.id).some(
    ({ step, outcome }) => outcome === 'done' && remedy.steps.some(({ id, applies }) => id === step && applies),
  );
  const own = remedy.cautions
    .filter(({ at, level }) => at === 'apply' && level !== 'note')
    .map(({ says, level }, index): CautionSaid => ({
      rule: `${remedy.id}:${index}`,
      level: isAgain && level === 'caution' ? 'note' : level,
      says,
    }));
  return [...rules, ...own];
}

function sceneFor(db: Db, tables: Tables, row: TreatmentRow, remedy: RemedyRow, today: string): Scene {
  const owner = maybeOneCase(db, row.case_id);
  const planting = owner?.planting_id ? maybeOnePlanting(db, owner.planting_id) : undefined;
  const ingredient = remedy.recipe && rowById(tables.ingredients, remedy.recipe.ingredient, 'ingredients');
  const harvest = planting?.harvest_on;
  return {
    things: [{ classes: [...remedy.classes, ...(ingredient?.classes ?? [])] }],
    before: owner ? appliedIn(db, tables, owner.bed_id, owner.planting_id, row, today) : [],
    ...(harvest ? { daysToHarvest: Math.max(0, daysBetween(today, harvest)) } : {}),
  };
}

/** Every other application in this bed, and on this plant. */
function appliedIn(
  db: Db,
  tables: Tables,
  bedId: string,
  plantingId: string | null,
  self: TreatmentRow,
  today: string,
) {
  return anyTreatmentsInBed(db, bedId)
    .filter(({ id }) => id !== self.id)
    .flatMap((other) => {
      const remedy = rowById(tables.remedies, other.remedy, 'remedies');
      const samePlant = plantingId !== null && maybeOneCase(db, other.case_id)?.planting_id === plantingId;
      return anyStepsOf(db, other.id)
        .filter(
          ({ step, outcome }) => outcome === 'done' && remedy.steps.some(({ id, applies }) => id === step && applies),
        )
        .flatMap(({ on_date }) => {
          const daysAgo = daysBetween(on_date, today);
          return [
            { classes: remedy.classes, where: 'bed' as const, daysAgo },
            ...(samePlant ? [{ classes: remedy.classes, where: 'plant' as const, daysAgo }] : []),
          ];
        });
    });
}

/** What must still be acknowledged. @returns the stop that forbids it, or the cautions not yet read. */
export function unread(cautions: readonly CautionSaid[], acknowledged: readonly string[]): CautionSaid[] {
  const stops = cautions.filter(({ level }) => level === 'stop');
  if (stops.length > 0) return stops;
  return cautions.filter(({ level, rule }) => level === 'caution' && !acknowledged.includes(rule ?? ''));
}
