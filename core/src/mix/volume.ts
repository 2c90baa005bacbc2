import type { VolumeOrder } from '../contract/mix';
import { inputError } from '../problem';
import { inWords, mL, readAmount } from '../quantities';

/** mL that nobody sprays in an evening: more is a slip of the pen. */
const mostMl = 200_000;

/** mL of ready mix that is ordered, as a figure and unit or as it was typed ("1 qt"). @throws InputError */
export function volumeOf({ volume, measures }: VolumeOrder): number {
  const given = typeof volume === 'string' ? { amount: volume, unit: 'mL' } : volume;
  const read = readAmount(String(given.amount), { kind: 'volume', unit: given.unit, system: measures });
  if (read.kind === 'not-read') {
    if (read.because.kind === 'unknown-unit' || read.because.kind === 'other-kind')
      throw inputError('volume.unit', 'unknown-use', {
        given: read.because.unit,
        known: 'mL, L, tsp, tbsp, cup, fl oz, pt, qt or gal',
      });
    throw inputError('volume.amount', 'not-above-zero', { given: String(given.amount), like: '1.5' });
  }
  const ml = read.quantity.amount;
  if (!(ml > 0)) throw inputError('volume.amount', 'more-than', { least: 0 });
  if (ml > mostMl) throw inputError('volume.amount', 'too-much-at-once', { most: inWords(mL(mostMl), measures) });
  return ml;
}
