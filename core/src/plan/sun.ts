import * as suncalc from 'suncalc';
import { remembered } from '../chance';
import type { IsoDate } from '../quantities/days';

/** Where the garden is. The zone is an IANA name, so that hours are those on the kitchen clock. */
export interface Place {
  readonly latitude: number;
  readonly longitude: number;
  readonly timeZone: string;
}

/** Hours of the local clock, 0…24. */
export interface SunHours {
  readonly rise: number;
  readonly set: number;
  /** End of civil dusk. */
  readonly dusk: number;
  readonly kind: 'ordinary' | 'never-sets' | 'never-rises';
}

/** A plan asks for the same weeks over and over. */
const daysKept = 400;
const clockIn = remembered(
  (timeZone: string) =>
    new Intl.DateTimeFormat('en-GB', { timeZone, hour: '2-digit', minute: '2-digit', hourCycle: 'h23' }),
  50,
);

/** Sunrise, sunset and civil dusk at a place on a day; at high latitudes it may not rise or set. */
export const sunHours = remembered(workOutSun, daysKept);

function workOutSun(date: IsoDate, { latitude, longitude, timeZone }: Place): SunHours {
  const times = suncalc.getTimes(new Date(`${date}T12:00:00Z`), latitude, longitude);
  if (times.alwaysUp) return { rise: 0, set: 24, dusk: 24, kind: 'never-sets' };
  if (times.alwaysDown || !times.sunrise || !times.sunset) return { rise: 12, set: 12, dusk: 12, kind: 'never-rises' };
  return {
    rise: clockHour(times.sunrise, timeZone),
    set: clockHour(times.sunset, timeZone),
    dusk: clockHour(times.dusk ?? times.sunset, timeZone),
    kind: 'ordinary',
  };
}

/** The hour on the clock of a zone, with minutes as a fraction. */
function clockHour(instant: Date, timeZone: string): number {
  const [hour = '0', minute = '0'] = clockIn(timeZone).format(instant).split(':');
  return Number(hour) + Number(minute) / 60;
}
