import { addDays, type IsoDate } from '../quantities/days';
import { dayAt, type Sky } from './weather';

/** Days that still show in the soil, and the days after which one counts only a third as much. */
const daysBack = 10;
const fades = 4;
/** Of these days so many must be known, the day itself among them. */
const least = 3;

/**
 * °C about 10 cm down on a day: as it was measured, else as the air of the days before was. Soil follows the mean of
 * the air some days late (running means of seven to eleven days are the usual stand-in for it); that a day counts
 * a third after four more is our judgement. Undefined where too little is known.
 */
export function soilWarmth(sky: Sky, date: IsoDate): number | undefined {
  const measured = dayAt(sky, date)?.soil;
  if (measured !== undefined) return measured;
  let [sum, weights, known] = [0, 0, 0];
  for (let back = 0; back < daysBack; back += 1) {
    const day = dayAt(sky, addDays(date, -back));
    if (!day) {
      if (back === 0) return undefined;
      break;
    }
    const weight = Math.exp(-back / fades);
    // What was measured holds all that went before it.
    const isMeasured = day.soil !== undefined;
    const rest = isMeasured ? weight / (1 - Math.exp(-1 / fades)) : weight;
    sum += rest * (day.soil ?? meanOf(day.hours.map(({ temperature }) => temperature)));
    weights += rest;
    known += isMeasured ? daysBack : 1;
    if (isMeasured) break;
  }
  return known < least ? undefined : sum / weights;
}

const meanOf = (values: readonly number[]): number => values.reduce((sum, value) => sum + value, 0) / values.length;
