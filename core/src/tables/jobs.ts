import type { SceneFact } from './safety';

/** What a step wants to hear before it counts as done. */
export const stepAsks = [
  'count',
  'test-look',
  'cards',
  'moisture',
  'threads',
  'tunnels',
  'seedlings',
  'leaf-tips',
  'acidity',
  'shoots',
] as const;
export type StepAsk = (typeof stepAsks)[number];

/** What may be answered; `could-not` is always an answer. */
export const stepResults = {
  count: ['counted', 'could-not'],
  'test-look': ['unharmed', 'harmed', 'could-not'],
  cards: ['to-sugar', 'to-fat', 'to-both', 'to-neither', 'could-not'],
  moisture: ['moist', 'dry', 'slimy', 'could-not'],
  threads: ['threads', 'no-threads', 'could-not'],
  tunnels: ['tunnels', 'no-tunnels', 'could-not'],
  seedlings: ['thriving', 'pale', 'overfed', 'could-not'],
  'leaf-tips': ['unburnt', 'burnt', 'could-not'],
  acidity: ['sour', 'hardly-sour', 'not-sour', 'could-not'],
  shoots: ['no-shoots', 'shoots', 'could-not'],
} as const satisfies Record<StepAsk, readonly string[]>;
/** Why a step is left out, where the gardener says. */
export const skipReasons = ['no-time', 'weather', 'not-needed', 'without-it', 'plant-unwell'] as const;
export type SkipReason = (typeof skipReasons)[number];
export type StepResult = (typeof stepResults)[StepAsk][number];
/** Found, nothing more is put on. */
const halting: readonly string[] = ['harmed', 'burnt', 'not-sour'] satisfies StepResult[];
/** Does that end the putting on? */
export const halts = (result: string | null | undefined): boolean => result != null && halting.includes(result);

/** Which water a job is mixed with: the tap's, or rain from the butt. */
export const jobWaters = ['tap', 'butt'] as const;
export type JobWater = (typeof jobWaters)[number];
/** What the tap's water was made safe with. */
export const tapTreatments = ['unknown', 'none', 'chlorine', 'chloramine'] as const;
export type TapTreatment = (typeof tapTreatments)[number];
/** What is true of a mix by the water that is in it. */
export const waterFacts = (water: JobWater, treatment: TapTreatment | undefined): SceneFact[] =>
  water !== 'tap'
    ? []
    : treatment === 'chlorine'
      ? ['chlorinated-water']
      : treatment === 'chloramine'
        ? ['chloramine-water']
        : [];

/** Taken where none was chosen. */
export const usualWater: JobWater = 'tap';

/** Why a job came to its end. */
export const jobEnds = ['stopped', 'case-closed', 'done'] as const;
export type JobEnd = (typeof jobEnds)[number];
