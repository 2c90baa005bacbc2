/** Grades the readings of vignettes: is what was there read first, is it among the first, would the advice do harm? */
import { answerWeigh } from '@trowel/core/headless';
import { readLine } from '@trowel/core/read';
import { knowledge } from '../src/reader';
import { phrases } from './phrases';
import type { Vignette } from './vignettes';

export interface Graded {
  readonly index: number;
  readonly vignette: Vignette;
  readonly found: readonly { id: string; probability: number }[];
  readonly first: boolean;
  readonly among: boolean;
  readonly harmful: readonly string[];
  readonly notUnderstood: readonly string[];
}

/** Weighs one vignette and grades the answer. */
export function grade(vignette: Vignette, index: number): Graded {
  const { plant, setting, month, tells, truth, of } = vignette;
  const answer = answerWeigh(knowledge, {
    ...(plant === undefined ? {} : { plant }),
    ...(setting === undefined ? {} : { setting }),
    month,
    latitude: 52,
    said: tells,
  });
  const found = (of === 'conditions' ? answer.conditions : answer.causes).map(({ id, probability }) => ({
    id,
    probability,
  }));
  const ids = found.map(({ id }) => id);
  return {
    index,
    vignette,
    found,
    first: truth.includes(ids[0] ?? ''),
    // Everything that was there stands among the first three, or one more than there were.
    among: truth.every((id) => ids.slice(0, Math.max(3, truth.length + 1)).includes(id)),
    harmful: of === 'conditions' ? [] : harmIn(answer, truth),
    notUnderstood: answer.notUnderstood,
  };
}

const feeds = ['dilute-feed', 'epsom-foliar', 'potash-feed', 'iron-chelate', 'lawn-feed'];

/**
 * What would do harm: something the true cause speaks against, a feed where nothing is short, a spray
 * that reaches nothing that is there, or pulling up what needs no pulling.
 */
function harmIn(answer: ReturnType<typeof answerWeigh>, truth: readonly string[]): string[] {
  const rows = knowledge.causes.filter(({ id }) => truth.includes(id));
  const avoided = new Set(rows.flatMap(({ avoid }) => avoid.flatMap(({ remedies = [] }) => remedies)));
  const harm: string[] = [];
  for (const { id } of answer.remedies.filter(({ suggested }) => suggested)) {
    const remedy = knowledge.remedies.find((row) => row.id === id);
    const helps = remedy?.targets.some(({ of }) => truth.includes(of)) ?? false;
    if (avoided.has(id)) harm.push(`${id} is spoken against`);
    else if (feeds.includes(id) && !helps) harm.push(`${id} where nothing is short`);
    else if (remedy?.classes.includes('spray') && !helps) harm.push(`${id} reaches nothing`);
  }
  const gentle = rows.every(({ act }) => !['remove', 'report', 'ask-expert'].includes(act));
  if (answer.action.class === 'remove' && gentle) harm.push('pulls up what needs no pulling');
  return harm;
}

export interface Score {
  readonly count: number;
  readonly top1: number;
  readonly top3: number;
  readonly brier: number;
  readonly harmful: number;
  readonly bins: readonly {
    readonly from: number;
    readonly said: number;
    readonly was: number;
    readonly count: number;
  }[];
}

const binEdges = [0, 0.1, 0.3, 0.5, 0.7, 0.9, 1.01];

export function score(graded: readonly Graded[]): Score {
  const pairs = graded.flatMap(({ vignette, found }) => {
    const missed = vignette.truth.filter((id) => !found.some((row) => row.id === id));
    return [
      ...found.map(({ id, probability }) => ({ said: probability, was: vignette.truth.includes(id) ? 1 : 0 })),
      ...missed.map(() => ({ said: 0, was: 1 })),
    ];
  });
  const mean = (values: readonly number[]) =>
    values.reduce((sum, value) => sum + value, 0) / Math.max(1, values.length);
  return {
    count: graded.length,
    top1: mean(graded.map(({ first }) => (first ? 1 : 0))),
    top3: mean(graded.map(({ among }) => (among ? 1 : 0))),
    brier: mean(pairs.map(({ said, was }) => (said - was) ** 2)),
    harmful: graded.filter(({ harmful }) => harmful.length > 0).length,
    bins: binEdges.slice(0, -1).map((from, at) => {
      const inside = pairs.filter(({ said }) => said >= from && said < (binEdges[at + 1] ?? 1));
      return {
        from,
        said: mean(inside.map(({ said }) => said)),
        was: mean(inside.map(({ was }) => was)),
        count: inside.length,
      };
    }),
  };
}

/** The phrases that are understood right: all that was meant, and at most one sign more. */
export const phrasesUnderstood = (): number =>
  phrases.filter(([say, ...meant]) => {
    const found = readLine(knowledge, say).understood.map(({ sign, state }) =>
      state === 'absent' ? `!${sign}` : sign,
    );
    return meant.every((sign) => found.includes(sign)) && found.length <= meant.length + 1;
  }).length;
