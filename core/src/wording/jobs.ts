import { needOf, type fillsOf, type PlaceSize } from '../jobs';
import { batchState, type Batch } from '../mix';
import { inWords, mL, plainNumber, squareMetres, type MeasureSystem, type IsoDate } from '../quantities';
import type { CountUnit, RemedyRow, SkipReason, StepAsk, StepResult } from '../tables';
import { stepResults } from '../tables';
import { dayWords } from './everyday/days';
import { counted, lowerFirst } from './everyday/language';
import { strengthWords } from './mix';

/** What may be answered to a step, as it stands on a button. */
const resultLabels: Record<StepResult, string> = {
  counted: 'Counted',
  'could-not': 'Could not',
  unharmed: 'All fine',
  harmed: 'Marked or limp',
  'to-sugar': 'More on the sugar',
  'to-fat': 'More on the fat',
  'to-both': 'On both',
  'to-neither': 'On neither',
  moist: 'Like a wrung-out cloth',
  dry: 'Dry',
  slimy: 'Slimy, or it smells',
  threads: 'White threads, earthy smell',
  'no-threads': 'None yet',
  tunnels: 'Tunnels or casts',
  'no-tunnels': 'None',
  thriving: 'Green and growing',
  pale: 'Paler, evenly, from below',
  overfed: 'Dark, crisp edges, or a crust',
  unburnt: 'No burnt tips',
  burnt: 'Burnt tips',
  sour: 'Under 6',
  'hardly-sour': '6 to 6.5',
  'not-sour': 'Over 6.5',
  'no-shoots': 'No shoots',
  shoots: 'Shoots come through',
};
/** What was found, and what follows from it. */
const resultSays: Record<StepResult, string> = {
  counted: 'counted',
  'could-not': 'could not be done',
  unharmed: 'the leaves bore it',
  harmed: 'the leaves were marked: nothing more is put on',
  'to-sugar': 'more on the sugar: sugar bait it is',
  'to-fat': 'more on the fat: stir the same share of the poison into peanut butter or lard instead of syrup',
  'to-both': 'on both: sugar bait it is',
  'to-neither': 'on neither: set the cards nearer to the trail, or at another hour',
  moist: 'moist, as it should be',
  dry: 'dry: wet it at dawn or dusk',
  slimy: 'slimy: rake it open, or take some off, and let air in',
  threads: 'white threads: it is being eaten',
  'no-threads': 'no threads yet: keep it moist and look again with the next layer',
  tunnels: 'tunnels and casts: the worms have come',
  'no-tunnels': 'no tunnels: too dry, too thick, or few worms near; they may take a season',
  thriving: 'green and growing',
  pale: 'paler from below: the next feed comes sooner',
  overfed: 'overfed: flush, and a week without',
  unburnt: 'no burnt tips',
  burnt: 'burnt tips: nothing more is put on',
  sour: 'pH under 6',
  'hardly-sour': 'pH 6 to 6.5',
  'not-sour': 'pH over 6.5: none is wanted',
  'no-shoots': 'no shoots',
  shoots: 'shoots come through: pull them, close the gap, watch the edge',
};

/** Why a step is left out: on a button, and as it is told afterwards. */
export const skipWords: Readonly<Record<SkipReason, { readonly label: string; readonly says: string }>> = {
  'no-time': { label: 'No time', says: 'no time for it' },
  weather: { label: 'The weather', says: 'the weather was against it' },
  'not-needed': { label: 'Not needed', says: 'it was not needed' },
  'without-it': { label: 'Something is missing', says: 'something for it was missing' },
  'plant-unwell': { label: 'The plant is not well', says: 'the plant was not well' },
};
const isSkipReason = (id: string): id is SkipReason => id in skipWords;

const isResult = (id: string): id is StepResult => id in resultSays;

export const resultChoices = (ask: StepAsk): { id: StepResult; label: string }[] =>
  stepResults[ask].filter((id) => id !== 'counted').map((id) => ({ id, label: resultLabels[id] }));
export const resultWords = (result: string | null): string | null =>
  result === null
    ? null
    : isResult(result)
      ? resultSays[result]
      : isSkipReason(result)
        ? skipWords[result].says
        : result;

/** "1 % soap, 1½ qt of ready mix". */
export function amountsWords(
  recipe: NonNullable<RemedyRow['recipe']>,
  strength: number,
  volumeMl: number,
  system: MeasureSystem,
): string {
  return `${strengthWords(recipe, strength, system)}, ${inWords(mL(Math.round(volumeMl)), system)} of ready mix`;
}

/** "takes 100 mL of Weed brew; 2 L are left". */
export const brewDrawnWords = (name: string, takesMl: number, leftMl: number, system: MeasureSystem): string =>
  `takes ${inWords(mL(Math.round(takesMl)), system)} of “${name}”; ${
    takesMl > leftMl ? 'only ' : ''
  }${inWords(mL(Math.round(leftMl)), system)} left`;

/** What ending something took along. */
export function endedWords(ended: readonly { readonly name: string; readonly steps: number }[]): string {
  const open = ended.filter(({ steps }) => steps > 0);
  if (open.length === 0) return '';
  return `${open.map(({ name, steps }) => `${name}: ${counted(steps, 'step', 'steps')} to come`).join('; ')} taken off the plan.`;
}

/** How often a job comes: "every 7 days, until 31 August". */
export function rhythmWords(everyDays: number | null, until: string | null, today: string): string {
  const often = everyDays === null ? 'once' : everyDays === 1 ? 'every day' : `every ${everyDays} days`;
  return until === null ? often : `${often}, until ${dayWords(until, today)}`;
}

/** How a brew is thinned on a day: "1 to 26", or when it is ready. */
export function brewThinnedWords(batch: Batch, today: string): string {
  const { stage, parts, readyOn } = batchState(batch, today);
  return stage === 'working' ? `ready ${dayWords(readyOn, today)}` : `1 to ${Math.round(parts)}`;
}

/** "10 counted, 17.2 on average", "4 of 10", or "10 counted, 12 % on average". */
export function countedWords(counts: readonly number[], unit: CountUnit): string {
  const sum = counts.reduce((total, count) => total + count, 0);
  if (unit === 'yes-no') return `${sum} of ${counts.length}`;
  const share = unit === 'area' ? ' %' : '';
  return counts.length === 1
    ? `counted ${plainNumber(sum)}${share}`
    : `${counts.length} counted, ${plainNumber(Math.round((10 * sum) / counts.length) / 10)}${share} on average`;
}

/** "Measured for 8.4 m²"; null where the remedy is not measured by its places, or they are not known. */
export function measuredForWords(
  remedy: Pick<RemedyRow, 'recipe'>,
  places: readonly PlaceSize[],
  system: MeasureSystem,
): string | null {
  const needs = remedy.recipe?.needs;
  const all = needOf(remedy, places);
  if (!needs || all === undefined) return null;
  const inAll = `: ${inWords(mL(Math.round(all)), system)} in all`;
  const sum = (of: (place: PlaceSize) => number | null) => places.reduce((total, place) => total + (of(place) ?? 0), 0);
  const pots = places.every(({ potsMl = null }) => potsMl !== null);
  if (needs.ofPot !== undefined && pots)
    return `pots and trays of ${inWords(mL(Math.round(sum(({ potsMl = null }) => potsMl))), system)}, ${Math.round(needs.ofPot * 100)} % of that${inAll}`;
  const each = inWords(mL(needs.ml), system);
  if (needs.per === 'm2')
    return `${inWords(squareMetres(Number(sum(({ area }) => area).toFixed(2))), system)}, at ${each} for ${inWords(squareMetres(1), system)}${inAll}`;
  if (needs.per === 'plant')
    return `${counted(
      sum(({ plants }) => plants),
      'plant',
      'plants',
    )}, ${each} each${inAll}`;
  return `${counted(places.length, 'station', 'stations')}, ${each} each${inAll}`;
}

/** "1.5 L of soap spray". */
export const bringToWords = (name: string, ml: number, system: MeasureSystem): string =>
  `${inWords(mL(Math.round(ml)), system)} of ${lowerFirst(name)}`;

/** "Gate Bed: 4.5 L". */
export const shareWords = (place: string, ml: number, system: MeasureSystem): string =>
  `${place}: ${inWords(mL(Math.round(ml)), system)}`;

/** "Blue sprayer: 3 fills of 5 L, each 1 tablespoon of soap, and 2 L more, 1¼ teaspoons of it". */
export function fillsWords(
  vessel: string,
  vesselMl: number,
  { whole, lastMl }: ReturnType<typeof fillsOf>,
  system: MeasureSystem,
  { worst, doseIn }: { readonly worst?: string | undefined; readonly doseIn: (ml: number) => string },
): string {
  const full = `${vessel}: ${counted(whole, 'fill', 'fills')} of ${inWords(mL(vesselMl), system)} with ${doseIn(vesselMl)}${whole > 1 ? ' each' : ''}`;
  return lastMl === 0
    ? full
    : `${full}, and ${inWords(mL(Math.round(lastMl)), system)} more with ${doseIn(lastMl)}: that goes ${worst === undefined ? 'where it is worst' : `on ${worst}, where it is worst`}`;
}

/** "Gate Bed last: cocoons travel on boots and tools". */
export const worstWords = (place: string, { comes, why }: NonNullable<RemedyRow['worst']>): string =>
  `${place} ${comes}: ${why}`;

/** "1.5 L of ready mix". */
export const readyMixWords = (volumeMl: number, system: MeasureSystem): string =>
  `${inWords(mL(Math.round(volumeMl)), system)} of ready mix`;

/** A tray that is not old enough yet, beside those that are fed. */
export const joinsWords = (place: string, from: IsoDate, today: IsoDate): string =>
  `${place} joins ${dayWords(from, today)}`;
