import type { IngredientRow } from '../../tables';
import type { Mention } from '../../hear/mentions';
import { figureOf, figurePattern, type HeardTimes } from '../../hear';

const isOneSentence = (line: string, a: number, b: number): boolean =>
  !/[.;?!](?!\d)/.test(line.slice(Math.min(a, b), Math.max(a, b)));

/** What went on first, what later, and how many days between. */
export interface Apart {
  readonly days: number;
  readonly earlier: readonly Mention<IngredientRow>[];
  readonly later: readonly Mention<IngredientRow>[];
}

const spans: Readonly<Record<string, number>> = { hour: 0, day: 1, week: 7, fortnight: 14, month: 30 };
const untilHarvest = new RegExp(
  String.raw`\b(${figurePattern})\s*(day|week|fortnight|month)s?\s*(?:before|to|until|till|from)\s*(?:the\s+|i\s+|we\s+)?(?:harvest|pick|eat)`,
);
/** "Ready in four weeks". */
const readyIn = new RegExp(
  String.raw`\b(?:ready|ripe|due|cropping|picking|harvest\w*|(?:lift|pull|dig|pick|cut|eat|crop)\w*)\s+(?:to \w+ |them |it |those |some )?(?:up )?in\s+(?:about\s+)?(${figurePattern})\s*(day|week|fortnight|month)s?\b`,
);
const soonEaten =
  /\b(?:eat|pick|harvest)\w*\s+(?:them\s+|it\s+|some\s+)?(?:today|tonight|tomorrow|now|this evening)\b|\bripe (?:ones )?(?:now|this week|today|tomorrow)\b/;
const spanAfter = new RegExp(
  String.raw`\b(${figurePattern})\s+(hour|day|week|fortnight|month)s?\s+(after|later|ago|before|apart)\b`,
);
const nextDay =
  /\b(?:the )?(next|following) (day|week|morning)\b|\b(yesterday|last week|the day before|the day after)\b/;

/** Something is picked, cut or eaten. */
const eats =
  /\b(?:eat\w*|pick\w*|harvest\w*|serv(?:e|ed|ing)|taste|munch\w*|(?<!\b(?:after|before) (?:\w+ )?)(?:dinner|supper)|salad bowl|off the vine|cut (?:them|it|heads?|the)|cutting|pulling|we (?:pull|lift|cut|dig))\b/;
/** It went on already: "the mint that I sprayed", "after dusting"; or how long to wait is what is asked. */
const wentOn =
  /\b(?:sprayed|dusted|treated|drenched|soaped|oiled|limed|powdered|misted|fed|(?:after|since) (?:a |the |my )?(?:\w+ ){0,3}(?:spray\w*|dust\w*|treat\w*|drench\w*)|how (?:long|soon|many days)|when (?:can|may|could|is it))\b/;

/** "Oil two weeks after sulphur", "peroxide today, nematodes the next day": what went on first, and how long before. */
export function apartIn(line: string, things: readonly Mention<IngredientRow>[], times: HeardTimes): Apart | undefined {
  const [past] = times.days.filter(({ days }) => days <= 0);
  const kinds = new Set(things.map(({ row }) => row.id)).size;
  // "Soap yesterday, may we eat them today?"
  if (kinds === 1 && past && eats.test(line)) return { days: -past.days, earlier: things, later: [] };
  if (kinds < 2) return undefined;
  // "Five grams plus two of soap this morning" is one mix, not one after the other.
  const isSequence = /\b(?:then|after|before|already|earlier|just|again|now|next|later)\b/.test(line);
  if (past && (past.days < 0 || isSequence)) {
    const distance = ({ at }: { readonly at: number }) =>
      Math.abs(at - past.at) + (isOneSentence(line, at, past.at) ? 0 : 400);
    const first = [...things].sort((a, b) => distance(a) - distance(b))[0];
    const same = things.filter(({ row }) => row.id === first?.row.id);
    const later = things.filter((thing) => !same.includes(thing));
    if (later.length > 0) return { days: -past.days, earlier: same, later };
  }
  const span = spanAfter.exec(line);
  const next = nextDay.exec(line);
  if (!span && !next) return undefined;
  const days = span ? figureOf(span[1] ?? '') * (spans[span[2] ?? ''] ?? 1) : /week/.test(next?.[0] ?? '') ? 7 : 1;
  const at = span?.index ?? next?.index ?? 0;
  const [before, after] = [things.filter((thing) => thing.at < at), things.filter((thing) => thing.at >= at)];
  const word = span?.[3] ?? next?.[1] ?? next?.[3] ?? '';
  // "X two weeks after Y", "X yesterday, now Y": which side of the word went on first.
  if (word === 'after' || word === 'the day after')
    return after.length > 0 ? { days, earlier: after, later: before } : undefined;
  if (word === 'ago' || word === 'yesterday' || word === 'last week' || word === 'the day before') {
    const close = [...things].sort((a, b) => Math.abs(a.at - at) - Math.abs(b.at - at))[0];
    return {
      days,
      earlier: things.filter((thing) => thing === close),
      later: things.filter((thing) => thing !== close),
    };
  }
  const [first, ...rest] = things;
  return first
    ? {
        days,
        earlier: before.length > 0 && after.length > 0 ? before : [first],
        later: after.length > 0 && before.length > 0 ? after : rest,
      }
    : undefined;
}

/** "The weedkiller sprayer", "a sprayer that held bleach": what was in the vessel before. */
export const heldIn = (line: string, things: readonly Mention<IngredientRow>[]): Mention<IngredientRow>[] =>
  things.filter(({ at, length }) => {
    const [precedes, follows] = [line.slice(0, at), line.slice(at + length)];
    const isItsVessel = /^\s+(?:sprayer|bottle|can|tank)\b/.test(follows) && things.length > 1;
    return (
      isItsVessel ||
      /\b(?:held|(?:sprayer|bottle|tank|can|bucket|drum|jug|tub|jar|container|vessel|it|that|which|they|(?:it|they)['’]d) (?:once |only |just |last |always )?had|used for|contained|(?:still|sprayer|bottle|tank|can) has)\s+(?:[a-z'’]+\s+){0,5}$/.test(
        precedes,
      )
    );
  });

/** "Two weeks before picking", "we eat them tomorrow". */
export function daysToHarvestIn(line: string, times: HeardTimes): number | undefined {
  const found = untilHarvest.exec(line) ?? readyIn.exec(line);
  if (found) return figureOf(found[1] ?? '') * (spans[found[2] ?? ''] ?? 1);
  if (soonEaten.test(line)) return 0;
  if (!eats.test(line)) return undefined;
  const [ahead] = times.days.filter(({ days }) => days > 0);
  return (
    ahead?.days ??
    // "Sprayed two hours ago, the children eat them": eaten as things are.
    (times.days.some(({ days }) => days <= 0) ||
    wentOn.test(line) ||
    /\b(?:today|tonight|tonite|now|this arvo|this evening|for (?:dinner|tea|supper|lunch))\b/.test(line)
      ? 0
      : undefined)
  );
}
