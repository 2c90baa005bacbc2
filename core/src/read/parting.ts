import { tokensOf, type Token } from '../hear/words';

/** The least stretch of a line that is looked at by itself. */
export interface Piece {
  readonly text: string;
  readonly tokens: readonly Token[];
  /** Pieces of one sentence may be about one thing. */
  readonly sentence: number;
}

const sentenceEnds = /(?:[;!?\n]|\.(?!\d))+/;
/** Where a sentence draws breath. */
const breaths =
  /\s*(?:[,:()]|\s[-–—]\s|…)\s*|\s+(?=(?:and|but|with|plus|while|whereas|although|though|also|then|yet|except|so|because|since|after|when|where|which|who|no|not|without|nor|or|just|only|like|as|among|amongst|amid)\b)/i;

/** Ways of speaking whose "and" parts nothing. */
const tied =
  /\b(?:here and there|now and (?:then|again)|up and down|round and round|black and white|on and off|more and more|nothing but|anything but|as (?:if|though) with)\b/gi;

/** A line in pieces, as it is said. */
export function piecesOf(line: string): Piece[] {
  const whole = line.replace(tied, (words) => words.replace(/ /g, '_'));
  return whole.split(sentenceEnds).flatMap((sentence, at) =>
    sentence
      .split(breaths)
      .map((part = '') => part.replace(/_/g, ' ').trim())
      .map((text) => ({ text, tokens: tokensOf(text), sentence: at }))
      .filter(({ tokens }) => tokens.length > 0),
  );
}

/** Neighbouring pieces, from one up to another, within one sentence. */
export interface Span {
  readonly from: number;
  /** Past the last. */
  readonly to: number;
}

/** Pieces that may be one saying: more would be a sentence of several things. */
const most = 6;
/** Words of a saying. */
const mostWords = 45;
/**
 * Words looked at in all runs of a line together, a run counting as much as some words. In a letter of many sentences
 * shorter runs are tried, so that reading it keeps nobody waiting.
 */
const [mostLookedAt, aRun] = [4000, 5] as const;

/** Every run of pieces that could be one saying. */
export function spansOf(pieces: readonly Piece[]): Span[] {
  for (let upTo = most; ; upTo -= 1) {
    const spans = runsOf(pieces, upTo);
    if (upTo === 1 || wordsIn(pieces, spans) + aRun * spans.length <= mostLookedAt) return spans;
  }
}

function runsOf(pieces: readonly Piece[], upTo: number): Span[] {
  return pieces.flatMap((_, from) => {
    const spans: Span[] = [];
    let words = 0;
    for (let to = from + 1; to <= Math.min(pieces.length, from + upTo); to += 1) {
      const last = pieces[to - 1]!;
      if (last.sentence !== pieces[from]!.sentence) break;
      words += last.tokens.length;
      if (words > mostWords && to > from + 1) break;
      spans.push({ from, to });
    }
    return spans;
  });
}

const wordsIn = (pieces: readonly Piece[], spans: readonly Span[]): number => {
  const before = [0];
  for (const { tokens } of pieces) before.push(before[before.length - 1]! + tokens.length);
  return spans.reduce((sum, { from, to }) => sum + before[to]! - before[from]!, 0);
};

/** Every part of a saying that is less than the whole, as text. */
export function partsOf(line: string): string[] {
  const pieces = piecesOf(line);
  return spansOf(pieces)
    .filter(({ from, to }) => to - from < pieces.length)
    .map((span) => textOf(pieces, span));
}

/** The words of a span, its pieces parted by commas. */
export const textOf = (pieces: readonly Piece[], { from, to }: Span): string =>
  pieces
    .slice(from, to)
    .map(({ text }) => text)
    .join(', ');

/**
 * The parting of a line into spans that is worth most; pieces may be left out at no cost.
 * @param worth of each span, by its place in the list; what is not above nothing is left out.
 */
export function bestParting(size: number, spans: readonly Span[], worth: readonly number[]): number[] {
  const best: { value: number; last?: number }[] = [{ value: 0 }];
  const endingAt = new Map<number, number[]>();
  spans.forEach(({ to }, at) => {
    const known = endingAt.get(to);
    if (known) known.push(at);
    else endingAt.set(to, [at]);
  });
  for (let to = 1; to <= size; to += 1) {
    let found: { value: number; last?: number } = { value: best[to - 1]!.value };
    for (const at of endingAt.get(to) ?? []) {
      const value = best[spans[at]!.from]!.value + (worth[at] ?? 0);
      if (value > found.value) found = { value, last: at };
    }
    best.push(found);
  }
  const chosen: number[] = [];
  for (let to = size; to > 0;) {
    const { last } = best[to]!;
    if (last === undefined) to -= 1;
    else {
      chosen.unshift(last);
      to = spans[last]!.from;
    }
  }
  return chosen;
}
