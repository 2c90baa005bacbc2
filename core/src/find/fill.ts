import { z } from 'zod';

const fill = z.strictObject({
  values: z
    .record(
      z.string(),
      z.union([
        z.number(),
        z.string().max(200),
        z.strictObject({ text: z.string().max(40), unit: z.string().max(20) }),
      ]),
    )
    .optional(),
  vesselId: z.string().max(64).optional(),
  volumeMl: z.number().positive().max(1e6).optional(),
  bedId: z.string().max(64).optional(),
});
/**
 * What was said beside the thing itself, ready to stand in its form: fields of a sum (an amount in the base unit of
 * its kind, what is counted, or an option), the vessel, mL of ready mix, the bed.
 */
export type Fill = z.output<typeof fill>;

/** As it travels in the address of a page. */
export const fillText = (given: Fill): string => JSON.stringify(given);

/** Read from an address; what is no such thing fills nothing. */
export function fillFrom(text: string | undefined): Fill {
  try {
    const read = fill.safeParse(JSON.parse(text ?? '{}'));
    return read.success ? read.data : {};
  } catch {
    return {};
  }
}
