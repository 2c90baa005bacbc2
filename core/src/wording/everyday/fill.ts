import {
  bulkWords,
  grams,
  inWords,
  isMetric,
  measurePowder,
  measureWater,
  measureWithSpoons,
  millilitres,
  plainNumber,
  proseIn,
  spoonWords,
  type MeasureSystem,
  type Quantity,
  type Said,
  type SaidValue,
} from '../../quantities';
import { dayAndMonth, monthsWords } from './days';
import { counted, moneyWords } from './language';

/** Figures of a working are given exactly enough to be checked by hand. */
const exact = 0.005;

const place = /\{([a-zA-Z][\w]*)(?::([^{}]*))?\}/g;

/**
 * A sentence from its template and what its code carries: `{stock}` is drawn in the reader's measures,
 * `{packs:pack|packs}` counts, `{months:months}` are months by number, `{once:money}` is money, `{5 cm}` an amount of the template's own.
 * @throws Error naming what the code does not carry.
 */
export function fill(template: string, data: Said['with'], system: MeasureSystem): string {
  const parts: string[] = [];
  let at = 0;
  for (const found of template.matchAll(place)) {
    const [whole, name = '', format] = found;
    const value = data[name];
    if (value === undefined) throw new Error(`"${template}" wants {${name}}, which is not given`);
    parts.push(proseIn(template.slice(at, found.index), system), placed(value, format, system));
    at = found.index + whole.length;
  }
  return [...parts, proseIn(template.slice(at), system)].join('');
}

function placed(value: SaidValue, format: string | undefined, system: MeasureSystem): string {
  if (typeof value === 'string' && format === 'months') return monthsWords(value.split(' ').map(Number));
  if (typeof value === 'string') return proseOf(value, system);
  if (typeof value !== 'number' || format === undefined) return valueWords(value, system);
  if (format === 'money') return moneyWords(value);
  const [one = '', many = ''] = format.split('|');
  return counted(value, one, many, plainNumber(value));
}

/** A text of the knowledge has its amounts said; one that somebody typed stands as it was typed, braces and all. */
function proseOf(text: string, system: MeasureSystem): string {
  try {
    return proseIn(text, system);
  } catch {
    return text;
  }
}

/** What one value reads as. */
export function valueWords(value: SaidValue, system: MeasureSystem): string {
  if (typeof value === 'string') return value;
  if (typeof value === 'number') return plainNumber(value);
  if ('pour' in value) return pourWords(value.pour, system);
  if ('weigh' in value) return weighWords(value.weigh, value.density, system);
  if ('water' in value) return waterWords(value.water, system);
  if ('day' in value) return dayAndMonth(value.day);
  return inWords(value, system, { within: exact });
}

/** "15 mL", to those who read millilitres "1 tablespoon (15 mL)". */
export function pourWords(ml: number, system: MeasureSystem): string {
  const spoons = spoonWords(measureWithSpoons(millilitres(ml), system));
  return isMetric(system)
    ? `${spoons} (${inWords({ kind: 'volume', amount: ml, unit: ml < 1000 ? 'mL' : 'L' }, system)})`
    : spoons;
}

export const weighWords = (weight: number, density: number, system: MeasureSystem): string =>
  `${weightWords(weight, system)} (about ${spoonWords(measurePowder(grams(weight), density, system))})`;

export const weightWords = (weight: number, system: MeasureSystem): string =>
  inWords({ kind: 'mass', amount: weight } satisfies Quantity, system, { within: exact });

export const waterWords = (ml: number, system: MeasureSystem): string =>
  bulkWords(measureWater(millilitres(ml), system));
