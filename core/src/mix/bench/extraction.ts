import { g, gPerLitre, hardnessOf, litres as L, mg, mgPerLitre, mL, said } from '../../quantities';
import { calciumInHardness } from '../soap';
import { magnesiumShare } from './feeds';
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
export const oneShell = 5.5;

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

/** % acid above which vinegar injures, and above which no recipe here uses it (reviewed). */
const acidInjures = 10;
const acidMost = 6;
/** Jar over vinegar, with room for foam: powder foams up at once, pieces hardly (growers). */
const foam = { powder: 2.5, crushed: 1.8, pieces: 1.5 } as const;
/** L a week to a plant, for what reaches it (judgement). */
const litresPerPlant = 4;

export const shellExtract = defineTool({
  id: 'shell-extract',
  group: 'feeds',
  fields: {
    shell: quantity('mass', {
      usual: 50,
      to: 5000,
      also: [{ id: 'shells', base: oneShell, words: ['shell', 'egg shell', 'eggshell', 'egg', 'eggs'] }],
    }),
    vinegar: quantity('volume', { usual: 500, to: 20_000 }),
    acid: number('percent', { usual: 5, to: 100 }),
    grain: choice(['powder', 'crushed', 'pieces'], 'crushed'),
    days: number('days', { usual: 0, from: 0, to: 60 }),
    parts: number('parts', { usual: 1000, to: 100_000 }),
    hardness: quantity('hardness', { usual: 180, from: 0, to: 3000 }),
  },
  work({ shell, vinegar, acid, grain, days, parts, hardness }, bench) {
    if (acid > acidInjures) return stop('acid-injures', { acid });
    if (acid > acidMost) return stop('acid-too-strong', { acid });
    const done = extract(shell, vinegar, acid);
    const share = days === 0 ? undefined : dissolvedAfter(days * 24, grain);
    const ready = daysToDone(grain);
    const ppm = (to: number) => mgPerLitre(done.calcium / (to + 1));
    const here = done.calcium / (parts + 1);
    const tap = hardness * calciumInHardness;
    const jar = mL(vinegar * foam[grain]);
    const points = Array.from({ length: 25 }, (_, at): [number, number] => {
      const day = (at / 24) * Math.max(ready * 1.6, days);
      return [day, dissolvedAfter(day * 24, grain) * 100];
    });
    return {
      results: [
        result('runs-out', done.runsOut === 'vinegar' ? 1 : 0, {
          is: done.runsOut === 'vinegar' ? 'the-vinegar' : 'the-shell',
          main: true,
        }),
        result('calcium', mgPerLitre(done.calcium), { digits: 0, main: true }),
        result('shell-left', g(done.shellLeft), { digits: 1 }),
        result('shell-used', g(shell - done.shellLeft), { digits: 1 }),
        result('acid-left', done.acidLeftPercent),
        result('gas', L(done.gas), { digits: 1 }),
        result('jar', jar, { digits: 0 }),
        result('ready', ready, { digits: 1 }),
        ...(share === undefined ? [] : [result('so-far', share * 100, { digits: 0 })]),
        result('ppm', ppm(parts), { digits: 1, main: true }),
        result('ppm-1000', ppm(1000), { digits: 1 }),
        result('ppm-500', ppm(500), { digits: 1 }),
        result('ppm-250', ppm(250), { digits: 1 }),
        result('tap', mgPerLitre(tap), { digits: 1 }),
        result('litre-plant', mg(here * litresPerPlant), { digits: 0 }),
      ],
      parts: [bench.weigh('egg-shell', shell), bench.pour('vinegar', vinegar)],
      order: [said('rinse'), said('jar', { jar }), said('pour-slowly'), said('loose-lid'), said('strain')],
      cautions: [
        caution('never-tight'),
        note('hot-shells'),
        note('keeps'),
        ...(here < tap ? [note('tap-brings-more', { tap: mgPerLitre(tap), adds: mgPerLitre(here) })] : []),
      ],
      working: [
        line('acid', { vinegar: mL(vinegar), acid, molar: acetic, mol: done.acidMol }),
        line('shell', { shell: g(shell), purity: shellPurity, molar: carbonate, mol: done.shellMol }),
        line('dissolved', { shellMol: done.shellMol, acidMol: done.acidMol, mol: done.dissolved }),
        line('calcium', {
          mol: done.dissolved,
          molar: calcium,
          vinegar: mL(vinegar),
          calcium: mgPerLitre(done.calcium),
        }),
        line('gas', { mol: done.dissolved, gas: L(done.gas) }),
        line('thinned', { calcium: mgPerLitre(done.calcium), parts, ppm: ppm(parts) }),
        line('tap', { hardness: hardnessOf(hardness), share: calciumInHardness, tap: mgPerLitre(tap) }),
        line('eggs', { shell: g(shell), one: g(oneShell), eggs: Math.round(shell / oneShell) }),
      ],
      curve: { points, ...(share === undefined ? {} : { here: [days, share * 100] as const }) },
      honest: 'honest',
      grade: 'doubtful',
    };
  },
});

/** Gypsum falls out of cold water above about this product of Ca and SO₄, (mol/L)²; 2.4 g/L dissolves. */
const gypsumLimit = 2.2e-4;
/** g/mol of Epsom salts, for the sulphate in a gram. */
const epsomMolar = 246.47;

export const calciumMagnesium = defineTool({
  id: 'calcium-magnesium',
  group: 'feeds',
  fields: {
    ready: quantity('volume', { usual: 10_000, to: 1e6 }),
    extract: number('mg-litre', { usual: 16_685, to: 60_000 }),
    parts: number('parts', { usual: 500, to: 100_000 }),
    epsom: quantity('mass/volume', { usual: 0.1, to: 20 }),
    purpose: choice(['feeding', 'fruit-end-rot', 'other'], 'feeding'),
  },
  work({ ready, extract: ca, parts, epsom, purpose }, bench) {
    if (purpose === 'fruit-end-rot') return stop('worsens-rot');
    const stock = ready / (parts + 1);
    const calciumNow = ca / (parts + 1);
    const magnesium = epsom * magnesiumShare * 1000;
    const product = (calciumNow / 1000 / calcium) * (epsom / epsomMolar);
    if (product > gypsumLimit) return stop('gypsum', { calcium: mgPerLitre(calciumNow), epsom: gPerLitre(epsom) });
    const grams = (epsom * ready) / 1000;
    return {
      results: [
        result('stock', mL(stock), { main: true }),
        result('epsom', g(grams), { main: true }),
        result('calcium', mgPerLitre(calciumNow), { digits: 1 }),
        result('magnesium', mgPerLitre(magnesium), { digits: 1 }),
        result('ratio', calciumNow / magnesium, { digits: 1 }),
      ],
      parts: [bench.pour('shell-extract', stock), bench.weigh('epsom', grams)],
      waterMl: ready - stock,
      order: [said('thin', { water: { water: ready / 2 } }), said('dissolve'), said('together')],
      cautions: [...(calciumNow < magnesium ? [caution('more-magnesium')] : []), note('only-for-lack')],
      working: [
        line('extract', { ready: mL(ready), parts, stock: mL(stock) }),
        line('calcium', { ca: mgPerLitre(ca), parts, calcium: mgPerLitre(calciumNow) }),
        line('magnesium', { epsom: gPerLitre(epsom), share: magnesiumShare * 100, magnesium: mgPerLitre(magnesium) }),
        line('gypsum', {
          calcium: (calciumNow / calcium) * 1000,
          sulphate: (epsom / epsomMolar) * 1e6,
          product: product * 1e6,
          limit: gypsumLimit * 1e6,
        }),
      ],
      honest: 'honest',
      grade: 'practice',
    };
  },
});
