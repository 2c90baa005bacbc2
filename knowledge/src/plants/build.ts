import type { PlantRow, Where } from '@trowel/core/tables';
import { portraits } from './portraits';

const allParts: readonly Where[] = [
  'growing-tip',
  'newest-leaves',
  'leaves',
  'oldest-leaves',
  'leaf-underside',
  'stem',
  'flower',
  'fruit',
  'roots',
  'soil-surface',
  'around',
];
export const noFruit = allParts.filter((part) => part !== 'fruit');
export const woody: readonly Where[] = [...allParts, 'bark'];

type Short = Pick<PlantRow, 'id' | 'name' | 'source' | 'grade'> & Partial<PlantRow>;

/** A plant with what most rows share filled in; where it is from and how sure, each row says itself. */
export function plant(row: Short): PlantRow {
  const portrait = portraits[row.id];
  if (!portrait) throw new Error(`the plant "${row.id}" has no portrait`);
  return {
    portrait,
    synonyms: [],
    groups: [],
    edible: true,
    parts: allParts,
    sensitive: {},
    ph: [6, 7.2],
    ...row,
  };
}

export const bloomLost = { tolerance: 'test-leaf', why: 'soap takes the protective bloom off its leaves' } as const;
export const tender = { tolerance: 'test-leaf', why: 'its young leaves can scorch' } as const;
export const never = (why: string) => ({ tolerance: 'stop', why }) as const;
export const testFirst = (why: string) => ({ tolerance: 'test-leaf', why }) as const;
export const stoneFruit = testFirst('copper burns stone fruit in leaf: bare twigs only, before buds open');
