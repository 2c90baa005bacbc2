import type { Sourced } from './common';
import type { CauseKind } from './causes';

/** What to take along to somebody who knows more, by kind of cause. */
export interface SpecimenRow extends Sourced {
  readonly id: string;
  readonly kinds: readonly CauseKind[];
  readonly says: string;
}
