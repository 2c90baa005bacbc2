import { amountsIn, type HeardAmount } from './amounts';

/** "No candles near", "nobody drinks from it", "nothing blooming": what stands right after such a word is not there. */
const denial =
  /\b(?:no|none|nobody|nothing|no one|without|never|isn'?t|aren'?t|nor|(?:are|is|was|were|am|'re|’re|'s|’s|'m) not|free of|instead of|out of|rather than|away from|un|not (?:near|on|in|any|a|the|for|yet|into|over|at)|don'?t (?:have|use|want)|there'?s no|zero|well clear of|far from)\s+(?:(?:any|the|other|real|more|is|are|has|have|of|near|use|in|on)\s+){0,2}(?:[\p{L}'’-]+\s+){0,1}$/iu;
/** "No bees, children or ponds about" denies each. */
const listed = /\b(?:no|without)\s+(?:[\p{L}'’-]+,?\s+){0,3}(?:or|and|,|no)\s+$/iu;

/** "Kettle descaler? No, just rain water", "Quicklime? No, garden lime": what is asked and taken back in the next breath. */
const takenBack =
  /[^.;?!]*\?\s*no,\s+(?=just |only |it['’]?s |it is )|(?<=^|[.;?!]\s*)(?:[\p{L}'’-]+\s+){0,2}[\p{L}'’-]+\?\s*no,\s+(?!(?:not|never|idea|on|in|at|i|it|they|that|this|we|you|he|she|but|need|way|problem|thanks|round|for|near|under|over|with|without|as|because|since|to|from|there)\b)(?=\p{L})/giu;

/** "Two weeks; no sorry, two days": where a speaker puts a figure right. */
const putRight =
  /[\s,;–—-]*\b(?:no,? (?:sorry|wait|hang on|make that)|(?:oops|whoops|sorry|scratch that)[,:]? i mean(?:t)?|i mean(?:t)?|make that|or rather|correction)[,:]?\s+(?=\S)/giu;
/** How far back what is put right may stand. */
const farBack = 80;

/** "60 ml of soap, i mean 5 ml of oil with it": that is said of another thing, and puts nothing right. */
function isOfSomethingNew(line: string, { at, length }: HeardAmount): boolean {
  const of = /^\s+of\s+(?:the |my |that |pure |neat )?(\p{L}+)/u.exec(line.slice(at + length))?.[1];
  return of !== undefined && !line.slice(0, at).includes(of);
}

/** The line as its speaker put it right, and what was taken back, to be told as not used. */
export function putRightIn(line: string): { readonly line: string; readonly takenBack: readonly string[] } {
  const said = (line.match(takenBack) ?? []).map((words) => words.trim());
  let now = line.replace(takenBack, (words) => ' '.repeat(words.length));
  for (const hit of [...now.matchAll(putRight)].reverse()) {
    const from = hit.index ?? 0;
    const to = from + hit[0].length;
    // Only what is said again of the same kind: days of days, spoons of spoons.
    const amounts = amountsIn(now, 'metric');
    const right = amounts.find(({ at }) => at === to);
    const wrong = amounts.filter(
      ({ at, length, kind }) => kind === right?.kind && at + length <= from && at > from - farBack,
    );
    const unitOf = ({ at, length }: HeardAmount) => /\p{L}+$/u.exec(now.slice(at, at + length))?.[0].replace(/s$/u, '');
    const last = wrong.findLast((one) => right && unitOf(one) === unitOf(right)) ?? wrong[wrong.length - 1];
    if (!right || !last || isOfSomethingNew(now, right)) continue;
    said.push(now.slice(last.at, last.at + last.length));
    now =
      now.slice(0, last.at) +
      now.slice(right.at, right.at + right.length) +
      now.slice(last.at + last.length, from) +
      now.slice(right.at + right.length);
  }
  return { line: now, takenBack: said };
}

const isDenied = (line: string, at: number): boolean => {
  const before = line.slice(Math.max(0, at - 60), at).replace(/^.*[.;?!](?!\d)/su, '');
  return denial.test(before) || listed.test(before);
};
/** "Fish nowhere near": what follows denies as well. */
const isFarOff = (line: string, end: number): boolean =>
  /^\s*(?:anywhere near|nowhere|are gone|is gone|far away|is over|are over|kept in|indoors and)/iu.test(
    line.slice(end, end + 24),
  );

/** Neither denied nor said to be elsewhere. */
export const isThere =
  (line: string) =>
  ({ at, length }: { readonly at: number; readonly length: number }): boolean =>
    !isDenied(line, at) && !isFarOff(line, at + length);
