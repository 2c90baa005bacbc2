import { g, gPerLitre, mgPerLitre, mL, mLPerLitre, said } from '../../quantities';
import { choice, number, quantity } from './field';
import { caution, defineTool, line, note, result, stop } from './tool';

/** mg of an element per L for one mL (or g) per L of a feed: strength % × density × 10. Source: label grades. */
export const milligramsOf = (perLitre: number, density: number, percent: number): number =>
  perLitre * density * percent * 10;

/** Oxides on labels to elements (molar masses): P₂O₅ → P, K₂O → K. */
export const phosphorusShare = 0.4364;
export const potassiumShare = 0.8301;
/** Magnesium in Epsom salts by weight: 24.305 ÷ 246.47. Source: molar masses. */
export const magnesiumShare = 0.0986;

/** N in the feed water by age, mg/L (reviewed bands; extension guideline). */
export const nitrogenBands = {
  seedling: { from: 50, to: 75, most: 100, days: [7, 14] },
  transplant: { from: 100, to: 150, most: 200, days: [7, 10] },
  fruiting: { from: 150, to: 200, most: 250, days: [1, 7] },
  leafy: { from: 50, to: 100, most: 150, days: [10, 14] },
} as const;
type Stage = keyof typeof nitrogenBands;

/** Feed salts raise the conductivity by about this much per mg/L of nitrogen (mS/cm): 0.4–0.7 per 100 mg/L. */
const ecPerNitrogen = [0.004, 0.007] as const;

export const labelFeed = defineTool({
  id: 'feed',
  group: 'feeds',
  fields: {
    ready: quantity('volume', { usual: 5000, to: 1e6 }),
    n: number('percent', { usual: 4, from: 0, to: 60 }),
    p: number('percent', { usual: 3, from: 0, to: 60 }),
    k: number('percent', { usual: 6, from: 0, to: 60 }),
    form: choice(['liquid', 'powder'], 'liquid'),
    density: number('none', { usual: 1.1, from: 0.8, to: 1.6, when: { field: 'form', is: ['liquid'] } }),
    rate: quantity('volume/volume', { usual: 2, to: 50, when: { field: 'form', is: ['liquid'] } }),
    powderRate: quantity('mass/volume', { usual: 2, to: 50, when: { field: 'form', is: ['powder'] } }),
    share: number('percent', { usual: 100, to: 100 }),
    stage: choice(Object.keys(nitrogenBands) as Stage[], 'transplant'),
    tapEc: number('ms-cm', { usual: 0.4, from: 0, to: 5 }),
  },
  work({ ready, n, p, k, form, density, rate, powderRate, share, stage, tapEc }, bench) {
    const isLiquid = form === 'liquid';
    const heavy = isLiquid ? density : 1;
    const used = ((isLiquid ? rate : powderRate) * share) / 100;
    const perLitre = isLiquid ? mLPerLitre : gPerLitre;
    const nitrogen = milligramsOf(used, heavy, n);
    const phosphorus = milligramsOf(used, heavy, p) * phosphorusShare;
    const potassium = milligramsOf(used, heavy, k) * potassiumShare;
    // Never more than the judge lets go on roots, % of the mix: 0.02 % is 200 mg/L.
    const bears = (bench.bears('nitrogen', stage === 'seedling' ? 'seedling' : 'root')?.most ?? Infinity) * 10_000;
    const band = { ...nitrogenBands[stage], most: Math.min(nitrogenBands[stage].most, bears) };
    const amount = (used * ready) / 1000;
    const middle = n > 0 ? (band.from + band.to) / 2 / (heavy * n * 10) : 0;
    const [from, to, most] = [band.from, band.to, band.most].map((value) => mgPerLitre(value)) as [
      ReturnType<typeof mgPerLitre>,
      ReturnType<typeof mgPerLitre>,
      ReturnType<typeof mgPerLitre>,
    ];
    if (nitrogen > band.most * 1.0001)
      return stop(`above-${stage}`, {
        nitrogen: mgPerLitre(nitrogen),
        most,
        allowed: perLitre((band.most * used) / nitrogen),
        middle: perLitre(middle),
      });
    const inSpoons = isLiquid ? { pour: amount } : bench.weighed('feed-powder', amount);
    const lineData = { used: perLitre(used), heavy, n, p, k, phosphorusShare, potassiumShare };
    return {
      results: [
        result('amount', isLiquid ? mL(amount) : g(amount), { main: true }),
        result('nitrogen', mgPerLitre(nitrogen), { digits: 1, main: true }),
        result('phosphorus', mgPerLitre(phosphorus), { digits: 1 }),
        result('potassium', mgPerLitre(potassium), { digits: 1 }),
        result('band-low', from, { digits: 0 }),
        result('band-high', to, { digits: 0 }),
        ...(n > 0 ? [result('middle', perLitre(middle))] : []),
        result('ec-low', tapEc + nitrogen * ecPerNitrogen[0], { digits: 1 }),
        result('ec-high', tapEc + nitrogen * ecPerNitrogen[1], { digits: 1 }),
        result('again-from', band.days[0], { digits: 0 }),
        result('again-to', band.days[1], { digits: 0 }),
      ],
      parts: [isLiquid ? bench.pour('seedling-feed', amount) : bench.weigh('feed-powder', amount)],
      waterMl: ready - (isLiquid ? amount : 0),
      order: [said('water', { water: { water: ready } }), said('stir-in', { feed: inSpoons }), said('moist-soil')],
      cautions: [
        ...(nitrogen < band.from ? [note('below-band')] : []),
        ...(nitrogen > band.to ? [caution('above-band', { from, to })] : []),
        ...(stage === 'seedling' ? [note('first-feed')] : []),
      ],
      working: [
        line('used', { rate: perLitre(isLiquid ? rate : powderRate), share, used: perLitre(used) }),
        line('n', { ...lineData, found: mgPerLitre(nitrogen) }),
        line('p', { ...lineData, found: mgPerLitre(phosphorus) }),
        line('k', { ...lineData, found: mgPerLitre(potassium) }),
      ],
      grade: 'guideline',
    };
  },
});

export const epsom = defineTool({
  id: 'epsom',
  group: 'feeds',
  fields: {
    ready: quantity('volume', { usual: 2000, to: 1e6 }),
    rate: quantity('mass/volume', { usual: 5, to: 100 }),
    way: choice(['leaf', 'soil'], 'leaf'),
    purpose: choice(['lack', 'fruit-end-rot', 'just-in-case'], 'lack'),
  },
  work({ ready, rate, way, purpose }, bench) {
    if (purpose === 'fruit-end-rot') return stop('worsens-rot');
    // 1 % is 10 g/L.
    const most = (bench.bears('epsom', way === 'leaf' ? 'leaf' : 'root')?.most ?? 0) * 10;
    if (rate > most) return stop(`burns-${way}`, { rate: gPerLitre(rate), most: gPerLitre(most) });
    const amount = (rate * ready) / 1000;
    const magnesium = mgPerLitre(rate * magnesiumShare * 1000);
    return {
      results: [result('epsom', g(amount), { main: true }), result('magnesium', magnesium, { digits: 0 })],
      parts: [bench.weigh('epsom', amount)],
      waterMl: ready,
      order: [
        said('lukewarm', { water: { water: ready } }),
        said('stir-in', { epsom: bench.weighed('epsom', amount) }),
      ],
      cautions: [...(purpose === 'just-in-case' ? [caution('only-salt')] : []), note('dull-hours')],
      working: [
        line('epsom', { ready: mL(ready), rate: gPerLitre(rate), amount: g(amount) }),
        line('magnesium', { rate: gPerLitre(rate), share: magnesiumShare * 100, magnesium }),
      ],
      honest: 'honest',
      grade: purpose === 'lack' ? 'guideline' : 'doubtful',
    };
  },
});

/** % castings by volume in a seed mix: too rich above the first, mould likelier above the second (growers). */
const castingsMost = 10;
const castingsEnough = 4;

export const seedMix = defineTool({
  id: 'seed-mix',
  group: 'feeds',
  fields: {
    mix: quantity('volume', { usual: 10_000, to: 1e6 }),
    share: number('percent-volume', { usual: 3, from: 0, to: 100 }),
  },
  work({ mix, share }, bench) {
    if (share > castingsMost) return stop('too-rich', { share });
    const castings = (mix * share) / 100;
    return {
      results: [
        result('castings', mL(castings), { digits: 0, main: true }),
        result('rest', mL(mix - castings), { digits: 0 }),
      ],
      parts: [bench.pour('castings', castings)],
      order: [said('sieve'), said('mix-dry'), said('stand')],
      cautions: [share > castingsEnough ? caution('mould') : note('no-granules')],
      working: [line('castings', { mix: mL(mix), share, castings: mL(castings) })],
      grade: 'practice',
    };
  },
});
