import { remembered } from '@trowel/core/chance';

/** What the time is; passed in, so that tests and demos can stand on any day. */
export type Clock = () => Date;

/** Making one costs a hundred times more than asking it. */
const clockIn = remembered(
  (timeZone: string) =>
    new Intl.DateTimeFormat('en-CA', {
      timeZone,
      year: 'numeric',
      month: '2-digit',
      day: '2-digit',
      hour: '2-digit',
      minute: '2-digit',
      hourCycle: 'h23',
    }),
  50,
);

/** Day and hour on the kitchen clock of a zone. */
export function gardenTime(now: Date, timeZone: string): { today: string; hourNow: number } {
  const parts = clockIn(timeZone).formatToParts(now);
  const part = (type: string) => parts.find((item) => item.type === type)?.value ?? '0';
  return {
    today: `${part('year')}-${part('month')}-${part('day')}`,
    hourNow: Number(part('hour')) + Number(part('minute')) / 60,
  };
}
