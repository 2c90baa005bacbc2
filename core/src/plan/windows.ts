import type { WindowSpec } from '../tables';
import type { IsoDate } from '../quantities/days';
import { soilWarmth } from './soil';
import type { SunHours } from './sun';
import { hourAt, type HourWeather, type Sky } from './weather';

/** Why an hour will not do. */
export type Hindrance =
  | 'rain'
  | 'rain-after'
  | 'wet-before'
  | 'wind'
  | 'dew'
  | 'hot'
  | 'cold'
  | 'soil-hot'
  | 'soil-cold'
  | 'sun'
  | 'dull'
  | 'wrong-part';

/** Rain at or above this in an hour counts as wet (mm). */
const wetFrom = 0.2;
/** Sun counts as sun under less cloud than this, and is strong only well after sunrise and before sunset. */
const sunnyBelow = 0.6;

/**
 * Everything that speaks against starting a kind of work at an hour; empty when the hour suits.
 * Beyond the forecast nothing is known, so only the part of day is judged.
 */
export function hindrances(window: WindowSpec, sky: Sky, sun: SunHours, date: IsoDate, hour: number): Hindrance[] {
  const found: Hindrance[] = [];
  if (!inPart(window.part, hour, sun)) found.push('wrong-part');
  const now = hourAt(sky, date, hour);
  if (!now) return found;
  if (window.windBelow !== undefined && now.wind >= window.windBelow) found.push('wind');
  if (window.between && now.temperature < window.between[0]) found.push('cold');
  if (window.between && now.temperature > window.between[1]) found.push('hot');
  const soil = window.soil && soilWarmth(sky, date);
  if (window.soil && soil !== undefined && soil < window.soil[0]) found.push('soil-cold');
  if (window.soil && soil !== undefined && soil > window.soil[1]) found.push('soil-hot');
  if ((window.dryAfter !== undefined || window.dryBefore !== undefined) && now.rain >= wetFrom) found.push('rain');
  for (let after = 1; after <= (window.dryAfter ?? 0); after += 1)
    if ((hourAt(sky, date, hour + after)?.rain ?? 0) >= wetFrom) {
      found.push('rain-after');
      break;
    }
  for (let before = 1; before <= (window.dryBefore ?? 0); before += 1)
    if ((hourAt(sky, date, hour - before)?.rain ?? 0) >= wetFrom) {
      found.push('wet-before');
      break;
    }
  if (window.dryBefore !== undefined && hour < sun.rise + dewStays && hasDew(sky, date)) found.push('dew');
  const strongSun = now.cloud < sunnyBelow && hour >= sun.rise + 2 && hour < sun.set - 2;
  if (window.sun === 'avoid' && strongSun) found.push('sun');
  if (window.sun === 'needed' && now.cloud >= 0.85) found.push('dull');
  return found;
}

/** Dew falls in clear, still nights, and dries off within some hours of sunrise (judgement). */
const dewNight = { cloudUnder: 0.4, windUnder: 9, until: 6 } as const;
const dewStays = 3;

function hasDew(sky: Sky, date: IsoDate): boolean {
  const night = Array.from({ length: dewNight.until }, (_, hour) => hourAt(sky, date, hour)).flatMap(
    (one) => one ?? [],
  );
  const mean = (of: (hour: HourWeather) => number) => night.reduce((sum, one) => sum + of(one), 0) / night.length;
  return (
    night.length > 0 &&
    mean(({ cloud }) => cloud) < dewNight.cloudUnder &&
    mean(({ wind }) => wind) < dewNight.windUnder
  );
}

/** Morning: from sunrise to three and a half hours after. Evening: from two hours before sunset to dusk. */
function inPart(part: WindowSpec['part'], hour: number, { rise, set, dusk }: SunHours): boolean {
  switch (part) {
    case 'any':
      return hour >= 7 && hour <= 21;
    case 'day':
      return hour >= Math.max(7, Math.ceil(rise)) && hour < Math.min(20, Math.floor(set) + 1);
    case 'morning':
      return hour >= Math.max(6, Math.floor(rise)) && hour <= Math.max(rise + 3.5, 10);
    case 'evening':
      return hour >= Math.floor(set - 2) && hour <= Math.min(21.5, Math.max(dusk, Math.floor(set)));
    default:
      return part satisfies never;
  }
}
