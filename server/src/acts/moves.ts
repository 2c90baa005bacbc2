import { openSteps } from '@trowel/core/jobs';
import type { RemedyRow } from '@trowel/core/tables';
import { conflict, notFound } from '../problems';
import { oneGarden } from '../store/garden';
import * as jobs from '../store/jobs';
import * as moves from '../store/moves';
import { jobRemedy, roundOf } from '../views/job';
import { followOf, jobName } from '../views/jobs';
import { layOut } from '../views/plan';
import { act, type ActContext } from './command';
import { note, readAnew, setJob, theJob } from './jobs';

/**
 * Does what a verdict proposes: another round, a stronger mix, one more look. Day and strength are those of the verdict,
 * worked out anew; what it does not propose (any more) is refused.
 */
export const takeMove = act('takeMove', (context, { kind }, id) => {
  const { db, tables, today } = context;
  const row = theJob(db, id);
  const remedy = jobRemedy(tables, row);
  const move = followOf(db, tables, row, layOut(context))?.next.find((one) => one.kind === kind);
  if (!remedy || !move) throw conflict('move-gone', { name: jobName(tables, row) });
  const isStronger = move.kind === 'step-up';
  const to = remedy.recipe?.strengths.find((strength) => strength.id === move.to)?.value;
  if (isStronger && to !== undefined) setJob(context, row, { strength: to });
  const from = 'on' in move && move.on !== undefined && move.on > today ? move.on : today;
  const { round, progress } = roundOf(db, tables, row, remedy);
  const isToCome = openSteps(remedy, progress).some(({ applies }) => applies);
  const begun = isToCome && move.kind !== 'look-again' ? null : round + 1;
  if (begun !== null) begin(context, row, remedy, begun, from, move.kind === 'look-again', isStronger);
  const moveId = moves.addMove(db, {
    job_id: row.id,
    kind,
    round: begun,
    from_on: from,
    strength_before: isStronger ? row.strength : null,
    taken_on: today,
  });
  return { caseId: row.case_id, result: { id: moveId, on: from } };
});

/**
 * The steps of a new round that are not needed again: the count (the look has counted), the test leaf unless it is
 * stronger now; for a look alone, all others.
 */
function begin(
  context: ActContext,
  row: jobs.JobRow,
  remedy: RemedyRow,
  round: number,
  from: string,
  isLook: boolean,
  isStronger: boolean,
): void {
  const { db } = context;
  const [look] = remedy.steps.filter(({ phase }) => phase === 'look');
  for (const { id, kind, phase } of remedy.steps) {
    const isNeeded = isLook
      ? id === look?.id
      : !(phase === 'before' && (kind === 'count' || (!isStronger && (kind === 'test-leaf' || kind === 'test-look'))));
    if (!isNeeded) note(context, { job_id: row.id, step: id, round, outcome: 'skipped' });
  }
  if (isLook && look)
    jobs.pinPosition(db, { job_id: row.id, step: look.id, round, date: from, hour: oneGarden(db).usual_hour });
}

/** A move taken by mistake: its round is not begun, and the strength is what it was. */
export const takeBackMove = act('takeBackMove', (context, _input, id) => {
  const { db, tables } = context;
  const move = moves.maybeOneMove(db, Number(id));
  if (!move) throw notFound('move', id);
  if (move.taken_back === 1) throw conflict('taken-back-already');
  const row = theJob(db, move.job_id);
  const isUsed = jobs.anyStepsOf(db, row.id).some(({ round, outcome }) => round === move.round && outcome === 'done');
  if (isUsed) throw conflict('move-used', { name: jobName(tables, row) });
  for (const { step, round } of jobs.anyStepsOf(db, row.id))
    if (round === move.round) note(context, { job_id: row.id, step, round, outcome: 'undone' });
  moves.takeBackMove(db, move.id);
  if (move.kind === 'step-up') setJob(context, row, { strength: move.strength_before });
  return { caseId: row.case_id, result: {} };
});

/** How it was done, as the gardener sees it now; what was missed is no fault of the remedy, nor of the reading. */
export const noteDoing = act('noteDoing', (context, { missed }, id) => {
  const { db, today, clock } = context;
  const row = theJob(db, id);
  moves.addDoing(db, { job_id: row.id, missed: [...new Set(missed)], noted_on: today, at: clock().toISOString() });
  readAnew(context, row.case_id);
  return { caseId: row.case_id, result: {} };
});

export const acts = { takeMove, takeBackMove, noteDoing };
