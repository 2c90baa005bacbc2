import { readLine } from '@trowel/core/read';
import { knowledge } from '../src/reader';

/** Each sign of a line, with what is said of it. */
const signsOf = (line: string) =>
  Object.fromEntries(readLine(knowledge, line).understood.map(({ sign, state }) => [sign, state]));

describe('what a line denies is what stands beside the "no"', () => {
  test.each([
    ['tugged one and no fine roots left, little white maggots round the stump', 'root-maggots'],
    ['tipped it from the pot and it is nothing but roots going round and round', 'circling-roots'],
    ['look at the rose tips, it is nothing but greenfly', 'clusters'],
    ['not one aphid left, but white powder on top of the leaves', 'white-powder'],
  ])('%s', (line, sign) => expect(signsOf(line)).toMatchObject({ [sign]: 'seen' }));

  test('what is spared denies nothing that is told of the rest', () => {
    const read = signsOf(
      "bleached crispy patches on the bean leaves where I'd sprayed the day before, nothing on the new growth",
    );
    expect(Object.values(read)).not.toContain('absent');
    expect(read).toMatchObject({ 'scorch-patches': 'seen' });
    expect(Object.values(signsOf('no spots on the old leaves'))).toContain('absent');
  });

  test('looked for and not there is one saying', () =>
    expect(signsOf('I looked for slime trails, there are none')).toMatchObject({ 'slime-trail': 'absent' }));
});

test('a short denial speaks of every kind of a thing, and of none that is told elsewhere', () => {
  const maggots = signsOf('no maggots');
  expect(new Set(Object.values(maggots))).toEqual(new Set(['absent']));
  expect(Object.keys(maggots).length).toBeGreaterThan(1);
  expect(signsOf('white maggots in the roots. no other maggots')).toMatchObject({ 'root-maggots': 'seen' });
});

test.each([
  ['onions pull out easy, white fluff at the base, slime trails on the path', ['bulb-white-mould', 'slime-trail']],
  ['leaves eaten down to the veins, sticky stuff all over the leaves below', ['lace', 'honeydew']],
])('two things told in one breath are both read: %s', (line, signs) => {
  for (const sign of signs) expect(signsOf(line)).toMatchObject({ [sign]: 'seen' });
});

describe('where it grows is told by the words', () => {
  test.each([
    ['peppers in the polytunnel with curled tips', 'greenhouse'],
    ['my spider plant on the kitchen windowsill has brown tips', 'indoors'],
    ['lemon in a terracotta pot, sticky leaves', 'pot'],
    ['carrots on the allotment, forked', 'bed'],
    ['lettuce sown indoors in March, out in the beds now', 'bed'],
  ])('%s', (line, setting) => {
    const read = readLine(knowledge, line);
    expect(read.setting).toBe(setting);
    expect(read.notUnderstood).toEqual([]);
  });

  test.each([
    'planted out from the greenhouse last week, pale patches',
    'I brought one leaf indoors to look at it',
    'slugs under the pots beside the greenhouse',
    'raised on the windowsill, then planted out',
    'tomatoes were in the greenhouse last year, this year they stand outside',
    'took a picture from the kitchen windowsill, the leaves have brown patches',
    'slug trails on the windowsill outside, hostas chewed',
    'bought as a house plant but it lives in the garden now',
    'lemon spends summer outdoors and winter indoors, leaves curling',
    'clematis on the wall of the greenhouse wilted',
    'roses in the front garden with black spots, none on the balcony',
    'no greenhouse here, tomatoes outside with brown blotches',
  ])('and not by a place that it came from or stands beside: %s', (line) =>
    expect(readLine(knowledge, line).setting).toBeUndefined(),
  );
});
