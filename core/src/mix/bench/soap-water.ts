import { gPerLitre, hardnessOf, mgPerLitre, milligramsPerLitre, mL, mLPerLitre, said, spoonMl } from '../../quantities';
import { calciumInHardness, mostSoap, sharesLost, soapBoundAtMost, soapInWater, surelyBound } from '../soap';
import { number, quantity } from './field';
import { caution, defineTool, line, note, result, stop } from './tool';

/**
 * Hardness from a shake test, mg/L as CaCO₃: the soap that went in beyond what soft water takes, over
 * what 1 mg/L binds (0.0064 g/L). Binding is an upper bound, so this reads the hardness low rather
 * than high.
 * @param drops to a foam that stays five minutes; @param blank the same in rain water
 * @param dropMl of one drop; @param content g of soap per mL; @param sampleMl of water tested
 */
export function hardnessByShaking(
  drops: number,
  blank: number,
  dropMl: number,
  content: number,
  sampleMl: number,
): number {
  const soapPerLitre = (Math.max(0, drops - blank) * dropMl * content * 1000) / sampleMl;
  return soapPerLitre / soapBoundAtMost(milligramsPerLitre(1));
}

export const soapWater = defineTool({
  id: 'soap-water',
  group: 'sprays',
  fields: {
    ready: quantity('volume', { usual: 1500, to: 1e5 }),
    strength: number('percent-volume', { usual: 1, to: 20 }),
    content: number('percent-label', { usual: 35, to: 100 }),
    hardness: quantity('hardness', { usual: 180, from: 0, to: 3000 }),
  },
  work({ ready, strength, content, hardness }, bench) {
    const perMl = content / 100;
    const dose = strength * 10;
    const { put, bound, free, shareLost } = soapInWater(dose, perMl, milligramsPerLitre(hardness));
    if (put > mostSoap * 1.0001)
      return stop('too-much-soap', {
        strength,
        content,
        put: gPerLitre(put),
        most: gPerLitre(mostSoap),
        allowed: mostSoap / perMl / 10,
      });
    const soap = (ready * strength) / 100;
    const extra = ((bound / perMl) * ready) / 1000;
    const freeIfLittleBound = put + bound - bound * surelyBound;
    const mayAdd = shareLost > sharesLost.hardlyAny && shareLost < sharesLost.all && freeIfLittleBound <= mostSoap;
    return {
      results: [
        result('soap', mL(soap), { main: true }),
        result('put', gPerLitre(put)),
        result('bound-least', gPerLitre(Math.min(put, bound * surelyBound))),
        result('bound-most', gPerLitre(Math.min(put, bound))),
        result('free', gPerLitre(free)),
        result('lost-most', shareLost * 100, { digits: 0 }),
        ...(mayAdd ? [result('extra', mL(extra), { digits: 1 })] : []),
      ],
      parts: [bench.pour('liquid-soap', soap)],
      waterMl: ready - soap,
      order: [
        said('water-first', { water: { water: ready - soap } }),
        said('add-soap', { soap: { pour: soap } }),
        said('swirl'),
      ],
      cautions:
        shareLost >= sharesLost.all
          ? [caution('takes-all')]
          : shareLost > sharesLost.worthSaying
            ? [note('rain-takes-none')]
            : [],
      working: [
        line('put', { dose: mLPerLitre(dose), perMl, put: gPerLitre(put) }),
        line('bound', { hardness: mgPerLitre(hardness), bound: gPerLitre(bound) }),
        line('free', { put: gPerLitre(put), bound: gPerLitre(bound), free: gPerLitre(free) }),
      ],
      honest: 'honest',
      grade: 'trial',
    };
  },
});

/** What a figure of hardness is called, mg/L as CaCO₃ (usual bands of water works). */
const hardnessNames = [
  ['soft', 60],
  ['middling', 120],
  ['hard', 180],
  ['very-hard', Infinity],
] as const;

export const soapShake = defineTool({
  id: 'soap-shake',
  group: 'sprays',
  fields: {
    drops: number('drops', { usual: 12, to: 500 }),
    blank: number('drops', { usual: 2, from: 0, to: 100 }),
    sample: quantity('volume', { usual: 100, to: 2000 }),
    content: number('percent-label', { usual: 35, to: 100 }),
    perSpoon: number('drops', { usual: 100, from: 20, to: 400 }),
  },
  work({ drops, blank, sample, content, perSpoon }, bench) {
    const drop = spoonMl('tsp', bench.measures) / perSpoon;
    const hardness = hardnessByShaking(drops, blank, drop, content / 100, sample);
    const name = hardnessNames.find(([, below]) => hardness < below)?.[0] ?? 'very-hard';
    const taken = gPerLitre((Math.max(0, drops - blank) * drop * content * 10) / sample);
    return {
      results: [
        result('hardness', hardnessOf(hardness), { digits: 0, main: true }),
        result('low', hardnessOf(hardness * 0.7), { digits: 0 }),
        result('high', hardnessOf(hardness * 1.6), { digits: 0 }),
        result('degrees', hardness / 17.85, { digits: 1 }),
        result('calcium', mgPerLitre(hardness * calciumInHardness), { digits: 0 }),
      ],
      order: [said('two-jars'), said('drop-by-drop'), said('write-down')],
      cautions: [note(`is-${name}`)],
      working: [
        line('taken', { drops, blank, perSpoon, content, sample: mL(sample), taken }),
        line('hardness', { taken, hardness: hardnessOf(hardness) }),
      ],
      honest: 'honest',
      grade: 'practice',
    };
  },
});
