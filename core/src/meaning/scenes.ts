/**
 * What else is so, in words that no list holds: "our retriever sleeps on that bed" is an animal about, "the poplars bend"
 * is wind. Learned from how people say each fact of a scene; the lists of words stand before it.
 */
import type { MeaningsData } from '../tables';
import { isSlight } from './features';
import { chancesOfLine } from './lines';
import { meaningsOf, type Stretch } from './meanings';

/** Nothing that bears on the work; what begins so is only there to be told apart. */
export const noFact = 'none';

/** Fewer telling words than that say too little to go by, unless it is as good as certain and more than a word or two. */
const fewest = 2;
const fewestInAll = 3;
const certain = 0.9;

/**
 * The fact that a stretch of a line most likely tells, and how likely; undefined where it tells none, and where nothing
 * was learned.
 */
export function factMeant(
  meanings: MeaningsData,
  { tokens, concepts }: Pick<Stretch, 'tokens' | 'concepts'>,
): { readonly fact: string; readonly sure: number } | undefined {
  const data = meanings.scenes;
  const telling = tokens.filter((token) => !isSlight(token)).length;
  if (!data || telling === 0 || (telling < fewest && tokens.length < fewestInAll)) return undefined;
  const chances = chancesOfLine(data, meaningsOf(meanings), tokens, concepts);
  const best = chances.indexOf(Math.max(...chances));
  const fact = data.names[best]!;
  const sure = chances[best]!;
  return fact.startsWith(noFact) || (telling < fewest && sure < certain) ? undefined : { fact, sure };
}
