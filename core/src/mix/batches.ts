import { addDays, daysBetween, type IsoDate } from '../quantities/days';
import type { BatchEventKind, BatchKind } from '../tables';
import { brewKinds, brewParts, daysToReady, type BrewKind } from './bench';
import { daysToDone, dissolvedAfter, extract } from './bench/extraction';

/** Classes for the safety rules. */
export const batchClasses: Readonly<Record<BatchKind, readonly string[]>> = {
  weed: ['ferment', 'feed'],
  'leaf-mould': ['ferment', 'living', 'starch-brew'],
  neem: ['neem', 'steep'],
  compost: ['ferment', 'feed'],
  'shell-extract': ['acid', 'shell', 'calcium'],
};

export interface Batch {
  readonly kind: BatchKind;
  readonly startedOn: IsoDate;
  readonly volumeMl: number;
  /** °C where it stands. */
  readonly warmth: number;
  /** Of shells in vinegar: g of shell, % acid, and how fine. */
  readonly shell?: {
    readonly grams: number;
    readonly acidPercent: number;
    readonly grain: 'powder' | 'crushed' | 'pieces';
  };
  readonly events: readonly BatchEvent[];
}

export interface BatchEvent {
  readonly kind: BatchEventKind;
  readonly on: IsoDate;
  readonly ml?: number;
}

/** What a brew may want today; the words stand in `wording/brews`. */
export const choreKinds = [
  'throw-out',
  'look-ready',
  'strain',
  'strain-soon',
  'swirl',
  'stir',
  'loose-lid',
  'begin-next',
] as const;
export interface BatchChore {
  readonly kind: (typeof choreKinds)[number];
  readonly due: boolean;
}

export interface BatchState {
  readonly age: number;
  readonly readyOn: IsoDate;
  readonly bestBefore: IsoDate;
  readonly stage: 'working' | 'ready' | 'past' | 'gone';
  /** Water to one part, now (or when it is ready). */
  readonly parts: number;
  readonly leftMl: number;
  /** mL of ready mix that what is left gives. */
  readonly givesMl: number;
  /** Share of the shell dissolved by now, %, and mg/L calcium when done. */
  readonly dissolvedPercent?: number;
  readonly calcium?: number;
  readonly chores: readonly BatchChore[];
  /** Start the next one by then, at the pace this one is used. */
  readonly startNextBy?: IsoDate;
}

/** Days that a finished extract keeps in the cold (reviewed: 3–6 months). */
const extractKeeps = 120;
/** How far extract is thinned where nothing else is said. */
const extractParts = 1000;

/** Where a batch stands on a day. */
export function batchState(batch: Batch, today: IsoDate): BatchState {
  const age = daysBetween(batch.startedOn, today);
  const seenReady = batch.events.find(({ kind }) => kind === 'fizz-ended' || kind === 'ready-seen')?.on;
  const notYet = batch.events.findLast(({ kind }) => kind === 'not-yet')?.on;
  const strained = batch.events.find(({ kind }) => kind === 'strained')?.on;
  const used = batch.events.reduce((sum, { kind, ml }) => sum + (kind === 'used' ? (ml ?? 0) : 0), 0);
  const gone = batch.events.some(({ kind }) => kind === 'thrown-out');
  const isOff = batch.events.some(({ kind }) => kind === 'gone-off');
  const leftMl = gone ? 0 : Math.max(0, batch.volumeMl - used);
  const ready = readyAfter(batch);
  // What was seen of it goes before what is reckoned: looked at and not ready, it is looked at again a day later.
  const reckoned = addDays(batch.startedOn, Math.ceil(ready));
  const readyOn = seenReady ?? (notYet !== undefined && notYet >= reckoned ? addDays(notYet, 1) : reckoned);
  const keeps = batch.kind === 'shell-extract' ? extractKeeps : brewKinds[batch.kind].keeps;
  // What is strained keeps from then on; a weed brew keeps, and grows stronger, from ready.
  const bestBefore = addDays(strained ?? readyOn, keeps);
  const isReady = today >= readyOn;
  const stage = gone || leftMl === 0 ? 'gone' : isOff || today > bestBefore ? 'past' : isReady ? 'ready' : 'working';
  const parts =
    batch.kind === 'shell-extract' ? extractParts : brewParts(batch.kind, Math.max(age, ready), batch.warmth);
  const shell = batch.shell && shellProgress(batch, age);
  const startNextBy = nextStart(batch, leftMl, age, ready, today);
  return {
    age,
    readyOn,
    bestBefore,
    stage,
    parts,
    leftMl,
    givesMl: leftMl * (parts + 1),
    ...(shell ?? {}),
    chores:
      stage === 'gone'
        ? []
        : [
            ...(seenReady === undefined &&
            stage !== 'past' &&
            isWatched(batch) &&
            today >= addDays(reckoned, -1) &&
            (today <= addDays(reckoned, watchedDays) || notYet !== undefined)
              ? [{ kind: 'look-ready' as const, due: notYet !== today }]
              : []),
            ...choresOf(batch, stage, today, strained !== undefined),
          ],
    ...(startNextBy === undefined ? {} : { startNextBy }),
  };
}

/** So many days after it should be ready nobody looks any more. */
const watchedDays = 3;
/** Its readiness is seen, and the days are only a guess at it; shells say it by their fizz. */
const isWatched = ({ kind }: Batch): boolean => kind === 'leaf-mould' || kind === 'weed';

const readyAfter = ({ kind, warmth, shell }: Batch): number =>
  kind === 'shell-extract' ? daysToDone(shell?.grain ?? 'crushed') : daysToReady(kind satisfies BrewKind, warmth);

function shellProgress(
  { shell, volumeMl }: Batch,
  age: number,
): { dissolvedPercent: number; calcium: number } | undefined {
  if (!shell) return undefined;
  const { calcium } = extract(shell.grams, volumeMl, shell.acidPercent);
  return { dissolvedPercent: dissolvedAfter(age * 24, shell.grain) * 100, calcium };
}

function choresOf(
  { kind, events }: Batch,
  stage: BatchState['stage'],
  today: IsoDate,
  strained: boolean,
): BatchChore[] {
  const stirredToday = events.some((event) => event.kind === 'stirred' && event.on === today);
  if (stage === 'past') return [{ kind: 'throw-out', due: true }];
  if (stage === 'ready' && !strained)
    // Steeped leaf loses its strength within two days; a weed brew may stand on.
    return [{ kind: kind === 'neem' ? 'strain-soon' : 'strain', due: kind !== 'weed' }];
  if (stage === 'ready') return [];
  return [
    { kind: kind === 'shell-extract' ? 'swirl' : 'stir', due: !stirredToday },
    { kind: 'loose-lid', due: !stirredToday },
  ];
}

/** The day the next batch must be begun so that it is ready when this one runs out; undefined while nothing has been used. */
function nextStart({ events }: Batch, leftMl: number, age: number, ready: number, today: IsoDate): IsoDate | undefined {
  const used = events.reduce((sum, { kind, ml }) => sum + (kind === 'used' ? (ml ?? 0) : 0), 0);
  const usingDays = Math.max(1, age - ready);
  if (used === 0 || leftMl === 0) return undefined;
  const lasts = leftMl / (used / usingDays);
  return addDays(today, Math.max(0, Math.floor(lasts - ready)));
}
