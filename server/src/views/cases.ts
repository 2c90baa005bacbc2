import type { CaseSummary, CaseView, FollowResponse } from '@trowel/core/contract';
import { sayFollow } from '@trowel/core/headless';
import { follow, summarise } from '@trowel/core/follow';
import { daysBetween } from '@trowel/core/quantities';
import { isKnown, type RemedyRow, type Tables } from '@trowel/core/tables';
import { keptWords, verdictWords } from '@trowel/core/wording';
import type { Db } from '../database';
import { anyCases, anyEvidence, anyLooks, type CaseRow, type LookRow } from '../store/cases';
import { anyBeds, anyPlantings, type BedRow, type PlantingRow } from '../store/garden';
import { anyLogOfCase } from '../store/log';
import { anyStepsOf, anyTreatments, type TreatmentRow } from '../store/treatments';
import { logEntryOf } from './log';
import { layOut, stepsOf, type Deps } from './plan';
import { situationOfCase } from './reading';
import { againstRound, maybeRemedy, puts, roundsIn } from './step-safety';

interface Names {
  readonly beds: ReadonlyMap<string, BedRow>;
  readonly plantings: ReadonlyMap<string, PlantingRow>;
}

const namesOf = (db: Db): Names => ({
  beds: new Map(anyBeds(db).map((row) => [row.id, row])),
  plantings: new Map(anyPlantings(db).map((row) => [row.id, row])),
});

export function caseSummaries({ db, tables }: Deps): CaseSummary[] {
  const names = namesOf(db);
  return anyCases(db).map((row) => summaryOf(db, tables, row, names));
}

/** The likeliest always leads; others only when they are likely themselves. */
const namedFrom = 0.25;
const leads = ({ probability }: { probability: number }, index: number) => index === 0 || probability >= namedFrom;

function summaryOf(db: Db, tables: Tables, row: CaseRow, names: Names): CaseSummary {
  const planting = row.planting_id === null ? undefined : names.plantings.get(row.planting_id);
  const treatments = anyTreatments(db, row.id);
  const leading = row.reading.causes.some(({ probability }) => probability >= namedFrom)
    ? row.reading.causes.map((cause) => ({ ...cause, name: keptWords(tables, 'causes', cause.id) }))
    : row.reading.conditions.filter(leads).map((condition) => ({
        ...condition,
        name: keptWords(tables, 'conditions', condition.id),
      }));
  const verdicts = treatments.flatMap((treatment) => followOf(db, tables, treatment)?.verdict ?? []);
  const last = verdicts[verdicts.length - 1];
  return {
    id: row.id,
    name: row.name,
    pattern: row.pattern,
    bedId: row.bed_id,
    bedName: names.beds.get(row.bed_id)?.name ?? '',
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
    treatments: treatments.map(({ remedy }) => keptWords(tables, 'remedies', remedy)),
    verdict: last === undefined ? null : verdictWords[last],
  };
}

/** One case with everything that its page shows. */
export function caseViewOf(deps: Deps, row: CaseRow): CaseView {
  const { db, tables } = deps;
  const names = namesOf(db);
  const laidOut = layOut(deps);
  const treatments = anyTreatments(db, row.id);
  const situation = situationOfCase(deps, row);
  return {
    summary: summaryOf(db, tables, row, names),
    situation: {
      ...situation,
      evidence: situation.evidence.map((item) => ({ ...item })),
      history: situation.history.map((item) => ({ ...item })),
      ground: (situation.ground ?? []).map((item) => ({ ...item })),
      thresholds: { ...situation.thresholds },
      earlier: (situation.earlier ?? []).map((item) => ({ ...item })),
      checksDone: [...situation.checksDone],
    },
    recent: recentIn(db, tables, row, laidOut.today),
    nearby: [...names.plantings.values()]
      .filter(({ bed_id, id }) => bed_id === row.bed_id && id !== row.planting_id)
      .map(({ plant }) => plant),
    treatments: treatments.map((treatment) => {
      const remedy = maybeRemedy(tables, treatment.remedy);
      return {
        id: treatment.id,
        remedy: treatment.remedy,
        remedyName: keptWords(tables, 'remedies', treatment.remedy),
        isKnown: remedy !== undefined,
        strength: treatment.strength,
        chosenOn: treatment.chosen_on,
        endedOn: treatment.ended_on,
        counts: remedy
          ? { what: remedy.expect.what, unit: remedy.expect.unit, clearBelow: remedy.expect.clearBelow }
          : { what: '', unit: 'number', clearBelow: 0 },
        steps: stepsOf(deps, laidOut, treatment, row),
        follow: followOf(db, tables, treatment) ?? null,
      };
    }),
    looks: anyLooks(db, row.id).map(({ id, treatment_id, kind, looked_on, counts }) => ({
      id,
      treatmentId: treatment_id,
      kind,
      on: looked_on,
      counts,
      mean: Number(summarise(counts).mean.toFixed(2)),
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

/** What this bed, or this very plant, has had in any of its cases. */
function recentIn(db: Db, tables: Tables, { bed_id, planting_id }: CaseRow, today: string): CaseView['recent'] {
  return roundsIn(db, tables, bed_id, planting_id).map(({ remedy, on, isOnPlant }) => ({
    remedy: remedy.id,
    daysAgo: daysBetween(on, today),
    where: isOnPlant ? 'plant' : 'bed',
  }));
}

/** Days on which the remedy was put on. */
function applications(db: Db, treatment: TreatmentRow, remedy: RemedyRow): string[] {
  return anyStepsOf(db, treatment.id)
    .filter(({ step, outcome }) => outcome === 'done' && puts(remedy, step))
    .map(({ on_date }) => on_date)
    .sort();
}

/** The verdict on one treatment; undefined while there is nothing to judge by. */
export function followOf(db: Db, tables: Tables, treatment: TreatmentRow): FollowResponse | undefined {
  const remedy = maybeRemedy(tables, treatment.remedy);
  if (!remedy) return undefined;
  const dates = applications(db, treatment, remedy);
  const appliedOn = dates[0] ?? (remedy.rung === 'leave' ? treatment.chosen_on : undefined);
  if (appliedOn === undefined) return undefined;
  const all = anyLooks(db, treatment.case_id).filter(
    ({ treatment_id }) => treatment_id === null || treatment_id === treatment.id,
  );
  const before = all.filter(({ kind, looked_on }) => kind === 'before' && looked_on <= appliedOn).pop();
  const looks = all.filter(({ kind, looked_on }) => kind === 'after' && looked_on >= appliedOn);
  const last = looks[looks.length - 1];
  if (!before || !last) return undefined;
  const harm = looks.filter(({ harm_seen }) => harm_seen === 1).pop();
  const untreated = untreatedRow(all);
  const result = follow({
    remedy,
    appliedOn,
    ...(dates.length > 0 ? { allAppliedOn: dates } : {}),
    before: { on: before.looked_on, counts: before.counts },
    looks: looks.map(({ looked_on, counts }) => ({ on: looked_on, counts })),
    threshold: remedy.expect.clearBelow,
    ...(untreated ? { untreated } : {}),
    ...(harm ? { harmSeenOn: harm.looked_on } : {}),
    ...(treatment.strength === null ? {} : { strength: treatment.strength }),
    against: againstRound(db, tables, treatment, remedy),
  });
  return sayFollow(result, remedy, last.looked_on);
}

function untreatedRow(looks: readonly LookRow[]) {
  const before = looks.filter(({ kind }) => kind === 'untreated-before').pop();
  const after = looks.filter(({ kind }) => kind === 'untreated-after').pop();
  return before && after ? { before: before.counts, after: after.counts } : undefined;
}
