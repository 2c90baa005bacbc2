import { figureOf, figurePattern } from '../hear';
import type { AmountKind } from '../tables';

const figure = `(?<![\\p{L}\\d.])(${figurePattern})(?![\\p{L}\\d])`;
const noun = String.raw`(?:[\p{L}'’-]+\s+){0,4}?`;

const perMinute = new RegExp(`${figure}\\s+${noun}(?:an?|per|each|every)\\s+minute`, 'iu');
const perLeaf = new RegExp(
  `${figure}\\s+${noun}(?:an?|per|each|every|in an?|in one|on one|on an?|to an?)\\s+(?:leaf|leaflet|shoot|tip|plant|stem|square|spade|cube|foot|trap|card)`,
  'iu',
);
const percent = new RegExp(`${figure}\\s*(?:%|per\\s?cent)`, 'iu');
const outOf = new RegExp(
  `${figure}\\s+(?:${noun})(?:out of|of|in|from)\\s+(?:every\\s+|the\\s+|my\\s+|our\\s+)?${figure}`,
  'iu',
);
const shareOf = new RegExp(
  `(?<![\\p{L}\\d])((?:an?\\s+|one\\s+|two\\s+|three\\s+)?(?:half|third|thirds|quarter|quarters|tenth))\\s+(?:of\\s+)?(?:the|my|its|all|our|them|it)`,
  'iu',
);
/** A figure of these counts no creature and no leaf. */
const measures =
  /^\s*[-–]?\s*(?:seconds?|minutes?|mins?|hours?|hrs?|days?|nights?|weeks?|fortnights?|months?|years?|am|pm|o['’]?clock|mm|cm|m|metres?|meters?|inch(?:es)?|in\b|feet|foot|ft|yards?|degrees?|°|c\b|f\b|litres?|liters?|gallons?|pints?|cups?|cans?|times|kg|g\b|pounds?|lbs?|pence|deep|across|long|wide|tall|high)/iu;
const any = new RegExp(figure, 'giu');

/** A share in per cent, as a line tells it: "two of five", "one in four", "half the leaves", "30 %". */
function shareIn(text: string): number | undefined {
  const whole = percent.exec(text);
  if (whole?.[1]) return figureOf(whole[1]);
  const part = outOf.exec(text);
  if (part?.[1] && part[2]) {
    const [some, all] = [figureOf(part[1]), figureOf(part[2])];
    if (some > 0 && all >= some && all > 1 && !measures.test(text.slice(part.index + part[0].length)))
      return Math.round((100 * some) / all);
  }
  const share = shareOf.exec(text);
  if (share?.[1]) return Math.round(100 * figureOf(share[1].replace(/thirds/, 'third').replace(/quarters/, 'quarter')));
  return undefined;
}

/** The first figure that counts things: not days, degrees or inches, and more than "a". */
function countIn(text: string): number | undefined {
  for (const found of text.matchAll(any)) {
    const said = found[1] ?? '';
    if (/^(?:an?|few|couple)$/i.test(said) || measures.test(text.slice((found.index ?? 0) + found[0].length))) continue;
    const value = figureOf(said);
    if (Number.isInteger(value) && value > 0) return value;
  }
  return undefined;
}

/** The number that a stretch of a line gives for a sign counted in such a way; undefined where it gives none. */
export function amountTold(text: string, kind: AmountKind): number | undefined {
  if (kind === 'none') return undefined;
  if (kind === 'share-of-leaves') return shareIn(text);
  const told = (kind === 'per-minute' ? perMinute : perLeaf).exec(text)?.[1];
  if (told !== undefined) return figureOf(told);
  return kind === 'count' ? countIn(text) : undefined;
}
