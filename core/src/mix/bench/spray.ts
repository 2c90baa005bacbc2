import { mL, said } from '../../quantities';
import { choice, number, quantity } from './field';
import { defineTool, line, note, result, stop } from './tool';

/** mL of ready spray that wets a plant to run-off, by height (judgement; measured once with a jug is better). */
const perPlant = { seedlings: 10, knee: 40, hip: 120, head: 300, tree: 1500 } as const;
type Size = keyof typeof perPlant;
const sizes = Object.keys(perPlant) as Size[];

/** Share of a full wetting that a light one takes, and what is made beside for the hose and the last drops (judgement). */
const lightly = 0.6;
const toSpare = 1.1;

const most = 10_000;

export const sprayVolume = defineTool({
  id: 'spray',
  group: 'sprays',
  fields: {
    seedlings: number('plants', { usual: 0, from: 0, to: most }),
    knee: number('plants', { usual: 6, from: 0, to: most }),
    hip: number('plants', { usual: 0, from: 0, to: most }),
    head: number('plants', { usual: 0, from: 0, to: most }),
    tree: number('trees', { usual: 0, from: 0, to: 1000 }),
    wet: choice(['run-off', 'light'], 'run-off'),
    sprayer: quantity('volume', { usual: 1500, to: 1e5 }),
  },
  work({ wet, sprayer, ...counts }) {
    const share = wet === 'light' ? lightly : 1;
    const net = sizes.reduce((sum, size) => sum + counts[size] * perPlant[size], 0) * share;
    const total = net * toSpare;
    const fills = Math.ceil(total / sprayer - 1e-9);
    return {
      results: [
        result('total', mL(total), { digits: 0, main: true }),
        result('fills', fills, { digits: 0, main: true }),
        result('last', mL(fills === 0 ? 0 : total - (fills - 1) * sprayer), { digits: 0 }),
      ],
      cautions: [note('does-not-keep')],
      working: [
        ...sizes
          .filter((size) => counts[size] > 0)
          .map((size) =>
            line(share < 1 ? `light-${size}` : size, {
              count: counts[size],
              each: mL(perPlant[size]),
              share,
              all: mL(counts[size] * perPlant[size] * share),
            }),
          ),
        line('to-spare', { net: mL(net), toSpare, total: mL(total) }),
      ],
      grade: 'practice',
    };
  },
});

export const potSoak = defineTool({
  id: 'pot-soak',
  group: 'sprays',
  fields: {
    bath: quantity('volume', { usual: 8000, to: 2e5 }),
    strength: number('percent-volume', { usual: 1.5, to: 20 }),
    minutes: number('minutes', { usual: 20, to: 3000 }),
    plant: choice(['sturdy', 'fern', 'succulent', 'orchid', 'seedling'], 'sturdy'),
  },
  work({ bath, strength, minutes, plant }, bench) {
    if (plant !== 'sturdy') return stop(`never-${plant}`);
    const soakMost = bench.longestSoak('liquid-soap');
    const soakStrongest = bench.bears('liquid-soap', 'soak')?.most ?? 0;
    if (minutes > soakMost) return stop('too-long', { minutes });
    if (strength > soakStrongest) return stop('too-strong', { strength, most: soakStrongest });
    const amount = (bath * strength) / 100;
    return {
      results: [result('soap', mL(amount), { main: true }), result('minutes', minutes, { digits: 0, main: true })],
      parts: [bench.pour('liquid-soap', amount)],
      waterMl: bath - amount,
      order: [
        said('fill-tub', { water: { water: bath - amount } }),
        said('add-soap', { soap: { pour: amount } }),
        said('stand', { minutes }),
        said('flush'),
      ],
      cautions: [note('slippery')],
      working: [line('soap', { bath: mL(bath), strength, soap: mL(amount) })],
      honest: 'honest',
      grade: 'practice',
    };
  },
});

export const cost = defineTool({
  id: 'cost',
  group: 'money',
  fields: {
    amount: number('none', { usual: 15, from: 0, to: 1e6 }),
    pack: number('none', { usual: 500, to: 1e6 }),
    price: number('none', { usual: 6, from: 0, to: 1e5 }),
    ready: quantity('volume', { usual: 1500, to: 1e6 }),
    times: number('none', { usual: 3, from: 1, to: 100 }),
    bought: number('none', { usual: 5, from: 0, to: 1e5 }),
  },
  work({ amount, pack, price, ready, times, bought }) {
    const once = (amount / pack) * price;
    const all = once * times;
    return {
      results: [
        result('once', once, { main: true }),
        result('litre', once / (ready / 1000)),
        result('all', all),
        result('bought', bought * times),
        result('saved', bought * times - all),
      ],
      working: [
        line('once', { amount, pack, price, once }),
        line('all', { once, times, all }),
        line('saved', { bought, times, all, saved: bought * times - all }),
      ],
    };
  },
});
