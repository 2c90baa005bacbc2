import type { RemedyId } from './common';

/** How people tell what they did about a trouble before they came here; words as in `SceneFactRow`. */
export interface TriedTable {
  readonly ways: readonly { readonly remedy: RemedyId; readonly words: readonly string[] }[];
  /** That something was done, and not only thought of. */
  readonly done: readonly string[];
  /** That it was only thought of, asked about, or said by others. */
  readonly thought: readonly string[];
  readonly helped: readonly string[];
  readonly inVain: readonly string[];
}
