import type { CautionSaid, MixPart, MixResponse, Worked, WorkingLine } from '../../contract/mix';
import { inputError } from '../../contract/problem';
import { trim, type MeasureSystem } from '../../measures';
import { rowById, type Grade, type Tables } from '../../tables';
import { liquidPart, powderPart, round, waterFor } from '../parts';
import type { Field, FieldSpec } from './field';

export type Fields = Readonly<Record<string, Field<unknown>>>;
export type ValuesOf<Of extends Fields> = {
  readonly [Key in keyof Of]: Of[Key] extends Field<infer Value> ? Value : never;
};

/** What a tool may lean on besides its own fields. */
export interface Bench {
  readonly tables: Tables;
  readonly measures: MeasureSystem;
  /** A liquid from the ingredients to measure out, mL. */
  readonly pour: (ingredient: string, ml: number, name?: string) => MixPart;
  /** A powder from the ingredients to measure out, g. */
  readonly weigh: (ingredient: string, grams: number, name?: string) => MixPart;
  readonly water: (ml: number) => Worked['water'];
}

/** What a tool finds out; everything but the results may be left out. */
export interface Found {
  readonly results: readonly Result[];
  readonly parts?: readonly MixPart[];
  readonly waterMl?: number;
  readonly order?: readonly string[];
  readonly cautions?: readonly CautionSaid[];
  readonly working: readonly WorkingLine[];
  readonly curve?: Worked['curve'];
  readonly honest?: string;
  readonly grade?: Grade;
}
export type Result = Worked['results'][number];
export type Refusal = { readonly stop: CautionSaid };

/** One piece of arithmetic of the bench, usable without a case. */
export interface BenchTool {
  readonly id: string;
  readonly name: string;
  readonly plain: string;
  readonly group: 'liquids' | 'feeds' | 'ground' | 'helpers' | 'money';
  readonly fields: Readonly<Record<string, FieldSpec>>;
  readonly answer: (tables: Tables, measures: MeasureSystem, values: Readonly<Record<string, unknown>>) => MixResponse;
}

export function defineTool<Of extends Fields>(tool: {
  readonly id: string;
  readonly name: string;
  readonly plain: string;
  readonly group: BenchTool['group'];
  readonly fields: Of;
  readonly work: (values: ValuesOf<Of>, bench: Bench) => Found | Refusal;
}): BenchTool {
  const { id, name, plain, group, fields, work } = tool;
  return {
    id,
    name,
    plain,
    group,
    fields: Object.fromEntries(Object.entries(fields).map(([key, { spec }]) => [key, spec])),
    answer(tables, measures, given) {
      for (const key of Object.keys(given))
        if (!(key in fields))
          throw inputError(`values.${key}`, `is not known here; "${id}" takes ${Object.keys(fields).join(', ')}`);
      const values = Object.fromEntries(
        Object.entries(fields).map(([key, { parse }]) => [key, parse(given[key], `values.${key}`, measures)]),
      ) as ValuesOf<Of>;
      const found = work(values, benchFor(tables, measures));
      if ('stop' in found)
        return {
          kind: 'refused',
          because: [found.stop],
          says: `${found.stop.says} ${found.stop.instead ?? ''}`.trim(),
        };
      return {
        kind: 'worked',
        tool: id,
        name,
        results: [...found.results],
        parts: [...(found.parts ?? [])],
        ...(found.waterMl === undefined ? {} : { water: waterFor(found.waterMl, measures) }),
        order: [...(found.order ?? [])],
        cautions: [...(found.cautions ?? [])],
        working: [...found.working],
        ...(found.curve ? { curve: found.curve } : {}),
        ...(found.honest === undefined ? {} : { honest: found.honest }),
        ...(found.grade === undefined ? {} : { grade: found.grade }),
      };
    },
  };
}

function benchFor(tables: Tables, measures: MeasureSystem): Bench {
  const row = (id: string) => rowById(tables.ingredients, id, 'ingredients');
  return {
    tables,
    measures,
    pour: (id, ml, name = row(id).name) => liquidPart({ ingredient: id, name }, ml, measures),
    weigh: (id, weight, name = row(id).name) =>
      powderPart({ ingredient: id, name, density: row(id).density }, weight, measures),
    water: (ml) => waterFor(ml, measures),
  };
}

/** A figure with its unit, rounded for reading; `main` stands large. */
export function result(
  id: string,
  label: string,
  value: number,
  unit: string,
  { digits = 2, says, main }: { digits?: number; says?: string; main?: true } = {},
): Result {
  return {
    id,
    label,
    value: round(value, Math.max(digits, 3)),
    unit,
    says: says ?? `${trim(value, digits)} ${unit}`.trim(),
    ...(main ? { main } : {}),
  };
}

export const line = (what: string, how: string, value: string): WorkingLine => ({ what, how, value });
export const note = (says: string): CautionSaid => ({ level: 'note', says });
export const caution = (says: string, instead?: string): CautionSaid => ({
  level: 'caution',
  says,
  ...(instead === undefined ? {} : { instead }),
});
export const stop = (says: string, instead: string): Refusal => ({ stop: { level: 'stop', says, instead } });
