import { currentId, type KeptTable } from '@trowel/core/tables';
import { retired } from '@trowel/knowledge';
import { z } from 'zod';

/** An id as it was stored, given out as the one that stands for it today. */
export const storedId = (table: KeptTable) => z.string().transform((id) => currentId(retired, table, id));

/** Every id under which rows of today's id may have been stored, for `IN (SELECT value FROM json_each(?))`. */
export const storedUnder = (table: KeptTable, id: string): string =>
  JSON.stringify([
    id,
    ...retired.flatMap((row) => (row.table === table && currentId(retired, table, row.id) === id ? [row.id] : [])),
  ]);
