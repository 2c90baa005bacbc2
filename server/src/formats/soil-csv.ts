import { InputError, inputError, problemsIn, soilFound, type SoilFound } from '@trowel/core/contract';
import { isIsoDate } from '@trowel/core/quantities';
import Papa from 'papaparse';

/** One row of a soil CSV, checked. */
export interface SoilCsvRow {
  readonly line: number;
  readonly bed: string;
  readonly on: string;
  readonly found: SoilFound;
}

/** Columns of numbers, and what they are called in a soil test. */
const numberColumns = {
  ph: 'ph',
  ec: 'ec',
  nitrogen: 'nitrogen',
  phosphorus: 'phosphorus',
  potassium: 'potassium',
  magnesium: 'magnesium',
  calcium: 'calcium',
  organic_matter: 'organicMatter',
} as const;
const textureColumns = ['sand', 'silt', 'clay'] as const;
const known = ['bed', 'date', ...Object.keys(numberColumns), ...textureColumns];

/**
 * Reads soil tests from CSV: `bed,date` and any of ph, ec (mS/cm), nitrogen … calcium (mg/kg),
 * organic_matter (%), sand, silt, clay (%). The whole text is checked before anything is given back.
 * @throws InputError naming line and column.
 */
export function readSoilCsv(csv: string): SoilCsvRow[] {
  const { data, errors, meta } = Papa.parse<Record<string, string>>(csv.trim(), {
    header: true,
    skipEmptyLines: true,
    transformHeader: (header) => header.trim().toLowerCase().replace(/\s+/g, '_'),
  });
  const broken = errors.find(({ type }) => type !== 'Delimiter');
  if (broken) throw inputError(`csv line ${(broken.row ?? 0) + 2}`, 'csv-broken', { why: broken.message });
  for (const needed of ['bed', 'date'])
    if (!meta.fields?.includes(needed)) throw inputError('csv line 1', 'csv-no-column', { column: needed });
  const strange = meta.fields?.find((field) => !known.includes(field));
  if (strange !== undefined)
    throw inputError('csv line 1', 'csv-strange-column', { column: strange, known: known.join(', ') });
  if (data.length === 0) throw inputError('csv', 'csv-empty');
  return data.map((row, index) => rowOf(row, index + 2));
}

function rowOf(row: Record<string, string>, line: number): SoilCsvRow {
  const at = (column: string) => `csv line ${line}, column ${column}`;
  const text = (column: string) => (row[column] ?? '').trim();
  const number = (column: string): number | undefined => {
    const value = text(column);
    if (value === '') return undefined;
    const parsed = Number(value.replace(',', '.'));
    if (!Number.isFinite(parsed)) throw inputError(at(column), 'csv-not-number', { given: value });
    return parsed;
  };
  const bed = text('bed');
  if (bed === '') throw inputError(at('bed'), 'csv-no-bed');
  const on = text('date');
  if (!isIsoDate(on)) throw inputError(at('date'), 'csv-not-day', { given: on });
  const measured = Object.fromEntries(
    Object.entries(numberColumns).flatMap(([column, name]) => {
      const value = number(column);
      return value === undefined ? [] : [[name, value]];
    }),
  );
  const [sand, silt, clay] = textureColumns.map(number);
  const layers = [sand, silt, clay].filter((value) => value !== undefined);
  if (layers.length > 0 && layers.length < 3) throw inputError(at('sand'), 'csv-texture');
  const values = { ...measured, ...(layers.length === 3 ? { texture: { sand, silt, clay } } : {}) };
  const [wrong] = problemsIn(soilFound, values);
  if (wrong) {
    const column = Object.entries(numberColumns).find(([, name]) => name === wrong.field)?.[0] ?? wrong.field;
    throw new InputError([{ ...wrong, field: at(column) }]);
  }
  if (Object.keys(values).length === 0) throw inputError(`csv line ${line}`, 'csv-nothing');
  return { line, bed, on, found: soilFound.parse(values) };
}
