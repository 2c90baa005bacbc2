import { isLiteral, type PlantId, type Setting, type SignId, type SignRow, type Tables } from '../tables';
import type { Evidence } from '../evidence';
import type { IsoDate } from '../quantities';
import { clausesOf, isDenial, isFine, type Clause } from '../hear/clauses';
import { carriedAt, contextAt, isElsewhere } from './places';
import {
  isFiller,
  lexiconOf,
  occurrencesIn,
  tokensOf,
  type Lexicon,
  type Occurrence,
  type Phrase,
} from '../hear/words';

export interface Understood {
  /** The gardener's words. */
  readonly say: string;
  readonly sign: SignId;
  readonly state: Evidence['state'];
  readonly amount?: number;
  /** 0…1: how sure the reading is. */
  readonly sure?: number;
}

/** What may mean one of several signs, or none. */
export interface Perhaps {
  readonly say: string;
  readonly state: Evidence['state'];
  /** 0…1: how likely the first is; left out where it is too unlikely to count. */
  readonly sure?: number;
  /** Likeliest first. */
  readonly signs: readonly SignId[];
}

/** From here a reading of words is taken as said; below it is offered and counts for less. */
export const sureFrom = 0.6;

/** True for what was read with doubt and not confirmed by a tap. */
export const isPerhaps = ({ sure = 1 }: { readonly sure?: number }): boolean => sure < sureFrom;

/** What a line says of signs, and of which plant. */
export interface SignsRead {
  readonly understood: readonly Understood[];
  /** What was read with doubt: to be offered, and to count for less. */
  readonly perhaps: readonly Perhaps[];
  readonly notUnderstood: readonly string[];
  readonly plant?: PlantId;
}

/**
 * Reads a line by the vocabulary alone: clause by clause into phrases, phrases into signs. What carries meaning
 * but was not recognised is handed back; nothing is guessed.
 */
export function readByVocabulary(tables: Tables, line: string, about: About = {}): SignsRead {
  const { plant, clauses } = clausesRead(tables, line, about);
  const understood: Understood[] = [];
  const notUnderstood: string[] = [];
  for (const { clause, chosen, denied } of clauses) {
    const amount = amountIn(clause.text);
    for (const { sign } of chosen) {
      if (understood.some((known) => known.sign === sign.id)) continue;
      const state = denied ? 'absent' : 'seen';
      const counts = amount !== undefined && sign.amount !== 'none' && state === 'seen';
      understood.push({ say: clause.text, sign: sign.id, state, ...(counts ? { amount } : {}) });
    }
    if (chosen.length === 0 && clause.occurrences.some(({ phrase }) => phrase.kind === 'what'))
      notUnderstood.push(clause.text);
    else notUnderstood.push(...unknownWords(clause, chosen));
  }
  return { understood, perhaps: [], notUnderstood, ...(plant === undefined ? {} : { plant }) };
}

/** The signs alone that the vocabulary reads in a line, each as it is said first. */
export function signsRead(tables: Tables, line: string, about: About = {}): ReadonlyMap<SignId, Evidence['state']> {
  const states = new Map<SignId, Evidence['state']>();
  for (const { chosen, denied } of clausesRead(tables, line, about).clauses)
    for (const { sign } of chosen) if (!states.has(sign.id)) states.set(sign.id, denied ? 'absent' : 'seen');
  return states;
}

function clausesRead(tables: Tables, line: string, about: About): { plant?: PlantId; clauses: ReadClause[] } {
  const lexicon = lexiconOf(tables);
  const found = clausesOf(line, lexicon.joined).map((clause) => phrasesOf(clause, lexicon));
  const plant = plantIn(found);
  const context = contextOf(tables, about.plant ?? plant, about.setting);
  const placed = joinPlaces(found).map((clause) => withContext(clause, context));
  const signs = { signs: tables.signs, suits: suitsOn(tables, about.plant ?? plant) };
  return { clauses: withDenials(joinSoft(signs, placed)), ...(plant === undefined ? {} : { plant }) };
}

/** What is known before the line is read. */
export interface About {
  readonly plant?: PlantId;
  readonly setting?: Setting;
  /** Decides what "on Sunday" was. */
  readonly today?: IsoDate;
}

/** The plant that a line names, or undefined. */
export function plantToldIn(tables: Tables, line: string): PlantId | undefined {
  const lexicon = lexiconOf(tables);
  return plantIn(clausesOf(line, lexicon.joined).map((clause) => phrasesOf(clause, lexicon)));
}

/** Places that are meant where none is named: on a plant of such a group, or in such a setting. */
function contextOf(tables: Tables, plant: PlantId | undefined, setting: Setting | undefined): readonly Occurrence[] {
  const known = contexts.get(tables.concepts) ?? new Map<string, readonly Occurrence[]>();
  contexts.set(tables.concepts, known);
  const key = `${plant ?? ''} ${setting ?? ''}`;
  const context = known.get(key) ?? contextAnew(tables, plant, setting);
  known.set(key, context);
  return context;
}

const contexts = new WeakMap<object, Map<string, readonly Occurrence[]>>();

function contextAnew(tables: Tables, plantId: PlantId | undefined, setting: Setting | undefined): Occurrence[] {
  const plant = tables.plants.find(({ id }) => id === plantId);
  const names = [...(plant ? [plant.id, ...plant.groups] : []), ...(setting === undefined ? [] : [setting])];
  return tables.concepts
    .filter(({ role }) => role?.usualOn?.some((name) => names.includes(name)))
    .map(({ id, role = {} }) => ({ phrase: { stems: [], key: id, kind: 'modifier', role }, at: contextAt, length: 1 }));
}

/** Context is only a hint: a place that is named, or carried over, stands before it. */
const withContext = (clause: PhrasedClause, context: readonly Occurrence[]): PhrasedClause => ({
  ...clause,
  occurrences: [
    ...clause.occurrences,
    ...context.filter(({ phrase }) => !clause.occurrences.some((known) => known.phrase.key === phrase.key)),
  ],
});

interface PhrasedClause extends Clause {
  readonly occurrences: readonly Occurrence[];
}

interface ChosenSign {
  readonly sign: SignRow;
  /** Positions in the clause that this sign has used. */
  readonly used: ReadonlySet<number>;
  /** How much of what was said it accounts for. */
  readonly weight: number;
}

const phrasesOf = (clause: Clause, lexicon: Lexicon): PhrasedClause => ({
  ...clause,
  occurrences: occurrencesIn(clause.tokens, lexicon),
});

/** The plant a word or name stands for, or undefined. */
export function plantNamed(tables: Tables, name: string): PlantId | undefined {
  const tokens = tokensOf(name);
  return plantIn([
    {
      text: name,
      tokens,
      carriesOn: false,
      isSoft: false,
      isAfterComma: false,
      occurrences: occurrencesIn(tokens, lexiconOf(tables)),
    },
  ]);
}

/** The first plant named; where names overlap, the longest ("broad bean", not "bean"). */
function plantIn(clauses: readonly PhrasedClause[]): PlantId | undefined {
  for (const { tokens, occurrences } of clauses) {
    const named = occurrences.filter(({ phrase }) => phrase.kind === 'plant');
    // "A box of apples" is no box hedge.
    const plants = named.filter(({ at, length }) => named.length === 1 || tokens[at + length]?.word !== 'of');
    const longest = [...plants].sort((a, b) => b.length - a.length || a.at - b.at)[0];
    if (longest) return longest.phrase.key;
  }
  return undefined;
}

/** "Yellow leaves, mostly the old ones": a clause of places only sharpens the one before it. */
function joinPlaces(clauses: readonly PhrasedClause[]): PhrasedClause[] {
  const joined: PhrasedClause[] = [];
  for (const clause of clauses) {
    const before = joined[joined.length - 1];
    const own = clause.occurrences.filter(({ phrase }) => phrase.kind === 'what' || phrase.kind === 'modifier');
    const onlyPlaces = own.length > 0 && own.every(({ phrase }) => phrase.kind === 'modifier');
    // "New growth is fine" says of the place that nothing is wrong there.
    const isPlain = !clause.tokens.some((token) => isDenial(token) || isFine(token));
    // "Leaves turning reddish" is said of a place of its own.
    const isTelling = own.some(({ phrase }) => phrase.role?.is === 'tint') && own.some(isSubject);
    if (before && onlyPlaces && !isTelling && isPlain && !before.tokens.some(isDenial) && before.occurrences.length > 0)
      joined[joined.length - 1] = append(before, clause);
    else joined.push(clause);
  }
  return carrySubject(joined);
}

const append = (before: PhrasedClause, clause: PhrasedClause): PhrasedClause => ({
  text: `${before.text}, ${clause.text}`,
  carriesOn: before.carriesOn,
  isSoft: before.isSoft,
  isAfterComma: before.isAfterComma,
  tokens: [...before.tokens, ...clause.tokens],
  occurrences: [
    ...before.occurrences,
    ...clause.occurrences.map((found) =>
      found.at >= carriedAt ? found : { ...found, at: found.at + before.tokens.length },
    ),
  ],
});

const isSubject = ({ phrase }: Occurrence) => phrase.role?.subject !== undefined;

/** "The oldest leaves are yellow and slow": a clause without a place keeps the place of the one before. */
function carrySubject(clauses: readonly PhrasedClause[]): PhrasedClause[] {
  let places: readonly Occurrence[] = [];
  return clauses.map((clause) => {
    const own = clause.occurrences.filter(isSubject);
    if (own.length > 0 || clause.occurrences.length === 0) {
      places = own.length > 0 ? own : places;
      return clause;
    }
    const carried = places.filter(({ phrase }) => phrase.role?.subject === 'stays');
    return {
      ...clause,
      occurrences: [...clause.occurrences, ...carried.map((found) => ({ ...found, at: carriedAt }))],
    };
  });
}

/**
 * "Small beetles with purple stripes" is one thing, "sticky leaves and ants" two: two clauses that only
 * "and" or "with" parts are read as one where that accounts for more of what was said, or for as much
 * with fewer signs.
 */
function joinSoft(
  signs: Readable,
  clauses: readonly PhrasedClause[],
): { clause: PhrasedClause; chosen: readonly ChosenSign[] }[] {
  const read: { clause: PhrasedClause; chosen: readonly ChosenSign[] }[] = [];
  for (const clause of clauses) {
    const chosen = signsFor(signs, clause);
    const before = read[read.length - 1];
    const isSilent = chosen.length === 0 || before?.chosen.length === 0;
    const trails = before && clause.isAfterComma && namesNoOtherPlace(before.clause, clause);
    const mayJoin = before && (clause.isSoft || trails) && ![...before.clause.tokens, ...clause.tokens].some(isDenial);
    if (mayJoin) {
      const whole = append(before.clause, clause);
      const joined = signsFor(signs, whole);
      const apart = [...before.chosen, ...chosen];
      const gain = worthOf(joined) - worthOf(apart);
      const isShorter = gain > -0.01 && joined.length > 0 && joined.length < apart.length;
      // After a comma two sayings that stand by themselves are two, unless one sign says it all.
      if (isShorter || apart.length === 0 || (isSilent && gain > 0.1) || (clause.isSoft && gain > 0.5)) {
        read[read.length - 1] = { clause: whole, chosen: joined };
        continue;
      }
    }
    read.push({ clause, chosen });
  }
  return read;
}

/** True where a clause names no place, or only those of the one before it. */
function namesNoOtherPlace(before: PhrasedClause, clause: PhrasedClause): boolean {
  const placesOf = ({ occurrences }: PhrasedClause) =>
    occurrences.filter((found) => found.at < carriedAt && isSubject(found)).map(({ phrase }) => phrase.key);
  const known = new Set(placesOf(before));
  return placesOf(clause).every((key) => known.has(key));
}

const worthOf = (chosen: readonly ChosenSign[]) => chosen.reduce((sum, { weight }) => sum + weight, 0);

interface Readable {
  readonly signs: readonly SignRow[];
  /** How well a sign suits the plant, 0…1. */
  readonly suits: (sign: SignRow) => number;
}

/** What a sign loses where nothing that lives on the plant shows it: a tie is broken, a plain word is not. */
const stranger = 0.45;
/** Links weaker than this do not make a sign at home on a plant. */
const atHome = 0.3;

/** How well signs suit a plant: as well as the likeliest of their causes is at home there. */
export function suitsOn(tables: Tables, plantId: PlantId | undefined): (sign: SignRow) => number {
  const known = suiting.get(tables.causes) ?? new Map<PlantId | undefined, (sign: SignRow) => number>();
  suiting.set(tables.causes, known);
  const found = known.get(plantId) ?? suitsAnew(tables, plantId);
  known.set(plantId, found);
  return found;
}

const suiting = new WeakMap<object, Map<PlantId | undefined, (sign: SignRow) => number>>();

function suitsAnew({ causes, plants }: Tables, plantId: PlantId | undefined): (sign: SignRow) => number {
  const plant = plants.find(({ id }) => id === plantId);
  if (!plant) return () => 1;
  const names: readonly string[] = [plant.id, ...plant.groups];
  const best = new Map<SignId, number>();
  for (const { signs, hosts, elsewhere = 0.02 } of causes) {
    const lives = !hosts || hosts.some((host) => names.includes(host)) ? 1 : elsewhere;
    for (const { sign, strength } of signs)
      if (strength >= atHome) best.set(sign, Math.max(best.get(sign) ?? 0, lives));
  }
  // What no cause shows (weeds, care, weather) is at home anywhere.
  return ({ id }) => best.get(id) ?? 1;
}

interface Candidate {
  readonly sign: SignRow;
  readonly parts: readonly Occurrence[];
  /** How much it accounts for, less where nothing on this plant shows it. */
  readonly rank: number;
}

interface Way {
  readonly sign: SignRow;
  readonly needs: readonly string[];
  readonly order: number;
}

const ways = new WeakMap<readonly SignRow[], ReadonlyMap<string, readonly Way[]>>();

/** Every way of saying every sign, taken apart once, by the rarest of what it needs. */
function waysOfSaying(signs: readonly SignRow[]): ReadonlyMap<string, readonly Way[]> {
  const known = ways.get(signs);
  if (known) return known;
  const all = signs.flatMap((sign) => sign.says.map((set) => ({ sign, needs: set.split(' ') })));
  const often = new Map<string, number>();
  for (const { needs } of all) for (const key of needs) often.set(key, (often.get(key) ?? 0) + 1);
  const built = new Map<string, Way[]>();
  all.forEach(({ sign, needs }, order) => {
    const rarest = needs.reduce((best, key) => ((often.get(key) ?? 0) < (often.get(best) ?? 0) ? key : best));
    built.set(rarest, [...(built.get(rarest) ?? []), { sign, needs, order }]);
  });
  ways.set(signs, built);
  return built;
}

/** The fewest signs that use up what was said: what explains most words comes first. */
function signsFor({ signs, suits }: Readable, { occurrences }: PhrasedClause): ChosenSign[] {
  // Of a thing said more than once, the saying of most words.
  const byKey = new Map<string, Occurrence>();
  for (const found of occurrences)
    if (found.phrase.kind !== 'plant' && found.length > (byKey.get(found.phrase.key)?.length ?? 0))
      byKey.set(found.phrase.key, found);
  const said = waysOfSaying(signs);
  const candidates: Candidate[] = [...byKey.keys()]
    .flatMap((key) => (said.get(key) ?? []).filter(({ needs }) => needs.every((need) => byKey.has(need))))
    .sort((a, b) => a.order - b.order)
    .map(({ sign, needs }) => {
      const parts = needs.map((key) => byKey.get(key)!);
      const rank = weightOf({ parts }) * (1 - stranger * (1 - Math.sqrt(suits(sign))));
      return { sign, parts, rank };
    })
    // Two words of a set must not be the same word of the line.
    .filter(({ parts }) => parts.every((part, index) => !parts.slice(0, index).some((other) => within(part, other))))
    .filter(({ sign, parts }) => !isElsewhere(sign, parts, occurrences))
    .sort((a, b) => b.rank - a.rank || a.sign.background - b.sign.background);
  const used = new Set<number>();
  const chosen: ChosenSign[] = [];
  for (const candidate of candidates) {
    const { sign, parts } = candidate;
    if (chosen.some((known) => known.sign === sign)) continue;
    const tellers = parts.filter(({ phrase }) => phrase.kind !== 'modifier');
    const isNew =
      tellers.length > 0 ? tellers.some((part) => positions(part).some((at) => !used.has(at))) : chosen.length === 0;
    if (!isNew) continue;
    if (isColourOfAnother(parts, used, occurrences)) {
      for (const at of parts.flatMap(positions)) used.add(at);
      continue;
    }
    // Every other way of saying the same sign is used up too: "pale, papery, towards the sun" is one patch.
    const own = new Set(candidates.flatMap((other) => (other.sign === sign ? other.parts.flatMap(positions) : [])));
    for (const at of own) used.add(at);
    chosen.push({ sign, used: own, weight: weightOf(candidate) });
  }
  return chosen;
}

const isColour = ({ role }: Phrase) => role?.is === 'colour';

/** "Winding pale tunnels": a colour right before what was read already is a colour of that. */
function isColourOfAnother(
  parts: readonly Occurrence[],
  used: ReadonlySet<number>,
  occurrences: readonly Occurrence[],
): boolean {
  const fresh = parts.filter(({ phrase, at }) => phrase.kind !== 'modifier' && at < carriedAt && !used.has(at));
  // What it is the colour of stands right after it, or after one more adjective.
  const isOf = ({ phrase, at, length }: Occurrence, next: Occurrence): boolean => {
    if (next.phrase.kind !== 'what' || !used.has(next.at)) return false;
    // "Powdery grey lice": what is said of creatures may stand one word further off.
    if (isColour(phrase)) return next.at === at + length && !isColour(next.phrase);
    const gap = next.at - (at + length);
    return phrase.role?.ofCreatures === true && next.phrase.role?.is === 'creature' && (gap === 0 || gap === 1);
  };
  return fresh.length > 0 && fresh.every((found) => occurrences.some((next) => isOf(found, next)));
}

/**
 * How much of what was said a way of saying accounts for. Words that tell count for more than places,
 * a place carried over least; a phrase of two words a little more than the two apart.
 */
const weightOf = ({ parts }: Pick<Candidate, 'parts'>): number =>
  parts.reduce(
    (sum, { phrase, at, length }) =>
      sum +
      (at >= contextAt ? 0.1 : at >= carriedAt ? 0.4 : phrase.kind === 'modifier' ? 0.8 : 1) * length +
      0.05 * (length - 1),
    0,
  );

const positions = ({ at, length }: Occurrence) => Array.from({ length }, (_, offset) => at + offset);
const within = (a: Occurrence, b: Occurrence) =>
  a.at < carriedAt && b.at < carriedAt && a.at < b.at + b.length && b.at < a.at + a.length;

interface ReadClause {
  readonly clause: PhrasedClause;
  readonly chosen: readonly ChosenSign[];
  readonly denied: boolean;
}

/**
 * A clause is denied by a denial that is no part of a sign's own words ("no flowers" is a sign). A
 * bare "none" denies what stood before it; "or" carries a denial on.
 */
function withDenials(clauses: readonly { clause: PhrasedClause; chosen: readonly ChosenSign[] }[]): ReadClause[] {
  const read: ReadClause[] = [];
  for (const { clause, chosen } of clauses) {
    const before = read[read.length - 1];
    const own = new Set(chosen.flatMap(({ used }) => [...used]));
    const ownWords = clause.occurrences.filter(({ length, phrase }) => length > 1 && phrase.kind !== 'plant');
    const isOwn = (at: number) => own.has(at) || ownWords.some((found) => positions(found).includes(at));
    const denies = clause.tokens.some((token, at) => isDenial(token) && !isOwn(at));
    const nothingElse = clause.tokens.every((token) => isFiller(token));
    if (denies && nothingElse && chosen.length === 0 && before) read[read.length - 1] = { ...before, denied: true };
    read.push({ clause, chosen, denied: denies || (clause.carriesOn && (before?.denied ?? false)) });
  }
  return read;
}

/** Words that no concept, plant or chosen sign accounts for. */
function unknownWords({ tokens, occurrences }: PhrasedClause, chosen: readonly ChosenSign[]): string[] {
  const known = new Set<number>(chosen.flatMap(({ used }) => [...used]));
  for (const found of occurrences) if (!isLiteral(found.phrase.key)) for (const at of positions(found)) known.add(at);
  return tokens.filter((token, at) => !known.has(at) && !isFiller(token)).map(({ word }) => word);
}

/** "about 12 a leaf", "30 %", "40 ants": the first number, where it counts something. */
function amountIn(text: string): number | undefined {
  const match =
    /(\d+(?:\.\d+)?)\s*(?:%|per ?cent|(?:[a-z]+\s+){0,3}(?:a|per|each|in a)\s+(?:leaf|minute|plant|square|shoot))/i.exec(
      text,
    );
  return match?.[1] === undefined ? undefined : Number(match[1]);
}
