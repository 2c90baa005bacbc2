import type { Tables } from '../tables';

/** What is done with a bed where there is too little compost for all. */
export type CompostShare = 'gets' | 'little' | 'skips';

/** A bed, as far as its book tells it. */
export interface BedInNeed {
  /** Chance that its ground is poor; undefined where nobody has read it. */
  readonly poor: number | undefined;
  /** Something that takes much grows here. */
  readonly isHungry: boolean;
}

/** From this chance on the ground counts as poor. Judgement. */
const poorFrom = 0.5;
/** A bed so poor gains little from one thin layer: it grows what lives on little first. Judgement. */
const veryPoorFrom = 0.8;

/**
 * The proposal for one bed, and why: what there is goes to hungry crops where it is worth it, poor beds grow what lives on
 * little, healthy ones skip a year.
 */
export function compostShareFor({ poor, isHungry }: BedInNeed): {
  readonly share: CompostShare;
  readonly because: ShareReason;
} {
  if (poor !== undefined && poor >= veryPoorFrom) return { share: 'little', because: 'very-poor' };
  if (isHungry)
    return { share: 'gets', because: poor !== undefined && poor >= poorFrom ? 'poor-and-hungry' : 'hungry' };
  if (poor !== undefined && poor >= poorFrom) return { share: 'little', because: 'poor' };
  return { share: 'skips', because: poor === undefined ? 'not-read' : 'well' };
}
export const shareReasons = ['very-poor', 'poor-and-hungry', 'hungry', 'poor', 'not-read', 'well'] as const;
export type ShareReason = (typeof shareReasons)[number];

/** Does one of these plants take much? */
export const takesMuch = ({ plants }: Pick<Tables, 'plants'>, ids: readonly string[]): boolean =>
  plants.some(({ id, groups }) => ids.includes(id) && groups.some((group) => hungryGroups.includes(group)));

/** Groups of plants that take much. Source: extension guides to vegetable feeding. */
const hungryGroups: readonly string[] = ['nightshade', 'brassica', 'cucurbit', 'fruiting'];
