/**
 * What was done about a trouble before, and whether it helped, as a line tells it: "soap last week, no use". It is no
 * sign; the choice and the judge mind it.
 */
import { timesIn } from '../hear';
import { mentions, namesOneOf } from '../hear/mentions';
import { isFiller, tokensOf } from '../hear/words';
import type { IsoDate } from '../quantities';
import type { RemedyId, Tables } from '../tables';
import { signsRead, type SignsRead } from './vocabulary';

export interface Tried {
  /** The gardener's words. */
  readonly say: string;
  readonly remedy: RemedyId;
  /** Left out where the line does not say. */
  readonly helped?: boolean;
  /** Left out where the line does not say. */
  readonly daysAgo?: number;
}

/** "Haven't sprayed", "never used": right before a remedy, or a word or three earlier. */
const notDone =
  /\b(?:haven['’]?t|hasn['’]?t|hadn['’]?t|didn['’]?t|not|never|don['’]?t|no|without)\s+(?:[\p{L}'’]+\s+){0,3}$/iu;
const sentenceEnd = /(?<=[.!?;\n])\s+/u;

/** So many words may stand between the doing and what it is done with: "gave the tomatoes two sprays of copper". */
const reach = 6;

/** @param today decides what "on Sunday" was */
export function triedIn({ tried }: Pick<Tables, 'tried'>, line: string, today?: IsoDate): Tried[] {
  const ways = tried.ways.flatMap(({ remedy, doing, stuff }) => [
    { row: { remedy, isStuff: false }, words: doing },
    { row: { remedy, isStuff: true }, words: stuff },
  ]);
  const sentences = line.split(sentenceEnd).map((text) => text.trim());
  const found = sentences.flatMap((text, at): Tried[] => {
    const named = mentions(ways, text);
    if (named.length === 0 || text.endsWith('?')) return [];
    const past = timesIn(text, today).days.filter(({ days }) => days <= 0);
    const isDone = past.length > 0 || namesOneOf([...tried.done, ...tried.helped, ...tried.inVain], text);
    if (!isDone) return [];
    const told = named.filter(
      (one) => !notDone.test(text.slice(0, one.at)) && (!one.row.isStuff || isPutOn(tried, text, one, named)),
    );
    const [first] = told;
    if (!first || namesOneOf(tried.thought, text.slice(0, first.at))) return [];
    // "Soap on Monday. No use.": what came of it may be said in the next breath.
    const next = sentences[at + 1] ?? '';
    const outcome = outcomeIn(tried, text) ?? (mentions(ways, next).length === 0 ? outcomeIn(tried, next) : undefined);
    const daysAgo = past.length === 0 ? undefined : Math.min(...past.map(({ days }) => -days));
    return told.map(({ row: { remedy } }) => ({
      say: text,
      remedy,
      ...(outcome === undefined ? {} : { helped: outcome }),
      ...(daysAgo === undefined ? {} : { daysAgo: Math.round(daysAgo) }),
    }));
  });
  return found.filter(({ remedy }, at) => found.findIndex((other) => other.remedy === remedy) === at);
}

interface Place {
  readonly at: number;
  readonly length: number;
}

/** True where stuff was put on: a verb stands before it in its clause, or the clause begins with it and tells on. */
function isPutOn(tried: Tables['tried'], text: string, { at, length }: Place, named: readonly Place[]): boolean {
  const before = wordsOf(text.slice(0, at).replace(/^.*[,;:]/su, ''));
  const behind = /^(?:s|es)?\s*([\p{L}'’]+)?/u.exec(text.slice(at + length))?.[1]?.toLowerCase();
  const isVerbNear = namesOneOf([...tried.done, ...tried.inVain], before.slice(-reach).join(' '));
  const isLikeness = before.at(-1) === 'as' || before.at(-1) === 'like';
  // "Copper beetles": what stands right behind it is what is spoken of.
  const tellsOn =
    behind === undefined ||
    tried.goesOn.includes(behind) ||
    named.some((other) => other.at > at && other.at < at + length + 4);
  return tellsOn && !isLikeness && (isVerbNear || before.length <= 2);
}

/** What did not last did not help. */
function outcomeIn({ helped, inVain }: Tables['tried'], text: string): boolean | undefined {
  if (namesOneOf(inVain, text)) return false;
  return namesOneOf(helped, text) ? true : undefined;
}

/** A reading without what is no sign, nor left unsaid, since it told what was tried. */
export function withoutTried(tables: Tables, read: SignsRead, tried: readonly Tried[]): SignsRead {
  if (tried.length === 0) return read;
  const { ways, done, helped, inVain } = tables.tried;
  const telling = ways.flatMap(({ doing, stuff }) => [...doing, ...stuff]);
  const isOfThat = (say: string) =>
    tried.some((one) => wordsOf(say).every((word) => wordsOf(one.say).includes(word))) &&
    (namesOneOf(telling, say) || outcomeIn(tables.tried, say) !== undefined);
  const own = [{ row: 'own', words: [...telling, ...done, ...helped, ...inVain] }];
  /** "Sprayed soapy water yesterday" tells nothing else, "soaped them, now the tips are brown" does. */
  const tellsMore = (say: string) =>
    tokensOf(
      [...mentions(own, say), ...timesIn(say).days].reduce(
        (text, { at, length }) => text.slice(0, at) + ' '.repeat(length) + text.slice(at + length),
        say,
      ),
    ).some((token) => !isFiller(token));
  return {
    ...read,
    understood: read.understood.filter(
      ({ say, sign, state }) =>
        !isOfThat(say) || tellsMore(say) || (state === 'seen' && signsRead(tables, say).get(sign) === 'seen'),
    ),
    perhaps: read.perhaps.filter(({ say }) => !isOfThat(say)),
    notUnderstood: read.notUnderstood.filter((say) => !isOfThat(say)),
  };
}

const wordsOf = (text: string): string[] => text.toLowerCase().match(/[\p{L}\d]+/gu) ?? [];
