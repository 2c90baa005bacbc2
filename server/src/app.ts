import path from 'node:path';
import compression from 'compression';
import express, { type Express, type Request, type Response } from 'express';
import { answerFollow, answerMix, answerPlan, answerWeigh } from '@trowel/core/headless';
import type { Tables } from '@trowel/core/tables';
import * as atBench from './bench-commands';
import * as commands from './commands';
import { notFound, problemHandler, unknownRoute } from './problems';
import { maybeOneCase } from './store/cases';
import { maybeOneRecipe } from './store/bench';
import { benchViewOf } from './views/bench';
import { caseSummaries, caseViewOf } from './views/cases';
import { bedViewOf, practiceViewOf } from './views/clinic';
import { gardenViewOf, notebookViewOf, todayViewOf } from './views/garden';
import type { Deps } from './views/plan';
import { standInWeather } from './weather/stand-in';

export interface AppOptions extends Deps {
  /** Folder of the built app; left out in tests of the API alone. */
  readonly webRoot?: string;
}

/** The whole server: the API by step, then the built app on every other path. */
export function createApp(deps: AppOptions): Express {
  const app = express();
  app.disable('x-powered-by');
  app.use(compression());
  app.use('/api', express.json({ limit: '1mb', strict: false }), api(deps));
  if (deps.webRoot !== undefined) serveApp(app, deps.webRoot);
  app.use(unknownRoute);
  app.use(problemHandler);
  return app;
}

const id = (request: Request): string => String(request.params.id ?? '');

function api(deps: Deps): express.Router {
  const { tables, db } = deps;
  const router = express.Router();
  router.use((_request, response, next) => {
    response.set('Cache-Control', 'no-store');
    next();
  });
  const get = (route: string, answer: (request: Request) => unknown) =>
    router.get(route, (request: Request, response: Response) => void response.json(answer(request)));
  const post = (route: string, answer: (request: Request) => unknown) =>
    router.post(route, (request: Request, response: Response) => void response.json(answer(request)));
  const theCase = (caseId: string) => {
    const row = maybeOneCase(db, caseId);
    if (!row) throw notFound('case', caseId);
    return row;
  };

  // The headless surface: the same bodies as on the command line.
  post('/weigh', ({ body }) => answerWeigh(tables, body));
  post('/mix', ({ body }) => answerMix(tables, body));
  post('/plan', ({ body }) => answerPlan(tables, body, standInWeather));
  post('/follow', ({ body }) => answerFollow(tables, body));
  get('/knowledge', () => countRows(tables));
  get('/health', () => ({ ok: true }));

  get('/today', () => todayViewOf(deps));
  get('/garden', () => gardenViewOf(deps));
  get('/notebook', () => notebookViewOf(deps));
  get('/practice', () => practiceViewOf(deps));
  get('/bench', () => benchViewOf(deps));
  get('/recipes/:id', (request) => {
    const recipe = maybeOneRecipe(db, id(request));
    if (!recipe) throw notFound('recipe', id(request));
    return recipe.document;
  });
  get('/beds/:id', (request) => {
    const bed = bedViewOf(deps, id(request));
    if (!bed) throw notFound('bed', id(request));
    return bed;
  });
  get('/cases', () => caseSummaries(deps));
  get('/cases/:id', (request) => caseViewOf(deps, theCase(id(request))));

  post('/cases', ({ body }) => commands.openCase(deps, body));
  post('/cases/:id/evidence', (request) => commands.addEvidence(deps, request.body, theCase(id(request)).id));
  post('/cases/:id/checks', (request) => commands.answerCheck(deps, request.body, theCase(id(request)).id));
  post('/cases/:id/remedies', (request) => commands.chooseRemedy(deps, request.body, theCase(id(request)).id));
  post('/cases/:id/looks', (request) => commands.addLook(deps, request.body, theCase(id(request)).id));
  post('/cases/:id/close', (request) => commands.closeCase(deps, request.body, theCase(id(request)).id));
  post('/cases/:id/reopen', (request) => commands.reopenCase(deps, request.body, theCase(id(request)).id));
  post('/treatments/:id/end', (request) => commands.endTreatment(deps, request.body, id(request)));
  post('/steps', ({ body }) => commands.recordStep(deps, body));
  post('/beds', ({ body }) => commands.addBed(deps, body));
  post('/beds/:id/plantings', (request) => commands.addPlanting(deps, request.body, id(request)));
  post('/garden', ({ body }) => commands.changeGarden(deps, body));
  post('/beds/:id/soil-tests', (request) => commands.addSoilTest(deps, request.body, id(request)));
  post('/soil-tests/import', ({ body }) => commands.importSoilTests(deps, body));
  post('/plantings/:id/harvest', (request) => commands.setHarvest(deps, request.body, id(request)));
  post('/thresholds/:id', (request) => commands.setThreshold(deps, request.body, id(request)));
  post('/preferences', ({ body }) => atBench.setPreferences(deps, body));
  post('/cupboard', ({ body }) => atBench.keepIngredient(deps, body));
  post('/cupboard/:id/drop', (request) => atBench.dropIngredient(deps, request.body, id(request)));
  post('/vessels', ({ body }) => atBench.addVessel(deps, body));
  post('/vessels/:id', (request) => atBench.noteVessel(deps, request.body, id(request)));
  post('/mixes', ({ body }) => atBench.noteMix(deps, body));
  post('/mixes/:id/take-back', (request) => atBench.takeBackMix(deps, request.body, id(request)));
  post('/batches', ({ body }) => atBench.startBatch(deps, body));
  post('/batches/:id/events', (request) => atBench.noteBatch(deps, request.body, id(request)));
  post('/batches/:id/take-back', (request) => atBench.takeBackBatchEvent(deps, request.body, id(request)));
  post('/recipes', ({ body }) => atBench.saveRecipe(deps, body));
  post('/recipes/:id', (request) => atBench.saveRecipe(deps, request.body, id(request)));
  post('/recipes/:id/delete', (request) => atBench.deleteRecipe(deps, request.body, id(request)));
  post('/practice', ({ body }) => commands.answerPractice(deps, body));
  router.use(unknownRoute);
  return router;
}

/** The number of rows of every table. */
export function countRows(tables: Tables): Record<string, number> {
  return Object.fromEntries(
    Object.entries(tables).flatMap(([name, rows]) => (Array.isArray(rows) ? [[name, rows.length]] : [])),
  );
}

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
