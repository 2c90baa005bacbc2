import {
  calls,
  pathOf,
  waitedHeader,
  type ActName,
  type InputOf,
  type OutputOf,
  type QueryOf,
  type ReadName,
  FieldProblem,
} from '@trowel/core/contract';
import { keptHeader } from './kept-header';
import { paired } from './paired';
import { reach } from './reach';
import { apiBase } from './tour';
import { newId } from './newid';

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
export const isLost = (error: unknown): boolean => error instanceof Unreachable;

/** The status by which a garden says that it does not know this device. */
const notPaired = 401;

/** @throws ApiProblem, Unreachable */
export async function request(path: string, init?: RequestInit): Promise<unknown> {
  let response: Response;
  try {
    response = await fetch(`${apiBase()}${path}`, init);
  } catch {
    reach.lost();
    throw new Unreachable();
  }
  const kept = response.headers?.get(keptHeader);
  if (kept == null) reach.answered();
  else reach.lost(Date.parse(kept));
  const body = (await response.json().catch(() => undefined)) as
    { detail?: string; fields?: FieldProblem[] } | undefined;
  if (response.status === notPaired) paired.refused();
  if (!response.ok)
    throw new ApiProblem(response.status, body?.detail ?? `The server answered ${response.status}.`, body?.fields);
  return body;
}

/** Reads and parses; an answer of another shape is an error, not a surprise later. */
export async function read<Name extends ReadName>(
  name: Name,
  id?: string,
  query?: QueryOf<Name>,
): Promise<OutputOf<Name>> {
  return calls[name].output.parse(await request(pathOf(name, id, query))) as OutputOf<Name>;
}

interface Sending {
  /** What it is known by; sent again under the same, it is done once. */
  readonly commandId?: string;
  /** ms since it was pressed. */
  readonly waited?: number;
  /** ms to wait for an answer. */
  readonly patience?: number;
}

/** Sends an act, once. */
export async function send<Name extends ActName>(
  call: Name,
  body: Omit<InputOf<Name>, 'commandId'> | undefined,
  id?: string,
  { commandId = newId(), waited = 0, patience }: Sending = {},
): Promise<OutputOf<Name>> {
  const answered = reach.waiting();
  try {
    const sent = await request(pathOf(call, id), {
      method: 'POST',
      headers: {
        'Content-Type': 'application/json',
        ...(waited > longEnough ? { [waitedHeader]: String(waited) } : {}),
      },
      body: JSON.stringify({ commandId, ...body }),
      ...(patience === undefined ? {} : { signal: AbortSignal.timeout(patience) }),
    });
    return calls[call].output.parse(sent ?? {}) as OutputOf<Name>;
  } finally {
    answered();
  }
}

/** ms: less is no waiting. */
const longEnough = 5000;
