import { createHash, randomUUID } from 'node:crypto';
import { inputError, InputError, type FieldProblem } from '@trowel/core/contract';
import { notFound } from '../problems';
import type { Deps } from '../views/plan';
import { applications } from './applications';
import { batches } from './batches';
import { counts } from './counts';
import { asCsv, readTable } from './csv';
import { observations } from './observations';
import { plantings } from './plantings';
import type { Cells, Fitting, Put, Sheet } from './sheet';
import { soilTests } from './soil-tests';
import { forecast, weather } from './weather';

/** Tables of the garden that go out and come in as CSV. */
export const sheets: readonly Sheet[] = [
  observations,
  counts,
  applications,
  batches,
  weather,
  forecast,
  soilTests,
  plantings,
];

/** @throws Problem where there is no such table */
export function theSheet(id: string): Sheet {
  const found = sheets.find((sheet) => sheet.id === id);
  if (!found) throw notFound('table', id);
  return found;
}

/** A table as it stands here. */
export const sheetOut = (deps: Deps, sheet: Sheet): string => asCsv(sheet.columns, sheet.rows(deps));

/** What a file would bring. */
export interface SheetLooked {
  readonly new: number;
  /** Rows that stand here already. */
  readonly same: number;
  /** Cells that do not fit; while there is one, nothing is taken in. */
  readonly wrong: readonly FieldProblem[];
}
interface Read {
  readonly looked: SheetLooked;
  readonly fresh: readonly (Fitting & { readonly id: string | undefined })[];
}

/** Cells that do not fit that are named, at most. */
const mostNamed = 20;

const keyOf = (cells: Cells): string =>
  createHash('sha1')
    .update(
      JSON.stringify(
        Object.entries(cells)
          .map(([name, value]) => [name, String(value)])
          .sort(),
      ),
    )
    .digest('base64');

/** Compares a file with what stands here. @throws InputError where it is no such table at all */
export function readSheet(deps: Deps, sheet: Sheet, csv: string): Read {
  const lines = readTable(csv, sheet.columns, sheet.needed);
  const byId = new Map<string, string>();
  /** How often each row stands here; a second one like it in the file is a second one. */
  const here = new Map<string, number>();
  for (const { id, ...cells } of sheet.rows(deps)) {
    const key = keyOf(cells);
    if (id !== undefined) byId.set(String(id), key);
    here.set(key, (here.get(key) ?? 0) + 1);
  }
  const fresh: (Fitting & { readonly id: string | undefined })[] = [];
  const wrong: FieldProblem[] = [];
  let same = 0;
  for (const line of lines) {
    try {
      for (const row of sheet.read(deps, line)) {
        const key = keyOf(row.cells);
        const id = row.id === '' ? undefined : row.id;
        const known = id === undefined ? undefined : byId.get(id);
        const alike = here.get(key) ?? 0;
        if (known !== undefined && known !== key) line.refuse('id', 'csv-other-already');
        if (known !== undefined || alike > 0) {
          same += 1;
          here.set(key, alike - 1);
        } else {
          if (id !== undefined) byId.set(id, key);
          fresh.push({ ...row, id });
        }
      }
    } catch (error) {
      if (!(error instanceof InputError)) throw error;
      wrong.push(...error.problems);
    }
  }
  return { looked: { new: fresh.length, same, wrong: wrong.slice(0, mostNamed) }, fresh };
}

/** Takes a file in, whole or not at all. @throws InputError naming the cells that do not fit */
export function takeSheet(
  deps: Deps,
  sheet: Sheet,
  csv: string,
): { readonly put: Put[]; readonly cases: ReadonlySet<string>; readonly same: number; readonly taken: number } {
  const { looked, fresh } = readSheet(deps, sheet, csv);
  const [first, ...rest] = looked.wrong;
  if (first) throw new InputError([first, ...rest]);
  if (fresh.length === 0) throw inputError('csv', 'csv-all-known');
  return {
    put: fresh.flatMap((row) => row.put(row.id ?? randomUUID())),
    cases: new Set(fresh.flatMap(({ caseId }) => caseId ?? [])),
    same: looked.same,
    taken: fresh.length,
  };
}
