import { mL, said } from '../../quantities';
import type { Use } from '../../tables';
import { choice, maybe, number, quantity } from './field';
import { caution, defineTool, line, note, result, stop } from './tool';

/** mL of stock in `ml` of ready mix at 1 part to `parts`: V / (N + 1). Source: definition of "1 to N". */
export const stockFor = (ml: number, parts: number): number => ml / (parts + 1);

/**
 * 1 to N of two dilutions one after the other: one part in (N₁+1)(N₂+1), so "to" one less.
 * Source: dilutions multiply.
 */
export const bothDilutions = (first: number, second: number): number => (first + 1) * (second + 1) - 1;

/** Volume of stock for a wanted strength, C₁V₁ = C₂V₂; strengths in the same unit, volumes in mL. */
export const stockByStrength = (ml: number, wanted: number, has: number): number => (ml * wanted) / has;

/** Below this many parts "1 to N" and "1 in N" differ by more than a spoon's error. */
const partsThatMatter = 20;

export const dilute = defineTool({
  id: 'dilute',
  group: 'strength',
  fields: {
    ready: quantity('volume', { usual: 1500, to: 1e6 }),
    parts: number('parts', { usual: 10, to: 100_000 }),
    again: maybe(number('parts', { to: 100_000 })),
  },
  work({ ready, parts, again }, bench) {
    if (again === undefined) {
      const stock = stockFor(ready, parts);
      return {
        results: [
          result('stock', mL(stock), { main: true }),
          result('water', mL(ready - stock)),
          result('one-to', parts),
        ],
        parts: [bench.pour('stock', stock)],
        waterMl: ready - stock,
        order: [
          said('pour-stock', { stock: { pour: stock } }),
          said('fill-up', { water: { water: ready - stock } }),
          said('stir'),
        ],
        cautions: parts < partsThatMatter ? [note('to-is-not-in', { parts, unlike: mL(ready / parts) })] : [],
        working: [line('stock', { ready: mL(ready), parts, stock: mL(stock) })],
      };
    }
    const between = stockFor(ready, again);
    const stock = stockFor(between, parts);
    return {
      results: [
        result('stock', mL(stock), { main: true, digits: 3 }),
        result('between', mL(between)),
        result('water-in-all', mL(ready - stock)),
        result('one-to', bothDilutions(parts, again), { digits: 1 }),
      ],
      parts: [bench.pour('stock', stock)],
      waterMl: ready - stock,
      order: [
        said('measure-stock', { stock: { pour: stock } }),
        said('first-mix', { water: { water: between - stock }, between: mL(between) }),
        said('second-mix', { water: { water: ready - between } }),
        said('stir'),
      ],
      working: [
        line('between', { ready: mL(ready), again, between: mL(between) }),
        line('stock-in-it', { between: mL(between), parts, stock: mL(stock) }),
        line('in-all', { parts, again, both: bothDilutions(parts, again) }),
      ],
    };
  },
});

export const strengthChange = defineTool({
  id: 'strength',
  group: 'strength',
  fields: {
    ready: quantity('volume', { usual: 1000, to: 1e6 }),
    has: number('none', { usual: 3 }),
    wanted: number('none', { usual: 0.3 }),
    unit: choice(['percent', 'g/L', 'mg/L'], 'percent'),
  },
  work({ ready, has, wanted, unit }, bench) {
    if (wanted > has) return stop('only-weakens', { has, wanted, unit });
    const stock = stockByStrength(ready, wanted, has);
    return {
      results: [
        result('stock', mL(stock), { main: true }),
        result('water', mL(ready - stock)),
        result('one-to', has / wanted - 1, { digits: 1 }),
      ],
      parts: [bench.pour('stock', stock)],
      waterMl: ready - stock,
      order: [
        said('water-first', { water: { water: ready - stock } }),
        said('add-stock', { stock: { pour: stock } }),
        said('stir'),
      ],
      working: [line('stock', { ready: mL(ready), wanted, has, stock: mL(stock) })],
    };
  },
});

/** Where peroxide goes, as the judge counts it, and what is usual there, %. */
const peroxideUses = {
  leaf: { at: 'leaf', usual: 0.3 },
  'leaf-tested': { at: 'leaf', usual: 0.5 },
  root: { at: 'root', usual: 0.3 },
  seedling: { at: 'seedling', usual: 0.06 },
  seed: { at: 'seed', usual: 0.06 },
  pot: { at: 'tool', usual: 1 },
  tool: { at: 'tool', usual: 3 },
} as const satisfies Readonly<Record<string, { at: Use; usual: number }>>;
type PeroxideUse = keyof typeof peroxideUses;

/** % on the label from which a bottle is for trades, not for gardens; and from which it whitens skin. */
const bottleMost = 12;
const bottleBurns = 6;

export const peroxide = defineTool({
  id: 'peroxide',
  group: 'strength',
  fields: {
    ready: quantity('volume', { usual: 1000, to: 1e5 }),
    use: choice(Object.keys(peroxideUses) as PeroxideUse[], 'root'),
    bottle: number('percent', { usual: 3, to: 100 }),
    wanted: maybe(number('percent', { to: 100 })),
    fizz: choice(['strong', 'weak', 'untried'], 'untried'),
  },
  work({ ready, use, bottle, wanted, fizz }, bench) {
    const { at, usual } = peroxideUses[use];
    const bears = bench.bears('peroxide', at);
    const most = use === 'leaf-tested' ? (bears?.tested ?? 0) : (bears?.most ?? 0);
    const strength = wanted ?? usual;
    if (bottle > bottleMost) return stop('bottle-too-strong', { bottle });
    if (strength > most) return stop(`too-strong-${use}`, { strength, usual });
    if (strength > bottle) return stop('bottle-too-weak', { bottle, strength });
    const stock = stockByStrength(ready, strength, bottle);
    return {
      results: [
        result('stock', mL(stock), { main: true }),
        result('water', mL(ready - stock)),
        result('one-to', bottle / strength - 1, { digits: 1 }),
        result('strength', strength),
      ],
      parts: [bench.pour('peroxide', stock)],
      waterMl: ready - stock,
      order: [
        said('water-first', { water: { water: ready - stock } }),
        said('add-peroxide', { stock: { pour: stock } }),
        said('use-at-once'),
      ],
      cautions: [
        ...(bottle >= bottleBurns ? [caution('burns-skin')] : []),
        ...(fizz === 'weak' ? [caution('bottle-spent')] : fizz === 'untried' ? [note('try-potato')] : []),
        note('kills-soil-life'),
      ],
      working: [line('peroxide', { ready: mL(ready), strength, bottle, stock: mL(stock) })],
      honest:
        use === 'root' ? 'honest-root' : use === 'leaf' || use === 'leaf-tested' ? 'honest-leaf' : 'honest-cleaning',
      grade: use === 'tool' || use === 'pot' ? 'practice' : 'doubtful',
    };
  },
});
