import { remembered } from '../chance';
import type { CountUnit } from '../tables';
import { chanceThat, levelsOf, mean, nineInTen, sum, variance, type Cell, type Lean } from './levels';

/** One look at the treated: its counts, so many days after the first application. */
export interface LookAt {
  readonly day: number;
  readonly counts: Cell;
}

export interface Series {
  readonly unit: CountUnit;
  /** Fewer than so many counts at a look tell nothing. */
  readonly least: number;
  readonly before: Cell;
  /** In order of days; one at least. */
  readonly looks: readonly LookAt[];
  readonly untreated?: { readonly before: Cell; readonly looks: readonly LookAt[] };
}

/** A reduction in per cent (negative: more than before) with its 90 % interval. */
export interface Change {
  readonly reduction: number;
  readonly low: number;
  readonly high: number;
  /** Corrected by what was left as it is (Henderson–Tilton). */
  readonly againstUntreated: boolean;
}

export type ChangeResult =
  | ({ readonly kind: 'change' } & Change)
  | { readonly kind: 'cannot-tell'; readonly because: 'nothing-before' | 'too-few' };

/** What the counts of a job say, before anybody asks what its remedy should have done. */
export interface Trend {
  /** Since before, at every look. */
  readonly changes: readonly ChangeResult[];
  /** At the last look there are fewer than before, beyond chance, whatever the reason. */
  readonly fell: boolean;
  /** At the last look there are more than before, beyond chance. */
  readonly rose: boolean;
  /** The look, by its place, since which there are more again, beyond chance; it had shown fewer than before. */
  readonly backSince: number | undefined;
  /** Of the last change: how likely it is that there are so many per cent fewer, or more than that. */
  readonly chanceOf: (reduction: number) => number;
  /** Variance of the logarithm of the last change: of one leaf of the last look, and of all other cells. */
  readonly spread: { readonly leaf: number; readonly rest: number };
  readonly clumping: number;
}

/** What is left as it is counts beside a look within so many days. */
const sameVisitDays = 3;
/** A claim is made where it is wrong once in twenty to that side. */
const surely = 0.95;
/** Of several looks the lowest is chosen by what was counted; coming back has to be surer, and worth speaking of. */
const surelyBack = 0.975;
const backByHalf = Math.log(1.5);
/** Every page that lists cases asks for the same verdicts again; one is a few milliseconds of work. */
const kept = 500;

/**
 * Before and after, treated and left as it is, all looks together (see `levelsOf` for the model). Against what was
 * left: Henderson–Tilton, 1 − (Ta·Cb)/(Tb·Ca), with the uncertainty of all four; half an insect is added to an empty
 * cell of the estimate, as the ratio has no value at zero. Without it, the change is that of pest, weather and remedy
 * together.
 */
export const trendOf = remembered(workOutTrend, kept);

function workOutTrend({ unit, least, before, looks, untreated }: Series): Trend {
  const besides = looks.map(({ day }) => (untreated ? nearest(untreated.looks, day) : undefined));
  const cells = [
    before,
    ...looks.map(({ counts }) => counts),
    ...(untreated ? [untreated.before] : []),
    ...besides.flatMap((look) => (look ? [look.counts] : [])),
  ];
  const leaning = (ratio: Lean) => {
    const against: Lean = ratio === 'high' ? 'low' : ratio === 'low' ? 'high' : 'none';
    return cells.map((_, at): Lean =>
      at === 0 ? against : at <= looks.length ? ratio : untreated && at === looks.length + 1 ? ratio : against,
    );
  };
  const numbers = levelsOf(cells, unit, leaning('none'));
  const highs = unit === 'yes-no' ? levelsOf(cells, unit, leaning('high')).logs : numbers.logs;
  const lows = unit === 'yes-no' ? levelsOf(cells, unit, leaning('low')).logs : numbers.logs;
  const besideAt = (at: number): number | undefined =>
    besides[at] && looks.length + 2 + besides.slice(0, at).filter((look) => look !== undefined).length;

  const effect = (logs: readonly Float64Array[], at: number): Float64Array => {
    const beside = besideAt(at);
    const raw = less(logs[at + 1], logs[0]);
    return beside === undefined ? raw : less(raw, less(logs[beside], logs[looks.length + 1]));
  };
  const changeAt = (at: number): ChangeResult => {
    const look = looks[at];
    const beside = besides[at];
    if (!look || look.counts.length < least || before.length < least)
      return { kind: 'cannot-tell', because: 'too-few' };
    if (sum(before) === 0) return { kind: 'cannot-tell', because: 'nothing-before' };
    const drift = untreated && beside ? atLeastHalf(beside.counts) / atLeastHalf(untreated.before) : 1;
    const reduction = (1 - mean(look.counts) / mean(before) / drift) * 100;
    const per = (log: number) => (1 - Math.exp(log)) * 100;
    return {
      kind: 'change',
      reduction,
      low: Math.min(reduction, per(nineInTen(effect(highs, at)).high)),
      high: Math.max(reduction, per(nineInTen(effect(lows, at)).low)),
      againstUntreated: beside !== undefined,
    };
  };

  const last = looks.length - 1;
  const isFewer = (at: number) => chanceThat(less(highs[at + 1], highs[0]), (log) => log < 0) >= surely;
  const backSince = (() => {
    const means = looks.slice(0, last).map(({ counts }) => mean(counts));
    const lowest = means.indexOf(Math.min(...means));
    if (lowest < 0 || !isFewer(lowest)) return undefined;
    const since = less(lows[last + 1], highs[lowest + 1]);
    const isBack = chanceThat(since, (log) => log > 0) >= surelyBack && middle(since) >= backByHalf;
    return isBack ? lowest : undefined;
  })();
  const lastEffect = effect(numbers.logs, last);
  const { clumping } = numbers;
  /** Variance of the logarithm of a cell's mean. */
  const spreadAt = (at: number): number => {
    const cell = cells[at] ?? [];
    if (unit === 'area') return variance(numbers.logs[at] ?? new Float64Array());
    return (clumping + 1 / Math.max(mean(cell), 0.5 / cell.length) - (unit === 'yes-no' ? 1 : 0)) / cell.length;
  };
  const beside = besideAt(last);
  return {
    changes: looks.map((_, at) => changeAt(at)),
    fell: isFewer(last),
    rose: chanceThat(less(lows[last + 1], lows[0]), (log) => log > 0) >= surely,
    backSince,
    chanceOf: (reduction) => chanceThat(lastEffect, (log) => log <= Math.log(Math.max(0.01, 1 - reduction / 100))),
    spread: {
      leaf: spreadAt(last + 1) * (looks[last]?.counts.length ?? 0),
      rest: spreadAt(0) + (beside === undefined ? 0 : spreadAt(looks.length + 1) + spreadAt(beside)),
    },
    clumping,
  };
}

/** The look at what was left as it is that was made on the same visit, or nearly. */
function nearest(left: readonly LookAt[], day: number): LookAt | undefined {
  const [found] = [...left].sort((a, b) => Math.abs(a.day - day) - Math.abs(b.day - day));
  return found && Math.abs(found.day - day) <= sameVisitDays ? found : undefined;
}

const atLeastHalf = (cell: Cell) => Math.max(0.5, sum(cell)) / cell.length;
const middle = (values: Float64Array) => Float64Array.from(values).sort()[values.length >> 1] ?? 0;

function less(from: Float64Array | undefined, taken: Float64Array | undefined): Float64Array {
  if (!from || !taken) throw new RangeError('there is no such look');
  return from.map((value, at) => value - (taken[at] ?? 0));
}
