import { said, type Said, type SaidValue } from '../quantities';
import type { RecipeSpec } from '../tables';
import type { PartFound } from './parts';

/** What goes in which order, for a kind of recipe. */
export function pouringOrder(recipe: RecipeSpec, waterMl: number, parts: readonly PartFound[]): Said[] {
  const water: SaidValue = { water: waterMl };
  const [first, ...rest] = parts;
  const add = (code: string, part: PartFound | undefined, more: Said['with'] = {}) =>
    part ? [said(code, { ingredient: part.ingredient, amount: measureOf(part), ...more })] : [];
  const others = rest.flatMap((part) => add('add', part));
  switch (recipe.kind) {
    case 'percent-volume':
      // Oil floats: it is creamed with the soap before water comes to it.
      return recipe.ingredient === 'oil' && rest.length > 0
        ? [
            ...rest.flatMap((part) => add('cream', first, { other: part.ingredient, otherAmount: measureOf(part) })),
            said('fill-up-shaking', { water }),
            said('shake-again'),
          ]
        : [said('water-first', { water }), ...add('add', first), ...others, said('swirl')];
    case 'percent-strength':
      return [said('water-first', { water }), ...add('add', first), ...others, said('swirl-once')];
    case 'one-to-n':
      return [...add('pour-in', first), ...others, said('fill-up', { water }), said('stir-and-strain')];
    case 'grams-per-litre':
      return [said('lukewarm', { water }), ...add('stir-in', first), ...others];
    case 'bait':
      return [
        said('warm', { water }),
        ...add('dissolve', first),
        ...rest.flatMap((part) => add('dissolve-gloved', part)),
        said('cool-and-label'),
      ];
    default:
      return recipe satisfies never;
  }
}

/** As it is measured out: a powder weighed, a liquid poured. */
export const measureOf = ({ ml, grams, density }: PartFound): SaidValue =>
  grams === undefined ? { pour: ml } : { weigh: grams, density: density ?? 1 };
