import { randomUUID } from 'node:crypto';
import { drawnMl } from '@trowel/core/jobs';
import type { MixFound } from '@trowel/core/mix';
import type { RemedyRow, Tables } from '@trowel/core/tables';
import type { Db } from '../database';
import * as bench from '../store/bench';
import { addMix, markTakenBack, type MixRow } from '../store/jobs';

interface Making {
  readonly remedy: RemedyRow;
  readonly card: Extract<MixFound, { kind: 'mix' }>;
  readonly jobId: string | null;
  readonly vessel: bench.VesselRow | undefined;
  /** The brew it is drawn from. */
  readonly batchId: string | null;
  /** The tick that it was mixed with; null where it was noted by itself. */
  readonly eventId: number | null;
  readonly today: string;
}

/**
 * Notes that it was mixed: what went in comes out of the cupboard, out of the brew it is drawn from, and the vessel
 * holds it from now on. @returns the id under which it can be taken back
 */
export function makeMix(
  db: Db,
  tables: Tables,
  { remedy, card, jobId, vessel, batchId, eventId, today }: Making,
): string {
  const id = randomUUID();
  const batchMl = batchId === null ? 0 : drawnMl(remedy, card.parts);
  const took: MixRow['took'] = [];
  for (const part of card.parts) {
    // What is drawn from a brew is not taken from the shelf as well.
    if (batchMl > 0 && part.ingredient === remedy.recipe?.ingredient) continue;
    const kept = bench.maybeOneKept(db, part.ingredient);
    if (kept?.amount == null) continue;
    const amount = Math.min(kept.amount, part.grams ?? part.ml);
    bench.saveKept(db, { ...kept, amount: kept.amount - amount });
    took.push({ ingredient: part.ingredient, amount });
  }
  const held = { name: remedy.name, classes: heldClasses(tables, remedy) };
  addMix(db, {
    id,
    job_id: jobId,
    event_id: eventId,
    remedy: remedy.id,
    mixed_on: today,
    strength: card.strength?.value ?? null,
    volume_ml: card.totalMl,
    vessel_id: vessel?.id ?? null,
    batch_id: batchMl > 0 ? batchId : null,
    batch_ml: batchMl > 0 ? batchMl : null,
    took,
    vessel_before: vessel ? { now: held.name, held: vessel.held, classes: vessel.classes, on: vessel.last_on } : null,
  });
  if (batchMl > 0 && batchId !== null)
    bench.addBatchEvent(db, { batch_id: batchId, kind: 'used', on_date: today, ml: batchMl, mix_id: id });
  if (vessel) bench.saveHeld(db, vessel.id, held.name, held.classes, today);
  return id;
}

/** Takes a mix back: cupboard and brew have it again, the vessel what it held before, unless something else went in since. */
export function giveBack(db: Db, mix: MixRow): void {
  for (const { ingredient, amount } of mix.took) {
    const kept = bench.maybeOneKept(db, ingredient);
    if (kept?.amount != null) bench.saveKept(db, { ...kept, amount: kept.amount + amount });
  }
  bench.dropEventsOfMix(db, mix.id);
  const vessel = mix.vessel_id === null ? undefined : bench.maybeOneVessel(db, mix.vessel_id);
  const before = mix.vessel_before;
  if (vessel && before && vessel.held === before.now)
    bench.saveHeld(db, vessel.id, before.held, before.classes, before.on);
  markTakenBack(db, mix.id);
}

/** Classes of what stands in a vessel once a remedy was mixed in it. */
export const heldClasses = (tables: Tables, remedy: RemedyRow): string[] => {
  const usedBy = tables.ingredients.find(({ id }) => id === remedy.recipe?.ingredient);
  return [...remedy.classes, ...(usedBy?.classes ?? [])];
};
