import {
  calls,
  pathOf,
  type ActName,
  type InputOf,
  type OutputOf,
  type ReadName,
  FieldProblem,
} from '@trowel/core/contract';

/** A server that answered with a problem: what it said, and the fields it named. */
export class ApiProblem extends Error {
  constructor(
    readonly status: number,
    message: string,
    readonly fields: readonly FieldProblem[] = [],
  ) {
    super(message);
    this.name = 'ApiProblem';
  }
}

/** The server did not answer at all. What was typed is still there. */
export class Unreachable extends Error {
  constructor() {
    super('The garden’s server is not answering. What you typed is kept; try again in a moment.');
    this.name = 'Unreachable';
  }
}

async function request(path: string, init?: RequestInit): Promise<unknown> {
  let response: Response;
  try {
    response = await fetch(`/api${path}`, init);
  } catch {
    throw new Unreachable();
  }
  const body = (await response.json().catch(() => undefined)) as
    { detail?: string; fields?: FieldProblem[] } | undefined;
  if (!response.ok)
    throw new ApiProblem(response.status, body?.detail ?? `The server answered ${response.status}.`, body?.fields);
  return body;
}

/** Reads and parses; an answer of another shape is an error, not a surprise later. */
export async function read<Name extends ReadName>(name: Name, id?: string): Promise<OutputOf<Name>> {
  return calls[name].output.parse(await request(pathOf(name, id))) as OutputOf<Name>;
}

/** Sends an act with an id of its own, so that sending it again does it once. */
export async function send<Name extends ActName>(
  call: Name,
  body: Omit<InputOf<Name>, 'commandId'> | undefined,
  id?: string,
): Promise<OutputOf<Name>> {
  const sent = await request(pathOf(call, id), {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify({ commandId: crypto.randomUUID(), ...body }),
  });
  return calls[call].output.parse(sent ?? {}) as OutputOf<Name>;
}
