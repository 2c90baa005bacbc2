import type { CountedOn } from '@trowel/core/tables';

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
export const howMany: Record<CountedOn, string> = {
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
  none: 'One mix for all places.',
} as const;
