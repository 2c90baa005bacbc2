/** A word of the trade that cannot be done without, and what it means. */
export interface TermRow {
  readonly id: string;
  readonly name: string;
  /** How it stands in running text: beginnings of words, in lower case. */
  readonly stems: readonly string[];
  /** One or two sentences that use no other such word. */
  readonly plain: string;
}

/** The terms that stand in some texts, in the order of the list. */
export function termsIn(terms: readonly TermRow[], texts: readonly string[]): TermRow[] {
  const all = ` ${texts
    .join(' ')
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, ' ')} `;
  return terms.filter(({ stems }) => stems.some((stem) => all.includes(` ${stem}`)));
}
