/**
 * What a question means that names no substance: "may I take the big limbs off the cherry in November" is about pruning
 * stone fruit in the wet months, "can I turn the pots a quarter" is harmless work. Learned from how people ask.
 */
import type { ActsData, MeaningsData } from '../tables';
import { isSlight } from './features';
import { chancesOfLine } from './lines';
import { meaningsOf, type Stretch } from './meanings';

/** Work that hurts nothing. */
export const harmless = 'harmless';
/** Something is put on that has no name. */
export const unnamed = 'unknown';

/**
 * How sure it must be that a question is about something to be minded, in all, and about just this: where nothing else
 * is known of it, and where its words name work or stuff that is harmless by itself.
 */
const minded = { unread: [0.5, 0.25], read: [0.7, 0.45] } as const;
/** Fewer telling words than that mean nothing. */
const fewest = 2;
/** How sure that it is harmless: nothing that is to be stopped may pass for it. */
const calm = 0.75;
/** What is likelier than this to have to be stopped is not let be, however harmless it sounds. */
const graveFrom = 0.03;

/**
 * What a question means: `harmless`, or the rule that minds it; undefined where it may mean several things, or something
 * that has no name, and where nothing was learned.
 * @param isRead its words name work or stuff
 * @param isGrave the rule stops what it is about
 */
export function meantAct(
  meanings: MeaningsData,
  { tokens, concepts }: Pick<Stretch, 'tokens' | 'concepts'>,
  isRead: boolean,
  isGrave: (rule: string) => boolean,
): string | undefined {
  const data = meanings.acts;
  // "Should I?" asks nothing.
  if (!data || tokens.filter((token) => !isSlight(token)).length < fewest) return undefined;
  const chances = chancesOfLine(data, meaningsOf(meanings), tokens, concepts);
  let first = 0;
  let inAll = 0;
  let harmlessly = 0;
  let grave = 0;
  data.names.forEach((is, row) => {
    if (is === harmless) harmlessly = chances[row]!;
    else if (is !== unnamed) {
      inAll += chances[row]!;
      if (isGrave(is)) grave += chances[row]!;
      if (data.names[first] === harmless || data.names[first] === unnamed || chances[row]! > chances[first]!)
        first = row;
    }
  });
  const [inAllFrom, thisFrom] = minded[isRead ? 'read' : 'unread'];
  if (inAll > inAllFrom && chances[first]! > thisFrom) return data.names[first];
  // A word that was only met where something is to be minded: not understood well enough to be let be.
  const wary = waryIn(data);
  const isWary = tokens.some((token) => !isSlight(token) && wary.has(token.stem));
  return harmlessly > calm && grave < graveFrom && !isWary ? harmless : undefined;
}

const wariness = new WeakMap<ActsData, ReadonlySet<string>>();

function waryIn(data: ActsData): ReadonlySet<string> {
  const known = wariness.get(data) ?? new Set(data.wary.split(' '));
  wariness.set(data, known);
  return known;
}
