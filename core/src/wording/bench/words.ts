import type { BenchTool } from '../../mix/bench/tool';

/** How one field is asked for. */
export type FieldWords =
  | string
  | {
      readonly label: string;
      readonly hint?: string;
      readonly options?: Readonly<Record<string, string>>;
    };

/** A sentence, or what is wrong and what to do instead. `{name}` stands for what its code carries. */
export type SaysWords = string | readonly [says: string, instead: string];

/** Everything one tool of the bench says. */
export interface AnyToolWords {
  /** The tool whose words these are. */
  readonly of: string;
  readonly name: string;
  readonly plain: string;
  readonly fields: Readonly<Record<string, FieldWords>>;
  /** A label; with a second text where the figure needs words of its own, `{value}` in it. */
  readonly results: Readonly<Record<string, string | readonly [label: string, says: string]>>;
  readonly says: Readonly<Record<string, SaysWords>>;
  readonly working: Readonly<Record<string, readonly [what: string, how: string, value: string]>>;
  /** Of results that name one of a few answers. */
  readonly is?: Readonly<Record<string, string>>;
  /** What a curve shows, across and up. */
  readonly curve?: { readonly across: string; readonly up: string };
}

/** The words of that very tool: a code without its sentence does not compile. */
export type ToolWords<Tool> =
  Tool extends BenchTool<infer Name, infer Result, infer Code, infer Line, infer Id>
    ? AnyToolWords & {
        readonly of: Id;
        readonly fields: Readonly<Record<Name, FieldWords>>;
        readonly results: Readonly<Record<Result, string | readonly [string, string]>>;
        readonly says: Readonly<Record<Code, SaysWords>>;
        readonly working: Readonly<Record<Line, readonly [string, string, string]>>;
      }
    : never;
