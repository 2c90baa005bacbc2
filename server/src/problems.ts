import { InputError, type FieldProblem } from '@trowel/core/contract';
import type { Said } from '@trowel/core/quantities';
import {
  conflictWords,
  missingWords,
  nothingAt,
  plainDetails,
  problemTitles,
  type ConflictCode,
} from '@trowel/core/wording';
import type { ErrorRequestHandler, RequestHandler } from 'express';

/** Every way a request can fail, and its status. One shape on the wire (problem+json). */
export const problemStatus = {
  'bad-input': 422,
  'bad-json': 400,
  'too-large': 413,
  'not-found': 404,
  conflict: 409,
  'not-here': 421,
  'not-from-there': 403,
  'not-paired': 401,
  'wrong-passphrase': 403,
  'only-here': 403,
  'too-many-tries': 429,
  'not-json': 415,
  'bad-request': 400,
  'disk-full': 507,
  'read-only': 503,
  damaged: 500,
  'took-too-long': 503,
  internal: 500,
} as const;
export type ProblemCode = keyof typeof problemStatus;

/** A problem to be told to the caller. `fields` name what to change, where fields are at fault. */
export class Problem extends Error {
  constructor(
    readonly code: ProblemCode,
    readonly detail: string,
    readonly fields: readonly FieldProblem[] = [],
  ) {
    super(detail);
    this.name = 'Problem';
  }
}

/** One whose words stand with the others. */
export const plainProblem = (code: ProblemCode & keyof typeof plainDetails): Problem =>
  new Problem(code, plainDetails[code]);

export const notFound = (what: string, id: string) => new Problem('not-found', missingWords(what, id));

/** It cannot be done as things stand. */
export const conflict = (code: ConflictCode, data: Said['with'] = {}, fields: readonly FieldProblem[] = []) =>
  new Problem('conflict', conflictWords(code, data), fields);

export const unknownRoute: RequestHandler = (request) => {
  throw new Problem('not-found', nothingAt(request.path));
};

// Express knows an error handler by its four parameters.
export const problemHandler: ErrorRequestHandler = (error, _request, response, _next) => {
  const problem = asProblem(error);
  const status = problemStatus[problem.code];
  if (status >= 500) console.error(error);
  response
    .status(status)
    .type('application/problem+json')
    .send(
      JSON.stringify({
        type: `about:blank#${problem.code}`,
        code: problem.code,
        title: problemTitles[problem.code],
        status,
        detail: problem.detail,
        fields: problem.fields,
      }),
    );
};

/** What can be wrong with the file of the garden itself, by the database's own codes. */
const fileTroubles = [
  { is: 'disk-full', codes: ['SQLITE_FULL'] },
  { is: 'read-only', codes: ['SQLITE_READONLY', 'SQLITE_CANTOPEN', 'SQLITE_PERM'] },
  { is: 'damaged', codes: ['SQLITE_CORRUPT', 'SQLITE_NOTADB', 'SQLITE_IOERR'] },
] as const;
const sqliteCode = (error: unknown): string => String((error as { code?: unknown } | undefined)?.code ?? '');

export function asProblem(error: unknown): Problem {
  if (error instanceof Problem) return error;
  if (error instanceof InputError) return new Problem('bad-input', error.message, error.problems);
  const type = (error as { type?: unknown } | undefined)?.type;
  if (type === 'entity.parse.failed') return new Problem('bad-json', plainDetails['bad-json']);
  if (type === 'entity.too.large') return new Problem('too-large', plainDetails['too-large']);
  // A name in the address, a charset or a packing that cannot be read: the caller's to mend.
  const { status } = (error ?? {}) as { status?: unknown };
  if (error instanceof URIError || (typeof status === 'number' && status >= 400 && status < 500))
    return new Problem('bad-request', (error as Error).message);
  const found = fileTroubles.find(({ codes }) => codes.some((code) => sqliteCode(error).startsWith(code)));
  return found ? new Problem(found.is, plainDetails[found.is]) : new Problem('internal', plainDetails.internal);
}
