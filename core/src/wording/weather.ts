import { celsius, inWords, type MeasureSystem } from '../quantities';
import type { IsoDate } from '../quantities/days';
import { capital, listWords } from './everyday/language';
import { dayWords, hourWords } from './everyday/days';

interface Read {
  readonly date: IsoDate;
  readonly hour: number;
  readonly moisture: number | null;
  readonly soil: number | null;
  readonly air: number | null;
}

/** What the soil's moisture means, from so many per cent of what it can hold on. */
const wetness = [
  [90, 'wet'],
  [55, 'moist'],
  [25, 'drying'],
  [0, 'dry'],
] as const;

export const moistureWords = (percent: number): string => wetness.find(([from]) => percent >= from)?.[1] ?? 'dry';

/** "Moist (62 %), soil 16 °C, air 19 °C, at 14:00." */
export function sensorWords(
  { date, hour, moisture, soil, air }: Read,
  { today }: { readonly today: IsoDate },
  system: MeasureSystem,
): string {
  const parts = [
    ...(moisture === null ? [] : [`${moistureWords(moisture)} (${Math.round(moisture)} %)`]),
    ...(soil === null ? [] : [`soil ${inWords(celsius(Math.round(soil)), system)}`]),
    ...(air === null ? [] : [`air ${inWords(celsius(Math.round(air)), system)}`]),
  ];
  return `${capital(listWords(parts))}, ${date === today ? '' : `${dayWords(date, today)} `}at ${hourWords(hour)}.`;
}

/** Where a day's weather comes from. */
export const skySourceWords = {
  read: 'read by you',
  forecast: 'from your forecast',
  'stand-in': 'made up',
} as const;
