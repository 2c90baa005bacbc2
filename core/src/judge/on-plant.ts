import { said } from '../quantities';
import type { PlantId, PlantRow, RemedyRow, Tables } from '../tables';
import type { CautionFound } from './caution';

/** Why a remedy may not go on a plant at all; undefined when it may. */
export function againstPlant(tables: Tables, row: RemedyRow, plantId: PlantId | undefined): string | undefined {
  const plant = tables.plants.find(({ id }) => id === plantId);
  if (!plant) return undefined;
  const names: readonly string[] = [plant.id, ...plant.groups];
  const tolerance = row.sensitiveTo && plant.sensitive[row.sensitiveTo];
  if (tolerance?.tolerance === 'stop') return tolerance.why;
  if (row.notFor?.some((name) => names.includes(name))) return `it harms ${plant.name.toLowerCase()}`;
  if (row.onlyFor && !row.onlyFor.some((name) => names.includes(name)))
    return `it is not meant for ${plant.name.toLowerCase()}`;
  return undefined;
}

/** Why a remedy must first be tried on two or three leaves of a plant; undefined when it need not. */
export function testLeafFor(tables: Tables, row: RemedyRow, plantId: PlantId | undefined): string | undefined {
  const plant = tables.plants.find(({ id }) => id === plantId);
  const tolerance = row.sensitiveTo && plant?.sensitive[row.sensitiveTo];
  return tolerance?.tolerance === 'test-leaf' ? tolerance.why : undefined;
}

/** Never on this plant; nothing where it may be wetted. */
export function plantStop(tables: Tables, remedy: RemedyRow, plant: PlantRow): CautionFound[] {
  const why = againstPlant(tables, remedy, plant.id);
  return why === undefined ? [] : [notOnPlant(plant, why)];
}

/** Two or three leaves first. */
export function plantTest(tables: Tables, remedy: RemedyRow, plant: PlantRow): CautionFound[] {
  const why = testLeafFor(tables, remedy, plant.id);
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
