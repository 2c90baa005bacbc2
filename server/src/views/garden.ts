import type { GardenView, NotebookView, TodayView } from '@trowel/core/contract';
import { sunHours } from '@trowel/core/plan';
import { addDays, daysBetween } from '@trowel/core/quantities';
import { batchState } from '@trowel/core/mix';
import { brewWords, choreWords, hindranceSays, keptWords } from '@trowel/core/wording';
import { gardenTime } from '../clock';
import type { Db } from '../database';
import { anyCases, anyLateLooks, anyOpenCases } from '../store/cases';
import { anyBeds, anyPlantings, oneGarden } from '../store/garden';
import { anyLog } from '../store/log';
import { anyMarkedInClosed, anyStepsOf, anyTreatments, type TreatmentRow } from '../store/treatments';
import { anyBatches, anyBatchEvents, anyVessels } from '../store/bench';
import { standInWeather } from '../weather/stand-in';
import { batchOf, keptOf } from './bench';
import { logEntryOf } from './log';
import { layOut, placeOf, stepsOf, type Deps } from './plan';
import { historyOf } from './reading';
import { maybeRemedy, puts } from './step-safety';

/** From here on an earlier reading of the ground is told on the bed's card. */
const groundToldFrom = 0.5;

export function gardenViewOf({ db, tables, clock }: Deps): GardenView {
  const garden = oneGarden(db);
  const plantings = anyPlantings(db);
  const cases = anyCases(db);
  return {
    name: garden.name,
    latitude: garden.latitude,
    longitude: garden.longitude,
    timeZone: garden.time_zone,
    measures: garden.measures,
    tapHardness: garden.tap_hardness,
    buttHardness: garden.butt_hardness,
    usualHour: garden.usual_hour,
    climate: garden.climate,
    forbids: garden.forbids,
    onlyFromCupboard: garden.only_cupboard,
    schools: garden.schools,
    cupboard: keptOf(db),
    vessels: anyVessels(db).map(({ id, name, kind, classes, volume_ml }) => ({
      id,
      name,
      kind,
      classes,
      volumeMl: volume_ml,
    })),
    ...gardenTime(clock(), garden.time_zone),
    beds: anyBeds(db).map(({ id, name, setting, note }) => {
      const here = cases.filter(({ bed_id }) => bed_id === id);
      const newest = [...here].sort((a, b) => b.opened_on.localeCompare(a.opened_on));
      const conditions = new Map(
        newest
          .flatMap(({ reading }) => reading.conditions)
          .filter(({ probability }) => probability >= groundToldFrom)
          .map((row) => [row.id, row] as const),
      );
      return {
        id,
        name,
        setting,
        note,
        plantings: plantings
          .filter(({ bed_id }) => bed_id === id)
          .map((row) => ({
            id: row.id,
            plant: row.plant,
            plantName: keptWords(tables, 'plants', row.plant),
            label: row.label,
            plantedOn: row.planted_on,
          })),
        openCases: here.filter(({ status }) => status === 'open').length,
        conditions: [...conditions.values()].map((row) => ({
          ...row,
          name: keptWords(tables, 'conditions', row.id),
        })),
        history: historyOf(db, id).map(({ cause, times }) => ({
          cause,
          name: keptWords(tables, 'causes', cause),
          times,
        })),
      };
    }),
  };
}

/** Days of what is coming that Today shows. */
const daysShown = 7;

/** Brews that want something, or have just become ready. */
function brewsToday(db: Db, today: string): TodayView['brews'] {
  return anyBatches(db).flatMap((row) => {
    const state = batchState(batchOf(row, anyBatchEvents(db, row.id)), today);
    const chores = state.chores.filter(({ due }) => due).map(({ kind }) => ({ kind, does: choreWords[kind].does }));
    return chores.length === 0 || state.stage === 'gone'
      ? []
      : [{ id: row.id, name: row.name, pattern: row.pattern, says: brewWords(state, today), chores }];
  });
}

export function todayViewOf(deps: Deps): TodayView {
  const { db, tables } = deps;
  const laidOut = layOut(deps);
  const { today, hourNow, garden, cases, treatments, plan } = laidOut;
  const order = new Map(anyBeds(db).map(({ name, walking_order }) => [name, walking_order]));
  const steps = [...treatments.values()]
    .flatMap((row) => {
      const owner = cases.get(row.case_id);
      return owner ? stepsOf(deps, laidOut, row, owner) : [];
    })
    .sort(
      (a, b) =>
        (a.date ?? '').localeCompare(b.date ?? '') ||
        (order.get(a.bedName) ?? 0) - (order.get(b.bedName) ?? 0) ||
        (a.hour ?? 0) - (b.hour ?? 0),
    );
  const at = placeOf(garden);
  return {
    today,
    hourNow,
    gardenName: garden.name,
    due: steps.filter(({ state, date }) => state === 'planned' && date === today),
    coming: steps.filter(
      ({ state, date }) =>
        state === 'planned' && date !== null && date > today && daysBetween(today, date) <= daysShown,
    ),
    doneToday: steps.filter(({ state, date }) => state === 'done' && date === today),
    stuck: steps.filter(({ stuck }) => stuck === 'no-day'),
    lateLooks: anyLateLooks(db, addDays(today, -14), addDays(today, daysShown)).map(
      ({ id, name, pattern, late_look_on }) => ({ caseId: id, caseName: name, pattern, on: late_look_on ?? today }),
    ),
    marked: anyMarkedInClosed(db, addDays(today, daysShown)).flatMap((row) => {
      const remedy = maybeRemedy(tables, row.remedy);
      if (!remedy) return [];
      const { id, case_id, case_name, pattern, chosen_on } = row;
      return [
        { treatmentId: id, caseId: case_id, caseName: case_name, pattern, remedyName: remedy.name, on: chosen_on },
      ];
    }),
    // What merely followed, or is overdue and so stands on today, is no news.
    moved: plan.moved.flatMap(({ job, step, from, to, because }) => {
      if (because === undefined || from < today) return [];
      const owner = cases.get(treatments.get(job)?.case_id ?? '');
      const does = plan.steps.find((item) => item.job === job && item.step.id === step)?.step.does ?? step;
      return [{ does, caseName: owner?.name ?? '', from, to, why: hindranceSays(because) }];
    }),
    sky: standInWeather(at, today, daysShown).map(({ date, hours }) => {
      const { rise, set } = sunHours(date, at);
      return { date, rise, set, hours: [...hours] };
    }),
    openCases: anyOpenCases(db).length,
    brews: brewsToday(db, today),
  };
}

/** Lines of the log that the notebook shows. */
const logShown = 60;
/** Outcomes that tell whether a remedy worked; given up, left alone or mistaken tells nothing of it. */
const tells = ['solved', 'no-change', 'worse', 'plant-harmed'];

/** Chosen is not tried: it was put on at least once, or it was to wait. */
function wasTried({ db, tables }: Pick<Deps, 'db' | 'tables'>, { id, remedy }: TreatmentRow): boolean {
  const row = maybeRemedy(tables, remedy);
  return (
    row?.rung === 'leave' ||
    anyStepsOf(db, id).some(({ step, outcome }) => outcome === 'done' && (!row || puts(row, step)))
  );
}

/** Two imagined trials, one good and one bad, keep few trials from looking sure (Laplace). */
const imaginedTrials = 2;

export function notebookViewOf({ db, tables }: Deps): NotebookView {
  const { measures } = oneGarden(db);
  const closed = anyCases(db).filter(({ status, outcome }) => status === 'closed' && tells.includes(outcome ?? 'left'));
  const byRemedy = new Map<string, NotebookView['worked'][number]['cases']>();
  for (const row of closed)
    for (const remedy of new Set(
      anyTreatments(db, row.id)
        .filter((treatment) => wasTried({ db, tables }, treatment))
        .map((treatment) => treatment.remedy),
    ))
      byRemedy.set(remedy, [
        ...(byRemedy.get(remedy) ?? []),
        { id: row.id, name: row.name, outcome: row.outcome ?? 'left', on: row.closed_on ?? row.opened_on },
      ]);
  const worked = [...byRemedy].map(([remedy, list]) => {
    const solved = list.filter(({ outcome }) => outcome === 'solved').length;
    return {
      remedy,
      remedyName: keptWords(tables, 'remedies', remedy),
      tried: list.length,
      solved,
      cautiousRate: (solved + imaginedTrials / 2) / (list.length + imaginedTrials),
      lastOn:
        list
          .map(({ on }) => on)
          .sort()
          .pop() ?? '',
      cases: list,
    };
  });
  return {
    worked: worked.sort((a, b) => b.tried - a.tried || b.cautiousRate - a.cautiousRate),
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
    log: anyLog(db, logShown).map((entry) => logEntryOf({ db, tables, measures }, entry)),
  };
}
