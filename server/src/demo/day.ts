/** The made-up garden stands on this day of the year, month from 0: early June, when most is going on in it. */
const [month, day, hour, minute] = [5, 10, 15, 40] as const;

/**
 * Where the clock of the made-up garden begins: in June of this year, or where it was left, if that is later.
 * @param lastWritten instant of what was written last; undefined in a new one
 */
export function storyMoment(now: Date, lastWritten: string | undefined): Date {
  const june = new Date(Date.UTC(now.getUTCFullYear(), month, day, hour, minute));
  const left = lastWritten === undefined ? undefined : new Date(lastWritten);
  return left && left > june ? left : june;
}
