/** Feeding that is no answer to a trouble: seedlings by the week, calcium by the season, brews kept going. */
import type { RoutineRow } from '@trowel/core/tables';
import { step } from '../remedies/build';
import { windows } from '../remedies/windows';
import { lookFor, work } from './build';

export const feedingRoutines: readonly RoutineRow[] = [
  {
    id: 'feed-seedlings',
    name: 'Feeding seedlings',
    plain:
      'A quarter of the label’s outdoor rate, from below, for every tray that is old enough; one can for all of them.',
    honest:
      'Seed reserves last about a week after sprouting, castings in the mix two to three weeks. Feed can be added later, not taken out.',
    begins: {
      asks: 'From',
      says: 'Each tray joins when its seedlings are old enough, by the day they sprouted; that stands with its bed.',
    },
    ends: { asks: 'Planted out on', days: 42 },
    settings: ['pot', 'indoors', 'greenhouse'],
    ways: {
      asks: 'How large they are',
      of: [
        {
          id: 'small',
          name: 'Small',
          why: 'seed leaves and the first true ones: every ten days',
          parts: { feed: { everyDays: 10 } },
        },
        {
          id: 'medium',
          name: 'Medium',
          why: 'three to five true leaves: every eight days',
          parts: { feed: { everyDays: 8 } },
        },
        { id: 'large', name: 'Large', why: 'filling their pots: every six days', parts: { feed: { everyDays: 6 } } },
      ],
    },
    label: { part: 'feed', share: 0.25 },
    parts: [
      {
        id: 'feed',
        name: 'the feed',
        remedy: 'dilute-feed',
        strength: 'quarter',
        starts: { days: 0 },
        everyDays: 8,
        pace: { pale: 5, overfed: 14 },
        steps: [
          step(
            'moisten',
            'before',
            'Water lightly where the mix is dry',
            'feed burns dry roots',
            [0, 1],
            3,
            windows.any,
          ),
          step(
            'feed',
            'apply',
            'Fill the trays a quarter, let them drink half an hour, pour the rest off',
            'what stands drowns roots',
            [0, 1],
            10,
            { part: 'morning' },
            'moisten',
          ),
          lookFor(
            'seedlings',
            'Look at the trays: pale from below, or dark with crisp edges?',
            'nitrogen shows within a week; scorch near the lamp is no hunger',
            [4, 5],
            'feed',
          ),
        ],
      },
      {
        id: 'flush',
        name: 'a flush',
        remedy: 'flush',
        starts: { after: 'feed', days: 0, found: ['overfed'] },
      },
      {
        id: 'harden',
        name: 'the last week',
        steps: work(
          'Feed at half of that from now on, and stand them cooler and in moving air',
          'soft, fed growth suffers outdoors',
          10,
        ),
        starts: { fromEnd: true, days: -7 },
      },
    ],
    source: 'extension',
    grade: 'guideline',
  },
  {
    id: 'calcium-season',
    name: 'A season’s calcium',
    plain: 'Shell extract on leaves one week, on the soil the next, from the first flowers to the end of fruiting.',
    honest:
      'Even water decides fruit-end rot; sprays rarely do. Thinned like this it is a few per cent of what trials sprayed, and hard tap water brings more.',
    begins: { asks: 'First flowers expected', says: 'The stock is begun two weeks earlier.' },
    ends: { asks: 'Last picking', days: 84 },
    ways: {
      asks: 'How strong',
      of: [
        { id: 'thousand', name: '1 to 1000', why: 'what most growers use', parts: {} },
        {
          id: 'five-hundred',
          name: '1 to 500',
          why: 'twice as much, still thin',
          parts: { leaf: { strength: 'strong' }, soil: { strength: 'strong' } },
        },
        {
          id: 'two-fifty',
          name: '1 to 250',
          why: 'the strongest that is used; acid burns beyond it',
          parts: { leaf: { strength: 'strongest' }, soil: { strength: 'strongest' } },
        },
      ],
    },
    parts: [
      {
        id: 'stock',
        name: 'the stock',
        begins: 'shell-extract',
        starts: { days: -14 },
        steps: work(
          'Begin the stock: dry, crushed shell in vinegar, slowly, under a loose lid',
          'it fizzes for days, and stands ready a week before it is needed',
          15,
        ),
      },
      {
        id: 'strain',
        name: 'straining the stock',
        starts: { after: 'stock', days: 6 },
        steps: work(
          'Strain the stock, label it with the day, stand it dark',
          'with film or smell it is thrown out',
          10,
          4,
        ),
      },
      {
        id: 'leaf',
        name: 'on the leaves',
        remedy: 'shell-feed',
        starts: { days: 0, needs: 'strain' },
        everyDays: 14,
        steps: [
          step(
            'spray',
            'apply',
            'Wet the newest growth and its undersides, not dripping',
            'calcium does not move from old leaves',
            [0, 2],
            15,
            windows.eveningFeed,
          ),
          {
            ...lookFor('leaf-tips', 'Look at the leaf tips', 'burnt tips end it', [3, 5], 'spray'),
            halts: ['burnt'],
          },
        ],
      },
      {
        id: 'soil',
        name: 'on the soil',
        remedy: 'shell-feed',
        starts: { after: 'leaf', days: 7 },
        everyDays: 14,
        steps: [
          step('pour', 'apply', 'Pour it at the base, on moist soil', 'roots take up what is dissolved', [0, 2], 10, {
            part: 'evening',
          }),
        ],
      },
    ],
    source: 'growers',
    grade: 'doubtful',
  },
  {
    id: 'microbe-monthly',
    name: 'A microbe brew each month',
    plain: 'Begun each month, watched for the peak of its foam, poured that day, poor beds first.',
    honest: 'Folk: no trial shows that it does what compost does not, and starch can breed germs.',
    begins: { asks: 'From', says: 'The brew is begun on that day.' },
    ends: { asks: 'Until', days: 150 },
    settings: ['bed', 'lawn', 'tree'],
    parts: [
      {
        id: 'brew',
        name: 'the brew',
        begins: 'leaf-mould',
        starts: { days: 0 },
        everyDays: 30,
        steps: work(
          'Begin the brew: boiled potato, leaf mould, rain water',
          'its foam peaks in one to three days, by warmth',
          20,
        ),
      },
      {
        id: 'pour',
        name: 'on the beds',
        remedy: 'leaf-mould-brew',
        starts: { after: 'brew', days: 2 },
        everyDays: 30,
        steps: [
          step(
            'apply',
            'apply',
            'At the peak of the foam, pour it on moist, bare soil, the poorest bed first',
            'a day later it is past it',
            [0, 1],
            20,
            windows.eveningFeed,
          ),
        ],
      },
    ],
    source: 'growers',
    grade: 'folk',
  },
  {
    id: 'weed-brew-kept',
    name: 'A weed brew kept going',
    plain: 'Poured by its age every two weeks; the next is begun so that it is ready when this one runs out.',
    honest: 'A weak feed of nitrogen and potassium, free and uneven. Where feed is short it helps; it cures nothing.',
    begins: { asks: 'From', says: 'A brew that stands is used first; else one is begun on that day.' },
    ends: { asks: 'Until', days: 120 },
    parts: [
      {
        id: 'brew',
        name: 'the brew',
        begins: 'weed',
        starts: { days: 0 },
        steps: work(
          'Begin the brew: weeds under water, a loose lid; seeds and runners drowned four weeks, bindweed and couch eight',
          'by then it is dark and stinks, which is right',
          20,
        ),
      },
      {
        id: 'pour',
        name: 'on the beds',
        remedy: 'weed-brew-feed',
        starts: { after: 'brew', days: 14 },
        everyDays: 14,
      },
    ],
    source: 'growers',
    grade: 'practice',
  },
];
