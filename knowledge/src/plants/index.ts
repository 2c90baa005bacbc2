/** Plants, what they are called, and what burns them. Sensitivity follows reviewed extension lists:
 * `stop` means not on this plant; `test-leaf` means two or three leaves, 48 hours before. */
import type { PlantRow } from '@trowel/core/tables';
import { fruit } from './fruit';
import { herbs } from './herbs';
import { indoors } from './indoors';
import { kin } from './kin';
import { ornamentals } from './ornamentals';
import { vegetables } from './vegetables';

export const plants: readonly PlantRow[] = [...vegetables, ...fruit, ...herbs, ...ornamentals, ...indoors].map((row) =>
  kin[row.id] === undefined ? row : { ...row, kin: kin[row.id] },
);
