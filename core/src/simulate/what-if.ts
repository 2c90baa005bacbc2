/// <reference path="../chance/jstat.d.ts" />
import { jStat } from 'jstat';
import { seeded, type Chance } from '../chance';
import { lifeStages, type LifeRow, type LifeStage, type ScenarioId } from '../tables/life';
import { layoutOf, passDay, settled, take, visible, type Kind, type Layout } from './population';

/** What is known of one job against one pest. Day 0 is that of the first count. */
export interface Known {
  readonly row: LifeRow;
  /** Share of each stage that the remedy takes where it reaches it. */
  readonly takes: Readonly<Record<LifeStage, number>>;
  /** °C·days above the base, day by day from day 0 to the last that is looked at. */
  readonly warmth: readonly number[];
  readonly today: number;
  /** Counts one by one; the first on day 0. */
  readonly looks: readonly { readonly day: number; readonly counts: readonly number[] }[];
  /** Days on which it was put on. */
  readonly sprayed: readonly number[];
  /** Mean from which one acts. */
  readonly threshold: number;
  /** Share of the helpers that one spray takes. */
  readonly hurtsHelpers: number;
}

export interface Scenario {
  readonly id: ScenarioId;
  /** Days from now on, counted from day 0. */
  readonly sprays: readonly number[];
  readonly missesUndersides?: true;
  /** Ants keep helpers away. */
  readonly hasAnts?: true;
}

export interface Outcome {
  readonly id: ScenarioId;
  readonly sprays: readonly number[];
  /** From today on, day by day: of a hundred runs five lie under `low`, fifty under `middle`, five over `high`. */
  readonly bands: readonly { readonly low: number; readonly middle: number; readonly high: number }[];
  /** The chance to be below the threshold, day by day. */
  readonly clear: readonly number[];
}

export interface WhatIfResult {
  readonly outcomes: readonly Outcome[];
  /** How many of the runs bear out the counts there are; few mean that the model fits them badly. */
  readonly runsThatFit: number;
}

/** Clumping of counts on leaves, k of the negative binomial: the middle of what is published. */
const clumping = 1.25;
const median = (chance: Chance, of: number, spread: number) => of * Math.exp(spread * normal(chance));
/** What is not known of a garden, run by run; judgement where no source gives it. */
const unknown = {
  /** Share that dies in a day without helpers. */
  dies: { median: 0.1, spread: 0.6, least: 0.02, most: 0.4 },
  /** Share that helpers take in a day at their most. */
  helpers: 0.25,
  /** Of the plant, how much a spray wets: 0.8, between 0.5 and 0.95. */
  wets: [8, 2],
  /** Undersides missed, so much of that. */
  undersides: 0.45,
  /** Rate at which helpers come, per day. */
  comes: 0.07,
  antsLeave: 0.25,
} as const;

interface Run {
  readonly kind: Kind;
  readonly wets: number;
  readonly boxes: Float64Array;
  helpersHere: number;
}

/**
 * Many runs with uncertain numbers, kept in proportion to how well they bear out the counts there are, then carried on
 * under each scenario. Same input, same answer.
 * @param progress told the share that is done, 0…1
 */
export function whatIf(
  known: Known,
  scenarios: readonly Scenario[],
  { runs = 2000, seed = 1, progress }: { runs?: number; seed?: number; progress?: (share: number) => void } = {},
): WhatIfResult {
  const chance = seeded(seed);
  jStat.setRandom(chance.uniform);
  const layout = layoutOf(known.row);
  const shares = lifeStages.map((stage) => known.takes[stage]);
  const [first] = known.looks;
  if (!first) throw new RangeError('there is no count to begin from');

  const begun: Run[] = [];
  const fits = new Float64Array(runs);
  for (let at = 0; at < runs; at += 1) {
    const run = beginRun(known, layout, chance, first.counts);
    fits[at] = passTo(known, layout, shares, run);
    begun.push(run);
    if (at % 200 === 199) progress?.((0.4 * (at + 1)) / runs);
  }
  const most = fits.reduce((a, b) => Math.max(a, b), -Infinity);
  const weights = fits.map((fit) => Math.exp(fit - most));
  const total = weights.reduce((a, b) => a + b, 0);
  const runsThatFit = total ** 2 / weights.reduce((sum, weight) => sum + weight ** 2, 0);
  const kept = resampled(weights, total, runs);

  const outcomes = scenarios.map((scenario, index): Outcome => {
    const days = known.warmth.length - known.today;
    const levels = Array.from({ length: days }, () => new Float64Array(runs));
    kept.forEach((from, at) => {
      const origin = begun[from] as Run;
      carryOn(known, layout, shares, scenario, { ...origin, boxes: origin.boxes.slice() }, levels, at);
    });
    progress?.(0.4 + (0.6 * (index + 1)) / scenarios.length);
    return {
      id: scenario.id,
      sprays: scenario.sprays,
      bands: levels.map((values) => {
        const sorted = values.slice().sort();
        const of = (share: number) => sorted[Math.floor(share * (runs - 1))] ?? 0;
        return { low: of(0.05), middle: of(0.5), high: of(0.95) };
      }),
      clear: levels.map((values) => values.filter((value) => value < known.threshold).length / runs),
    };
  });
  return { outcomes, runsThatFit };
}

function beginRun({ row, warmth }: Known, layout: Layout, chance: Chance, counts: readonly number[]): Run {
  const total = counts.reduce((sum, one) => sum + one, 0);
  const k = clumping;
  const seen = (jStat.randg(total + 0.5) / jStat.randg(counts.length * k)) * k;
  const { dies, helpers, wets } = unknown;
  const kind: Kind = {
    row,
    pace: median(chance, 1, row.off * 0.7),
    brood: row.brood[0] + chance.uniform() * (row.brood[1] - row.brood[0]),
    dies: Math.min(dies.most, Math.max(dies.least, median(chance, dies.median, dies.spread))),
    helpers: chance.uniform() * helpers,
    room: Math.max(150, seen * 20),
  };
  const wet = jStat.randg(wets[0]);
  return {
    kind,
    wets: wet / (wet + jStat.randg(wets[1])),
    boxes: settled(layout, kind, mean(warmth.slice(0, 10)), seen),
    helpersHere: 0.2 + 0.3 * chance.uniform(),
  };
}

/** Brings a run from the first count to today. @returns the logarithm of how well it bears out the later counts */
function passTo(known: Known, layout: Layout, shares: readonly number[], run: Run): number {
  let fit = 0;
  for (let day = 0; day < known.today; day += 1) {
    fit += fitOn(known, layout, run, day);
    if (known.sprayed.includes(day)) spray(known, layout, shares, run, 1);
    live(known, layout, run, day, 1);
  }
  return fit + fitOn(known, layout, run, known.today);
}

function fitOn({ looks }: Known, layout: Layout, run: Run, day: number): number {
  let fit = 0;
  for (const [at, look] of looks.entries()) {
    // The first has begun the run.
    if (at === 0 || look.day !== day) continue;
    const n = look.counts.length;
    const total = look.counts.reduce((sum, one) => sum + one, 0);
    const level = Math.max(1e-4, visible(layout, run.boxes));
    fit += total * Math.log(level / (level + clumping)) - n * clumping * Math.log(1 + level / clumping);
  }
  return fit;
}

function carryOn(
  known: Known,
  layout: Layout,
  shares: readonly number[],
  { sprays, missesUndersides, hasAnts }: Scenario,
  run: Run,
  levels: readonly Float64Array[],
  at: number,
): void {
  for (let day = known.today; day < known.warmth.length; day += 1) {
    (levels[day - known.today] as Float64Array)[at] = visible(layout, run.boxes);
    if (sprays.includes(day)) spray(known, layout, shares, run, missesUndersides ? unknown.undersides : 1);
    live(known, layout, run, day, hasAnts ? unknown.antsLeave : 1);
  }
}

function spray({ hurtsHelpers }: Known, layout: Layout, shares: readonly number[], run: Run, reach: number): void {
  take(
    layout,
    run.boxes,
    shares.map((share) => share * run.wets * reach),
  );
  run.helpersHere *= 1 - hurtsHelpers * run.wets * reach;
}

function live({ warmth }: Known, layout: Layout, run: Run, day: number, helped: number): void {
  run.helpersHere += (1 - run.helpersHere) * unknown.comes;
  passDay(layout, run.kind, run.boxes, warmth[day] ?? 0, run.kind.helpers * run.helpersHere * helped);
}

/** Systematic resampling: as many again, each in proportion to its weight. */
function resampled(weights: Float64Array, total: number, count: number): number[] {
  const kept: number[] = [];
  let at = 0;
  let reached = (weights[0] ?? 0) / total;
  for (let draw = 0; draw < count; draw += 1) {
    while (reached < (draw + 0.5) / count && at < weights.length - 1) {
      at += 1;
      reached += (weights[at] ?? 0) / total;
    }
    kept.push(at);
  }
  return kept;
}

const mean = (values: readonly number[]) => values.reduce((sum, one) => sum + one, 0) / Math.max(1, values.length);

/** A draw of the standard normal distribution (Box and Muller). */
function normal({ uniform }: Chance): number {
  return Math.sqrt(-2 * Math.log(1 - uniform())) * Math.cos(2 * Math.PI * uniform());
}
