import { calls, parseInput } from '@trowel/core/contract';
import express, { type Request, type Response, type Router } from 'express';
import { deviceOf } from './household/gate';
import { sheets, theSheet } from './sheets';
import { onTheWhole, type Whole } from './whole';

/** What comes and goes as files, beside the table of calls. */

/** A garden of many photographs. */
const largest = '300mb';

interface Elsewhere extends Whole {
  readonly afterMove?: () => void;
}

/** The whole garden. */
export function bundles(deps: Elsewhere): Router {
  const router = express.Router();
  const json = express.raw({ type: 'application/json', limit: largest });
  const sent = ({ body }: Request) => ({ bytes: Buffer.isBuffer(body) ? body : Buffer.alloc(0) });
  router.get('/', async (_request, response) => {
    response.set('Cache-Control', 'no-store');
    response.attachment(`garden-${deps.clock().toISOString().slice(0, 10)}.json`);
    sendBytes(response.type('json'), await onTheWhole(deps, 'bundle', undefined));
  });
  // What it holds, and what would come in, before it does.
  router.post('/look', json, async (request: Request, response: Response) => {
    response.json(await onTheWhole(deps, 'look', sent(request)));
  });
  router.post('/', json, async (request: Request, response: Response) => {
    const rows = await onTheWhole(deps, 'takeIn', sent(request));
    deps.afterMove?.();
    response.json({ rows });
  });
  router.post('/merge', json, async (request: Request, response: Response) => {
    const answer = await onTheWhole({ ...deps, device: deviceOf(response) }, 'merge', sent(request));
    deps.afterMove?.();
    response.json(answer);
  });
  return router;
}

/** Tables as CSV: out, and looked into before they come in. */
export function sheetFiles(deps: Whole): Router {
  const router = express.Router();
  const sheetOf = (request: Request) => theSheet(String(request.params.name)).id;
  router.get('/', (_request, response) => {
    response.json(sheets.map(({ id, columns, needed }) => ({ id, columns, needed })));
  });
  router.get('/:name', async (request, response) => {
    const sheet = sheetOf(request);
    const csv = await onTheWhole(deps, 'sheetOut', { sheet });
    response.set('Cache-Control', 'no-store');
    response.attachment(`${sheet}.csv`).type('text/csv; charset=utf-8');
    sendBytes(response, csv);
  });
  router.post('/:name/look', express.json({ limit: '1mb' }), async (request: Request, response: Response) => {
    const { csv } = parseInput(calls.takeSheet.input, request.body);
    response.json(await onTheWhole(deps, 'lookSheet', { sheet: sheetOf(request), csv }));
  });
  return router;
}

/** As it is: no mark of what it holds is worked out of millions of letters. */
function sendBytes(response: Response, bytes: Uint8Array): void {
  response.setHeader('Content-Length', bytes.byteLength);
  response.end(Buffer.from(bytes.buffer, bytes.byteOffset, bytes.byteLength));
}
