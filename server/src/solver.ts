import type { Solved } from '@trowel/core/plan';
import loadHighs from 'highs';

let loaded: ReturnType<typeof loadHighs> | undefined;

/**
 * Solves a linear model with the HiGHS solver (WebAssembly).
 * @param seconds after which the best found so far is given
 * @param gap share of the cost by which the best may be missed
 */
export const solveIn =
  (seconds: number, gap = 0.0001) =>
  async (lp: string): Promise<Solved> => {
    loaded ??= loadHighs();
    const highs = await loaded;
    const found = highs.solve(lp, { time_limit: seconds, mip_rel_gap: gap, output_flag: false } as never);
    const isSolved =
      found.Status === 'Optimal' || (found.Status === 'Time limit reached' && Number.isFinite(found.ObjectiveValue));
    if (!isSolved) return { columns: undefined, bound: 0 };
    const columns = Object.fromEntries(
      Object.entries(found.Columns).flatMap(([name, column]) => ('Primal' in column ? [[name, column.Primal]] : [])),
    );
    return { columns, bound: found.Status === 'Optimal' ? found.ObjectiveValue * (1 - gap) : 0 };
  };
