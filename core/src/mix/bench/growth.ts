import { celsius, degreeDaysOf, type MeasureSystem } from '../../quantities';
import { choice, maybe, number, quantity } from './field';
import { caution, defineTool, line, note, result, stop } from './tool';

/** What is waited for: °C·days above a base. Source: extension tables; own counts stand before them. */
const targets = {
  own: undefined,
  // After the first moths in a trap.
  'codling-eggs': { base: 10, sum: 139 },
  // After the first of the year.
  'vine-borer': { base: 10, sum: 556 },
} as const;

const fahrenheit: ReadonlySet<MeasureSystem> = new Set(['us']);
/** A Fahrenheit degree-day is five ninths of a Celsius one. */
const scaleOf = (measures: MeasureSystem): { scale: number; is: 'c' | 'f' } =>
  fahrenheit.has(measures) ? { scale: 9 / 5, is: 'f' } : { scale: 1, is: 'c' };

export const degreeDays = defineTool({
  id: 'degree-days',
  group: 'counts',
  fields: {
    low: quantity('temperature', { usual: 8, from: -40, to: 60 }),
    high: quantity('temperature', { usual: 20, from: -40, to: 60 }),
    base: quantity('temperature', { usual: 10, from: -10, to: 40 }),
    days: number('days', { usual: 7, to: 366 }),
    waits: choice(Object.keys(targets) as (keyof typeof targets)[], 'own'),
    target: maybe(number('none', { to: 10_000, when: { field: 'waits', is: ['own'] } })),
    sofar: number('none', { usual: 0, from: 0, to: 10_000 }),
  },
  work({ low, high, base: own, days, waits, target, sofar }, { measures }) {
    if (high < low) return stop('high-below-low', { low: celsius(low), high: celsius(high) });
    const { scale, is } = scaleOf(measures);
    const known = targets[waits];
    const base = known?.base ?? own;
    const day = degreeDaysOf(low, high, base) * scale;
    const sum = sofar + day * days;
    const wanted = known ? known.sum * scale : target;
    const left = wanted === undefined || day === 0 ? undefined : Math.max(0, (wanted - sofar) / day);
    return {
      results: [
        result('sum', sum, { digits: 0, main: true }),
        result('day', day, { digits: 1 }),
        ...(wanted === undefined ? [] : [result('wanted', wanted, { digits: 0 })]),
        ...(left === undefined ? [] : [result('left', left, { digits: 0 })]),
        result('scale', 0, { is }),
      ],
      cautions: [...(day === 0 ? [caution('stands-still', { base: celsius(base) })] : []), note('own-thermometer')],
      working: [
        line(low >= base ? 'mean' : 'sine', {
          low: celsius(low),
          high: celsius(high),
          base: celsius(base),
          day: Number(day.toFixed(1)),
        }),
        line('sum', { sofar, day: Number(day.toFixed(1)), days, sum: Number(sum.toFixed(0)) }),
      ],
      grade: 'guideline',
    };
  },
});

/** Growth a day from two counts, ln(n₂/n₁)/days. Source: definition of exponential growth. */
export const growthOf = (first: number, then: number, days: number): number => Math.log(then / first) / days;

export const doubling = defineTool({
  id: 'doubling',
  group: 'counts',
  fields: {
    first: number('none', { usual: 4, to: 1e7 }),
    later: number('none', { usual: 16, to: 1e7 }),
    days: number('days', { usual: 6, to: 366 }),
    threshold: maybe(number('none', { to: 1e7 })),
  },
  work({ first, later, days, threshold }) {
    const rate = growthOf(first, later, days);
    const grows = rate > 0;
    const span = Math.log(2) / Math.abs(rate);
    const until = threshold === undefined ? undefined : Math.log(threshold / later) / rate;
    return {
      results: [
        ...(rate === 0 ? [] : [result(grows ? 'doubles' : 'halves', span, { digits: 1, main: true })]),
        result('a-day', 100 * (Math.exp(rate) - 1), { digits: 1 }),
        result('next-week', later * Math.exp(7 * rate), { digits: 0 }),
        ...(until !== undefined && Number.isFinite(until) && until > 0 ? [result('until', until, { digits: 1 })] : []),
      ],
      cautions: [
        ...(rate === 0 ? [note('level')] : []),
        ...(first + later < fewCounted ? [caution('too-few')] : []),
        ...(until !== undefined && until <= 0 ? [note(grows ? 'past-it' : 'under-it')] : []),
      ],
      working: [
        line('rate', { first, later, days, rate: Number(rate.toFixed(4)) }),
        ...(rate === 0
          ? []
          : [line('span', { rate: Number(Math.abs(rate).toFixed(4)), span: Number(span.toFixed(1)) })]),
      ],
      curve: {
        points: Array.from({ length: 15 }, (_, day) => [day, later * Math.exp(rate * day)] as const),
        here: [0, later],
      },
      grade: 'guideline',
    };
  },
});
/** Counts are good to about their root: under so many in all a doubling may be chance. */
const fewCounted = 20;
