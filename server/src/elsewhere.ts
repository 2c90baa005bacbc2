import { calls, parseInput } from '@trowel/core/contract';
import express, { type Request, type Response, type Router } from 'express';
import { randomUUID } from 'node:crypto';
import { keepTaking, readAnew } from './acts/takings';
import { bundleOf, isEmpty, takeIn } from './bundle';
import { gardenTime } from './clock';
import { deviceOf } from './household/gate';
import { mergeIn } from './merge';
import { notFound } from './problems';
import { addLog } from './store/log';
import { oneGarden } from './store/garden';
import { inTransaction } from './store/remembered';
import { maybeSheet, readSheet, sheetOut, sheets } from './sheets';
import { longWorkHere, type LongWork } from './thread';
import { rememberPlan, type Deps } from './views/plan';

/** What comes and goes as files, beside the table of calls. */

/** A garden of many photographs. */
const largest = '300mb';

interface Elsewhere extends Deps {
  readonly afterMove?: () => void;
  readonly long?: LongWork;
  readonly file?: string;
}

/** The whole garden. */
export function bundles(deps: Elsewhere): Router {
  const { db, clock, afterMove, file, long = longWorkHere } = deps;
  const router = express.Router();
  router.get('/', async (_request, response) => {
    const made = clock();
    response.set('Cache-Control', 'no-store');
    response.attachment(`garden-${made.toISOString().slice(0, 10)}.json`);
    response
      .type('json')
      .send(
        file === undefined
          ? JSON.stringify(inTransaction(db, 'read', () => bundleOf(db, made)))
          : await long('bundle', { file, made: made.toISOString() }),
      );
  });
  // Read on the thread: it may be as large as ten years.
  const json = express.text({ type: 'application/json', limit: largest });
  const takeUp = ({ body }: Request) => long('takeUp', { text: body as string });
  // What it holds, and what would come in, before it does.
  router.post('/look', json, async (request: Request, response: Response) => {
    const { made, tables } = await takeUp(request);
    const rows = Object.fromEntries(Object.entries(tables).map(([table, all]) => [table, all.length]));
    response.json({ made, isEmpty: isEmpty(db), rows, brings: isEmpty(db) ? null : tried(deps, tables) });
  });
  router.post('/', json, async (request: Request, response: Response) => {
    const rows = takeIn(db, await takeUp(request));
    afterMove?.();
    response.json({ rows });
  });
  router.post('/merge', json, async (request: Request, response: Response) => {
    const { tables } = await takeUp(request);
    const answer = inTransaction(db, 'write', () => {
      const now = clock();
      const { today } = gardenTime(now, oneGarden(db).time_zone);
      const { brought, put, cases } = mergeIn(db, tables);
      const id = keepTaking(db, 'garden', today, put);
      readAnew(deps, cases, put);
      rememberPlan(deps);
      const line = { commandId: randomUUID(), at: now.toISOString(), on: today, command: 'take-garden', caseId: null };
      addLog(db, { ...line, body: {}, result: { id }, device: deviceOf(response) });
      return { id, brings: brought };
    });
    afterMove?.();
    response.json(answer);
  });
  return router;
}

/** What a merge would bring; nothing is kept of it. */
function tried({ db }: Deps, tables: Parameters<typeof mergeIn>[1]): ReturnType<typeof mergeIn>['brought'] {
  let brought: ReturnType<typeof mergeIn>['brought'] | undefined;
  const undone = new Error('only tried');
  try {
    inTransaction(db, 'write', () => {
      ({ brought } = mergeIn(db, tables));
      throw undone;
    });
  } catch (error) {
    if (error !== undone) throw error;
  }
  if (!brought) throw new Error('a merge that was tried brought nothing back');
  return brought;
}

/** Tables as CSV: out, and looked into before they come in. */
export function sheetFiles({ db, ...rest }: Deps): Router {
  const deps = { db, ...rest };
  const router = express.Router();
  const theSheet = (request: Request) => {
    const name = String(request.params.name);
    const sheet = maybeSheet(name);
    if (!sheet) throw notFound('table', name);
    return sheet;
  };
  router.get('/', (_request, response) => {
    response.json(sheets.map(({ id, columns, needed }) => ({ id, columns, needed })));
  });
  router.get('/:name', (request, response) => {
    const sheet = theSheet(request);
    response.set('Cache-Control', 'no-store');
    response.attachment(`${sheet.id}.csv`).type('text/csv; charset=utf-8');
    response.send(inTransaction(db, 'read', () => sheetOut(deps, sheet)));
  });
  router.post('/:name/look', express.json({ limit: '1mb' }), (request: Request, response: Response) => {
    const sheet = theSheet(request);
    const { csv } = parseInput(calls.takeSheet.input, request.body);
    response.json(inTransaction(db, 'read', () => readSheet(deps, sheet, csv)).looked);
  });
  return router;
}
