import { trim } from '../../measures';
import { choice, number, quantity } from './field';
import { caution, defineTool, line, note, result, stop } from './tool';

/** mg of an element per L for one mL (or g) per L of a feed: strength % × density × 10. Source: label grades. */
export const milligramsOf = (perLitre: number, density: number, percent: number): number =>
  perLitre * density * percent * 10;

/** Oxides on labels to elements (molar masses): P₂O₅ → P, K₂O → K. */
export const phosphorusShare = 0.4364;
export const potassiumShare = 0.8301;

/** N in the feed water by age, mg/L (reviewed bands; extension guideline). */
export const nitrogenBands = {
  seedling: { label: 'Seedlings', from: 50, to: 75, most: 100, days: [7, 14] },
  transplant: { label: 'Young plants set out', from: 100, to: 150, most: 200, days: [7, 10] },
  fruiting: { label: 'Fruiting pots, each watering', from: 150, to: 200, most: 250, days: [1, 7] },
  leafy: { label: 'Leaf crops and house plants', from: 50, to: 100, most: 150, days: [10, 14] },
} as const;
type Stage = keyof typeof nitrogenBands;

/** Feed salts raise the conductivity by about this much per mg/L of nitrogen (mS/cm): 0.4–0.7 per 100 mg/L. */
const ecPerNitrogen = [0.004, 0.007] as const;

export const labelFeed = defineTool({
  id: 'feed',
  name: 'A feed by its label',
  plain: 'From N-P-K on the label to milligrams in the can, beside what plants of that age want.',
  group: 'feeds',
  fields: {
    ready: quantity('volume', 'Ready feed wanted', { usual: 5000, to: 1e6 }),
    n: number('N', '%', { usual: 4, from: 0, to: 60 }),
    p: number('P (as P₂O₅)', '%', { usual: 3, from: 0, to: 60 }),
    k: number('K (as K₂O)', '%', { usual: 6, from: 0, to: 60 }),
    form: choice('It is', { liquid: 'a liquid', powder: 'a powder' }, 'liquid'),
    density: number('A litre weighs', 'kg', {
      usual: 1.1,
      from: 0.8,
      to: 1.6,
      when: { field: 'form', is: ['liquid'] },
    }),
    rate: number('Rate', 'mL or g per litre', { usual: 2, to: 50 }),
    share: number('Share of it', '%', { usual: 100, to: 100, hint: 'Seedlings: a quarter of the outdoor rate.' }),
    stage: choice(
      'For',
      Object.fromEntries(Object.entries(nitrogenBands).map(([id, { label }]) => [id, label])) as Record<Stage, string>,
      'transplant',
    ),
    tapEc: number('Conductivity of the water', 'mS/cm', { usual: 0.4, from: 0, to: 5 }),
  },
  work({ ready, n, p, k, form, density, rate, share, stage, tapEc }, bench) {
    const heavy = form === 'liquid' ? density : 1;
    const used = (rate * share) / 100;
    const nitrogen = milligramsOf(used, heavy, n);
    const phosphorus = milligramsOf(used, heavy, p) * phosphorusShare;
    const potassium = milligramsOf(used, heavy, k) * potassiumShare;
    const band = nitrogenBands[stage];
    const amount = (used * ready) / 1000;
    const middle = n > 0 ? (band.from + band.to) / 2 / (heavy * n * 10) : 0;
    if (nitrogen > band.most * 1.0001)
      return stop(
        `${trim(nitrogen, 0)} mg/L nitrogen is above the ${band.most} that ${band.label.toLowerCase()} bear.`,
        `Use ${trim((band.most * used) / nitrogen, 2)} ${form === 'liquid' ? 'mL' : 'g'} per litre at most; ${trim(middle, 2)} is the middle of the band.`,
      );
    const unit = form === 'liquid' ? 'mL' : 'g';
    return {
      results: [
        result('amount', 'Feed', amount, unit, { main: true }),
        result('nitrogen', 'Nitrogen (N)', nitrogen, 'mg/L', { digits: 1, main: true }),
        result('phosphorus', 'Phosphorus (P)', phosphorus, 'mg/L', { digits: 1 }),
        result('potassium', 'Potassium (K)', potassium, 'mg/L', { digits: 1 }),
        result('band-low', 'Wanted nitrogen, from', band.from, 'mg/L', { digits: 0 }),
        result('band-high', 'to', band.to, 'mg/L', { digits: 0 }),
        ...(n > 0 ? [result('middle', 'The middle of that takes', middle, `${unit} per litre`)] : []),
        result('ec-low', 'Conductivity, from about', tapEc + nitrogen * ecPerNitrogen[0], 'mS/cm', { digits: 1 }),
        result('ec-high', 'to about', tapEc + nitrogen * ecPerNitrogen[1], 'mS/cm', { digits: 1 }),
        result('again-from', 'Again after', band.days[0], 'days', { digits: 0 }),
        result('again-to', 'to', band.days[1], 'days', { digits: 0 }),
      ],
      parts: [form === 'liquid' ? bench.pour('seedling-feed', amount) : bench.weigh('feed-powder', amount)],
      waterMl: ready - (form === 'liquid' ? amount : 0),
      order: [
        `Fill in ${bench.water(ready)?.says} of water`,
        `Stir in ${trim(amount, 1)} ${unit} of feed`,
        'Water moist soil with it, never dry soil',
      ],
      cautions: [
        ...(nitrogen < band.from
          ? [note('Below the band: fine for a plant that looks well, thin for one that is pale.')]
          : []),
        ...(nitrogen > band.to
          ? [caution(`Above the band of ${band.from}–${band.to} mg/L: soft growth, and sap-suckers like it.`)]
          : []),
        ...(stage === 'seedling'
          ? [
              note(
                'First feed 7–10 days after sprouting, from below, the tray a quarter full. Crisp and crusted: stop and flush.',
              ),
            ]
          : []),
      ],
      working: [
        line('Used', `${trim(rate, 2)} × ${trim(share, 0)} ÷ 100`, `${trim(used, 3)} ${unit}/L`),
        line('N', `${trim(used, 3)} × ${trim(heavy, 2)} × ${trim(n, 2)} × 10`, `${trim(nitrogen, 1)} mg/L`),
        line('P', `${trim(used, 3)} × ${trim(heavy, 2)} × ${trim(p, 2)} × 10 × 0.4364`, `${trim(phosphorus, 1)} mg/L`),
        line('K', `${trim(used, 3)} × ${trim(heavy, 2)} × ${trim(k, 2)} × 10 × 0.8301`, `${trim(potassium, 1)} mg/L`),
      ],
      grade: 'guideline',
    };
  },
});

export const epsom = defineTool({
  id: 'epsom',
  name: 'Epsom salts',
  plain: 'Magnesium for a lack that the oldest leaves show between their veins; for nothing else.',
  group: 'feeds',
  fields: {
    ready: quantity('volume', 'Ready mix wanted', { usual: 2000, to: 1e6 }),
    rate: number('Rate', 'g per litre', { usual: 5, to: 100 }),
    way: choice('Goes', { leaf: 'on leaves', soil: 'on soil' }, 'leaf'),
    purpose: choice(
      'For',
      { lack: 'magnesium lack', 'fruit-end-rot': 'fruit-end rot', 'just-in-case': 'just in case' },
      'lack',
    ),
  },
  work({ ready, rate, way, purpose }, bench) {
    if (purpose === 'fruit-end-rot')
      return stop('Magnesium competes with calcium: Epsom salts can make fruit-end rot worse.', 'Water evenly.');
    const most = way === 'leaf' ? 20 : 30;
    if (rate > most)
      return stop(
        `${trim(rate, 1)} g/L burns: ${way === 'leaf' ? 'leaves' : 'roots'} bear ${most}.`,
        'Use 5 g per litre.',
      );
    const amount = (rate * ready) / 1000;
    return {
      results: [
        result('epsom', 'Epsom salts', amount, 'g', { main: true }),
        result('magnesium', 'Magnesium', rate * 98.6, 'mg/L', { digits: 0 }),
      ],
      parts: [bench.weigh('epsom', amount)],
      waterMl: ready,
      order: [
        `Fill in ${bench.water(ready)?.says} of lukewarm water`,
        `Stir in ${trim(amount, 1)} g until it is clear`,
      ],
      cautions: [
        ...(purpose === 'just-in-case'
          ? [caution('Where magnesium is not lacking it only adds salt.', 'Test the soil first.')]
          : []),
        note('Dull hours, on leaves that are not thirsty; twice, two weeks apart.'),
      ],
      working: [
        line('Epsom salts', `${trim(ready / 1000, 3)} L × ${trim(rate, 2)} g/L`, `${trim(amount, 2)} g`),
        line('Magnesium', `${trim(rate, 2)} g/L × 9.86 %`, `${trim(rate * 98.6, 1)} mg/L`),
      ],
      honest: 'It greens a true magnesium lack; on tomatoes without one it does nothing.',
      grade: purpose === 'lack' ? 'guideline' : 'doubtful',
    };
  },
});

export const seedMix = defineTool({
  id: 'seed-mix',
  name: 'Castings in a seed mix',
  plain: 'Worm castings by volume: 2–4 %, or none.',
  group: 'feeds',
  fields: {
    mix: quantity('volume', 'Seed mix', { usual: 10_000, to: 1e6 }),
    share: number('Castings', '% by volume', { usual: 3, from: 0, to: 100 }),
  },
  work({ mix, share }, bench) {
    if (share > 10) return stop(`${trim(share, 0)} % castings is too rich and too wet for seedlings.`, 'Use 2–4 %.');
    const castings = (mix * share) / 100;
    return {
      results: [
        result('castings', 'Castings', castings, 'mL', { digits: 0, main: true }),
        result('rest', 'Sterile mix', mix - castings, 'mL', { digits: 0 }),
      ],
      parts: [bench.pour('castings', castings)],
      order: ['Sieve the castings', 'Mix them in dry, then damp all of it', 'Let it stand a day before sowing'],
      cautions:
        share > 4
          ? [caution('Above 4 % mould and gnats are likelier.', '2–4 % is enough.')]
          : [note('No raw granular feeds in seed mix: they mould.')],
      working: [line('Castings', `${trim(mix, 0)} mL × ${trim(share, 1)} ÷ 100`, `${trim(castings, 0)} mL`)],
      grade: 'practice',
    };
  },
});
