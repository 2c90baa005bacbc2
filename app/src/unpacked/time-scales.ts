import { unused } from './unused';

/** Stands in for calendars of charts: days here are counted, and named by core/wording. */
export const [timeFormat, utcFormat, timeTicks, timeTickInterval, utcTicks, utcTickInterval] =
  Array<typeof unused>(6).fill(unused);
export const [timeSecond, timeMinute, timeHour, timeDay, timeWeek, timeMonth, timeYear] =
  Array<typeof unused>(7).fill(unused);
export const [utcSecond, utcMinute, utcHour, utcDay, utcWeek, utcMonth, utcYear] = Array<typeof unused>(7).fill(unused);
