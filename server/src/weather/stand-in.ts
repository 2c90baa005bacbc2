import { remembered } from '@trowel/core/chance';
import type { DayWeather, HourWeather, Place } from '@trowel/core/plan';
import { addDays, daysBetween, type IsoDate } from '@trowel/core/quantities';

/**
 * A made-up sky, so that plans have weather without any network. Each day follows from its date, the
 * place and a seed alone: the same day is the same whenever it is asked for. Temperate maritime by
 * latitude: cool summers, mild winters, wet and dry spells of a few days, wind that peaks after noon.
 */
export const standInWeather = remembered(skyFrom, 50);

function skyFrom(at: Place, from: IsoDate, days: number, seed = 7): readonly DayWeather[] {
  return Array.from({ length: days }, (_, index) => dayOf(at, addDays(from, index), seed));
}

const epoch = '2000-01-01';

function dayOf({ latitude, longitude }: Place, date: IsoDate, seed: number): DayWeather {
  const day = daysBetween(epoch, date);
  const place = Math.round(latitude * 10) * 7919 + Math.round(longitude * 10) * 104729 + seed;
  const wetness = noise(day / 2.6, place);
  const warmth = noise(day / 6, place + 1);
  const breeze = noise(day / 1.8, place + 2);
  const season = Math.cos((2 * Math.PI * ((day % 365.25) - 200)) / 365.25) * (latitude < 0 ? -1 : 1);
  const mean = 28 - 0.34 * Math.abs(latitude) + season * (1.5 + 0.105 * Math.abs(latitude)) + (warmth - 0.5) * 8;
  const isWet = wetness > 0.56;
  const rainStart = Math.floor(noise(day * 3.1, place + 3) * 20);
  const rainHours = isWet ? 2 + Math.floor((wetness - 0.56) * 30) : 0;
  const swing = isWet ? 2.5 : 5;
  const cloudBase = isWet ? 0.9 : 0.15 + 0.75 * noise(day / 1.5, place + 4);
  const hours = Array.from({ length: 24 }, (_, hour): HourWeather => {
    const sunArc = Math.cos((2 * Math.PI * (hour - 15)) / 24);
    const raining = hour >= rainStart && hour < rainStart + rainHours;
    return {
      temperature: round(mean + swing * sunArc, 1),
      rain: raining ? round(0.4 + (wetness - 0.56) * 6, 1) : 0,
      wind: Math.round(2 + breeze * 14 + Math.max(0, sunArc) * 5 + (isWet ? 4 : 0)),
      cloud: round(Math.min(1, Math.max(0, raining ? 1 : cloudBase)), 2),
    };
  });
  return { date, hours };
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
