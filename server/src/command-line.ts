import fs from 'node:fs';
import { InputError } from '@trowel/core/contract';

/** A mistake of the caller's: one clear line, exit 2. */
export class UsageError extends Error {}

/** JSON from a file, or from standard input for "-". @throws UsageError naming the file and what is wrong. */
export function readJson(file: string): unknown {
  let text: string;
  try {
    text = fs.readFileSync(file === '-' ? 0 : file, 'utf8');
  } catch (error) {
    throw new UsageError(`${file}: cannot be read (${(error as NodeJS.ErrnoException).code ?? 'unknown reason'})`);
  }
  try {
    return JSON.parse(text);
  } catch (error) {
    throw new UsageError(`${file === '-' ? 'standard input' : file}: is not JSON: ${(error as Error).message}`);
  }
}

/** Answers a JSON request on standard output; a bad one with one line on standard error and exit 2. */
export async function answerJson(file: string, answer: (body: unknown) => unknown): Promise<void> {
  try {
    process.stdout.write(`${JSON.stringify(await answer(readJson(file)), null, 2)}\n`);
  } catch (error) {
    if (!(error instanceof UsageError) && !(error instanceof InputError)) throw error;
    process.stderr.write(`${error.message.replace(/\s+/g, ' ')}\n`);
    process.exitCode = 2;
  }
}
