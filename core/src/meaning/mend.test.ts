import { seeded } from '../chance';
import { tokensOf } from '../hear/words';
import { count, partsOf, type Counted, type Doc } from './counts';
import { featuresOf, views } from './features';
import { softmax } from './meanings';
import { mend, mendedBy } from './mend';

/**
 * Three signs of three words that always come together and one that decides. The three go with their own sign in two
 * of three sayings; the one is right whenever it is said. Counted, three words outvote one.
 */
const trios = ['damp mossy chilly', 'sunny dusty windy', 'early foggy quiet'];
const deciders = ['speckled', 'curling', 'oozing'];
const chance = seeded(21);
const saying = (): Doc => {
  const row = chance.upTo(2);
  const trio = chance.uniform() < 2 / 3 ? row : chance.upTo(2);
  const text = `${trios[trio]} ${chance.uniform() < 0.9 ? deciders[row] : 'plain'}`;
  const stretch = { tokens: tokensOf(text), concepts: [], places: [], vocabulary: [], known: 0, readAsDenied: 0 };
  return {
    row,
    weight: 1,
    features: featuresOf(stretch.tokens, []),
    mean: Float64Array.from([1, row - trio]),
    saying: { sign: String(row), stretch, parts: [], isDenied: false, half: 0 },
  };
};
const learned = Array.from({ length: 300 }, saying);
const unseen = Array.from({ length: 200 }, saying);
const rowOf = new Map([0, 1, 2].map((row) => [String(row), row]));
/** Words alone: a trio has pairs and pieces besides, which nothing here is to rest on. */
const logitsOf = (counted: Counted, doc: Doc) => {
  const parts = partsOf(counted, doc, rowOf, ['leaves', 'leaves', 'leaves']);
  const words = parts[views.indexOf('word')]!;
  return words.map((value) => value);
};
const counted = count(learned, 3);
const mended = mend(learned, counted, logitsOf);
/** Share that is right, and the mean chance in nats that was given to what is right. */
const judged = (docs: readonly Doc[], logits: (doc: Doc) => Float64Array) => {
  const chances = docs.map((doc) => softmax(logits(doc)));
  return {
    right: docs.filter(({ row }, at) => chances[at]!.indexOf(Math.max(...chances[at]!)) === row).length / docs.length,
    nats: docs.reduce((sum, { row }, at) => sum + Math.log(chances[at]![row]! + 1e-12), 0) / docs.length,
  };
};
const asMended = (doc: Doc) => {
  const by = mendedBy(mended, counted, doc);
  return logitsOf(counted, doc).map((value, row) => value + by[row]!);
};

describe('what counts get wrong', () => {
  test('a word that decides is worth more than three that always come together, in sayings never seen', () => {
    const before = judged(unseen, (doc) => logitsOf(counted, doc));
    const after = judged(unseen, asMended);
    expect(after.right).toBeGreaterThan(before.right);
    expect(after.nats).toBeGreaterThan(before.nats + 0.1);
    expect(after.right).toBeGreaterThan(0.9);
  });

  test('the same sayings teach the same', () => {
    const again = mend(learned, counted, logitsOf);
    expect([...again.weights]).toEqual([...mended.weights]);
  });
});
