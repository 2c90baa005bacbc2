import type { StillToSow } from '../plot';
import type { SowingRow } from '../tables';
import { capital, dayAndMonth } from './everyday';

/** "Radish", "Leek plants", "Garlic cloves". */
export const sowingName = ({ as, isSetOut }: SowingRow, plantName: string): string =>
  capital(as ?? (isSetOut ? `${plantName} plants` : plantName));

/** "Sow now; first picking about 12 July, slow kinds about 3 August." */
export function sowingSays({ isSetOut }: SowingRow, { from, to }: Pick<StillToSow, 'from' | 'to'>): string {
  const slow = from === to ? '' : `, slow kinds about ${dayAndMonth(to)}`;
  return `${isSetOut ? 'Set out' : 'Sow'} now; first picking about ${dayAndMonth(from)}${slow}.`;
}
