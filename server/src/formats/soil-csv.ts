import { inputError, soilFound, type SoilFound } from '@trowel/core/contract';
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
  if (broken) throw inputError(`csv line ${(broken.row ?? 0) + 2}`, broken.message);
  for (const needed of ['bed', 'date'])
    if (!meta.fields?.includes(needed)) throw inputError('csv line 1', `has no column "${needed}"`);
  const strange = meta.fields?.find((field) => !known.includes(field));
  if (strange !== undefined)
    throw inputError('csv line 1', `column "${strange}" is not known; known are ${known.join(', ')}`);
  if (data.length === 0) throw inputError('csv', 'has a header but no rows');
  return data.map((row, index) => rowOf(row, index + 2));
}

function rowOf(row: Record<string, string>, line: number): SoilCsvRow {
  const at = (column: string) => `csv line ${line}, column ${column}`;
  const text = (column: string) => (row[column] ?? '').trim();
  const number = (column: string): number | undefined => {
    const value = text(column);
    if (value === '') return undefined;
    const parsed = Number(value.replace(',', '.'));
    if (!Number.isFinite(parsed)) throw inputError(at(column), `"${value}" is not a number`);
    return parsed;
  };
  const bed = text('bed');
  if (bed === '') throw inputError(at('bed'), 'is empty: which bed was tested?');
  const on = text('date');
  if (!/^\d{4}-\d{2}-\d{2}$/.test(on) || Number.isNaN(Date.parse(on)))
    throw inputError(at('date'), `"${on}" is not a day as YYYY-MM-DD`);
  const measured = Object.fromEntries(
    Object.entries(numberColumns).flatMap(([column, name]) => {
      const value = number(column);
      return value === undefined ? [] : [[name, value]];
    }),
  );
  const [sand, silt, clay] = textureColumns.map(number);
  const layers = [sand, silt, clay].filter((value) => value !== undefined);
  if (layers.length > 0 && layers.length < 3)
    throw inputError(at('sand'), 'sand, silt and clay belong together: give all three or none');
  const parsed = soilFound.safeParse({
    ...measured,
    ...(layers.length === 3 ? { texture: { sand, silt, clay } } : {}),
  });
  if (!parsed.success) {
    const issue = parsed.error.issues[0];
    const name = String(issue?.path[0] ?? '');
    const column = Object.entries(numberColumns).find(([, known_]) => known_ === name)?.[0] ?? name;
    throw inputError(at(column), issue?.message ?? 'does not fit');
  }
  if (Object.keys(parsed.data).length === 0) throw inputError(`csv line ${line}`, 'nothing was measured in this row');
  return { line, bed, on, found: parsed.data };
}
