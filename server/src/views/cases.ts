import type { CasesView, CaseSummary, CaseView, PastCasesView, QueryOf } from '@trowel/core/contract';
import { daysBetween } from '@trowel/core/quantities';
import { isKnown, type Tables } from '@trowel/core/tables';
import { keptWords } from '@trowel/core/wording';
import type { Db } from '../database';
import { notFound } from '../problems';
import {
  anyClosedCases,
  anyEvidence,
  anyTried,
  anyOpenCases,
  countClosed,
  maybeOneCase,
  type CaseRow,
} from '../store/cases';
import { anyCountsOfCase } from '../store/counts';
import { anyBeds, anyBedsGone, everyPlanting, maybeOnePlanting, type BedRow, type PlantingRow } from '../store/garden';
import { storedUnder } from '../store/ids';
import { anyLogOfCase } from '../store/log';
import { anyJobs } from '../store/jobs';
import { logEntryOf } from './log';
import { jobName, jobViewOf } from './jobs';
import { anyPhotos, specksOn, spottedOn } from '../store/photos';
import { learntAgainst } from './learnt';
import { levelView, verdictFor } from './verdict';
import { layOut, type Deps } from './plan';
import { situationOfCase } from './reading';
import { roundsIn } from './step-safety';

interface Names {
  readonly beds: ReadonlyMap<string, BedRow>;
  readonly plantings: ReadonlyMap<string, PlantingRow>;
}

const namesOf = (db: Db): Names => ({
  beds: new Map([...anyBeds(db), ...anyBedsGone(db)].map((row) => [row.id, row])),
  plantings: new Map(everyPlanting(db).map((row) => [row.id, row])),
});

export function casesViewOf({ db, tables }: Deps): CasesView {
  const names = namesOf(db);
  return { open: anyOpenCases(db).map((row) => summaryOf(db, tables, row, names)), closed: countClosed(db) };
}

/** Closed cases on one page. */
const pageLength = 24;

/** @throws Problem where the case to go on after is none */
export function pastCasesViewOf(
  { db, tables }: Deps,
  _id: string,
  { words, after }: QueryOf<'pastCases'>,
): PastCasesView {
  const last = after === undefined ? undefined : maybeOneCase(db, after);
  if (after !== undefined && last?.closed_on == null) throw notFound('closed case', after);
  const names = namesOf(db);
  const found = anyClosedCases(
    db,
    words === undefined ? undefined : { words, causes: causesCalled(tables, words) },
    last && { on: last.closed_on ?? '', id: last.id },
    pageLength + 1,
  );
  return {
    cases: found.slice(0, pageLength).map((row) => summaryOf(db, tables, row, names)),
    goesOn: found.length > pageLength,
  };
}

/** Causes in whose name words stand, under every id that they ever had. */
const causesCalled = ({ causes }: Tables, words: string): string[] =>
  causes
    .filter(({ name }) => name.toLowerCase().includes(words.toLowerCase()))
    .flatMap(({ id }) => JSON.parse(storedUnder('causes', id)) as string[]);

/** The likeliest always leads; others only when they are likely themselves. */
const namedFrom = 0.25;
const leads = ({ probability }: { probability: number }, index: number) => index === 0 || probability >= namedFrom;

function summaryOf(db: Db, tables: Tables, row: CaseRow, names: Names): CaseSummary {
  const planting = row.planting_id === null ? undefined : names.plantings.get(row.planting_id);
  const jobs = anyJobs(db, row.id);
  const leading = row.reading.causes.some(({ probability }) => probability >= namedFrom)
    ? row.reading.causes.map((cause) => ({ ...cause, name: keptWords(tables, 'causes', cause.id) }))
    : row.reading.conditions.filter(leads).map((condition) => ({
        ...condition,
        name: keptWords(tables, 'conditions', condition.id),
      }));
  const verdicts = jobs.flatMap((job) => verdictFor(db, tables, job) ?? []);
  const last = verdicts[verdicts.length - 1];
  return {
    id: row.id,
    name: row.name,
    pattern: row.pattern,
    bedId: row.bed_id,
    bedName: names.beds.get(row.bed_id)?.name ?? '',
    plantingId: row.planting_id,
    plant: planting?.plant ?? null,
    plantLabel: planting?.label ?? null,
    status: row.status,
    openedOn: row.opened_on,
    closedOn: row.closed_on,
    outcome: row.outcome,
    lateLookOn: row.late_look_on,
    signCount: anyEvidence(db, row.id).length,
    leading: leading.slice(0, 3),
    depth: row.reading.depth,
    action: row.reading.action,
    jobs: jobs.map((job) => jobName(tables, job)),
    verdict: last ?? null,
  };
}

/** One case with everything that its page shows. */
export function caseViewOf(deps: Deps, row: CaseRow): CaseView {
  const { db, tables } = deps;
  const names = namesOf(db);
  const laidOut = layOut(deps);
  const situation = situationOfCase(deps, row);
  return {
    summary: summaryOf(db, tables, row, names),
    situation: {
      ...situation,
      evidence: situation.evidence.map((item) => ({ ...item })),
      history: situation.history.map((item) => ({ ...item })),
      failed: [...(situation.failed ?? [])],
      ground: (situation.ground ?? []).map((item) => ({ ...item })),
      thresholds: { ...situation.thresholds },
      earlier: (situation.earlier ?? []).map((item) => ({ ...item })),
      checksDone: [...situation.checksDone],
    },
    tried: anyTried(db, row.id)
      .filter(({ remedy }) => isKnown(tables, 'remedies', remedy))
      .map(({ remedy, helped, on_date }) => ({ remedy, helped: helped === null ? null : helped === 1, on: on_date })),
    bloomUntil: inFlowerUntil(db, row.planting_id, laidOut.today),
    recent: recentIn(db, tables, row, laidOut.today),
    experience: learntAgainst(
      db,
      tables,
      row.reading.causes.filter(({ probability }) => probability >= namedFrom).map(({ id }) => id),
    ).map(({ remedy, worked, failed, harmed, factor }) => ({ remedy, worked, failed, harmed, factor })),
    nearby: [...names.plantings.values()]
      .filter(({ bed_id, id }) => bed_id === row.bed_id && id !== row.planting_id)
      .map(({ plant }) => plant),
    jobs: anyJobs(db, row.id).map((job) => jobViewOf(deps, laidOut, job)),
    counts: anyCountsOfCase(db, row.id).map(({ id, on, isTreated, counts, unit }) => ({
      id,
      on,
      isTreated,
      counts,
      ...levelView(counts, unit),
    })),
    photos: anyPhotos(db, row.id).map((photo) => ({
      id: photo.id,
      on: photo.taken_on,
      width: photo.width,
      height: photo.height,
      spotted: spottedOn(photo),
      specks: specksOn(photo),
    })),
    log: anyLogOfCase(db, row.id).map((entry) => logEntryOf({ db, tables, measures: laidOut.garden.measures }, entry)),
    noLongerKnown: [
      ...new Set(
        anyEvidence(db, row.id).flatMap(({ sign }) =>
          isKnown(tables, 'signs', sign) ? [] : [keptWords(tables, 'signs', sign)],
        ),
      ),
    ],
  };
}

/** The last day on which a planting is in flower; null once that is over. */
function inFlowerUntil(db: Db, plantingId: string | null, today: string): string | null {
  const until = plantingId === null ? null : (maybeOnePlanting(db, plantingId)?.bloom_until ?? null);
  return until !== null && until >= today ? until : null;
}

/** What this bed, or this very plant, has had in any of its cases. */
function recentIn(db: Db, tables: Tables, { bed_id, planting_id }: CaseRow, today: string): CaseView['recent'] {
  return roundsIn(db, tables, bed_id, planting_id, today).map(({ remedy, on, isOnPlant }) => ({
    remedy: remedy.id,
    daysAgo: daysBetween(on, today),
    where: isOnPlant ? 'plant' : 'bed',
  }));
}
