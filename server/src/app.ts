import path from 'node:path';
import {
  calls,
  inputError,
  longestWaitMs,
  parseInput,
  waitedHeader,
  type ActName,
  type AskName,
  type CallName,
  type ReadName,
} from '@trowel/core/contract';
import type { Tables } from '@trowel/core/tables';
import compression from 'compression';
import express, { type Express, type Request, type Response } from 'express';
import { bundles, sheetFiles } from './elsewhere';
import { bounded, guarded, onlyFrom, onlyJson } from './door';
import { acts, asks, reads } from './handlers';
import { problemHandler, unknownRoute } from './problems';
import { deviceOf, gate, household, namesInTheHouse, type Household } from './household/gate';
import { keeping, type Keeper } from './keeper';
import { aboutCase } from './acts/cases';
import { photos } from './photos';
import { gardenTime } from './clock';
import { maybeOneCase } from './store/cases';
import { oneGarden } from './store/garden';
import { inTransaction, workedOut } from './store/remembered';
import type { LongWork } from './thread';
import { Turns } from './turns';
import { calendarFileOf } from './views/calendar';
import { inItsMeasures } from './views/measures';
import type { Deps } from './views/plan';
import { isLongAct, onTheWhole } from './whole';

export interface AppOptions extends Deps {
  /** Folder of the built app; left out in tests of the API alone. */
  readonly webRoot?: string;
  /** Told after every act that moves the plan. */
  readonly afterMove?: () => void;
  /** Looks after the file; left out, there is none. */
  readonly keeper?: Keeper;
  /** Who of the house may come in; left out, whoever reaches it. */
  readonly household?: Household;
  /** Reads, and does what takes long, beside the thread that answers; left out, here. */
  readonly long?: LongWork;
  /** Where the garden lies; left out, in memory. */
  readonly file?: string;
  /** Who may write; left out, there is nobody to wait for. */
  readonly turns?: Turns;
  /** Opens the made-up garden anew, to look round in. */
  readonly tour?: () => Promise<Deps>;
}

type Served = AppOptions & { readonly turns: Turns };

/** Packing a short answer takes longer (2 to 5 ms of a page's 15) than sending it over the slowest home network. */
const worthPacking = '32kb';

/** The whole server: the API by step, then the built app on every other path. */
export function createApp(options: AppOptions): Express {
  const deps = { ...options, turns: options.turns ?? new Turns() };
  const app = express();
  app.disable('x-powered-by');
  app.use(guarded, onlyFrom(deps.household?.isShared ? namesInTheHouse : () => []));
  app.use(compression({ threshold: worthPacking }));
  if (deps.household) {
    app.use('/api/household', onlyJson, household(deps.household));
    app.use('/api', gate(deps.household));
  }
  if (deps.tour) app.use('/api/tour', tour(deps.tour, deps.long));
  if (deps.keeper) app.use('/api/keep', onlyJson, keeping(deps.db, deps.keeper));
  app.use('/api/photos', photos(deps));
  app.use('/api/bundle', onlyJson, bundles(deps));
  app.use('/api/sheets', onlyJson, sheetFiles(deps));
  app.use('/api', onlyJson, express.json({ limit: '1mb', strict: false }), bounded, api(deps));
  if (deps.webRoot !== undefined) serveApp(app, deps.webRoot);
  app.use(unknownRoute);
  app.use(problemHandler);
  return app;
}

/** The same calls on a garden that is only looked round in; each beginning opens it anew. */
function tour(open: () => Promise<Deps>, long: LongWork | undefined): express.Router {
  const router = express.Router();
  let here: { readonly deps: Served; readonly calls: express.Router } | undefined;
  const anew = async () => {
    const deps = { ...(await open()), turns: new Turns(), ...(long ? { long } : {}) };
    here?.deps.db.close();
    const calls = express.Router();
    calls.use('/photos', photos(deps));
    calls.use('/bundle', onlyJson, bundles(deps));
    calls.use('/sheets', onlyJson, sheetFiles(deps));
    calls.use(onlyJson, express.json({ limit: '1mb', strict: false }), bounded, api(deps));
    here = { deps, calls };
    return here;
  };
  router.post('/begin', async (_request, response) => {
    await anew();
    response.json({});
  });
  router.use(async (request, response, next) => (here ?? (await anew())).calls(request, response, next));
  return router;
}

/** Every call of the table, at its place. The headless asks know no garden; their measures come with them. */
function api(deps: Served): express.Router {
  const router = express.Router();
  router.use((_request, response, next) => {
    response.set('Cache-Control', 'no-store');
    next();
  });
  for (const name of Object.keys(calls) as CallName[]) {
    const { method, path: route } = calls[name];
    const answer = answerTo(deps, name);
    router[method === 'GET' ? 'get' : 'post'](route, async (request: Request, response: Response) => {
      const said = await answer(request, String(request.params.id ?? ''), deviceOf(response));
      response.type('json').send(typeof said === 'string' ? said : JSON.stringify(said));
    });
  }
  // Nothing is written: what stands stands.
  router.post('/planning/stop', (_request, response) => {
    deps.planning?.giveUp();
    response.json({});
  });
  // No call of the app: what a calendar of the household subscribes to.
  router.get('/plan.ics', (_request, response) => {
    response
      .type('text/calendar; charset=utf-8')
      .send(inTransaction(deps.db, 'read', () => calendarFileOf(inItsMeasures(deps))));
  });
  router.use(unknownRoute);
  return router;
}

/** How long ago it was pressed, where it waited out of reach: by the device's own count, whatever its clock says. */
function waitedOf(headers: Request['headers']): number {
  const given = headers[waitedHeader];
  if (given === undefined) return 0;
  const waited = Number(given);
  if (!Number.isInteger(waited) || waited < 0 || waited > longestWaitMs)
    throw inputError(waitedHeader, 'waited', { most: longestWaitMs, given: String(given) });
  return waited;
}

/** @returns what to answer with: a text is JSON already */
function answerTo(deps: Served, name: CallName): (request: Request, id: string, device: string | undefined) => unknown {
  if (name in asks) {
    const call = asks[name as AskName] as (tables: Tables, input: unknown) => unknown;
    return ({ body }) =>
      deps.long
        ? deps.long('ask', { name: name as AskName, body: body as unknown })
        : call(deps.tables, parseInput(calls[name].input, body));
  }
  // A view is of one moment: its hundred small queries see the same garden, and open it once.
  if (name in reads) {
    const view = reads[name as ReadName] as (here: Deps, id: string, query: unknown) => unknown;
    const { query: schema } = calls[name as ReadName];
    return ({ query }, id) => {
      const asked = parseInput(schema, query);
      // No view of the garden: it is another from second to second.
      if (name === 'planning') return view(deps, id, asked);
      return inTransaction(deps.db, 'read', () => {
        const here = inItsMeasures(deps);
        return workedOut(deps.db, here.tables, JSON.stringify([name, id, asked]), [minuteOf(deps)], () =>
          JSON.stringify(view(here, id, asked)),
        );
      });
    };
  }
  const call = acts[name as ActName] as unknown as (here: Deps, body: unknown, id: string, waitedMs: number) => unknown;
  const { afterMove } = deps;
  const { movesPlan } = calls[name as ActName];
  return async ({ body, headers }, id, device) => {
    const waitedMs = waitedOf(headers);
    const read = name === 'addEvidence' ? await readAhead(deps, body, id) : undefined;
    const result = isLongAct(name)
      ? await onTheWhole({ ...deps, device }, 'act', { name, body: body as unknown, id, waitedMs })
      : await deps.turns.briefly(() => call({ ...inItsMeasures(deps), device, read }, body, id, waitedMs));
    if (movesPlan) afterMove?.();
    return result;
  };
}

/** The line of a case, read before the act begins; undefined where there is none, or the act will refuse it anyway. */
async function readAhead({ db, long, clock }: Served, body: unknown, caseId: string): Promise<Deps['read']> {
  const input = calls.addEvidence.input.safeParse(body);
  const said = input.data?.said;
  if (said === undefined || !long) return undefined;
  const about = inTransaction(db, 'read', () => {
    const row = maybeOneCase(db, caseId);
    return row && aboutCase(db, row, gardenTime(clock(), oneGarden(db).time_zone).today);
  });
  if (!about) return undefined;
  const reading = await long('read', { said, about });
  return () => reading;
}

/** A page made in this minute stands until it is over, where nothing it shows was written: the sun and the hour go on. */
const minuteOf = ({ clock }: Deps): number => Math.floor(clock().getTime() / 60_000);

function serveApp(app: Express, webRoot: string): void {
  const forever = { immutable: true, maxAge: '1y' } as const;
  app.use('/_expo', express.static(path.join(webRoot, '_expo'), forever));
  app.use('/assets', express.static(path.join(webRoot, 'assets'), forever));
  app.use('/fonts', express.static(path.join(webRoot, 'fonts'), forever));
  app.use(
    express.static(webRoot, {
      index: false,
      setHeaders: (response) => response.setHeader('Cache-Control', 'no-cache'),
    }),
  );
  // Deep links and reloads: every path without an ending is the app.
  app.get('/{*splat}', (request, response, next) => {
    if (path.extname(request.path) !== '') return next();
    response.setHeader('Cache-Control', 'no-cache');
    response.sendFile(path.join(webRoot, 'index.html'));
  });
}
