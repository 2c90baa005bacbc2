import { isMainThread, parentPort, Worker, workerData } from 'node:worker_threads';
import { calls, parseInput, type AskName } from '@trowel/core/contract';
import { readLine, type About, type Reading } from '@trowel/core/read';
import type { Tables } from '@trowel/core/tables';
import { knowledge } from '@trowel/knowledge/reader';
import { asks } from './handlers';
import { backUp, backUpDaily } from './keep';
import { asProblem, plainProblem, Problem, type ProblemCode } from './problems';
import { workInFile, type InFile } from './whole';

/** Work that would keep others waiting, on a thread beside the one that answers. */

const work = 'long';
export const isLongWorker = (): boolean => !isMainThread && workerData === work;

/** What can be asked of the thread: each with plain data in and plain data out. */
const works = {
  /** A call that knows no garden. */
  ask: ({ name, body }: { name: AskName; body: unknown }): unknown => {
    const call = asks[name] as (tables: Tables, input: unknown) => unknown;
    return call(knowledge, parseInput(calls[name].input, body));
  },
  /** One typed line. */
  read: ({ said, about }: { said: string; about: About }): Reading => readLine(knowledge, said, about),
  /** A work on a garden in its file. */
  whole: (asked: InFile): unknown => workInFile(asked),
  /** A checked copy of a garden's file. @returns its name */
  backUp: ({ file, named }: { file: string; named: string }): string => backUp(file, named),
  /** The copy of a day. @param at instant @returns its name, or undefined where that day has one already */
  backUpDaily: ({ file, at }: { file: string; at: string }): string | undefined => backUpDaily(file, new Date(at)),
} as const;
type Works = typeof works;
export type LongName = keyof Works;
/** Does one of the works, here or on the thread. */
export type LongWork = <Name extends LongName>(
  name: Name,
  input: Parameters<Works[Name]>[0],
) => Promise<ReturnType<Works[Name]>>;

interface Answer {
  readonly id: number;
  readonly gives?: unknown;
  readonly problem?: Pick<Problem, 'code' | 'detail' | 'fields'>;
}

/** The other end of the thread. */
export function workAtLength(): void {
  parentPort?.on('message', ({ id, name, input }: { id: number; name: LongName; input: never }) => {
    const answer = (): Answer => {
      try {
        return { id, gives: works[name](input) };
      } catch (error) {
        const { code, detail, fields } = asProblem(error);
        if (code === 'internal') console.error(error);
        return { id, problem: { code, detail, fields: [...fields] } };
      }
    };
    const told = answer();
    parentPort?.postMessage(told, told.gives instanceof Uint8Array ? [told.gives.buffer as ArrayBuffer] : []);
  });
}

/** Does it at once and here: where there is no thread, as in a test. */
export const longWorkHere: LongWork = (name, input) =>
  // What it throws is told as from the thread.
  new Promise((resolve) => resolve(works[name](input as never) as never));

interface Lane {
  /** So long one work may take, ms; what takes longer is given up and said. */
  readonly longest: number;
  /** Without work the thread ends after so long, ms: what it knows takes room. */
  readonly idleFor: number;
}
/** Two threads, so that a sentence need not wait until ten years are packed: one that reads, and one for files. */
const [reader, files]: readonly [Lane, Lane] = [
  { longest: 20_000, idleFor: Infinity },
  { longest: 120_000, idleFor: 60_000 },
];
const laneOf: Readonly<Record<LongName, Lane>> = {
  ask: reader,
  read: reader,
  whole: files,
  backUp: files,
  backUpDaily: files,
};

/**
 * Threads that are begun when they are first needed.
 * @param program the file that runs, which is the workers' too
 */
export function longWork(program: URL): LongWork {
  const threads = new Map([reader, files].map((lane) => [lane, oneThread(program, lane)]));
  return (name, input) => threads.get(laneOf[name])!(name, input);
}

function oneThread(program: URL, { longest, idleFor }: Lane): LongWork {
  let worker: Worker | undefined;
  let idle: NodeJS.Timeout | undefined;
  let lastId = 0;
  interface Waiting {
    readonly done: (gives: unknown) => void;
    readonly failed: (error: Error) => void;
    readonly limit: NodeJS.Timeout;
  }
  const waiting = new Map<number, Waiting>();
  const end = (because: ProblemCode & Parameters<typeof plainProblem>[0]) => {
    void worker?.terminate();
    worker = undefined;
    for (const { failed, limit } of waiting.values()) {
      clearTimeout(limit);
      failed(plainProblem(because));
    }
    waiting.clear();
  };
  const begin = (): Worker => {
    const made = new Worker(program, { workerData: work });
    made.unref();
    made.on('message', ({ id, gives, problem }: Answer) => {
      const one = waiting.get(id);
      waiting.delete(id);
      if (!one) return;
      clearTimeout(one.limit);
      if (problem) one.failed(new Problem(problem.code, problem.detail, problem.fields));
      else one.done(gives);
      if (waiting.size === 0 && idleFor < Infinity) idle = setTimeout(() => end('took-too-long'), idleFor).unref();
    });
    made.once('error', (error) => {
      console.error(error);
      if (worker === made) end('internal');
    });
    return made;
  };
  return (name, input) =>
    new Promise((done, failed) => {
      clearTimeout(idle);
      worker ??= begin();
      lastId += 1;
      const limit = setTimeout(() => end('took-too-long'), longest);
      waiting.set(lastId, { done: done as (gives: unknown) => void, failed, limit });
      worker.postMessage({ id: lastId, name, input });
    });
}
