import type { ReviewView } from '@trowel/core/contract';
import { inputError } from '@trowel/core/contract';
import { learntOf } from '@trowel/core/learn';
import { mean } from '@trowel/core/follow';
import { addDays } from '@trowel/core/quantities';
import { cameWords, earlierWords, keptWords, learntWords, notWorthWords, yearWords } from '@trowel/core/wording';
import { anyCasesOfYear, yearsOfCases, type CaseOfYear } from '../store/cases';
import { anyCountsOfCase } from '../store/counts';
import { maybeOneBed, oneGarden } from '../store/garden';
import { anyStepsDone, countRounds } from '../store/jobs';
import { jobRemedy } from './job';
import { trialsOf, type TrialIn } from './learnt';
import type { Deps } from './plan';

/** Looked for so many days before it was seen this year. */
const soonerBy = 10;
/** What stands at so many times the level when it is first counted was found late. */
const foundLate = 1.5;

/** A year looked back on: what came, what worked, what was not worth making, what to begin earlier. */
export function reviewViewOf(deps: Deps, id: string): ReviewView {
  const { db, tables } = deps;
  const year = Number(id);
  if (!/^\d{4}$/.test(id)) throw inputError('year', 'one-of', { known: '2024, 2025 …' });
  const [from, to] = [`${id}-01-01`, `${id}-12-31`];
  const cases = anyCasesOfYear(db, id).filter(({ outcome }) => outcome !== 'mistaken');
  const trials = trialsOf(db, tables, { year: id });
  const done = anyStepsDone(db, from, to).map(({ step, on_date, ...job }) => ({
    on: on_date,
    minutes: jobRemedy(tables, job)?.steps.find((spec) => spec.id === step)?.minutes ?? 0,
  }));
  const visits = [...new Set(done.map(({ on }) => on))];
  const inMonth = (on: string, at: number) => Number(on.slice(5, 7)) === at + 1;
  const byItself = new Set(trials.filter(({ end }) => end === 'by-itself').map(({ caseId }) => caseId));
  const solved = cases.filter(({ outcome }) => outcome === 'solved');
  return {
    year,
    years: yearsOfCases(db),
    gardenName: oneGarden(db).name,
    says: yearWords({
      year,
      opened: cases.length,
      solved: solved.length,
      byItself: solved.filter((row) => byItself.has(row.id)).length,
      visits: visits.length,
      minutes: done.reduce((sum, { minutes }) => sum + minutes, 0),
      rounds: countRounds(db, from, to),
    }),
    months: Array.from({ length: 12 }, (_, at) => ({
      cases: cases.filter(({ opened_on }) => inMonth(opened_on, at)).length,
      visits: visits.filter((on) => inMonth(on, at)).length,
    })),
    came: cameIn(deps, cases),
    ...judgedIn(deps, trials),
    earlier: earlierIn(deps, cases),
  };
}

function cameIn({ db, tables }: Deps, cases: readonly CaseOfYear[]): ReviewView['came'] {
  const byCause = new Map<string, CaseOfYear[]>();
  for (const row of cases) {
    const { cause } = row;
    if (cause !== null) byCause.set(cause, [...(byCause.get(cause) ?? []), row]);
  }
  return [...byCause]
    .map(([cause, rows]) => ({
      cause,
      causeName: keptWords(tables, 'causes', cause),
      times: rows.length,
      says: cameWords(
        [...new Set(rows.map(({ bed_id }) => maybeOneBed(db, bed_id)?.name ?? ''))],
        rows.map(({ opened_on }) => opened_on).reduce((a, b) => (a < b ? a : b)),
      ),
    }))
    .sort((a, b) => b.times - a.times || a.causeName.localeCompare(b.causeName));
}

function judgedIn({ tables }: Deps, trials: readonly TrialIn[]): Pick<ReviewView, 'worked' | 'notWorth'> {
  const ofRemedies = [...new Set(trials.map(({ remedy }) => remedy))].map((remedy) => {
    const own = trials.filter((trial) => trial.remedy === remedy);
    const row = tables.remedies.find(({ id }) => id === remedy);
    const byItself = own.filter(({ end }) => end === 'by-itself').length;
    return { remedyName: keptWords(tables, 'remedies', remedy), learnt: row && learntOf(row, own), byItself };
  });
  return {
    worked: ofRemedies
      .filter(({ learnt }) => (learnt?.worked ?? 0) > 0)
      .sort((a, b) => (b.learnt?.worked ?? 0) - (a.learnt?.worked ?? 0))
      .map(({ remedyName, learnt, byItself }) => ({ remedyName, says: learntWords(learnt, byItself) })),
    notWorth: ofRemedies
      .filter(({ learnt, byItself }) => (learnt?.worked ?? 0) === 0 && (learnt !== undefined || byItself > 0))
      .map(({ remedyName, learnt, byItself }) => ({
        remedyName,
        says: notWorthWords({ failed: learnt?.failed ?? 0, harmed: learnt?.harmed ?? 0, byItself }),
      })),
  };
}

/** Troubles that were far over the level to act on when they were first counted. */
function earlierIn({ db, tables }: Deps, cases: readonly CaseOfYear[]): ReviewView['earlier'] {
  return cases
    .flatMap((row): (ReviewView['earlier'][number] & { over: number })[] => {
      const { cause } = row;
      const threshold = tables.causes.find(({ id }) => id === cause)?.threshold;
      const [first] = anyCountsOfCase(db, row.id).filter(
        ({ sign, isTreated }) => isTreated && (sign === null || sign === threshold?.sign),
      );
      if (cause === null || !threshold || !first) return [];
      const over = mean(first.counts) / threshold.actAbove;
      if (over < foundLate) return [];
      return [
        {
          bedName: maybeOneBed(db, row.bed_id)?.name ?? '',
          causeName: keptWords(tables, 'causes', cause),
          says: earlierWords(row.opened_on, addDays(row.opened_on, -soonerBy), over),
          over,
        },
      ];
    })
    .sort((a, b) => b.over - a.over)
    .map(({ over: _, ...one }) => one);
}
