import type { NotebookView } from '@trowel/core/contract';
import { learntOf } from '@trowel/core/learn';
import type { TrialEnd } from '@trowel/core/tables';
import { fullDate, keptWords, learntWords, strengthsWords, trialWords } from '@trowel/core/wording';
import { anyCases, maybeOneCase } from '../store/cases';
import { anyBeds, maybeOneBed, maybeOnePlanting, oneGarden } from '../store/garden';
import { anyPlaces, maybeOneJob } from '../store/jobs';
import { anyLog, type LogRow } from '../store/log';
import { writtenSoFar } from '../store/rows';
import { causeOf, trialsOf, type TrialIn } from './learnt';
import { logEntryOf } from './log';
import type { Deps } from './plan';
import { historyOf } from './reading';

/** Lines of the log that the notebook shows. */
const logShown = 300;
const told: readonly TrialEnd[] = ['worked', 'failed', 'harmed', 'by-itself'];

/** Hundreds of lines in words, made again only when something was written. */
export function notebookViewOf(deps: Deps): NotebookView {
  const { db, tables } = deps;
  const of = writtenSoFar(db);
  const last = lastViews.get(db);
  if (last?.of === of && last.tables === tables) return last.view;
  const view = notebookNow(deps);
  lastViews.set(db, { of, tables, view });
  return view;
}
const lastViews = new WeakMap<Deps['db'], { of: unknown; tables: Deps['tables']; view: NotebookView }>();

function notebookNow(deps: Deps): NotebookView {
  const { db, tables } = deps;
  const { measures } = oneGarden(db);
  const groups = new Map<string, TrialIn[]>();
  for (const trial of trialsOf(db, tables)) {
    if (!told.includes(trial.end)) continue;
    const key = `${trial.remedy} ${trial.cause ?? ''}`;
    groups.set(key, [...(groups.get(key) ?? []), trial]);
  }
  const worked = [...groups.values()].flatMap((trials): NotebookView['worked'] => {
    const [{ remedy, cause } = { remedy: '', cause: undefined }] = trials;
    const row = tables.remedies.find(({ id }) => id === remedy);
    const learnt = row && learntOf(row, trials);
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
        cases: [...new Map(trials.map((trial) => [trial.row.id, trial])).values()].map(
          ({ row: of, end, isCounted, on }) => ({
            id: of.id,
            end,
            isCounted,
            on,
            says: `${of.name}: ${trialWords[end]}, ${fullDate(on)}`,
          }),
        ),
      },
    ];
  });
  return {
    worked: worked.sort(
      (a, b) => b.cases.length - a.cases.length || b.worked - a.worked || b.lastOn.localeCompare(a.lastOn),
    ),
    places: anyBeds(db)
      .flatMap(({ id, name }) =>
        historyOf(db, id).map(({ cause, times, lastOn }) => ({
          bedName: name,
          cause,
          causeName: keptWords(tables, 'causes', cause),
          times,
          lastOn,
        })),
      )
      .sort((a, b) => b.times - a.times || b.lastOn.localeCompare(a.lastOn)),
    years: [...new Set(anyCases(db).map(({ opened_on }) => Number(opened_on.slice(0, 4))))].sort((a, b) => b - a),
    log: anyLog(db, logShown).map((row) => ({ ...logEntryOf({ db, tables, measures }, row), ...aboutOf(deps, row) })),
  };
}

/** Of what a line of the log is: its case, places, plant, cause and remedy, by which it can be sought. */
function aboutOf(
  { db, tables }: Deps,
  { case_id, body }: LogRow,
): NonNullable<Pick<NotebookView['log'][number], 'about'>> {
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
