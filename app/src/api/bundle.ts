import { calls, type InputOf } from '@trowel/core/contract';
import { z } from 'zod';
import { ApiProblem, Unreachable } from './client';
import { apiBase } from './tour';

/** Where the whole garden can be fetched as one file. */
export const bundleAt = (): string => `${apiBase()}/bundle`;
/** Where a table of it can be fetched as CSV. */
export const sheetAt = (sheet: string): string => `${apiBase()}${calls.takeSheet.path.replace(':id', sheet)}`;

const brought = z.object({ new: z.number(), same: z.number(), kept: z.number() });
const brings = z.record(z.string(), brought);
export type Brings = z.output<typeof brings>;
const looked = z.object({
  made: z.string(),
  isEmpty: z.boolean(),
  rows: z.record(z.string(), z.number()),
  /** What would come into a garden that is not empty. */
  brings: brings.nullable(),
});
/** What a file holds. */
export type Looked = z.output<typeof looked>;
const taken = z.object({ rows: z.record(z.string(), z.number()) });
const merged = z.object({ id: z.string(), brings });
const sheetLooked = z.object({
  new: z.number(),
  same: z.number(),
  wrong: z.array(z.object({ field: z.string(), message: z.string() })),
});
export type SheetLooked = z.output<typeof sheetLooked>;

async function post<Shape extends z.ZodType>(at: string, body: File | string, shape: Shape): Promise<z.output<Shape>> {
  let response: Response;
  try {
    response = await fetch(at, { method: 'POST', headers: { 'Content-Type': 'application/json' }, body });
  } catch {
    throw new Unreachable();
  }
  const said: unknown = await response.json().catch(() => undefined);
  if (!response.ok)
    throw new ApiProblem(
      response.status,
      z.object({ detail: z.string() }).catch({ detail: 'It could not be read.' }).parse(said).detail,
    );
  return shape.parse(said);
}

/** @throws ApiProblem in words, where it is no file of a garden */
export const lookInto = (file: File): Promise<Looked> => post(`${bundleAt()}/look`, file, looked);
/** Into an empty garden. */
export const takeIn = (file: File): Promise<z.output<typeof taken>> => post(bundleAt(), file, taken);
/** Into one that is not empty. @returns the id by which it is undone */
export const mergeIn = (file: File): Promise<z.output<typeof merged>> => post(`${bundleAt()}/merge`, file, merged);
/** What a table would bring; nothing is taken in. */
export const lookIntoSheet = (sheet: string, csv: string): Promise<SheetLooked> =>
  post(`${sheetAt(sheet)}/look`, JSON.stringify({ csv } satisfies Pick<InputOf<'takeSheet'>, 'csv'>), sheetLooked);
