import type { SignId, Tables } from '../tables';
import type { About } from './vocabulary';

/** One stretch of a story: how likely it means each sign, and how likely it means none. */
export interface Told {
  /** By sign row; adds up to 1. */
  readonly chances: Float64Array;
  /** 0…1: that it means a sign at all. */
  readonly told: number;
  /** 0…1: that it was looked for and is not there. */
  readonly denied: number;
}

/** Share of what is told that has nothing to do with the trouble: weeds, care, what lies about. */
const aside = 0.35;
/** A cause that no plant of this kind has, unless its row says otherwise. */
const stranger = 0.02;
/** How far the story may speak for itself: 0 not at all, 1 as though one cause had to explain it all. */
const pull = 0.7;

/** Log-odds against the likeliest cause from which on a cause is left out. */
const unspokenFor = -18;

/** A chance below this is no reading. */
const leastChance = 0.002;

interface Ground {
  /** By cause: prior, and by sign row how likely it is told of that cause. */
  readonly priors: readonly number[];
  readonly tells: readonly Float64Array[];
  readonly usual: Float64Array;
}

const grounds = new WeakMap<object, Ground>();

/** How each cause tells its signs, from the tables, once. */
function groundOf({ causes, conditions, signs }: Tables): Ground {
  const known = grounds.get(causes);
  if (known) return known;
  const rowOf = new Map(signs.map(({ id }, row) => [id, row]));
  const all = [...causes, ...conditions];
  const base = Float64Array.from(signs, ({ background }) => background);
  const tells = all.map(({ signs: links }) => {
    const own = Float64Array.from(base);
    for (const { sign, strength } of links) {
      const row = rowOf.get(sign);
      if (row !== undefined) own[row] = 1 - (1 - own[row]!) * (1 - strength);
    }
    const total = own.reduce((sum, value) => sum + value, 0);
    return own.map((value) => value / total);
  });
  const priors = all.map(({ prior }) => prior.base);
  const sum = priors.reduce((total, prior) => total + prior, 0);
  const usual = new Float64Array(signs.length);
  tells.forEach((own, at) => own.forEach((value, row) => (usual[row]! += (value * priors[at]!) / sum)));
  const built: Ground = { priors, tells, usual };
  grounds.set(causes, built);
  return built;
}

/**
 * What a line reports is one story: stretches that fit the same cause support each other, and a lone odd one gives
 * way. Each stretch's chances are weighed with how likely each sign is told by the causes that the other stretches
 * speak for; a share of what is told belongs to no cause.
 */
export function asOneStory(tables: Tables, told: readonly Told[], about: About = {}): Float64Array[] {
  const { priors, tells, usual } = groundOf(tables);
  const plant = tables.plants.find(({ id }) => id === about.plant);
  const names: readonly string[] = plant ? [plant.id, ...plant.groups] : [];
  const lives = tables.causes.map(({ hosts, elsewhere = stranger }) =>
    !plant || !hosts || hosts.some((host) => names.includes(host)) ? 1 : elsewhere,
  );
  // Signs that a stretch hardly means are left out of it.
  const rows = told.map(({ chances }) => rowsAbove(chances, leastChance));
  // By stretch and cause: how well the cause accounts for the stretch, as a logarithm.
  const fits = told.map(({ chances, told: share, denied }, at) => {
    const said = share * (1 - denied);
    const lifts = rows[at]!.map((row) => ((1 - aside) * chances[row]!) / usual[row]!);
    const apart = rows[at]!.reduce((sum, row) => sum + aside * chances[row]!, 0);
    const fitting = new Float64Array(tells.length);
    for (let cause = 0; cause < tells.length; cause += 1) {
      let fit = apart;
      for (let n = 0; n < lifts.length; n += 1) fit += lifts[n]! * tells[cause]![rows[at]![n]!]!;
      fitting[cause] = pull * Math.log(said * fit + (1 - said));
    }
    return fitting;
  });
  // All stretches together, from which each one's own word is taken for itself: no story is too long for that.
  const whole = Float64Array.from(
    priors,
    (prior, cause) => Math.log(prior * (lives[cause] ?? 1)) + fits.reduce((sum, fit) => sum + fit[cause]!, 0),
  );
  return told.map(({ chances }, at) => {
    const others = whole.map((all, cause) => all - fits[at]![cause]!);
    let most = -Infinity;
    for (let cause = 0; cause < others.length; cause += 1) if (others[cause]! > most) most = others[cause]!;
    // What nothing else speaks for weighs nothing here either.
    const weights: [cause: number, weight: number][] = [];
    let total = 0;
    for (let cause = 0; cause < others.length; cause += 1) {
      if (others[cause]! - most < unspokenFor) continue;
      const weight = Math.exp(others[cause]! - most);
      total += weight;
      weights.push([cause, weight]);
    }
    const refined = new Float64Array(chances.length);
    for (const row of rows[at]!) {
      let lift = 0;
      for (const [cause, weight] of weights) lift += weight * tells[cause]![row]!;
      refined[row] = chances[row]! * ((1 - aside) * (lift / total / usual[row]!) ** pull + aside);
    }
    const sum = refined.reduce((all, value) => all + value, 0);
    return sum > 0 ? refined.map((value) => value / sum) : chances;
  });
}

function rowsAbove(chances: Float64Array, least: number): number[] {
  const rows: number[] = [];
  for (let row = 0; row < chances.length; row += 1) if (chances[row]! > least) rows.push(row);
  return rows;
}

/** Rows of the likeliest signs, likeliest first. */
export function likeliest(chances: Float64Array, most: number): number[] {
  const rows: number[] = [];
  for (let row = 0; row < chances.length; row += 1) {
    let at = rows.length;
    while (at > 0 && chances[row]! > chances[rows[at - 1]!]!) at -= 1;
    if (at < most) rows.splice(at, 0, row);
    if (rows.length > most) rows.pop();
  }
  return rows;
}

export const signAt = ({ signs }: Tables, row: number): SignId => signs[row]!.id;
