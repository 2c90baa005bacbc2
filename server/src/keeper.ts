import { keepView, restoreKept, type KeepView } from '@trowel/core/contract';
import { parseInput } from '@trowel/core/contract';
import express, { type Request, type Response, type Router } from 'express';
import type { Db } from './database';
import { notFound } from './problems';
import { unreadableIn } from './store/rows';

/** What looks after the file of a garden while it is open. */
export interface Keeper {
  list(): KeepView['keepings'];
  /** @returns the name of the new backup */
  backUp(): Promise<string>;
  /** What had to be saved from a damaged file, until it was read. */
  salvaged(): KeepView['salvaged'];
  salvageWasRead(): void;
  /** Puts what is kept under a name in the place of the garden, which is moved aside. @throws Error where it is not whole */
  restore(name: string): Promise<void>;
}

/** Backups, and the way back to one; only where the garden is a file. */
export function keeping(db: Db, keeper: Keeper): Router {
  const router = express.Router();
  const view = (): KeepView =>
    keepView.parse({
      keepings: keeper.list(),
      unreadable: unreadableIn(db).map((row) => ({ ...row })),
      salvaged: keeper.salvaged(),
    });
  router.get('/', (_request, response) => {
    response.set('Cache-Control', 'no-store');
    response.json(view());
  });
  router.post('/backup', async (_request, response) => {
    await keeper.backUp();
    response.json(view());
  });
  router.post('/salvage-read', (_request, response) => {
    keeper.salvageWasRead();
    response.json(view());
  });
  router.post('/restore', express.json({ limit: '10kb' }), async (request: Request, response: Response) => {
    const { name } = parseInput(restoreKept, request.body);
    // Only what stands in the list: no path of one's own.
    if (!keeper.list().some((one) => one.name === name)) throw notFound('backup', name);
    await keeper.restore(name);
    response.json({ keepings: keeper.list(), unreadable: [], salvaged: keeper.salvaged() } satisfies KeepView);
  });
  return router;
}
