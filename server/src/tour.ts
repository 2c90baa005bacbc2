import { isMainThread, parentPort, Worker, workerData } from 'node:worker_threads';
import { knowledge } from '@trowel/knowledge/reader';
import type { Clock } from './clock';
import { openDatabase } from './database';
import { storyMoment } from './demo/day';
import { seedDemo } from './demo/seed';
import type { Deps } from './views/plan';

/**
 * The made-up garden as a place to look round in: it lives in memory beside one's own, may be tried out in any way,
 * and is as new each time it is entered.
 */

const work = 'tour';
export const isTourWorker = (): boolean => !isMainThread && workerData === work;

/** The made-up garden on its day, as the bytes of a database. */
export function tourBytes(): Buffer {
  const db = openDatabase(':memory:');
  seedDemo(db, knowledge, storyMoment(new Date(), undefined));
  const bytes = db.serialize();
  db.close();
  return bytes;
}

/** The other end of the thread: filling a garden takes seconds in which others want to be answered. */
export function fillTour(): void {
  parentPort?.postMessage(tourBytes());
}

/** Asks for a tour: the first time it is filled on a thread of its own. @param program the file that runs */
export function tourFrom(program: URL): () => Promise<Deps> {
  let filled: Promise<Buffer> | undefined;
  const fill = () =>
    new Promise<Buffer>((made, failed) => {
      const worker = new Worker(program, { workerData: work });
      worker.once('message', (bytes: Uint8Array) => made(Buffer.from(bytes)));
      worker.once('error', failed);
    });
  return async () => {
    filled ??= fill();
    try {
      return tourOf(await filled);
    } catch (error) {
      filled = undefined;
      throw error;
    }
  };
}

/** A tour that begins now. */
export function tourOf(bytes: Buffer): Deps {
  const begun = Date.now();
  const from = storyMoment(new Date(), undefined).getTime();
  const clock: Clock = () => new Date(from + Date.now() - begun);
  return { db: openDatabase(bytes), tables: knowledge, clock };
}
