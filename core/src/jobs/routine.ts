import { addDays, daysBetween, type IsoDate } from '../quantities';
import type { PartStart, RemedyRow, RoutinePart, RoutineRow, Tables } from '../tables';
import { limitFor } from '../judge';
import { milligramsOf } from '../mix';
import { doneRow } from './own';
import { firstRound, roundSteps } from './rounds';

/** From when to when a routine goes. */
export interface RoutineSpan {
  readonly begins: IsoDate;
  /** The last day on which a round may begin; null where it has none of its own. */
  readonly ends: IsoDate | null;
}

/** The last day of a routine where the gardener names none; null where it has no end of its own. */
export const endsUsually = ({ ends }: Pick<RoutineRow, 'ends'>, begins: IsoDate): IsoDate | null =>
  ends === undefined ? null : addDays(begins, ends.days);

/** The parts of a routine as a way of doing it has them; a way that is no longer known is the usual one. */
export function partsOf({ parts, ways }: RoutineRow, way: string | null): RoutinePart[] {
  const chosen = ways?.of.find(({ id }) => id === way) ?? ways?.of[0];
  return parts.map((part) => {
    const { cm, ...own } = chosen?.parts[part.id] ?? {};
    const changed = { ...part, ...own };
    return cm === undefined || !changed.steps
      ? changed
      : {
          ...changed,
          steps: changed.steps.map((step) => (step.layer ? { ...step, layer: { ...step.layer, cm } } : step)),
        };
  });
}

/** As a job of that part is called. */
export const partName = ({ name }: Pick<RoutineRow, 'name'>, part: Pick<RoutinePart, 'name'>): string =>
  `${name}: ${part.name}`;

/**
 * A part of a routine as a remedy: what it puts on lends limits, classes and amounts, the part its name and the steps of
 * one round. Undefined where the knowledge no longer has what it puts on.
 */
export function partRow(
  tables: Pick<Tables, 'remedies'>,
  routine: Pick<RoutineRow, 'name'>,
  part: RoutinePart,
): RemedyRow | undefined {
  const name = partName(routine, part);
  if (part.remedy === undefined) return doneRow(name, part.steps ?? [], part.counts);
  const remedy = tables.remedies.find(({ id }) => id === part.remedy);
  if (!remedy) return undefined;
  const whole = part.once ? firstRound(remedy) : remedy.steps;
  const steps = part.steps ?? (part.everyDays === undefined ? whole : roundSteps(remedy));
  // Rounds of the remedy's own are rounds of the routine.
  return { ...remedy, name, steps };
}

/** A part on the calendar, as long as nothing of the routine has been done. */
export interface PartDays {
  readonly part: RoutinePart;
  readonly from: IsoDate;
  /** No round begins after this day; null where it is done once, or has no end. */
  readonly until: IsoDate | null;
  /** Rounds in all; null where there is no end. */
  readonly rounds: number | null;
}

/** When each part begins and ends, none before today; what waits for a finding has no day. */
export function daysOfParts(parts: readonly RoutinePart[], { begins, ends }: RoutineSpan, today: IsoDate): PartDays[] {
  const from = new Map<string, IsoDate>();
  const startOf = ({ after, days, fromEnd, needs }: PartStart): IsoDate | undefined => {
    if (fromEnd) return ends === null ? undefined : [addDays(ends, days), today].sort().at(-1);
    const base = after === undefined ? begins : from.get(after);
    if (base === undefined) return undefined;
    return [addDays(base, days), today, from.get(needs ?? '') ?? today].sort().at(-1);
  };
  return parts.flatMap((part): PartDays[] => {
    if (part.starts.found) return [];
    const first = startOf(part.starts);
    if (first === undefined) return [];
    from.set(part.id, first);
    return [{ part, from: first, ...roundsOf(part, first, ends) }];
  });
}

/** The last day of a part that begins on a day, and its rounds until then. */
export function roundsOf(
  { everyDays, forDays }: Pick<RoutinePart, 'everyDays' | 'forDays'>,
  from: IsoDate,
  ends: IsoDate | null,
): Pick<PartDays, 'until' | 'rounds'> {
  if (everyDays === undefined) return { until: null, rounds: 1 };
  const until = forDays === undefined ? ends : addDays(from, forDays);
  return { until, rounds: until === null ? null : Math.max(0, Math.floor(daysBetween(from, until) / everyDays) + 1) };
}

/** Parts that follow another one, whose day moves with it. */
export const partsAfter = (parts: readonly RoutinePart[], id: string): RoutinePart[] =>
  parts.filter(({ starts }) => starts.after === id && starts.found === undefined);

/** What a finding of one part calls for. */
export const partsFor = (parts: readonly RoutinePart[], id: string, found: string): RoutinePart[] =>
  parts.filter(({ starts }) => starts.after === id && starts.found?.some((result) => result === found));

/** mL of a brew that is begun for what is to be drawn from it: a tenth over, for what stays in jar and sieve. */
export const stockFor = (takesMl: number): number => takesMl * 1.1;

/** A job's part of a routine, as the knowledge has it today; undefined for a job of none, or where either is gone. */
export function partNamed(
  tables: Pick<Tables, 'routines'>,
  {
    routine,
    way,
    part,
  }: { readonly routine: string | null; readonly way: string | null; readonly part: string | null },
): { readonly row: RoutineRow; readonly part: RoutinePart } | undefined {
  const row = tables.routines.find(({ id }) => id === routine);
  const found = row && partsOf(row, way).find(({ id }) => id === part);
  return row && found && { row, part: found };
}

/** A feed as its label has it for plants outdoors. */
export interface FeedLabel {
  /** mL of feed in a litre of water. */
  readonly mlPerLitre: number;
  /** % */
  readonly nitrogen: number;
}

/** What young plants are given of a feed. */
export interface FeedShare {
  readonly mlPerLitre: number;
  /** mg/L */
  readonly nitrogen: number;
  /** The share of the label alone would be too strong for them. */
  readonly isHeld: boolean;
}

/** g/mL of a liquid feed (labels; 1.05–1.25). */
const feedDensity = 1.1;

/**
 * A share of a label's rate, held under what young plants bear. Source: label grades, mg/L = mL/L × density × % × 10.
 * @param most mg/L of nitrogen, as the judge lets seedlings have it
 * @param cap mL/L, as far as the recipe goes
 */
export function shareOfLabel({ mlPerLitre, nitrogen }: FeedLabel, share: number, most: number, cap: number): FeedShare {
  const wanted = mlPerLitre * share;
  const each = milligramsOf(1, feedDensity, nitrogen);
  const given = Math.min(wanted, cap, each > 0 ? most / each : Infinity);
  return { mlPerLitre: given, nitrogen: given * each, isHeld: given < wanted - 1e-9 };
}

/**
 * What of a feed is given in a routine that goes by its label; undefined where it does not, or the knowledge no longer has
 * what it gives.
 */
export function feedByLabel(
  tables: Tables,
  { label, parts }: Pick<RoutineRow, 'label' | 'parts'>,
  given: FeedLabel,
): FeedShare | undefined {
  const part = parts.find(({ id }) => id === label?.part);
  const recipe = tables.remedies.find(({ id }) => id === part?.remedy)?.recipe;
  const most = limitFor(tables, { classes: ['nitrogen'] }, 'seedling', { isYoung: true })?.most;
  if (!label || recipe?.kind !== 'percent-volume' || most === undefined) return undefined;
  // A limit of 0.01 % is 100 mg/L; a cap of 0.3 % by volume is 3 mL/L.
  return shareOfLabel(given, label.share, most * 10_000, recipe.cap * 10);
}
