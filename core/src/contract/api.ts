import { z } from 'zod';
import * as bench from './bench';
import * as clinic from './clinic';
import * as commands from './commands';
import * as garden from './garden';
import * as jobs from './jobs';
import { jobView } from './job-views';
import { followRequest, followResponse } from './follow';
import * as mixing from './mix';
import { planRequest, planResponse } from './plan';
import * as routines from './routines';
import { recipeDocument } from './recipe';
import * as views from './views';
import * as weather from './weather';
import { weighRequest, weighResponse } from './weigh';

/**
 * Every call between the app and the server, once: where it is, what goes in, what comes out, what it makes
 * stale, and how the log tells it. Express, the client's hooks, what is fetched anew, the words of the log
 * and docs/api.md are made from this table; a renamed field does not compile on either side.
 *
 * `read` fetches, `ask` works something out and writes nothing, `act` is one command: one transaction, logged,
 * done once however often it is sent. A path holds one `:id` at most; what a list is asked for stands behind its path,
 * as `query`.
 */
const made = z.object({ id: z.string() });
/** A planting; with the row that stands in for a plant that has none of its own, and what of its family grew there lately. */
const planted = made.extend({
  readAs: z.string().optional(),
  grewBefore: z.object({ label: z.string(), until: z.string() }).optional(),
});
const nothing = z.object({});

const noQuery = z.strictObject({});
const read = <Output extends z.ZodType, Query extends z.ZodType = typeof noQuery>(
  path: string,
  output: Output,
  query: Query = noQuery as unknown as Query,
) => ({ kind: 'read', method: 'GET', path, input: z.undefined(), query, output, stale: [] }) as const;
const ask = <Input extends z.ZodType, Output extends z.ZodType>(path: string, input: Input, output: Output) =>
  ({ kind: 'ask', method: 'POST', path, input, output, stale: [] }) as const;

/** How the log keeps an act (`id`, never to be changed) and tells it (`says`). */
interface Logged {
  readonly id: string;
  readonly says: string;
}
const act = <Input extends z.ZodType, Output extends z.ZodType, const Stale extends readonly string[]>(
  path: string,
  input: Input,
  output: Output,
  log: Logged,
  stale: Stale,
  /** The open steps are laid out anew afterwards and remembered. */
  movesPlan = false,
) => ({ kind: 'act', method: 'POST', path, input, output, log, stale, movesPlan }) as const;

const log = (id: string, says: string): Logged => ({ id, says });

/** What shows the case, its steps and its log. */
const caseViews = ['oneCase', 'cases', 'pastCases', 'today', 'calendar', 'garden', 'notebook', 'log'] as const;
const benchViews = ['bench', 'garden', 'notebook', 'log'] as const;
/** What shows a job, and what it takes from the bench. */
const jobViews = ['job', 'routines', 'oneRoutine', ...caseViews, 'bed', 'bench'] as const;
/** Readings of open cases are weighed anew. */
const readings = [...caseViews, 'bed', 'job'] as const;

/** What may have changed when something came in from elsewhere. */
const everything = [...readings, 'bench', 'practice', 'review', 'takings', 'weather'] as const;
/** What the sky over the garden bears on. */
const skyViews = [...readings, 'weather', 'whatIf'] as const;

/** Lines of the log of acts that are no call of the table, or no longer. */
const otherActs: readonly Logged[] = [
  log('import-soil-tests', 'Soil tests imported'),
  // Comes as a file, beside the table.
  log('take-garden', 'Another garden taken in'),
];

const understood = z.object({
  understood: z.array(
    z.object({
      say: z.string(),
      sign: z.string(),
      state: z.enum(['seen', 'absent']),
      amount: z.number().optional(),
      sure: z.number().optional(),
    }),
  ),
  perhaps: z.array(
    z.object({
      say: z.string(),
      state: z.enum(['seen', 'absent']),
      sure: z.number().optional(),
      signs: z.array(z.string()),
    }),
  ),
  tried: z.array(
    z.object({
      say: z.string(),
      remedy: z.string(),
      helped: z.boolean().optional(),
      daysAgo: z.number().optional(),
    }),
  ),
  notUnderstood: z.array(z.string()),
});

export const calls = {
  // What is there.
  today: read('/today', views.todayView),
  calendar: read('/calendar', views.calendarView),
  planning: read('/planning', views.planningView),
  /** Of a step: its job and its name, joined by a colon. */
  slots: read('/slots/:id', views.slotsView),
  garden: read('/garden', views.gardenView),
  /** Those that are open. */
  cases: read('/cases', views.casesView),
  /** Those that are closed, a page at a time; stands before `oneCase`, whose path it would be. */
  pastCases: read('/cases/past', views.pastCasesView, views.pastCasesQuery),
  oneCase: read('/cases/:id', views.caseView),
  job: read('/jobs/:id', jobView),
  /** Those under way first. */
  routines: read('/routines', routines.routinesView),
  oneRoutine: read('/routines/:id', routines.routineView),
  whatIf: read('/jobs/:id/what-if', views.whatIfView),
  bed: read('/beds/:id', garden.bedView),
  weather: read('/weather', weather.weatherView),
  sowing: read('/beds/:id/sowing', garden.sowingView, garden.sowingQuery),
  bench: read('/bench', bench.benchView),
  recipe: read('/recipes/:id', recipeDocument),
  practice: read('/practice', clinic.practiceView),
  notebook: read('/notebook', views.notebookView),
  /** What was done, a page at a time. */
  log: read('/log', views.logView, views.logQuery),
  /** By the beginning of their name; of "zone:" and a time zone, the largest there. */
  towns: read('/towns/:id', views.townsView),
  /** What came in from elsewhere and still stands. */
  takings: read('/takings', views.takingsView),
  /** Of a year. */
  review: read('/review/:id', views.reviewView),
  knowledge: read('/knowledge', z.record(z.string(), z.number())),
  health: read('/health', z.object({ ok: z.boolean() })),

  // The job without a garden: the same bodies as on the command line.
  weigh: ask('/weigh', weighRequest, weighResponse),
  plan: ask('/plan', planRequest, planResponse),
  follow: ask('/follow', followRequest, followResponse),
  mix: ask('/mix', z.unknown(), mixing.mixResponse),
  mixRemedy: ask('/mix/remedy', mixing.remedyOrder, mixing.mixResponse),
  mixOwn: ask('/mix/own', mixing.ownOrder, mixing.mixResponse),
  mixDilution: ask('/mix/dilution', mixing.dilutionOrder, mixing.mixResponse),
  mixTogether: ask('/mix/together', mixing.togetherOrder, mixing.mixResponse),
  mixTool: ask('/mix/tool', mixing.toolOrder, mixing.mixResponse),
  mixAsk: ask('/mix/ask', mixing.askOrder, mixing.mixResponse),

  // Cases.
  openCase: act('/cases', commands.openCase, made, log('open-case', 'Case opened'), [...caseViews, 'bed']),
  addEvidence: act(
    '/cases/:id/evidence',
    commands.addEvidence,
    understood,
    log('add-evidence', 'Signs noted'),
    readings,
    // A count ticks the step that asked for it.
    true,
  ),
  answerCheck: act('/cases/:id/checks', commands.answerCheck, nothing, log('answer-check', 'Check made'), readings),
  chooseRemedy: act(
    '/cases/:id/remedies',
    jobs.chooseRemedy,
    made,
    log('choose-remedy', 'Remedy chosen'),
    jobViews,
    true,
  ),
  planJob: act('/jobs', jobs.planJob, made, log('plan-job', 'Planned'), jobViews, true),
  changeJob: act('/jobs/:id', jobs.changeJob, nothing, log('change-job', 'Changed'), jobViews, true),
  endJob: act('/jobs/:id/end', jobs.endJob, jobs.ended, log('end-treatment', 'Remedy ended'), jobViews, true),
  resumeJob: act('/jobs/:id/resume', jobs.resumeJob, nothing, log('resume-job', 'Taken up again'), jobViews, true),
  planRoutine: act('/routines', routines.planRoutine, made, log('plan-routine', 'Routine planned'), jobViews, true),
  endRoutine: act(
    '/routines/:id/end',
    routines.bareRoutine,
    jobs.ended,
    log('end-routine', 'Routine ended'),
    jobViews,
    true,
  ),
  pauseRoutine: act(
    '/routines/:id/pause',
    routines.bareRoutine,
    nothing,
    log('pause-routine', 'Routine rests'),
    jobViews,
    true,
  ),
  resumeRoutine: act(
    '/routines/:id/resume',
    routines.bareRoutine,
    nothing,
    log('resume-routine', 'Routine taken up again'),
    jobViews,
    true,
  ),
  moveOn: act(
    '/jobs/:id/move-on',
    jobs.moveOn,
    z.object({ skipped: z.array(z.string()) }),
    log('move-on', 'Overdue steps left out'),
    jobViews,
    true,
  ),
  moveStep: act('/steps/move', jobs.moveStep, nothing, log('move-step', 'Moved'), [...jobViews, 'slots'], true),
  recordStep: act('/steps', jobs.stepEvent, jobs.stepDone, log('record-step', 'Step'), jobViews, true),
  addCount: act(
    '/counts',
    jobs.addCount,
    z.object({ id: z.string(), ticked: z.array(z.string()) }),
    log('add-look', 'Counted'),
    jobViews,
    true,
  ),
  takeBackCount: act(
    '/counts/:id/take-back',
    jobs.takeBackCount,
    nothing,
    log('take-back-count', 'Count, taken back'),
    jobViews,
    true,
  ),
  takeMove: act(
    '/jobs/:id/moves',
    jobs.takeMove,
    z.object({ id: z.number(), on: z.string() }),
    log('take-move', 'Upon the verdict'),
    jobViews,
    true,
  ),
  takeBackMove: act(
    '/moves/:id/take-back',
    jobs.takeBackMove,
    nothing,
    log('take-back-move', 'Move, taken back'),
    jobViews,
    true,
  ),
  noteDoing: act('/jobs/:id/doing', jobs.noteDoing, nothing, log('note-doing', 'How it was done'), readings),
  addPhoto: act('/cases/:id/photos', commands.addPhoto, nothing, log('add-photo', 'Photograph'), [
    'oneCase',
    'notebook',
    'log',
  ]),
  takeBackPhoto: act(
    '/photos/:id/take-back',
    commands.takeBackPhoto,
    nothing,
    log('take-back-photo', 'Photograph, taken out or put back'),
    ['oneCase', 'notebook', 'log'],
  ),
  measurePhoto: act(
    '/photos/:id/measure',
    commands.measurePhoto,
    nothing,
    log('measure-photo', 'Photograph measured'),
    ['oneCase', 'notebook', 'log'],
  ),
  closeCase: act(
    '/cases/:id/close',
    commands.closeCase,
    jobs.ended,
    log('close-case', 'Case closed'),
    [...readings, 'bench'],
    true,
  ),
  reopenCase: act(
    '/cases/:id/reopen',
    commands.reopenCase,
    nothing,
    log('reopen-case', 'Case opened again'),
    [...readings, 'bench'],
    true,
  ),

  // The garden.
  addBed: act('/beds', garden.addBed, made, log('add-bed', 'Bed added'), ['garden', 'notebook', 'log']),
  changeBed: act(
    '/beds/:id',
    garden.changeBed,
    nothing,
    log('change-bed', 'Place changed'),
    [...readings, 'bench'],
    true,
  ),
  removeBed: act('/beds/:id/remove', garden.bare, nothing, log('remove-bed', 'Place taken out'), readings),
  restoreBed: act('/beds/:id/restore', garden.bare, nothing, log('restore-bed', 'Place taken back in'), readings),
  layOutBeds: act('/plot', garden.layOutBeds, nothing, log('lay-out-beds', 'Places laid out'), jobViews),
  setWalkingOrder: act('/walk', garden.setWalkingOrder, nothing, log('set-walking-order', 'Walking order'), readings),
  addPlanting: act('/beds/:id/plantings', garden.addPlanting, planted, log('add-planting', 'Planted'), [
    'garden',
    'bed',
    'notebook',
    'log',
  ]),
  setVisits: act('/visits', garden.setVisits, nothing, log('set-visits', 'Times in the garden'), caseViews, true),
  addAway: act('/away', garden.addAway, made, log('add-away', 'Away'), caseViews, true),
  dropAway: act('/away/:id/drop', garden.bare, nothing, log('drop-away', 'Away, taken back'), caseViews, true),
  removePlanting: act(
    '/plantings/:id/remove',
    garden.bare,
    nothing,
    log('remove-planting', 'Taken out of the bed'),
    readings,
  ),
  restorePlanting: act(
    '/plantings/:id/restore',
    garden.bare,
    nothing,
    log('restore-planting', 'Put back into the bed'),
    readings,
  ),
  changeGarden: act(
    '/garden',
    commands.changeGarden,
    nothing,
    log('change-garden', 'Garden settings changed'),
    // Every sentence is in the gardener's measures.
    [...readings, 'bench', 'practice'],
    true,
  ),
  setBloom: act('/plantings/:id/bloom', garden.setBloom, nothing, log('set-bloom', 'In flower'), readings, true),
  setHarvest: act(
    '/plantings/:id/harvest',
    garden.setHarvest,
    nothing,
    log('set-harvest', 'Harvest day set'),
    readings,
  ),
  setBedSize: act(
    '/beds/:id/size',
    garden.setBedSize,
    z.object({ area: z.number().nullable() }),
    log('set-bed-size', 'Bed measured'),
    jobViews,
  ),
  setSprouted: act(
    '/plantings/:id/sprouted',
    garden.setSprouted,
    nothing,
    log('set-sprouted', 'Sprouted'),
    jobViews,
    true,
  ),
  setHowMany: act('/plantings/:id/number', garden.setHowMany, nothing, log('set-how-many', 'Plants counted'), jobViews),
  setThreshold: act(
    '/thresholds/:id',
    clinic.setThreshold,
    nothing,
    log('set-threshold', 'Threshold changed'),
    readings,
  ),
  noteWeather: act('/weather', weather.noteWeather, nothing, log('note-weather', 'Weather read'), skyViews, true),
  /** Of a day. */
  dropWeather: act(
    '/weather/:id/drop',
    garden.bare,
    nothing,
    log('drop-weather', 'Weather read, taken back'),
    skyViews,
    true,
  ),
  putSensor: act('/beds/:id/sensor', weather.putSensor, made, log('put-sensor', 'Sensor put in'), skyViews, true),
  removeSensor: act(
    '/sensors/:id/remove',
    garden.bare,
    nothing,
    log('remove-sensor', 'Sensor taken out'),
    skyViews,
    true,
  ),
  restoreSensor: act(
    '/sensors/:id/restore',
    garden.bare,
    nothing,
    log('restore-sensor', 'Sensor put back'),
    skyViews,
    true,
  ),
  noteReadings: act(
    '/sensors/:id/readings',
    weather.noteReadings,
    z.object({ taken: z.number() }),
    log('note-readings', 'Sensor read'),
    skyViews,
    true,
  ),
  addSoilTest: act('/beds/:id/soil-tests', clinic.addSoilTest, made, log('add-soil-test', 'Soil test noted'), readings),
  /** Of a table that goes out and comes in as CSV. */
  takeSheet: act(
    '/sheets/:id',
    clinic.takeSheet,
    z.object({ id: z.string(), taken: z.number(), same: z.number() }),
    log('take-sheet', 'Table taken in'),
    everything,
    true,
  ),
  undoTaking: act('/takings/:id/undo', garden.bare, nothing, log('undo-taking', 'Taken in, undone'), everything, true),
  answerPractice: act(
    '/practice',
    clinic.answerPractice,
    z.object({ right: z.boolean() }),
    log('answer-practice', 'Practised a reading'),
    ['practice', 'notebook', 'log'],
  ),

  // The bench.
  setPreferences: act(
    '/preferences',
    bench.setPreferences,
    nothing,
    log('set-preferences', 'Own rules changed'),
    benchViews,
  ),
  keepIngredient: act(
    '/cupboard',
    bench.keepIngredient,
    z.object({ ingredient: z.string() }),
    log('keep-ingredient', 'Cupboard'),
    benchViews,
  ),
  dropIngredient: act(
    '/cupboard/:id/drop',
    bench.dropIngredient,
    nothing,
    log('drop-ingredient', 'Out of the cupboard'),
    benchViews,
  ),
  addVessel: act('/vessels', bench.addVessel, made, log('add-vessel', 'Sprayer or jar added'), benchViews),
  noteVessel: act('/vessels/:id', bench.noteVessel, nothing, log('note-vessel', 'Sprayer or jar'), benchViews),
  noteMix: act('/mixes', bench.noteMix, bench.mixNoted, log('note-mix', 'Mixed'), jobViews),
  takeBackMix: act('/mixes/:id/take-back', bench.takeBackMix, made, log('take-back-mix', 'Mix, taken back'), jobViews),
  startBatch: act('/batches', bench.startBatch, made, log('start-batch', 'Brew begun'), jobViews, true),
  repeatBatch: act(
    '/batches/:id/again',
    bench.repeatBatch,
    made,
    log('repeat-batch', 'Brew begun again'),
    jobViews,
    true,
  ),
  noteBatch: act('/batches/:id/events', bench.noteBatch, nothing, log('note-batch', 'Brew'), jobViews, true),
  takeBackBatchEvent: act(
    '/batches/:id/take-back',
    bench.takeBackBatchEvent,
    z.object({ takenBack: z.string() }),
    log('take-back-batch-event', 'Brew, taken back'),
    jobViews,
  ),
  saveRecipe: act('/recipes', bench.saveRecipe, made, log('save-recipe', 'Recipe saved'), [...benchViews, 'recipe']),
  changeRecipe: act('/recipes/:id', bench.saveRecipe, made, log('change-recipe', 'Recipe changed'), [
    ...benchViews,
    'recipe',
  ]),
  deleteRecipe: act('/recipes/:id/delete', bench.deleteRecipe, nothing, log('delete-recipe', 'Recipe deleted'), [
    ...benchViews,
    'recipe',
  ]),
} as const;

export type Calls = typeof calls;
export type CallName = keyof Calls;
type NamesOf<Kind> = { [Name in CallName]: Calls[Name]['kind'] extends Kind ? Name : never }[CallName];
export type ReadName = NamesOf<'read'>;
export type AskName = NamesOf<'ask'>;
export type ActName = NamesOf<'act'>;

/** What is sent, as it may be written, and as it is once read. */
export type InputOf<Name extends CallName> = z.input<Calls[Name]['input']>;
export type ParsedOf<Name extends CallName> = z.output<Calls[Name]['input']>;
/** What comes back. */
export type OutputOf<Name extends CallName> = z.output<Calls[Name]['output']>;

/** What a list may be asked for. */
export type QueryOf<Name extends ReadName> = z.output<Calls[Name]['query']>;

/** Where a call is, with its id and what is asked for filled in. */
export function pathOf(name: CallName, id = '', query: object = {}): string {
  const path = calls[name].path.replace(':id', encodeURIComponent(id));
  const given = Object.entries(query)
    .flatMap(([key, value]) => (value === undefined ? [] : [`${key}=${encodeURIComponent(String(value))}`]))
    .join('&');
  return given === '' ? path : `${path}?${given}`;
}

/** Every act by the name under which the log keeps it. */
export const actsInLog: ReadonlyMap<string, Logged> = new Map(
  [...otherActs, ...Object.values(calls).flatMap((call) => (call.kind === 'act' ? [call.log] : []))].map((one) => [
    one.id,
    one,
  ]),
);

/** What an act makes stale: only names of reads stand there. */
export const staleAfter = (name: ActName): readonly ReadName[] => calls[name].stale satisfies readonly ReadName[];
