import type { Sourced } from './common';
import type { CautionLevel } from './remedies';
import type { SceneFact } from './safety';

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
  /** Only where this is so; such a row stands before one that always holds. */
  readonly when?: SceneFact;
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

/** The thickest layer at once. */
export interface DepthLimitRow extends Sourced {
  readonly id: string;
  readonly of: string;
  /** cm */
  readonly most: number;
  /** Only where this is so; such a row stands before one that always holds. */
  readonly when?: SceneFact;
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
  /** Too often wastes it, or builds up, and kills nothing. */
  readonly isGentle?: true;
  /** No more than so many rounds within so many days. */
  readonly rounds?: { readonly most: number; readonly inDays: number };
  /** No longer than so many minutes. */
  readonly soakMinutes?: number;
  /** Not picked or eaten within so many days of it. */
  readonly pickDays?: number;
  /** No older than so many days. */
  readonly ageDays?: number;
  /** Older than that only thinner: at most so many % of what goes on. */
  readonly thenMost?: number;
  readonly why: string;
  readonly instead: string;
}

/** How cold and how warm it may be, °C: of the soil for what lives there, of the air for what wets leaves. */
export interface TemperatureRow extends Sourced {
  readonly id: string;
  readonly of: string;
  readonly least?: number;
  readonly most?: number;
  readonly level: CautionLevel;
  readonly why: string;
  readonly instead: string;
}

/** What is so of everything of a class. */
export interface ClassRow {
  readonly id: string;
  /** What such a thing is for where nobody says where it goes. */
  readonly usualUse?: Use;
  /** A wrong strength kills what it was to help: it has to be known. */
  readonly strengthMatters?: true;
}
