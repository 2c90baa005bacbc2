import type { ConceptRow, PlantId, SignId, SignRow, Tables } from '../tables';
import type { Evidence } from '../weigh/situation';
import { clausesOf, type Clause } from './clauses';
import { isFiller, lexiconOf, standsAt, tokensOf, type Lexicon, type Token } from './words';

export interface Understood {
  /** The gardener's words. */
  readonly say: string;
  readonly sign: SignId;
  readonly state: Evidence['state'];
  readonly amount?: number;
}

export interface Reading {
  readonly understood: readonly Understood[];
  readonly notUnderstood: readonly string[];
  readonly plant?: PlantId;
}

/**
 * Reads a gardener's line: clause by clause into concepts, concepts into signs. What carries meaning
 * but was not recognised is handed back; nothing is guessed.
 */
export function readLine(tables: Tables, line: string): Reading {
  const lexicon = lexiconOf(tables);
  const clauses = joinPlaces(clausesOf(line, lexicon.joined).map((clause) => conceptsOf(clause, lexicon)));
  const understood: Understood[] = [];
  const notUnderstood: string[] = [];
  for (const clause of clauses) {
    const signs = signsFor(tables.signs, clause);
    const amount = amountIn(clause.text);
    for (const sign of signs) {
      const state = clause.negated ? 'absent' : 'seen';
      if (understood.some((known) => known.sign === sign.id)) continue;
      const counts = amount !== undefined && sign.amount !== 'none' && state === 'seen';
      understood.push({ say: clause.text, sign: sign.id, state, ...(counts ? { amount } : {}) });
    }
    if (signs.length === 0 && clause.concepts.size > 0) notUnderstood.push(clause.text);
    else notUnderstood.push(...clause.unknown);
  }
  const plant = clauses.map((clause) => clause.plant).find((id) => id !== undefined);
  return { understood, notUnderstood, ...(plant === undefined ? {} : { plant }) };
}

interface ReadClause extends Clause {
  readonly concepts: ReadonlyMap<string, ConceptRow>;
  readonly unknown: readonly string[];
  readonly plant?: PlantId;
}

function conceptsOf(clause: Clause, lexicon: Lexicon): ReadClause {
  const { tokens } = clause;
  const concepts = new Map<string, ConceptRow>();
  const taken = tokens.map(() => false);
  let plant: PlantId | undefined;
  const take = (at: number, length: number) => taken.fill(true, at, at + length);
  const isFree = (at: number, length: number) => taken.slice(at, at + length).every((used) => !used);

  for (const forgiving of [false, true]) {
    for (const phrase of lexicon.concepts)
      for (let at = 0; at + phrase.stems.length <= tokens.length; at += 1)
        if (isFree(at, phrase.stems.length) && standsAt(phrase, tokens, at, forgiving)) {
          concepts.set(phrase.concept.id, phrase.concept);
          take(at, phrase.stems.length);
        }
  }
  for (const { id, at, length } of plantsIn(tokens, lexicon, taken)) {
    plant ??= id;
    take(at, length);
  }
  const unknown = tokens
    .filter((token, index) => !taken[index] && !isFiller(token) && !isDenial(token.word))
    .map(({ word }) => word);
  return { ...clause, concepts, unknown, ...(plant === undefined ? {} : { plant }) };
}

/**
 * Plants named in a run of words, longest name first. A word may name a plant and a part at once
 * ("tomatoes"), so exact names count wherever they stand; misspelt ones only in words not yet used.
 */
function plantsIn(
  tokens: readonly Token[],
  lexicon: Lexicon,
  taken: readonly boolean[],
): { id: PlantId; at: number; length: number }[] {
  for (const forgiving of [false, true])
    for (const phrase of lexicon.plants)
      for (let at = 0; at + phrase.stems.length <= tokens.length; at += 1) {
        const length = phrase.stems.length;
        if (forgiving && taken.slice(at, at + length).some((used) => used)) continue;
        if (standsAt(phrase, tokens, at, forgiving)) return [{ id: phrase.plant.id, at, length }];
      }
  return [];
}

/** The plant a word or name stands for, or undefined. */
export function plantNamed(tables: Tables, name: string): PlantId | undefined {
  const tokens = tokensOf(name);
  return plantsIn(
    tokens,
    lexiconOf(tables),
    tokens.map(() => false),
  )[0]?.id;
}

const isDenial = (word: string) =>
  /^(no|not|never|none|without|isnt|arent|wasnt|doesnt|dont|didnt|cant|cannot|nothing|absent|free|neither|sign|signs|lack|hardly)$/.test(
    word,
  );

/** "Yellow leaves, mostly the old ones": a clause of places only sharpens the one before it. */
function joinPlaces(clauses: readonly ReadClause[]): ReadClause[] {
  const joined: ReadClause[] = [];
  for (const clause of clauses) {
    const before = joined[joined.length - 1];
    const onlyPlaces =
      clause.concepts.size > 0 && [...clause.concepts.values()].every(({ kind }) => kind === 'modifier');
    if (before && onlyPlaces && before.concepts.size > 0 && before.negated === clause.negated) {
      const text = `${before.text}, ${clause.text}`;
      joined[joined.length - 1] = {
        ...before,
        text,
        concepts: new Map([...before.concepts, ...clause.concepts]),
        unknown: [...before.unknown, ...clause.unknown],
      };
    } else joined.push(clause);
  }
  return carrySubject(joined);
}

/** Places that change what a clause is about, and those of them that the next clause keeps. */
const subjects = new Set([
  'old',
  'new',
  'fruit',
  'flower-end',
  'seedling',
  'pot',
  'stem',
  'soil',
  'all-over',
  'under',
  'while-wet',
  'while-dry',
  'root',
]);
const carriedSubjects = new Set(['old', 'new', 'fruit', 'seedling']);

/** "The oldest leaves are yellow and slow": a clause without a place keeps the place of the one before. */
function carrySubject(clauses: readonly ReadClause[]): ReadClause[] {
  let places: readonly ConceptRow[] = [];
  return clauses.map((clause) => {
    const own = [...clause.concepts.values()].filter(({ id }) => subjects.has(id));
    if (own.length > 0 || clause.concepts.size === 0) {
      places = own.length > 0 ? own : places;
      return clause;
    }
    const carried = places.filter(({ id }) => carriedSubjects.has(id));
    return { ...clause, concepts: new Map([...clause.concepts, ...carried.map((row) => [row.id, row] as const)]) };
  });
}

/** The fewest signs that use up what was said: the set with the most concepts first. */
function signsFor(signs: readonly SignRow[], { concepts }: ReadClause): SignRow[] {
  const candidates = signs
    .flatMap((sign) => sign.says.map((set) => ({ sign, needs: set.split(' ') })))
    .filter(({ needs }) => needs.every((concept) => concepts.has(concept)))
    .sort((a, b) => b.needs.length - a.needs.length);
  const used = new Set<string>();
  const chosen: SignRow[] = [];
  for (const { sign, needs } of candidates) {
    const newWhats = needs.filter((concept) => concepts.get(concept)?.kind === 'what' && !used.has(concept));
    const whatsNeeded = needs.filter((concept) => concepts.get(concept)?.kind === 'what');
    if (whatsNeeded.length > 0 ? newWhats.length === 0 : chosen.length > 0) continue;
    if (chosen.includes(sign)) continue;
    chosen.push(sign);
    // Every other way of saying the same sign is used up too: "pale, papery, towards the sun" is one patch.
    for (const other of candidates) if (other.sign === sign) for (const concept of other.needs) used.add(concept);
  }
  return chosen;
}

/** "about 12 a leaf", "30 %", "40 ants": the first number, where it counts something. */
function amountIn(text: string): number | undefined {
  const match = /(\d+(?:\.\d+)?)\s*(?:%|per ?cent|(?:[a-z]+\s+){0,3}(?:a|per|each)\s+(?:leaf|minute|plant))/i.exec(
    text,
  );
  return match?.[1] === undefined ? undefined : Number(match[1]);
}
