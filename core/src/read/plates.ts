import type { Mark, PlantRow, PlateSpec, SignRow, Tables, Where } from '../tables';

/** Parts that can be tapped on a drawn plant, by names short enough to stand beside it, with the places of signs of each. */
export const tapParts = [
  { id: 'tips', label: 'Tips, new leaves', wheres: ['growing-tip', 'newest-leaves', 'flower'] },
  { id: 'leaves', label: 'Leaves', wheres: ['leaves', 'leaf-edge', 'veins'] },
  { id: 'under', label: 'Undersides', wheres: ['leaf-underside'] },
  { id: 'old', label: 'Oldest leaves', wheres: ['oldest-leaves'] },
  { id: 'stem', label: 'Stem', wheres: ['stem', 'bark'] },
  { id: 'fruit', label: 'Fruit', wheres: ['fruit'] },
  { id: 'lawn', label: 'Turf', wheres: ['lawn'] },
  { id: 'soil', label: 'Soil, roots', wheres: ['soil-surface', 'inside-soil', 'roots'] },
  { id: 'around', label: 'Weeds, care', wheres: ['around', 'care', 'weather', 'water'] },
] as const satisfies readonly { id: string; label: string; wheres: readonly Where[] }[];
export type TapPart = (typeof tapParts)[number]['id'];

/** The parts this plant has; without a plant, the ground only. */
export function partsOf(plant: PlantRow | undefined): readonly (typeof tapParts)[number][] {
  if (!plant) return tapParts.filter(({ id }) => id === 'soil' || id === 'around' || id === 'lawn');
  if (plant.parts.includes('lawn'))
    return tapParts.filter(({ id }) => ['leaves', 'lawn', 'soil', 'around'].includes(id));
  return tapParts.filter(({ id }) => id !== 'lawn' && (id !== 'fruit' || plant.parts.includes('fruit')));
}

/** Plates for a part, those that fit this plant first: a sign counts as much as its likeliest cause here. */
export function platesFor(
  { signs, causes, conditions }: Tables,
  plant: PlantRow | undefined,
  part: TapPart,
): SignRow[] {
  const wheres: readonly Where[] = tapParts.find(({ id }) => id === part)?.wheres ?? [];
  const names: readonly string[] = plant ? [plant.id, ...plant.groups] : [];
  const worth = (sign: SignRow) =>
    Math.max(
      0,
      ...causes.map((cause) => {
        const strength = cause.signs.find((link) => link.sign === sign.id)?.strength ?? 0;
        const lives = !cause.hosts || !plant || cause.hosts.some((host) => names.includes(host));
        return strength * cause.prior.base * (lives ? 1 : (cause.elsewhere ?? 0.02));
      }),
      ...conditions.map(
        (condition) =>
          (condition.signs.find((link) => link.sign === sign.id)?.strength ?? 0) * condition.prior.base * 0.5,
      ),
    );
  return signs.filter(({ where }) => wheres.includes(where)).sort((a, b) => worth(b) - worth(a));
}

/** All signs, on the shelf of the part they belong to. */
export function signsByPart({ signs }: Tables): { id: TapPart; label: string; signs: SignRow[] }[] {
  return tapParts.map(({ id, label, wheres }) => ({
    id,
    label,
    signs: signs.filter(({ where }) => (wheres as readonly Where[]).includes(where)),
  }));
}

const kindOf = (mark: Mark): string => (typeof mark === 'string' ? mark : mark.draw);

/**
 * On which of its marks a plate is told from those beside it that look alike (on the same base, with a mark of the same
 * kind): what none of them has. Positions in the list of its marks; none where nothing beside it looks alike.
 */
export function tellingMarks(plate: PlateSpec, others: readonly PlateSpec[]): number[] {
  const kinds = new Set(plate.marks.map(kindOf));
  const alike = others.filter(
    (other) => other !== plate && other.base === plate.base && other.marks.some((mark) => kinds.has(kindOf(mark))),
  );
  if (alike.length === 0) return [];
  const theirs = new Set(alike.flatMap(({ marks }) => marks.map((mark) => JSON.stringify(mark))));
  return plate.marks.flatMap((mark, at) => (theirs.has(JSON.stringify(mark)) ? [] : [at]));
}
