import type { degreeDays, doubling } from '../../mix/bench/growth';
import type { ToolWords } from './words';

export const degreeDaysWords: ToolWords<typeof degreeDays> = {
  of: 'degree-days',
  name: 'Warmth in degree-days',
  plain: 'When eggs hatch and moths fly goes by warmth, not by the calendar.',
  fields: {
    low: 'Coldest of the day',
    high: 'Warmest of the day',
    base: { label: 'Counted from', hint: 'Below it nothing grows: for most insects about {10 °C}.' },
    days: 'Days like this',
    waits: {
      label: 'Waiting for',
      options: {
        own: 'my own figure',
        'codling-eggs': 'codling moth eggs, from the first moths',
        'vine-borer': 'squash vine borer, from New Year',
      },
    },
    target: 'Wanted',
    sofar: 'So far',
  },
  results: {
    sum: 'Degree-days by then',
    day: 'A day like this adds',
    wanted: 'Wanted',
    left: ['Reached in', '{value:day|days}'],
    scale: 'Counted in',
  },
  says: {
    'high-below-low': ['The warmest, {high}, is below the coldest, {low}.', 'Turn them round.'],
    'stands-still': 'Nothing adds up on days that stay under {base}.',
    'own-thermometer': 'Go by a thermometer in the shade where the plants stand.',
  },
  working: {
    mean: ['A day', '({low} + {high}) ÷ 2 − {base}', '{day}'],
    sine: ['A day, by a sine through {low} and {high}', 'only what is above {base}', '{day}'],
    sum: ['By then', '{sofar} + {day} × {days}', '{sum}'],
  },
  is: { c: 'Celsius degree-days', f: 'Fahrenheit degree-days' },
};

export const doublingWords: ToolWords<typeof doubling> = {
  of: 'doubling',
  name: 'How fast they double',
  plain: 'From two counts of the same leaves: how long you may wait.',
  fields: {
    first: 'Counted first',
    later: 'Counted then',
    days: 'Days between',
    threshold: { label: 'Too many from', hint: 'Where you would act.' },
  },
  results: {
    doubles: ['They double in', '{value:day|days}'],
    halves: ['They halve in', '{value:day|days}'],
    'a-day': ['Change a day', '{value} %'],
    'next-week': 'In a week there would be',
    until: ['Too many in', '{value:day|days}'],
  },
  says: {
    level: 'Neither more nor fewer: count again in some days.',
    'too-few': ['So few may double by chance.', 'Count more leaves, the same ones each time.'],
    'past-it': 'They are past that already.',
    'under-it': 'They are under that, and falling.',
  },
  working: {
    rate: ['Growth a day', 'ln({later} ÷ {first}) ÷ {days}', '{rate}'],
    span: ['Time to double or halve', 'ln 2 ÷ {rate}', '{span} days'],
  },
  curve: { across: 'Days from the second count', up: 'How many' },
};
