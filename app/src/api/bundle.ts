import { z } from 'zod';
import { ApiProblem, Unreachable } from './client';
import { apiBase } from './tour';

/** Where the whole garden can be fetched as one file. */
export const bundleAt = (): string => `${apiBase()}/bundle`;

const looked = z.object({ made: z.string(), isPossible: z.boolean(), rows: z.record(z.string(), z.number()) });
/** What a file holds. */
export type Looked = z.output<typeof looked>;
const taken = z.object({ rows: z.record(z.string(), z.number()) });

async function post<Shape extends z.ZodType>(path: string, file: File, shape: Shape): Promise<z.output<Shape>> {
  let response: Response;
  try {
    response = await fetch(`${bundleAt()}${path}`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: file,
    });
  } catch {
    throw new Unreachable();
  }
  const body: unknown = await response.json().catch(() => undefined);
  if (!response.ok)
    throw new ApiProblem(
      response.status,
      z.object({ detail: z.string() }).catch({ detail: 'It could not be read.' }).parse(body).detail,
    );
  return shape.parse(body);
}

/** @throws ApiProblem in words, where it is no file of a garden */
export const lookInto = (file: File): Promise<Looked> => post('/look', file, looked);
export const takeIn = (file: File): Promise<z.output<typeof taken>> => post('', file, taken);
