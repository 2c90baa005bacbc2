/** The signs of weeds come from the weed table, so that each weed is known in one place. */
import type { SignRow } from '@trowel/core/tables';
import { weeds } from '../weeds';
import { sign } from './build';

const literal = (phrase: string) =>
  phrase
    .toLowerCase()
    .replace(/[’']/g, '')
    .split(/\s+/)
    .map((word) => `=${word}`)
    .join(' ');

export const weedSigns: readonly SignRow[] = [
  ...weeds.map(({ id, name, synonyms, plain, background, drawing, source, grade }) =>
    sign(
      id,
      name,
      plain,
      'around growth',
      background,
      { base: 'weed', marks: [], weed: drawing },
      [...new Set([...(name.includes(' and ') ? [] : [name]), ...synonyms].map(literal))],
      { source, grade },
    ),
  ),
  sign(
    'weed-flush',
    'Flush of annual weeds',
    'Seedlings of many annual weeds come up thickly, all at once.',
    'around growth',
    0.2,
    { base: 'weed', marks: ['weed-flush'] },
    ['=annual =weeds', '=flush =weeds', '=carpet =weeds', '=weed =seedlings', '=thousands =weeds', '=mass =weeds'],
    { source: 'growers', grade: 'folk' },
  ),
];
