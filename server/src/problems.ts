import { InputError } from '@trowel/core/contract';
import type { ErrorRequestHandler, RequestHandler } from 'express';

/** Every way a request can fail: code, status and what it says. One shape on the wire (problem+json). */
export const problemCatalogue = {
  'bad-input': { status: 422, title: 'Something in the request does not fit' },
  'bad-json': { status: 400, title: 'The body is not JSON' },
  'too-large': { status: 413, title: 'The body is too large' },
  'not-found': { status: 404, title: 'There is no such thing here' },
  conflict: { status: 409, title: 'That cannot be done as things stand' },
  internal: { status: 500, title: 'The server stumbled; nothing was half-written' },
} as const;
export type ProblemCode = keyof typeof problemCatalogue;

/** A problem to be told to the caller. `field` names what to change, where one field is at fault. */
export class Problem extends Error {
  constructor(
    readonly code: ProblemCode,
    readonly detail: string,
    readonly fields: readonly { readonly field: string; readonly message: string }[] = [],
  ) {
    super(detail);
    this.name = 'Problem';
  }
}

export const notFound = (what: string, id: string) => new Problem('not-found', `There is no ${what} "${id}".`);

export const unknownRoute: RequestHandler = (request) => {
  throw new Problem('not-found', `There is nothing at ${request.path}.`);
};

// Express knows an error handler by its four parameters.
export const problemHandler: ErrorRequestHandler = (error, _request, response, _next) => {
  const problem = asProblem(error);
  const { status, title } = problemCatalogue[problem.code];
  if (problem.code === 'internal') console.error(error);
  response
    .status(status)
    .type('application/problem+json')
    .send(
      JSON.stringify({
        type: `about:blank#${problem.code}`,
        code: problem.code,
        title,
        status,
        detail: problem.detail,
        fields: problem.fields,
      }),
    );
};

function asProblem(error: unknown): Problem {
  if (error instanceof Problem) return error;
  if (error instanceof InputError) return new Problem('bad-input', error.message, error.problems);
  const type = (error as { type?: unknown } | undefined)?.type;
  if (type === 'entity.parse.failed')
    return new Problem('bad-json', 'The body could not be read as JSON; check commas and quotes.');
  if (type === 'entity.too.large') return new Problem('too-large', 'The body is larger than 1 MB.');
  return new Problem('internal', 'Please try again; if it happens again, note what you did.');
}
