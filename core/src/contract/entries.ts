import { isIsoDate } from '../quantities/days';
import { z } from 'zod';
import { sickLooks } from '../measure/looks';

/** What may be entered anywhere: one schema for each kind, for screens, HTTP, CSV and JSON alike. */

/** Years that a garden's records can be of. */
const years = { first: 1900, last: 2199 } as const;
const isOurTimes = (day: string): boolean =>
  Number(day.slice(0, 4)) >= years.first && Number(day.slice(0, 4)) <= years.last;

/** A day that there is. */
export const isoDate = z
  .string()
  .refine((day) => isIsoDate(day) && isOurTimes(day), { message: 'must be a date like 2026-06-10' });

/** By which an act is known from the first press on; left out, the server gives one. */
export const commandId = z.string().min(8).max(64).optional();

/** The id of something, or a gardener's words for it. */
export const named = z.string().min(1).max(200);
/** One line in the gardener's words. */
export const line = z.string().min(1).max(2000);

/** What is seen, told as long as one likes; a letter of that many letters is read in a moment. */
export const letter = z.string().max(10_000);

const within = { message: 'must lie between its low and its high end' };
/** What was counted. */
export const counted = z.number().int().min(0).max(100_000);

/** A part of a whole, with between what it lies nine times in ten: 0–1 each. */
export const spottedShare = z
  .strictObject({
    share: z.number().min(0).max(1),
    low: z.number().min(0).max(1),
    high: z.number().min(0).max(1),
    /** What most of it looks like. */
    look: z.enum(sickLooks).optional(),
  })
  .refine(({ share, low, high }) => low <= share && share <= high, within);
export type SpottedShare = z.infer<typeof spottedShare>;

/** Specks on a card, with between what their number lies nine times in ten. */
export const specksCount = z
  .strictObject({ count: counted, low: counted, high: counted })
  .refine(({ count, low, high }) => low <= count && count <= high, within);
export type SpecksCount = z.infer<typeof specksCount>;

/** Nothing in a garden comes to more, in any unit. */
const most = 1e6;
/** How much of something there is; none is an amount. */
export const amount = z.number().min(0).max(most);
/** How much of something is wanted, or how strong. */
export const someAmount = z.number().positive().max(most);
/** Days ahead or ago. */
export const days = z.number().min(0).max(36_525);
