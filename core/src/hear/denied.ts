/** "No candles near", "nobody drinks from it", "nothing blooming": what stands right after such a word is not there. */
const denial =
  /\b(?:no|none|nobody|nothing|no one|without|never|isn'?t|aren'?t|nor|(?:are|is|was|were|am|'re|’re|'s|’s|'m) not|free of|instead of|out of|rather than|away from|un|not (?:near|on|in|any|a|the|for|yet|into|over|at)|don'?t (?:have|use|want)|there'?s no|zero|well clear of|far from)\s+(?:(?:any|the|other|real|more|is|are|has|have|of|near|use|in|on)\s+){0,2}(?:[\p{L}'’-]+\s+){0,1}$/iu;
/** "No bees, children or ponds about" denies each. */
const listed = /\b(?:no|without)\s+(?:[\p{L}'’-]+,?\s+){0,3}(?:or|and|,|no)\s+$/iu;

/** "Kettle descaler? No, just rain water": what is asked and taken back in the next breath. */
const takenBack = /[^.;?!]*\?\s*no,\s+(?=just |only |it['’]?s |it is )/giu;

/** The line without what its speaker took back, as long as before. */
export const corrected = (line: string): string => line.replace(takenBack, (said) => ' '.repeat(said.length));

/** What its speaker took back, to be told as not used. */
export const takenBackIn = (line: string): string[] => (line.match(takenBack) ?? []).map((said) => said.trim());

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
