import { said } from '../quantities';
import type { PlantRow, RemedyRow, Tables } from '../tables';
import type { CautionFound } from './caution';
import { againstPlant, testLeafFor } from './choose';

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
export const standsNear = ({ id }: PlantRow, why: string): CautionFound => ({
  level: 'caution',
  ...said('stands-near', { plant: id, why }),
});
