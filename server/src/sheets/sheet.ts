import type { Deps } from '../views/plan';
import { maybeOneBedNamed, plantingsCalled, type BedRow, type PlantingRow } from '../store/garden';
import { casesCalled, maybeOneCase, type CaseRow } from '../store/cases';
import type { Db } from '../database';
import type { Line } from './csv';

/** The cells of a row as they stand in the file that is given out; what is empty is left out. */
export type Cells = Readonly<Record<string, string | number>>;

/** A row that was put in: its table, and the columns by which it is found again. */
export type Put = readonly [table: string, where: Readonly<Record<string, string | number>>];

/** A line that was read and fits. */
export interface Fitting {
  /** As it would stand in the file that is given out, without its id. */
  readonly cells: Cells;
  /** Puts it in. @param id under which */
  put(id: string): readonly Put[];
  /** The case whose reading rests on it. */
  readonly caseId?: string;
}

/** One table of the garden as a file that spreadsheets read, out and in. */
export interface Sheet {
  readonly id: string;
  /** In order. `id` is known here alone; a table without one knows its rows by what stands in them. */
  readonly columns: readonly string[];
  readonly needed: readonly string[];
  /** Every row, each with its id where it has one. */
  rows(deps: Deps): readonly Cells[];
  /** Reads a line; one line may stand for several rows. @throws InputError naming the cell */
  read(deps: Deps, line: Line): readonly (Fitting & { readonly id?: string })[];
}

/** The bed that a line names. */
export function bedIn(db: Db, line: Line): BedRow {
  const name = line.needed('place', 80);
  return maybeOneBedNamed(db, name) ?? line.refuse('place', 'no-bed-called', { given: name });
}

/** The plant that a line names by its id or its label in a bed; null where it names none. */
export function plantingIn(db: Db, line: Line, bed: BedRow): PlantingRow | null {
  const label = line.text('plant', 80);
  const id = line.text('plant_id', 80);
  if (label === '' && id === '') return null;
  const found = plantingsCalled(db, bed.id, id === '' ? { label } : { id });
  const [one] = found;
  if (!one) return line.refuse('plant', 'csv-no-planting', { given: id === '' ? label : id, bed: bed.name });
  return found.length === 1 ? one : line.refuse('plant', 'csv-plantings-alike', { given: label, bed: bed.name });
}

/** The case that a line names by its id or its name. */
export function caseIn(db: Db, line: Line): CaseRow {
  const id = line.text('case_id', 80);
  if (id !== '') return maybeOneCase(db, id) ?? line.refuse('case_id', 'csv-no-case', { given: id });
  const name = line.needed('case', 200);
  const found = casesCalled(db, name);
  const [one] = found;
  if (!one) return line.refuse('case', 'csv-no-case', { given: name });
  return found.length === 1 ? one : line.refuse('case', 'csv-cases-alike', { given: name });
}

/** Leaves out what is empty. */
export const filled = (cells: Readonly<Record<string, string | number | null | undefined>>): Cells =>
  Object.fromEntries(
    Object.entries(cells).flatMap(([name, value]) =>
      value === null || value === undefined || value === '' ? [] : [[name, value]],
    ),
  );
