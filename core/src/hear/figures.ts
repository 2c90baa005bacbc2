import { readFigure } from '../quantities';

/** A number in running words, and where it stands. */
export interface HeardFigure {
  readonly value: number;
  readonly at: number;
  readonly length: number;
}

const ones = ['one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven', 'twelve'];
const small: Readonly<Record<string, number>> = {
  ...Object.fromEntries(ones.map((word, at) => [word, at + 1])),
  ...{ thirteen: 13, fourteen: 14, fifteen: 15, sixteen: 16, eighteen: 18, twenty: 20, thirty: 30, forty: 40 },
  ...{ fifty: 50, sixty: 60, seventy: 70, eighty: 80, ninety: 90, hundred: 100, thousand: 1000 },
  ...{ a: 1, an: 1, dozen: 12, couple: 2, few: 3 },
};
const parts: Readonly<Record<string, number>> = { half: 1 / 2, quarter: 1 / 4, third: 1 / 3, tenth: 1 / 10 };

const word =
  ones.join('|') + '|thirteen|fourteen|fifteen|sixteen|eighteen|twenty|thirty|forty|fifty|sixty|seventy|eighty|ninety';
const part = Object.keys(parts).join('|');
const digits = String.raw`\d+\s+\d+\s*[/⁄]\s*\d+|\d+\s*[/⁄]\s*\d+|\d{1,3}(?:,\d{3})+(?:\.\d+)?|\d*[.,]\d+|\d+\s?[½¼¾⅓⅔⅛]|\d+|[½¼¾⅓⅔⅛]`;
/**
 * "2 1/2", "1,5", "half a", "three quarters of a", "two and a half", "twenty-five", "a couple of", "a dozen"; as a
 * pattern, for what stands before a unit.
 */
export const figurePattern = [
  String.raw`(?:${word}|an?|\d+)\s+and\s+an?\s+(?:${part})`,
  String.raw`(?:(?:an?|one|two|three)\s+)?(?:${part})s?(?:\s+of)?(?:\s+an?\b)?`,
  digits,
  String.raw`(?:twenty|thirty|forty|fifty|sixty|seventy|eighty|ninety)[\s-](?:${ones.slice(0, 9).join('|')})`,
  String.raw`(?:an?\s+|one\s+|two\s+|three\s+)?(?:couple(?:\s+of)?|dozen|few|hundred|thousand)`,
  String.raw`(?:${word}|an?)`,
].join('|');

/** The number that a piece of text says, as `figurePattern` finds it; NaN where it says none. */
export function figureOf(text: string): number {
  const tidy = text.trim().toLowerCase();
  const plain = readFigure(tidy);
  if (plain && plain.rest.trim() === '') return plain.value;
  const words = tidy.split(/[\s-]+/).filter((one) => one !== 'of');
  const fraction = words.find((one) => one.replace(/s$/, '') in parts);
  const share = fraction === undefined ? undefined : parts[fraction.replace(/s$/, '')];
  const value = (one: string | undefined): number =>
    one === undefined ? Number.NaN : (small[one] ?? readFigure(one)?.value ?? Number.NaN);
  if (share !== undefined) {
    const before = words.slice(0, words.indexOf(fraction ?? ''));
    if (before.includes('and')) return value(before[0]) + share;
    return (before[0] === undefined ? 1 : value(before[0])) * share;
  }
  return words.reduce((total, one, at) => {
    const next = value(one);
    // "A dozen", "two hundred": the second makes more of the first; "twenty-five" adds.
    return at > 0 && next >= 12 ? total * next : one === 'couple' || one === 'few' ? next : total + next;
  }, 0);
}
