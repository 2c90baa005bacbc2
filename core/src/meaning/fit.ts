/**
 * Learns how people say the signs: how much each word, pair of words, piece of a word and concept speaks for each
 * sign (smoothed counts, as in naive Bayes), how near a sign lies in meaning, and what is only talk or a denial. The
 * few scales on which the views count are fitted to sayings of writers whose other half the counts were taken from.
 */
import { isDenial } from '../hear/clauses';
import type { MeaningsData, PackedOdds, SignId, SignRow, Where, WordVectors } from '../tables';
import { featuresOf, views, type Features, type View } from './features';
import {
  deniedFeatures,
  isElsewhere,
  isPlain,
  denialFeatures,
  logistic,
  softmax,
  sumOf,
  talkFeatures,
  toldFeatures,
  type Stretch,
} from './meanings';
import { directionsOf, meanDirection, withoutCommon, type Common } from './nearness';
import { pack } from './packed';

/** One way of saying a sign. */
export interface Saying {
  readonly sign: SignId;
  readonly stretch: Stretch;
  /** Parts of it, as a reader may part it wrongly. */
  readonly parts: readonly Stretch[];
  readonly isDenied: boolean;
  /** Which half of the writers it is from; what the tables themselves say is of neither. */
  readonly half: 0 | 1 | 'tables';
}

export interface Lesson {
  readonly signs: readonly Pick<SignRow, 'id' | 'where'>[];
  readonly sayings: readonly Saying[];
  /** Talk that tells no sign. */
  readonly talk: readonly Stretch[];
  readonly vectors: WordVectors;
}

/** What the tables say of themselves counts less than what a person said (fitted on one half, seen on the other). */
const tablesCount = 0.15;
/** Smoothing: as many sayings of the common kind are added to each sign's own. */
const smoothing = 30;
/** Signs with more sayings count no more than those with fewer. */
const usual = 20;
/** A pair or piece that was met less often tells nothing. */
const seldom = 1.5;

/** How much short and plain sayings count beside those of people, when it is learned what talk is. */
const plainCounts = 0.4;
/** How much talk counts beside what is told. */
const talkCounts = 0.8;

/** Weights below it are many and tell little: they are left out, which makes the table a third smaller. */
const slightest = 0.06;

interface Doc {
  readonly row: number;
  readonly weight: number;
  readonly features: Features;
  readonly mean: Float64Array;
  readonly saying: Saying;
}

interface Counted {
  /** By view: feature → sign row → weight before the view's scale. */
  readonly weights: Readonly<Record<View, ReadonlyMap<number, ReadonlyMap<number, number>>>>;
  readonly common: Common;
  readonly directions: readonly Float64Array[];
}

/** What was learned, without the vectors it stands on, which do not change. */
export type Learned = Omit<MeaningsData, 'vectors'>;

export function fitMeanings({ signs: rows, sayings, talk, vectors }: Lesson): Omit<Learned, 'from'> {
  const signs = rows.map(({ id }) => id);
  const wheres = rows.map(({ where }) => where);
  const rowOf = new Map(signs.map((id, row) => [id, row]));
  const directions = directionsOf(vectors);
  const docs = sayings.flatMap((saying): Doc[] => {
    const row = rowOf.get(saying.sign);
    if (row === undefined) return [];
    const { tokens, concepts } = saying.stretch;
    return [
      {
        row,
        weight: saying.half === 'tables' ? tablesCount : 1,
        features: featuresOf(tokens, concepts),
        mean: meanDirection(directions, tokens),
        saying,
      },
    ];
  });
  // Each half is judged by what the other half taught.
  const taught = ([0, 1] as const).map((half) =>
    count(
      docs.filter(({ saying }) => saying.half !== half),
      signs.length,
    ),
  ) as [Counted, Counted];
  const crossed = docs.flatMap((doc) => {
    const { half } = doc.saying;
    return half === 'tables' ? [] : [{ doc, parts: partsOf(taught[half], doc, rowOf, wheres) }];
  });
  // What the tables say of themselves, judged by what people taught: short and plain, as many type.
  const people = count(
    docs.filter(({ saying }) => saying.half !== 'tables'),
    signs.length,
  );
  const plain = docs
    .filter(({ saying }) => saying.half === 'tables')
    .map((doc) => ({ doc, parts: partsOf(people, doc, rowOf, wheres) }));
  const scales = fitScales(
    [
      ...crossed.filter(({ doc }) => !doc.saying.isDenied).map((one) => ({ ...one, weight: 1 })),
      ...plain.map((one) => ({ ...one, weight: (0.1 * crossed.length) / plain.length })),
    ].map(({ doc, parts, weight }) => ({ row: doc.row, parts, weight })),
    signs.length,
  );
  const whole = count(docs, signs.length);

  const logitsOf = (parts: readonly Float64Array[]) => {
    const logits = new Float64Array(signs.length);
    parts.forEach((part, at) => part.forEach((value, row) => (logits[row]! += (scales[at] ?? 0) * value)));
    return logits;
  };
  const talkDocs = talk.map((stretch, at) => ({
    stretch,
    half: at % 2,
    parts: partsOf(
      whole,
      {
        stretch,
        features: featuresOf(stretch.tokens, stretch.concepts),
        mean: meanDirection(directions, stretch.tokens),
      },
      rowOf,
      wheres,
    ),
  }));
  const talkWords = (half: number | undefined) =>
    oddsFor(
      crossed.filter(({ doc }) => half === undefined || doc.saying.half === half).map(({ doc }) => doc.saying.stretch),
      talkDocs.filter((doc) => half === undefined || doc.half === half).map(({ stretch }) => stretch),
    );
  const talkHalves = [talkWords(1), talkWords(0)];
  const point = (
    stretch: Stretch,
    parts: readonly Float64Array[],
    half: number,
    row: number,
    weight: number,
  ): Point => {
    const logits = logitsOf(parts);
    const chances = softmax(logits);
    const best = chances.indexOf(Math.max(...chances));
    return {
      values: toldFeatures({
        stretch,
        logits,
        chances,
        talkOdds: sumOf(talkHalves[half]!, talkFeatures(stretch.tokens)),
        agrees: stretch.vocabulary.includes(signs[best] ?? ''),
      }),
      is: row === best ? 1 : 0,
      weight,
    };
  };
  const prepared = (stretch: Stretch) => ({
    stretch,
    features: featuresOf(stretch.tokens, stretch.concepts),
    mean: meanDirection(directions, stretch.tokens),
  });
  const told = fitLogistic([
    ...crossed.flatMap(({ doc, parts }) => {
      const half = doc.saying.half === 1 ? 1 : 0;
      return [
        point(doc.saying.stretch, parts, half, doc.row, 1),
        ...doc.saying.parts.map((stretch) =>
          point(
            stretch,
            partsOf(taught[half], prepared(stretch), rowOf, wheres),
            half,
            doc.row,
            1 / doc.saying.parts.length,
          ),
        ),
      ];
    }),
    ...plain.map(({ doc, parts }, at) =>
      point(doc.saying.stretch, parts, at % 2, doc.row, (plainCounts * crossed.length) / plain.length),
    ),
    ...talkDocs.map(({ stretch, parts, half }) =>
      point(stretch, parts, half, -1, (talkCounts * crossed.length) / talkDocs.length),
    ),
  ]);

  const deniedWords = (half: number | undefined) => {
    const of = (isDenied: boolean) =>
      crossed
        .filter(({ doc }) => doc.saying.isDenied === isDenied && (half === undefined || doc.saying.half === half))
        .map(({ doc }) => doc.saying.stretch);
    return oddsFor(of(true), of(false), denialFeatures);
  };
  const deniedHalves = [deniedWords(1), deniedWords(0)];
  const saidWithNo = signs.map((_, row) => {
    const own = crossed.filter(({ doc }) => doc.row === row && !doc.saying.isDenied);
    return own.filter(({ doc }) => doc.saying.stretch.tokens.some(isDenial)).length / Math.max(1, own.length);
  });
  const denied = fitLogistic(
    crossed.map(({ doc: { saying, row } }) => ({
      values: deniedFeatures(
        saying.stretch,
        saidWithNo[row] ?? 0,
        sumOf(deniedHalves[saying.half === 1 ? 1 : 0]!, denialFeatures(saying.stretch.tokens)),
      ),
      is: saying.isDenied ? 1 : 0,
      weight: 1 / crossed.length,
    })),
  );

  return {
    signs,
    wheres,
    elsewhere: scales[views.length + 3] ?? 0,
    ...packWeights(whole.weights, scales),
    directions: pack(
      Int8Array.from(whole.directions.flatMap((direction) => [...direction].map((value) => Math.round(127 * value)))),
    ),
    common: { mean: pack(whole.common.mean), direction: pack(whole.common.direction) },
    nearness: scales[views.length] ?? 0,
    vocabulary: scales[views.length + 1] ?? 0,
    plainVocabulary: scales[views.length + 2] ?? 0,
    talk: packOdds(talkWords(undefined)),
    denial: packOdds(deniedWords(undefined)),
    saidWithNo: saidWithNo.map((share) => Math.round(100 * share)),
    told,
    denied,
  };
}

/** Smoothed counts: log(1 + n / (smoothing · p)), n how often this sign is said with the feature, p how common it is. */
function count(docs: readonly Doc[], size: number): Counted {
  const perSign = new Float64Array(size);
  let total = 0;
  for (const { row, weight } of docs) {
    perSign[row]! += weight;
    total += weight;
  }
  const weights = Object.fromEntries(
    views.map((view) => {
      const counts = new Map<number, Map<number, number>>();
      const common = new Map<number, number>();
      for (const { row, weight, features } of docs)
        for (const feature of features[view]) {
          const signs = counts.get(feature) ?? new Map<number, number>();
          signs.set(row, (signs.get(row) ?? 0) + weight);
          counts.set(feature, signs);
          common.set(feature, (common.get(feature) ?? 0) + weight);
        }
      const kept = new Map<number, Map<number, number>>();
      for (const [feature, signs] of counts) {
        const often = common.get(feature) ?? 0;
        if ((view === 'pair' || view === 'piece') && often < seldom) continue;
        const share = (often + 0.5) / (total + 1);
        kept.set(
          feature,
          new Map(
            [...signs].map(([row, n]) => [
              row,
              Math.log1p((usual * n) / Math.max(1, perSign[row]!) / (smoothing * share)),
            ]),
          ),
        );
      }
      return [view, kept];
    }),
  ) as unknown as Counted['weights'];
  const common = commonOf(docs.map(({ mean }) => mean));
  const directions = Array.from({ length: size }, () => new Float64Array(common.mean.length));
  for (const { row, weight, mean } of docs) {
    const own = withoutCommon(mean, common);
    own.forEach((value, at) => (directions[row]![at]! += weight * value));
  }
  for (const direction of directions) {
    const length = Math.hypot(...direction) || 1;
    direction.forEach((value, at) => (direction[at] = value / length));
  }
  return { weights, common, directions };
}

/** Mean, and the direction of most spread by power iteration. */
function commonOf(means: readonly Float64Array[]): Common {
  const width = means[0]?.length ?? 0;
  const mean = new Float32Array(width);
  for (const row of means) for (let at = 0; at < width; at += 1) mean[at]! += row[at]! / means.length;
  let direction = Float64Array.from({ length: width }, (_, at) => Math.sin(at + 1));
  for (let round = 0; round < 30; round += 1) {
    const next = new Float64Array(width);
    for (const row of means) {
      let share = 0;
      for (let at = 0; at < width; at += 1) share += (row[at]! - mean[at]!) * direction[at]!;
      for (let at = 0; at < width; at += 1) next[at]! += share * (row[at]! - mean[at]!);
    }
    const length = Math.hypot(...next) || 1;
    direction = next.map((value) => value / length);
  }
  return { mean, direction: Float32Array.from(direction) };
}

/** What each view, nearness and the vocabulary say of each sign, before their scales. */
function partsOf(
  { weights, common, directions }: Counted,
  doc: Pick<Doc, 'features' | 'mean'> & ({ readonly saying: Saying } | { readonly stretch: Stretch }),
  rowOf: ReadonlyMap<SignId, number>,
  wheres: readonly Where[],
): Float64Array[] {
  const size = directions.length;
  const parts = views.map((view) => {
    const sums = new Float64Array(size);
    for (const feature of doc.features[view])
      for (const [row, weight] of weights[view].get(feature) ?? []) sums[row]! += weight;
    return sums;
  });
  const own = withoutCommon(doc.mean, common);
  const near = Float64Array.from(directions, (direction) =>
    direction.reduce((sum, value, at) => sum + value * own[at]!, 0),
  );
  const read = new Float64Array(size);
  const { vocabulary, known, tokens, places } = 'saying' in doc ? doc.saying.stretch : doc.stretch;
  for (const id of vocabulary) {
    const row = rowOf.get(id);
    if (row !== undefined) read[row] = 1;
  }
  const elsewhere = Float64Array.from(wheres, (where) => (isElsewhere({ places }, where) ? -1 : 0));
  return [...parts, near, read, isPlain({ known, tokens }) ? read : new Float64Array(size), elsewhere];
}

/** Scales by gradient ascent on the likelihood (a convex problem of seven numbers; Adam steps). */
function fitScales(
  cases: readonly { readonly row: number; readonly weight: number; readonly parts: readonly Float64Array[] }[],
  size: number,
): number[] {
  const names = views.length + 4;
  let scales = [0.17, 0.2, 0.13, 0.08, 0.35, 4.4, 1.2, 2, 1];
  const total = cases.reduce((sum, { weight }) => sum + weight, 0);
  const first = new Float64Array(names);
  const second = new Float64Array(names);
  for (let round = 1; round <= 30; round += 1) {
    const slope = new Float64Array(names);
    for (const { row, parts, weight } of cases) {
      const logits = new Float64Array(size);
      parts.forEach((part, at) => {
        const scale = scales[at] ?? 0;
        for (let sign = 0; sign < size; sign += 1) logits[sign]! += scale * part[sign]!;
      });
      const chances = softmax(logits);
      parts.forEach((part, at) => {
        let expected = 0;
        for (let sign = 0; sign < size; sign += 1) expected += chances[sign]! * part[sign]!;
        slope[at]! += (weight * (part[row]! - expected)) / total;
      });
    }
    scales = scales.map((scale, at) => {
      first[at] = 0.8 * first[at]! + 0.2 * slope[at]!;
      second[at] = 0.95 * second[at]! + 0.05 * slope[at]! ** 2;
      const step = first[at]! / (1 - 0.8 ** round) / (Math.sqrt(second[at]! / (1 - 0.95 ** round)) + 1e-8);
      return Math.max(0, scale + (round < 15 ? 0.06 : 0.02) * Math.max(scale, 0.05) * step);
    });
  }
  return scales;
}

/** Log-odds of words and neighbours between two heaps of lines, for those that are not too rare. */
function oddsFor(
  these: readonly Stretch[],
  those: readonly Stretch[],
  heard = talkFeatures,
): ReadonlyMap<number, number> {
  const tally = (lines: readonly Stretch[]) => {
    const counts = new Map<number, number>();
    for (const { tokens } of lines)
      for (const feature of heard(tokens)) counts.set(feature, (counts.get(feature) ?? 0) + 1);
    return counts;
  };
  const a = tally(these);
  const b = tally(those);
  const odds = new Map<number, number>();
  for (const feature of new Set([...a.keys(), ...b.keys()])) {
    const inA = a.get(feature) ?? 0;
    const inB = b.get(feature) ?? 0;
    if (inA + inB < 3) continue;
    odds.set(
      feature,
      Math.log((inA + 2 * share(these, those)) / (these.length + 2)) -
        Math.log((inB + 2 * share(those, these)) / (those.length + 2)),
    );
  }
  return odds;
}

/** Half a line each, by how long the heaps are. */
const share = (these: readonly unknown[], those: readonly unknown[]) => these.length / (these.length + those.length);

interface Point {
  readonly values: readonly number[];
  readonly is: number;
  readonly weight: number;
}

/** Weights are held back by so much: where a few cases part cleanly, none runs off. */
const restraint = 1e-3;

/** Logistic regression by Newton's method, each step halved until it helps. */
function fitLogistic(points: readonly Point[]): number[] {
  const size = points[0]?.values.length ?? 0;
  const total = points.reduce((sum, { weight }) => sum + weight, 0);
  const oddsOf = (weights: readonly number[], values: readonly number[]) =>
    values.reduce((sum, value, at) => sum + value * weights[at]!, 0);
  const loss = (weights: readonly number[]) =>
    points.reduce(
      (sum, { values, is, weight }) =>
        sum + (weight / total) * Math.log1p(Math.exp((is ? -1 : 1) * oddsOf(weights, values))),
      (restraint / 2) * weights.reduce((sum, weight) => sum + weight ** 2, 0),
    );
  let weights = Array.from({ length: size }, () => 0);
  for (let round = 0; round < 25; round += 1) {
    const slope = weights.map((weight) => -restraint * weight);
    const bend = weights.map((_, i) => weights.map((__, j) => (i === j ? restraint : 0)));
    for (const { values, is, weight } of points) {
      const chance = logistic(oddsOf(weights, values));
      const share = weight / total;
      for (let i = 0; i < size; i += 1) {
        slope[i]! += share * (is - chance) * values[i]!;
        for (let j = 0; j < size; j += 1) bend[i]![j]! += share * chance * (1 - chance) * values[i]! * values[j]!;
      }
    }
    const step = solved(bend, slope);
    const now = loss(weights);
    for (let by = 1; by > 1e-3; by /= 2) {
      const next = weights.map((weight, at) => weight + by * step[at]!);
      if (loss(next) < now) {
        weights = next;
        break;
      }
    }
  }
  return weights;
}

/** Gaussian elimination with pivots. */
function solved(matrix: readonly (readonly number[])[], right: readonly number[]): number[] {
  const rows = matrix.map((row, at) => [...row, right[at]!]);
  const size = rows.length;
  for (let column = 0; column < size; column += 1) {
    const pivot = rows.reduce(
      (best, row, at) => (at >= column && Math.abs(row[column]!) > Math.abs(rows[best]![column]!) ? at : best),
      column,
    );
    [rows[column], rows[pivot]] = [rows[pivot]!, rows[column]!];
    for (let at = 0; at < size; at += 1) {
      if (at === column) continue;
      const by = rows[at]![column]! / rows[column]![column]!;
      for (let k = column; k <= size; k += 1) rows[at]![k]! -= by * rows[column]![k]!;
    }
  }
  return rows.map((row, at) => row[size]! / row[at]!);
}

function packWeights(weights: Counted['weights'], scales: readonly number[]): Pick<MeaningsData, 'features' | 'step'> {
  const all = views.flatMap((view, at) =>
    [...weights[view]].map(([hash, signs]) => ({
      hash,
      signs: [...signs].map(([row, weight]) => ({ row, weight: weight * (scales[at] ?? 0) })),
    })),
  );
  const most = all.reduce((top, { signs }) => signs.reduce((own, { weight }) => Math.max(own, weight), top), 0);
  const step = most / 255;
  const kept = all
    .map(({ hash, signs }) => ({
      hash,
      signs: signs
        .filter(({ weight }) => weight >= slightest)
        .map(({ row, weight }) => ({ row, steps: Math.round(weight / step) }))
        .sort((a, b) => a.row - b.row),
    }))
    .filter(({ signs }) => signs.length > 0)
    .sort((a, b) => a.hash - b.hash);
  return {
    step,
    features: {
      hash: pack(Uint32Array.from(kept, ({ hash }) => hash)),
      count: pack(Uint16Array.from(kept, ({ signs }) => signs.length)),
      sign: pack(Uint16Array.from(kept.flatMap(({ signs }) => signs.map(({ row }) => row)))),
      weight: pack(Uint8Array.from(kept.flatMap(({ signs }) => signs.map(({ steps }) => steps)))),
    },
  };
}

function packOdds(odds: ReadonlyMap<number, number>): PackedOdds {
  const kept = [...odds].filter(([, value]) => Math.abs(value) > 0.1).sort(([a], [b]) => a - b);
  const step = kept.reduce((top, [, value]) => Math.max(top, Math.abs(value)), 0) / 127 || 1;
  return {
    step,
    hash: pack(Uint32Array.from(kept, ([hash]) => hash)),
    odds: pack(Int8Array.from(kept, ([, value]) => Math.round(value / step))),
  };
}
