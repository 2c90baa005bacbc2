import { celsius, inWords, kmh, type MeasureSystem } from '../../quantities';
import { format } from './days';
import { counted } from './language';

/** One day of hours, as it is shown. */
interface DayHours {
  readonly date: string;
  readonly hours: readonly { readonly temperature: number; readonly rain: number; readonly wind: number }[];
}

/** °C */
export const warmestOf = ({ hours }: DayHours): number =>
  Math.round(Math.max(...hours.map(({ temperature }) => temperature)));

/** "21°", in the reader's own degrees. */
export const degreesWords = (degrees: number, system: MeasureSystem): string =>
  inWords(celsius(degrees), system).replace(/\s.*$/, '°');

/** "Wed 10" */
export const dayLabel = format({ weekday: 'short', day: 'numeric' });
const weekday = format({ weekday: 'long' });

/** A day's weather for those who do not see the band. */
export function dayWeatherWords(day: DayHours, system: MeasureSystem): string {
  const wet = day.hours.filter(({ rain }) => rain > 0).length;
  const windiest = Math.max(...day.hours.map(({ wind }) => wind));
  const dry = wet === 0 ? 'dry' : `rain in ${counted(wet, 'hour', 'hours')}`;
  return `${weekday(day.date)}: ${dry}, wind to ${inWords(kmh(windiest), system)}, up to ${inWords(celsius(warmestOf(day)), system)}.`;
}
