/**
 * Who may write. SQLite lets one connection write at a time and makes the others stand still until it is done, so what
 * is written for long on a thread of its own is written alone: whoever else wants to write is called when it is over,
 * and the thread that answers goes on answering.
 */
export class Turns {
  private current: Promise<unknown> | undefined;

  /** True while something is written for long. */
  get isTaken(): boolean {
    return this.current !== undefined;
  }

  /** Does at once what waits for nothing, and may write; where something is written for long, when that is over. */
  async briefly<Result>(work: () => Result): Promise<Result> {
    while (this.current) await this.current.catch(() => undefined);
    return work();
  }

  /** Writes for long, and nobody else meanwhile. */
  async alone<Result>(work: () => Promise<Result>): Promise<Result> {
    while (this.current) await this.current.catch(() => undefined);
    const mine = work().finally(() => (this.current = undefined));
    this.current = mine;
    return mine;
  }
}
