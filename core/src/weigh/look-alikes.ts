import type { CauseRow, SignId, SignLink, SignRow, Tables } from '../tables';
import type { Situation } from './situation';
import type { Weighing } from './weigh';

/** Two causes that lie close, and the signs that part them. */
export interface LookAlikes {
  readonly a: CauseRow;
  readonly b: CauseRow;
  /** Signs that one shows much more than the other, not looked at yet first. */
  readonly parts: readonly {
    readonly sign: SignId;
    readonly speaksFor: 'a' | 'b';
    readonly looked: boolean;
    /** Why it is seen as often as it is, where the row says so. */
    readonly size: string | undefined;
  }[];
}

/** The second must come this near to the first to be taken for it. */
const nearShare = 0.3;
/** Times more often that one cause must show a sign before it parts the two. */
const partsFrom = 3;
/** A sign that is seen less often than this settles nothing by its absence. */
const oftenFrom = 0.35;

const strengthIn = (row: CauseRow, sign: SignId) => row.signs.find((link) => link.sign === sign)?.strength ?? 0;
const feedEachOther = (a: CauseRow, b: CauseRow) =>
  [...a.causes, ...b.causes].some(({ from }) => from === a.id || from === b.id);

/**
 * The two leading causes side by side, where they are rivals: close in chance, and not made likelier by
 * each other (ants and aphids stand together, they are not confused).
 */
export function lookAlikes({ signs }: Tables, { causes }: Weighing, { evidence }: Situation): LookAlikes | undefined {
  const [first, second] = causes;
  if (!first || !second || second.probability < Math.max(0.12, nearShare * first.probability)) return undefined;
  if (first.probability > 0.6 && second.probability > 0.6) return undefined;
  if (feedEachOther(first.row, second.row)) return undefined;
  const looked = new Set(evidence.map(({ sign }) => sign));
  const parts = [
    ...partingLinks(signs, first.row, second.row).map((link) => ({ link, speaksFor: 'a' as const })),
    ...partingLinks(signs, second.row, first.row).map((link) => ({ link, speaksFor: 'b' as const })),
  ]
    .sort(
      (x, y) => Number(looked.has(x.link.sign)) - Number(looked.has(y.link.sign)) || y.link.strength - x.link.strength,
    )
    .slice(0, 4)
    .map(({ link: { sign, size }, speaksFor }) => ({ sign, speaksFor, looked: looked.has(sign), size }));
  return parts.length === 0 ? undefined : { a: first.row, b: second.row, parts };
}

/** What `row` shows often, and `rival` hardly ever; the most often seen first. */
function partingLinks(signs: readonly SignRow[], row: CauseRow, rival: CauseRow): SignLink[] {
  return row.signs
    .filter(({ sign, strength }) => {
      const background = signs.find(({ id }) => id === sign)?.background ?? 0;
      return strength >= oftenFrom && background + strength >= partsFrom * (background + strengthIn(rival, sign));
    })
    .sort((x, y) => y.strength - x.strength);
}

/** Two causes are easily taken for each other from this share of the smaller one's signs on … */
const sharedFrom = 0.35;
/** … and this much in all: one faint sign in common makes no look-alikes. */
const sharedAtLeast = 0.4;

/**
 * The links on which look-alikes are told apart: of any two causes that share much of what they show, the strongest
 * sign that each shows and the other does not. An error in these turns a reading round, so each says why it is as
 * strong as it is.
 */
export function decidingLinks({ causes, signs }: Tables): { readonly cause: CauseRow; readonly link: SignLink }[] {
  const found = new Map<SignLink, CauseRow>();
  causes.forEach((a, at) =>
    causes.slice(at + 1).forEach((b) => {
      if (!areAlike(a, b)) return;
      for (const [row, rival] of [
        [a, b],
        [b, a],
      ] as const) {
        const [link] = partingLinks(signs, row, rival);
        if (link) found.set(link, row);
      }
    }),
  );
  return [...found].map(([link, cause]) => ({ cause, link }));
}

function areAlike(a: CauseRow, b: CauseRow): boolean {
  const shared = a.signs.reduce((total, { sign, strength }) => total + Math.min(strength, strengthIn(b, sign)), 0);
  const all = (row: CauseRow) => row.signs.reduce((total, { strength }) => total + strength, 0);
  return shared >= sharedAtLeast && shared >= sharedFrom * Math.min(all(a), all(b)) && !feedEachOther(a, b);
}
