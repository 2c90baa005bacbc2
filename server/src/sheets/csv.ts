import { inputError, isoDate, parseAt } from '@trowel/core/contract';
import Papa from 'papaparse';
import { z } from 'zod';

/** A cell that does not fit is named by its line in the file and its column, as a spreadsheet shows them. */
const place = (line: number, column?: { readonly at: number; readonly name: string }): string =>
  column ? `line ${line}, column ${column.at} (${column.name})` : `line ${line}`;
/** One of a list, by its number from 1 and its field. */
const entry = (at: number, column?: { readonly name: string }): string =>
  column ? `entry ${at}, ${column.name}` : `entry ${at}`;

/** What a spreadsheet would reckon out is shielded by a mark on the way out, which is taken off on the way in. */
const formula = /^[=+@\t\r]|^-(?![\d.])/;
const shield = /^'(?=[=+@\t\r-])/;

/** What a column was called before, or is called by others. */
const alsoCalled = { bed: 'place', day: 'date' } as const;

/** Letters in one cell. */
const longest = 4000;
const mostRows = 20_000;

/** One line of a table, cell by cell. Every reading throws an InputError that names the cell. */
export class Line {
  constructor(
    readonly at: number,
    private readonly columns: readonly string[],
    private readonly cells: readonly string[],
    private readonly placeOf: typeof place = place,
  ) {}

  /** @throws InputError always: this cell, for that reason */
  refuse(
    column: string,
    ...why: [code: Parameters<typeof inputError>[1], data?: Parameters<typeof inputError>[2]]
  ): never {
    throw inputError(this.where(column), ...why);
  }

  where(column: string): string {
    const at = this.columns.indexOf(column);
    return at < 0 ? this.placeOf(this.at) : this.placeOf(this.at, { at: at + 1, name: column });
  }

  /** Empty where the table has no such column. */
  text(column: string, most = longest): string {
    const value = (this.cells[this.columns.indexOf(column)] ?? '').trim().replace(shield, '');
    if (value.length > most) this.refuse(column, 'must-be-short', { most });
    return value;
  }

  needed(column: string, most?: number): string {
    const value = this.text(column, most);
    return value === '' ? this.refuse(column, 'missing') : value;
  }

  /** Undefined where the cell is empty. */
  day(column: string): string | undefined {
    const value = this.text(column);
    return value === '' ? undefined : parseAt(isoDate, value, this.where(column));
  }

  neededDay(column: string): string {
    return this.day(column) ?? this.refuse(column, 'missing');
  }

  /** A comma may stand for the point. */
  number(column: string, { least = -1e9, most = 1e9 }: { least?: number; most?: number } = {}): number | undefined {
    const value = this.text(column);
    if (value === '') return undefined;
    const parsed = Number(value.replace(',', '.'));
    if (!Number.isFinite(parsed)) this.refuse(column, 'csv-not-number', { given: value });
    if (parsed < least) this.refuse(column, 'at-least', { least });
    if (parsed > most) this.refuse(column, 'at-most', { most });
    return parsed;
  }

  neededNumber(column: string, bounds?: { least?: number; most?: number }): number {
    return this.number(column, bounds) ?? this.refuse(column, 'missing');
  }

  oneOf<Choice extends string>(column: string, choices: readonly Choice[], usual?: Choice): Choice {
    const value = this.text(column).toLowerCase();
    if (value === '' && usual !== undefined) return usual;
    return choices.find((choice) => choice === value) ?? this.refuse(column, 'one-of', { known: choices.join(', ') });
  }
}

/** What a column is called here. */
function columnOf(name: string): string {
  const plain = name.trim().toLowerCase().replace(/\s+/g, '_');
  return plain in alsoCalled ? alsoCalled[plain as keyof typeof alsoCalled] : plain;
}

const jsonRows = z.array(z.record(z.string(), z.union([z.string(), z.number(), z.null()]))).min(1);

/**
 * The same table as a JSON list, one object an entry, with the names of the columns as its fields.
 * @throws InputError naming the entry, and the field where one is at fault
 */
function readEntries(json: string, known: readonly string[], needed: readonly string[]): Line[] {
  let raw: unknown;
  try {
    raw = JSON.parse(json);
  } catch (error) {
    throw inputError('file', 'json-broken', { why: (error as Error).message });
  }
  const read = jsonRows.safeParse(raw);
  if (!read.success) {
    const [at, name] = read.error.issues[0]?.path ?? [];
    throw inputError(
      typeof at === 'number' ? entry(at + 1, name === undefined ? undefined : { name: String(name) }) : 'file',
      'json-no-list',
    );
  }
  if (read.data.length > mostRows)
    throw inputError('file', 'too-many-items', { most: mostRows, given: read.data.length });
  return read.data.map((row, at) => {
    const cells = new Map<string, string>();
    for (const [given, value] of Object.entries(row)) {
      const name = columnOf(given);
      const where = entry(at + 1, { name: given });
      if (!known.includes(name))
        throw inputError(where, 'csv-strange-column', { column: name, known: known.join(', ') });
      if (cells.has(name)) throw inputError(where, 'csv-twice', { column: name });
      cells.set(name, value === null ? '' : String(value));
    }
    for (const column of needed) if (!cells.has(column)) throw inputError(entry(at + 1), 'csv-no-column', { column });
    return new Line(at + 1, [...cells.keys()], [...cells.values()], entry);
  });
}

/** A table as it was brought: with a header and commas, or as a JSON list. */
export const readTable: typeof readLines = (text, known, needed) =>
  (/^\s*[[{]/.test(text.replace(/^\uFEFF/, '')) ? readEntries : readLines)(text, known, needed);

/**
 * The lines of a table with a header, by their true numbers: blank lines and line breaks within quotes are counted.
 * @param known every column there may be
 * @throws InputError naming the line, and the column where one is at fault
 */
function readLines(csv: string, known: readonly string[], needed: readonly string[]): Line[] {
  const { data, errors } = Papa.parse<string[]>(csv.replace(/^\uFEFF/, ''), { skipEmptyLines: false });
  let number = 1;
  const numbered = data.map((cells) => {
    const at = number;
    number += 1 + cells.reduce((sum, cell) => sum + (cell.match(/\r\n|\r|\n/g)?.length ?? 0), 0);
    return { number: at, cells };
  });
  const broken = errors.find(({ type }) => type !== 'Delimiter');
  if (broken) throw inputError(place(numbered[broken.row ?? 0]?.number ?? 1), 'csv-broken', { why: broken.message });
  const [header, ...rest] = numbered.filter(({ cells }) => cells.some((cell) => cell.trim() !== ''));
  if (!header) throw inputError('csv', 'csv-empty');
  const columns = header.cells.map(columnOf);
  columns.forEach((name, at) => {
    const column = place(header.number, { at: at + 1, name });
    if (!known.includes(name))
      throw inputError(column, 'csv-strange-column', { column: name, known: known.join(', ') });
    if (columns.indexOf(name) !== at) throw inputError(column, 'csv-twice', { column: name });
  });
  for (const column of needed)
    if (!columns.includes(column)) throw inputError(place(header.number), 'csv-no-column', { column });
  if (rest.length === 0) throw inputError('csv', 'csv-empty');
  if (rest.length > mostRows) throw inputError('csv', 'too-many-items', { most: mostRows, given: rest.length });
  return rest.map(({ number: line, cells }) => {
    if (cells.length > columns.length && cells.slice(columns.length).some((cell) => cell.trim() !== ''))
      throw inputError(place(line), 'csv-too-many-cells', { most: columns.length, given: cells.length });
    return new Line(line, columns, cells);
  });
}

/** A table with its header. */
export const asCsv = (columns: readonly string[], rows: readonly Readonly<Record<string, string | number>>[]): string =>
  Papa.unparse(
    { fields: [...columns], data: rows.map((row) => columns.map((column) => row[column] ?? '')) },
    { escapeFormulae: formula, newline: '\n' },
  );
