import { unitInMillilitres } from '../../quantities';

/** A figure of a line, and where it stands. */
export interface PercentSaid {
  readonly percent: number;
  readonly at: number;
}

/** Per cents as they are written. */
export function percentsIn(line: string): PercentSaid[] {
  return [...line.matchAll(/(\d+(?:[.,]\d+)?)\s*(?:%|percent|per cent)/gi)].map((found) => ({
    percent: Number((found[1] ?? '0').replace(',', '.')),
    at: found.index,
  }));
}

/** A label's strength in a word like "vinegar 20 %". */
export const percentIn = (line: string): number | undefined => percentsIn(line)[0]?.percent;

const numberWords: Readonly<Record<string, number>> = {
  ...{ a: 1, an: 1, one: 1, two: 2, three: 3, four: 4, five: 5, six: 6, eight: 8, nine: 9, ten: 10, twenty: 20 },
  half: 0.5,
};
export const numberIn = (text: string): number => numberWords[text] ?? Number(text.replace(',', '.'));
/** A number in figures or in a word, as a pattern. */
export const number = String.raw`\d+(?:[.,]\d+)?|${Object.keys(numberWords).join('|')}`;

/** What cooks say besides the units of volume: a gram of powder is as good as a millilitre here. */
const besides: Readonly<Record<string, number>> = { cc: 1, g: 1, gram: 1, gramme: 1, kg: 1000 };
const volumeOf: Readonly<Record<string, string>> = { mug: 'cup', oz: 'fl oz', ounce: 'fl oz' };

/** mL, near enough for "far too much"; gallons and pints are the small ones, so that a share is rather over than under. */
function inMl(unit: string): number {
  const one = unit.replace(/s$/, '');
  return besides[one] ?? unitInMillilitres(volumeOf[one] ?? one, 'us') ?? Number.NaN;
}
const unit = String.raw`ml|millilit(?:re|er)s?|cc|g|grams?|grammes?|l|lit(?:re|er)s?|kg|tsps?|teaspoons?|tbsps?|tablespoons?|cups?|mugs?|pints?|pt|quarts?|qt|gallons?|gal|fl oz|oz|ounces?`;

const perVolume = new RegExp(
  String.raw`\b(${number})\s*(?:a\s+)?(${unit})\b(?:\s+of)?(?:\s+[a-z]+){0,3}?\s*(?:per|\/|to|in|into|for|with|a)\s*(?:each\s+|every\s+)?(?:(${number})\s*)?(${unit})\b`,
  'gi',
);
const ratio = new RegExp(
  String.raw`\b(${number})\s*(?:parts?\s+(?:of\s+)?(?:[a-z]+\s+){0,2}?)?(?::|to|in|into)\s*(${number})\b(?!\s*(?:${unit}|days?|weeks?)\b)`,
  'gi',
);

/** Shares that a line names, % of what goes on, and where. "One in ten" and "one to ten" differ by a part; either will do here. */
export function sharesIn(line: string): PercentSaid[] {
  const volumes = [...line.matchAll(perVolume)].map((found) => ({
    percent:
      (100 * numberIn(found[1] ?? '') * inMl(found[2] ?? '')) /
      ((found[3] === undefined ? 1 : numberIn(found[3])) * inMl(found[4] ?? '')),
    at: found.index,
  }));
  const ratios = [...line.matchAll(ratio)].map((found) => {
    const [small, large] = [numberIn(found[1] ?? ''), numberIn(found[2] ?? '')];
    return { percent: (100 * small) / (small + large), at: found.index };
  });
  return [...volumes, ...ratios].filter(({ percent }) => Number.isFinite(percent) && percent > 0 && percent <= 100);
}

/** °C that a line names, from either scale. */
export const celsius = (line: string): number | undefined => {
  const found = /(-?\d+)\s*(?:°|degrees)?\s*(c|f)?\b(?!\s*(?:%|percent|per cent|l\b|ml\b|g\b|days?))/i.exec(line);
  if (!found?.[1] || (!found[2] && !/\d\s*(?:°|degrees)/i.test(line))) return undefined;
  const value = Number(found[1]);
  return found[2]?.toLowerCase() === 'f' ? ((value - 32) * 5) / 9 : value;
};
