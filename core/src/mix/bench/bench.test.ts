import fc from 'fast-check';
import type { MixResponse, Worked } from '../../contract/mix';
import { answerMix } from '../../headless/mix';
import type { Tables } from '../../tables';
import { boricPercent, powderFor } from './bait';
import { pace, weedBrewParts } from './brews';
import { bothDilutions, stockByStrength, stockFor } from './dilution';
import { dissolvedAfter, extract } from './extraction';
import { milligramsOf } from './feeds';
import { areaOfOutline, sized } from './shapes';
import { sheetsFor } from './sheets';
import { hardnessByShaking } from './soap-water';
import { benchTools } from './index';

/** Only names and densities are looked up. */
const ingredients = [
  'stock',
  'liquid-soap',
  'peroxide',
  'vinegar',
  'egg-shell',
  'shell-extract',
  'epsom',
  'seedling-feed',
  'feed-powder',
  'boric-acid',
  'borax',
  'sugar',
  'castings',
  'mustard-powder',
  'wood-ash',
  'garden-lime',
  'sulphur',
  'slug-pellets',
  'nitrogen',
].map(
  (id) =>
    ({
      id,
      name: id,
      words: [],
      density: 1,
      form: 'liquid',
      classes: [],
      source: 'chemistry',
      grade: 'trial',
    }) as const,
);
const limit = (of: string, use: string, most: number, tested?: number) => ({
  id: `${of}-${use}`,
  of,
  use,
  most,
  ...(tested === undefined ? {} : { tested }),
});
const tables = {
  ingredients,
  remedies: [],
  safetyRules: [],
  limits: [
    limit('peroxide', 'leaf', 0.3, 0.5),
    limit('peroxide', 'root', 0.3),
    limit('peroxide', 'seedling', 0.1),
    limit('peroxide', 'seed', 3),
    limit('peroxide', 'tool', 12),
    limit('liquid-soap', 'soak', 3),
    limit('epsom', 'leaf', 2),
    limit('epsom', 'root', 3),
    limit('nitrogen', 'root', 0.02),
    limit('nitrogen', 'seedling', 0.01),
  ],
  areaLimits: [
    { id: 'ash', of: 'wood-ash', most: 70 },
    { id: 'lime', of: 'garden-lime', most: 250 },
    { id: 'sulphur', of: 'sulphur', most: 100 },
    { id: 'pellets', of: 'slug-pellets', most: 5 },
  ],
  paces: [{ id: 'soap-soak', of: 'liquid-soap', soakMinutes: 30 }],
  sceneFacts: [
    { id: 'soil-limy', words: [], ph: { from: 6.5 } },
    { id: 'free-lime', words: [], ph: { from: 7.8 } },
  ],
} as unknown as Tables;

const answerOf = (
  tool: string,
  values: Record<string, unknown> = {},
  more: Record<string, unknown> = {},
): MixResponse => answerMix(tables, { tool, values, ...more });
const worked = (tool: string, values: Record<string, unknown> = {}, more: Record<string, unknown> = {}): Worked => {
  const answer = answerOf(tool, values, more);
  if (answer.kind !== 'worked') throw new Error(`expected figures, got ${JSON.stringify(answer)}`);
  return answer;
};
const figure = (answer: Worked, id: string): number => answer.results.find((row) => row.id === id)?.value ?? NaN;
const refusal = (tool: string, values: Record<string, unknown>): string => {
  const answer = answerOf(tool, values);
  return answer.kind === 'refused' ? answer.says : `not refused: ${JSON.stringify(answer)}`;
};

/**
 * Every row: tool, what is given, the figure looked at, and what it must be, worked out by another route
 * (in the remark: by hand, from tables, or with the program `units`), and to how many decimals.
 */
const figures: readonly [
  tool: string,
  values: Record<string, unknown>,
  id: string,
  expected: number,
  digits?: number,
][] = [
  // One of each of the sums that have tests of their own beside them.
  ['dose-strength', { dose: 10, into: 990 }, 'strength', 1, 3],
  ['spoons-grams', { of: 'epsom', volume: 15 }, 'mass', 15],
  ['label-rate', { rate: 8, ready: 2000 }, 'amount', 16],
  ['parts-percent', { part: 1, parts: 29 }, 'percent', 3.333, 3],
  ['pot-drench', { across: 0.2, deep: 0.2, pots: 1, share: 10 }, 'each', 484, 0],
  ['degree-days', { low: 10, high: 20, days: 10 }, 'sum', 50, 0],
  ['doubling', { first: 10, later: 40, days: 8 }, 'doubles', 4, 1],
  // One part in eleven, in six: by hand.
  ['dilute', { ready: 1100, parts: 10 }, 'stock', 100],
  ['dilute', { ready: 1500, parts: 9 }, 'stock', 150],
  ['dilute', { ready: 10_000, parts: 1000 }, 'stock', 9.99, 2],
  // 1:10 then 1:100 is one part in 11 × 101 = 1111.
  ['dilute', { ready: 1111, parts: 10, again: 100 }, 'stock', 1],
  ['dilute', { ready: 1111, parts: 10, again: 100 }, 'between', 11],
  ['dilute', { ready: 1000, parts: 10, again: 100 }, 'one-to', 1110],
  ['dilute', { ready: 5050, parts: 4, again: 100 }, 'stock', 10],
  // C₁V₁ = C₂V₂.
  ['strength', { ready: 1000, has: 3, wanted: 0.3 }, 'stock', 100],
  ['strength', { ready: 500, has: 12, wanted: 3 }, 'stock', 125],
  ['strength', { ready: 1000, has: 500, wanted: 20, unit: 'g/L' }, 'stock', 40],
  ['strength', { ready: 2000, has: 16_685, wanted: 50, unit: 'mg/L' }, 'stock', 5.993, 2],
  ['strength', { ready: 1000, has: 3, wanted: 0.3 }, 'one-to', 9],
  // Peroxide: 0.06 % from 3 % is 1:49, 0.6 would be 1:4; 0.3 % from 6 % is 1:19.
  ['peroxide', { use: 'seed', ready: 500 }, 'stock', 10],
  ['peroxide', { use: 'seed', ready: 500 }, 'one-to', 49],
  ['peroxide', { use: 'root', bottle: 6, ready: 1000 }, 'stock', 50],
  ['peroxide', { use: 'root', bottle: 6, ready: 1000 }, 'one-to', 19],
  ['peroxide', { use: 'leaf', ready: 1500 }, 'stock', 150],
  ['peroxide', { use: 'seedling', wanted: 0.1, ready: 3000 }, 'stock', 100],
  ['peroxide', { use: 'tool', bottle: 12, ready: 400 }, 'stock', 100],
  // 100 mg/L CaCO₃ binds 0.641 g/L potassium oleate: 2 × 0.99910 mmol × 320.55 mg.
  ['soap-water', { strength: 1, content: 35, hardness: 100, ready: 1000 }, 'bound-most', 0.641],
  ['soap-water', { strength: 1, content: 35, hardness: 100, ready: 1000 }, 'bound-least', 0.32],
  ['soap-water', { strength: 1, content: 35, hardness: 100, ready: 1000 }, 'free', 2.859],
  ['soap-water', { strength: 0.5, content: 35, hardness: 300, ready: 1000 }, 'free', 0],
  ['soap-water', { strength: 0.5, content: 35, hardness: 300, ready: 1000 }, 'lost-most', 100],
  ['soap-water', { strength: 1, content: 35, hardness: { amount: 10, unit: '°dH' }, ready: 1000 }, 'bound-most', 1.143], // 178.5 mg/L
  ['soap-water', { strength: 1, content: 35, hardness: { amount: 18, unit: '°fH' }, ready: 1000 }, 'bound-most', 1.153], // 180 mg/L
  ['soap-water', { strength: 1, content: 35, hardness: { amount: 10, unit: 'gpg' }, ready: 1000 }, 'bound-most', 1.097], // 171.2 mg/L
  [
    'soap-water',
    { strength: 1, content: 35, hardness: { amount: 12, unit: '°Clarke' }, ready: 1000 },
    'bound-most',
    1.095,
  ], // 171 mg/L
  ['soap-water', { strength: 1, content: 35, hardness: 180, ready: 1500 }, 'extra', 4.941, 2], // 1.153 ÷ 0.35 × 1.5
  ['soap-water', { strength: 1, content: 35, hardness: 0, ready: 1500 }, 'free', 3.5],
  // 10 drops more than rain water: 10 × 0.05 × 0.35 g in 100 mL = 1.75 g/L → ÷ 0.0064053.
  ['soap-shake', { drops: 12, blank: 2, sample: 100, content: 35, perSpoon: 100 }, 'hardness', 273.2, 0],
  ['soap-shake', { drops: 2, blank: 2, sample: 100, content: 35, perSpoon: 100 }, 'hardness', 0],
  ['soap-shake', { drops: 9, blank: 2, sample: 100, content: 35, perSpoon: 100 }, 'degrees', 10.71, 1],
  // 100 g at 1 % boric acid: 1 = 100 p ÷ (100 + p) → p = 1.0101; as borax 1.5645.
  ['bait', { carrier: 100, wanted: 1 }, 'powder', 1.01, 2],
  ['bait', { carrier: 100, wanted: 1, product: 'borax' }, 'powder', 1.565, 2],
  ['bait', { carrier: 200, wanted: 0.5 }, 'powder', 1.005, 2],
  ['bait', { carrier: 100, wanted: 5, kind: 'paste' }, 'powder', 5.263, 2],
  ['bait', { way: 'check', carrier: 95, powder: 5, kind: 'paste' }, 'percent', 5],
  ['bait', { way: 'check', carrier: 95, powder: 5, product: 'borax', kind: 'paste' }, 'percent', 3.245],
  ['bait', { carrier: 100, wanted: 1, sugar: 20 }, 'sugar', 20],
  ['bait', { carrier: 100, wanted: 1, sugar: 25 }, 'water', 75],
  ['bait', { carrier: 90, wanted: 1, stations: 3 }, 'station', 30.303, 2],
  // 40 mL a plant, a tenth to spare.
  ['spray', { knee: 6 }, 'total', 264],
  ['spray', { knee: 10, head: 2 }, 'total', 1100],
  ['spray', { knee: 10, head: 2, wet: 'light' }, 'total', 660],
  ['spray', { knee: 60, sprayer: 1500 }, 'fills', 2],
  ['spray', { knee: 60, sprayer: 1500 }, 'last', 1140],
  ['pot-soak', { bath: 8000, strength: 1.5 }, 'soap', 120],
  // 5 % vinegar used up: 50 ÷ 60.05 ÷ 2 × 40.08 = 16.686 g/L; needs 43.9 g of shell a litre; 10.0 L of gas.
  ['shell-extract', { shell: 100, vinegar: 1000, acid: 5 }, 'calcium', 16_686, 0],
  ['shell-extract', { shell: 100, vinegar: 1000, acid: 5 }, 'shell-used', 43.86, 1],
  ['shell-extract', { shell: 100, vinegar: 1000, acid: 5 }, 'gas', 10.02, 1],
  ['shell-extract', { shell: 100, vinegar: 1000, acid: 5 }, 'runs-out', 1],
  ['shell-extract', { shell: 100, vinegar: 1000, acid: 5 }, 'acid-left', 0],
  ['shell-extract', { shell: 20, vinegar: 1000, acid: 5 }, 'runs-out', 0],
  ['shell-extract', { shell: 20, vinegar: 1000, acid: 5 }, 'calcium', 7608, 0], // 19 g CaCO₃ × 0.40044
  ['shell-extract', { shell: 20, vinegar: 1000, acid: 5 }, 'shell-left', 0],
  ['shell-extract', { shell: 20, vinegar: 1000, acid: 5 }, 'acid-left', 2.72, 2], // (0.83264 − 0.37966) × 60.05 ÷ 10
  ['shell-extract', { shell: 100, vinegar: 1000, acid: 5, parts: 1000 }, 'ppm', 16.67, 1],
  ['shell-extract', { shell: 100, vinegar: 1000, acid: 5 }, 'ppm-500', 33.31, 1],
  ['shell-extract', { shell: 100, vinegar: 1000, acid: 5 }, 'ppm-250', 66.48, 1],
  ['shell-extract', { hardness: 180 }, 'tap', 72.07, 1],
  ['shell-extract', { hardness: { amount: 15, unit: '°dH' } }, 'tap', 107.2, 1],
  ['shell-extract', { shell: { amount: 2, unit: 'oz' }, vinegar: 500, acid: 6 }, 'shell-used', 26.32, 1], // 30 g acid ÷ 120.1 × 105.36
  // Powder 1:4 by volume: 80 g in 400 mL uses 17.5 of it; crushed 1:10: 32 g in 400 mL uses 55 %.
  ['shell-extract', { shell: 100, vinegar: 400, acid: 5, grain: 'powder' }, 'shell-used', 17.54, 1],
  ['shell-extract', { shell: 32, vinegar: 400, acid: 5 }, 'shell-left', 14.46, 1],
  // 16 685 ÷ 501; 0.1 g/L × 98.6.
  ['calcium-magnesium', {}, 'calcium', 33.3, 1],
  ['calcium-magnesium', {}, 'magnesium', 9.86, 2],
  ['calcium-magnesium', { ready: 10_020 }, 'stock', 20],
  ['calcium-magnesium', { ready: 10_000, epsom: 0.2 }, 'epsom', 2],
  // N: 2 mL/L × 1.1 × 4 × 10 = 88; P: 66 × 0.4364; K: 132 × 0.8301.
  ['feed', { n: 4, p: 3, k: 6, rate: 2, density: 1.1 }, 'nitrogen', 88],
  ['feed', { n: 4, p: 3, k: 6, rate: 2, density: 1.1 }, 'phosphorus', 28.8, 1],
  ['feed', { n: 4, p: 3, k: 6, rate: 2, density: 1.1 }, 'potassium', 109.57, 1],
  ['feed', { n: 20, p: 20, k: 20, form: 'powder', powderRate: 0.5 }, 'nitrogen', 100],
  ['feed', { n: 20, p: 20, k: 20, form: 'powder', powderRate: 0.5 }, 'phosphorus', 43.64, 1],
  ['feed', { n: 20, p: 20, k: 20, form: 'powder', powderRate: 0.5 }, 'potassium', 83.01, 1],
  ['feed', { n: 4, p: 3, k: 6, rate: 4, share: 25, density: 1.1, stage: 'seedling' }, 'nitrogen', 44],
  ['feed', { n: 5, rate: 1, density: 1.2, stage: 'leafy' }, 'middle', 1.25], // 75 ÷ (1.2 × 50)
  ['feed', { n: 20, form: 'powder', powderRate: 0.5, ready: 10_000 }, 'amount', 5],
  ['epsom', { rate: 5, ready: 2000 }, 'epsom', 10],
  ['epsom', { rate: 5 }, 'magnesium', 493],
  ['epsom', { rate: 20 }, 'magnesium', 1972],
  // Brew: table points at 22 °C; half a month old at 12 °C is a week; Q₁₀ = 2.
  ['brew', { days: 14, warmth: 22 }, 'parts', 20],
  ['brew', { days: 30, warmth: 22 }, 'parts', 35],
  ['brew', { days: 180, warmth: 22 }, 'parts', 100],
  ['brew', { days: 22, warmth: 22 }, 'parts', 27.5, 1],
  ['brew', { days: 28, warmth: 12 }, 'parts', 20],
  ['brew', { days: 400, warmth: 22 }, 'parts', 100],
  ['brew', { warmth: 12 }, 'ready', 14],
  ['brew', { warmth: 32 }, 'ready', 3.5],
  ['brew', { days: 14, warmth: 22, have: 5000 }, 'mix', 105],
  ['brew', { days: 14, warmth: 22, have: 5000, weekly: 10_500 }, 'weeks', 10],
  ['brew', { kind: 'leaf-mould', days: 2, warmth: 22 }, 'wait', 120],
  ['seed-mix', { mix: 10_000, share: 3 }, 'castings', 300],
  ['seed-mix', { mix: 40_000, share: 2 }, 'rest', 39_200],
  // Areas: geometry; π/4 × 1.5² = 1.7671; the outline is a 3 × 2 rectangle with a triangle on top.
  ['mulch', { length: 3, width: 1.2, depth: 0.1, settles: 0 }, 'litres', 360],
  ['mulch', { length: 3, width: 1.2, depth: 0.1, settles: 20 }, 'litres', 450],
  ['mulch', { length: 3, width: 1.2, depth: 0.1, settles: 20 }, 'barrows', 6], // 450 ÷ 85 = 5.3
  ['mulch', { length: 3, width: 1.2, depth: 0.1, settles: 20, bag: 50_000 }, 'bags', 9],
  ['mulch', { length: 3, width: 1.2, depth: 0.1, settles: 20 }, 'cubic', 0.45],
  ['mulch', { shape: 'circle', across: 1.5, depth: 0.1, settles: 0 }, 'litres', 176.7, 0],
  ['mulch', { shape: 'L', length: 4, width: 3, cutLength: 2, cutWidth: 1 }, 'area', 10],
  ['mulch', { shape: 'outline', outline: '0,0 3,0 3,2 1.5,4 0,2' }, 'area', 9],
  ['mulch', { shape: 'area', area: { amount: 100, unit: 'sq ft' } }, 'area', 9.29, 2],
  [
    'mulch',
    {
      length: { amount: 10, unit: 'ft' },
      width: { amount: 4, unit: 'ft' },
      depth: { amount: 3, unit: 'in' },
      settles: 0,
    },
    'litres',
    283.2,
    0,
  ], // 10 cu ft
  // Rows of 0.45 m over 1.2 m: (1.2 − 0.15) ÷ 0.45 → 3; in each (3 − 0.15) ÷ 0.85 → 4 whole sheets.
  ['cardboard', { length: 3, width: 1.2 }, 'sheets', 12],
  // Laid across it takes fewer: (1 − 0.15) ÷ 0.85 is one sheet across, (6 − 0.15) ÷ 0.45 is 13 rows.
  ['cardboard', { length: 6, width: 1 }, 'sheets', 13],
  // Seven rows across an L: four over its long arm of two sheets, three over its short one.
  ['cardboard', { shape: 'L', length: 4, width: 2, cutLength: 2, cutWidth: 1, overlap: 0 }, 'sheets', 11],
  ['cardboard', { length: 3, width: 1.2, overlap: 0 }, 'sheets', 6],
  ['cardboard', { length: 3, width: 1.2, cover: 'compost' }, 'litres', 540],
  ['clippings', { length: 3, width: 1.2, depth: 0.02 }, 'litres', 72],
  ['clippings', { length: 3, width: 1.2, depth: 0.02 }, 'lawn', 48],
  ['per-area', { length: 3, width: 1.2, product: 'ash', rate: 50 }, 'grams', 180],
  ['per-area', { length: 5, width: 2, product: 'slug-pellets', rate: 5 }, 'grams', 50],
  ['per-area', { length: 5, width: 2, product: 'lime', rate: 100 }, 'most', 2500],
  ['nematodes', { shape: 'area', area: 12, rate: 0.5, pack: 5 }, 'million', 6],
  ['nematodes', { shape: 'area', area: 12, rate: 0.5, pack: 5 }, 'packs', 2],
  ['nematodes', { shape: 'area', area: 12, water: 0.5, can: 5000 }, 'water', 6],
  ['nematodes', { shape: 'area', area: 12, water: 0.5, can: 5000 }, 'fills', 2],
  ['nematodes', { shape: 'area', area: 12, water: 0.5, can: 5000 }, 'last', 1000],
  ['nematodes', { shape: 'area', area: 12, rate: 0.5, water: 0.5, can: 5000 }, 'per-fill', 5],
  ['bti', { shape: 'circle', across: 0.6, label: 2 }, 'amount', 0.565, 2],
  // 44 L/m²: 4 L on 0.09 m²; 9 g/L.
  ['mustard', { squares: 3 }, 'water', 12],
  ['mustard', { squares: 3 }, 'powder', 240],
  ['mustard', { squares: 3 }, 'grams', 108],
  // 15 of 500 mL at 6.00 is 0.18, for 1.5 L 0.12 a litre.
  ['cost', {}, 'once', 0.18],
  ['cost', {}, 'litre', 0.12],
  ['cost', { bought: 7.5 }, 'saved', 21.96],
];

describe('the bench, against figures worked out another way', () => {
  test.each(figures)('%s %j: %s', (tool, values, id, expected, digits = 3) => {
    const value = figure(worked(tool, values), id);
    expect(Math.abs(value - expected)).toBeLessThanOrEqual(0.51 * 10 ** -digits + Math.abs(expected) * 6e-5);
  });
  test('no tool is left untried', () => {
    const tried = new Set(figures.map(([tool]) => tool));
    expect(benchTools.map(({ id }) => id).filter((id) => !tried.has(id))).toEqual([]);
  });

  test('a gallon is read in the gardener’s own system', () => {
    const ready = { amount: 1, unit: 'gal' };
    expect(figure(worked('dilute', { ready, parts: 4 }, { measures: 'us' }), 'stock')).toBeCloseTo(757.08, 2);
    expect(figure(worked('dilute', { ready, parts: 4 }, { measures: 'imperial' }), 'stock')).toBeCloseTo(909.22, 2);
  });
});

describe('what the bench refuses, and what to do instead', () => {
  test.each([
    ['peroxide', { bottle: 35 }, /not sold to the public.*3 % bottle/],
    ['peroxide', { use: 'root', wanted: 1 }, /roots bear 0\.3 %.*Use 0\.3 %/],
    ['peroxide', { use: 'leaf', wanted: 0.5 }, /only after a test leaf/],
    ['peroxide', { use: 'seedling', wanted: 0.3 }, /seedlings bear 0\.1 %/],
    ['peroxide', { use: 'tool', bottle: 2, wanted: 3 }, /cannot give 3 %/],
    ['strength', { has: 3, wanted: 6 }, /water only weakens/],
    ['soap-water', { strength: 2, content: 49 }, /9\.8 g.*leaves bear 7 g.*at most 1\.43 %/],
    ['pot-soak', { minutes: 1440 }, /kills roots.*Twenty minutes/],
    ['pot-soak', { plant: 'fern' }, /Never for a fern/],
    ['pot-soak', { strength: 5 }, /at most 3 %/],
    ['bait', { wanted: 8 }, /before they share/],
    ['bait', { wanted: 3, kind: 'syrup' }, /above the 1 % of a syrup/],
    ['shell-extract', { acid: 25 }, /injures eyes/],
    ['shell-extract', { acid: 8 }, /5 or 6 %/],
    ['calcium-magnesium', { purpose: 'fruit-end-rot' }, /can make fruit-end rot worse/],
    ['calcium-magnesium', { parts: 20, epsom: 10 }, /gypsum falls out/],
    ['epsom', { purpose: 'fruit-end-rot' }, /worse/],
    ['epsom', { rate: 50 }, /burns/],
    ['feed', { n: 20, form: 'powder', powderRate: 2, stage: 'seedling' }, /400 mg\/L nitrogen is above the 100/],
    ['brew', { on: 'raw-leaves' }, /never on leaves or fruit eaten raw/],
    ['brew', { seeds: 'runners', days: 30 }, /Wait 26 days more/],
    ['brew', { seeds: 'seeds', days: 20 }, /Wait 8 days more/],
    ['seed-mix', { share: 30 }, /2–4 %/],
    ['clippings', { depth: 0.05 }, /At most 2\.5 cm/],
    ['clippings', { sprayed: 'yes' }, /weedkiller/],
    ['per-area', { product: 'ash', rate: 200 }, /at most 70/],
    ['per-area', { product: 'lime', ph: 6.5 }, /needs no lime/],
    ['per-area', { product: 'sulphur', ph: 8 }, /eats the sulphur/],
    ['nematodes', { soil: 7 }, /needs 10 °C/],
    ['nematodes', { soil: 34, kind: 'bacteriophora' }, /die/],
    ['nematodes', { against: 'grubs', kind: 'carpocapsae', soil: 18 }, /H\. bacteriophora/],
    ['bti', { drunk: 'yes' }, /drinking water/],
  ])('%s %j', (tool, values, says) => expect(refusal(tool, values)).toMatch(says));
});

describe('the bench, whatever is put in', () => {
  const positive = (max: number) => fc.double({ min: 0.01, max, noNaN: true });

  test('a strength changed and changed back is itself; twice as much mix takes twice the stock (seed 31)', () => {
    fc.assert(
      fc.property(positive(1e5), positive(50), fc.double({ min: 0.01, max: 1, noNaN: true }), (ml, has, share) => {
        const stock = stockByStrength(ml, has * share, has);
        expect((stock * has) / ml).toBeCloseTo(has * share, 6);
        expect(stockByStrength(2 * ml, has * share, has)).toBeCloseTo(2 * stock, 4);
        expect(stock).toBeLessThanOrEqual(ml * 1.000001);
      }),
      { seed: 31 },
    );
  });

  test('two dilutions one after the other are one by their product (seed 32)', () => {
    fc.assert(
      fc.property(positive(1e5), positive(500), positive(500), (ml, first, second) => {
        const twoSteps = stockFor(stockFor(ml, second), first);
        expect(twoSteps).toBeCloseTo(stockFor(ml, bothDilutions(first, second)), 6);
      }),
      { seed: 32 },
    );
  });

  test('no calcium comes from nowhere: shell and acid are both accounted for (seed 33)', () => {
    fc.assert(
      fc.property(
        positive(500),
        fc.double({ min: 10, max: 5000, noNaN: true }),
        fc.double({ min: 0.5, max: 6, noNaN: true }),
        (shell, vinegar, acid) => {
          const done = extract(shell, vinegar, acid);
          expect(done.shellLeft).toBeGreaterThanOrEqual(-1e-9);
          expect(done.acidLeftPercent).toBeGreaterThanOrEqual(-1e-9);
          // Carbonate in = carbonate out; acid in = acid bound + acid left.
          expect(done.dissolved + (done.shellLeft * 0.95) / 100.09).toBeCloseTo((shell * 0.95) / 100.09, 8);
          expect(2 * done.dissolved + (done.acidLeftPercent * vinegar) / 100 / 60.05).toBeCloseTo(
            (vinegar / 1000) * ((acid * 10) / 60.05),
            8,
          );
          expect(extract(shell * 2, vinegar, acid).calcium).toBeGreaterThanOrEqual(done.calcium - 1e-6);
          expect(Math.min(done.shellLeft, done.acidLeftPercent)).toBeLessThan(1e-6);
        },
      ),
      { seed: 33 },
    );
  });

  test('a bait checked is the bait made, in boric acid and in borax (seed 34)', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.1, max: 5, noNaN: true }),
        positive(5000),
        fc.boolean(),
        (percent, carrier, isBorax) => {
          expect(boricPercent(powderFor(percent, carrier, isBorax), carrier, isBorax)).toBeCloseTo(percent, 8);
        },
      ),
      { seed: 34 },
    );
  });

  test('an older or a warmer brew is never thinned less; dissolving never goes back (seed 35)', () => {
    fc.assert(
      fc.property(positive(400), positive(100), fc.double({ min: 5, max: 35, noNaN: true }), (days, more, warmth) => {
        expect(weedBrewParts(days + more, warmth)).toBeGreaterThanOrEqual(weedBrewParts(days, warmth));
        expect(weedBrewParts(days, warmth + 5)).toBeGreaterThanOrEqual(weedBrewParts(days, warmth));
        expect(dissolvedAfter(days + more, 'crushed')).toBeGreaterThanOrEqual(dissolvedAfter(days, 'crushed'));
        expect(dissolvedAfter(days, 'powder')).toBeGreaterThanOrEqual(dissolvedAfter(days, 'crushed'));
        expect(pace(warmth + 10)).toBeCloseTo(2 * pace(warmth), 9);
      }),
      { seed: 35 },
    );
  });

  test('an outline’s area does not hang on where one begins, which way one walks, or where it lies (seed 36)', () => {
    const corner = fc.tuple(
      fc.double({ min: -50, max: 50, noNaN: true }),
      fc.double({ min: -50, max: 50, noNaN: true }),
    );
    fc.assert(
      fc.property(fc.array(corner, { minLength: 3, maxLength: 8 }), fc.nat(7), (corners, shift) => {
        const area = areaOfOutline(corners);
        const turned = [...corners.slice(shift % corners.length), ...corners.slice(0, shift % corners.length)];
        expect(areaOfOutline(turned)).toBeCloseTo(area, 6);
        expect(areaOfOutline([...corners].reverse())).toBeCloseTo(area, 6);
        expect(areaOfOutline(corners.map(([x, y]) => [x + 7, y - 3] as const))).toBeCloseTo(area, 6);
      }),
      { seed: 36 },
    );
  });

  test('whole sheets in rows cover the bed, and with one row or sheet fewer a strip lies bare (seed 37)', () => {
    const side = fc.double({ min: 0.2, max: 30, noNaN: true });
    fc.assert(
      fc.property(
        side,
        side,
        fc.double({ min: 0.3, max: 3, noNaN: true }),
        fc.double({ min: 0.3, max: 3, noNaN: true }),
        fc.double({ min: 0, max: 0.25, noNaN: true }),
        (along, across, length, width, overlap) => {
          const reach = (sheets: number, sheet: number) => sheets * sheet - (sheets - 1) * overlap;
          const needed = (stretch: number, sheet: number) => {
            for (let sheets = 1; ; sheets++) if (reach(sheets, sheet) >= stretch - 1e-9) return sheets;
          };
          const { sheets } = sheetsFor(sized({ shape: 'rectangle', length: along, width: across }), {
            length,
            width,
            overlap,
          });
          expect(sheets).toBe(
            Math.min(needed(across, width) * needed(along, length), needed(along, width) * needed(across, length)),
          );
        },
      ),
      { seed: 37 },
    );
  });

  test('a round bed takes no more sheets than the square round it, and no fewer than its area needs (seed 39)', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.3, max: 20, noNaN: true }),
        fc.double({ min: 0.3, max: 2, noNaN: true }),
        (across, edge) => {
          const sheet = { length: edge, width: edge, overlap: 0.1 };
          const { sheets } = sheetsFor(sized({ shape: 'circle', across }), sheet);
          const square = sheetsFor(sized({ shape: 'rectangle', length: across * 1.01, width: across * 1.01 }), sheet);
          expect(sheets).toBeLessThanOrEqual(square.sheets);
          expect(sheets * edge ** 2).toBeGreaterThanOrEqual((Math.PI * across ** 2) / 4 - 1e-6);
        },
      ),
      { seed: 39 },
    );
  });

  test('hardness read by shaking is the hardness that binds that much soap (seed 38)', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 600, noNaN: true }), (hardness) => {
        const soapPerLitre = (2 * hardness * 320.55) / 100.09 / 1000;
        const drops = (soapPerLitre * 100) / (0.05 * 0.35 * 1000);
        expect(hardnessByShaking(drops + 2, 2, 0.05, 0.35, 100)).toBeCloseTo(hardness, 6);
      }),
      { seed: 38 },
    );
  });

  test('nitrogen rises with rate, grade and weight alike (seed 39)', () => {
    fc.assert(
      fc.property(
        positive(20),
        positive(40),
        fc.double({ min: 0.8, max: 1.5, noNaN: true }),
        (rate, percent, density) => {
          expect(milligramsOf(rate * 2, density, percent)).toBeCloseTo(2 * milligramsOf(rate, density, percent), 6);
          expect(milligramsOf(rate, density, percent * 2)).toBeCloseTo(2 * milligramsOf(rate, density, percent), 6);
        },
      ),
      { seed: 39 },
    );
  });
});

describe('bad input to the bench', () => {
  test.each([
    ['an unknown tool', { tool: 'crystal-ball' }, /tool: "crystal-ball" is not known; known: .*dilute/],
    [
      'an unknown field',
      { tool: 'dilute', values: { part: 3 } },
      /values\.part: is not known here; "dilute" takes ready, parts, again/,
    ],
    ['a word for a number', { tool: 'dilute', values: { parts: 'ten' } }, /values\.parts: must be a number/],
    ['a negative amount', { tool: 'mulch', values: { length: -3 } }, /values\.length: must be more than 0/],
    [
      'an unknown unit',
      { tool: 'mulch', values: { length: { amount: 3, unit: 'ell' } } },
      /values\.length\.unit: "ell" is not known here; use m/,
    ],
    ['an unknown choice', { tool: 'brew', values: { kind: 'beer' } }, /values\.kind: must be one of weed/],
    [
      'an outline of two corners',
      { tool: 'mulch', values: { shape: 'outline', outline: '0,0 1,1' } },
      /values\.outline: needs at least three/,
    ],
    [
      'a corner that is none',
      { tool: 'mulch', values: { shape: 'outline', outline: '0,0 1,1 a,b' } },
      /corner 3, "a,b"/,
    ],
    [
      'a corner larger than the bed',
      { tool: 'mulch', values: { shape: 'L', cutLength: 9 } },
      /must be smaller than the bed/,
    ],
  ])('%s is refused by name', (_, body, message) => {
    expect(() => answerMix(tables, body)).toThrow(message);
  });
});
