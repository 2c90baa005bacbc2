import type { cost, potSoak, sprayVolume } from '../../mix/bench/spray';
import type { ToolWords } from './words';

const full = (what: string) => [what, '{count} × {each}', '{all}'] as const;
const light = (what: string) => [what, '{count} × {each} × {share}', '{all}'] as const;

export const sprayWords: ToolWords<typeof sprayVolume> = {
  of: 'spray',
  name: 'How much spray?',
  plain: 'For so many plants of each size; what does not keep is made for one evening.',
  fields: {
    seedlings: 'Seedlings',
    knee: 'To the knee',
    hip: 'To the hip',
    head: 'To the head, or climbing',
    tree: 'Small trees',
    wet: { label: 'Wetted', options: { 'run-off': 'to run-off, both sides', light: 'lightly' } },
    sprayer: 'Sprayer',
  },
  results: { total: 'Ready mix', fills: 'Sprayer fills', last: 'The last fill' },
  says: {
    'does-not-keep':
      'Soap, peroxide and milk do not keep: mix this much and no more. What is left goes on bare ground, never in a drain.',
  },
  working: {
    seedlings: full('Seedlings'),
    knee: full('To the knee'),
    hip: full('To the hip'),
    head: full('To the head'),
    tree: full('Trees'),
    'light-seedlings': light('Seedlings'),
    'light-knee': light('To the knee'),
    'light-hip': light('To the hip'),
    'light-head': light('To the head'),
    'light-tree': light('Trees'),
    'to-spare': ['With a tenth to spare', '{net} × {toSpare}', '{total}'],
  },
};

const never = (plants: string) =>
  [`Never for ${plants}: soap kills their roots.`, 'Repot with bare roots, or set bait.'] as const;

export const potSoakWords: ToolWords<typeof potSoak> = {
  of: 'pot-soak',
  name: 'Soap soak for ants in a pot',
  plain: 'The pot stands in soapy water for twenty minutes, then is rinsed.',
  fields: {
    bath: 'Water in the tub',
    strength: 'Strength',
    minutes: 'Minutes',
    plant: {
      label: 'Plant',
      options: {
        sturdy: 'a sturdy, grown plant',
        fern: 'fern',
        succulent: 'succulent',
        orchid: 'orchid',
        seedling: 'seedlings',
      },
    },
  },
  results: { soap: 'Soap', minutes: ['Stands for', '{value} min'] },
  says: {
    'never-fern': never('a fern'),
    'never-succulent': never('a succulent'),
    'never-orchid': never('an orchid'),
    'never-seedling': never('seedlings'),
    'too-long': [
      '{minutes} minutes in soap kills roots; some growers leave it a day, and lose plants.',
      'Twenty minutes, thirty at the very most.',
    ],
    'too-strong': ['{strength} % is too strong for roots: at most {most} %.', 'Use 1.5 %.'],
    'fill-tub': 'Fill the tub with {water} of soft water',
    'add-soap': 'Add {soap} of soap',
    stand: 'Stand the pot in it for {minutes} minutes, by the clock',
    flush: 'Lift it out, let it drain, and flush with three pots of clean water',
    slippery: 'Slippery on paving; the tub is emptied on bare ground, away from ponds and worm bins.',
    honest: 'It drowns the ants that are in the pot; a nest beside it comes back.',
  },
  working: { soap: ['Soap', '{bath} × {strength} ÷ 100', '{soap}'] },
};

const money = (label: string) => [label, '{value:money}'] as const;

export const costToolWords: ToolWords<typeof cost> = {
  of: 'cost',
  name: 'What does it cost?',
  plain: 'Of one treatment and of all of them, from what the packs cost, beside something bought.',
  fields: {
    amount: { label: 'Used in the mix', hint: 'In the same measure as the pack.' },
    pack: 'The pack holds',
    price: 'It cost',
    ready: 'Ready mix',
    times: 'Times it is used',
    bought: 'The bought one, for as much ready mix',
  },
  results: {
    once: money('One treatment'),
    litre: money('{1 L} of it'),
    all: money('All of them'),
    bought: money('Bought, all of them'),
    saved: money('Saved'),
  },
  says: {},
  working: {
    once: ['Once', '{amount} ÷ {pack} × {price}', '{once:money}'],
    all: ['All of them', '{once:money} × {times}', '{all:money}'],
    saved: ['Saved', '{bought:money} × {times} − {all:money}', '{saved:money}'],
  },
};
