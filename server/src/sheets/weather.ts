import type { HourWeather } from '@trowel/core/plan';
import type { Db } from '../database';
import { oneGarden } from '../store/garden';
import { addHour, anyHours } from '../store/weather';
import { hoursOf, skyOver } from '../weather/sky';
import type { Line } from './csv';
import { filled, type Fitting, type Sheet } from './sheet';

const warmth = { least: -60, most: 60 } as const;
const rain = { least: 0, most: 500 } as const;
const wind = { least: 0, most: 300 } as const;

/** Hours as a station writes them; or days as a thermometer and a rain gauge give them, whose hours are reckoned. */
export const weather: Sheet = {
  id: 'weather',
  columns: ['date', 'hour', 'temperature_c', 'rain_mm', 'wind_kmh', 'cloud_percent', 'low_c', 'high_c'],
  needed: ['date'],
  rows: ({ db }) =>
    anyHours(db, '', '9999').map(({ date, hour, temperature, rain: fell, wind: blew, cloud }) => ({
      id: `${date} ${hour}`,
      ...filled({ date, hour, temperature_c: temperature, rain_mm: fell, wind_kmh: blew, cloud_percent: cloud * 100 }),
    })),
  read: (deps, line) => {
    const { db } = deps;
    const date = line.neededDay('date');
    const [like] = skyOver(db, oneGarden(db), date, 1);
    if (!like) throw new Error('a day has no sky');
    const hour = line.number('hour', { least: 0, most: 23 });
    if (hour === undefined) {
      const low = line.neededNumber('low_c', warmth);
      const high = line.neededNumber('high_c', { least: low, most: warmth.most });
      const read = { low, high, rain: line.number('rain_mm', rain) ?? 0, wind: line.number('wind_kmh', wind) };
      return hoursOf(read, like).map((sky, at) => hourRow(db, date, at, sky));
    }
    if (!Number.isInteger(hour)) line.refuse('hour', 'one-of', { known: '0 … 23' });
    const usual = like.hours[hour];
    return [
      hourRow(db, date, hour, {
        temperature: line.neededNumber('temperature_c', warmth),
        rain: line.number('rain_mm', rain) ?? 0,
        wind: line.number('wind_kmh', wind) ?? usual?.wind ?? 0,
        cloud: cloudIn(line) ?? usual?.cloud ?? 0.5,
      }),
    ];
  },
};

const hourRow = (db: Db, date: string, hour: number, sky: HourWeather): Fitting & { readonly id: string } => ({
  // An hour is itself by when it was.
  id: `${date} ${hour}`,
  cells: filled({
    date,
    hour,
    temperature_c: sky.temperature,
    rain_mm: sky.rain,
    wind_kmh: sky.wind,
    cloud_percent: sky.cloud * 100,
  }),
  put: () => {
    addHour(db, { date, hour, ...sky });
    return [['weather', { date, hour }]];
  },
});

function cloudIn(line: Line): number | undefined {
  const percent = line.number('cloud_percent', { least: 0, most: 100 });
  return percent === undefined ? undefined : percent / 100;
}
