/**
 * What is told of every remedy beside what it is for: what it reaches, where it goes, how it keeps, what to
 * wear, what it costs, what it does to helpers, soil and water, and how it is got ready. What a rung or a
 * class has in common stands once; rows of their own say more. Sources: labels and extension practice.
 */
import type { Rung, RemedyFacts, RemedyRow } from '@trowel/core/tables';
import type { RemedyCore } from './build';

const spares = (
  helpers: RemedyFacts['spares']['helpers'],
  soil: RemedyFacts['spares']['soil'],
  water: RemedyFacts['spares']['water'],
): RemedyFacts['spares'] => ({ helpers, soil, water });
const keeps = (days: number, says: string, how?: RemedyFacts['keeps']['how']): RemedyFacts['keeps'] => ({
  days,
  says,
  ...(how === undefined ? {} : { how }),
});
const nothingKept = keeps(0, 'nothing is mixed', 'nothing');
const kind = spares('safe', 'safe', 'safe');
const step = (does: string, minutes: number) => ({ does, minutes });

const byRung: Readonly<Record<Rung, RemedyFacts>> = {
  leave: {
    reaches: 'time and helpers do the work',
    where: 'nothing is put on',
    keeps: nothingKept,
    wear: [],
    cost: 'nothing',
    spares: kind,
    prepare: [],
  },
  care: {
    reaches: 'what lets the trouble take hold, not the trouble itself',
    where: 'at the roots and round the plant',
    keeps: nothingKept,
    wear: [],
    cost: 'nothing',
    spares: kind,
    prepare: [],
  },
  hand: {
    reaches: 'what hands and eyes reach',
    where: 'where it is seen',
    keeps: nothingKept,
    wear: ['gloves'],
    cost: 'nothing',
    spares: kind,
    prepare: [],
  },
  helpers: {
    reaches: 'the stages its pack names',
    where: 'by the pack, among leaves or on wet soil',
    keeps: keeps(7, 'in the cold, by the date on the pack'),
    wear: ['gloves'],
    cost: 'dear',
    spares: kind,
    prepare: [step('Check the date; warm the pack to the day', 5)],
  },
  'home-made': {
    reaches: 'what it wets',
    where: 'undersides and tips, to run-off',
    keeps: keeps(1, 'a day'),
    wear: ['glasses', 'gloves'],
    cost: 'pennies',
    spares: spares('some', 'safe', 'some'),
    prepare: [step('Wash the sprayer', 3), step('Measure water, then the rest', 5)],
  },
  bought: {
    reaches: 'what its label names',
    where: 'by its label',
    keeps: keeps(0, 'mix only what is used that evening', 'one-go'),
    wear: ['gloves', 'glasses'],
    cost: 'some',
    spares: spares('some', 'safe', 'some'),
    prepare: [step('Read the label: plant, rate, wait', 5), step('Measure into part of the water, then fill up', 5)],
  },
  professional: {
    reaches: 'what is beyond home means',
    where: 'somebody comes, or you send it',
    keeps: nothingKept,
    wear: [],
    cost: 'some',
    spares: kind,
    prepare: [],
  },
};

type Part = Partial<RemedyFacts>;

/** The first class of a remedy that stands here counts. */
const byClass: readonly (readonly [name: string, facts: Part])[] = [
  [
    'soap',
    {
      reaches: 'moving, soft bodies that are wetted; not eggs, pupae or what is rolled up',
      wear: ['glasses'],
      spares: spares('some', 'safe', 'harm'),
      prepare: [step('Wash the sprayer', 3), step('Fetch soft water: rain, or boiled and cooled', 5)],
    },
  ],
  [
    'bleach',
    {
      keeps: keeps(1, 'a day; fresh each time'),
      wear: ['gloves', 'glasses'],
      spares: spares('harm', 'harm', 'harm'),
      where: 'tools and empty pots',
      prepare: [step('Scrub the soil off', 5), step('Bleach into water, outdoors', 2)],
    },
  ],
  [
    'bait',
    {
      reaches: 'the nest, through those that carry it home',
      where: 'closed stations beside the trail',
      keeps: keeps(14, 'one to two weeks in the fridge, labelled and locked away; cloudy or mouldy, make it new'),
      wear: ['gloves'],
      spares: spares('some', 'some', 'some'),
      prepare: [step('Make closed stations: lids with holes of {3–4 mm}', 10)],
    },
  ],
  [
    'peroxide',
    {
      reaches: 'what it wets, for minutes',
      keeps: keeps(0, 'at once; an opened bottle weakens in months'),
      wear: ['gloves', 'glasses'],
      spares: spares('harm', 'harm', 'some'),
      prepare: [step('Try a drop on cut potato: it must fizz', 1)],
    },
  ],
  ['insecticide', { spares: spares('harm', 'safe', 'harm'), wear: ['gloves', 'glasses', 'long sleeves'] }],
  [
    'broad',
    {
      reaches: 'adults and young that are wetted, friend and foe',
      spares: spares('harm', 'safe', 'harm'),
      wear: ['gloves', 'glasses', 'long sleeves'],
    },
  ],
  [
    'copper',
    {
      reaches: 'spores that land after it, not what is in the leaf',
      spares: spares('some', 'harm', 'harm'),
      wear: ['gloves', 'goggles', 'long sleeves'],
    },
  ],
  [
    'sulphur',
    {
      reaches: 'mildew threads and tiny mites',
      spares: spares('some', 'safe', 'some'),
      wear: ['gloves', 'goggles', 'mask'],
    },
  ],
  [
    'oil',
    {
      reaches: 'eggs, scale and mites that are covered',
      spares: spares('some', 'safe', 'harm'),
      wear: ['gloves', 'glasses'],
      prepare: [step('Wash the sprayer', 3)],
    },
  ],
  [
    'starch-brew',
    {
      keeps: keeps(1, 'at the peak of its foam, a day'),
      wear: ['gloves'],
      where: 'moist bare soil',
      reaches: 'soil life, perhaps',
      spares: kind,
      prepare: [
        step('Boil a potato in {1 L} of water', 30),
        step('Hang leaf mould in a cloth into chlorine-free water, add the broth', 10),
        step('One to three days by warmth, until it foams', 2),
      ],
    },
  ],
  [
    'ferment',
    {
      keeps: keeps(180, 'months, lid loose; stronger as it ages'),
      wear: ['gloves'],
      where: 'moist soil, off the leaves',
      reaches: 'roots, as a thin feed',
      spares: spares('safe', 'safe', 'some'),
      prepare: [
        step('Drown weeds in rain water, weigh them down', 20),
        step('Stir every few days, lid loose', 2),
        step('Strain', 5),
      ],
    },
  ],
  [
    'neem',
    {
      reaches: 'young that feed and moult; hardly adults, not eggs',
      keeps: keeps(2, 'two days after straining'),
      spares: spares('some', 'safe', 'harm'),
      prepare: [
        step('Steep a handful of sprigs to {1 L} in shade, lid loose', 5),
        step('Stir daily for two to three days', 1),
        step('Strain', 5),
      ],
    },
  ],
  [
    'acid',
    {
      reaches: 'leaves and roots, thinly',
      keeps: keeps(120, '3–6 months cold and dark; out with film or bad smell'),
      wear: ['glasses'],
      spares: kind,
      prepare: [
        step('Rinse, dry and toast shells at {200 °C} at most', 30),
        step('Vinegar on slowly, cloth on the jar', 10),
        step('Strain when the fizz has ended', 5),
      ],
    },
  ],
  [
    'milk',
    {
      reaches: 'spores on the leaf, before they take',
      keeps: keeps(0, 'the same day'),
      wear: [],
      spares: kind,
      prepare: [step('Milk, then water; strain', 3)],
    },
  ],
  [
    'bicarbonate',
    {
      reaches: 'young mildew spots on the surface',
      keeps: keeps(0, 'the same day'),
      wear: ['glasses'],
      spares: spares('safe', 'some', 'safe'),
      prepare: [step('Dissolve in lukewarm water', 3), step('A drop of soap last', 1)],
    },
  ],
  [
    'mustard',
    {
      reaches: 'worms in the top soil; not cocoons',
      where: 'marked squares of soil',
      keeps: keeps(0, 'at once'),
      wear: ['goggles', 'gloves'],
      spares: spares('some', 'some', 'harm'),
      prepare: [step('Stir mustard into water', 5), step('Clear leaves, mark squares', 10)],
    },
  ],
  [
    'dust',
    {
      reaches: 'crawlers that cross it while it is dry',
      where: 'a thin line on soil or stems',
      keeps: keeps(1000, 'for years, dry'),
      wear: ['mask', 'goggles'],
      spares: spares('some', 'safe', 'safe'),
      prepare: [],
    },
  ],
  [
    'pellets',
    {
      reaches: 'slugs that feed',
      where: 'thinly strewn, at dusk',
      keeps: keeps(700, 'for years, dry and locked'),
      spares: kind,
      prepare: [],
    },
  ],
  [
    'living',
    {
      keeps: keeps(7, 'in the cold, by the date on the pack; mixed, one evening'),
      spares: kind,
      prepare: [
        step('Check the date; warm the pack to the day', 5),
        step('Chlorine-free water; a sprayer that never held soap', 5),
      ],
    },
  ],
  [
    'foliar-feed',
    {
      reaches: 'new leaves',
      where: 'leaves on a dull evening',
      keeps: keeps(0, 'at once'),
      spares: spares('safe', 'safe', 'some'),
      prepare: [step('Dissolve in lukewarm water until it is clear', 5)],
    },
  ],
  [
    'feed',
    {
      reaches: 'roots, and from there new growth',
      where: 'moist soil',
      keeps: keeps(0, 'at once'),
      cost: 'pennies',
      spares: spares('safe', 'safe', 'some'),
      prepare: [step('Water first if the soil is dry', 5), step('Stir the feed into the water', 3)],
    },
  ],
  [
    'lime',
    {
      reaches: 'the soil’s pH, in months',
      where: 'raked into the top soil',
      wear: ['mask', 'goggles', 'gloves'],
      cost: 'pennies',
      spares: spares('safe', 'some', 'safe'),
    },
  ],
  [
    'weeding',
    {
      reaches: 'the roots it is meant for',
      where: 'the whole patch and its edge',
      spares: spares('safe', 'safe', 'safe'),
    },
  ],
  ['soil-building', { reaches: 'soil life and structure, over seasons', where: 'on top of the soil', cost: 'pennies' }],
  ['barrier', { reaches: 'what has not got in yet', where: 'round the plant, edges closed', cost: 'some' }],
  ['trap', { reaches: 'fliers', where: 'at leaf height', cost: 'pennies', spares: spares('some', 'safe', 'safe') }],
  [
    'alcohol',
    {
      reaches: 'what the swab touches',
      where: 'one by one',
      keeps: keeps(0, 'at once'),
      wear: ['gloves'],
      cost: 'pennies',
      prepare: [step('A swab and a cup; no flame', 1)],
    },
  ],
  ['plan', { reaches: 'next season', where: 'in the plan' }],
  ['hygiene', { reaches: 'what is carried from plant to plant', where: 'tools, pots, hands and fallen parts' }],
];

/** What a row alone has. */
const byId: Readonly<Record<string, Part>> = {
  'spare-helpers': {
    reaches: 'what the helpers eat, in one to two weeks',
    where: 'nothing is put on',
    keeps: nothingKept,
    wear: [],
    cost: 'nothing',
    prepare: [],
  },
  'castings-topdress': { reaches: 'roots and soil life, mildly', keeps: keeps(180, 'half a year, moist and airy') },
  'compost-tea-spray': {
    reaches: 'roots, as a very thin feed',
    keeps: keeps(0, 'within hours of straining', 'one-go'),
    prepare: [step('Steep finished compost in water for a day, stirring', 10), step('Strain', 5)],
  },
  'buried-scraps': { where: '{30 cm} down, beside the plant', reaches: 'soil life, deep down', cost: 'nothing' },
  'ash-soil': { keeps: keeps(1000, 'for years, bone dry') },
  'raw-shells': { keeps: keeps(1000, 'for years, dry'), wear: [] },
  'rock-phosphate': {
    keeps: keeps(1000, 'for years, dry'),
    reaches: 'roots, over years',
    wear: ['mask'],
    cost: 'some',
    spares: kind,
  },
  'slow-granules': {
    keeps: keeps(700, 'for years, dry and shut away from dogs'),
    where: 'raked into moist, warm soil',
    cost: 'some',
  },
  'sulphur-soil': {
    reaches: 'the soil’s pH, in months of warmth',
    where: 'raked into the top soil',
    keeps: keeps(1000, 'for years, dry'),
    wear: ['mask', 'goggles', 'gloves'],
  },
  'gypsum-soil': {
    reaches: 'calcium and sodium in the soil',
    where: 'raked in and watered through',
    keeps: keeps(1000, 'for years, dry'),
    wear: ['mask'],
    spares: kind,
  },
  'clean-tools': {
    reaches: 'germs and viruses on blades and pots',
    cost: 'pennies',
    prepare: [step('Scrub the soil off', 5)],
  },
  'spinosad-spray': { reaches: 'young, feeding stages that eat it' },
  'gnat-nematodes': { reaches: 'gnat larvae in the top of the mix; not flies', where: 'the moist top of the pot' },
  'grub-nematodes': { reaches: 'young grubs in wet, warm soil; hardly large ones', where: 'wet turf or pots, at dusk' },
  'slug-nematodes': { reaches: 'slugs in the soil; not snails', where: 'wet soil round the plants' },
  'caterpillar-nematodes': { reaches: 'young grubs at the surface' },
  'bti-water': { reaches: 'wrigglers; not tumblers (pupae) or flies', where: 'standing water that nobody drinks' },
  'bti-drench': { reaches: 'young gnat larvae', where: 'the moist top of the pot' },
  'milk-dip': {
    where: 'hands and blades',
    reaches: 'viruses on blades and skin',
    prepare: [step('Stir skim-milk powder into water, as much as the card says', 3)],
  },
  'soap-soak': { where: 'the whole pot, twenty minutes', reaches: 'ants and root aphids in the pot' },
  'skim-milk-leaf': {
    reaches: 'young fruit and leaves, thinly',
    prepare: [step('Stir the powder into lukewarm water; strain', 5)],
  },
  'pepper-spray': {
    wear: ['goggles', 'gloves'],
    reaches: 'those that taste it',
    prepare: [
      step('Steep the powder overnight in part of the water', 5),
      step('Strain through cloth', 5),
      step('Fill up, soap last', 3),
    ],
  },
  'garlic-spray': { prepare: [step('Crush, steep a night, strain', 10), step('Fill up, soap last', 3)] },
  'bt-spray': {
    reaches: 'small caterpillars that eat it; not large ones, beetles or sawflies',
    cost: 'some',
    prepare: [step('Chlorine-free water; a sprayer that never held soap', 5), step('Stir the powder in', 3)],
  },
  granulovirus: {
    reaches: 'codling grubs that eat it before they bore in; nothing else',
    keeps: keeps(0, 'mix only what is used that evening', 'one-go'),
    spares: kind,
    cost: 'dear',
    prepare: [step('Shake the bottle from the fridge, measure into water', 5)],
  },
  'kaolin-film': {
    reaches: 'what lands, feeds or lays on the film; helpers as well, a little',
    where: 'an even white film on leaves and fruit',
    keeps: keeps(0, 'mix only what is used that evening', 'one-go'),
    spares: spares('some', 'safe', 'safe'),
    wear: ['mask', 'gloves'],
    cost: 'some',
    prepare: [step('Stir the powder into a little water, then fill up and strain', 10)],
  },
  'iron-leaf': {
    reaches: 'leaves that are wetted, and no others',
    where: 'new leaves, both sides',
    keeps: keeps(0, 'mix only what is used that evening: it rusts', 'one-go'),
    spares: spares('safe', 'safe', 'some'),
    wear: ['gloves'],
    prepare: [step('Dissolve it in rain water', 5)],
  },
  'side-dress': {
    where: 'a hand from the stems, raked in',
    keeps: keeps(1000, 'for years, dry and shut away'),
    spares: spares('safe', 'some', 'some'),
    cost: 'pennies',
  },
  'compost-mulch': { wear: ['gloves'] },
  'rock-dust': { wear: ['mask', 'goggles'], cost: 'some' },
  'neem-seed': {
    reaches: 'young that moult; hardly adults, not eggs',
    keeps: keeps(0, 'mix only what is used that evening', 'one-go'),
    prepare: [step('Read the label: plant, rate, wait', 5)],
    cost: 'some',
    wear: ['gloves', 'glasses'],
  },
  'seaweed-feed': { cost: 'some' },
  'predatory-mites': { reaches: 'eggs and moving mites' },
  'whitefly-wasps': { reaches: 'scales, which soap cannot reach' },
  'calcium-apple': { reaches: 'the fruit it wets', where: 'on the fruit, all round', cost: 'some' },
  'phosphate-by-test': { reaches: 'roots near it', where: 'raked in where roots are', keeps: nothingKept, prepare: [] },
  'pheromone-trap': {
    reaches: 'male moths',
    where: 'at head height in the tree',
    keeps: nothingKept,
    spares: kind,
    prepare: [],
    wear: [],
  },
  'box-traps': { cost: 'pennies' },
  'rain-roof': { cost: 'some', where: 'over the plant' },
  windbreak: { cost: 'some', where: 'on the windward side' },
  overseed: { cost: 'pennies', where: 'on raked, bare patches' },
  'keep-out-airborne': { cost: 'some', where: 'over vents and doors' },
  ventilate: { where: 'vents, doors, between plants' },
  'morning-water': { reaches: 'diseases that need wet leaves' },
  'damp-down': { where: 'on floor and staging', reaches: 'the air' },
  'move-lamp': { where: 'at the lamp' },
  solarise: { reaches: 'the top hand’s breadth of soil', cost: 'pennies', spares: spares('some', 'harm', 'safe') },
};

/** A row with its facts: its rung’s, then its class’s, then its own. */
export function withFacts(row: RemedyCore): RemedyRow {
  const ofClass = byClass.find(([name]) => row.classes.includes(name))?.[1] ?? {};
  // What is poured at the roots never goes on leaves, whatever its class usually does.
  const poured: Part = row.classes.includes('drench') ? { where: 'moist soil, at the roots' } : {};
  return { ...row, facts: { ...byRung[row.rung], ...ofClass, ...poured, ...byId[row.id] } };
}
