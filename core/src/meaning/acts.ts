/**
 * What a question means that names no substance: "may I take the big limbs off the cherry in November" is about pruning
 * stone fruit in the wet months, "can I turn the pots a quarter" is harmless work. Learned from how people ask.
 */
import type { ActsData, MeaningsData } from '../tables';
import { featuresOf, isSlight, views, type Features, type View } from './features';
import { meaningsOf, softmax, type Meanings, type Stretch } from './meanings';
import { nearnessTo, type Nearness } from './nearness';
import { unpackFloat32, unpackInt8 } from './packed';
import { weightsOf, type Weights } from './weights';

/** Work that hurts nothing. */
export const harmless = 'harmless';
/** Something is put on that has no name. */
export const unnamed = 'unknown';

/** How much each view of a question is felt, and its direction; a long question is heard no louder than a short one. */
const felt: Readonly<Record<View, number>> = { stem: 1, word: 0.8, pair: 0.8, piece: 0.3, concept: 1 };
const loudness = 3;
export const directionFelt = 2;

/** Every feature of a question with how much it is felt. */
export function feltIn(features: Features): { hash: number; value: number }[] {
  const size = Math.sqrt(views.reduce((sum, view) => sum + features[view].length * felt[view] ** 2, 0)) || 1;
  return views.flatMap((view) => features[view].map((hash) => ({ hash, value: (loudness * felt[view]) / size })));
}

interface Acts {
  readonly weights: Weights;
  readonly nearTo: Nearness;
  readonly wary: ReadonlySet<string>;
}
const unpacked = new WeakMap<ActsData, Acts>();

function unpackedActs(data: ActsData, { directions }: Meanings): Acts {
  const known = unpacked.get(data);
  if (known) return known;
  const built: Acts = {
    weights: weightsOf(data),
    nearTo: nearnessTo(
      Float32Array.from(unpackInt8(data.directions), (value) => value / 127),
      directions,
      { mean: unpackFloat32(data.common.mean), direction: unpackFloat32(data.common.direction) },
    ),
    wary: new Set(data.wary.split(' ')),
  };
  unpacked.set(data, built);
  return built;
}

/**
 * How sure it must be that a question is about something to be minded, in all, and about just this: where nothing else
 * is known of it, and where its words name work or stuff that is harmless by itself.
 */
const minded = { unread: [0.5, 0.25], read: [0.7, 0.45] } as const;
/** How sure that it is harmless: nothing that is to be stopped may pass for it. */
const calm = 0.75;
/** What is likelier than this to have to be stopped is not let be, however harmless it sounds. */
const graveFrom = 0.03;

/**
 * What a question means: `harmless`, or the rule that minds it; undefined where it may mean several things, or something
 * that has no name, and where nothing was learned.
 * @param isRead its words name work or stuff
 * @param isGrave the rule stops what it is about
 */
export function meantAct(
  meanings: MeaningsData,
  { tokens, concepts }: Stretch,
  isRead: boolean,
  isGrave: (rule: string) => boolean,
): string | undefined {
  const data = meanings.acts;
  if (!data) return undefined;
  const { weights, nearTo, wary } = unpackedActs(data, meaningsOf(meanings));
  const near = nearTo(tokens);
  const logits = Float64Array.from(data.bias, (value, row) => value + directionFelt * data.nearness * near[row]!);
  for (const { hash, value } of feltIn(featuresOf(tokens, concepts))) {
    const feature = weights.rowOf.get(hash);
    if (feature === undefined) continue;
    for (let at = weights.from[feature]!; at < weights.from[feature + 1]!; at += 1)
      logits[weights.sign[at]!]! += value * weights.weight[at]!;
  }
  const chances = softmax(logits);
  let first = 0;
  let inAll = 0;
  let harmlessly = 0;
  let grave = 0;
  data.names.forEach((is, row) => {
    if (is === harmless) harmlessly = chances[row]!;
    else if (is !== unnamed) {
      inAll += chances[row]!;
      if (isGrave(is)) grave += chances[row]!;
      if (data.names[first] === harmless || data.names[first] === unnamed || chances[row]! > chances[first]!)
        first = row;
    }
  });
  const [inAllFrom, thisFrom] = minded[isRead ? 'read' : 'unread'];
  if (inAll > inAllFrom && chances[first]! > thisFrom) return data.names[first];
  // A word that was only met where something is to be minded: not understood well enough to be let be.
  const isWary = tokens.some((token) => !isSlight(token) && wary.has(token.stem));
  return harmlessly > calm && grave < graveFrom && !isWary ? harmless : undefined;
}
