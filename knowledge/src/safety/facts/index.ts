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
const unless: FactWords = {
  'bare-branches': plants['in-leaf'],
  'at-foot': [
    ...[
      'garden',
      'drive',
      'steps',
      'stairs',
      'path',
      'wall',
      'fence',
      'shed',
      'house',
      'hill',
      'slope',
      'bank',
      'lawn',
    ],
  ].flatMap((what) =>
    ['bottom', 'base', 'foot'].flatMap((low) =>
      ['the', 'my', 'our', 'a'].map((whose) => `at the ${low} of ${whose} ${what}`),
    ),
  ),
  // The whites are the ones that eat cabbages.
  'butterfly-plant': ['cabbage white', 'cabbage butterfly', 'cabbage moth', 'large white', 'small white'],
  // "Our well water" comes from it, and goes nowhere near it.
  'on-drinking-water': ['well water'],
  'on-leaves': ['not touching', 'off', 'not on', 'away from', 'without touching'].flatMap((how) => [
    `${how} the leaves`,
    `${how} leaves`,
  ]),
  // "Water once the soil is dry": it is not yet.
  thirsty: ['once', 'until', 'till', 'as soon as'].map((when) => `${when} * is dry`),
  'rain-soon': [
    ...['two', '2', 'three', '3', 'four', '4', 'five', '5'].flatMap((days) =>
      ['in', 'due in', 'is due in', 'expected in', 'not for', 'only in'].map((when) => `rain ${when} ${days} days`),
    ),
    'rain * next week',
    'no rain',
  ],
};

/**
 * What a pH says of a soil: from 6.5 on lime and ash lock up iron and phosphorus, and rock phosphate stays rock;
 * from about 7.8 lime lies free in it, and eats sulphur (extension services).
 */
const ph: Partial<Record<SceneFact, SceneFactRow['ph']>> = {
  'soil-limy': { from: 6.5 },
  'free-lime': { from: 7.8 },
  'soil-sour': { below: 6 },
};

export const sceneFacts: readonly SceneFactRow[] = sceneFactIds.map((id) => {
  const against = unless[id];
  const soil = ph[id];
  return { id, words: words[id], ...(against ? { unless: against } : {}), ...(soil ? { ph: soil } : {}) };
});
