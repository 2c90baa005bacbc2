import type { AmountKind, Mark, Pattern, PlateBase, PlateSpec, SignRow, What, Where } from '@trowel/core/tables';

/** A plate in one line: the base, the marks laid over it, and what else the drawing needs. */
export const plate = (base: PlateBase, marks: readonly Mark[], more: Partial<PlateSpec> = {}): PlateSpec => ({
  base,
  marks,
  ...more,
});

/**
 * Background of what is told or measured, and is the matter itself (a softener, a lamp held close, a laboratory's
 * "low"): it settles its condition, and is only as often wrong as people and meters are.
 */
export const told = 0.001;

interface More {
  readonly pattern?: Pattern;
  readonly amount?: AmountKind;
  readonly excludes?: readonly string[];
  readonly covers?: readonly string[];
  readonly source: SignRow['source'];
  readonly grade: SignRow['grade'];
}

/**
 * A sign in a few lines. `at` is "where what"; `background` the chance to be noticed for no known
 * reason (judgement, ×/÷ 1.5); `says` as in SignRow. Where it is from and how sure, each says itself.
 */
export function sign(
  id: string,
  name: string,
  plain: string,
  at: `${Where} ${What}`,
  background: number,
  drawn: PlateSpec,
  says: readonly string[],
  more: More,
): SignRow {
  const [where, what] = at.split(' ') as [Where, What];
  return {
    id,
    name,
    plain,
    where,
    what,
    pattern: 'any',
    amount: 'none',
    background,
    says,
    plate: drawn,
    ...more,
  };
}
