import { inputError } from '../../problem';
import { said, type MeasureSystem, type Quantity, type Said } from '../../quantities';
import { areaLimitFor, limitFor, longestSoak, soilFacts } from '../../judge';
import { rowById, type Grade, type LimitRow, type SceneFact, type Tables, type Use } from '../../tables';
import { liquid, powder, type PartFound } from '../parts';
import type { CautionFound } from '../../judge/caution';
import type { MixFound, ResultFound } from '../found';
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
  readonly pour: (ingredient: string, ml: number) => PartFound;
  /** A powder from the ingredients to measure out, g. */
  readonly weigh: (ingredient: string, grams: number) => PartFound;
  /** The same powder inside a sentence. */
  readonly weighed: (ingredient: string, grams: number) => { readonly weigh: number; readonly density: number };
  /** The most of it on a square metre, g, and the longest soak in it, minutes; 0 where the judge knows none. */
  readonly mostOnArea: (ingredient: string) => number;
  readonly longestSoak: (ingredient: string) => number;
  /** What the judge lets of it go there, %; undefined where no limit is known. */
  readonly bears: (ingredient: string, use: Use) => Pick<LimitRow, 'most' | 'tested' | 'grade'> | undefined;
  /** Whether a soil of this pH is what the judge calls so. */
  readonly isSoil: (fact: SceneFact, ph: number) => boolean;
}

/** What a tool finds out; everything but results and working may be left out. */
export interface Found<Result extends string = string, Code extends string = string, Line extends string = string> {
  readonly results: readonly ResultFound<Result>[];
  readonly parts?: readonly PartFound[];
  readonly waterMl?: number;
  readonly order?: readonly Said<Code>[];
  readonly cautions?: readonly CautionFound<Code>[];
  readonly working: readonly Said<Line>[];
  readonly curve?: {
    readonly points: readonly (readonly [number, number])[];
    readonly here?: readonly [number, number];
  };
  readonly honest?: Code;
  readonly grade?: Grade;
}
export type Refusal<Code extends string = string> = { readonly stop: Said<Code> };

/** One piece of arithmetic of the bench, usable without a case. Its words stand in `wording/bench`. */
export interface BenchTool<
  Name extends string = string,
  Result extends string = string,
  Code extends string = string,
  Line extends string = string,
  Id extends string = string,
> {
  readonly id: Id;
  readonly group: 'strength' | 'sprays' | 'feeds' | 'ground' | 'helpers' | 'counts' | 'money';
  readonly fields: Readonly<Record<Name, FieldSpec>>;
  readonly answer: (
    tables: Tables,
    measures: MeasureSystem,
    values: Readonly<Record<string, unknown>>,
  ) => Extract<MixFound, { kind: 'worked' | 'refused' }>;
  /** Never set: carries the codes to the words, so that a missing sentence does not compile. */
  readonly codes?: { readonly result: Result; readonly code: Code; readonly line: Line };
}

export function defineTool<
  const Id extends string,
  Of extends Fields,
  Result extends string,
  Code extends string,
  Line extends string,
>(tool: {
  readonly id: Id;
  readonly group: BenchTool['group'];
  readonly fields: Of;
  readonly work: (values: ValuesOf<Of>, bench: Bench) => Found<Result, Code, Line> | Refusal<Code>;
}): BenchTool<keyof Of & string, Result, Code, Line, Id> {
  const { id, group, fields, work } = tool;
  return {
    id,
    group,
    fields: Object.fromEntries(Object.entries(fields).map(([key, { spec }]) => [key, spec])) as Record<
      keyof Of & string,
      FieldSpec
    >,
    answer(tables, measures, given) {
      for (const key of Object.keys(given))
        if (!(key in fields))
          throw inputError(`values.${key}`, 'strange-value', { of: id, known: Object.keys(fields).join(', ') });
      const values = Object.fromEntries(
        Object.entries(fields).map(([key, { parse }]) => [key, parse(given[key], `values.${key}`, measures)]),
      ) as ValuesOf<Of>;
      const found = work(values, benchFor(tables, measures));
      if ('stop' in found)
        return {
          kind: 'refused',
          tool: id,
          because: [{ level: 'stop', ...found.stop }],
          understood: [],
          notUnderstood: [],
          notUsed: [],
        };
      const { results, parts = [], waterMl, order = [], cautions = [], working, curve, honest, grade } = found;
      return {
        kind: 'worked',
        tool: id,
        results,
        parts,
        ...(waterMl === undefined ? {} : { waterMl }),
        order,
        cautions,
        working,
        ...(curve ? { curve } : {}),
        ...(honest === undefined ? {} : { honest: said(honest) }),
        ...(grade === undefined ? {} : { grade }),
      };
    },
  };
}

function benchFor(tables: Tables, measures: MeasureSystem): Bench {
  const row = (id: string) => rowById(tables.ingredients, id, 'ingredients');
  const thing = (id: string) => ({ ingredient: id, classes: row(id).classes });
  return {
    tables,
    measures,
    pour: (id, ml) => liquid(row(id), ml),
    weigh: (id, grams) => powder(row(id), grams),
    weighed: (id, grams) => ({ weigh: grams, density: row(id).density }),
    mostOnArea: (id) => areaLimitFor(tables, thing(id))?.most ?? 0,
    longestSoak: (id) => longestSoak(tables, thing(id)) ?? 0,
    bears: (id, use) =>
      limitFor(tables, { ingredient: id, classes: row(id).classes }, use, use === 'seedling' ? { isYoung: true } : {}),
    isSoil: (fact, ph) => soilFacts(tables, ph).includes(fact),
  };
}

/** A figure the tool finds: a quantity, or a bare number whose unit is in its words. `main` stands large. */
export const result = <const Id extends string>(
  id: Id,
  value: Quantity | number,
  { digits = 2, main, is }: { digits?: number; main?: true; is?: string } = {},
): ResultFound<Id> => ({ id, value, digits, ...(main ? { main } : {}), ...(is === undefined ? {} : { is }) });

export const line = <const Code extends string>(code: Code, data: Said['with'] = {}): Said<Code> => said(code, data);
export const note = <const Code extends string>(code: Code, data: Said['with'] = {}): CautionFound<Code> => ({
  level: 'note',
  ...said(code, data),
});
export const caution = <const Code extends string>(code: Code, data: Said['with'] = {}): CautionFound<Code> => ({
  level: 'caution',
  ...said(code, data),
});
export const stop = <const Code extends string>(code: Code, data: Said['with'] = {}): Refusal<Code> => ({
  stop: said(code, data),
});
