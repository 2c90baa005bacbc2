import type { HourWeather } from '@trowel/core/plan';
import type { Db } from '../database';
import { oneGarden } from '../store/garden';
import { addForecast, addHour, anyForecast, anyHours } from '../store/weather';
import { gardenTime } from '../clock';
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
  read: ({ db }, line) => hoursIn(db, line).map((sky) => hourRow(db, sky)),
};

/**
 * What a forecast says, hour by hour or day by day; of each hour the one made last tells, and what was read meanwhile
 * tells before all.
 */
export const forecast: Sheet = {
  id: 'forecast',
  columns: ['issued_on', ...weather.columns],
  needed: ['date'],
  rows: ({ db }) =>
    anyForecast(db, '', '9999').map(({ issued_on, date, hour, temperature, rain: falls, wind: blows, cloud }) => ({
      id: `${issued_on} ${date} ${hour}`,
      ...filled({
        issued_on,
        date,
        hour,
        temperature_c: temperature,
        rain_mm: falls,
        wind_kmh: blows,
        cloud_percent: cloud * 100,
      }),
    })),
  read: ({ db, clock }, line) => {
    const issuedOn = line.day('issued_on') ?? gardenTime(clock(), oneGarden(db).time_zone).today;
    return hoursIn(db, line).map((sky) => {
      const row = hourRow(db, sky);
      return {
        id: `${issuedOn} ${row.id}`,
        cells: filled({ issued_on: issuedOn, ...row.cells }),
        put: () => {
          addForecast(db, issuedOn, sky);
          return [['forecast', { issued_on: issuedOn, date: sky.date, hour: sky.hour }]];
        },
      };
    });
  },
};

/** The hours that a line stands for: one, or all of a day. */
function hoursIn(db: Db, line: Line): (HourWeather & { readonly date: string; readonly hour: number })[] {
  const date = line.neededDay('date');
  const [like] = skyOver(db, oneGarden(db), date, 1, date);
  if (!like) throw new Error('a day has no sky');
  const hour = line.number('hour', { least: 0, most: 23 });
  if (hour === undefined) {
    const low = line.neededNumber('low_c', warmth);
    const high = line.neededNumber('high_c', { least: low, most: warmth.most });
    const read = { low, high, rain: line.number('rain_mm', rain) ?? 0, wind: line.number('wind_kmh', wind) };
    return hoursOf(read, like).map((sky, at) => ({ ...sky, date, hour: at }));
  }
  if (!Number.isInteger(hour)) line.refuse('hour', 'one-of', { known: '0 … 23' });
  const usual = like.hours[hour];
  return [
    {
      date,
      hour,
      temperature: line.neededNumber('temperature_c', warmth),
      rain: line.number('rain_mm', rain) ?? 0,
      wind: line.number('wind_kmh', wind) ?? usual?.wind ?? 0,
      cloud: cloudIn(line) ?? usual?.cloud ?? 0.5,
    },
  ];
}

const hourRow = (db: Db, sky: ReturnType<typeof hoursIn>[number]): Fitting & { readonly id: string } => ({
  // An hour is itself by when it was.
  id: `${sky.date} ${sky.hour}`,
  cells: filled({
    date: sky.date,
    hour: sky.hour,
    temperature_c: sky.temperature,
    rain_mm: sky.rain,
    wind_kmh: sky.wind,
    cloud_percent: sky.cloud * 100,
  }),
  put: () => {
    addHour(db, sky);
    return [['weather', { date: sky.date, hour: sky.hour }]];
  },
});

function cloudIn(line: Line): number | undefined {
  const percent = line.number('cloud_percent', { least: 0, most: 100 });
  return percent === undefined ? undefined : percent / 100;
}
