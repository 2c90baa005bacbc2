import { z } from 'zod';

/** The devices of a house that use one garden over its network. */

const deviceName = z.string().trim().min(1).max(40);
/** Long enough to be a sentence, too long to be guessed. */
export const passphrase = z.string().min(10).max(200);
export const setPassphrase = z.strictObject({ passphrase });
export const pairDevice = z
  .strictObject({
    name: deviceName,
    passphrase: z.string().max(200).optional(),
    code: z.string().max(20).optional(),
  })
  .refine(({ passphrase: word, code }) => (word === undefined) !== (code === undefined), {
    message: 'needs the passphrase or a code, one of them',
    path: ['passphrase'],
  });
export const pairCode = z.object({ code: z.string(), until: z.string() });

export const householdView = z.object({
  /** Other devices of the house can reach it. */
  isShared: z.boolean(),
  hasPassphrase: z.boolean(),
  /** What is sent cannot be read on the way. */
  isSecure: z.boolean(),
  /** Where it can be reached in the house. */
  addresses: z.array(z.string()),
  /** Null: the machine itself. */
  me: z.string().nullable(),
  devices: z.array(
    z.object({ id: z.string(), name: z.string(), pairedOn: z.string(), lastSeen: z.string(), isMe: z.boolean() }),
  ),
});
export type HouseholdView = z.infer<typeof householdView>;
