import { z } from 'zod';

/** What a garden can be put back to, and what in it could not be read. */
export const keepView = z.object({
  /** The newest first. */
  keepings: z.array(
    z.object({ name: z.string(), kind: z.enum(['backup', 'aside']), at: z.string(), bytes: z.number() }),
  ),
  unreadable: z.array(z.object({ table: z.string(), id: z.string(), why: z.string() })),
});
export type KeepView = z.infer<typeof keepView>;

export const restoreKept = z.strictObject({ name: z.string().min(1).max(200) });
