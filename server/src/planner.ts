import { isMainThread, parentPort, Worker, workerData } from 'node:worker_threads';
import { bestPlan, schedule, type PlanProblem, type PlannedStep } from '@trowel/core/plan';
import { knowledge } from '@trowel/knowledge/reader';
import { inTransaction } from './store/remembered';
import { writtenSoFar } from './store/statements';
import { solveIn } from './solver';
import type { Turns } from './turns';
import { layOut, rememberSteps, type Deps, type Planning } from './views/plan';

/** The best plan, looked for on a thread of its own while the first one stands in. */

type Asked = Omit<PlanProblem, 'tables'>;
interface Found {
  readonly steps: readonly Pick<PlannedStep, 'job' | 'step' | 'date' | 'hour'>[];
  readonly isFirst: boolean;
  /** By how much the best there can be may be better, as a share. */
  readonly gap: number | null;
  /** What broke down; the first plan goes on standing. */
  readonly broken?: string;
}

const work = 'plan';
export const isPlanWorker = (): boolean => !isMainThread && workerData === work;

/** Seconds that a plan may be thought about, and by how much the best may be missed: nobody sees one in a hundred. */
const [seconds, gap] = [15, 0.01] as const;

/** The other end of the thread: answers one problem after the other. */
export function workOnPlans(): void {
  const solve = solveIn(seconds, gap);
  parentPort?.on('message', (asked: Asked) => {
    const problem: PlanProblem = { ...asked, tables: knowledge };
    void bestPlan(problem, schedule(problem), solve)
      .then(({ plan, cost, bound, isFirst }): Found => ({
        steps: plan.steps,
        isFirst,
        gap: cost > 0 ? Math.max(0, (cost - bound) / cost) : 0,
      }))
      .catch((error: unknown): Found => ({ steps: [], isFirst: true, gap: null, broken: String(error) }))
      .then((found) => parentPort?.postMessage(found));
  });
}

export interface Planner extends Planning {
  /** Something moved the plan: it is looked at again, once there is a moment. */
  asked(): void;
  stop(): void;
}

/** Taps come in bursts; the plan is thought over once they are done, ms. */
const quiet = 400;

/**
 * Looks for a better plan after each change, and puts it in the place of the first where nothing has changed meanwhile.
 * @param program the file that runs, which is the worker's too
 * @param report told of what broke down; the first plan goes on standing
 */
export function planner(
  deps: Deps & { readonly turns: Turns },
  program: URL,
  report: (broken: string) => void,
): Planner {
  let worker: Worker | undefined;
  let timer: NodeJS.Timeout | undefined;
  let isBusy = false;
  let isAskedAgain = false;
  let since = 0;
  let gap: number | null = null;
  /** Where the thread breaks down, the first plan goes on standing, and the next change begins another. */
  const newWorker = (): Worker => {
    const made = new Worker(program, { workerData: work });
    made.unref();
    made.once('error', (error) => {
      report(error.message);
      worker = undefined;
      isBusy = false;
    });
    return made;
  };
  const run = () => {
    timer = undefined;
    if (isBusy) {
      isAskedAgain = true;
      return;
    }
    const mark = writtenSoFar(deps.db);
    const laidOut = inTransaction(deps.db, 'read', () => layOut(deps));
    const { tables: _, ...asked } = laidOut.problem;
    worker ??= newWorker();
    isBusy = true;
    since = Date.now();
    worker.once('message', ({ steps, isFirst, broken, ...found }: Found) => {
      isBusy = false;
      gap = found.gap;
      if (broken !== undefined) report(broken);
      if (!isFirst && !deps.turns.isTaken && writtenSoFar(deps.db) === mark)
        inTransaction(deps.db, 'write', () => rememberSteps(deps, laidOut, steps, () => 'fits-better'));
      if (isAskedAgain) {
        isAskedAgain = false;
        ask();
      }
    });
    worker.postMessage(asked);
  };
  const ask = () => {
    gap = null;
    clearTimeout(timer);
    timer = setTimeout(run, quiet);
    timer.unref();
  };
  return {
    asked: ask,
    state: () => ({
      isThinking: isBusy || timer !== undefined,
      seconds: isBusy ? Math.round((Date.now() - since) / 1000) : 0,
      most: seconds,
      gap,
    }),
    giveUp: () => {
      clearTimeout(timer);
      timer = undefined;
      isAskedAgain = false;
      if (!isBusy) return;
      isBusy = false;
      // What it was about to say is not waited for.
      worker?.removeAllListeners();
      void worker?.terminate();
      worker = undefined;
    },
    stop: () => {
      clearTimeout(timer);
      void worker?.terminate();
    },
  };
}
