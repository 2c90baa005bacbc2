import { z } from 'zod';

/** What was made of a file with damaged pages. */
export const salvaged = z.object({
  /** Instant. */
  at: z.string(),
  /** Where the damaged file lies now. */
  aside: z.string(),
  /** Of each table that was touched: rows taken from a backup, rows gone, and whether there may have been more. */
  tables: z.array(z.object({ table: z.string(), fromBackup: z.number(), lost: z.number(), mayBeMore: z.boolean() })),
});
export type Salvaged = z.infer<typeof salvaged>;

/** What a garden can be put back to, and what in it could not be read. */
export const keepView = z.object({
  /** The newest first. */
  keepings: z.array(
    z.object({ name: z.string(), kind: z.enum(['backup', 'aside']), at: z.string(), bytes: z.number() }),
  ),
  unreadable: z.array(z.object({ table: z.string(), id: z.string(), why: z.string() })),
  /** Null where nothing had to be saved, or it was read already. */
  salvaged: salvaged.nullable(),
});
export type KeepView = z.infer<typeof keepView>;

export const restoreKept = z.strictObject({ name: z.string().min(1).max(200) });
