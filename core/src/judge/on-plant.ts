import { said } from '../quantities';
import {
  rowById,
  type PlantId,
  type PlantRow,
  type RemedyRow,
  type SceneFact,
  type SensitiveTo,
  type Tables,
  type Tolerance,
} from '../tables';
import type { CautionFound } from './caution';

/** Why a remedy may not go on a plant at all; undefined when it may. */
export function againstPlant(
  tables: Tables,
  row: RemedyRow,
  plantId: PlantId | undefined,
  facts: readonly SceneFact[] = [],
): string | undefined {
  const plant = tables.plants.find(({ id }) => id === plantId);
  if (!plant) return undefined;
  const names: readonly string[] = [plant.id, ...plant.groups];
  const never = toleranceOf(tables, row, plant, facts).find(({ tolerance }) => tolerance === 'stop');
  if (never) return never.why;
  if (row.notFor?.some((name) => names.includes(name))) return `it harms ${plant.name.toLowerCase()}`;
  if (row.onlyFor && !row.onlyFor.some((name) => names.includes(name)))
    return `it is not meant for ${plant.name.toLowerCase()}`;
  return undefined;
}

/** Why a remedy must first be tried on two or three leaves of a plant; undefined when it need not. */
export function testLeafFor(
  tables: Tables,
  row: RemedyRow,
  plantId: PlantId | undefined,
  facts: readonly SceneFact[] = [],
): string | undefined {
  const plant = tables.plants.find(({ id }) => id === plantId);
  return plant && toleranceOf(tables, row, plant, facts).find(({ tolerance }) => tolerance === 'test-leaf')?.why;
}

/** How a plant bears what a remedy is made of: what it is named for first, then what else goes in, such as the soap in an oil. */
function toleranceOf(
  { ingredients }: Pick<Tables, 'ingredients'>,
  { sensitiveTo, recipe }: RemedyRow,
  { sensitive }: PlantRow,
  facts: readonly SceneFact[],
): readonly { readonly tolerance: Tolerance; readonly why: string }[] {
  // It is the leaves that are hurt: bare wood has none.
  if (facts.includes('bare-branches')) return [];
  const also = (recipe?.also ?? []).flatMap(
    ({ ingredient }) => rowById(ingredients, ingredient, 'ingredients').classes,
  );
  return [...(sensitiveTo === undefined ? [] : [sensitiveTo]), ...also].flatMap(
    (name) => sensitive[name as SensitiveTo] ?? [],
  );
}

/** Never on this plant; nothing where it may be wetted. */
export function plantStop(
  tables: Tables,
  remedy: RemedyRow,
  plant: PlantRow,
  facts: readonly SceneFact[] = [],
): CautionFound[] {
  const why = againstPlant(tables, remedy, plant.id, facts);
  return why === undefined ? [] : [notOnPlant(plant, why)];
}

/** Two or three leaves first. */
export function plantTest(
  tables: Tables,
  remedy: RemedyRow,
  plant: PlantRow,
  facts: readonly SceneFact[] = [],
): CautionFound[] {
  const why = testLeafFor(tables, remedy, plant.id, facts);
  return why === undefined ? [] : [tryALeaf(plant, why)];
}

/** It stands beside, and would be hurt. */
export function nearbyCaution(tables: Tables, remedy: RemedyRow, plant: PlantRow): CautionFound[] {
  const why = againstPlant(tables, remedy, plant.id);
  return why === undefined ? [] : [standsNear(plant, why)];
}

export const notOnPlant = ({ id }: PlantRow, why: string): CautionFound => ({
  level: 'stop',
  ...said('not-on-plant', { plant: id, why }),
});
export const tryALeaf = ({ id }: PlantRow, why: string): CautionFound => ({
  level: 'caution',
  ...said('try-a-leaf', { plant: id, why }),
});
/** Two or three of its leaves have borne it for two days. */
export const goLightly = ({ id }: PlantRow, why: string): CautionFound => ({
  level: 'caution',
  ...said('go-lightly', { plant: id, why }),
});
export const standsNear = ({ id }: PlantRow, why: string): CautionFound => ({
  level: 'caution',
  ...said('stands-near', { plant: id, why }),
});
