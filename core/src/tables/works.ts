/** What gardeners do with hands and tools, and what they name beside it: nothing that could burn a plant. */
export interface WorkRow {
  readonly id: string;
  readonly name: string;
  /** `work`: a doing that can be asked about. `thing`: a vessel or a place whose name holds that of a substance. */
  readonly kind: 'work' | 'thing';
  readonly words: readonly string[];
}
