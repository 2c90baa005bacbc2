import { deniedOf } from './denials';
import { fourWords, wordsAlone } from './few-words';
import { fitMeanings, type Saying } from './fit';
import { shareWithNo } from './fit-denials';
import { meaningsOf } from './meanings';

const vectors = fourWords('ants fed weekly holes', [90, 20, 0, 0, 0, 90, 20, 0, 0, 20, 90, 0, 20, 0, 0, 90]);
const says: Readonly<Record<string, { readonly told: readonly string[]; readonly denied: readonly string[] }>> = {
  unfed: {
    told: ['never fed', 'not fed this year', 'never fed it', 'no feed at all', 'not fed since spring'],
    denied: ['fed weekly', 'fed it on sunday', 'fed it weekly', 'fed every sunday'],
  },
  ants: {
    told: ['ants on the stem', 'ants run about', 'ants everywhere', 'many ants'],
    denied: ['no ants', 'never ants', 'no ants on the stem', 'not one of the ants'],
  },
  holes: {
    told: ['holes in the leaves', 'ragged holes', 'holes all over', 'round holes'],
    denied: ['no holes', 'not a hole', 'never holes', 'no holes in the leaves'],
  },
};
const saying = (sign: string, isDenied: boolean, text: string, half: 0 | 1): Saying => ({
  sign,
  half,
  isDenied,
  stretch: wordsAlone(text),
  parts: [],
});
const sayings = Object.entries(says).flatMap(([sign, { told, denied }]) =>
  ([0, 1] as const).flatMap((half) => [
    ...told.map((text) => saying(sign, false, text, half)),
    ...denied.map((text) => saying(sign, true, text, half)),
  ]),
);
const signs = Object.keys(says);
const learned = (opposites: readonly Saying[]) =>
  meaningsOf({
    from: 'test',
    vectors,
    ...fitMeanings({
      signs: signs.map((id) => ({ id, where: 'leaves' as const })),
      sayings,
      opposites,
      talk: [wordsAlone('the shed is blue'), wordsAlone('we went to the sea')],
      vectors,
    }),
  });
const meanings = learned([]);
const denies = (sign: string, text: string, read = meanings) =>
  deniedOf(read, wordsAlone(text), signs.indexOf(sign)) > 0.5;

describe('whether a sign is denied', () => {
  test('a "no" denies what people tell without one', () => {
    expect(denies('ants', 'no ants about')).toBe(true);
    expect(denies('ants', 'ants about')).toBe(false);
  });

  test('a "no" tells a sign that is told with one, and its opposite denies it', () => {
    expect(denies('unfed', 'never fed since spring')).toBe(false);
    expect(denies('unfed', 'fed it every sunday')).toBe(true);
  });

  test('an opposite that holds no "no" is learned from sayings of all being well, and no sign is', () => {
    expect(denies('holes', 'leaves are whole')).toBe(false);
    const opposites = ['leaves are whole', 'whole leaves', 'leaves whole', 'the leaves are whole'].map((text) =>
      saying('holes', true, text, 0),
    );
    const taught = learned([...opposites, ...opposites]);
    expect(denies('holes', 'leaves are whole', taught)).toBe(true);
    expect(taught.speaks(wordsAlone('whole').tokens, [])).toEqual(meanings.speaks(wordsAlone('whole').tokens, []));
  });

  test('the share of sayings that hold a denial is told by sign, to the hundredth', () => {
    expect(shareWithNo(signs, sayings)).toEqual([1, 0, 0]);
    expect(shareWithNo(['ants'], [saying('ants', false, 'no ants', 0), ...sayings])).toEqual([0.11]);
    expect(shareWithNo(['wind'], sayings)).toEqual([0]);
  });
});
