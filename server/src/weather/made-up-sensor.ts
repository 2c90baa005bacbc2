import { soilWarmth, type DayWeather, type Sky } from '@trowel/core/plan';
import { addDays, daysBetween, type IsoDate } from '@trowel/core/quantities';
import { isSheltered, type Setting } from '@trowel/core/tables';

/** What a sensor in a bed says of one hour. */
export interface SensorHour {
  readonly date: IsoDate;
  readonly hour: number;
  /** Per cent of what the soil can hold. */
  readonly moisture: number;
  /** °C about 10 cm down */
  readonly soil: number;
  /** °C */
  readonly air: number;
  /** mm; nothing falls under a roof. */
  readonly rain: number;
}

/** mm that the ground of such a place holds for plants, down to where most roots are (FAO-56, table 19, for loam; pots: judgement). */
const holds: Partial<Record<Setting, number>> = { pot: 12, indoors: 10 };
const holdsInGround = 45;
/** Below this somebody waters, in the evening, up to that; per cent. Pots and glass are watered before the open ground is. */
const watered = { under: 28, upTo: 75, hour: 19 } as const;
/** Indoors: °C by night and by day. */
const room = { low: 17, high: 22 } as const;

/** The soil's day lags the air's by so many hours, and swings by so much of it, 10 cm down (damping depth about 12 cm). */
const lag = 3;
const swings = 0.4;

/**
 * A sensor that is made up: it follows the sky of the garden through a store of water that rain and a can fill and the
 * sun empties (reference evaporation by Hargreaves, FAO-56 equation 52), and the warmth of the soil through that of the
 * air. Days before the first one wanted settle it.
 * @param sky days one after the other, some before `from`
 */
export function madeUpReadings(
  sky: Sky,
  latitude: number,
  setting: Setting,
  from: IsoDate,
  days: number,
): SensorHour[] {
  const full = holds[setting] ?? holdsInGround;
  const underRoof = isSheltered(setting);
  let store = full * 0.6;
  return sky.days.flatMap((day) => {
    const dries = evaporation(day, latitude) * (underRoof ? 0.6 : 1);
    const wanted = daysBetween(from, day.date);
    return day.hours.flatMap((hour, at): SensorHour[] => {
      const rain = underRoof ? 0 : hour.rain;
      // Drying soil gives up its water ever more slowly.
      const gives = dries * sunShare(at) * Math.min(1, store / (full * 0.5));
      store = Math.min(full, Math.max(0, store + rain - gives));
      if (at === watered.hour && store < (full * watered.under) / 100) store = (full * watered.upTo) / 100;
      if (wanted < 0 || wanted >= days) return [];
      return [
        {
          date: day.date,
          hour: at,
          moisture: Math.round((store / full) * 100),
          soil: rounded(setting === 'indoors' ? (room.low + room.high) / 2 : warmthAt(sky, day, at)),
          air: rounded(setting === 'indoors' ? roomAt(at) : hour.temperature),
          rain,
        },
      ];
    });
  });
}

/** mm that a day's sun and warmth take, at least a little. */
function evaporation({ date, hours }: DayWeather, latitude: number): number {
  const felt = hours.map(({ temperature }) => temperature);
  const [low, high] = [Math.min(...felt), Math.max(...felt)];
  const mean = (low + high) / 2;
  return Math.max(0.2, 0.0023 * 0.408 * sunAbove(date, latitude) * (mean + 17.8) * Math.sqrt(high - low));
}

/** MJ/m² of sun above the air on a day (FAO-56, equation 21). */
function sunAbove(date: IsoDate, latitude: number): number {
  const year = (2 * Math.PI * (daysBetween(`${date.slice(0, 4)}-01-01`, date) + 1)) / 365;
  const phi = (latitude * Math.PI) / 180;
  const tilt = 0.409 * Math.sin(year - 1.39);
  const sunset = Math.acos(Math.min(1, Math.max(-1, -Math.tan(phi) * Math.tan(tilt))));
  const near = 1 + 0.033 * Math.cos(year);
  return (
    ((24 * 60) / Math.PI) *
    0.082 *
    near *
    (sunset * Math.sin(phi) * Math.sin(tilt) + Math.cos(phi) * Math.cos(tilt) * Math.sin(sunset))
  );
}

/** The share of a day's sun that falls into an hour: from six to eighteen, most at noon. */
const sunShare = (hour: number): number =>
  hour < 6 || hour >= 18 ? 0 : (Math.sin((Math.PI * (hour - 5.5)) / 12) * Math.PI) / 24;

/** The mean of the day in the soil, and the air's swing, late and small. */
function warmthAt(sky: Sky, { date, hours }: DayWeather, hour: number): number {
  const mean = hours.reduce((sum, { temperature }) => sum + temperature, 0) / hours.length;
  const base = soilWarmth(sky, date) ?? mean;
  const felt = hours[(hour - lag + 24) % 24]?.temperature ?? mean;
  return base + swings * (felt - mean);
}

const roomAt = (hour: number): number => (hour >= 7 && hour < 22 ? room.high : room.low);
const rounded = (value: number): number => Number(value.toFixed(1));

/** So many days before the first of a month settle what the soil holds by then. */
const settlingDays = 90;

/**
 * The day from which a sensor is reckoned: the same for every question of a month, so that the same hour says the same
 * whoever asks.
 */
export const reckonedFrom = (today: IsoDate): IsoDate => addDays(`${today.slice(0, 7)}-01`, -settlingDays);
