import { addDays, type IsoDate } from '../quantities';
import { rotationFamilies, type PlantId, type PlantRow } from '../tables';

/** What grew in a bed before. */
export interface GrownBefore {
  readonly plant: PlantId;
  readonly label: string;
  readonly from: IsoDate;
  /** The day it was taken out. */
  readonly to: IsoDate;
}

/** Years until a family may come back: the shortest wait that growers agree on; clubroot and white rot outlast it. */
const yearsApart = 3;
export const rotationDays = 365 * yearsApart;

const familiesOf = (plants: readonly PlantRow[], id: PlantId): readonly string[] =>
  plants.find((row) => row.id === id)?.groups.filter((group) => rotationFamilies.some((one) => one === group)) ?? [];

/** Are both of one family that is rotated? */
export function sharesFamily(plants: readonly PlantRow[], one: PlantId, other: PlantId): boolean {
  const families = familiesOf(plants, one);
  return familiesOf(plants, other).some((family) => families.includes(family));
}

/**
 * What of a plant's own family grew in its bed within the three years before it was planted, the latest; undefined
 * where nothing did, or the plant is of no family that one rotates.
 */
export function sameFamilyBefore(
  plants: readonly PlantRow[],
  plant: PlantId,
  plantedOn: IsoDate,
  before: readonly GrownBefore[],
): GrownBefore | undefined {
  const since = addDays(plantedOn, -rotationDays);
  return before
    .filter(({ from, to }) => from < plantedOn && to >= since)
    .filter((one) => sharesFamily(plants, plant, one.plant))
    .sort((a, b) => b.to.localeCompare(a.to))[0];
}
