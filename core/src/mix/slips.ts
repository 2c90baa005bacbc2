import { spoonMl, systems, type MeasureSystem } from '../quantities';
import type { SlipFound } from './found';

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
): SlipFound | undefined {
  const typedMl = typed.spoon === 'mL' ? typed.count : typed.count * spoonMl(typed.spoon, system);
  const factor = typedMl / wantedMl;
  if (factor < closeEnough && factor > 1 / closeEnough) return undefined;
  const spoons = systems[system].tbsp / systems[system].tsp;
  const kind: SlipFound['kind'] =
    typed.spoon === 'tbsp' && isNear(factor, spoons)
      ? 'meant-teaspoons'
      : typed.spoon === 'tsp' && isNear(factor, 1 / spoons)
        ? 'meant-tablespoons'
        : isNear(factor, 4)
          ? 'gallon-for-quart'
          : isNear(factor, 0.25)
            ? 'quart-for-gallon'
            : factor > 1
              ? 'too-much'
              : 'too-little';
  return { factor, kind, typedMl, wantedMl };
}

const isNear = (value: number, target: number) => value / target < 1.12 && target / value < 1.12;
