import type { Sourced } from './common';

/** Where something goes, as far as it decides how strong it may be. */
export const uses = ['leaf', 'root', 'seedling', 'seed', 'soak', 'soil', 'tool', 'bait'] as const;
export type Use = (typeof uses)[number];

/**
 * The most of a substance that a use bears. Of a substance whose bottle says how strong it is, the strength that goes
 * on; else the share of the product: by volume of a liquid, g in 100 mL of a powder.
 */
export interface LimitRow extends Sourced {
  readonly id: string;
  /** An ingredient's id, or a class of them; the id stands before the class. */
  readonly of: string;
  readonly use: Use;
  /** %; nothing of it where 0. */
  readonly most: number;
  /** % that may go on once two or three leaves have borne it for two days. */
  readonly tested?: number;
  readonly why: string;
  readonly instead: string;
}

/** The most on a square metre at once. */
export interface AreaLimitRow extends Sourced {
  readonly id: string;
  readonly of: string;
  /** g/m² */
  readonly most: number;
  readonly why: string;
  readonly instead: string;
}

/** How often, how long, how old. */
export interface PaceRow extends Sourced {
  readonly id: string;
  readonly of: string;
  readonly use?: Use;
  /** Never sooner again than after so many days. */
  readonly everyDays?: number;
  /** No longer than so many minutes. */
  readonly soakMinutes?: number;
  /** Not picked or eaten within so many days of it. */
  readonly pickDays?: number;
  /** No older than so many days. */
  readonly ageDays?: number;
  readonly why: string;
  readonly instead: string;
}
