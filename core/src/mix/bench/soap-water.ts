import { milligramsPerLitre, trim } from '../../measures';
import { soapBoundAtMost, soapInWater, surelyBound } from '../soap';
import { number, quantity } from './field';
import { caution, defineTool, line, note, result, stop } from './tool';

/** g of soap per litre that leaves bear: 2 % v/v of a 35 % soap. Source: label rates of insecticidal soaps. */
export const mostSoap = 7;

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
  name: 'Soap in your water',
  plain: 'How much of the soap hard water takes, and what is left to work.',
  group: 'liquids',
  fields: {
    ready: quantity('volume', 'Ready mix wanted', { usual: 1500, to: 1e5 }),
    strength: number('Strength', '% by volume', { usual: 1, to: 20 }),
    content: number('Soap in the liquid', '% on its label', {
      usual: 35,
      to: 100,
      hint: 'Castile about 35–40; home-made less.',
    }),
    hardness: quantity('hardness', 'Hardness of the water', { usual: 180, from: 0, to: 3000 }),
  },
  work({ ready, strength, content, hardness }, bench) {
    const perMl = content / 100;
    const dose = strength * 10;
    const { put, bound, free, shareLost } = soapInWater(dose, perMl, milligramsPerLitre(hardness));
    if (put > mostSoap * 1.0001)
      return stop(
        `${trim(strength, 2)} % of a ${trim(content, 0)} % soap is ${trim(put, 1)} g of soap per litre; leaves bear ${mostSoap} g.`,
        `With this soap use at most ${trim(mostSoap / perMl / 10, 2)} %.`,
      );
    const soap = (ready * strength) / 100;
    const extra = ((bound / perMl) * ready) / 1000;
    const freeIfLittleBound = put + bound - bound * surelyBound;
    const mayAdd = shareLost > 0.05 && shareLost < 0.9 && freeIfLittleBound <= mostSoap;
    return {
      results: [
        result('soap', 'Soap', soap, 'mL', { main: true }),
        result('put', 'Soap put in', put, 'g/L'),
        result('bound-least', 'Taken by the water, at least', Math.min(put, bound * surelyBound), 'g/L'),
        result('bound-most', 'Taken by the water, at most', Math.min(put, bound), 'g/L'),
        result('free', 'Left to work, at least', free, 'g/L'),
        result('lost-most', 'Lost, at most', shareLost * 100, '%', { digits: 0 }),
        ...(mayAdd ? [result('extra', 'More soap for the same effect, at most', extra, 'mL', { digits: 1 })] : []),
      ],
      parts: [bench.pour('liquid-soap', soap)],
      waterMl: ready - soap,
      order: [
        `Fill in ${bench.water(ready - soap)?.says} of water first`,
        `Add ${trim(soap, 1)} mL of soap`,
        'Swirl, do not shake',
      ],
      cautions: [
        ...(shareLost >= 0.9
          ? [caution('This water can take all of the soap.', 'Use rain water: more soap only makes more scum.')]
          : shareLost > 0.2
            ? [note('Rain water takes none of it.')]
            : []),
      ],
      working: [
        line('Put in', `${trim(dose, 2)} mL/L × ${trim(perMl, 3)} g/mL`, `${trim(put, 3)} g/L`),
        line('Bound, at most', `2 × ${trim(hardness, 1)} mg/L ÷ 100.09 × 320.55 ÷ 1000`, `${trim(bound, 3)} g/L`),
        line('Left, at least', `max(0, ${trim(put, 3)} − ${trim(bound, 3)})`, `${trim(free, 3)} g/L`),
      ],
      honest: 'The bound is chemistry and an upper one; half to all of it is lost in practice.',
      grade: 'trial',
    };
  },
});

export const soapShake = defineTool({
  id: 'soap-shake',
  name: 'How hard is this water?',
  plain: 'Drops of liquid soap until a shaken jar keeps its foam for five minutes, beside the same with rain water.',
  group: 'liquids',
  fields: {
    drops: number('Drops in your water', 'drops', { usual: 12, to: 500 }),
    blank: number('Drops in rain water', 'drops', { usual: 2, from: 0, to: 100 }),
    sample: quantity('volume', 'Water in the jar', { usual: 100, to: 2000 }),
    content: number('Soap in the liquid', '% on its label', { usual: 35, to: 100 }),
    drop: number('One drop', 'mL', { usual: 0.05, to: 0.2, hint: 'Twenty drops to the millilitre is usual.' }),
  },
  work({ drops, blank, sample, content, drop }) {
    const hardness = hardnessByShaking(drops, blank, drop, content / 100, sample);
    const word = hardness < 60 ? 'soft' : hardness < 120 ? 'middling' : hardness < 180 ? 'hard' : 'very hard';
    return {
      results: [
        result('hardness', 'Hardness, about', hardness, 'mg/L', { digits: 0, main: true }),
        result('low', 'From', hardness * 0.7, 'mg/L', { digits: 0 }),
        result('high', 'To', hardness * 1.6, 'mg/L', { digits: 0 }),
        result('degrees', 'German degrees', hardness / 17.85, '°dH', { digits: 1 }),
        result('calcium', 'Calcium it brings', hardness * 0.4004, 'mg/L', { digits: 0 }),
      ],
      order: [
        'Put the water in a jar with a lid, and as much rain water in another',
        'One drop of soap, shake, wait; go on until the foam stays for five minutes',
        'Write down the drops of each',
      ],
      cautions: [
        note(`That is ${word} water. The water works’ own figure is better; this is good to a half either way.`),
      ],
      working: [
        line(
          'Soap taken',
          `(${trim(drops, 0)} − ${trim(blank, 0)}) × ${trim(drop, 3)} mL × ${trim(content / 100, 2)} g/mL × 1000 ÷ ${trim(sample, 0)} mL`,
          `${trim((Math.max(0, drops - blank) * drop * content * 10) / sample, 3)} g/L`,
        ),
        line('Hardness', 'soap taken ÷ 0.006405 g per mg', `${trim(hardness, 0)} mg/L`),
      ],
      honest: 'A kitchen estimate. Drops differ, and soaps differ.',
      grade: 'practice',
    };
  },
});
