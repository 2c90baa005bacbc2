import type { Learnt, Likely, RateInWater } from '../learn';
import type { MeasureSystem } from '../quantities';
import type { IsoDate } from '../quantities/days';
import type { JobWater, RecipeSpec, TrialEnd } from '../tables';
import { counted, dayAndMonth, listWords, lowerFirst } from './everyday';
import { strengthWords } from './mix';

/** How a trial ended, behind the name of its case. */
export const trialWords: Record<TrialEnd, string> = {
  worked: 'it helped',
  failed: 'it did not help',
  harmed: 'it hurt the plant',
  'by-itself': 'they went by themselves',
  open: 'cannot be told',
};

/** From so many trials on a range is said; before, only what happened. */
const rangeFrom = 3;

/** What is known of a remedy here: what happened, and how far that reaches. Never one number from one trial. */
export function learntWords(learnt: Learnt | undefined, byItself: number): string {
  const aside =
    byItself === 0
      ? ''
      : ` ${byItself === 1 ? 'Once' : `${byItself} times`} they went by themselves: that tells nothing of it.`;
  if (!learnt) return aside.trim();
  const { worked, failed, harmed, share } = learnt;
  const tried = worked + failed + harmed;
  const hurt = harmed === 0 ? '' : ` It hurt the plant ${harmed === 1 ? 'once' : `${harmed} times`}.`;
  const happened =
    tried === 1 && harmed === 0
      ? `${worked === 1 ? 'Helped' : 'Did not help'} the one time it was judged.`
      : `Helped ${worked} of ${counted(tried, 'time', 'times')}.${hurt}`;
  const low = Math.max(0, Math.floor(share.low * 10));
  const high = Math.min(10, Math.ceil(share.high * 10));
  const reach =
    tried < rangeFrom
      ? ' Too few to count on: the next may turn out either way.'
      : ` Count on ${low} to ${high} times in 10.`;
  return `${happened}${reach}${aside}`;
}

export const waterNames: Record<JobWater, string> = { tap: 'tap water', butt: 'rainwater' };

/** "Worked at 1 % in rainwater; not at 1 % in tap water"; null where no strength was noted. */
export function strengthsWords(
  recipe: Pick<RecipeSpec, 'kind'>,
  { strengths }: Learnt,
  system: MeasureSystem,
): string | null {
  const say = (rates: readonly RateInWater[]) =>
    listWords(
      rates.map(({ strength, water }) =>
        [strengthWords(recipe, strength, system), ...(water ? [`in ${waterNames[water]}`] : [])].join(' '),
      ),
    );
  const { worked, failed } = strengths;
  if (worked.length === 0 && failed.length === 0) return null;
  if (failed.length === 0) return `Worked at ${say(worked)}.`;
  if (worked.length === 0) return `Did not help at ${say(failed)}.`;
  return `Worked at ${say(worked)}; not at ${say(failed)}.`;
}

/** "Kiln Bed had mildew from about 3 July (2025): look now, while it is little." */
export const likelyWords = ({ on, years }: Likely, bed: string, cause: string): string =>
  `${bed}: ${lowerFirst(cause)} about ${dayAndMonth(on)} in ${listWords(years.map(String))}. Look now, while it is little.`;

interface Year {
  readonly year: number;
  readonly opened: number;
  readonly solved: number;
  readonly byItself: number;
  readonly visits: number;
  readonly minutes: number;
  readonly rounds: number;
}

/** A year in two or three sentences. */
export function yearWords({ year, opened, solved, byItself, visits, minutes, rounds }: Year): string[] {
  if (opened === 0 && visits === 0) return [`Nothing was written down in ${year}.`];
  const hours = Math.round(minutes / 30) / 2;
  const work = hours >= 1 ? `about ${counted(hours, 'hour', 'hours')} of work` : `${minutes} minutes of work`;
  return [
    `${counted(opened, 'trouble was', 'troubles were')} looked into${solved > 0 ? `; ${solved} of them ${solved === 1 ? 'was' : 'were'} solved${byItself > 0 ? `, ${byItself} by themselves` : ''}` : ''}.`,
    ...(visits > 0
      ? [
          `It took ${counted(visits, 'visit', 'visits')} and ${work}; something was put on ${rounds === 1 ? 'once' : `${rounds} times`}.`,
        ]
      : []),
  ];
}

/** What came, where, and since when. */
export const cameWords = (beds: readonly string[], firstOn: IsoDate): string =>
  `${listWords(beds)}, first on ${dayAndMonth(firstOn)}`;

/** Why something was not worth making. */
export function notWorthWords({
  failed,
  byItself,
  harmed,
}: {
  failed: number;
  byItself: number;
  harmed: number;
}): string {
  const parts = [
    ...(failed > 0 ? [`did not help ${failed === 1 ? 'the one time' : `${failed} times`} it was judged`] : []),
    ...(byItself > 0
      ? [`${byItself === 1 ? 'once' : `${byItself} times`} they went as fast where nothing was done`]
      : []),
    ...(harmed > 0 ? [`hurt the plant ${harmed === 1 ? 'once' : `${harmed} times`}`] : []),
  ];
  return listWords(parts);
}

/** When to begin next year, and why earlier. */
export const earlierWords = (seenOn: IsoDate, lookFrom: IsoDate, timesLevel: number): string =>
  `seen on ${dayAndMonth(seenOn)}, at ${timesLevel >= 10 ? 'more than ten' : timesLevel.toFixed(1)} times the level to act on. Look from ${dayAndMonth(lookFrom)}.`;
