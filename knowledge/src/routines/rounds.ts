/** Rounds and series: helpers over many beds, sprays in stages, the weekly walk. */
import type { RoutineRow } from '@trowel/core/tables';
import { lookFor, work } from './build';

export const roundsRoutines: readonly RoutineRow[] = [
  {
    id: 'helpers-over-beds',
    name: 'Nematodes over many beds',
    plain: 'Soaked out of their carrier in shade, divided into fills, watered in at dusk, kept moist for a week.',
    honest: 'In warm, moist soil against grubs of the right age they do much; dry or cold soil kills them in a day.',
    begins: { asks: 'The evening', says: 'They keep for days, and cool: order them for that week.' },
    settings: ['bed', 'lawn', 'pot', 'greenhouse'],
    ways: {
      asks: 'Against',
      of: [
        { id: 'grubs', name: 'Grubs', why: 'chafers and vine weevil', parts: {} },
        { id: 'slugs', name: 'Slugs', why: 'young ones, in the soil', parts: { pour: { remedy: 'slug-nematodes' } } },
        { id: 'gnats', name: 'Gnat maggots', why: 'in pots and trays', parts: { pour: { remedy: 'gnat-nematodes' } } },
        {
          id: 'caterpillars',
          name: 'Cutworm, crane fly',
          why: 'while they are small',
          parts: { pour: { remedy: 'caterpillar-nematodes' } },
        },
      ],
    },
    parts: [
      {
        id: 'ready',
        name: 'made ready',
        starts: { days: -2 },
        steps: work(
          'Let water stand two days without a lid, or fill rain water; take the fine sieve out of the can',
          'chlorine kills them, and a sieve holds them back',
          10,
          1,
        ),
      },
      { id: 'pour', name: 'the pour', remedy: 'grub-nematodes', starts: { days: 0 } },
      {
        id: 'rest',
        name: 'what is left',
        starts: { after: 'pour', days: 0 },
        steps: work(
          'Go over the worst bed once more with the rest, and dig the carrier in there',
          'what is left is dead tomorrow',
          10,
          0,
        ),
      },
      {
        id: 'moist',
        name: 'kept moist',
        starts: { after: 'pour', days: 1 },
        everyDays: 1,
        forDays: 6,
        steps: [
          lookFor(
            'moisture',
            'Feel the soil a finger deep; water where it is dry',
            'they swim, and die where it dries',
            [0, 0],
          ),
        ],
      },
    ],
    source: 'trials',
    grade: 'guideline',
  },
  {
    id: 'spray-series',
    name: 'A series of different sprays',
    plain:
      'Adults first and quick, the young some days later, moulting last; each alone, each by its own gap and label.',
    honest: 'Worth it where one spray meets one stage only. Judge the new flush: old leaves stay marked.',
    begins: { asks: 'First evening', says: 'Only as much is mixed each evening as goes on that evening.' },
    ways: {
      asks: 'Begin with',
      of: [
        { id: 'gentle', name: 'Soap', why: 'it meets what it wets, and leaves nothing behind', parts: {} },
        {
          id: 'quick',
          name: 'Pyrethrin',
          why: 'quick on flying adults; it meets helpers too, and fish',
          parts: { adults: { remedy: 'pyrethrin' } },
        },
      ],
    },
    parts: [
      { id: 'adults', once: true, name: 'adults', remedy: 'soap-spray', starts: { days: 0 } },
      { id: 'young', once: true, name: 'the young', remedy: 'oil-spray', starts: { after: 'adults', days: 5 } },
      { id: 'moulting', once: true, name: 'moulting', remedy: 'neem-seed', starts: { after: 'young', days: 7 } },
      {
        id: 'seaweed',
        once: true,
        name: 'help to grow on',
        remedy: 'seaweed-feed',
        starts: { after: 'moulting', days: 7 },
        isOptional: true,
      },
      {
        id: 'flush',
        name: 'the new flush',
        starts: { after: 'moulting', days: 14 },
        steps: work('Look at the new flush only: clean, or marked again?', 'old leaves do not heal', 10, 7),
      },
    ],
    source: 'growers',
    grade: 'practice',
  },
  {
    id: 'weekly-round',
    name: 'Ready ahead of trouble',
    plain: 'A round each week, and what stands ready before it is needed: covers, sprayers, soft water, cards.',
    honest: 'What is found small is mended small. Ten minutes a week find most of it.',
    begins: { asks: 'From', says: 'The picture of each week shows what to look for on what grows here.' },
    ends: { asks: 'Until', days: 180 },
    isAnywhere: true,
    parts: [
      {
        id: 'covers',
        name: 'covers',
        starts: { days: 0 },
        isOptional: true,
        steps: work('Bring covers and nets out and mend them', 'they keep out what has not flown yet', 20, 7),
      },
      {
        id: 'sprayers',
        name: 'sprayers',
        starts: { days: 0 },
        isOptional: true,
        steps: work(
          'Wash the sprayers and label them: one for soap, one for what is alive',
          'what is left in one kills what goes in next',
          20,
          7,
        ),
      },
      {
        id: 'water',
        name: 'soft water',
        starts: { days: 1 },
        isOptional: true,
        steps: work(
          'Fill a can with rain water and keep it covered',
          'soap works in soft water; an open can breeds gnats',
          5,
          7,
        ),
      },
      {
        id: 'cards',
        name: 'sticky cards',
        starts: { days: 1 },
        isOptional: true,
        steps: work('Hang sticky cards up, with the day on them', 'they tell when flying begins', 10, 7),
      },
      {
        id: 'round',
        name: 'the round',
        starts: { days: 2 },
        everyDays: 7,
        steps: work(
          'Walk round: undersides, tips, soil, cards; open a case where something is new',
          'a week earlier is half the work',
          15,
          3,
        ),
      },
    ],
    source: 'growers',
    grade: 'practice',
  },
];
