import type { Setting } from './common';

/** How people tell where a plant grows. */
export interface SettingsTold {
  /** What tells most first: a pot in a greenhouse stands in the greenhouse. Words as in `SceneFactRow`. */
  readonly rows: readonly { readonly setting: Setting; readonly words: readonly string[] }[];
  /** Right before such words, or a word earlier: it does not grow there, or no more. */
  readonly elsewhere: readonly string[];
  /** It stands in the open, or did not always stand where it does: then no roof over it is believed. */
  readonly open: readonly string[];
}
