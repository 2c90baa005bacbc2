import fc from 'fast-check';
import { isDenial } from '../hear/clauses';
import { tokensOf } from '../hear/words';
import type { WordVectors } from '../tables';
import { deniedOf } from './denials';
import { featuresOf, hashOf, views } from './features';
import { fitMeanings, type Saying } from './fit';
import { meaningsOf, meantBy, type Stretch } from './meanings';
import { directionsOf, meanDirection, nearnessTo, withoutCommon } from './nearness';
import { pack, unpackFloat32, unpackInt8, unpackUint16, unpackUint32, unpackUint8 } from './packed';
import { speaksFor, weightsOf } from './weights';

/** Three signs, a few voices, and no vocabulary: what is learned comes from the sayings alone. */
const stretch = (text: string): Stretch => ({
  tokens: tokensOf(text),
  concepts: [],
  places: /leaf|leaves/.test(text) ? ['leaves'] : [],
  vocabulary: [],
  known: 0,
  readAsDenied: 0,
});
const saying = (sign: string, half: Saying['half'], text: string): Saying => ({
  sign,
  half,
  stretch: stretch(text),
  parts: [],
  isDenied: tokensOf(text).some(isDenial),
});
const said: Readonly<Record<string, readonly string[]>> = {
  sticky: [
    'the leaves are sticky',
    'sticky drops on the table',
    'my fingers stick to the leaf',
    'tacky shine on everything below',
    'a gluey film',
    'no stickiness anywhere',
    'not sticky at all',
  ],
  ants: [
    'ants run up the stem',
    'a line of ants on the trunk',
    'ants marching along the branch',
    'an ant road up the plum',
    'ants everywhere on the stalk',
    'no ants to be seen',
    'looked for ants and found none',
  ],
  holes: [
    'ragged holes in the leaves',
    'something chewed the leaves',
    'leaves eaten overnight',
    'big bites out of the cabbage',
    'half eaten leaf with torn holes',
    'no holes in any leaf',
    'not a bite to be seen',
  ],
};
const sayings = Object.entries(said).flatMap(([sign, texts]) =>
  texts.flatMap((text) => [saying(sign, 0, text), saying(sign, 1, `well ${text}`)]),
);
const talk = [
  'my neighbour came for tea',
  'the shed is blue',
  'we were away for a week',
  'what should I do',
  'it was raining on Sunday',
];
const words = ['sticky', 'tacky', 'gluey', 'syrupy', 'ants', 'emmets', 'holes', 'bites', 'tea', 'shed'];
/** What each word is about: one axis a theme; two axes more, so that what is common to all is none of them. */
const near = [0, 0, 0, 0, 1, 1, 2, 2, 3, 3];
const axes = [0, 1, 2, 3, 4, 5];
const vectors: WordVectors = {
  words: words.join(' '),
  dimensions: axes.length,
  rows: pack(
    Int8Array.from(
      near.flatMap((axis, at) => axes.map((own) => (own === axis ? 60 : own > 3 ? 90 - 20 * (at % 2) : 0))),
    ),
  ),
  tells: pack(Uint8Array.from(words, () => 255)),
};
const signs = Object.keys(said);
const rows = signs.map((id) => ({ id, where: id === 'ants' ? ('stem' as const) : ('leaves' as const) }));
const learned = { from: 'test', vectors, ...fitMeanings({ signs: rows, sayings, talk: talk.map(stretch), vectors }) };
const meanings = meaningsOf(learned);
const best = (text: string) => {
  const { chances } = meantBy(meanings, stretch(text));
  return signs[chances.indexOf(Math.max(...chances))];
};

describe('what people mean', () => {
  test.each([
    ['sticky fingers from that leaf', 'sticky'],
    ['sticcky drops', 'sticky'],
    ['the ants are marching up again', 'ants'],
    ['a cabbage with ragged bites', 'holes'],
  ])('%s: %s, in words and slips that were never said so', (text, sign) => expect(best(text)).toBe(sign));

  test('a word that nobody said is bridged by what it is near to', () => {
    expect(best('syrupy')).toBe('sticky');
    expect(best('emmets')).toBe('ants');
  });

  test('chances add up to one, whatever is said (seed 4)', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 80 }), (text) => {
        const { chances, told } = meantBy(meanings, stretch(text));
        const denied = deniedOf(meanings, stretch(text), 0);
        expect(chances.reduce((sum, chance) => sum + chance, 0)).toBeCloseTo(1, 9);
        for (const value of [told, denied]) expect(value >= 0 && value <= 1).toBe(true);
      }),
      { seed: 4, numRuns: 100 },
    );
  });

  test('talk is less likely a sign than a sign is; a denial is heard', () => {
    const told = (text: string) => meantBy(meanings, stretch(text)).told;
    expect(told('ragged holes in my leaves')).toBeGreaterThan(told('my neighbour is away for tea'));
    const denied = (text: string) => deniedOf(meanings, stretch(text), signs.indexOf('ants'));
    expect(denied('no ants anywhere')).toBeGreaterThan(0.5);
    expect(denied('ants running on the branch')).toBeLessThan(0.5);
  });

  test('what a phrase speaks for is the sum over its features, each once, whatever was heard before (seed 8)', () => {
    const weights = weightsOf(learned);
    const speaks = speaksFor(weights, signs.length);
    const word = fc.constantFrom(...Object.values(said).flat().join(' ').split(' '), 'stickies', 'antics', 'zzz');
    fc.assert(
      fc.property(fc.array(word, { maxLength: 12 }), fc.array(word, { maxLength: 3 }), (phrase, concepts) => {
        const tokens = tokensOf(phrase.join(' '));
        const features = featuresOf(tokens, concepts);
        const summed = new Float64Array(signs.length);
        for (const feature of new Set(views.flatMap((view) => features[view]))) {
          const row = weights.rowOf.get(feature);
          if (row === undefined) continue;
          for (let at = weights.from[row]!; at < weights.from[row + 1]!; at += 1)
            summed[weights.sign[at]!]! += weights.weight[at]!;
        }
        const spoken = speaks(tokens, concepts);
        signs.forEach((_, row) => expect(spoken[row]).toBeCloseTo(summed[row]!, 4));
      }),
      { seed: 8, numRuns: 150 },
    );
  });

  test('how near a phrase lies to a row is the same, word by word, as for the phrase whole (seed 9)', () => {
    const directions = directionsOf(vectors);
    const common = {
      mean: Float32Array.from(axes, (axis) => axis / 20),
      direction: Float32Array.from([0, 0, 0, 0, 1, 0]),
    };
    const table = Float32Array.from(
      axes.flatMap((row) => axes.map((axis) => (axis === row ? 0.8 : axis === 5 ? 0.6 : 0))),
    );
    const nearTo = nearnessTo(table, directions, common);
    fc.assert(
      fc.property(fc.array(fc.constantFrom(...words, 'unheard'), { maxLength: 8 }), (phrase) => {
        const tokens = tokensOf(phrase.join(' '));
        const own = withoutCommon(meanDirection(directions, tokens), common);
        const spoken = nearTo(tokens);
        axes.forEach((row) =>
          expect(spoken[row]).toBeCloseTo(
            axes.reduce((sum, axis) => sum + own[axis]! * table[row * axes.length + axis]!, 0),
            4,
          ),
        );
      }),
      { seed: 9, numRuns: 100 },
    );
  });

  test('a word, a piece of a word and a pair of the same letters are three features', () => {
    const short = ['red', 'ped', 'pad', 'rad', 'ant', 'bnt', 'a', 'b', 'c', 'd'];
    const all = views.flatMap((view) => short.map((key) => hashOf(view, key)));
    expect(new Set(all).size).toBe(all.length);
  });

  test('features are the same for the same words, each once', () => {
    const features = featuresOf(tokensOf('ants and ants'), ['ant', 'ant']);
    for (const view of views) expect(new Set(features[view]).size).toBe(features[view].length);
    expect(features).toEqual(featuresOf(tokensOf('Ants and ANTS'), ['ant']));
  });
});

test('numbers are packed and come back (seed 6)', () => {
  fc.assert(
    fc.property(
      fc.uint8Array(),
      fc.uint16Array(),
      fc.uint32Array(),
      fc.int8Array(),
      fc.float32Array(),
      (a, b, c, d, e) => {
        expect(unpackUint8(pack(a))).toEqual(a);
        expect(unpackUint16(pack(b))).toEqual(b);
        expect(unpackUint32(pack(c))).toEqual(c);
        expect(unpackInt8(pack(d))).toEqual(d);
        expect(unpackFloat32(pack(e))).toEqual(e);
      },
    ),
    { seed: 6, numRuns: 50 },
  );
});
