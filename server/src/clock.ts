/** What the time is; passed in, so that tests and demos can stand on any day. */
export type Clock = () => Date;

/** Day and hour on the kitchen clock of a zone. */
export function gardenTime(now: Date, timeZone: string): { today: string; hourNow: number } {
  const parts = new Intl.DateTimeFormat('en-CA', {
    timeZone,
    year: 'numeric',
    month: '2-digit',
    day: '2-digit',
    hour: '2-digit',
    minute: '2-digit',
    hourCycle: 'h23',
  }).formatToParts(now);
  const part = (type: string) => parts.find((item) => item.type === type)?.value ?? '0';
  return {
    today: `${part('year')}-${part('month')}-${part('day')}`,
    hourNow: Number(part('hour')) + Number(part('minute')) / 60,
  };
}
