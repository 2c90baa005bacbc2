import { isDenial, saysSpared } from '../hear/clauses';
import { isFiller, lexiconOf, occurrencesIn } from '../hear/words';
import { deniedOf, isPlain, largest, meaningsOf, meantBy, type Meanings, type Meant, type Stretch } from '../meaning';
import { isLiteral, type MeaningsData, type SignId, type Tables } from '../tables';
import { bestParting, piecesOf, spansOf, textOf, type Piece, type Span } from './parting';
import { asOneStory, likeliest } from './story';
import { knownIn, stretchOf } from './stretch';
import { amountTold } from './told-counts';
import {
  plantToldIn,
  suitsOn,
  sureFrom,
  type About,
  type Perhaps,
  type SignsRead,
  type Understood,
} from './vocabulary';

/** What a stretch must be worth, in log-odds of being read right, to stand by itself (tried on stories). */
const leastWorth = 0.2;
/** Below this a reading counts for nothing; what it may be is still offered. */
const perhapsFrom = 0.25;
/** What is less likely than this to tell a sign is talk, and not even offered. */
const talkBelow = -1.2;
/** Plates offered where a stretch may mean several things. */
const offered = 6;
/** How sure each half of a stretch must be of a sign of its own for the stretch to lose by it, as log-odds. */
const halfSure = 0.5;
/**
 * A part carries what a stretch says if it is so sure of it by itself, as log-odds, or loses no more than so much of
 * its sureness.
 */
const [sureAlone, loses] = [1.5, 2] as const;
/** Of a short denial: what share of the likeliest sign's chance another must have to be denied with it, and how many are. */
const [alike, mostAlike] = [0.2, 4] as const;
/** How sure it is that these are denied as well: what is said to be there elsewhere in the line outweighs it. */
const besideSure = 0.6;
/** Telling words of a denial that speaks of a kind of thing, not of one. */
const ofAKind = 3;
/** A reading of words is never as sure as a tap. */
const surest = 0.99;

/** How sure the vocabulary is of a second sign in a stretch whose first it reads as its meaning says. */
const secondSure = 0.7;
/** A line of which the vocabulary knows so many of the telling words is a plain list of signs. */
const terseFrom = 0.9;
/** How sure the vocabulary is of a phrase in such a line, as chance and as log-odds. */
const plainSure = 0.75;
const plainOdds = Math.log(plainSure / (1 - plainSure));
/** Words of a stretch that may hold two, and how likely the second must be by meaning. */
const oneBreath = 4;
const secondFrom = 0.005;

interface Stretched {
  readonly text: string;
  readonly stretch: Stretch;
  readonly span: Span;
  readonly meant: Meant;
  /** The row of the sign that it means most likely. */
  readonly likeliest: number;
}
/** One that is read, with the chance that it denies what it speaks of. */
interface Chosen extends Stretched {
  readonly denied: number;
}

/** Reads a line by what people mean: parts it into stretches, lets what each may mean compete, and takes the whole as one story. */
export function readByMeaning(tables: Tables, data: MeaningsData, line: string, given: About = {}): SignsRead {
  const meanings = meaningsOf(data);
  const plant = plantToldIn(tables, line);
  const about = { ...(plant === undefined ? {} : { plant }), ...given };
  const said = piecesOf(line);
  const reporting = said.filter(({ text }) => !saysSpared(text));
  // What is spared denies nothing that is told of the rest.
  const pieces = reporting.length > 0 ? reporting : said;
  const spans = spansOf(pieces);
  // What is said again means the same again.
  const known = new Map<string, Omit<Stretched, 'span'>>();
  const all = spans.map((span): Stretched => {
    const text = textOf(pieces, span);
    const before = known.get(text);
    if (before) return { ...before, span };
    const stretch = stretchOf(tables, text, about);
    const meant = meantBy(meanings, stretch);
    const found = { text, stretch, meant, likeliest: meant.chances.indexOf(largest(meant.chances)) };
    known.set(text, found);
    return { ...found, span };
  });
  const isTerse = knownIn(tables, line) >= terseFrom;
  const isReadPlainly = ({ stretch }: Stretched) => isTerse && isPlain(stretch) && stretch.vocabulary.length > 0;
  const told = chosenFrom(pieces, all, isReadPlainly).map((one): Chosen => {
    const { stretch } = carrierOf(pieces, all, one);
    return { ...one, denied: deniedOf(meanings, stretch, one.likeliest) };
  });
  const suits = suitsOn(tables, about.plant);
  const refined = asOneStory(
    tables,
    told.map(({ meant, denied }) => ({ ...meant, denied })),
    about,
  ).map((chances) => onPlant(chances, (row) => suits(tables.signs[row]!)));
  const understood: Understood[] = [];
  const perhaps: Perhaps[] = [];
  const note = (item: Understood) => {
    if (!understood.some(({ sign, state }) => sign === item.sign && state === item.state)) understood.push(item);
  };
  told.forEach(({ text, stretch, meant }, at) => {
    const chances = refined[at]!;
    const state = isDenied(told, at) ? 'absent' : 'seen';
    const rows = likeliest(chances, offered);
    const sign = data.signs[rows[0]!]!;
    const bySense = chances[rows[0]!]! * Math.min(1, meant.told / largest(meant.chances));
    const byWords = isReadPlainly(told[at]!) && stretch.vocabulary.includes(sign) ? plainSure : 0;
    const sure = Math.min(surest, Math.max(bySense, byWords));
    // "No web" denies every kind of it, and none of them competes with another.
    const kinds =
      state === 'absent' && isShort(stretch)
        ? rows.slice(0, mostAlike).filter((row) => chances[row]! >= alike * chances[rows[0]!]!)
        : [];
    const kindSure = Math.min(surest, (sure * kinds.reduce((sum, row) => sum + chances[row]!, 0)) / chances[rows[0]!]!);
    if (kinds.length > 1 && kindSure >= sureFrom) {
      kinds.forEach((row, kind) =>
        note({
          say: text,
          sign: data.signs[row]!,
          state,
          sure: kind === 0 ? kindSure : Math.min(kindSure, besideSure),
        }),
      );
    } else if (sure >= sureFrom) {
      note({ say: text, sign, state, sure, ...amountOf(tables, text, sign, state) });
      // "Sticky curled leaves": one breath, two signs.
      if (isPlain(stretch) && stretch.tokens.length <= oneBreath && stretch.vocabulary.includes(sign))
        for (const other of stretch.vocabulary)
          if (other !== sign && chances[data.signs.indexOf(other)]! > secondFrom)
            note({ say: text, sign: other, state, sure: secondSure });
    } else
      perhaps.push({
        say: text,
        state,
        signs: rows.map((row) => data.signs[row]!),
        ...(sure >= perhapsFrom ? { sure } : {}),
      });
  });
  const covered = new Set(
    told.flatMap(({ span: { from, to } }) => Array.from({ length: to - from }, (_, at) => from + at)),
  );
  const strange = pieces.flatMap((piece, at) => unknownWords(tables, meanings, piece, covered.has(at)));
  // What counts for nothing was not understood, though it may be offered.
  const vague = perhaps.filter(({ sure }) => sure === undefined).map(({ say }) => say);
  const nothing = understood.length + perhaps.length + strange.length === 0 && pieces.length > 0;
  return {
    understood: settled(understood),
    perhaps,
    notUnderstood: nothing
      ? [line.trim()]
      : [...new Set([...vague, ...strange.filter((word) => !vague.some((text) => text.toLowerCase().includes(word)))])],
    ...(plant === undefined ? {} : { plant }),
  };
}

/** The stretches that tell something; of what they leave over, what is no mere talk; of a line that tells nothing, what comes nearest. */
function chosenFrom(
  pieces: readonly Piece[],
  all: readonly Stretched[],
  isReadPlainly: (one: Stretched) => boolean,
): Stretched[] {
  const part = (some: readonly Stretched[], worth: (one: Stretched) => number) =>
    bestParting(
      pieces.length,
      some.map(({ span }) => span),
      some.map(worth),
    ).map((at) => some[at]!);
  const twoIn = secondsIn(all);
  const told = part(
    all,
    (one) => Math.max(one.meant.toldOdds, isReadPlainly(one) ? plainOdds : -Infinity) - leastWorth - twoIn(one),
  );
  const isTaken = ({ span }: Stretched) => told.some((one) => one.span.from < span.to && span.from < one.span.to);
  const leftOver = part(
    all.filter((one) => !isTaken(one)),
    ({ meant }) => meant.toldOdds - talkBelow,
  );
  const chosen = [...told, ...leftOver].sort((a, b) => a.span.from - b.span.from);
  if (chosen.length > 0) return chosen;
  return all.length === 0 ? [] : [all.reduce((top, next) => (next.meant.toldOdds > top.meant.toldOdds ? next : top))];
}

/**
 * What the less sure half of a stretch is worth by itself, as log-odds, where its two halves tell different signs: read
 * as one, that is lost.
 */
function secondsIn(all: readonly Stretched[]): (one: Stretched) => number {
  const known = new Map(all.map((one) => [`${one.span.from} ${one.span.to}`, one]));
  return ({ span: { from, to } }) => {
    let most = 0;
    for (let cut = from + 1; cut < to; cut += 1) {
      const left = known.get(`${from} ${cut}`);
      const right = known.get(`${cut} ${to}`);
      if (left && right && left.likeliest !== right.likeliest && !describes.test(right.text))
        most = Math.max(most, Math.min(left.meant.toldOdds, right.meant.toldOdds) - halfSure);
    }
    return most;
  };
}

/** "Red beetles with seven spots": what begins so says more of the same thing. */
const describes = /^(?:with|like|as|which|who|where)\b/i;

/**
 * The shortest part of a stretch that says what the whole says: "no fine roots left, little white maggots" denies roots,
 * and no maggots. "Looked for webs, there are none" is one saying: what denies stands for nothing of its own.
 */
function carrierOf(pieces: readonly Piece[], all: readonly Stretched[], whole: Stretched): Stretched {
  const { from, to } = whole.span;
  const deniesOnly = ({ tokens }: Piece) =>
    tokens.some(isDenial) && tokens.every((token) => isDenial(token) || isFiller(token));
  return all
    .filter(
      (one) =>
        one.span.from >= from &&
        one.span.to <= to &&
        one.likeliest === whole.likeliest &&
        one.meant.toldOdds >= Math.min(sureAlone, whole.meant.toldOdds - loses) &&
        ![...pieces.slice(from, one.span.from), ...pieces.slice(one.span.to, to)].some(deniesOnly),
    )
    .reduce(
      (best, one) => ((lengthOf(one) - lengthOf(best) || best.meant.toldOdds - one.meant.toldOdds) < 0 ? one : best),
      whole,
    );
}

const lengthOf = ({ span: { from, to } }: Stretched): number => to - from;

/** What nothing that lives on the plant shows is less likely meant, though people do say odd things. */
const stranger = 0.3;

function onPlant(chances: Float64Array, suits: (row: number) => number): Float64Array {
  const weighed = new Float64Array(chances.length);
  let total = 0;
  for (let row = 0; row < chances.length; row += 1)
    if (chances[row]! > 0) total += weighed[row] = chances[row]! * (stranger + (1 - stranger) * suits(row));
  for (let row = 0; row < chances.length; row += 1) weighed[row]! /= total;
  return weighed;
}

const isShort = ({ tokens }: Stretched['stretch']): boolean =>
  tokens.filter((token) => !isFiller(token) && !isDenial(token)).length <= ofAKind;

/** "Not hopping or jumping": "or" carries a denial on. */
function isDenied(told: readonly Chosen[], at: number): boolean {
  const { text, denied, span } = told[at]!;
  if (denied > 0.5) return true;
  const before = told[at - 1];
  return /^n?or\b/i.test(text) && before?.span.to === span.from && isDenied(told, at - 1);
}

/** A sign said both to be there and not: the surer saying stands. */
function settled(items: readonly Understood[]): Understood[] {
  return items.filter(
    (item) =>
      !items.some((other) => other !== item && other.sign === item.sign && (other.sure ?? 1) > (item.sure ?? 1)),
  );
}

function amountOf(tables: Tables, text: string, sign: SignId, state: Understood['state']): { amount?: number } {
  const row = tables.signs.find(({ id }) => id === sign);
  const amount = state === 'seen' && row ? amountTold(text, row.amount) : undefined;
  return amount === undefined ? {} : { amount };
}

/**
 * Words that are in no table, as they stand or a slip away. Where a piece was read with its neighbours, only if it holds
 * nothing else: a strange name in the middle of what was understood is no matter.
 */
function unknownWords(tables: Tables, { directions }: Meanings, { tokens }: Piece, isRead: boolean): string[] {
  const known = new Set(
    occurrencesIn(tokens, lexiconOf(tables)).flatMap(({ phrase, at, length }) =>
      isLiteral(phrase.key) ? [] : Array.from({ length }, (_, offset) => tokens[at + offset]),
    ),
  );
  const telling = tokens.filter((token) => !isFiller(token));
  const unknown = telling.filter((token) => !known.has(token) && !directions.rowOf.has(token.word));
  return isRead && unknown.length < telling.length ? [] : unknown.map(({ word }) => word);
}
