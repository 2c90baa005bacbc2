/**
 * Learns how people say the signs: how much each word, pair of words, piece of a word and concept speaks for each
 * sign (smoothed counts, as in naive Bayes), how near a sign lies in meaning, and what is only talk or a denial. The
 * few scales on which the views count are fitted to sayings of writers whose other half the counts were taken from.
 */
import type { MeaningsData, PackedOdds, SignRow, WordVectors } from '../tables';
import { count, partsOf, type Counted, type Doc, type Saying } from './counts';
import { featuresOf, views } from './features';
import { fitDenials, shareWithNo } from './fit-denials';
import { fitLogistic, type Point } from './logistic';
import { softmax, sumOf, talkFeatures, toldFeatures, type Stretch } from './meanings';
import { mend, mendedBy, type Mended } from './mend';
import { directionsOf, meanDirection } from './nearness';
import { pack } from './packed';
import { packedWeights } from './pack-weights';

export type { Saying } from './counts';

export interface Lesson {
  readonly signs: readonly Pick<SignRow, 'id' | 'where'>[];
  readonly sayings: readonly Saying[];
  /** What people say where a sign is not there, in words that are nobody's own ("leaves are whole"): no sign is learned from it. */
  readonly opposites?: readonly Saying[];
  /** Talk that tells no sign. */
  readonly talk: readonly Stretch[];
  readonly vectors: WordVectors;
}

/** What the tables say of themselves counts less than what a person said (fitted on one half, seen on the other). */
const tablesCount = 0.15;
/** How much short and plain sayings count beside those of people, when it is learned what talk is. */
const plainCounts = 0.4;
/** How much talk counts beside what is told. */
const talkCounts = 0.8;

/** Weights below it are many and tell little: they are left out, which makes the table a third smaller. */
const slightest = 0.06;

/** What was learned, without the vectors it stands on, which do not change. */
export type Learned = Omit<MeaningsData, 'vectors'>;

export function fitMeanings({ signs: rows, sayings, opposites = [], talk, vectors }: Lesson): Omit<Learned, 'from'> {
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

  const summed = (parts: readonly Float64Array[]) => {
    const logits = new Float64Array(signs.length);
    parts.forEach((part, at) => part.forEach((value, row) => (logits[row]! += (scales[at] ?? 0) * value)));
    return logits;
  };
  const mendFor = (some: readonly Doc[], counted: Counted) =>
    mend(some, counted, (without, doc) => summed(partsOf(without, doc, rowOf, wheres)));
  const mended = mendFor(docs, whole);
  const mendedHalves = ([0, 1] as const).map((half) =>
    mendFor(
      docs.filter(({ saying }) => saying.half === 1 - half),
      taught[half],
    ),
  ) as [Mended, Mended];
  const corrected = (parts: readonly Float64Array[], doc: Pick<Doc, 'features' | 'mean'>, half: 0 | 1 | 'both') => {
    const by = half === 'both' ? mendedBy(mended, whole, doc) : mendedBy(mendedHalves[half], taught[half], doc);
    return summed(parts).map((value, row) => value + by[row]!);
  };
  const prepared = (stretch: Stretch) => ({
    stretch,
    features: featuresOf(stretch.tokens, stretch.concepts),
    mean: meanDirection(directions, stretch.tokens),
  });
  const talkDocs = talk.map((stretch, at) => ({ doc: prepared(stretch), half: at % 2 }));
  const talkWords = (half: number | undefined) =>
    oddsFor(
      crossed.filter(({ doc }) => half === undefined || doc.saying.half === half).map(({ doc }) => doc.saying.stretch),
      talkDocs.filter((one) => half === undefined || one.half === half).map(({ doc }) => doc.stretch),
    );
  const talkHalves = [talkWords(1), talkWords(0)];
  /** @param half whose talk it was not judged by */
  const point = (stretch: Stretch, logits: Float64Array, half: number, row: number, weight: number): Point => {
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
  const told = fitLogistic([
    ...crossed.flatMap(({ doc, parts }) => {
      const half = doc.saying.half === 1 ? 1 : 0;
      return [
        point(doc.saying.stretch, corrected(parts, doc, half), half, doc.row, 1),
        ...doc.saying.parts.map((stretch) => {
          const part = prepared(stretch);
          const logits = corrected(partsOf(taught[half], part, rowOf, wheres), part, half);
          return point(stretch, logits, half, doc.row, 1 / doc.saying.parts.length);
        }),
      ];
    }),
    ...plain.map(({ doc, parts }, at) => {
      const half = at % 2 === 1 ? 1 : 0;
      return point(
        doc.saying.stretch,
        corrected(parts, doc, half),
        half,
        doc.row,
        (plainCounts * crossed.length) / plain.length,
      );
    }),
    ...talkDocs.map(({ doc, half }) =>
      point(
        doc.stretch,
        corrected(partsOf(whole, doc, rowOf, wheres), doc, 'both'),
        half,
        -1,
        (talkCounts * crossed.length) / talkDocs.length,
      ),
    ),
  ]);

  const spoken = crossed.map(({ doc }) => doc.saying);
  const withNo = shareWithNo(signs, spoken);

  return {
    signs,
    wheres,
    elsewhere: scales[views.length + 3] ?? 0,
    ...packedWeights({
      size: signs.length,
      features: views.flatMap((view, at) =>
        [...whole.weights[view]].map(([hash, counted]) => {
          const from = (mended.rowOf.get(hash) ?? 0) * signs.length;
          return {
            hash,
            weightOf: (row: number) => (counted.get(row) ?? 0) * (scales[at] ?? 0) + mended.weights[from + row]!,
          };
        }),
      ),
      along: (dimension, row) =>
        (scales[views.length] ?? 0) * whole.directions[row]![dimension]! +
        mended.directions[dimension * signs.length + row]!,
      common: whole.common,
      slightest,
    }),
    vocabulary: scales[views.length + 1] ?? 0,
    plainVocabulary: scales[views.length + 2] ?? 0,
    talk: packOdds(talkWords(undefined)),
    denials: fitDenials(signs, withNo, [...spoken, ...opposites], vectors),
    saidWithNo: withNo.map((share) => Math.round(100 * share)),
    told,
  };
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
function oddsFor(these: readonly Stretch[], those: readonly Stretch[]): ReadonlyMap<number, number> {
  const tally = (lines: readonly Stretch[]) => {
    const counts = new Map<number, number>();
    for (const { tokens } of lines)
      for (const feature of talkFeatures(tokens)) counts.set(feature, (counts.get(feature) ?? 0) + 1);
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

function packOdds(odds: ReadonlyMap<number, number>): PackedOdds {
  const kept = [...odds].filter(([, value]) => Math.abs(value) > 0.1).sort(([a], [b]) => a - b);
  const step = kept.reduce((top, [, value]) => Math.max(top, Math.abs(value)), 0) / 127 || 1;
  return {
    step,
    hash: pack(Uint32Array.from(kept, ([hash]) => hash)),
    odds: pack(Int8Array.from(kept, ([, value]) => Math.round(value / step))),
  };
}
