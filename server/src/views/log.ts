import type { LogEntry } from '@trowel/core/contract';
import type { MeasureSystem } from '@trowel/core/quantities';
import type { Tables } from '@trowel/core/tables';
import { keptWords, logWords, type LogDetail } from '@trowel/core/wording';
import { z } from 'zod';
import type { Db } from '../database';
import { maybeOneBatch, maybeOneVessel } from '../store/bench';
import { storedId } from '../store/ids';
import type { LogRow } from '../store/log';
import { maybeOneTreatment } from '../store/treatments';
import { maybeRemedy } from './step-safety';

interface About {
  readonly db: Db;
  readonly tables: Tables;
  readonly measures: MeasureSystem;
}

/** What the log of an act may hold that can be told; everything else is passed over. */
const told = z.object({
  ids: z.array(z.string()).catch([]),
  said: z.string().optional().catch(undefined),
  items: z.array(z.object({ sign: storedId('signs'), state: z.enum(['seen', 'absent', 'not-looked']) })).catch([]),
  check: storedId('checks').optional().catch(undefined),
  remedy: storedId('remedies').optional().catch(undefined),
  treatmentId: z.string().optional().catch(undefined),
  step: z.string().optional().catch(undefined),
  outcome: z.string().optional().catch(undefined),
  counts: z.array(z.number()).catch([]),
  label: z.string().optional().catch(undefined),
  name: z.string().optional().catch(undefined),
  ingredient: storedId('ingredients').optional().catch(undefined),
  kind: z.string().optional().catch(undefined),
  ml: z.number().optional().catch(undefined),
  volumeMl: z.number().optional().catch(undefined),
  held: z.string().optional().catch(undefined),
  washed: z.boolean().optional().catch(undefined),
  document: z.object({ name: z.string() }).optional().catch(undefined),
  acknowledged: z.array(z.string()).catch([]),
});

/** A log line in words. */
export function logEntryOf(about: About, { id, on_date, command, case_id, body }: LogRow): LogEntry {
  return {
    id,
    on: on_date,
    command,
    caseId: case_id,
    says: logWords(about.tables, command, detailsOf(about, told.parse(body)), about.measures),
  };
}

function detailsOf({ db, tables }: About, body: z.output<typeof told>): LogDetail[] {
  const [firstId] = body.ids;
  const named = (text: string | undefined): LogDetail[] => (text === undefined ? [] : [{ kind: 'name', text }]);
  const volume = (ml: number | undefined): LogDetail[] =>
    ml === undefined ? [] : [{ kind: 'amount', of: 'volume', amount: ml }];
  const vesselOrBatch =
    firstId === undefined ? undefined : (maybeOneBatch(db, firstId)?.name ?? maybeOneVessel(db, firstId)?.name);
  return [
    ...(body.said === undefined ? [] : [{ kind: 'quoted', text: body.said } as const]),
    ...body.items.map(({ sign, state }) => ({ kind: 'sign', name: keptWords(tables, 'signs', sign), state }) as const),
    ...named(body.check === undefined ? undefined : keptWords(tables, 'checks', body.check)),
    ...named(body.remedy === undefined ? undefined : keptWords(tables, 'remedies', body.remedy)),
    ...(body.step === undefined ? [] : [stepDetail({ db, tables }, body.treatmentId, body.step, body.outcome)]),
    ...(body.counts.length === 0 ? [] : [{ kind: 'counts', counts: body.counts } as const]),
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
    ...(body.acknowledged.length > 0 ? [{ kind: 'read', keys: body.acknowledged } as const] : []),
  ];
}

/** The step of that very remedy: many chains have a step called "spray". */
function stepDetail(
  { db, tables }: Pick<About, 'db' | 'tables'>,
  treatmentId: string | undefined,
  step: string,
  outcome: string | undefined,
): LogDetail {
  const row = treatmentId === undefined ? undefined : maybeOneTreatment(db, treatmentId);
  const remedy = row && maybeRemedy(tables, row.remedy);
  const does = remedy?.steps.find(({ id }) => id === step)?.does ?? step;
  return { kind: 'step', does, outcome: outcome === 'skipped' || outcome === 'undone' ? outcome : 'done' };
}
