import { sceneFactIds, type SceneFact, type SceneFactRow } from '@trowel/core/tables';
import { creatures } from './creatures';
import { people } from './people';
import { places } from './places';
import { plants } from './plants';
import { vessels } from './vessels';
import { weather } from './weather';
import { work } from './work';
import type { FactWords } from './words';

/** The words for every fact of a job. */
const words: Readonly<Record<SceneFact, readonly string[]>> = {
  ...places,
  ...creatures,
  ...people,
  ...weather,
  ...plants,
  ...vessels,
  ...work,
};

/** What is said of the same thing and makes it untrue: "dormant oil, and the leaves are out". */
const unless: FactWords = { 'bare-branches': plants['in-leaf'] };

export const sceneFacts: readonly SceneFactRow[] = sceneFactIds.map((id) => {
  const against = unless[id];
  return { id, words: words[id], ...(against ? { unless: against } : {}) };
});
