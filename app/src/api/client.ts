import type { z } from 'zod';

/** A server that answered with a problem: what it said, and the fields it named. */
export class ApiProblem extends Error {
  constructor(
    readonly status: number,
    message: string,
    readonly fields: readonly { field: string; message: string }[] = [],
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
    { detail?: string; fields?: { field: string; message: string }[] } | undefined;
  if (!response.ok)
    throw new ApiProblem(response.status, body?.detail ?? `The server answered ${response.status}.`, body?.fields);
  return body;
}

/** Reads and parses; an answer of another shape is an error, not a surprise later. */
export async function read<Schema extends z.ZodType>(schema: Schema, path: string): Promise<z.output<Schema>> {
  return schema.parse(await request(path));
}

/** Sends a command with an id of its own, so that sending it again does it once. */
export async function send(path: string, body: Record<string, unknown> = {}): Promise<Record<string, unknown>> {
  const sent = await request(path, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify({ commandId: crypto.randomUUID(), ...body }),
  });
  return (sent ?? {}) as Record<string, unknown>;
}
