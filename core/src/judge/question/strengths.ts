import { said } from '../../quantities';
import type { IngredientRow, RemedyRow, SceneFact, Tables } from '../../tables';
import type { CautionFound } from '../caution';
import type { Mention } from '../mentions';
import type { Thing } from '../safety';
import { percentsIn, sharesIn, type PercentSaid } from './figures';

/** A substance that is named, how much of it there is, and what its limit has to say. */
export interface Said {
  readonly mention: Mention<IngredientRow>;
  readonly thing: Thing;
  readonly beyond?: CautionFound;
}

const neat = 100;
/** % in the usual bottle, where the line names none. */
const usualPeroxide = 3;

/** Strength on the label and share of the mix, as far as the line names them. */
export function strengthsOf(
  { remedies }: Tables,
  mention: Mention<IngredientRow>,
  all: readonly Mention<IngredientRow>[],
  line: string,
  facts: readonly SceneFact[],
): Said {
  const { row } = mention;
  const percent = nearest(mention, all, percentsIn(line));
  const share = nearest(mention, all, sharesIn(line));
  const isApplied = facts.some((fact) => fact === 'on-leaves' || fact === 'on-soil' || fact === 'on-plant');
  const isPeroxide = row.classes.includes('peroxide');
  // A strength said without a share is that of what goes on, where it does go on something.
  const dose =
    share !== undefined
      ? isPeroxide
        ? (share * (percent ?? usualPeroxide)) / 100
        : share
      : facts.includes('neat') && isApplied && percent === undefined
        ? neat
        : isApplied
          ? percent
          : undefined;
  const cap = capOf(remedies, row, facts);
  const isOfMix = share !== undefined || (isApplied && cap?.remedy.recipe?.kind === 'percent-volume');
  const isBeyond = isOfMix && dose !== undefined && cap !== undefined && dose > cap.percent * (1 + tolerance);
  return {
    mention,
    thing: {
      // What is said to be sprayed is a spray, whatever it is.
      classes: facts.includes('on-leaves') ? [...row.classes, 'spray'] : row.classes,
      ...(percent === undefined ? {} : { percent }),
      ...(dose === undefined ? {} : { dose }),
    },
    ...(isBeyond
      ? {
          beyond: {
            level: 'stop',
            ...said('beyond-limit', {
              dose: rounded(dose),
              ingredient: row.id,
              most: rounded(cap.percent),
              remedy: cap.remedy.id,
            }),
          },
        }
      : {}),
  };
}

/** Spoons are not that exact. */
const tolerance = 0.25;
const rounded = (value: number): number => (value >= 10 ? Math.round(value) : Number(value.toPrecision(2)));

/** The highest share of an ingredient that any recipe for such a job allows, % of the ready mix. */
function capOf(
  remedies: readonly RemedyRow[],
  row: IngredientRow,
  facts: readonly SceneFact[],
): { percent: number; remedy: RemedyRow } | undefined {
  const caps = remedies.flatMap((remedy) => {
    const { recipe } = remedy;
    if (!recipe || recipe.ingredient !== (row.limitAs ?? row.id) || recipe.kind === 'bait') return [];
    const percent =
      recipe.kind === 'one-to-n'
        ? 100 / (1 + recipe.cap)
        : recipe.kind === 'grams-per-litre'
          ? recipe.cap / 10
          : recipe.cap;
    return [{ percent, remedy }];
  });
  // What goes on leaves has a lower limit than a soak.
  const sprays = caps.filter(({ remedy }) => remedy.classes.includes('spray'));
  const isOnGround = facts.includes('on-soil') || facts.includes('as-soak');
  return (sprays.length > 0 && !isOnGround ? sprays : caps).sort((a, b) => b.percent - a.percent)[0];
}

/** The figure that stands nearest to an ingredient, if it stands nearer to no other. */
function nearest(
  mention: Mention<IngredientRow>,
  all: readonly Mention<IngredientRow>[],
  figures: readonly PercentSaid[],
): number | undefined {
  return figures.find(({ at }) => [...all].sort((a, b) => distance(a, at) - distance(b, at))[0] === mention)?.percent;
}

/** Letters between a figure and a name; what follows the figure ("20 % vinegar") is meant before what precedes it. */
const distance = ({ at: start, length }: Mention<IngredientRow>, at: number): number =>
  start >= at ? start - at : at - (start + length) + 4;
