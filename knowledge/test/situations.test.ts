import { answerWeigh } from '@trowel/core/headless';
import type { WeighRequest } from '@trowel/core/contract';
import { knowledge } from '../src/reader';

/** Situations in a gardener's words, what must lead, what must not be offered. */
interface Vignette {
  readonly name: string;
  readonly tells: WeighRequest;
  /** All of these must stand above one half and before every other cause. */
  readonly causes: readonly string[];
  readonly conditions?: readonly string[];
  readonly suggests?: readonly string[];
  readonly neverSuggests?: readonly string[];
  readonly action?: readonly string[];
}

const vignettes: readonly Vignette[] = [
  {
    name: 'sap-suckers guarded by ants: both, and both are met',
    tells: {
      plant: 'redcurrant',
      setting: 'bed',
      month: 5,
      latitude: 52,
      said: 'sticky curled leaves and ants running up the stems',
    },
    causes: ['aphids', 'ants-tending'],
    suggests: ['soap-spray', 'ant-bait'],
    neverSuggests: ['dilute-feed'],
    action: ['treat-now'],
  },
  {
    name: 'sap-suckers without ants: no bait',
    tells: {
      plant: 'rose',
      month: 6,
      said: 'little green bugs packed on the buds, white cast skins underneath, no ants',
    },
    causes: ['aphids'],
    neverSuggests: ['ant-bait', 'dilute-feed'],
    action: ['treat-now'],
  },
  {
    name: 'a few aphids below the threshold are watched',
    tells: { plant: 'rose', month: 6, signs: [{ sign: 'clusters', state: 'seen', amount: 3 }, { say: 'no ants' }] },
    causes: ['aphids'],
    action: ['watch'],
  },
  {
    name: 'mites, not a shortage',
    tells: {
      plant: 'runner bean',
      month: 7,
      said: 'pale dots all over the leaves, fine threads underneath, it has been hot and dry for weeks',
    },
    causes: ['spider-mites'],
    conditions: ['hot-dry-air'],
    neverSuggests: ['dilute-feed', 'epsom-foliar'],
  },
  {
    name: 'mites indoors, web looked for and absent',
    tells: {
      plant: 'houseplant',
      setting: 'indoors',
      said: 'speckled leaves, tiny moving specks fall when tapped, no webbing',
    },
    causes: ['spider-mites'],
  },
  {
    name: 'cabbage caterpillars, not slugs',
    tells: {
      plant: 'kale',
      month: 8,
      said: 'holes in the leaves, dark green pellets in the heart, white butterflies about, no slime',
    },
    causes: ['cabbage-caterpillars'],
    suggests: ['hand-pick'],
  },
  {
    name: 'slugs, not caterpillars',
    tells: { plant: 'lettuce', month: 5, said: 'ragged holes, silvery trails in the morning' },
    causes: ['slugs'],
  },
  {
    name: 'powdery mildew on crowded courgettes',
    tells: {
      plant: 'courgettes',
      month: 8,
      said: 'white floury coating on the older leaves that rubs off, plants are too close together',
    },
    causes: ['powdery-mildew'],
    conditions: ['still-air'],
    suggests: ['milk-spray'],
  },
  {
    name: 'downy mildew is not treated with milk',
    tells: { plant: 'lettuce', month: 6, said: 'angular yellow patches on top and grey fuzz underneath' },
    causes: ['downy-mildew'],
    neverSuggests: ['milk-spray'],
    action: ['treat-now'],
  },
  {
    name: 'fruit-end rot from uneven water, and never Epsom salts',
    tells: {
      plant: 'tomato',
      setting: 'greenhouse',
      month: 7,
      said: 'dark sunken patch at the bottom of the fruit',
      care: { watering: 'uneven, dried out then drenched' },
    },
    causes: ['fruit-end-rot'],
    conditions: ['uneven-water'],
    suggests: ['even-watering'],
    neverSuggests: ['epsom-foliar'],
    action: ['mend-care-first'],
  },
  {
    name: 'sunscald is told from fruit-end rot by the side it is on',
    tells: {
      plant: 'pepper',
      month: 8,
      said: 'pale papery patch on the side of the fruit facing the sun, heatwave, not at the blossom end',
    },
    causes: ['sunscald'],
    neverSuggests: ['even-watering'],
  },
  {
    name: 'magnesium: oldest leaves',
    tells: {
      plant: 'tomato',
      month: 7,
      said: 'oldest leaves yellow between the veins, the veins stay green, nothing hops',
    },
    causes: ['magnesium-short'],
    suggests: ['epsom-foliar'],
  },
  {
    name: 'iron: newest leaves of an acid-lover under hard water',
    tells: {
      plant: 'blueberry',
      setting: 'pot',
      month: 5,
      said: 'the youngest leaves are yellow with green veins',
      care: { water: 'hard water' },
      bed: { soil: { ph: 7.1 } },
    },
    causes: ['iron-short'],
    conditions: ['alkaline'],
    suggests: ['rain-water-mulch'],
    neverSuggests: ['dilute-feed'],
  },
  {
    name: 'leafhopper taken for a shortage',
    tells: {
      plant: 'apple',
      month: 6,
      said: 'new leaves cupped and crinkled with brown edges, one half worse than the other, tiny things hop off when I touch the branch',
    },
    causes: ['potato-leafhopper'],
    neverSuggests: ['dilute-feed', 'epsom-foliar', 'iron-chelate'],
  },
  {
    name: 'nitrogen: oldest leaves, evenly',
    tells: { plant: 'lettuce', month: 6, said: 'old leaves evenly pale, growth is slow, not fed for months' },
    causes: ['nitrogen-short'],
    suggests: ['dilute-feed'],
  },
  {
    name: 'an overfed seedling is not fed again',
    tells: {
      plant: 'tomato seedlings',
      setting: 'indoors',
      said: 'dark green leaves with crispy brown edges, white crust on the soil, full strength feed last week',
    },
    causes: ['overfed-seedling'],
    conditions: ['salts'],
    suggests: ['flush'],
    neverSuggests: ['dilute-feed'],
  },
  {
    name: 'a hungry seedling is fed a little',
    tells: {
      plant: 'seedlings',
      setting: 'indoors',
      said: 'seedlings pale all over, seed leaves yellow, two weeks since sprouting and not fed yet',
    },
    causes: ['hungry-seedling'],
    suggests: ['dilute-feed'],
  },
  {
    name: 'cold seedlings are warmed, not fed',
    tells: {
      plant: 'seedlings',
      setting: 'greenhouse',
      month: 3,
      latitude: 52,
      said: 'purple seedlings, standing still, cold nights',
    },
    causes: ['cold-check'],
    neverSuggests: ['dilute-feed'],
  },
  {
    name: 'compaction read from weeds, with a soil check to settle it',
    tells: { setting: 'bed', bed: { weeds: ['plantain', 'knotgrass', 'pineapple weed'] } },
    causes: [],
    conditions: ['compacted'],
    suggests: ['loosen-and-cover'],
  },
  {
    name: 'fungus gnats from overwatering',
    tells: {
      plant: 'pelargonium',
      setting: 'indoors',
      said: 'little black flies on the compost, watered every day, green slime on top',
    },
    causes: ['fungus-gnats'],
    conditions: ['overwatered'],
    suggests: ['let-dry'],
  },
  {
    name: 'two at once: gnats and root rot',
    tells: {
      plant: 'geranium',
      setting: 'indoors',
      said: 'tiny flies around the pot, plant droops although the soil is wet, roots brown and mushy',
    },
    causes: ['root-rot', 'fungus-gnats'],
    conditions: ['overwatered'],
    neverSuggests: ['dilute-feed', 'even-watering'],
  },
  {
    name: 'two at once: aphids and mildew',
    tells: { plant: 'rose', month: 7, said: 'greenfly on the buds, sticky, white powder on the leaves' },
    causes: ['aphids', 'powdery-mildew'],
    suggests: ['soap-spray', 'milk-spray'],
  },
  {
    name: 'normal ageing is left alone',
    tells: {
      plant: 'tomato',
      month: 8,
      said: 'just the lowest two leaves have gone yellow, rest of the plant is fine',
    },
    causes: ['ageing'],
    neverSuggests: ['dilute-feed', 'epsom-foliar'],
    action: ['leave', 'watch'],
  },
  {
    name: 'ladybird larvae are no pest',
    tells: { plant: 'rose', month: 6, said: 'spiny black crawlers with orange spots, greenfly packed on the buds' },
    causes: ['aphids', 'ladybirds'],
    neverSuggests: ['soap-spray'],
    action: ['leave', 'watch'],
  },
  {
    name: 'sooty mould stands for what drips',
    tells: { said: 'black sooty film on the leaves that wipes off, sticky, ants on the stem' },
    causes: ['sooty-mould', 'aphids', 'ants-tending'],
  },
];

describe('situations in gardeners’ words', () => {
  test.each(vignettes.map((item) => [item.name, item] as const))(
    '%s',
    (_, { tells, causes, conditions = [], suggests = [], neverSuggests = [], action }) => {
      const answer = answerWeigh(knowledge, tells);
      const leading = answer.causes.slice(0, causes.length);
      expect(leading.map(({ id }) => id).sort()).toEqual([...causes].sort());
      for (const cause of leading) expect(cause.probability).toBeGreaterThan(0.5);
      for (const id of conditions)
        expect(answer.conditions.find((row) => row.id === id)?.probability ?? 0).toBeGreaterThan(0.5);
      const suggested = answer.remedies.filter((remedy) => remedy.suggested).map(({ id }) => id);
      expect(suggested).toEqual(expect.arrayContaining([...suggests]));
      for (const id of neverSuggests) expect(suggested).not.toContain(id);
      if (action) expect(action).toContain(answer.action.class);
    },
  );

  test('the leading cause is explained by what was seen, in words', () => {
    const answer = answerWeigh(knowledge, {
      plant: 'redcurrant',
      month: 5,
      said: 'sticky curled leaves and ants on the stems, no webbing',
    });
    expect(answer.causes[0]?.because.map(({ says }) => says).join(' ')).toMatch(/Sticky leaves: they drip what sugar/);
    expect(answer.avoid.map(({ what }) => what)).toContain('Feeding to make up for the damage');
  });

  test('weeds alone offer the wire probe', () => {
    const answer = answerWeigh(knowledge, { setting: 'bed', bed: { weeds: ['plantain', 'knotgrass'] } });
    expect(answer.nextChecks.map(({ id }) => id)).toContain('wire-probe');
    expect(answer.depth).toBeLessThanOrEqual(0.6);
  });

  test('pale new leaves of a blueberry: leaf age, fizz, pH and the hopper are asked before anything is fed', () => {
    const answer = answerWeigh(knowledge, { plant: 'blueberry', month: 6, said: 'pale new leaves' });
    expect(answer.nextChecks.map(({ id }) => id)).toEqual(expect.arrayContaining(['touch-test', 'leaf-age']));
    expect(answer.action.class).toBe('watch');
  });

  test('signs that fit nothing together make the unknown grow', () => {
    const odd = answerWeigh(knowledge, {
      plant: 'leek',
      said: 'silver streaks, bronze eggs underneath, fruit split open, slimy trails, purple leaves',
    });
    const plain = answerWeigh(knowledge, { plant: 'leek', said: 'silver streaks' });
    expect(odd.noneOfThese).toBeGreaterThan(plain.noneOfThese);
    expect(odd.noneOfThese).toBeGreaterThan(0.4);
  });

  test.each([
    [
      'nonsense is handed back, not guessed',
      { plant: 'rose', said: 'the flux capacitor glows' },
      ['the flux capacitor glows'],
    ],
    ['an unknown plant is said', { plant: 'triffid', said: 'sticky leaves' }, ['plant: triffid']],
    ['an unknown sign id is said', { signs: [{ sign: 'bogus' }] }, ['bogus']],
  ])('%s', (_, tells, expected) => {
    expect(answerWeigh(knowledge, tells).notUnderstood).toEqual(expected);
  });

  test.each([
    ['a negative count', { signs: [{ sign: 'clusters', amount: -2 }] }, /signs\[0\]\.amount: must be at least 0/],
    [
      'a sign both seen and absent',
      { signs: [{ sign: 'honeydew' }, { sign: 'honeydew', state: 'absent' }] },
      /signs: "Sticky leaves" is said to be both/,
    ],
    ['a month of 13', { month: 13 }, /month: must be at most 12/],
    ['a field that does not exist', { plnt: 'rose' }, /plnt: is not a field/],
    ['an item with neither words nor id', { signs: [{}] }, /signs\[0\]: needs either/],
    ['not an object', 'leaves', /body: must be an object/],
  ])('%s is refused by name', (_, tells, message) => {
    expect(() => answerWeigh(knowledge, tells)).toThrow(message);
  });

  test('every sign there is, all at once, is weighed without falling over', () => {
    const answer = answerWeigh(knowledge, {
      signs: knowledge.signs.filter(({ id }) => id !== 'ph-low').map(({ id }) => ({ sign: id })),
    });
    expect(answer.method).toBe('sampled');
    expect(answer.causes.length).toBeGreaterThan(5);
  });
});
