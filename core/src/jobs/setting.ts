import type { JobWater } from '../tables';

/** How a job is to be done from now on; what is null is as the remedy, the brew or the garden has it. */
export interface JobSetting {
  /** In the recipe's own unit. */
  readonly strength: number | null;
  /** Ready mix for one round, in all places together. */
  readonly volumeMl: number | null;
  readonly water: JobWater | null;
  readonly vesselId: string | null;
  /** The brew it is drawn from. */
  readonly batchId: string | null;
}
