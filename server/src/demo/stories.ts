/**
 * What happened in the demo garden. Past stories stand on the days of the year on which they would
 * happen, in the season and a half before today; open ones are picked by the season that it is now,
 * so that nobody finds greenfly on a redcurrant in midwinter.
 */
import type { CaseOutcome } from '@trowel/core/contract';
import { addDays, type IsoDate } from '@trowel/core/quantities';
import type { CountUnit, StepResult } from '@trowel/core/tables';

export type StoryEvent = { readonly day: number } & (
  | { readonly kind: 'said'; readonly line: string }
  | {
      readonly kind: 'signs';
      readonly items: readonly { readonly sign: string; readonly state: 'seen' | 'absent'; readonly amount?: number }[];
    }
  | { readonly kind: 'check'; readonly check: string; readonly answer: string }
  | { readonly kind: 'choose'; readonly remedy: string; readonly strength?: number }
  | {
      readonly kind: 'step';
      readonly remedy: string;
      readonly step: string;
      readonly outcome?: 'done' | 'skipped';
      /** What was found, where the step asks for it. */
      readonly result?: StepResult;
    }
  | {
      readonly kind: 'count';
      readonly remedy: string;
      readonly counts: readonly number[];
      /** Left out, as the remedy is looked at. */
      readonly unit?: CountUnit;
    }
  | { readonly kind: 'close'; readonly outcome: CaseOutcome }
);

export interface Story {
  readonly name: string;
  readonly bed: string;
  readonly plant?: string;
  readonly opened: IsoDate;
  readonly hour?: number;
  readonly events: readonly StoryEvent[];
}

const said = (day: number, line: string): StoryEvent => ({ day, kind: 'said', line });
const check = (day: number, name: string, answer: string): StoryEvent => ({ day, kind: 'check', check: name, answer });
const choose = (day: number, remedy: string, strength?: number): StoryEvent => ({
  day,
  kind: 'choose',
  remedy,
  ...(strength === undefined ? {} : { strength }),
});
const done = (day: number, remedy: string, ...steps: string[]): StoryEvent[] =>
  steps.map((step) => ({ day, kind: 'step', remedy, step }));
const skipped = (day: number, remedy: string, step: string): StoryEvent => ({
  day,
  kind: 'step',
  remedy,
  step,
  outcome: 'skipped',
});
const found = (day: number, remedy: string, step: string, result: StepResult): StoryEvent => ({
  day,
  kind: 'step',
  remedy,
  step,
  result,
});
/** A count: it ticks the step that asked for it. */
const count = (day: number, remedy: string, ...counts: number[]): StoryEvent => ({
  day,
  kind: 'count',
  remedy,
  counts,
});
/** The same in per cent of each leaf. */
const area = (day: number, remedy: string, ...counts: number[]): StoryEvent => ({
  day,
  kind: 'count',
  remedy,
  counts,
  unit: 'area',
});
const close = (day: number, outcome: CaseOutcome): StoryEvent => ({ day, kind: 'close', outcome });

/** The last time a day of the year came round that lies at least `atLeast` days before today. */
export function lastOn(today: IsoDate, monthAndDay: string, atLeast: number, yearsEarlier = 0): IsoDate {
  const limit = addDays(today, -atLeast);
  const thisYear = Number(limit.slice(0, 4));
  const date = `${thisYear}-${monthAndDay}`;
  const found = date <= limit ? date : `${thisYear - 1}-${monthAndDay}`;
  return yearsEarlier === 0 ? found : `${Number(found.slice(0, 4)) - yearsEarlier}-${monthAndDay}`;
}

export function pastStories(today: IsoDate): Story[] {
  return [
    {
      name: 'Beans, black tips',
      bed: 'long-bed',
      plant: 'runner-bean',
      opened: lastOn(today, '06-28', 30),
      events: [
        said(0, 'blackfly packed on the tips, sticky, ants on the stems'),
        check(0, 'turn-leaves', 'yes'),
        choose(0, 'water-jet'),
        choose(0, 'ant-bait'),
        count(0, 'water-jet', 34, 12, 51, 8, 27, 40, 3, 22, 19, 30),
        ...done(0, 'water-jet', 'jet'),
        found(0, 'ant-bait', 'cards', 'to-sugar'),
        ...done(0, 'ant-bait', 'bait'),
        ...done(3, 'water-jet', 'jet-2'),
        count(4, 'water-jet', 9, 2, 14, 0, 6, 11, 1, 4, 8, 7),
        ...done(6, 'water-jet', 'jet-3'),
        count(9, 'water-jet', 1, 0, 3, 0, 0, 2, 0, 0, 1, 0),
        close(9, 'solved'),
      ],
    },
    {
      name: 'Currants, curled',
      bed: 'long-bed',
      plant: 'redcurrant',
      opened: lastOn(today, '05-19', 60, 0),
      events: [
        said(0, 'curled tips, sticky leaves, ants on the stem'),
        check(0, 'look-at-tips', 'yes'),
        choose(0, 'soap-spray', 1),
        count(0, 'soap-spray', 22, 3, 40, 6, 18, 31, 9, 27, 2, 14),
        ...done(0, 'soap-spray', 'test-leaf'),
        found(2, 'soap-spray', 'test-look', 'unharmed'),
        ...done(2, 'soap-spray', 'spray'),
        count(4, 'soap-spray', 12, 0, 25, 3, 8, 14, 2, 19, 1, 6),
        ...done(7, 'soap-spray', 'spray-2'),
        count(8, 'soap-spray', 1, 0, 2, 0, 0, 3, 0, 1, 0, 0),
        close(8, 'solved'),
      ],
    },
    {
      name: 'Roses, white dust',
      bed: 'gate-bed',
      plant: 'rose',
      opened: lastOn(today, '07-22', 40),
      events: [
        said(0, 'white powder on the leaves that rubs off, plants close together'),
        choose(0, 'milk-spray'),
        choose(0, 'open-up'),
        count(0, 'milk-spray', 1, 1, 0, 1, 1, 1, 0, 1, 1, 1),
        ...done(0, 'open-up', 'prune'),
        ...done(1, 'milk-spray', 'prune', 'spray'),
        count(4, 'milk-spray', 1, 0, 0, 1, 1, 0, 0, 1, 0, 1),
        ...done(9, 'milk-spray', 'spray-2'),
        count(20, 'milk-spray', 1, 1, 0, 1, 0, 1, 0, 1, 1, 0),
        close(21, 'no-change'),
      ],
    },
    {
      name: 'Tomatoes, black ends',
      bed: 'lean-to',
      plant: 'tomato',
      opened: lastOn(today, '07-11', 50),
      events: [
        said(0, 'dark sunken patch at the bottom of the fruit, watering was hit and miss'),
        choose(0, 'even-watering'),
        count(0, 'even-watering', 1, 1, 0, 1, 1, 0, 1, 0, 1, 1),
        ...done(0, 'even-watering', 'pick-off', 'water'),
        ...done(1, 'even-watering', 'mulch'),
        count(16, 'even-watering', 0, 0, 0, 1, 0, 0, 0, 0, 0, 0),
        count(25, 'even-watering', 0, 0, 0, 0, 0, 0, 0, 0, 0, 0),
        close(25, 'solved'),
      ],
    },
    {
      name: 'Kale, holes',
      bed: 'kiln-bed',
      plant: 'cabbage',
      opened: lastOn(today, '08-16', 25),
      events: [
        said(0, 'holes in the leaves, green droppings, white butterflies'),
        choose(0, 'hand-pick'),
        count(0, 'hand-pick', 1, 1, 1, 0, 1, 1, 0, 1, 1, 1),
        ...done(0, 'hand-pick', 'pick'),
        ...done(4, 'hand-pick', 'pick-2'),
        count(8, 'hand-pick', 0, 0, 1, 0, 0, 0, 0, 0, 0, 0),
        count(13, 'hand-pick', 0, 0, 0, 0, 0, 0, 0, 0, 0, 0),
        close(13, 'solved'),
      ],
    },
    {
      name: 'Apple, pale leaves',
      bed: 'apple-wall',
      plant: 'apple',
      opened: lastOn(today, '06-05', 45),
      events: [
        said(0, 'yellow between the veins'),
        choose(0, 'epsom-foliar'),
        count(0, 'epsom-foliar', 1, 1, 1, 0, 1, 1, 1, 1, 0, 1),
        ...done(0, 'epsom-foliar', 'spray'),
        count(12, 'epsom-foliar', 1, 1, 1, 1, 1, 1, 0, 1, 1, 1),
        check(13, 'touch-test', 'yes'),
        said(13, 'new leaves cupped and uneven halves'),
        close(13, 'mistaken'),
      ],
    },
    {
      name: 'Trays, purple and slow',
      bed: 'lean-to',
      plant: 'seedling',
      opened: lastOn(today, '03-14', 40),
      events: [
        said(0, 'purple seedlings standing still, cold nights'),
        choose(0, 'shelter'),
        count(0, 'shelter', 1, 1, 1, 1, 0, 1, 1, 1, 1, 1),
        ...done(0, 'shelter', 'cover'),
        count(9, 'shelter', 0, 0, 1, 0, 0, 0, 0, 1, 0, 0),
        count(15, 'shelter', 0, 0, 0, 0, 0, 0, 0, 0, 0, 0),
        close(15, 'solved'),
      ],
    },
    {
      name: 'Lettuce, ragged',
      bed: 'lean-to',
      plant: 'lettuce',
      opened: lastOn(today, '10-04', 25, 0),
      events: [
        said(0, 'ragged holes and slime trails'),
        choose(0, 'hand-pick'),
        count(0, 'hand-pick', 1, 1, 0, 1, 1, 1, 1, 0, 1, 1),
        ...done(0, 'hand-pick', 'pick'),
        ...done(3, 'hand-pick', 'pick-2'),
        count(7, 'hand-pick', 1, 0, 0, 1, 0, 1, 0, 0, 1, 0),
        close(8, 'left'),
      ],
    },
    {
      name: 'Roses, greenfly and guests',
      bed: 'gate-bed',
      plant: 'rose',
      opened: lastOn(today, '06-09', 300),
      events: [
        said(0, 'greenfly on the buds, spiny crawlers with orange spots'),
        choose(0, 'watch'),
        count(0, 'watch', 14, 20, 8, 11, 16, 9, 22, 5, 12, 18),
        count(4, 'watch', 9, 12, 6, 4, 10, 3, 15, 2, 7, 8),
        count(11, 'watch', 0, 1, 0, 0, 2, 0, 1, 0, 0, 0),
        close(11, 'solved'),
      ],
    },
  ];
}

const isGrowingSeason = (today: IsoDate) => {
  const month = Number(today.slice(5, 7));
  return month >= 4 && month <= 9;
};

export function openStories(today: IsoDate): Story[] {
  const gnats: Story = {
    name: 'Pelargonium, little flies',
    bed: 'kitchen-sill',
    plant: 'pelargonium',
    opened: addDays(today, -6),
    events: [
      said(0, 'little black flies on the compost, watered every day, green film on top'),
      check(0, 'knock-out', 'no'),
      choose(0, 'let-dry'),
      count(0, 'let-dry', 14, 11),
      ...done(0, 'let-dry', 'card', 'dry'),
    ],
  };
  const ground: Story = {
    name: 'The ground of Kiln Bed',
    bed: 'kiln-bed',
    opened: addDays(today, -3),
    events: [said(0, 'plantain, knotgrass, pineapple weed')],
  };
  const mites: Story = {
    name: 'Parsley, pale dots',
    bed: 'kitchen-sill',
    plant: 'parsley',
    opened: addDays(today, -3),
    events: [
      said(0, 'fine pale dots on the leaves, radiator below'),
      check(0, 'tap-test', 'yes'),
      choose(0, 'water-jet'),
      count(0, 'water-jet', 6, 9, 4, 12, 7, 3, 8, 5, 10, 6),
      ...done(0, 'water-jet', 'jet'),
    ],
  };
  const lettuce: Story = {
    name: 'Lettuce, greenfly',
    bed: 'lean-to',
    plant: 'lettuce',
    opened: addDays(today, -2),
    events: [
      said(0, 'soft green insects in clusters under the leaves, sticky, no ants'),
      choose(0, 'soap-spray', 0.5),
      count(0, 'soap-spray', 12, 18, 9, 21, 7, 15, 30, 4, 11, 13),
      ...done(0, 'soap-spray', 'test-leaf'),
    ],
  };
  const gooseberry: Story = {
    name: 'Gooseberries, curled tips',
    bed: 'long-bed',
    plant: 'gooseberry',
    opened: addDays(today, -3),
    events: [
      said(0, 'curled tips with soft green insects packed in them, sticky, no ants'),
      choose(0, 'soap-spray', 1),
      count(0, 'soap-spray', 22, 3, 40, 6, 18, 31, 9, 27, 2, 14),
      ...done(0, 'soap-spray', 'test-leaf'),
      found(2, 'soap-spray', 'test-look', 'unharmed'),
      ...done(2, 'soap-spray', 'spray'),
    ],
  };
  const mildew: Story = {
    name: 'Sweet peas, white dust',
    bed: 'gate-bed',
    plant: 'sweet-pea',
    opened: addDays(today, -1),
    events: [
      said(0, 'white floury patches on older leaves that rub off'),
      choose(0, 'milk-spray'),
      area(0, 'milk-spray', 8, 0, 18, 0, 0, 8, 0, 0, 3, 0),
      skipped(0, 'milk-spray', 'prune'),
    ],
  };
  const berries: Story = {
    name: 'Blueberries, pale tops',
    bed: 'step-pots',
    plant: 'blueberry',
    opened: addDays(today, -1),
    events: [said(0, 'pale new leaves, watered with hard tap water')],
  };
  return isGrowingSeason(today) ? [gnats, ground, gooseberry, mildew, berries] : [gnats, ground, mites, lettuce];
}
