/** What gardeners do with hands and tools, and what they name beside it: nothing that could burn a plant. */
export interface WorkRow {
  readonly id: string;
  readonly name: string;
  /** `work`: a doing that can be asked about. `thing`: a vessel or a place whose name holds that of a substance.
   * `talk`: words that stand for none of the things they name: "lime green", "cat mint". */
  readonly kind: 'work' | 'thing' | 'talk';
  readonly words: readonly string[];
}
