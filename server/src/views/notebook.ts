import type { LogView, NotebookView, QueryOf } from '@trowel/core/contract';
import { learntOf } from '@trowel/core/learn';
import type { TrialEnd } from '@trowel/core/tables';
import { fullDate, keptWords, learntWords, strengthsWords, trialWords } from '@trowel/core/wording';
import { notFound } from '../problems';
import { anyPast, leadingCauses, maybeOneCase, yearsOfCases } from '../store/cases';
import { anyBeds, everyPlanting, maybeOneBed, maybeOnePlanting, oneGarden } from '../store/garden';
import { anyPlaces, maybeOneJob, remediesChosen } from '../store/jobs';
import { anyLog, maybeOneLine, type LogRow } from '../store/log';
import { causeOf, trialsOf, type TrialIn } from './learnt';
import { logEntryOf } from './log';
import type { Deps } from './plan';

/** Trials of one remedy that are named, the last ones. */
const trialsShown = 13;
/** Lines of the log on one page. */
const linesShown = 40;
const told: readonly TrialEnd[] = ['worked', 'failed', 'harmed', 'by-itself'];

/** Ten years in a few words. */
export function notebookViewOf(deps: Deps): NotebookView {
  const { db, tables } = deps;
  const { measures } = oneGarden(db);
  const beds = anyBeds(db);
  const groups = new Map<string, TrialIn[]>();
  for (const trial of trialsOf(db, tables)) {
    if (!told.includes(trial.end)) continue;
    const key = `${trial.remedy} ${trial.cause ?? ''}`;
    const group = groups.get(key);
    if (group) group.push(trial);
    else groups.set(key, [trial]);
  }
  const worked = [...groups.values()].flatMap((trials): NotebookView['worked'] => {
    const [{ remedy, cause } = { remedy: '', cause: undefined }] = trials;
    const row = tables.remedies.find(({ id }) => id === remedy);
    const learnt = row && learntOf(row, trials);
    const ofCases = [...new Map(trials.map((trial) => [trial.caseId, trial])).values()];
    const byItself = trials.filter(({ end }) => end === 'by-itself').length;
    return [
      {
        remedy,
        remedyName: keptWords(tables, 'remedies', remedy),
        cause: cause ?? null,
        causeName: cause === undefined ? null : keptWords(tables, 'causes', cause),
        worked: learnt?.worked ?? 0,
        failed: learnt?.failed ?? 0,
        harmed: learnt?.harmed ?? 0,
        byItself,
        says: learntWords(learnt, byItself),
        strengths: row?.recipe && learnt ? strengthsWords(row.recipe, learnt, measures) : null,
        share: learnt?.share ?? null,
        lastOn: trials.map(({ on }) => on).reduce((a, b) => (a > b ? a : b), ''),
        cases: ofCases.slice(-trialsShown).map(({ caseId, end, isCounted, on }) => ({
          id: caseId,
          end,
          isCounted,
          on,
          says: `${maybeOneCase(db, caseId)?.name ?? ''}: ${trialWords[end]}, ${fullDate(on)}`,
        })),
        earlier: Math.max(0, ofCases.length - trialsShown),
      },
    ];
  });
  return {
    worked: worked.sort(
      (a, b) =>
        b.cases.length + b.earlier - a.cases.length - a.earlier ||
        b.worked - a.worked ||
        b.lastOn.localeCompare(a.lastOn),
    ),
    places: anyPast(db)
      .flatMap(({ bedId, cause, times, lastOn }) => {
        const bed = beds.find(({ id }) => id === bedId);
        return bed ? [{ bedName: bed.name, cause, causeName: keptWords(tables, 'causes', cause), times, lastOn }] : [];
      })
      .sort((a, b) => b.times - a.times || b.lastOn.localeCompare(a.lastOn)),
    years: yearsOfCases(db),
    facets: {
      bed: beds.map(({ id, name }) => ({ id, name })),
      plant: [...new Set(everyPlanting(db).map(({ label }) => label))].map((label) => ({ id: label, name: label })),
      cause: byName(leadingCauses(db).map((id) => ({ id, name: keptWords(tables, 'causes', id) }))),
      remedy: byName(remediesChosen(db).map((id) => ({ id, name: keptWords(tables, 'remedies', id) }))),
    },
  };
}

const byName = <One extends { readonly name: string }>(list: readonly One[]): One[] =>
  [...list].sort((a, b) => a.name.localeCompare(b.name));

/** @throws Problem where the line to go on after is none */
export function logViewOf(deps: Deps, _id: string, { after, ...sought }: QueryOf<'log'>): LogView {
  const { db, tables } = deps;
  const { measures } = oneGarden(db);
  const last = after === undefined ? undefined : maybeOneLine(db, after);
  if (after !== undefined && !last) throw notFound('line of the log', String(after));
  const found = anyLog(db, sought, last, linesShown + 1);
  return {
    entries: found
      .slice(0, linesShown)
      .map((row) => ({ ...logEntryOf({ db, tables, measures }, row), ...aboutOf(deps, row) })),
    goesOn: found.length > linesShown,
  };
}

/** Of what a line of the log is: its case, places, plant, cause and remedy, by which it can be sought. */
function aboutOf({ db, tables }: Deps, { case_id, body }: LogRow): Pick<LogView['entries'][number], 'about'> {
  const jobId = [body.jobId, body.treatmentId].find((id) => typeof id === 'string');
  const job = jobId === undefined ? undefined : maybeOneJob(db, jobId);
  const owner = maybeOneCase(db, case_id ?? job?.case_id ?? '');
  const places = job ? anyPlaces(db, job.id) : owner ? [{ bed_id: owner.bed_id, planting_id: owner.planting_id }] : [];
  const cause = owner && causeOf(owner);
  const remedy = job?.remedy ?? (typeof body.remedy === 'string' ? body.remedy : null);
  const unique = (names: readonly (string | null | undefined)[]) => [
    ...new Set(names.flatMap((name) => (name ? [name] : []))),
  ];
  return {
    about: {
      caseName: owner?.name ?? null,
      beds: unique(places.map(({ bed_id }) => maybeOneBed(db, bed_id)?.name)),
      plants: unique(
        places.map(({ planting_id }) => (planting_id === null ? null : maybeOnePlanting(db, planting_id)?.label)),
      ),
      cause: cause === undefined ? null : keptWords(tables, 'causes', cause),
      remedy: remedy === null ? null : keptWords(tables, 'remedies', remedy),
    },
  };
}
