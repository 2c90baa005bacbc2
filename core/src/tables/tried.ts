import type { RemedyId } from './common';

/** How people tell what they did about a trouble before they came here; words as in `SceneFactRow`. */
export interface TriedTable {
  readonly ways: readonly {
    readonly remedy: RemedyId;
    /** They tell the doing themselves: "hosed", "picked them off". */
    readonly doing: readonly string[];
    /** What it is done with; named for other reasons as well: "copper beetles". */
    readonly stuff: readonly string[];
  }[];
  /** That something was done, and not only thought of. */
  readonly done: readonly string[];
  /** What goes on behind stuff that a clause begins with: "neem twice", "soapy water made no odds". */
  readonly goesOn: readonly string[];
  /** That it was only thought of, asked about, or said by others. */
  readonly thought: readonly string[];
  readonly helped: readonly string[];
  readonly inVain: readonly string[];
}
