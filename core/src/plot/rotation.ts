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

const familiesOf = (plants: readonly PlantRow[], id: PlantId): readonly string[] =>
  plants.find((row) => row.id === id)?.groups.filter((group) => rotationFamilies.some((one) => one === group)) ?? [];

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
  const families = familiesOf(plants, plant);
  const since = addDays(plantedOn, -365 * yearsApart);
  return before
    .filter(({ from, to }) => from < plantedOn && to >= since)
    .filter((one) => familiesOf(plants, one.plant).some((family) => families.includes(family)))
    .sort((a, b) => b.to.localeCompare(a.to))[0];
}
