import { judge } from '@trowel/core/judge';
import { InputError, type BenchView, type CautionSaid, type RecipeDocument } from '@trowel/core/contract';
import { batchClasses, checkRecipe, shoppingList, type Kept, type Needed } from '@trowel/core/mix';
import type { MeasureSystem } from '@trowel/core/quantities';
import type { Tables } from '@trowel/core/tables';
import { cautionWords, choreWords, keptWords, shoppingWords } from '@trowel/core/wording';
import { gardenTime } from '../clock';
import type { Db } from '../database';
import * as bench from '../store/bench';
import { oneGarden } from '../store/garden';
import { anyApplications, anyOpenJobs, remediesUsedLast } from '../store/jobs';
import { brewStands } from './brews';
import { jobRemedy, mixOf } from './job';
import type { Deps } from './plan';

/** The bench as it stands: brews, cupboard, sprayers, own recipes and own rules. */
export function benchViewOf({ db, tables, clock }: Deps): BenchView {
  const garden = oneGarden(db);
  const { today } = gardenTime(clock(), garden.time_zone);
  const vessels = bench.anyVessels(db);
  const nameOf = (id: string) => keptWords(tables, 'ingredients', id);
  const { measures } = garden;
  const kept = keptOf(db);
  return {
    today,
    preferences: { forbids: garden.forbids, onlyFromCupboard: garden.only_cupboard, schools: garden.schools },
    cupboard: bench.anyKept(db).map((row) => ({
      ingredient: row.ingredient,
      name: nameOf(row.ingredient),
      amount: row.amount,
      unit: row.unit,
      packSize: row.pack_size,
      packPrice: row.pack_price,
      percent: row.percent,
      wanted: row.wanted,
    })),
    usedLast: remediesUsedLast(db),
    shopping: shoppingList(kept, mixesUnderWay(db, tables, today)).map((item) => ({
      ingredient: item.ingredient,
      name: nameOf(item.ingredient),
      why: shoppingWords(tables, item, measures),
    })),
    vessels: vessels.map((row) => ({
      id: row.id,
      name: row.name,
      kind: row.kind,
      volumeMl: row.volume_ml,
      held: row.held,
      classes: row.classes,
      lastOn: row.last_on,
    })),
    batches: bench.anyBatches(db).map((row) => {
      const events = bench.anyBatchEvents(db, row.id);
      const last = events[events.length - 1];
      const { chores, ...state } = brewStands(db, tables, row, today);
      return {
        id: row.id,
        name: row.name,
        kind: row.kind,
        pattern: row.pattern,
        startedOn: row.started_on,
        volumeMl: row.volume_ml,
        warmth: row.warmth,
        vessel: vessels.find(({ id }) => id === row.vessel_id)?.name ?? null,
        ...state,
        chores: chores.map(({ kind, due }) => ({ kind, due, ...choreWords[kind] })),
        cautions: judge(tables, { things: [{ classes: batchClasses[row.kind] }] }).map((found) =>
          cautionWords(tables, found, measures),
        ),
        lastEvent: last ? { kind: last.kind, on: last.on_date, ml: last.ml } : null,
      };
    }),
    recipes: bench
      .anyRecipes(db)
      .map(({ id, document }) => ({ id, document, cautions: cautionsOf(tables, document, measures) })),
  };
}

export const keptOf = (db: Db): Kept[] =>
  bench.anyKept(db).map((row) => ({
    ingredient: row.ingredient,
    amount: row.amount,
    packSize: row.pack_size,
    packPrice: row.pack_price,
    wanted: row.wanted,
  }));

/** What jobs under way will mix, each as it is set; what is drawn from a brew needs nothing from the shelf. */
const mixesUnderWay = (db: Db, tables: Tables, today: string): Needed[] =>
  anyOpenJobs(db).flatMap((row) => {
    const remedy = row.wish === null ? jobRemedy(tables, row) : undefined;
    const card = remedy && mixOf(db, tables, row, remedy, today);
    if (!remedy || card?.kind !== 'mix') return [];
    const put = new Set(anyApplications(db, row.id).map(({ event_id }) => event_id)).size;
    return [
      {
        remedy: remedy.id,
        parts: card.parts.filter(({ ingredient }) => row.batch_id === null || ingredient !== remedy.recipe?.ingredient),
        times: Math.max(0, (remedy.repeat?.most ?? 1) - put),
      },
    ];
  });

/** What a recipe of one's own has to mind; one whose ingredient is no longer known says only that. */
function cautionsOf(tables: Tables, document: RecipeDocument, measures: MeasureSystem): CautionSaid[] {
  try {
    return checkRecipe(tables, document).map((found) => cautionWords(tables, found, measures));
  } catch (error) {
    if (!(error instanceof InputError)) throw error;
    return [{ rule: 'no-longer-known', level: 'stop', says: error.message }];
  }
}
