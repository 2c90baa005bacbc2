import type { TextureClass } from '../read/texture';
import { rowById, type Tables } from '../tables';
import type { MindChanger, Opposed } from '../weigh';
import { lowerFirst } from './everyday/language';
import { chanceLine } from './everyday/chance';

export const textureWords: Record<TextureClass, string> = {
  sand: 'sand',
  'loamy-sand': 'loamy sand',
  'sandy-loam': 'sandy loam',
  loam: 'loam',
  'silt-loam': 'silt loam',
  silt: 'silt',
  'sandy-clay-loam': 'sandy clay loam',
  'clay-loam': 'clay loam',
  'silty-clay-loam': 'silty clay loam',
  'sandy-clay': 'sandy clay',
  'silty-clay': 'silty clay',
  clay: 'clay',
};

/** What the ground tells against itself. */
export function opposedWords(tables: Tables, { a, b, forA, forB }: Opposed): string {
  const names = (ids: readonly string[]) =>
    ids
      .slice(0, 3)
      .map((id) => lowerFirst(rowById(tables.signs, id, 'signs').name))
      .join(', ');
  return `It contradicts itself: ${names(forA)} speak for ${lowerFirst(a.row.name)}, ${names(forB)} for ${lowerFirst(b.row.name)}.`;
}

/** "If you found fine webbing: very likely · 81 in 100 → possible · 34 in 100." */
export function mindChangerWords(tables: Tables, { sign, state, from, to }: MindChanger): string {
  const name = lowerFirst(rowById(tables.signs, sign, 'signs').name);
  const found = state === 'seen' ? `If you found ${name}` : `If you looked for ${name} and it was not there`;
  return `${found}: ${chanceLine(from)} → ${chanceLine(to)}.`;
}
