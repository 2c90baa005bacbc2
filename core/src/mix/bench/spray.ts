import { trim } from '../../measures';
import { choice, number, quantity } from './field';
import { defineTool, line, note, result } from './tool';

/** mL of ready spray that wets a plant to run-off, by height (judgement; measured once with a jug is better). */
const perPlant = { seedlings: 10, knee: 40, hip: 120, head: 300, tree: 1500 } as const;

export const sprayVolume = defineTool({
  id: 'spray',
  name: 'How much spray?',
  plain: 'For so many plants of each size; what does not keep is made for one evening.',
  group: 'liquids',
  fields: {
    seedlings: number('Seedlings', 'plants', { usual: 0, from: 0, to: 10_000 }),
    knee: number('To the knee', 'plants', { usual: 6, from: 0, to: 10_000 }),
    hip: number('To the hip', 'plants', { usual: 0, from: 0, to: 10_000 }),
    head: number('To the head, or climbing', 'plants', { usual: 0, from: 0, to: 10_000 }),
    tree: number('Small trees', 'trees', { usual: 0, from: 0, to: 1000 }),
    wet: choice('Wetted', { 'run-off': 'to run-off, both sides', light: 'lightly' }, 'run-off'),
    sprayer: quantity('volume', 'Sprayer', { usual: 1500, to: 1e5 }),
  },
  work({ seedlings, knee, hip, head, tree, wet, sprayer }) {
    const sizes = { seedlings, knee, hip, head, tree };
    const share = wet === 'light' ? 0.6 : 1;
    const net =
      Object.entries(sizes).reduce((sum, [size, count]) => sum + count * perPlant[size as keyof typeof perPlant], 0) *
      share;
    const total = net * 1.1;
    const fills = Math.ceil(total / sprayer - 1e-9);
    return {
      results: [
        result('total', 'Ready mix', total, 'mL', { digits: 0, main: true }),
        result('fills', 'Sprayer fills', fills, '', { digits: 0, main: true }),
        result('last', 'The last fill', fills === 0 ? 0 : total - (fills - 1) * sprayer, 'mL', { digits: 0 }),
      ],
      cautions: [
        note(
          'Soap, peroxide and milk do not keep: mix this much and no more. What is left goes on bare ground, never in a drain.',
        ),
      ],
      working: [
        ...Object.entries(sizes).flatMap(([size, count]) =>
          count > 0
            ? [
                line(
                  size,
                  `${trim(count, 0)} × ${perPlant[size as keyof typeof perPlant]} mL${share < 1 ? ' × 0.6' : ''}`,
                  `${trim(count * perPlant[size as keyof typeof perPlant] * share, 0)} mL`,
                ),
              ]
            : [],
        ),
        line('With a tenth to spare', `${trim(net, 0)} mL × 1.1`, `${trim(total, 0)} mL`),
      ],
      grade: 'practice',
    };
  },
});

export const potSoak = defineTool({
  id: 'pot-soak',
  name: 'Soap soak for ants in a pot',
  plain: 'The pot stands in soapy water for twenty minutes, then is rinsed.',
  group: 'liquids',
  fields: {
    bath: quantity('volume', 'Water in the tub', { usual: 8000, to: 2e5 }),
    strength: number('Strength', '% by volume', { usual: 1.5, to: 20 }),
    minutes: number('Minutes', 'min', { usual: 20, to: 3000 }),
    plant: choice(
      'Plant',
      {
        sturdy: 'a sturdy, grown plant',
        fern: 'fern',
        succulent: 'succulent',
        orchid: 'orchid',
        seedling: 'seedlings',
      },
      'sturdy',
    ),
  },
  work({ bath, strength, minutes, plant }, bench) {
    const refusal =
      plant !== 'sturdy'
        ? {
            says: `Never for ${plant === 'seedling' ? 'seedlings' : `a ${plant}`}: soap kills their roots.`,
            instead: 'Repot with bare roots, or set bait.',
          }
        : minutes > 30
          ? {
              says: `${trim(minutes, 0)} minutes in soap kills roots; some growers leave it a day, and lose plants.`,
              instead: 'Twenty minutes, thirty at the very most.',
            }
          : strength > 3
            ? { says: `${trim(strength, 1)} % is too strong for roots: at most 3 %.`, instead: 'Use 1.5 %.' }
            : undefined;
    if (refusal) return { stop: { level: 'stop', ...refusal } };
    const soap = (bath * strength) / 100;
    return {
      results: [
        result('soap', 'Soap', soap, 'mL', { main: true }),
        result('minutes', 'Stands for', minutes, 'min', { digits: 0, main: true }),
      ],
      parts: [bench.pour('liquid-soap', soap)],
      waterMl: bath - soap,
      order: [
        `Fill the tub with ${bench.water(bath - soap)?.says} of soft water`,
        `Add ${trim(soap, 0)} mL of soap`,
        `Stand the pot in it for ${trim(minutes, 0)} minutes, by the clock`,
        'Lift it out, let it drain, and flush with three pots of clean water',
      ],
      cautions: [note('Slippery on paving; the tub is emptied on bare ground, away from ponds and worm bins.')],
      working: [line('Soap', `${trim(bath, 0)} mL × ${trim(strength, 2)} ÷ 100`, `${trim(soap, 1)} mL`)],
      honest: 'It drowns the ants that are in the pot; a nest beside it comes back.',
      grade: 'practice',
    };
  },
});

export const cost = defineTool({
  id: 'cost',
  name: 'What does it cost?',
  plain: 'Of a litre and of a treatment, from what the packs cost, beside something bought.',
  group: 'money',
  fields: {
    amount: number('Used in the mix', 'mL or g', { usual: 15, from: 0, to: 1e6 }),
    pack: number('The pack holds', 'mL or g', { usual: 500, to: 1e6 }),
    price: number('It cost', '', { usual: 6, from: 0, to: 1e5 }),
    ready: quantity('volume', 'Ready mix', { usual: 1500, to: 1e6 }),
    times: number('Times it is used', '', { usual: 3, from: 1, to: 100 }),
    bought: number('The bought one, per litre ready', '', { usual: 5, from: 0, to: 1e5 }),
  },
  work({ amount, pack, price, ready, times, bought }) {
    const once = (amount / pack) * price;
    const litre = once / (ready / 1000);
    const boughtOnce = bought * (ready / 1000);
    return {
      results: [
        result('once', 'One treatment', once, '', { main: true, says: once.toFixed(2) }),
        result('litre', 'A litre of it', litre, '', { says: litre.toFixed(2) }),
        result('all', 'All of them', once * times, '', { says: (once * times).toFixed(2) }),
        result('bought', 'Bought, all of them', boughtOnce * times, '', { says: (boughtOnce * times).toFixed(2) }),
        result('saved', 'Saved', (boughtOnce - once) * times, '', { says: ((boughtOnce - once) * times).toFixed(2) }),
      ],
      working: [
        line('Once', `${trim(amount, 2)} ÷ ${trim(pack, 1)} × ${trim(price, 2)}`, once.toFixed(3)),
        line('A litre', `${once.toFixed(3)} ÷ ${trim(ready / 1000, 3)} L`, litre.toFixed(3)),
      ],
    };
  },
});
