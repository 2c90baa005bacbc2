import { specksCount, spottedShare, stepDone, type LogEntry } from '@trowel/core/contract';
import type { MeasureSystem } from '@trowel/core/quantities';
import type { Tables } from '@trowel/core/tables';
import {
  amountsWords,
  keptWords,
  logWords,
  readyMixWords,
  resultWords,
  specksWords,
  spottedWords,
  type LogDetail,
} from '@trowel/core/wording';
import { z } from 'zod';
import type { Db } from '../database';
import { maybeOneBatch, maybeOneRecipe, maybeOneVessel } from '../store/bench';
import { storedId } from '../store/ids';
import type { LogRow } from '../store/log';
import { maybeOneBed } from '../store/garden';
import { maybeOneJob } from '../store/jobs';
import { maybeOneRoutine } from '../store/routines';
import { jobRemedy } from './job';

interface About {
  readonly db: Db;
  readonly tables: Tables;
  readonly measures: MeasureSystem;
}

/** What the log of an act may hold that can be told; everything else, and what is of another shape, is passed over. */
const told = {
  ids: z.array(z.string()),
  said: z.string(),
  items: z.array(z.object({ sign: storedId('signs'), state: z.enum(['seen', 'absent', 'not-looked']) })),
  check: storedId('checks'),
  remedy: storedId('remedies'),
  routine: storedId('routines'),
  places: z.array(z.object({ bedId: z.string() })),
  jobId: z.string(),
  /** What a job was called in older lines. */
  treatmentId: z.string(),
  wish: z.string(),
  recipeId: z.string(),
  result: z.string(),
  step: z.string(),
  outcome: z.string(),
  counts: z.array(z.number()),
  label: z.string(),
  name: z.string(),
  ingredient: storedId('ingredients'),
  kind: z.string(),
  ml: z.number(),
  volumeMl: z.number(),
  held: z.string(),
  washed: z.boolean(),
  document: z.object({ name: z.string() }),
  acknowledged: z.array(z.string()),
  spotted: spottedShare.nullable(),
  specks: specksCount.nullable(),
};
type Told = { readonly [Name in keyof typeof told]?: z.output<(typeof told)[Name]> };

/** Only what is there is read: an act holds three or four of these. */
const toldOf = (body: LogRow['body']): Told =>
  Object.fromEntries(
    Object.entries(told).flatMap(([name, schema]) => {
      const found = name in body ? schema.safeParse(body[name]) : undefined;
      return found?.success ? [[name, found.data]] : [];
    }),
  );

/** A log line in words. */
export function logEntryOf(about: About, { id, on_date, command, case_id, body, result, device }: LogRow): LogEntry {
  return {
    id,
    on: on_date,
    command,
    caseId: case_id,
    device,
    says: logWords(about.tables, command, detailsOf(about, toldOf(body), putDetails(about, result)), about.measures),
  };
}

function detailsOf({ db, tables }: About, body: Told, put: readonly LogDetail[]): LogDetail[] {
  const { ids: [firstId] = [], items = [], counts = [], acknowledged = [] } = body;
  const named = (text: string | undefined): LogDetail[] => (text === undefined ? [] : [{ kind: 'name', text }]);
  const volume = (ml: number | undefined): LogDetail[] =>
    ml === undefined ? [] : [{ kind: 'amount', of: 'volume', amount: ml }];
  const vesselOrBatch =
    firstId === undefined ? undefined : (maybeOneBatch(db, firstId)?.name ?? maybeOneVessel(db, firstId)?.name);
  return [
    ...(body.said === undefined ? [] : [{ kind: 'quoted', text: body.said } as const]),
    ...items.map(({ sign, state }) => ({ kind: 'sign', name: keptWords(tables, 'signs', sign), state }) as const),
    ...named(body.check === undefined ? undefined : keptWords(tables, 'checks', body.check)),
    ...named(body.remedy === undefined ? undefined : keptWords(tables, 'remedies', body.remedy)),
    ...(body.step === undefined
      ? []
      : [stepDetail({ db, tables }, body.jobId ?? body.treatmentId, body.step, body.outcome)]),
    ...named(resultWords(body.result ?? null) ?? undefined),
    ...named(routineName(tables, body.routine ?? maybeOneRoutine(db, firstId ?? '')?.kind)),
    ...(body.routine === undefined ? [] : placesOf(body).flatMap((bedId) => named(maybeOneBed(db, bedId)?.name))),
    ...named(body.wish),
    ...named(body.recipeId === undefined ? undefined : maybeOneRecipe(db, body.recipeId)?.document.name),
    ...(counts.length === 0 ? [] : [{ kind: 'counts', counts } as const]),
    ...(body.step === undefined && body.outcome !== undefined
      ? [{ kind: 'outcome', outcome: body.outcome } as const]
      : []),
    ...named(body.label ?? body.name),
    ...named(body.ingredient === undefined ? undefined : keptWords(tables, 'ingredients', body.ingredient)),
    ...named(vesselOrBatch),
    ...(vesselOrBatch !== undefined && body.kind !== undefined ? [{ kind: 'brew', event: body.kind } as const] : []),
    ...volume(body.ml),
    ...volume(body.volumeMl),
    ...named(body.held),
    ...(body.washed === true ? [{ kind: 'washed' } as const] : []),
    ...named(body.document?.name),
    ...named(body.spotted === undefined ? undefined : spottedWords(body.spotted)),
    ...named(body.specks === undefined ? undefined : specksWords(body.specks)),
    ...put,
    ...(acknowledged.length > 0 ? [{ kind: 'read', keys: acknowledged } as const] : []),
  ];
}

const routineName = (tables: Tables, kind: string | undefined): string | undefined =>
  kind === undefined ? undefined : keptWords(tables, 'routines', kind);

/** The beds of an act, each once. */
const placesOf = ({ places = [] }: Told): string[] => [...new Set(places.map(({ bedId }) => bedId))];

/** What was put on with a step: how strong, how much, out of which brew. */
function putDetails({ tables, measures }: About, result: unknown): LogDetail[] {
  const { put } = stepDone.catch({}).parse(result);
  const recipe = tables.remedies.find(({ id }) => id === put?.remedy)?.recipe;
  if (!put || put.volumeMl === null) return [];
  const text =
    recipe && put.strength !== null
      ? amountsWords(recipe, put.strength, put.volumeMl, measures)
      : readyMixWords(put.volumeMl, measures);
  return [{ kind: 'name', text }, ...(put.brew === null ? [] : [{ kind: 'name', text: put.brew } as const])];
}

/** The step of that very remedy: many chains have a step called "spray". */
function stepDetail(
  { db, tables }: Pick<About, 'db' | 'tables'>,
  jobId: string | undefined,
  step: string,
  outcome: string | undefined,
): LogDetail {
  const row = jobId === undefined ? undefined : maybeOneJob(db, jobId);
  const remedy = row && jobRemedy(tables, row);
  const does = remedy?.steps.find(({ id }) => id === step)?.does ?? step;
  return { kind: 'step', does, outcome: outcome === 'skipped' || outcome === 'undone' ? outcome : 'done' };
}
