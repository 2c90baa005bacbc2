import type { ActionClass, CauseRow } from './causes';
import type { CourseRow } from './remedies';
import { isTimeFor, seasonsTell, type Season } from './season';

/** What becomes of a cause that is left alone, in this month: by its own row, or by its kind's where it has none. */
export function courseOf(
  { courses }: { readonly courses: readonly CourseRow[] },
  { id, kind, act }: Pick<CauseRow, 'id' | 'kind' | 'act'>,
  season: Season | undefined,
): CourseRow {
  const row = courses.find((course) => course.id === id) ?? courses.find((course) => course.id === kind);
  if (!row) throw new Error(`courses: no course is told for "${kind}"`);
  const now = inMonth(row, season);
  const { asGood, ...rest } = row;
  const isAsGood = now ? now.asGood === true : asGood === true && !struck.includes(act);
  return { ...rest, ...(now ? { says: now.says } : {}), ...(isAsGood ? { asGood: true as const } : {}) };
}

/** On plants where it has to be met, leaving it is not as good, whatever is so on others. */
const struck: readonly ActionClass[] = ['treat-now', 'remove', 'report'];

const inMonth = ({ inMonths }: CourseRow, season: Season | undefined) =>
  season && seasonsTell(season.latitude, season.climate)
    ? inMonths?.find(({ months }) => isTimeFor(months, season))
    : undefined;

/** True in the months in which leaving it is as good as anything, though it is not in others. */
export const isOverSoon = (
  { courses }: { readonly courses: readonly CourseRow[] },
  { id }: Pick<CauseRow, 'id'>,
  season: Season | undefined,
): boolean => {
  const row = courses.find((course) => course.id === id);
  return row !== undefined && inMonth(row, season)?.asGood === true;
};
