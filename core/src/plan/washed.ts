import type { IsoDate } from '../quantities/days';
import type { WindowSpec } from '../tables';
import { hourAt, type Sky } from './weather';

/**
 * mm of rain after which what works by staying on the leaf is put on again: 10 to 25 are given by extension services;
 * this is the middle. And what counts as rain upon something that must dry first.
 */
export const washesOffFrom = 17;
const wetsFrom = 1;
/** What needs so many dry hours works by staying there; what needs fewer has done its work once it is dry. */
const staysFrom = 4;

/** What rain took of something that was put on: within the hours it needs, or since. */
export interface Washed {
  readonly kind: 'too-soon' | 'since';
  /** mm that fell in all. */
  readonly rain: number;
  /** The rain that was too much fell so many hours after. */
  readonly after: number;
}

/**
 * Whether rain washed off what was put on in the open at an hour of a day, as far as is known by now; undefined where
 * it did not, or nothing of it could be.
 * @param hours so many that have passed since
 */
export function washedOff(
  { dryAfter = 0 }: WindowSpec,
  sky: Sky,
  on: { readonly date: IsoDate; readonly hour: number },
  hours: number,
): Washed | undefined {
  if (dryAfter === 0) return undefined;
  let rain = 0;
  for (let after = 1; after <= hours; after += 1) {
    rain += hourAt(sky, on.date, on.hour + after)?.rain ?? 0;
    if (after <= dryAfter && rain >= wetsFrom) return { kind: 'too-soon', rain, after };
    if (after > dryAfter && dryAfter >= staysFrom && rain >= washesOffFrom) return { kind: 'since', rain, after };
  }
  return undefined;
}
