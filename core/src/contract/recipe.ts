import { z } from 'zod';
import { named } from './entries';

/**
 * A recipe as an open document: what goes in for each litre of ready mix, how it is made, and how it is used.
 * Exported, imported and shared as JSON. Amounts are per litre, so that any batch can be worked out.
 */
export const recipeDocument = z.strictObject({
  format: z.literal('wise-trowel-recipe'),
  version: z.literal(1),
  name: z.string().trim().min(1).max(80),
  /** The remedy whose limits it keeps to, where it is a change of one. */
  basedOn: named.optional(),
  /** What it is for, in words. */
  purpose: z.string().max(400).default(''),
  parts: z
    .array(
      z.strictObject({
        /** An ingredient, by id or in words. */
        ingredient: named,
        amount: z.number().positive().max(1000),
        unit: z.enum(['mL/L', 'g/L']),
        /** Strength on the bottle, %. */
        percent: z.number().positive().max(100).optional(),
      }),
    )
    .min(1)
    .max(12),
  /** Steps in order; left empty, the usual order is given. */
  steps: z.array(z.string().trim().min(1).max(300)).max(20).default([]),
  goesOn: z.enum(['leaves', 'bare-wood', 'soil', 'tools', 'bait']).default('leaves'),
  preHarvestDays: z.number().int().min(0).max(400).default(1),
  keepsDays: z.number().int().min(0).max(1000).default(1),
  notes: z.string().max(2000).default(''),
});
export type RecipeDocument = z.output<typeof recipeDocument>;
