import { remembered } from '@trowel/core/chance';
import type { DayWeather, HourWeather, Place } from '@trowel/core/plan';
import { addDays, daysBetween, type IsoDate } from '@trowel/core/quantities';
import { skyAt, skySpecs, type SkySpec } from './climates';

/**
 * A made-up sky, so that plans have weather without any network. Each day follows from its date, the
 * place and a seed alone: the same day is the same whenever it is asked for. Wet and dry spells of a few days, wind
 * that peaks after noon, the year and its rain by the climate of the place.
 */
export const standInWeather = remembered(skyFrom, 50);

/** The days that are over, and those to come as they are forecast on the day asked for. @param before so many that are over */
export const standInForecast = remembered(forecastFrom, 50);

/** For plans that bring no weather: some days that are over, and so many as they are forecast. */
export const standInAround = (at: Place, today: IsoDate, days: number): readonly DayWeather[] =>
  standInForecast(at, today, daysOver, days);
const daysOver = 10;

const firstSeed = 7;

function skyFrom(at: Place, from: IsoDate, days: number, seed = firstSeed): readonly DayWeather[] {
  const day = dayOf(at, seed);
  return Array.from({ length: days }, (_, index) => day(addDays(from, index), 0));
}

function forecastFrom(
  at: Place,
  today: IsoDate,
  before: number,
  days: number,
  seed = firstSeed,
): readonly DayWeather[] {
  const day = dayOf(at, seed);
  return Array.from({ length: before + days }, (_, index) =>
    day(addDays(today, index - before), Math.max(0, index - before)),
  );
}

const epoch = '2000-01-01';

/** What a forecast so many days ahead still knows of what will be: all of today and tomorrow, next to nothing in two weeks. */
const known = (ahead: number): number => Math.min(1, Math.max(0, 1 - (ahead - 1) / 13));
/** A forecast is made anew every so many days before its day. */
const madeAnew = 3;

/** @returns a day as it is, or as it is forecast so many days ahead */
function dayOf({ latitude, longitude }: Place, seed: number): (date: IsoDate, ahead: number) => DayWeather {
  const place = Math.round(latitude * 10) * 7919 + Math.round(longitude * 10) * 104729 + seed;
  const spec = skySpecs[skyAt({ latitude, longitude })];
  return (date, ahead) => {
    const day = daysBetween(epoch, date);
    const share = known(ahead);
    const guess = place + 17 * (1 + Math.floor(ahead / madeAnew));
    /** What will be, as far as it is known, and for the rest another day as good. */
    const told = (at: number, which: number): number =>
      share * noise(at, place + which) + (1 - share) * noise(at, guess + which);
    const season = Math.cos((2 * Math.PI * ((day % 365.25) - 200)) / 365.25) * (latitude < 0 ? -1 : 1);
    return {
      date,
      hours: hoursOfDay(spec, Math.abs(latitude), season, {
        wetness: told(day / 2.6, 0),
        // Of warmth a forecast says less and less, until it says what is usual.
        warmth: share * noise(day / 6, place + 1) + (1 - share) * 0.5,
        breeze: told(day / 1.8, 2),
        begins: told(day * 3.1, 3),
        cover: told(day / 1.5, 4),
      }),
    };
  };
}

/** The chances of a day, each even between 0 and 1. */
interface Chances {
  readonly wetness: number;
  readonly warmth: number;
  readonly breeze: number;
  readonly begins: number;
  readonly cover: number;
}

/** @param season from -1 in the middle of winter to 1 in the middle of summer */
function hoursOfDay(
  { mean, swing, wetFrom, drierSummer, day, pours }: SkySpec,
  degrees: number,
  season: number,
  { wetness, warmth, breeze, begins, cover }: Chances,
): HourWeather[] {
  const usual = mean[0] - mean[1] * degrees + season * (swing[0] + swing[1] * degrees);
  const middle = usual + (warmth - 0.5) * 8;
  const beyond = wetness - wetFrom - drierSummer * season;
  const isWet = beyond > 0;
  const rainStart = Math.floor(begins * 20);
  const rainHours = isWet ? 2 + Math.floor(beyond * 30) : 0;
  const cloudBase = isWet ? 0.9 : 0.15 + 0.75 * cover;
  return Array.from({ length: 24 }, (_, hour): HourWeather => {
    const sunArc = Math.cos((2 * Math.PI * (hour - 15)) / 24);
    const raining = hour >= rainStart && hour < rainStart + rainHours;
    return {
      temperature: round(middle + day[isWet ? 1 : 0] * sunArc, 1),
      rain: raining ? round(0.4 + beyond * 10 * pours, 1) : 0,
      wind: Math.round(2 + breeze * 14 + Math.max(0, sunArc) * 5 + (isWet ? 4 : 0)),
      cloud: round(Math.min(1, Math.max(0, raining ? 1 : cloudBase)), 2),
    };
  });
}

/** Smooth noise in 0…1 along a line. */
function noise(at: number, seed: number): number {
  const left = Math.floor(at);
  const share = at - left;
  const ease = share * share * (3 - 2 * share);
  return hash(left, seed) * (1 - ease) + hash(left + 1, seed) * ease;
}

/**
 * A well-mixed number in 0…1 from two integers (multiply and shift, as in common integer hashes). Not a
 * generator: the weather of any hour is there without that of the hours before it.
 */
function hash(a: number, b: number): number {
  let value = Math.imul(a ^ 0x9e3779b9, 0x85ebca6b) ^ Math.imul(b, 0xc2b2ae35);
  value = Math.imul(value ^ (value >>> 15), 0x2c1b3c6d);
  value = Math.imul(value ^ (value >>> 12), 0x297a2d39);
  return ((value ^ (value >>> 15)) >>> 0) / 0xffffffff;
}

const round = (value: number, digits: number) => Number(value.toFixed(digits));
