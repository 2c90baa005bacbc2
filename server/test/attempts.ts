import { calls, pathOf, type CallName } from '@trowel/core/contract';
import fc from 'fast-check';

/** What is sent to every call by somebody who means no good, or whose machine is broken. */

export interface Attempt {
  readonly name: CallName;
  readonly method: string;
  readonly path: string;
  readonly body: unknown;
}

const long = Array.from({ length: 20_000 }, (_, at) => `word${at % 97}`).join(' ');
/** Values that have broken something somewhere before. */
const odd: readonly unknown[] = [
  null,
  '',
  ' ',
  'constructor',
  '__proto__',
  'toString',
  '../../etc/passwd',
  "'; DROP TABLE bed; --",
  '\u0000',
  '\ud800',
  'ß\u202e𝕏',
  '2026-02-31',
  '2026-13-45',
  '9999-12-31',
  'x'.repeat(5000),
  long,
  0,
  -0,
  -1,
  0.5,
  1e308,
  -1e308,
  2 ** 53,
  true,
  [],
  {},
  [[[[[[[[[[[[[[[[]]]]]]]]]]]]]]]],
  Array.from({ length: 3000 }, () => 1),
  { constructor: { prototype: {} } },
];

/** Half a letter cannot stand in an address at all. */
const inAddress = (text: string): string => Buffer.from(text, 'utf8').toString('utf8');

/** As it would stand in an address: what has no text of its own, as JSON. */
const asText = (value: unknown): string =>
  typeof value === 'object' || typeof value === 'function' ? (JSON.stringify(value) ?? '') : String(value);

/**
 * So many attempts at each call, always the same ones for a seed.
 * @param ids of things that are there, among which some are aimed
 */
export function attemptsAt(each: number, seed: number, ids: readonly string[]): Attempt[] {
  const value = fc.oneof(
    fc.constantFrom(...odd),
    fc.constantFrom(...ids),
    fc.jsonValue({ maxDepth: 3 }),
    fc.string({ maxLength: 40 }),
    fc.integer(),
  );
  const id = fc.oneof(
    fc.constantFrom(...ids),
    fc.string({ minLength: 1, maxLength: 30 }),
    fc.constantFrom('constructor', '%00', 'é', '-', '0'),
  );
  const names = Object.keys(calls) as CallName[];
  return names.flatMap((name, at) => {
    const call = calls[name];
    const schema = call.kind === 'read' ? call.query : call.input;
    // Bodies that look right but for what stands in them come further than any others.
    const known = 'shape' in schema ? Object.keys(schema.shape as object).filter((key) => key !== 'commandId') : [];
    const shaped = fc.record(Object.fromEntries(known.map((key) => [key, value])), { requiredKeys: [] });
    const body = fc.oneof({ weight: 4, arbitrary: shaped }, { weight: 1, arbitrary: value });
    return fc.sample(fc.tuple(id, body), { numRuns: each, seed: seed + at }).map(([of, sent]): Attempt => {
      const query = call.kind === 'read' && typeof sent === 'object' && sent !== null ? sent : {};
      const safe = Object.fromEntries(
        Object.entries(query).map(([key, asked]) => [key, inAddress(asText(asked).slice(0, 2000))]),
      );
      return { name, method: call.method, path: `/api${pathOf(name, inAddress(of), safe)}`, body: sent };
    });
  });
}

/** Lines as long as may be typed, each hard on a reader in another way. */
const most = 10_000;
const filled = (words: string): string => words.repeat(Math.ceil(most / words.length)).slice(0, most);
export const longLines: readonly string[] = [
  ...['sticky curled yellow leaves with ants and soft green clusters, ', 'a', '1 ', 'not ', ',;.'].map(filled),
  Array.from({ length: 900 }, (_, n) => `ab${(n + 1000).toString(36)}cdefg`)
    .join(', ')
    .slice(0, most),
];
