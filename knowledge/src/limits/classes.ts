/** What a class of things is for, and whether its strength decides: the first that fits counts. */
import type { ClassRow } from '@trowel/core/tables';

export const classes: readonly ClassRow[] = [
  { id: 'borate', usualUse: 'bait', strengthMatters: true },
  { id: 'hygiene', usualUse: 'tool' },
  { id: 'bleach', strengthMatters: true },
  { id: 'peroxide', strengthMatters: true },
  { id: 'soap', usualUse: 'leaf', strengthMatters: true },
  { id: 'detergent', usualUse: 'leaf', strengthMatters: true },
  { id: 'milk', usualUse: 'leaf' },
  { id: 'bicarbonate', usualUse: 'leaf', strengthMatters: true },
  { id: 'oil', usualUse: 'leaf', strengthMatters: true },
  { id: 'neem', usualUse: 'leaf' },
  { id: 'mustard', usualUse: 'soil' },
  { id: 'irritant', usualUse: 'leaf', strengthMatters: true },
  { id: 'sulphur', usualUse: 'leaf' },
  { id: 'copper', usualUse: 'leaf' },
  { id: 'feed', usualUse: 'root', strengthMatters: true },
  { id: 'ferment', usualUse: 'root' },
];
