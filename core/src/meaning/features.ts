import type { Token } from '../hear/words';

/** The views in which a phrase is compared with what people say: each counts on its own scale. */
export const views = ['stem', 'word', 'pair', 'piece', 'concept'] as const;
export type View = (typeof views)[number];

/** Features of a phrase, each once, as 32-bit hashes, by view. */
export type Features = Readonly<Record<View, readonly number[]>>;

/** Words so slight that they belong to no sign; they count only as written and in pairs. */
const slight = new Set(
  `a an the my our your his her its this that these those there here it they them we i you he she is are was were be been being am
  has have had having do does did of in on at to from with by for as and or but so just very really`.split(/\s+/),
);
export const isSlight = ({ word }: Token): boolean => slight.has(word);

/** FNV-1a, 32 bits, of a view and a key: two features in one bucket are met once in some ten thousand. */
export function hashOf(view: View, key: string): number {
  // The view is hashed as a letter of its own: mixed into the first one, "red" as a word was "ped" as a piece.
  let hash = Math.imul(0x811c9dc5 ^ views.indexOf(view), 0x01000193);
  for (let at = 0; at < key.length; at += 1) hash = Math.imul(hash ^ key.charCodeAt(at), 0x01000193);
  return hash >>> 0;
}

/** Pieces of a word that survive a slip: its runs of three to five letters, ends marked. */
function* piecesOf(word: string): Generator<string> {
  const marked = `<${word}>`;
  for (let size = 3; size <= 5; size += 1)
    for (let at = 0; at + size <= marked.length; at += 1) yield marked.slice(at, at + size);
}

/**
 * What a phrase is compared by: its words, their stems, neighbours, pieces and concepts.
 * @param concepts keys of the concepts and plants found in it.
 */
export function featuresOf(tokens: readonly Token[], concepts: readonly string[]): Features {
  const { pair, concept } = joinedFeatures(tokens, concepts);
  const words = tokens.map(wordFeatures);
  const all = (view: 'stem' | 'word' | 'piece') => [...new Set(words.flatMap((one) => one[view]))];
  return { stem: all('stem'), word: all('word'), pair: [...new Set(pair)], piece: all('piece'), concept };
}

/** What a phrase is compared by for each of its words. */
export function wordFeatures(token: Token): Readonly<Record<'stem' | 'word' | 'piece', readonly number[]>> {
  const { word, stem } = token;
  const isTold = !isSlight(token);
  return {
    stem: isTold ? [hashOf('stem', stem)] : [],
    word: [hashOf('word', word)],
    piece: isTold ? [...new Set(piecesOf(word))].map((piece) => hashOf('piece', piece)) : [],
  };
}

/** What a phrase is compared by for what stands together in it; a pair may come twice. */
export function joinedFeatures(
  tokens: readonly Token[],
  concepts: readonly string[],
): Readonly<Record<'pair' | 'concept', readonly number[]>> {
  const pair: number[] = [];
  const told: string[] = [];
  tokens.forEach((token, at) => {
    if (at > 0) pair.push(hashOf('pair', `${tokens[at - 1]!.stem}_${token.stem}`));
    if (isSlight(token)) return;
    const last = told.length - 1;
    if (last >= 0) pair.push(hashOf('pair', `${told[last]!}~${token.stem}`));
    if (last >= 1) pair.push(hashOf('pair', `${told[last - 1]!}~~${token.stem}`));
    told.push(token.stem);
  });
  return { pair, concept: [...new Set(concepts)].map((key) => hashOf('concept', key)) };
}
