import type { WeatherView } from '@trowel/core/contract';
import { soilWarmth, sureness } from '@trowel/core/plan';
import { addDays } from '@trowel/core/quantities';
import { sensorWords } from '@trowel/core/wording';
import { gardenTime } from '../clock';
import { anyBeds, oneGarden } from '../store/garden';
import { anySensors } from '../store/weather';
import { readingsOf } from '../weather/sensors';
import { sourcedSky } from '../weather/sky';
import type { Deps } from './plan';

const [daysBefore, daysAhead] = [10, 14];
/** Days before those shown from which the soil is reckoned. */
const soilBefore = 10;
/** Days of a sensor that are shown. */
const sensorDays = 7;

/** The days that are over and those to come, with where each comes from, and every sensor. */
export function weatherViewOf({ db, clock }: Deps): WeatherView {
  const garden = oneGarden(db);
  const { today, hourNow } = gardenTime(clock(), garden.time_zone);
  const from = addDays(today, -daysBefore - soilBefore);
  const sky = sourcedSky(db, garden, from, soilBefore + daysBefore + daysAhead, today);
  const days = sky.map(({ day }) => day);
  const sensors = anySensors(db);
  const beds = anyBeds(db);
  return {
    today,
    days: sky.slice(soilBefore).map(({ day, source }) => {
      const felt = day.hours.map(({ temperature }) => temperature);
      const soil = soilWarmth({ first: from, days }, day.date);
      return {
        date: day.date,
        low: Math.min(...felt),
        high: Math.max(...felt),
        rain: Number(day.hours.reduce((sum, { rain }) => sum + rain, 0).toFixed(1)),
        wind: Math.max(...day.hours.map(({ wind }) => wind)),
        soil: soil === undefined ? null : Number(soil.toFixed(1)),
        source,
        sureness: day.date <= today ? 1 : sureness(today, day.date, days),
      };
    }),
    sensors: sensors.map((sensor) => {
      const hours = readingsOf(db, garden, sensor, sensorDays, { today, hourNow });
      const last = hours.at(-1);
      return {
        id: sensor.id,
        bedId: sensor.bed_id,
        bedName: beds.find(({ id }) => id === sensor.bed_id)?.name ?? '',
        kind: sensor.kind,
        since: sensor.put_on,
        says: last ? sensorWords(last, { today }, garden.measures) : null,
        hours,
      };
    }),
    free: beds.flatMap(({ id, name }) =>
      sensors.some(({ bed_id }) => bed_id === id) ? [] : [{ bedId: id, bedName: name }],
    ),
  };
}
