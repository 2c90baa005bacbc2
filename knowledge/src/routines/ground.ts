/** Work on the ground through a season: clippings, weeds, worms, too little compost. */
import type { RoutineRow } from '@trowel/core/tables';
import { step } from '../remedies/build';
import { windows } from '../remedies/windows';
import { lookFor, work } from './build';

const chips = { of: 'chips', cm: 10 } as const;
const compostThin = { of: 'compost', cm: 2 } as const;

/** A square of the pour, and the worms of it counted. */
const pourSquares = [
  step(
    'clear',
    'before',
    'Clear leaves from squares of {30 × 30 cm}, side by side',
    'the pour must reach the soil',
    [0, 1],
    10,
  ),
  step(
    'pour',
    'apply',
    'Shake the can; pour half, wait five minutes, pour half; bag what comes up, rinse good worms and put them back',
    'it stings their skin, and they come up',
    [0, 1],
    20,
    windows.daylight,
    'clear',
  ),
  {
    ...step(
      'count',
      'look',
      'Count the jumping worms of each square',
      'the count says whether it spreads',
      [0, 0],
      5,
      windows.any,
      'pour',
    ),
    asks: 'count' as const,
  },
];

export const groundRoutines: readonly RoutineRow[] = [
  {
    id: 'clippings-worms',
    name: 'Clippings to bring worms',
    plain: 'A thin layer at each mowing on loosened, watered soil, kept moist, until worms have come.',
    honest: 'Where soil life is near, worms come within weeks to a season. Dry, thick or sprayed clippings bring none.',
    begins: { asks: 'Next mowing', says: 'Only from a lawn that was not treated this season, before it sets seed.' },
    ends: { asks: 'Last mowing', days: 90 },
    settings: ['bed', 'tree', 'greenhouse'],
    ways: {
      asks: 'Slugs here',
      of: [
        { id: 'few', name: 'Few', why: 'a layer of {2.5 cm}', parts: {} },
        { id: 'many', name: 'Many', why: 'only {1 cm}: they shelter under more', parts: { layer: { cm: 1 } } },
      ],
    },
    parts: [
      {
        id: 'before',
        name: 'worms before',
        starts: { days: 0 },
        counts: { what: 'worms in a spade’s cube', sign: 'few-worms', each: 'square' },
        steps: [
          {
            ...step(
              'count',
              'before',
              'Dig out a spade’s cube and count its worms',
              'without it nobody can say whether they came',
              [0, 1],
              10,
            ),
            asks: 'count',
          },
        ],
      },
      {
        id: 'layer',
        name: 'the layer',
        remedy: 'clippings-mulch',
        starts: { days: 0 },
        everyDays: 7,
        steps: [
          step(
            'loosen',
            'before',
            'Loosen the top {5 cm} with a fork, without turning it, and water',
            'dry clippings on dry soil keep rain out',
            [0, 1],
            10,
          ),
          {
            ...step(
              'spread',
              'apply',
              'Spread the clippings evenly, {5 cm} off the stems, and water',
              'thicker they mat, heat and sour',
              [0, 1],
              15,
              windows.daylight,
              'loosen',
            ),
            layer: { of: 'fresh-clippings', cm: 2.5 },
          },
        ],
      },
      {
        id: 'moist',
        name: 'moisture',
        starts: { after: 'layer', days: 1 },
        everyDays: 1,
        forDays: 6,
        steps: [
          lookFor(
            'moisture',
            'Squeeze a handful from under the layer',
            'it should be moist like a wrung-out cloth',
            [0, 0],
          ),
        ],
      },
      {
        id: 'threads',
        name: 'threads',
        starts: { after: 'layer', days: 4 },
        steps: [
          lookFor('threads', 'Lift the layer: white threads and an earthy smell?', 'that is it being eaten', [0, 3]),
        ],
      },
      {
        id: 'tunnels',
        name: 'tunnels',
        starts: { after: 'layer', days: 10 },
        steps: [lookFor('tunnels', 'Look for tunnels and casts under the layer', 'that is the worms', [0, 3])],
      },
      {
        id: 'after',
        name: 'worms next season',
        starts: { days: 330 },
        isOptional: true,
        counts: { what: 'worms in a spade’s cube', sign: 'few-worms', each: 'square' },
        steps: [
          {
            ...step(
              'count',
              'before',
              'Dig out a spade’s cube where you did last year and count its worms',
              'more worms is what it was for',
              [0, 20],
              10,
            ),
            asks: 'count',
          },
        ],
      },
    ],
    source: 'growers',
    grade: 'practice',
  },
  {
    id: 'lift-and-cover',
    name: 'Weeds lifted and covered',
    plain:
      'Lifted by the kind of their root, covered within the day, what invited them mended, read again next season.',
    honest: 'Most weeds are gone in a season; bindweed and couch need two, and the edges watched.',
    begins: { asks: 'On', says: 'Card, chips and barrow stand ready: what lies bare is sown by the wind.' },
    settings: ['bed', 'tree', 'greenhouse'],
    ways: {
      asks: 'Most of them have',
      of: [
        { id: 'tap', name: 'Tap roots', why: 'dandelion, dock: whole, from moist soil', parts: {} },
        {
          id: 'runners',
          name: 'Runners',
          why: 'couch, bindweed: forked, no piece left',
          parts: { lift: { remedy: 'fork-runners' } },
        },
        {
          id: 'annuals',
          name: 'Fine roots',
          why: 'chickweed, groundsel: hoed before they seed',
          parts: { lift: { remedy: 'hoe-annuals' } },
        },
      ],
    },
    parts: [
      {
        id: 'lift',
        name: 'lifting',
        remedy: 'lift-tap-roots',
        starts: { days: 0 },
        steps: [
          step(
            'lift',
            'apply',
            'Lift them by their root, shake the soil off, leave no piece',
            'a piece grows again',
            [0, 2],
            60,
            windows.dryWork,
          ),
        ],
      },
      {
        id: 'cover',
        name: 'the cover',
        remedy: 'smother-sheet',
        starts: { after: 'lift', days: 0 },
        steps: [
          {
            ...step(
              'lay',
              'apply',
              'Water, lay the card in rows, overlapping {15 cm} both ways, wet it, cover it',
              'without card the weeds come through the chips',
              [0, 1],
              60,
              windows.daylight,
            ),
            layer: chips,
            sheets: true,
          },
          lookFor(
            'shoots',
            'Look along the edges and joints for shoots',
            'that is where they come out',
            [50, 60],
            'lay',
          ),
        ],
      },
      {
        id: 'mend',
        name: 'what invited them',
        starts: { after: 'cover', days: 7 },
        steps: work('Mend what invited them, as the reading of the bed says', 'else the same kinds come back', 20, 21),
      },
      {
        id: 'read-again',
        name: 'read again',
        starts: { days: 330 },
        steps: work('Read the weeds of this bed again', 'what comes now says whether the ground has changed', 15, 30),
      },
    ],
    source: 'growers',
    grade: 'practice',
  },
  {
    id: 'worm-pours',
    name: 'Jumping worms, thinned',
    plain: 'Squares side by side over the infested part, again after five days, then monthly while worms are grown.',
    honest:
      'It samples and thins. Cocoons stay, so each round catches what has hatched since; nothing is known to clear them.',
    begins: { asks: 'From', says: 'Grown ones are about from late summer to the first frost.' },
    ends: { asks: 'First frost', days: 100 },
    settings: ['bed', 'lawn', 'tree', 'greenhouse'],
    parts: [
      { id: 'report', name: 'the report', remedy: 'report-it', starts: { days: 0 }, isOptional: true },
      { id: 'first', name: 'the first pour', remedy: 'mustard-pour', starts: { days: 0 }, steps: pourSquares },
      {
        id: 'clean',
        name: 'clean tools',
        starts: { after: 'first', days: 0 },
        steps: work(
          'Wash boots, tools and pots; from here no soil, plants or compost leave',
          'cocoons travel in a crumb of soil',
          15,
          1,
        ),
      },
      {
        id: 'second',
        name: 'five days on',
        remedy: 'mustard-pour',
        starts: { after: 'first', days: 5 },
        steps: pourSquares,
      },
      {
        id: 'monthly',
        name: 'each month',
        remedy: 'mustard-pour',
        starts: { after: 'second', days: 30 },
        everyDays: 30,
        steps: pourSquares,
      },
      {
        id: 'pots',
        name: 'new plants',
        starts: { days: 7 },
        isOptional: true,
        steps: work(
          'Wash the roots of new plants bare, or pour their pots; ask who sold them; raise your own in bark mix without soil',
          'that is how they come',
          20,
          14,
        ),
      },
    ],
    source: 'extension',
    grade: 'practice',
  },
  {
    id: 'share-compost',
    name: 'Too little compost, shared out',
    plain:
      'What there is goes thinly on the beds worth it; healthy beds skip a year; poor ones grow what lives on little.',
    honest:
      'A thin layer on a hungry bed does more than a thick one on a good bed. Poor beds gain slowly, by cover and roots.',
    begins: { asks: 'On', says: 'In autumn, or when the beds are planted.' },
    ends: { asks: 'Until', days: 150 },
    settings: ['bed', 'greenhouse', 'tree', 'pot'],
    groups: [
      { id: 'gets', name: 'Gets compost', says: 'a thin layer on top, for hungry crops' },
      { id: 'little', name: 'Lives on little', says: 'peas, beans, leaves and roots, with cover and weak feeds' },
      { id: 'skips', name: 'Skips a year', says: 'it is well: nothing this year' },
    ],
    parts: [
      {
        id: 'compost',
        name: 'the compost',
        group: 'gets',
        remedy: 'compost-mulch',
        starts: { days: 0 },
        steps: [
          {
            ...step(
              'spread',
              'apply',
              'Spread it thinly on top, off the stems, and leave it there',
              'worms take it in; digging undoes what they build',
              [0, 10],
              30,
            ),
            layer: compostThin,
          },
        ],
      },
      {
        id: 'sow',
        name: 'what lives on little',
        group: 'little',
        starts: { days: 0 },
        steps: work(
          'Sow peas, beans, leaves or roots that live on little',
          'they take less, and beans leave some behind',
          30,
          21,
        ),
      },
      {
        id: 'feed',
        name: 'a weak feed',
        group: 'little',
        remedy: 'weed-brew-feed',
        starts: { days: 30 },
        everyDays: 14,
        isOptional: true,
      },
      {
        id: 'chop',
        name: 'chop and drop',
        group: 'little',
        starts: { days: 21 },
        everyDays: 30,
        isOptional: true,
        steps: work(
          'Cut comfrey or spent leaves without disease or seed, and lay them round established plants',
          'it feeds and covers for nothing',
          20,
          7,
        ),
      },
      {
        id: 'scraps',
        name: 'scraps in a hole',
        group: 'little',
        remedy: 'buried-scraps',
        starts: { days: 7 },
        isOptional: true,
      },
      {
        id: 'look',
        name: 'how it does without',
        group: 'skips',
        starts: { days: 120 },
        steps: work(
          'Look how this bed did without, and read its ground again',
          'a bed that flags gets its share next year',
          10,
          21,
        ),
      },
    ],
    source: 'growers',
    grade: 'practice',
  },
];
