import { spoonMl, systems, trim, type MeasureSystem } from '../measures';

export interface Slip {
  /** How many times too much (or, below 1, too little). */
  readonly factor: number;
  readonly says: string;
}

/** A measured amount within this factor of the wanted one is no slip. */
const closeEnough = 1.3;

/**
 * Compares what someone means to measure with what the recipe wants and names the usual slip behind
 * a difference: spoons swapped (× 3, in Australia × 4), a gallon's dose for a quart (× 4), "in" read
 * for "to" (N/(N+1)).
 */
export function findSlip(
  wantedMl: number,
  typed: { readonly count: number; readonly spoon: 'tsp' | 'tbsp' | 'cup' | 'mL' },
  system: MeasureSystem,
): Slip | undefined {
  const typedMl = typed.spoon === 'mL' ? typed.count : typed.count * spoonMl(typed.spoon, system);
  const factor = typedMl / wantedMl;
  if (factor < closeEnough && factor > 1 / closeEnough) return undefined;
  const times = `That is ${trim(typedMl, 1)} mL; the recipe wants ${trim(wantedMl, 1)} mL`;
  const spoons = systems[system].tbsp / systems[system].tsp;
  if (typed.spoon === 'tbsp' && isNear(factor, spoons))
    return { factor, says: `${times}. Did you mean teaspoons? A tablespoon is ${spoonsWord(spoons)} teaspoons here.` };
  if (typed.spoon === 'tsp' && isNear(factor, 1 / spoons))
    return {
      factor,
      says: `${times}. Did you mean tablespoons? A tablespoon is ${spoonsWord(spoons)} teaspoons here.`,
    };
  if (isNear(factor, 4)) return { factor, says: `${times}. Is that the dose for a gallon in a quart?` };
  if (isNear(factor, 0.25)) return { factor, says: `${times}. Is that the dose for a quart in a gallon?` };
  return {
    factor,
    says: `${times}, ${factor > 1 ? `${trim(factor, 1)} times less` : `${trim(1 / factor, 1)} times more`}. Please measure again.`,
  };
}

const isNear = (value: number, target: number) => value / target < 1.12 && target / value < 1.12;
const spoonsWord = (ratio: number) => (Math.round(ratio) === 4 ? 'four' : 'three');
