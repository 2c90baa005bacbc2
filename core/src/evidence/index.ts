import type { SignId } from '../tables';

/** One thing looked for: seen, or looked and not there. What is not listed was not looked at. */
export interface Evidence {
  readonly sign: SignId;
  readonly state: 'seen' | 'absent';
  /** In the sign's own unit (per leaf, share of leaves in %, per minute …). */
  readonly amount?: number;
  /** 0…1: how sure it is that this was said; left out where it was tapped or measured. */
  readonly sure?: number;
}
