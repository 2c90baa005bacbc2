import {
  g,
  gPerLitre,
  metres,
  mL,
  mLPerLitre,
  said,
  unitNamed,
  type MeasureSystem,
  type Quantity,
} from '../../quantities';
import { rowById, type IngredientRow, type LimitRow, type Tables, type Use } from '../../tables';
import type { CautionFound } from '../../judge/caution';
import { choice, maybe, number, quantity } from './field';
import { defineTool, line, note, result, stop } from './tool';

/** What is most often measured by the spoon. */
const usualThings = [
  'liquid-soap',
  'detergent',
  'oil',
  'azadirachtin',
  'milk',
  'vinegar',
  'peroxide',
  'bleach',
  'alcohol',
  'seedling-feed',
  'bicarbonate',
  'potassium-bicarbonate',
  'epsom',
  'feed-powder',
  'pepper',
  'wood-ash',
] as const;
/** Their label says how strong they are, and what goes on is that much of it. */
const bottled: ReadonlySet<string> = new Set(['vinegar', 'peroxide']);
const places = ['leaf', 'root', 'seedling', 'soak', 'tool'] as const satisfies readonly Use[];

const rowOf = ({ ingredients }: Pick<Tables, 'ingredients'>, id: string): IngredientRow =>
  rowById(ingredients, id, 'ingredients');

/**
 * % of what goes on: by volume of a liquid (times its label's strength, where it has one), g in 100 mL of a powder.
 * Source: definition of each. @param base mL of water, or of ready mix where it is made up to that
 */
export const percentOf = (amount: number, base: number, isMadeUp: boolean, isPowder: boolean, label = 100): number =>
  ((isPowder || isMadeUp ? amount / base : amount / (base + amount)) * 100 * label) / 100;

/** "A spoon in a jug": how strong that is, and whether it is borne where it goes. */
export const doseStrength = defineTool({
  id: 'dose-strength',
  group: 'strength',
  fields: {
    of: choice(usualThings, 'liquid-soap'),
    dose: quantity('volume', { usual: 10, to: 1e5 }),
    weight: maybe(quantity('mass', { to: 1e5 })),
    into: quantity('volume', { usual: 1000, to: 1e6 }),
    filled: choice(['added', 'made-up'], 'added'),
    label: number('percent-label', { usual: 3, to: 100, when: { field: 'of', is: ['vinegar', 'peroxide'] } }),
    goes: choice(places, 'leaf'),
  },
  work({ of, dose, weight, into, filled, label, goes }, bench) {
    const row = rowOf(bench.tables, of);
    const isPowder = row.form === 'powder';
    const grams = weight ?? dose * row.density;
    const taken = isPowder ? grams : weight === undefined ? dose : weight / row.density;
    if (taken > into) return stop('more-than-water', { dose: isPowder ? g(taken) : mL(taken), into: mL(into) });
    const strength = percentOf(taken, into, filled === 'made-up', isPowder, bottled.has(of) ? label : 100);
    const share = percentOf(taken, into, filled === 'made-up', isPowder);
    const limit = bench.bears(of, goes);
    return {
      results: [
        result('strength', strength, { digits: 3, main: true }),
        result('per-litre', isPowder ? gPerLitre(share * 10) : mLPerLitre(share * 10)),
        result('ppm', strength * 10_000, { digits: 0 }),
        ...(isPowder ? [result('grams', g(grams))] : [result('one-to', 100 / share - 1, { digits: 1 })]),
        ...(limit ? [result('limit', limit.most, { digits: 3 })] : []),
        result('borne', 0, { is: verdictOf(strength, limit) }),
      ],
      cautions: againstOf(strength, limit),
      working: [
        ...(isPowder && weight === undefined
          ? [line('weighs', { dose: mL(dose), cup: cupOf(row, bench.measures), grams: g(grams) })]
          : []),
        line(isPowder ? 'powder' : filled === 'made-up' ? 'made-up' : 'added', {
          dose: isPowder ? g(taken) : mL(taken),
          into: mL(into),
          share: Number(share.toPrecision(3)),
        }),
        ...(bottled.has(of)
          ? [line('label', { share: Number(share.toPrecision(3)), label, strength: Number(strength.toPrecision(3)) })]
          : []),
      ],
      grade: limit?.grade ?? 'practice',
    };
  },
});

type Bears = Pick<LimitRow, 'most' | 'tested'>;
const exactly = 1.0001;

const verdictOf = (strength: number, limit: Bears | undefined): string =>
  limit === undefined
    ? 'no-limit'
    : strength <= limit.most * exactly
      ? 'within'
      : strength <= (limit.tested ?? 0) * exactly
        ? 'tested'
        : 'over';

function againstOf(strength: number, limit: Bears | undefined): CautionFound<'over' | 'test-first' | 'no-limit'>[] {
  const data = { strength: Number(strength.toPrecision(3)), most: limit?.most ?? 0 };
  switch (verdictOf(strength, limit)) {
    case 'within':
      return [];
    case 'tested':
      return [{ level: 'caution', ...said('test-first', data) }];
    case 'over':
      return [{ level: 'stop', ...said('over', data) }];
    default:
      return [note('no-limit')];
  }
}

/** What a cup of it weighs: the density, as a kitchen knows it. */
function cupOf({ density }: Pick<IngredientRow, 'density'>, measures: MeasureSystem): Quantity {
  const cup = unitNamed('cup')?.base ?? metricCupMl;
  return g((typeof cup === 'function' ? cup(measures) : cup) * density);
}
const metricCupMl = 250;

/** Spoons and cups to grams and back, by the density that is told. */
export const spoonsGrams = defineTool({
  id: 'spoons-grams',
  group: 'strength',
  fields: {
    of: choice(usualThings, 'bicarbonate'),
    way: choice(['to-grams', 'to-spoons'], 'to-grams'),
    volume: quantity('volume', { usual: 5, to: 1e5, when: { field: 'way', is: ['to-grams'] } }),
    mass: quantity('mass', { usual: 5, to: 1e5, when: { field: 'way', is: ['to-spoons'] } }),
  },
  work({ of, way, volume, mass }, bench) {
    const row = rowOf(bench.tables, of);
    const { density, form } = row;
    const [ml, grams] = way === 'to-grams' ? [volume, volume * density] : [mass / density, mass];
    return {
      results: [
        way === 'to-grams' ? result('mass', g(grams), { main: true }) : result('volume', mL(ml), { main: true }),
        result('cup', cupOf(row, bench.measures)),
      ],
      parts: [form === 'powder' ? bench.weigh(of, grams) : bench.pour(of, ml)],
      cautions: form === 'powder' ? [note('bulk')] : [],
      working: [
        way === 'to-grams'
          ? line('mass', { volume: mL(ml), cup: cupOf(row, bench.measures), mass: g(grams) })
          : line('volume', { mass: g(grams), cup: cupOf(row, bench.measures), volume: mL(ml) }),
      ],
      grade: form === 'powder' ? 'guideline' : 'trial',
    };
  },
});

/** A label's rate, brought to this sprayer or can. */
export const labelRate = defineTool({
  id: 'label-rate',
  group: 'strength',
  fields: {
    form: choice(['liquid', 'powder'], 'liquid'),
    rate: quantity('volume/volume', { usual: 8, to: 500, when: { field: 'form', is: ['liquid'] } }),
    powderRate: quantity('mass/volume', { usual: 2, to: 500, when: { field: 'form', is: ['powder'] } }),
    ready: quantity('volume', { usual: 1500, to: 1e6 }),
    share: number('percent', { usual: 100, to: 1000 }),
  },
  work({ form, rate, powderRate, ready, share }) {
    if (share > 100) return stop('over-label', { share });
    const isLiquid = form === 'liquid';
    const used = ((isLiquid ? rate : powderRate) * share) / 100;
    const amount = (used * ready) / 1000;
    const perLitre = isLiquid ? mLPerLitre : gPerLitre;
    return {
      results: [
        result('amount', isLiquid ? mL(amount) : g(amount), { main: true }),
        result('used', perLitre(used)),
        result('percent', used / 10, { digits: 3 }),
      ],
      waterMl: ready,
      cautions: [note('label-rules')],
      working: [line('amount', { used: perLitre(used), ready: mL(ready), amount: isLiquid ? mL(amount) : g(amount) })],
      grade: 'guideline',
    };
  },
});

/** One part to so many as a per cent, and back: 100 / (N + 1). Source: definition of "1 to N". */
export const partsPercent = defineTool({
  id: 'parts-percent',
  group: 'strength',
  fields: {
    way: choice(['to-percent', 'to-parts'], 'to-percent'),
    part: number('parts', { usual: 1, to: 1000, when: { field: 'way', is: ['to-percent'] } }),
    parts: number('parts', { usual: 9, from: 0, to: 100_000, when: { field: 'way', is: ['to-percent'] } }),
    percent: number('percent', { usual: 1, to: 100, when: { field: 'way', is: ['to-parts'] } }),
  },
  work({ way, part, parts, percent }) {
    const share = way === 'to-percent' ? (100 * part) / (part + parts) : percent;
    const water = 100 / share - 1;
    return {
      results: [
        way === 'to-percent'
          ? // One to thousands is a per cent of many noughts: cut after three, it would name other parts.
            result('percent', share, { digits: share < 0.1 ? 5 : 3, main: true })
          : result('one-to', water, { digits: 2, main: true }),
        ...(way === 'to-percent' ? [result('one-to', water, { digits: 2 })] : []),
        result('one-in', water + 1, { digits: 2 }),
        result('per-litre', mLPerLitre(share * 10)),
      ],
      working: [
        way === 'to-percent'
          ? line('percent', { part, parts, share: Number(share.toPrecision(4)) })
          : line('parts', { share, water: Number(water.toPrecision(4)) }),
      ],
      grade: 'trial',
    };
  },
});

/** Pots narrow towards the foot: its width there, of that at the rim (measured on common pots). */
const footOfRim = 0.75;

/** mL in a pot: a cone cut off, π h (D² + D d + d²) / 12. Lengths in m. Source: geometry. */
export const potMl = (across: number, deep: number): number => {
  const foot = across * footOfRim;
  return ((Math.PI * deep * (across ** 2 + across * foot + foot ** 2)) / 12) * 1e6;
};

/** How much each pot is given, so that a little runs out below and none is washed away. */
export const potDrench = defineTool({
  id: 'pot-drench',
  group: 'sprays',
  fields: {
    across: quantity('length', { usual: 0.15, to: 2 }),
    deep: quantity('length', { usual: 0.13, to: 2 }),
    pots: number('plants', { usual: 6, to: 10_000 }),
    share: number('percent', { usual: 15, to: 100 }),
  },
  work({ across, deep, pots, share }) {
    const pot = potMl(across, deep);
    const each = (pot * share) / 100;
    return {
      results: [
        result('each', mL(each), { digits: 0, main: true }),
        result('total', mL(each * pots), { digits: 0, main: true }),
        result('pot', mL(pot), { digits: 0 }),
      ],
      cautions: share > drowns ? [note('runs-through')] : [note('moist-first')],
      working: [
        line('pot', { across: metres(across), deep: metres(deep), pot: mL(pot) }),
        line('each', { pot: mL(pot), share, each: mL(each) }),
        line('total', { each: mL(each), pots, total: mL(each * pots) }),
      ],
      grade: 'practice',
    };
  },
});
/** % of a pot's volume above which most only runs through. */
const drowns = 25;
