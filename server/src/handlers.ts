import type { AskName, ActName, InputOf, OutputOf, ParsedOf, QueryOf, ReadName } from '@trowel/core/contract';
import { answerFollow, answerMix, answerOrder, answerPlan, answerWeigh } from '@trowel/core/headless';
import type { Tables } from '@trowel/core/tables';
import { takingWords } from '@trowel/core/wording';
import * as atBench from './acts/bench';
import * as inCases from './acts/cases';
import * as inGarden from './acts/garden';
import * as inJobs from './acts/jobs';
import * as uponVerdicts from './acts/moves';
import * as inRoutines from './acts/routines';
import * as fromElsewhere from './acts/takings';
import * as withPhotos from './acts/photos';
import * as underTheSky from './acts/weather';
import { notFound } from './problems';
import { maybeOneRecipe } from './store/bench';
import { maybeOneCase } from './store/cases';
import { lastTakings } from './store/takings';
import { benchViewOf } from './views/bench';
import { jobViewOf } from './views/jobs';
import { maybeOneJob } from './store/jobs';
import { calendarViewOf, slotsViewOf } from './views/calendar';
import { casesViewOf, caseViewOf, pastCasesViewOf } from './views/cases';
import { bedViewOf, practiceViewOf } from './views/clinic';
import { gardenViewOf, todayViewOf } from './views/garden';
import { logViewOf, notebookViewOf } from './views/notebook';
import { reviewViewOf } from './views/review';
import { townsLike } from './towns';
import { layOut, type Deps } from './views/plan';
import { routinesViewOf, routineViewOf } from './views/routines';
import { sowingViewOf } from './views/sowing';
import { weatherViewOf } from './views/weather';
import { whatIfViewOf } from './views/what-if';
import { standInAround } from './weather/stand-in';

/** One handler for each call of the table; one that is missing, or of another shape, does not compile. */
type Reads = {
  readonly [Name in ReadName]: (deps: Deps, id: string, query: QueryOf<Name>) => OutputOf<Name>;
};
type Asks = { readonly [Name in AskName]: (tables: Tables, input: ParsedOf<Name>) => OutputOf<Name> };
type Acts = { readonly [Name in ActName]: (deps: Deps, body: InputOf<Name>, id: string) => OutputOf<Name> };

const found = <Row>(row: Row | undefined, what: string, id: string): Row => {
  if (row === undefined) throw notFound(what, id);
  return row;
};

export const reads: Reads = {
  today: todayViewOf,
  calendar: calendarViewOf,
  planning: ({ planning }) => planning?.state() ?? { isThinking: false, seconds: 0, most: 0, gap: null },
  slots: (deps, id) => found(slotsViewOf(deps, id), 'open step', id),
  garden: gardenViewOf,
  cases: casesViewOf,
  pastCases: pastCasesViewOf,
  oneCase: (deps, id) => caseViewOf(deps, found(maybeOneCase(deps.db, id), 'case', id)),
  job: (deps, id) => jobViewOf(deps, layOut(deps), found(maybeOneJob(deps.db, id), 'job', id)),
  routines: routinesViewOf,
  oneRoutine: (deps, id) => found(routineViewOf(deps, id), 'routine', id),
  whatIf: (deps, id) => whatIfViewOf(deps, found(maybeOneJob(deps.db, id), 'job', id)),
  bed: (deps, id) => found(bedViewOf(deps, id), 'bed', id),
  weather: weatherViewOf,
  sowing: (deps, id, query) => found(sowingViewOf(deps, id, query), 'bed', id),
  bench: benchViewOf,
  recipe: ({ db }, id) => found(maybeOneRecipe(db, id), 'recipe', id).document,
  practice: practiceViewOf,
  notebook: notebookViewOf,
  log: logViewOf,
  takings: ({ db }) => lastTakings(db).map((row) => ({ ...row, says: takingWords(row.what, row.rows) })),
  review: reviewViewOf,
  towns: (_deps, id) => townsLike(id),
  knowledge: ({ tables }) => countRows(tables),
  health: () => ({ ok: true }),
};

export const asks: Asks = {
  weigh: answerWeigh,
  plan: (tables, input) => answerPlan(tables, input, standInAround),
  follow: answerFollow,
  mix: answerMix,
  mixRemedy: (tables, order) => answerOrder(tables, { way: 'remedy', ...order }),
  mixOwn: (tables, order) => answerOrder(tables, { way: 'own', ...order }),
  mixDilution: (tables, order) => answerOrder(tables, { way: 'dilution', ...order }),
  mixTogether: (tables, order) => answerOrder(tables, { way: 'together', ...order }),
  mixTool: (tables, order) => answerOrder(tables, { way: 'tool', ...order }),
  mixAsk: (tables, order) => answerOrder(tables, { way: 'ask', ...order }),
};

export const acts: Acts = {
  ...inCases.acts,
  ...inJobs.acts,
  ...inRoutines.acts,
  ...uponVerdicts.acts,
  ...withPhotos.acts,
  ...inGarden.acts,
  ...fromElsewhere.acts,
  ...underTheSky.acts,
  ...atBench.acts,
};

/** The number of rows of every table. */
export function countRows(tables: Tables): Record<string, number> {
  return Object.fromEntries(
    Object.entries(tables).flatMap(([name, rows]) => (Array.isArray(rows) ? [[name, rows.length]] : [])),
  );
}
