import { inputError } from '@trowel/core/contract';
import { randomUUID } from 'node:crypto';
import { mean } from '@trowel/core/follow';
import { addDays, type IsoDate } from '@trowel/core/quantities';
import { readLine, type About, type Understood } from '@trowel/core/read';
import type { Setting } from '@trowel/core/tables';
import { caseNameFor, keptWords } from '@trowel/core/wording';
import type { Db } from '../database';
import { conflict, notFound } from '../problems';
import * as cases from '../store/cases';
import * as garden from '../store/garden';
import * as jobs from '../store/jobs';
import { emptyReading, readingOf } from '../views/reading';
import { jobRemedy } from '../views/job';
import { settleCase } from '../views/learnt';
import { act } from './command';
import { newBed, newPlanting, takeOut } from './garden';
import { endJobs, keepCount, theOpenCase } from './jobs';
import { tagPatterns } from './tags';

const theCase = (db: Db, id: string) => {
  const row = cases.maybeOneCase(db, id);
  if (!row) throw notFound('case', id);
  return row;
};

/** What is known of a case before its line is read. */
export function aboutCase(db: Db, row: cases.CaseRow, today: IsoDate): About {
  const planting = row.planting_id === null ? undefined : garden.maybeOnePlanting(db, row.planting_id);
  const bed = garden.maybeOneBed(db, row.bed_id);
  return { ...(planting ? { plant: planting.plant } : {}), ...(bed ? { setting: bed.setting } : {}), today };
}

export const openCase = act('openCase', (context, { bedId: given, plantingId: grows, at, name }) => {
  const { db, tables, today, commandId } = context;
  // A place that was not named before comes with its case.
  if ((given === undefined) === (at === undefined)) throw inputError('bedId', 'bed-or-place');
  const bedId = given ?? (at ? placeAt(db, at) : '');
  const plantingId = at?.plant === undefined ? grows : newPlanting(context, bedId, at.plant).id;
  const bed = garden.maybeOneBed(db, bedId);
  if (!bed) throw inputError('bedId', 'no-such-bed', { given: bedId });
  const planting = plantingId === undefined ? undefined : garden.maybeOnePlanting(db, plantingId);
  if (plantingId !== undefined && planting?.bed_id !== bedId)
    throw inputError('plantingId', 'not-in-bed', { given: plantingId ?? '', bed: bed.name });
  const id = cases.maybeOneCase(db, commandId) ? randomUUID() : commandId;
  const plantName = planting ? keptWords(tables, 'plants', planting.plant) : undefined;
  const caseName = name ?? caseNameFor(bed.name, planting && (planting.label || plantName));
  cases.addCase(db, {
    id,
    name: caseName,
    pattern: cases.countCases(db) % tagPatterns,
    bed_id: bedId,
    planting_id: plantingId ?? null,
    opened_on: today,
    reading: emptyReading,
  });
  return { caseId: id, result: { id } };
});

/** The place of that name, where it is of that kind; else a new one, its name told apart by a number. */
function placeAt(db: Db, { name, setting }: { name: string; setting: Setting }): string {
  const known = garden.maybeOneBedNamed(db, name);
  if (known && known.removed_on === null && known.setting === setting) return known.id;
  let own = name;
  for (let number = 2; garden.maybeOneBedNamed(db, own); number += 1) own = `${name} ${number}`;
  return newBed(db, { name: own, setting, note: '' });
}

export const addEvidence = act('addEvidence', (context, { said, items = [], tried = [] }, caseId) => {
  const { db, tables, clock, today } = context;
  const row = theOpenCase(db, caseId);
  const read = said === undefined ? undefined : (context.read ?? readLine)(tables, said, aboutCase(db, row, today));
  items.forEach(({ sign }, index) => {
    if (!tables.signs.some(({ id }) => id === sign))
      throw inputError(`items[${index}].sign`, 'unknown-sign', { given: sign });
  });
  tried.forEach(({ remedy, on }, index) => {
    if (!tables.remedies.some(({ id }) => id === remedy))
      throw inputError(`tried[${index}].remedy`, 'unknown-remedy', { given: remedy });
    if (on !== undefined && on > today) throw inputError(`tried[${index}].on`, 'not-after', { latest: today });
  });
  // What was tapped, or read more surely, is not undone by a doubtful word.
  const known = cases.anyEvidence(db, row.id);
  const isTapped = ({ sign, state, amount }: Understood) =>
    amount === undefined && known.some((item) => item.sign === sign && item.state === state && item.sure === null);
  const isNoted = (sign: string) =>
    known.some((item) => item.sign === sign) || (read?.understood ?? []).some((item) => item.sign === sign);
  for (const item of (read?.understood ?? []).filter((one) => !isTapped(one)))
    cases.addObservation(db, {
      caseId: row.id,
      sign: item.sign,
      state: item.state,
      amount: item.amount,
      said: item.say,
      sure: item.sure,
      on: today,
    });
  for (const { say, state, sure, signs } of read?.perhaps ?? [])
    if (sure !== undefined && signs[0] !== undefined && !isNoted(signs[0]))
      cases.addObservation(db, { caseId: row.id, sign: signs[0], state, said: say, sure, on: today });
  for (const { sign, state, amount, counts } of items) {
    const found = counts && Math.round(mean(counts) * 10) / 10;
    cases.addObservation(db, { caseId: row.id, sign, state, amount: found ?? amount, on: today });
    if (counts)
      keepCount(
        context,
        {
          id: randomUUID(),
          on: today,
          at: clock().toISOString(),
          sign,
          jobId: null,
          unit: 'number',
          isTreated: true,
          counts,
          harmSeen: false,
        },
        row.id,
      );
  }
  for (const { remedy, helped, daysAgo } of read?.tried ?? [])
    cases.addTried(db, row.id, { remedy, helped, on: daysAgo === undefined ? undefined : addDays(today, -daysAgo) });
  for (const { isSo, ...one } of tried)
    if (isSo) cases.addTried(db, row.id, one);
    else cases.dropTried(db, row.id, one.remedy);
  cases.saveReading(db, row.id, readingOf({ db, tables, clock }, row));
  return {
    caseId: row.id,
    result: {
      tried: (read?.tried ?? []).map((one) => ({ ...one })),
      understood: (read?.understood ?? []).map((item) => ({ ...item })),
      perhaps: (read?.perhaps ?? []).map(({ signs, ...rest }) => ({ ...rest, signs: [...signs] })),
      notUnderstood: [...(read?.notUnderstood ?? [])],
    },
  };
});

export const answerCheck = act('answerCheck', ({ db, tables, clock, today }, { check, answer }, caseId) => {
  const row = theOpenCase(db, caseId);
  const checkRow = tables.checks.find(({ id }) => id === check);
  if (!checkRow) throw inputError('check', 'unknown-check', { given: check });
  const given = checkRow.answers.find(({ id }) => id === answer);
  if (!given) throw inputError('answer', 'one-of', { known: checkRow.answers.map(({ id }) => `"${id}"`).join(', ') });
  cases.addCheckDone(db, { caseId: row.id, check, answer, on: today });
  for (const { sign, state } of given.gives)
    cases.addObservation(db, { caseId: row.id, sign, state, said: checkRow.name, on: today });
  cases.saveReading(db, row.id, readingOf({ db, tables, clock }, row));
  return { caseId: row.id, result: {} };
});

export const closeCase = act('closeCase', (context, { outcome, takesOut = false }, caseId) => {
  const { db, tables, today } = context;
  const row = theOpenCase(db, caseId);
  const all = jobs.anyJobs(db, row.id);
  const lateDays = Math.max(0, ...all.map((job) => jobRemedy(tables, job)?.expect.lateLookDays ?? 0));
  // What is marked for a month to come keeps its month: closing this trouble does not keep the next one away.
  const ended = endJobs(
    context,
    all.filter(({ chosen_on }) => chosen_on <= today),
    'case-closed',
  );
  cases.closeCase(db, row.id, outcome, today, outcome === 'solved' ? addDays(today, lateDays || 14) : null);
  settleCase(db, tables, row.id);
  if (takesOut && row.planting_id !== null) takeOut(context, row.planting_id);
  return { caseId: row.id, result: { jobs: ended } };
});

export const reopenCase = act('reopenCase', ({ db, tables }, _input, caseId) => {
  const row = theCase(db, caseId);
  if (row.status === 'open') throw conflict('case-open');
  cases.reopenCase(db, row.id);
  settleCase(db, tables, row.id);
  return { caseId: row.id, result: {} };
});

export const acts = { openCase, addEvidence, answerCheck, closeCase, reopenCase };
