import { distance } from 'fastest-levenshtein';
import { stemmer } from 'stemmer';
import { isLiteral, type ConceptRole, type PlantRow, type Tables } from '../tables';
import { plainWords } from './plain-words';

/** A word in a line, folded to its stem. */
export interface Token {
  readonly word: string;
  readonly stem: string;
}

/** Lower case, no apostrophes, split at anything that is not a letter, digit, dot or per cent sign. */
export function tokensOf(text: string): Token[] {
  const words =
    text
      .toLowerCase()
      .normalize('NFKD')
      .replace(/[\u0300-\u036f’'‘]/g, '')
      .match(/[a-z]+|\d+(?:\.\d+)?%?/g) ?? [];
  return words.map((word) => ({ word, stem: stemOf(word) }));
}

/** Words of which the stem is kept: a reading asks for the same ones over and over. */
const mostStems = 20_000;
const stems = new Map<string, string>();

function stemOf(word: string): string {
  const known = stems.get(word);
  if (known !== undefined) return known;
  const stem = stemmer(word);
  if (stems.size >= mostStems) stems.clear();
  stems.set(word, stem);
  return stem;
}

/** Words that carry no sign: they are neither matched nor reported as not understood. */
const fillers = new Set(
  `a an the my our your his her its this that these those there here it they them we i you he she is are was were be been being am
  has have had having do does did done can could may might will would should must of in on at to from with by for as than then so
  very quite rather really just only also too still again now today yesterday morning evening night week weeks day days month since
  some any many much more most lots lot several all each every both other others one two three four five six seven ten dozen
  plant plants bed beds garden patch row rows greenhouse house kitchen outside indoors window sill place side sides area part parts
  see seen saw seeing look looks looking looked looked seem seems appear appears appearing notice noticed found find finding show shows
  showing get gets getting got go goes going gone went come comes coming came turn turns turning turned start starts started starting
  begin begins beginning begun begin become becomes becoming keep keeps kept think maybe perhaps probably about around along into onto
  over up down off out through between among near next like kind sort bit slightly somewhat mostly mainly especially particularly
  covered cover covers full growing grow grows grown grew growth live living alive crawling crawl running run runs walking sitting
  sits sit visible present problem trouble wrong matter help please what why how when where which who thing things something
  few small tiny little big large old new good bad nice well ok year years summer spring autumn winter season last first second
  while after before during until because but and or nor also plus both either though although even however yet if
  stuff odd strange weird made make makes making put puts given give gave using used use leave need needs left right
  per cent percent number count many much mine ours normal usual usually always often sometimes rest
  no not never none without isnt arent wasnt werent doesnt dont didnt cant cannot nothing absent free neither sign signs lack hardly
  havent hasnt hadnt wont`.split(/\s+/),
);

export const isFiller = ({ word }: Token): boolean => fillers.has(word) || /^\d/.test(word) || word.length < 2;

/** What a run of words stands for: a concept, a literal word of some sign, or a plant. */
export interface Phrase {
  readonly stems: readonly string[];
  /** Concept id, `=word`, or plant id. */
  readonly key: string;
  readonly kind: 'what' | 'modifier' | 'literal' | 'plant';
  /** The part that the concept plays in a line. */
  readonly role?: ConceptRole;
  /** Where only this very word will do: "wind" is not "winding". */
  readonly exact?: string;
}

export interface Lexicon {
  /** Phrases by their first stem. */
  readonly byFirst: ReadonlyMap<string, readonly Phrase[]>;
  /** Phrases that hold a word which would otherwise split a line, as one pattern. */
  readonly joined: RegExp;
  /** Stems that words were found to stand for, kept. */
  readonly readable: Map<string, readonly string[]>;
  /** Every word that stands in a phrase with its stem, by the word's first letter and length, for misspellings. */
  readonly vocabulary: ReadonlyMap<string, readonly Token[]>;
  readonly stems: ReadonlySet<string>;
  /** Every word that stands in a phrase, as it is written. */
  readonly words: ReadonlySet<string>;
}

const lexicons = new WeakMap<object, Lexicon>();

/** Every name of a plant. */
export const plantNamesOf = (plant: PlantRow): string[] => [
  plant.id.replace(/-/g, ' '),
  ...plant.name.split(/,| and /),
  ...plant.synonyms,
  ...(plant.kin ?? []),
];

/** The relative that was named where this plant is read in its place; undefined where it was named itself. */
export function kinNamed({ kin = [], ...plant }: PlantRow, text: string): string | undefined {
  const said = ` ${stemsIn(text)} `;
  const own = plantNamesOf(plant);
  const longest = [...own, ...kin]
    .filter((name) => said.includes(` ${stemsIn(name)} `))
    .sort((a, b) => b.length - a.length)[0];
  return longest !== undefined && kin.includes(longest) ? longest : undefined;
}
const stemsIn = (text: string): string =>
  tokensOf(text)
    .map(({ stem }) => stem)
    .join(' ');

/** Built once for a set of tables. */
export function lexiconOf({ concepts, plants, signs }: Pick<Tables, 'concepts' | 'plants' | 'signs'>): Lexicon {
  const known = lexicons.get(concepts);
  if (known) return known;
  const literals = new Set(signs.flatMap(({ says }) => says.flatMap((set) => set.split(' ').filter(isLiteral))));
  const words = new Map<string, Token>();
  const stemsOf = (text: string) =>
    tokensOf(text).map((token) => {
      words.set(token.word, token);
      return token.stem;
    });
  const phrases: Phrase[] = [
    ...concepts.flatMap((concept) =>
      concept.words.map((text) => ({
        stems: stemsOf(text),
        key: concept.id,
        kind: concept.kind,
        ...(concept.role ? { role: concept.role } : {}),
        ...(text.startsWith('!') ? { exact: text.slice(1) } : {}),
      })),
    ),
    ...[...literals].map((key) => ({ stems: stemsOf(key.slice(1)), key, kind: 'literal' as const })),
    ...plants.flatMap((plant) =>
      plantNamesOf(plant).map((text) => ({ stems: stemsOf(text), key: plant.id, kind: 'plant' as const })),
    ),
  ].filter(({ stems }) => stems.length > 0);
  const byFirst = new Map<string, Phrase[]>();
  for (const phrase of phrases)
    byFirst.set(phrase.stems[0] ?? '', [...(byFirst.get(phrase.stems[0] ?? '') ?? []), phrase]);
  const vocabulary = new Map<string, Token[]>();
  for (const token of words.values()) {
    const like = shape(token.word, token.word.length);
    const known = vocabulary.get(like);
    if (known) known.push(token);
    else vocabulary.set(like, [token]);
  }
  const built: Lexicon = {
    byFirst,
    vocabulary,
    words: new Set(words.keys()),
    stems: new Set(phrases.flatMap(({ stems }) => stems)),
    joined: patternOf(
      concepts
        .flatMap(({ words }) => words)
        .filter((text) =>
          /\b(and|then|with|or|but|while|also|no|without|after|since|because|following|during)\b/.test(text),
        ),
    ),
    readable: new Map(),
  };
  lexicons.set(concepts, built);
  return built;
}

/** Any of some phrases, longest first; nothing where there are none. */
const patternOf = (phrases: readonly string[]): RegExp =>
  phrases.length === 0
    ? /(?!)/g
    : new RegExp(
        `\\b(?:${[...phrases]
          .sort((a, b) => b.length - a.length)
          .map((text) => text.replace(/\s+/g, '\\s+'))
          .join('|')})\\b`,
        'gi',
      );

/** What words have in common that may be one word misspelt: the first letter is seldom wrong. */
const shape = (word: string, length: number): string => `${word[0]}${length}`;

/** Letters that may be wrong in a word of that length: none in short words, where one letter is another word. */
const slips = (length: number): number => (length >= 9 ? 2 : length >= 5 ? 1 : 0);

/** A token with the stems it may stand for: its own, or, where that is known nowhere, those a slip away. */
export function readableStems(token: Token, lexicon: Lexicon): readonly string[] {
  const known = lexicon.readable.get(token.word) ?? stemsFor(token, lexicon);
  // What people type has no end: the newest words are kept, and all are forgotten before they are too many.
  if (lexicon.readable.size > mostKept) lexicon.readable.clear();
  lexicon.readable.set(token.word, known);
  return known;
}

const mostKept = 20_000;

function stemsFor(token: Token, { stems, vocabulary, words }: Lexicon): readonly string[] {
  // "Several" shares its stem with "severed": a word that carries no sign counts only as it is written.
  if (isFiller(token)) return words.has(token.word) ? [token.stem] : [];
  if (stems.has(token.stem) || plainWords.has(token.word)) return [token.stem];
  const { length } = token.word;
  const allowed = slips(length);
  let best = allowed;
  let found: string[] = [];
  // Short words are too easily something else.
  for (let size = Math.max(4, length - allowed); allowed > 0 && size <= length + allowed; size += 1)
    for (const known of vocabulary.get(shape(token.word, size)) ?? []) {
      const apart = distance(token.word, known.word);
      if (apart > best) continue;
      if (apart < best) found = [];
      best = apart;
      found.push(known.stem);
    }
  return [token.stem, ...new Set(found)];
}

/** A phrase found in a run of tokens. */
export interface Occurrence {
  readonly phrase: Phrase;
  readonly at: number;
  readonly length: number;
}

/** Every phrase that stands somewhere in the tokens; phrases may overlap. */
export function occurrencesIn(tokens: readonly Token[], lexicon: Lexicon): Occurrence[] {
  const readable = tokens.map((token) => readableStems(token, lexicon));
  const found: Occurrence[] = [];
  readable.forEach((stems, at) => {
    for (const first of stems)
      for (const phrase of lexicon.byFirst.get(first) ?? [])
        if (
          phrase.stems.every((stem, offset) => readable[at + offset]?.includes(stem)) &&
          (phrase.exact === undefined || phrase.exact === tokens[at]?.word)
        )
          found.push({ phrase, at, length: phrase.stems.length });
  });
  return found;
}
