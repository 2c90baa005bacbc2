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
  let hash = 0x811c9dc5 ^ views.indexOf(view);
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
  const told = tokens.filter((token) => !isSlight(token));
  const stems = tokens.map(({ stem }) => stem);
  const toldStems = told.map(({ stem }) => stem);
  const hashes = (view: View, keys: Iterable<string>) => [...new Set([...keys].map((key) => hashOf(view, key)))];
  return {
    stem: hashes('stem', toldStems),
    word: hashes(
      'word',
      tokens.map(({ word }) => word),
    ),
    pair: hashes('pair', [
      ...stems.slice(1).map((stem, at) => `${stems[at]}_${stem}`),
      ...toldStems.slice(1).map((stem, at) => `${toldStems[at]}~${stem}`),
      ...toldStems.slice(2).map((stem, at) => `${toldStems[at]}~~${stem}`),
    ]),
    piece: hashes(
      'piece',
      told.flatMap(({ word }) => [...piecesOf(word)]),
    ),
    concept: hashes('concept', concepts),
  };
}
