import type { CautionSaid } from '../contract/mix';
import type { IngredientRow, SafetyRule, Tables } from '../tables';

/** What a word from the cupboard stands for; undefined when it is not known. */
export function ingredientNamed({ ingredients }: Pick<Tables, 'ingredients'>, word: string): IngredientRow | undefined {
  const wanted = word.trim().toLowerCase();
  const exact = ingredients.find(
    ({ id, name, words }) => id === wanted || name.toLowerCase() === wanted || words.includes(wanted),
  );
  if (exact) return exact;
  const holding = ingredients.flatMap((row) =>
    row.words
      .filter((known) => wanted.split(/\s+/).join(' ').includes(known))
      .map((known) => ({ row, length: known.length })),
  );
  return holding.sort((a, b) => b.length - a.length)[0]?.row;
}

/** Every rule that a set of things brings up, the gravest first. */
export function rulesFor(
  { safetyRules }: Pick<Tables, 'safetyRules'>,
  ingredients: readonly IngredientRow[],
): SafetyRule[] {
  const classes = new Set(ingredients.flatMap((row) => row.classes));
  return safetyRules
    .filter(({ when }) =>
      when.kind === 'together' ? classes.has(when.a) && classes.has(when.b) : classes.has(when.is),
    )
    .sort((a, b) => gravity[b.level] - gravity[a.level]);
}

const gravity: Record<SafetyRule['level'], number> = { note: 0, caution: 1, stop: 2 };

export const ruleSaid = ({ level, says, instead }: SafetyRule): CautionSaid => ({ level, says, instead });
