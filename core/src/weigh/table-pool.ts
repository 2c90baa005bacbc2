/**
 * Lends tables of numbers and takes them back. A sweep makes hundreds of large, short-lived tables; asking
 * the engine for each would cost more than the arithmetic on them. What is lent holds old numbers: fill it.
 */
export class TablePool {
  /** Tables given back, by the logarithm of their size. */
  private readonly free: Float64Array[][] = [];
  private held = 0;

  /** @param most numbers kept for the next borrower, over all tables; the rest is let go. */
  constructor(private readonly most: number) {}

  /** @param size a power of two. */
  take(size: number): Float64Array {
    const table = this.free[Math.clz32(size)]?.pop();
    if (!table) return new Float64Array(size);
    this.held -= size;
    return table;
  }

  /** The borrower must not touch the table afterwards. */
  give(table: Float64Array): void {
    if (this.held + table.length > this.most) return;
    this.held += table.length;
    (this.free[Math.clz32(table.length)] ??= []).push(table);
  }
}
