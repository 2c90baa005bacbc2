import { distance } from 'fastest-levenshtein';
import { stemmer } from 'stemmer';
import type { ConceptRow, PlantRow, Tables } from '../tables';

/** A run of words in a line, folded to stems, and where it stood. */
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
  return words.map((word) => ({ word, stem: stemmer(word) }));
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
  per cent percent number count many much mine ours normal usual usually always often sometimes`.split(/\s+/),
);

export const isFiller = ({ word }: Token): boolean => fillers.has(word) || /^\d/.test(word) || word.length < 2;

export interface Phrase {
  readonly stems: readonly string[];
  /** The phrase as written in the table. */
  readonly text: string;
}

/** Every phrase of the concepts, longest first, so that the most special match wins. */
export interface Lexicon {
  readonly concepts: readonly (Phrase & { readonly concept: ConceptRow })[];
  /** Phrases of the concepts that hold a word which would otherwise split a line. */
  readonly joined: readonly RegExp[];
  readonly plants: readonly (Phrase & { readonly plant: PlantRow })[];
}

const lexicons = new WeakMap<readonly ConceptRow[], Lexicon>();

/** Built once for a set of tables. */
export function lexiconOf({ concepts, plants }: Pick<Tables, 'concepts' | 'plants'>): Lexicon {
  const known = lexicons.get(concepts);
  if (known) return known;
  const built: Lexicon = {
    joined: concepts
      .flatMap(({ words }) => words)
      .filter((text) => /\b(and|then|with|or|but|while|also)\b/.test(text))
      .map((text) => new RegExp(`\\b${text.replace(/\s+/g, '\\s+')}\\b`, 'gi')),
    concepts: concepts
      .flatMap((concept) =>
        concept.words.map((text) => ({ concept, text, stems: tokensOf(text).map(({ stem }) => stem) })),
      )
      .sort((a, b) => b.stems.length - a.stems.length || b.text.length - a.text.length),
    plants: plants
      .flatMap((plant) =>
        [plant.id.replace(/-/g, ' '), ...plant.name.split(/,| and /), ...plant.synonyms].map((text) => ({
          plant,
          text,
          stems: tokensOf(text).map(({ stem }) => stem),
        })),
      )
      .filter(({ stems }) => stems.length > 0)
      .sort((a, b) => b.stems.length - a.stems.length),
  };
  lexicons.set(concepts, built);
  return built;
}

/** Letters that may be wrong in a word of that length: none in short words, where one letter is another word. */
const slips = (length: number): number => (length >= 9 ? 2 : length >= 6 ? 1 : 0);

/** True when the phrase stands at this place in the tokens. */
export function standsAt(phrase: Phrase, tokens: readonly Token[], at: number, forgiving: boolean): boolean {
  return phrase.stems.every((stem, offset) => {
    const token = tokens[at + offset];
    if (!token) return false;
    if (token.stem === stem) return true;
    if (!forgiving || isFiller(token)) return false;
    return (
      Math.min(token.stem.length, stem.length) >= 5 &&
      distance(token.stem, stem) <= slips(Math.min(stem.length, token.stem.length))
    );
  });
}
