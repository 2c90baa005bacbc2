import type { FollowResponse, JobView, StepView } from '@trowel/core/contract';
import { sayFollow } from '@trowel/core/headless';
import { follow } from '@trowel/core/follow';
import {
  asksFor,
  drawnMl,
  faultsToAsk,
  fillsOf,
  helpersOver,
  jobVolume,
  judgedIn,
  partName,
  partNamed,
  passedSteps,
  sharesOf,
  spreadOver,
  waysToCount,
  type JobCounts,
} from '@trowel/core/jobs';
import { fedFrom } from '@trowel/core/judge';
import { batchState } from '@trowel/core/mix';
import { addDays } from '@trowel/core/quantities';
import { againstHour, whatGives, type PlannedStep } from '@trowel/core/plan';
import type { RemedyRow, StepSpec, Tables } from '@trowel/core/tables';
import {
  amountsWords,
  brewDrawnWords,
  carryWords,
  cautionLine,
  cautionWords,
  doseWords,
  faultWords,
  countedWords,
  haltedWords,
  helpersWords,
  joinsWords,
  fillsWords,
  keptWords,
  measuredForWords,
  readyMixWords,
  resultChoices,
  resultWords,
  shareWords,
  spreadShareWords,
  spreadWords,
  earliestWords,
  givesWords,
  sentences,
  unplacedWords,
  waitsWords,
  worstWords,
  whyThen,
} from '@trowel/core/wording';
import type { Db } from '../database';
import { maybeOneVessel } from '../store/bench';
import { maybeOneCase, type CaseRow } from '../store/cases';
import { maybeOneCount } from '../store/counts';
import { anyBeds, anyBedsGone, maybeOneBed, maybeOnePlanting, oneGarden, type GardenRow } from '../store/garden';
import {
  anyApplications,
  anyPlaces,
  anyStepsOf,
  type ApplicationRow,
  type JobRow,
  type PlaceRow,
  type StepRow,
} from '../store/jobs';
import { maybeDoing } from '../store/moves';
import { maybeOneRoutine } from '../store/routines';
import { workedOut } from '../store/remembered';
import {
  brewOf,
  jobRemedy,
  mixOf,
  placeName,
  placesOn,
  roundOf,
  sizesOf,
  sproutedAt,
  strengthOf,
  type JobKind,
} from './job';
import { nextByLife, resprayLine } from './life';
import { type Deps, type LaidOut } from './plan';
import { againstRound, applyCautions } from './step-safety';
import { stockOf } from './stock';
import { jobCounts, judgedBy, levelView } from './verdict';

/** How a job is called: by its part of a routine, by its remedy, also where that is no longer known, or by the gardener's own words. */
export function jobName(tables: Tables, job: Omit<JobKind, 'every_days'>): string {
  const { remedy, wish, recipe } = job;
  const ofRoutine = partNamed(tables, job);
  if (ofRoutine) return partName(ofRoutine.row, ofRoutine.part);
  return wish ?? recipe?.name ?? keptWords(tables, 'remedies', remedy ?? '');
}

/** Every step of the round that a job is in: done, skipped, planned or without a day, in the order of the chain. */
export function stepsOf(deps: Deps, laidOut: LaidOut, row: JobRow): StepView[] {
  const { db, tables } = deps;
  const remedy = jobRemedy(tables, row);
  if (!remedy) return [];
  const { round, progress, events, isHalted, haltedBy, isOver } = roundOf(db, tables, row, remedy);
  const passed = passedSteps(remedy, progress);
  const ofStep = new Map(events.map((event) => [event.step, event]));
  const owner = row.case_id === null ? undefined : maybeOneCase(db, row.case_id);
  // The same for every step that puts it on, and worth working out once.
  const isOpen = remedy.steps.some(({ id, applies }) => applies && !ofStep.has(id));
  const { cautions, carry } = isOpen
    ? workedOut(db, tables, `to put on ${row.id}`, [row, laidOut.today, Math.floor(laidOut.hourNow)], () =>
        toPutOn(deps, row, remedy, laidOut),
      )
    : { cautions: [], carry: null };
  const base = baseOf(deps, row, owner);
  const ofRound = remedy.steps.map((step): StepView => {
    const event = ofStep.get(step.id);
    const planned = laidOut.plan.steps.find((item) => item.job === row.id && item.step.id === step.id);
    const stuck = laidOut.plan.unplaced.find((item) => item.job === row.id && item.step.id === step.id);
    const asks = asksFor(remedy, step);
    const view = {
      ...base,
      ...ofSpec(step),
      round,
      asks: asks
        ? {
            for: asks,
            results: resultChoices(asks),
            ways: waysToCount(remedy, asks === 'count' ? jobCounts(db, tables, row, remedy).all : []),
            each: remedy.expect.each ?? 'leaf',
            when: step.phase === 'look' ? ('after' as const) : ('before' as const),
          }
        : null,
      found: foundWords(db, event),
      carry: event ? null : step.applies ? carry : brewToBegin(deps, row, step, laidOut.today),
      cautions: step.applies && !event ? cautions : [],
      couldGive: [],
    };
    if (event) return { ...view, state: event.outcome, date: event.on_date, hour: null, whyThen: '', sureness: 1 };
    if (passed.has(step.id)) return { ...view, state: 'passed', date: null, hour: null, whyThen: '', sureness: 1 };
    if (planned)
      return {
        ...view,
        // As it stands in the plan: it may come early, and says why.
        ...ofSpec(planned.step),
        state: 'planned',
        date: planned.date,
        hour: planned.hour,
        whyThen: whyThen(planned, laidOut.today),
        waits: waitsFor(planned, laidOut),
        overdueSince: planned.overdueSince ?? null,
        sureness: planned.sureness,
      };
    const isEnded = isOver || row.ended_on !== null || owner?.status === 'closed';
    const passedOver = stuck?.passedOver ?? [];
    const because = isEnded ? 'over' : isHalted ? 'halted' : passedOver.length > 0 ? 'no-day' : 'waits';
    const gives = because === 'no-day' ? givesOf(deps, laidOut, { job: row.id, step: step.id }) : undefined;
    return {
      ...view,
      state: 'unplaced',
      stuck: because,
      couldGive: gives?.couldGive ?? [],
      date: null,
      hour: null,
      whyThen: sentences(
        because === 'halted' ? haltedWords(haltedBy) : unplacedWords(passedOver, isEnded),
        gives && earliestWords(gives.earliest, laidOut.today),
      ),
      sureness: 0,
    };
  });
  // What was done today stays in sight, also where it was the last of its round.
  const justDone = anyStepsOf(db, row.id).flatMap((event): StepView[] => {
    const step = remedy.steps.find(({ id }) => id === event.step);
    if (!step || event.round === round || event.on_date !== laidOut.today) return [];
    return [
      {
        ...base,
        ...ofSpec(step),
        round: event.round,
        asks: null,
        found: resultWords(event.result),
        carry: null,
        cautions: [],
        state: event.outcome,
        date: event.on_date,
        hour: null,
        whyThen: '',
        sureness: 1,
      },
    ];
  });
  return [...justDone, ...ofRound];
}

/** What would have to give for a step that no day fits. */
function givesOf({ db, tables }: Deps, { problem, plan, today, jobs }: LaidOut, asked: { job: string; step: string }) {
  const found = workedOut(db, tables, `what gives ${asked.job} ${asked.step}`, [today], () =>
    whatGives(problem, plan, asked),
  );
  const nameOf = (id: string) => {
    const row = jobs.get(id);
    return row ? jobName(tables, row) : id;
  };
  return (
    found && {
      earliest: found.earliest,
      couldGive: found.couldGive.map((one): StepView['couldGive'][number] => ({
        says: givesWords(one, nameOf, today),
        stops: one.gives.flatMap((give) =>
          give.kind === 'other' ? [{ jobId: give.job, name: nameOf(give.job) }] : [],
        ),
        changes: one.gives.flatMap(({ kind }) => (kind === 'other' ? [] : [kind])),
      })),
    }
  );
}

/** What is to be minded and carried where it is put on. */
function toPutOn({ db, tables }: Deps, row: JobRow, remedy: RemedyRow, { today, hourNow }: LaidOut) {
  const { measures } = oneGarden(db);
  const card = mixOf(db, tables, row, remedy, today);
  return {
    cautions: applyCautions(db, tables, row, today, hourNow).map((found) => cautionWords(tables, found, measures)),
    carry:
      card?.kind === 'mix'
        ? carryWords(card, tables, measures)
        : (spreadOf({ db, tables }, row, remedy, today)?.says ?? null),
  };
}

/** Which of several places comes first or last, where one was said to be worst. */
function orderOf(db: Db, { id }: JobRow, { worst }: RemedyRow): string | null {
  const place = anyPlaces(db, id).find(({ is_worst }) => is_worst);
  return worst && place ? worstWords(placeName(db, place), worst) : null;
}

/** What a job spreads over its places, in words; undefined where it spreads nothing. */
function spreadOf({ db, tables }: Pick<Deps, 'db' | 'tables'>, row: JobRow, remedy: RemedyRow, today: string) {
  const step = remedy.steps.find(({ layer }) => layer);
  const places = sizesOf(db, placesOn(db, tables, row.id, remedy, today));
  const spread =
    step &&
    spreadOver(
      step,
      places.map(({ size }) => size),
      row.volume_ml,
    );
  const { measures } = oneGarden(db);
  const helpers = helpersOver(
    remedy,
    places.map(({ size }) => size),
  );
  if (helpers)
    return {
      says: helpersWords(helpers, measures),
      shares:
        places.length < 2
          ? []
          : places.map(({ place }, at) => spreadShareWords(placeName(db, place), helpers.shares[at] ?? null, measures)),
    };
  return (
    spread && {
      says: spreadWords(spread, measures),
      shares:
        places.length < 2
          ? []
          : places.map(({ place }, at) => spreadShareWords(placeName(db, place), spread.litres[at] ?? null, measures)),
    }
  );
}

/** How much of a brew is begun, where a step of a routine begins one. */
function brewToBegin(deps: Deps, row: JobRow, step: StepSpec, today: string): string | null {
  const routine = row.routine_id === null ? undefined : maybeOneRoutine(deps.db, row.routine_id);
  const part = partNamed(deps.tables, row)?.part;
  return routine && part?.begins !== undefined && step.phase === 'apply' ? stockOf(deps, routine, today) : null;
}

/** What a step found; a count in its mean. */
function foundWords(db: Db, event: StepRow | undefined): string | null {
  const count = event?.count_id ? maybeOneCount(db, event.count_id) : undefined;
  return count ? countedWords(count.counts, count.unit) : resultWords(event?.result ?? null);
}

function baseOf({ db, tables }: Deps, row: JobRow, owner: CaseRow | undefined) {
  const [place] = anyPlaces(db, row.id);
  const name = jobName(tables, row);
  return {
    caseId: row.case_id,
    caseName: owner?.name ?? name,
    pattern: owner?.pattern ?? row.pattern,
    ...namesFor(db, row.id),
    plantLabel: (place?.planting_id && maybeOnePlanting(db, place.planting_id)?.label) || null,
    jobId: row.id,
    remedy: row.remedy ?? '',
    remedyName: name,
    waits: null,
    stuck: null,
    couldGive: [],
    overdueSince: null,
  };
}

const ofSpec = ({ id, phase, kind, does, why, minutes }: StepSpec) => ({
  step: id,
  phase,
  kind: kind ?? null,
  does,
  why,
  minutes,
});

/** Beds in walking order, as one walks them. */
function namesFor(db: Db, jobId: string): { bedName: string; bedIds: string[] } {
  const beds = new Set(anyPlaces(db, jobId).map(({ bed_id }) => bed_id));
  const here = [...anyBeds(db), ...anyBedsGone(db)].filter(({ id }) => beds.has(id));
  return { bedName: here.map(({ name }) => name).join(', '), bedIds: here.map(({ id }) => id) };
}

/** What is in the way of a step that is due today but not at this hour; null where nothing is. */
function waitsFor({ job, step, date, hour }: PlannedStep, { today, hourNow, problem }: LaidOut): string | null {
  const owner = problem.jobs.find(({ id }) => id === job);
  if (!owner || date !== today || hour <= hourNow) return null;
  const [now] = againstHour(problem, owner, step, date, Math.floor(hourNow));
  return waitsWords(now, hour);
}

/** A job with everything that any page shows of it. */
export function jobViewOf(deps: Deps, laidOut: LaidOut, row: JobRow): JobView {
  const { db, tables } = deps;
  const remedy = jobRemedy(tables, row);
  const owner = row.case_id === null ? undefined : maybeOneCase(db, row.case_id);
  const applied = anyApplications(db, row.id);
  const lifeNow =
    remedy && row.ended_on === null ? nextByLife(db, tables, laidOut.garden, row, remedy, laidOut.today) : undefined;
  const counts = remedy ? jobCounts(db, tables, row, remedy, applied) : undefined;
  const { strength, volume_ml, water, vessel_id, batch_id, every_days, until_on } = row;
  const viewOf = (when: 'before' | 'after') => (count: JobCounts['after'][number]) => ({
    id: count.id,
    on: count.on,
    isTreated: count.isTreated,
    counts: [...count.counts],
    ...levelView(count.counts, count.unit),
    when,
  });
  return {
    id: row.id,
    caseId: row.case_id,
    caseName: owner?.name ?? null,
    pattern: owner?.pattern ?? row.pattern,
    remedy: row.remedy,
    remedyName: jobName(tables, row),
    isKnown: remedy !== undefined,
    isPutOn: remedy?.steps.some(({ applies }) => applies) ?? false,
    places: anyPlaces(db, row.id).map(({ bed_id, planting_id, is_worst }) => {
      const planting = planting_id === null ? undefined : maybeOnePlanting(db, planting_id);
      return {
        bedId: bed_id,
        bedName: maybeOneBed(db, bed_id)?.name ?? '',
        plantingId: planting_id,
        plant: planting?.plant ?? null,
        plantLabel: planting?.label ?? null,
        isWorst: is_worst,
      };
    }),
    setting: {
      strength,
      volumeMl: volume_ml,
      water,
      vesselId: vessel_id,
      batchId: batch_id,
      everyDays: every_days,
      until: until_on,
    },
    amounts: remedy ? amountsOf(deps, laidOut, row, remedy) : null,
    spread: (remedy && spreadOf(deps, row, remedy, laidOut.today)) ?? null,
    order: remedy ? orderOf(db, row, remedy) : null,
    routine:
      row.routine_id === null ? null : { id: row.routine_id, name: keptWords(tables, 'routines', row.routine ?? '') },
    chosenOn: row.chosen_on,
    endedOn: row.ended_on,
    endedBecause: row.ended_because,
    round: remedy ? roundOf(db, tables, row, remedy).round : 1,
    measuredBy: measuredBy(remedy, counts),
    wantsCount: counts?.before ? 'after' : 'before',
    counts: counts
      ? [
          ...[counts.untreatedBefore, counts.before].flatMap((count) => (count ? [viewOf('before')(count)] : [])),
          ...[...counts.after, ...counts.untreatedAfter].map(viewOf('after')),
        ]
      : [],
    steps: stepsOf(deps, laidOut, row),
    applied: appliedWords(db, tables, applied, remedy, laidOut.garden),
    follow: followOf(db, tables, row, laidOut) ?? null,
    respray: lifeNow ? resprayLine(lifeNow, laidOut.today) : null,
    doing: {
      asks: remedy ? faultsToAsk(remedy).map((id) => ({ id, says: faultWords[id] })) : [],
      missed: maybeDoing(db, row.id)?.missed ?? null,
    },
  };
}

/** What a job is judged by, by the counts it has. */
function measuredBy(remedy: RemedyRow | undefined, counts: JobCounts | undefined): JobView['measuredBy'] {
  if (!remedy || !counts) return { what: '', sign: '', unit: 'number', each: 'leaf', clearBelow: 0, ways: [] };
  const { what, sign, unit, each = 'leaf', clearBelow } = judgedIn(remedy, counts.unit).expect;
  return { what, sign, unit, each, clearBelow, ways: waysToCount(remedy, counts.all) };
}

function amountsOf(
  { db, tables }: Deps,
  { today, garden }: LaidOut,
  row: JobRow,
  remedy: RemedyRow,
): JobView['amounts'] {
  const { recipe } = remedy;
  const strength = strengthOf(db, tables, row, remedy, today);
  const card = mixOf(db, tables, row, remedy, today);
  if (!card) return null;
  const all = anyPlaces(db, row.id);
  const places = sizesOf(db, placesOn(db, tables, row.id, remedy, today));
  const sizes = places.map(({ size }) => size);
  const volumeMl = jobVolume(remedy, { volumeMl: row.volume_ml }, sizes);
  const shares = sharesOf(remedy, sizes, volumeMl);
  const vessel = row.vessel_id === null ? undefined : maybeOneVessel(db, row.vessel_id);
  const worstPlace = all.find(({ is_worst }) => is_worst);
  const worst = worstPlace && placeName(db, worstPlace);
  const brew = brewOf(db, row, today);
  const takesMl = card.kind === 'mix' ? drawnMl(remedy, card.parts) : 0;
  const leftMl = brew ? batchState(brew.batch, today).leftMl : 0;
  return {
    strength: strength ?? null,
    volumeMl,
    says:
      recipe && strength !== undefined
        ? amountsWords(recipe, strength, volumeMl, garden.measures)
        : readyMixWords(volumeMl, garden.measures),
    carry: card.kind === 'mix' ? carryWords(card, tables, garden.measures) : null,
    forPlaces: measuredForWords(remedy, sizes, garden.measures),
    shares:
      all.length < 2
        ? []
        : [
            ...places.map(({ place }, at) => {
              const name = placeName(db, place);
              const ml = shares[at] ?? 0;
              return { place: name, ml, says: shareWords(name, ml, garden.measures) };
            }),
            ...all
              .filter((one) => !places.some(({ place }) => isSamePlace(place, one)))
              .map((place) => {
                const name = placeName(db, place);
                const sprouted = sproutedAt(db, place);
                const from = sprouted ? addDays(sprouted.on, fedFrom(sprouted)) : today;
                return { place: name, ml: 0, says: joinsWords(name, from, today) };
              }),
          ],
    fills:
      vessel && volumeMl > vessel.volume_ml + 0.5
        ? fillsWords(vessel.name, vessel.volume_ml, fillsOf(volumeMl, vessel.volume_ml), garden.measures, {
            worst,
            doseIn: (ml) =>
              card.kind === 'mix'
                ? doseWords(card.parts, ml / volumeMl, tables, garden.measures)
                : readyMixWords(ml, garden.measures),
          })
        : null,
    against:
      card.kind === 'refused'
        ? card.because.map((found) => cautionLine(tables, found, garden.measures)).join(' ')
        : null,
    brew: brew
      ? {
          id: brew.id,
          name: brew.name,
          takesMl,
          leftMl,
          says: brewDrawnWords(brew.name, takesMl, leftMl, garden.measures),
        }
      : null,
  };
}

const isSamePlace = (a: PlaceRow, b: PlaceRow) => a.bed_id === b.bed_id && a.planting_id === b.planting_id;

/** What was put on, day by day: in all places of a step together. */
function appliedWords(
  db: Db,
  tables: Tables,
  applied: readonly ApplicationRow[],
  remedy: RemedyRow | undefined,
  { measures }: GardenRow,
): JobView['applied'] {
  const byEvent = new Map<number, ApplicationRow[]>();
  for (const row of applied) byEvent.set(row.event_id, [...(byEvent.get(row.event_id) ?? []), row]);
  return [...byEvent.values()].flatMap((rows) => {
    const [first] = rows;
    if (!first) return [];
    const ml = rows.reduce((sum, { volume_ml }) => sum + (volume_ml ?? 0), 0);
    const beds = [...new Set(rows.map(({ bed_id }) => maybeOneBed(db, bed_id)?.name ?? ''))].join(', ');
    const amount =
      ml === 0
        ? ''
        : remedy?.recipe && first.strength !== null
          ? `${amountsWords(remedy.recipe, first.strength, ml, measures)}, `
          : `${readyMixWords(ml, measures)}, `;
    return [{ on: first.on_date, says: `${amount}${beds || keptWords(tables, 'remedies', first.remedy)}` }];
  });
}

/** Is it a crop of which another could be sown? */
function canGiveUp(db: Db, { sowing }: Tables, { case_id }: JobRow): boolean {
  const plantingId = case_id === null ? null : maybeOneCase(db, case_id)?.planting_id;
  const planting = plantingId ? maybeOnePlanting(db, plantingId) : undefined;
  return planting?.removed_on === null && sowing.some(({ plant }) => plant === planting.plant);
}

/** The verdict on one job and what to do next, on the days of the plan; undefined while there is nothing to judge by. */
export function followOf(
  db: Db,
  tables: Tables,
  row: JobRow,
  { plan, garden, today }: LaidOut,
): FollowResponse | undefined {
  const found = judgedBy(db, tables, row);
  if (!found) return undefined;
  const { remedy, input, lastOn } = found;
  const notBefore = nextByLife(db, tables, garden, row, remedy, today)?.from;
  const ownSteps = plan.steps.filter(({ job }) => job === row.id);
  const nextLook = ownSteps.find(({ step }) => step.phase === 'look');
  const nextRound = ownSteps.find(({ step }) => step.applies);
  const result = follow({
    ...input,
    ...(nextLook ? { nextLookOn: nextLook.date } : {}),
    ...(nextRound ? { nextRoundOn: nextRound.date } : {}),
    ...(notBefore === undefined ? {} : { notBefore }),
    canGiveUp: canGiveUp(db, tables, row),
    against: againstRound(db, tables, row, remedy),
  });
  return sayFollow(result, remedy, lastOn, input);
}
