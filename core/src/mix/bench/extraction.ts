import { trim } from '../../measures';
import { choice, number, quantity } from './field';
import { caution, defineTool, line, note, result, stop } from './tool';

/** Molar masses, g/mol. */
const acetic = 60.05;
const carbonate = 100.09;
const calcium = 40.08;
/** CaCO₃ in clean dry shell by weight. */
const shellPurity = 0.95;
/** L of gas per mol at 20 °C. */
const gasPerMol = 24.06;
/** g in the shell of a middling egg. */
const oneShell = 5.5;

export interface Extraction {
  /** mol CaCO₃ dissolved. */
  readonly dissolved: number;
  readonly runsOut: 'vinegar' | 'shell';
  readonly acidMol: number;
  readonly shellMol: number;
  /** g of shell that stays behind (at its purity). */
  readonly shellLeft: number;
  /** g of acetic acid left per 100 mL. */
  readonly acidLeftPercent: number;
  /** mg/L */
  readonly calcium: number;
  /** L at 20 °C */
  readonly gas: number;
}

/**
 * CaCO₃ + 2 CH₃COOH → Ca(CH₃COO)₂ + H₂O + CO₂: the less of shell and half the acid decides.
 * Source: stoichiometry. 5 % vinegar is 50 g of acid per litre and gives 16 685 mg/L Ca when used up.
 * @param shellGrams of dry shell; @param vinegarMl; @param acidPercent on the bottle
 */
export function extract(shellGrams: number, vinegarMl: number, acidPercent: number): Extraction {
  const acidMol = (vinegarMl / 1000) * ((acidPercent * 10) / acetic);
  const shellMol = (shellGrams * shellPurity) / carbonate;
  const dissolved = Math.min(shellMol, acidMol / 2);
  return {
    dissolved,
    runsOut: shellMol <= acidMol / 2 ? 'shell' : 'vinegar',
    acidMol,
    shellMol,
    shellLeft: ((shellMol - dissolved) * carbonate) / shellPurity,
    acidLeftPercent: ((acidMol - 2 * dissolved) * acetic) / (vinegarMl / 100),
    calcium: (dissolved * calcium * 1000) / (vinegarMl / 1000),
    gas: dissolved * gasPerMol,
  };
}

/** Hours after which 63 % has dissolved: an estimate by grain, from growers' days to the end of the fizz. */
const pace = { powder: 6, crushed: 40, pieces: 90 } as const;

/** Days until the fizz ends: three times its pace, when 95 % has dissolved. */
export const daysToDone = (grain: keyof typeof pace): number => (3 * pace[grain]) / 24;

/** Share dissolved after so many hours: 1 − e^(−t/τ), an estimate. */
export const dissolvedAfter = (hours: number, grain: keyof typeof pace): number => 1 - Math.exp(-hours / pace[grain]);

export const shellExtract = defineTool({
  id: 'shell-extract',
  name: 'Shells in vinegar',
  plain: 'What dissolves, what runs out, how much it foams, and how much calcium the watering can gets.',
  group: 'feeds',
  fields: {
    shell: quantity('mass', 'Dry shell', { usual: 50, to: 5000, hint: 'One egg’s shell is 5–6 g.' }),
    vinegar: quantity('volume', 'Vinegar', { usual: 500, to: 20_000 }),
    acid: number('Acid in the vinegar', '%', { usual: 5, to: 100 }),
    grain: choice('Shell is', { powder: 'powder', crushed: 'crushed', pieces: 'in pieces' }, 'crushed'),
    days: number('Days it has stood', 'days', { usual: 0, from: 0, to: 60 }),
    parts: number('Thinned, 1 part to', 'parts of water', { usual: 1000, to: 100_000 }),
    hardness: quantity('hardness', 'Hardness of the water', { usual: 180, from: 0, to: 3000 }),
  },
  work({ shell, vinegar, acid, grain, days, parts, hardness }, bench) {
    if (acid > 10) return stop(`${trim(acid, 1)} % acid injures eyes and skin.`, 'Use kitchen vinegar of 5 %.');
    if (acid > 6)
      return stop(`${trim(acid, 1)} % is stronger than a recipe here may use.`, 'Use kitchen vinegar of 5 or 6 %.');
    const done = extract(shell, vinegar, acid);
    const share = days === 0 ? undefined : dissolvedAfter(days * 24, grain);
    const ready = daysToDone(grain);
    const ppm = (to: number) => done.calcium / (to + 1);
    const tap = hardness * 0.4004;
    // Powder foams up at once, pieces hardly.
    const room = { powder: 2.5, crushed: 1.8, pieces: 1.5 }[grain];
    const points = Array.from({ length: 25 }, (_, at): [number, number] => {
      const day = (at / 24) * Math.max(ready * 1.6, days);
      return [day, dissolvedAfter(day * 24, grain) * 100];
    });
    return {
      results: [
        result('runs-out', 'Runs out first', done.runsOut === 'vinegar' ? 1 : 0, '', {
          says: done.runsOut === 'vinegar' ? 'the vinegar' : 'the shell',
          main: true,
        }),
        result('calcium', 'Calcium in the extract, when done', done.calcium, 'mg/L', { digits: 0, main: true }),
        result('shell-left', 'Shell left over', done.shellLeft, 'g', { digits: 1 }),
        result('shell-used', 'Shell dissolved', shell - done.shellLeft, 'g', { digits: 1 }),
        result('acid-left', 'Acid left', done.acidLeftPercent, '%'),
        result('gas', 'Gas given off', done.gas, 'L', { digits: 1 }),
        result('jar', 'Jar, with room for foam', vinegar * room, 'mL', { digits: 0 }),
        result('ready', 'Fizz ends after about', ready, 'days', { digits: 1 }),
        ...(share === undefined ? [] : [result('so-far', 'Dissolved by now, about', share * 100, '%', { digits: 0 })]),
        result('ppm', `Calcium at 1 to ${trim(parts, 0)}`, ppm(parts), 'mg/L', { digits: 1, main: true }),
        result('ppm-1000', 'at 1 to 1000', ppm(1000), 'mg/L', { digits: 1 }),
        result('ppm-500', 'at 1 to 500', ppm(500), 'mg/L', { digits: 1 }),
        result('ppm-250', 'at 1 to 250', ppm(250), 'mg/L', { digits: 1 }),
        result('tap', 'The water itself brings', tap, 'mg/L', { digits: 1 }),
        result('litre-plant', 'With 4 L to a plant each week', ppm(parts) * 4, 'mg', { digits: 0 }),
      ],
      parts: [bench.weigh('egg-shell', shell), bench.pour('vinegar', vinegar)],
      order: [
        'Rinse and dry the shells; toast at 200 °C at most, then crush',
        `Put them in a jar of ${trim((vinegar * room) / 1000, 1)} L or more`,
        'Pour the vinegar on slowly, in four goes: it foams',
        'Cloth or loose lid: the gas must get out',
        'Stir daily; when nothing fizzes, strain, label, keep cold and dark',
      ],
      cautions: [
        caution('Never close the jar tight: it gives off gas and bursts.', 'A cloth and a rubber band.'),
        note('Glass and hot shells: let them cool. Never roast to white powder; that is quicklime and burns.'),
        note('Keeps 3–6 months in the cold; throw it out with film or bad smell.'),
        ...(ppm(parts) < tap
          ? [note(`Your water alone brings ${trim(tap, 0)} mg/L; this adds ${trim(ppm(parts), 0)}.`)]
          : []),
      ],
      working: [
        line(
          'Acid',
          `${trim(vinegar / 1000, 3)} L × ${trim(acid * 10, 0)} g/L ÷ 60.05`,
          `${trim(done.acidMol, 4)} mol`,
        ),
        line('Shell', `${trim(shell, 1)} g × 0.95 ÷ 100.09`, `${trim(done.shellMol, 4)} mol`),
        line(
          'Dissolved',
          `the less of ${trim(done.shellMol, 4)} and ${trim(done.acidMol, 4)} ÷ 2`,
          `${trim(done.dissolved, 4)} mol`,
        ),
        line(
          'Calcium',
          `${trim(done.dissolved, 4)} mol × 40.08 g/mol ÷ ${trim(vinegar / 1000, 3)} L`,
          `${trim(done.calcium, 0)} mg/L`,
        ),
        line('Gas', `${trim(done.dissolved, 4)} mol × 24.06 L/mol`, `${trim(done.gas, 2)} L`),
        line(
          `At 1 to ${trim(parts, 0)}`,
          `${trim(done.calcium, 0)} ÷ (${trim(parts, 0)} + 1)`,
          `${trim(ppm(parts), 2)} mg/L`,
        ),
        line('From the water', `${trim(hardness, 0)} mg/L × 0.4004`, `${trim(tap, 1)} mg/L`),
        line('Eggs', `${trim(shell, 1)} g ÷ ${oneShell} g`, `${trim(shell / oneShell, 0)} shells`),
      ],
      curve: {
        across: 'days',
        up: '% dissolved (estimate)',
        points,
        ...(share === undefined ? {} : { here: [days, share * 100] as [number, number] }),
      },
      honest:
        'The chemistry is sure. As a cure it is not: thinned like this it is 1–5 % of what trials sprayed, and at 1 to 1000 no effect on fruit-end rot is to be expected. Even watering is what helps.',
      grade: 'doubtful',
    };
  },
});

/** Gypsum falls out of cold water above about this product of Ca and SO₄, (mol/L)²; 2.4 g/L dissolves. */
const gypsumLimit = 2.2e-4;
/** Magnesium in Epsom salts, by weight (24.305 ÷ 246.47), and sulphate mol per g. */
const magnesiumShare = 0.0986;
const epsomMolar = 246.47;

export const calciumMagnesium = defineTool({
  id: 'calcium-magnesium',
  name: 'Calcium and magnesium feed',
  plain: 'Shell extract and Epsom salts, each thinned first: as stocks they drop gypsum.',
  group: 'feeds',
  fields: {
    ready: quantity('volume', 'Ready feed wanted', { usual: 10_000, to: 1e6 }),
    extract: number('Calcium in the extract', 'mg/L', { usual: 16_685, to: 60_000 }),
    parts: number('Extract, 1 part to', 'parts of water', { usual: 500, to: 100_000 }),
    epsom: number('Epsom salts in the ready feed', 'g/L', { usual: 0.1, to: 20 }),
    purpose: choice(
      'For',
      { feeding: 'magnesium lack shown by the old leaves', 'fruit-end-rot': 'fruit-end rot', other: 'something else' },
      'feeding',
    ),
  },
  work({ ready, extract: ca, parts, epsom, purpose }, bench) {
    if (purpose === 'fruit-end-rot')
      return stop(
        'Magnesium competes with calcium: this feed can make fruit-end rot worse.',
        'Water evenly, and go easy on feed.',
      );
    const stock = ready / (parts + 1);
    const calciumNow = ca / (parts + 1);
    const magnesium = epsom * magnesiumShare * 1000;
    const product = (calciumNow / 1000 / calcium) * (epsom / epsomMolar);
    if (product > gypsumLimit)
      return stop(
        `At ${trim(calciumNow, 0)} mg/L calcium and ${trim(epsom, 1)} g/L Epsom salts gypsum falls out.`,
        'Thin the extract further before the Epsom salts go in.',
      );
    return {
      results: [
        result('stock', 'Shell extract', stock, 'mL', { main: true }),
        result('epsom', 'Epsom salts', (epsom * ready) / 1000, 'g', { main: true }),
        result('calcium', 'Calcium', calciumNow, 'mg/L', { digits: 1 }),
        result('magnesium', 'Magnesium', magnesium, 'mg/L', { digits: 1 }),
        result('ratio', 'Calcium to one of magnesium', calciumNow / magnesium, '', { digits: 1 }),
      ],
      parts: [bench.pour('shell-extract', stock), bench.weigh('epsom', (epsom * ready) / 1000)],
      waterMl: ready - stock,
      order: [
        `Thin the extract in half the water (${bench.water(ready / 2)?.says})`,
        'Dissolve the Epsom salts in the other half',
        'Pour the two together and use it the same day',
      ],
      cautions: [
        ...(calciumNow < magnesium
          ? [caution('More magnesium than calcium: it competes with calcium and potassium.', 'Halve the Epsom salts.')]
          : []),
        note('Only for a lack that the old leaves show between their veins. Never for fruit-end rot.'),
      ],
      working: [
        line('Extract', `${trim(ready, 0)} mL ÷ (${trim(parts, 0)} + 1)`, `${trim(stock, 2)} mL`),
        line('Calcium', `${trim(ca, 0)} ÷ (${trim(parts, 0)} + 1)`, `${trim(calciumNow, 1)} mg/L`),
        line('Magnesium', `${trim(epsom, 2)} g/L × 98.6 mg/g`, `${trim(magnesium, 1)} mg/L`),
        line(
          'Ca × SO₄',
          `${(calciumNow / 1000 / calcium).toExponential(2)} × ${(epsom / epsomMolar).toExponential(2)}`,
          `${product.toExponential(1)}, gypsum from 2.2e-4`,
        ),
      ],
      honest: 'Where neither is lacking it does nothing.',
      grade: 'practice',
    };
  },
});
