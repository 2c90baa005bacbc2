import { seeded } from '../chance';
import {
  northernMonth,
  rowById,
  type CauseId,
  type CauseRow,
  type CheckId,
  type PlantRow,
  type Setting,
  type SignId,
  type Tables,
  type Where,
} from '../tables';
import { weigh, type Evidence, type Situation } from '../weigh';

/** A plant with a trouble, as it is dealt for practice. */
export interface Deal {
  readonly truth: CauseId;
  readonly plant: PlantRow;
  readonly setting: Setting;
  readonly month: number;
  /** What can be seen without any check. */
  readonly shown: readonly Evidence[];
  /** Causes to choose among, the truth somewhere in them. */
  readonly options: readonly CauseRow[];
  /** Checks that can be bought, with what each would find here. */
  readonly checks: readonly {
    readonly id: CheckId;
    readonly minutes: number;
    readonly finds: readonly Evidence[];
    readonly says: string;
  }[];
}

export interface DealOptions {
  readonly seed: number;
  /** The cause to practise; drawn by its prior where none is given. */
  readonly cause?: CauseId;
  readonly latitude?: number;
}

const optionCount = 4;
const shownAtMost = 3;
const checkCount = 4;

/**
 * Deals a plant: a cause, a plant it lives on, a month of its season, and signs drawn by how often the
 * cause shows them. Same seed, same deal.
 */
export function dealPlant(tables: Tables, { seed, cause, latitude = 52 }: DealOptions): Deal {
  const { upTo } = seeded(seed);
  const pick = <Item>(list: readonly Item[]): Item => list[upTo(list.length - 1)] as Item;
  const happens = (chance: number) => upTo(9999) / 10000 < chance;
  const truth = cause === undefined ? pick(practisable(tables)) : rowById(tables.causes, cause, 'causes');
  const plant = pick(hostsOf(tables, truth));
  const setting = settingFor(truth, plant, pick);
  const months = truth.prior.months ?? [4, 5, 6, 7, 8, 9];
  const month = latitude < 0 ? northernMonth(pick(months), latitude) : pick(months);

  // The strongest sign always shows somewhere: on the plant, or to whoever makes the right check.
  const states = new Map<SignId, boolean>();
  const bySign = [...truth.signs].sort((a, b) => b.strength - a.strength);
  bySign.forEach(({ sign, strength }, index) => states.set(sign, index === 0 || happens(strength)));
  const visible = bySign.filter(({ sign }) => states.get(sign) === true).map(({ sign }) => sign);
  // One telling sign is kept back where there are others, so that there is something to look for.
  const keptBack = visible.length > 2 ? visible.slice(0, 1) : [];
  const shown = visible
    .filter((sign) => !keptBack.includes(sign))
    .slice(0, shownAtMost)
    .map((sign): Evidence => ({ sign, state: 'seen' }));

  const situation: Situation = { plant: plant.id, setting, month, latitude, evidence: shown };
  const rivals = weigh(tables, situation, { withChecks: false, withReasons: false })
    .causes.filter(({ id }) => id !== truth.id)
    .map(({ row }) => row);
  const others = [
    ...rivals,
    ...tables.causes.filter(({ id }) => id !== truth.id && !rivals.some((row) => row.id === id)),
  ];
  const wrong = others.slice(0, optionCount - 1);
  const options = [...wrong];
  options.splice(upTo(wrong.length), 0, truth);
  return {
    truth: truth.id,
    plant,
    setting,
    month,
    shown,
    options,
    checks: checksFor(tables, truth, options, states, shown, setting),
  };
}

/** What each check would find on this plant: the answer that fits what is there best. */
function checksFor(
  { checks }: Tables,
  truth: CauseRow,
  options: readonly CauseRow[],
  states: ReadonlyMap<SignId, boolean>,
  shown: readonly Evidence[],
  setting: Setting,
): Deal['checks'] {
  const asked = new Set(options.flatMap(({ signs }) => signs.map(({ sign }) => sign)));
  const known = new Set(shown.map(({ sign }) => sign));
  return checks
    .filter(({ settings }) => !settings || settings.includes(setting))
    .map((check) => {
      const tells = check.answers.flatMap(({ gives }) => gives.map(({ sign }) => sign));
      const about = tells.filter((sign) => asked.has(sign) && !known.has(sign)).length;
      const ofTruth = tells.filter((sign) => truth.signs.some((link) => link.sign === sign) && !known.has(sign)).length;
      return { check, worth: ofTruth * 2 + about };
    })
    .filter(({ worth }) => worth > 0)
    .sort((a, b) => b.worth - a.worth || a.check.minutes - b.check.minutes)
    .slice(0, checkCount)
    .map(({ check }) => {
      const fit = ({ gives }: (typeof check.answers)[number]) =>
        gives.reduce((sum, { sign, state }) => sum + ((states.get(sign) ?? false) === (state === 'seen') ? 1 : -3), 0);
      const best = check.answers.reduce((top, next) => (fit(next) > fit(top) ? next : top));
      // An answer is only believed as far as it fits: what it would add wrongly is left out.
      const finds = best.gives.filter(({ sign, state }) => (states.get(sign) ?? false) === (state === 'seen'));
      return {
        id: check.id,
        minutes: check.minutes,
        finds,
        says: finds.length > 0 ? best.says : 'Nothing to be told from it here',
      };
    });
}

/** Causes with enough to see that a drawing can be read: two telling signs, or a look that is its own. */
export const practisable = (tables: Tables): CauseRow[] =>
  tables.causes.filter(
    ({ signs, kind }) =>
      signs.filter(({ strength }) => strength >= 0.35).length >= 2 ||
      ((kind === 'helper' || kind === 'normal') && signs.some(({ strength }) => strength >= 0.5)),
  );

/** Plants it lives on that stand where it is met, and have the parts on which it shows. */
function hostsOf(tables: Tables, cause: CauseRow): readonly PlantRow[] {
  const names: readonly string[] = cause.hosts ?? [];
  const found = tables.plants.filter(({ id, groups }) => [id, ...groups].some((name) => names.includes(name)));
  const fits = (plant: PlantRow) =>
    placesOf(plant).some((setting) => isMetIn(cause, setting)) && showsOn(tables, cause, plant);
  const anywhere = tables.plants.filter(({ id }) => id !== 'lawn' && id !== 'seedling');
  // What is met on no plant of a bed, tree or pot is met in turf.
  const choices = found.length > 0 ? [found] : [anywhere, tables.plants];
  return choices.map((plants) => plants.filter(fits)).find(({ length }) => length > 0) ?? choices[0] ?? [];
}

/** Not every plant has them: bark on a pelargonium would give the deal away. */
const ownParts: readonly Where[] = ['bark', 'fruit', 'flower'];
const showsOn = ({ signs }: Tables, cause: CauseRow, { parts }: PlantRow): boolean =>
  cause.signs.every(({ sign }) => {
    const { where } = rowById(signs, sign, 'signs');
    return !ownParts.includes(where) || parts.includes(where);
  });

const isMetIn = ({ prior }: CauseRow, setting: Setting): boolean => (prior.bySetting?.[setting] ?? 1) >= 0.5;

/** Where a plant of that kind stands. */
function placesOf({ groups, portrait }: PlantRow): Setting[] {
  if (groups.includes('lawn')) return ['lawn'];
  if (groups.includes('house')) return ['indoors'];
  if (portrait.pot) return ['pot', 'indoors'];
  if (portrait.habit === 'tree' || portrait.habit === 'cone') return ['tree'];
  return ['bed', 'bed', 'greenhouse', 'pot'];
}

function settingFor(cause: CauseRow, plant: PlantRow, pick: <Item>(list: readonly Item[]) => Item): Setting {
  const usual = placesOf(plant);
  const fits = usual.filter((setting) => isMetIn(cause, setting));
  return pick(fits.length > 0 ? fits : usual);
}
