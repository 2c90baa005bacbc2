import type { CountedOn, CountUnit } from '@trowel/core/tables';

/** How often a job comes; null: once. */
export const rhythms = {
  once: { name: 'Once', days: null },
  daily: { name: 'Every day', days: 1 },
  weekly: { name: 'Every week', days: 7 },
  fortnightly: { name: 'Every two weeks', days: 14 },
  monthly: { name: 'Every month', days: 30 },
} as const satisfies Record<string, { readonly name: string; readonly days: number | null }>;

export const jobEndWords = {
  stopped: 'Stopped',
  'case-closed': 'Ended with its case',
  done: 'Done',
} as const;

/** How a sample is taken, by what one count is of. */
export const howMany: Record<CountedOn | 'area', string> = {
  area: 'Ten, chosen as you walk, not by how bad they look: for each, tap the drawn one it is most like.',
  leaf: 'Ten, chosen as you walk, not by how bad they look; turn leaves over.',
  card: 'One number for each card or trap.',
  minute: 'So many in a minute; five times, the watch beside you.',
  square: 'One number for each square; three, where it is worst.',
  whole: 'All there are, in one number.',
  dip: 'One number for each dip of the ladle; three are good.',
};

/** What is said while nobody has measured the places, by what the remedy is measured for. */
export const unmeasured = {
  m2: 'How much it takes is told once the beds are measured: on the page of each bed.',
  plant: 'How much it takes is told once the plants are counted: on the page of the bed.',
  station: 'One for each place.',
  pot: 'How much it takes is told once it is known what the pots and trays hold: on the page of the bed.',
  none: 'One mix for all places.',
} as const;

/** How a count may be told, where there is a choice. */
export const wayWords: Record<CountUnit, string> = {
  area: 'How much of each leaf',
  'yes-no': 'Only yes or no',
  number: 'How many',
};

/** One count, as it stands in the row of those made. */
export const countWords = (value: number, unit: CountUnit): string =>
  unit === 'number' ? String(value) : unit === 'area' ? `${value} %` : value === 1 ? 'yes' : 'no';
