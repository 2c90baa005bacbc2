import type { Tables } from './index';

/** Tables whose ids are kept in gardens, and so may never be forgotten. */
export const keptTables = [
  'signs',
  'causes',
  'conditions',
  'checks',
  'remedies',
  'routines',
  'ingredients',
  'plants',
] as const;
export type KeptTable = (typeof keptTables)[number];

/** An id that was once in a table: what took its place, or nothing, and what it was called. */
export interface RetiredRow {
  readonly table: KeptTable;
  readonly id: string;
  /** The id that stands for it now; null where nothing does. */
  readonly now: string | null;
  readonly name: string;
}

/** The id that stands for one today, however often it was renamed; itself where it never was. */
export function currentId(retired: readonly RetiredRow[], table: KeptTable, id: string): string {
  const seen = new Set<string>();
  let here = id;
  for (;;) {
    const row = retired.find((candidate) => candidate.table === table && candidate.id === here);
    if (!row || row.now === null || seen.has(here)) return here;
    seen.add(here);
    here = row.now;
  }
}

/** A row's name for an id that a garden has kept, known or not. */
export type KeptName =
  { readonly known: true; readonly name: string } | { readonly known: false; readonly name: string };

export function keptName(tables: Pick<Tables, KeptTable | 'retired'>, table: KeptTable, id: string): KeptName {
  const rows: readonly { readonly id: string; readonly name: string }[] = tables[table];
  const row = rows.find((candidate) => candidate.id === currentId(tables.retired, table, id));
  if (row) return { known: true, name: row.name };
  const was = tables.retired.find((candidate) => candidate.table === table && candidate.id === id);
  return { known: false, name: was?.name ?? id };
}

/** Is there a row of that id today? */
export const isKnown = (tables: Pick<Tables, KeptTable>, table: KeptTable, id: string): boolean =>
  (tables[table] as readonly { readonly id: string }[]).some((row) => row.id === id);
