import type { IngredientRow, PlantRow, Tables } from '../../tables';
import type { CautionFound } from '../caution';
import type { Act } from '../judge';
import type { Mention } from '../../hear/mentions';
import { againstPlant, goLightly, notOnPlant, standsNear, testLeafFor, tryALeaf } from '../on-plant';
import { remedyUse } from '../remedy-act';
import { isBeside } from './names';

/** What remedies of the same first class say about a plant: a stop where none of them may go on it. */
export function onPlant(
  tables: Tables,
  row: IngredientRow,
  plant: Mention<PlantRow>,
  line: string,
  { use, isTested, facts = [] }: Act,
): CautionFound[] {
  // A leaf that is not wetted is not hurt: what is bait, or on a blade, says nothing of the plant.
  if (use === 'tool' || use === 'bait') return [];
  const alike = tables.remedies.filter(
    ({ classes, recipe, rung }) =>
      rung !== 'care' && (recipe?.ingredient === row.id || (classes[0] !== undefined && classes[0] === row.classes[0])),
  );
  if (alike.length === 0) return [];
  const fitting = alike.filter((remedy) => remedyUse(remedy) === use);
  const against = (fitting.length > 0 ? fitting : alike).map((remedy) =>
    againstPlant(tables, remedy, plant.row.id, facts),
  );
  const why = against.every((reason) => reason !== undefined) ? against[0] : undefined;
  if (why !== undefined) {
    if (isBeside(plant, line)) return [standsNear(plant.row, why)];
    return [isTested ? goLightly(plant.row, why) : notOnPlant(plant.row, why)];
  }
  const test = alike
    .map((remedy) => testLeafFor(tables, remedy, plant.row.id, facts))
    .find((reason) => reason !== undefined);
  return test === undefined || isTested ? [] : [tryALeaf(plant.row, test)];
}
