import { find, type Findable } from '@trowel/core/find';
import { knowledge } from '../src';

const here: Findable[] = [
  { kind: 'bed', id: 'long', name: 'Long Bed', area: 5.4 },
  { kind: 'bed', id: 'gate', name: 'Gate Bed' },
  { kind: 'vessel', id: 'green', name: 'Green sprayer' },
  { kind: 'vessel', id: 'jug', name: 'Blue jug' },
  { kind: 'case', id: 'roses', name: 'Roses, greenfly and guests' },
  { kind: 'case', id: 'peas', name: 'Sweet peas, white dust' },
  { kind: 'brew', id: 'nettles', name: 'Nettles in the big bucket' },
  { kind: 'page', id: 'cupboard', name: 'Cupboard', words: 'shopping list what to buy prices' },
  { kind: 'page', id: 'times', name: 'When I am away', words: 'holiday days off visits' },
];
const found = (line: string) => find(knowledge, here, line, 'metric');
const firstOf = (line: string) => found(line).map(({ kind, id }) => `${kind}:${id}`);

/** Needs as people would say them, with all that would do; written before any was tried. */
const needs: readonly (readonly [string, string])[] = [
  ['12 egg shells and vinegar', 'tool:shell-extract'],
  ['soap for aphids in my green sprayer', 'remedy:soap-spray'],
  ['how much mulch for the Long Bed', 'tool:mulch'],
  ['how many sheets of cardboard for the long bed', 'tool:cardboard'],
  ['milk against mildew', 'remedy:milk-spray'],
  ['baking soda for powdery mildew', 'remedy:bicarbonate-spray'],
  ['ant bait with borax', 'remedy:ant-bait tool:bait'],
  ['epsom salts', 'remedy:epsom-foliar tool:epsom'],
  ['garlic spray', 'remedy:garlic-spray'],
  ['neem', 'remedy:neem-seed remedy:neem-leaf'],
  ['beer trap for slugs', 'remedy:traps-and-boards'],
  ['nettle tea', 'remedy:weed-brew-feed tool:brew'],
  ['how strong is vinegar thinned with water', 'tool:dose-strength tool:dilute tool:strength'],
  ['peroxide for fungus gnats', 'remedy:peroxide-drench'],
  ['sticky yellow cards', 'remedy:sticky-cards'],
  ['degree days for codling moth', 'tool:degree-days'],
  ['how much N P K is in my feed', 'tool:feed'],
  ['blue jug', 'vessel:jug'],
  ['Long Bed', 'bed:long'],
  ['greenfly on the roses', 'case:roses'],
  ['shopping list', 'page:cupboard'],
  ['away next week', 'page:times'],
  ['peroxide 3 % down to 0.3 %', 'tool:peroxide tool:strength'],
  ['how long until the aphids double', 'tool:doubling'],
  ['what did the milk cost', 'tool:cost'],
  ['copper', 'remedy:copper-spray'],
  ['nematodes against vine weevil grubs', 'remedy:grub-nematodes tool:nematodes'],
  ['soak a pot with ants', 'remedy:soap-soak tool:pot-soak'],
  ['lime the soil', 'remedy:lime-soil'],
  ['net over the cabbages', 'remedy:net-cover'],
];

/** A second lot, written after the first had been looked at. */
const more: readonly (readonly [string, string])[] = [
  ['sugar syrup for ants', 'remedy:ant-bait tool:bait'],
  ['2 kg of straw mulch on 6 m2', 'tool:mulch tool:per-area'],
  ['soap 1 tbsp in a litre, too strong?', 'tool:dose-strength'],
  ['spoons of baking soda in grams', 'tool:spoons-grams'],
  ['horticultural oil in winter', 'remedy:dormant-oil remedy:oil-spray'],
  ['my tap water is hard, does soap work', 'tool:soap-water tool:soap-shake'],
  ['Gate Bed', 'bed:gate'],
  ['white dust on sweet peas', 'case:peas'],
  ['the nettle bucket', 'brew:nettles'],
  ['mow high', 'remedy:mow-high'],
  ['repot', 'remedy:repot'],
  ['bti for mosquito water', 'tool:bti remedy:bti-water'],
  ['iron for yellow leaves', 'remedy:iron-chelate'],
  ['seaweed', 'remedy:seaweed-feed'],
  ['mustard water for jumping worms', 'tool:mustard remedy:mustard-pour'],
  ['worm castings in potting mix', 'tool:seed-mix remedy:castings-topdress'],
  ['jet of water on the aphids', 'remedy:water-jet'],
  ['how much spray for 12 plants', 'tool:spray'],
  ['bag the apples', 'remedy:bag-fruit'],
  ['prices', 'page:cupboard'],
];

const misses = (lot: typeof needs, among: number) =>
  lot.filter(
    ([line, wanted]) =>
      !firstOf(line)
        .slice(0, among)
        .some((one) => wanted.split(' ').includes(one)),
  );

describe('a need in one line', () => {
  test.each([
    ['the first lot', needs, 24, 28],
    ['the second', more, 16, 18],
  ] as const)('leads to what meets it: %s', (_, lot, first, amongThree) => {
    expect(lot.length - misses(lot, 1).length).toBeGreaterThanOrEqual(first);
    expect(lot.length - misses(lot, 3).length).toBeGreaterThanOrEqual(amongThree);
  });

  test('what was said beside it stands in its form', () => {
    expect(found('12 egg shells and 2 l vinegar')[0]).toMatchObject({
      id: 'shell-extract',
      fill: { values: { shell: { text: '12', unit: 'shells' }, vinegar: 2000 } },
    });
    expect(found('how much mulch for the Long Bed, 8 cm deep')[0]).toMatchObject({
      id: 'mulch',
      fill: { values: { shape: 'area', area: 5.4, depth: 0.08 } },
    });
    expect(found('mulch on 3 m by 2 m')[0]).toMatchObject({ id: 'mulch', fill: { values: { length: 3, width: 2 } } });
    expect(found('soap for aphids in my green sprayer')[0]).toMatchObject({ fill: { vesselId: 'green' } });
    expect(found('2 l of milk spray on the long bed')[0]).toMatchObject({ fill: { volumeMl: 2000, bedId: 'long' } });
  });

  test('at most seven are offered; of words that nobody knows, none', () => {
    expect(found('spray the plant with water and soap').length).toBeLessThanOrEqual(7);
    expect(found('zzyzx qwertish')).toEqual([]);
    expect(found('  ')).toEqual([]);
  });

  test('asked again it answers the same: nothing of the garden stays in the knowledge', () => {
    expect(found('Long Bed')).toEqual(found('Long Bed'));
    expect(find(knowledge, [], 'Long Bed', 'metric').map(({ kind }) => kind)).not.toContain('bed');
  });
});
