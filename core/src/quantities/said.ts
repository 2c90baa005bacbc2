import type { Quantity } from './quantity';

/** What a code carries: figures, quantities, ids, and amounts that are to be measured out. */
export type SaidValue =
  | number
  | string
  | Quantity
  /** A liquid to pour, in the tools of the house. */
  | { readonly pour: number }
  /** A powder to weigh, g, with its bulk density in g/mL for the spoon beside it. */
  | { readonly weigh: number; readonly density: number }
  /** Water by the jug, mL. */
  | { readonly water: number }
  /** A calendar day. */
  | { readonly day: string };

/** Something the core has to say: a code, and what belongs in its sentence. The words stand in `wording/`. */
export interface Said<Code extends string = string> {
  readonly code: Code;
  readonly with: Readonly<Record<string, SaidValue>>;
}

export const said = <const Code extends string>(code: Code, data: Said['with'] = {}): Said<Code> => ({
  code,
  with: data,
});
