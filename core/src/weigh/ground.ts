import type { SignId, Tables } from '../tables';
import type { Situation } from './situation';
import type { OfferedCheck, WeighedCondition, Weighing } from './weigh';

/** Two conditions that cannot both hold, although signs speak for each. */
export interface Opposed {
  readonly a: WeighedCondition;
  readonly b: WeighedCondition;
  readonly forA: readonly SignId[];
  readonly forB: readonly SignId[];
}

export interface GroundReading {
  /** Likeliest first, only those that something speaks for. */
  readonly conditions: readonly WeighedCondition[];
  readonly opposed: readonly Opposed[];
  /** The two cheapest checks of those that would settle most. */
  readonly checks: readonly OfferedCheck[];
}

/** Under this a condition is not worth a line in a reading of the ground. */
const worthALine = 0.2;
/** From here on a side of a contradiction is worth mentioning. */
const hasASide = 0.15;

/** What a bed says by itself: the place, where it contradicts itself, and what would settle it cheaply. */
export function groundReading(
  { checks }: Tables,
  { conditions, nextChecks }: Weighing,
  { setting, checksDone = [] }: Pick<Situation, 'setting' | 'checksDone'> = {},
): GroundReading {
  const byId = new Map(conditions.map((row) => [row.id, row]));
  const signsFor = (row: WeighedCondition) =>
    row.because.filter(({ state }) => state === 'seen').map(({ sign }) => sign);
  const effort = ({ id }: OfferedCheck) => {
    const row = checks.find((check) => check.id === id);
    return (row?.minutes ?? 0) + 10 * (row?.waitDays ?? 0);
  };
  // Where little hangs on the answer, the cheapest look at the leading conditions is still worth having.
  const leading = new Set(conditions.slice(0, 3).flatMap(({ row }) => row.signs.map(({ sign }) => sign)));
  const others = checks
    .filter(({ id, settings, answers }) => {
      if (nextChecks.some((check) => check.id === id) || checksDone.includes(id)) return false;
      if (settings && setting && !settings.includes(setting)) return false;
      return conditions.length > 0 && answers.some(({ gives }) => gives.some(({ sign }) => leading.has(sign)));
    })
    .map(({ id, minutes }): OfferedCheck => ({ id, minutes, gain: 0, perMinute: 0, settles: [] }))
    .sort((a, b) => effort(a) - effort(b));
  const cheapest = [...[...nextChecks.slice(0, 5)].sort((a, b) => effort(a) - effort(b)), ...others].slice(0, 2);
  return {
    conditions: conditions.filter(({ probability }) => probability >= worthALine),
    opposed: conditions.flatMap((a) => {
      const b = byId.get(a.row.opposite ?? '');
      if (!b || Math.min(a.probability, b.probability) < hasASide) return [];
      const forA = signsFor(a);
      const forB = signsFor(b);
      return forA.length > 0 && forB.length > 0 ? [{ a, b, forA, forB }] : [];
    }),
    checks: cheapest,
  };
}
