/** What a step wants to hear before it counts as done. */
export const stepAsks = ['count', 'test-look', 'cards'] as const;
export type StepAsk = (typeof stepAsks)[number];

/** What may be answered; `could-not` is always an answer. */
export const stepResults = {
  count: ['counted', 'could-not'],
  'test-look': ['unharmed', 'harmed', 'could-not'],
  cards: ['to-sugar', 'to-fat', 'to-both', 'to-neither', 'could-not'],
} as const satisfies Record<StepAsk, readonly string[]>;
/** Why a step is left out, where the gardener says. */
export const skipReasons = ['no-time', 'weather', 'not-needed', 'without-it', 'plant-unwell'] as const;
export type SkipReason = (typeof skipReasons)[number];
export type StepResult = (typeof stepResults)[StepAsk][number];

/** Which water a job is mixed with: the tap's, or rain from the butt. */
export const jobWaters = ['tap', 'butt'] as const;
export type JobWater = (typeof jobWaters)[number];
/** Taken where none was chosen. */
export const usualWater: JobWater = 'tap';

/** Why a job came to its end. */
export const jobEnds = ['stopped', 'case-closed', 'done'] as const;
export type JobEnd = (typeof jobEnds)[number];
