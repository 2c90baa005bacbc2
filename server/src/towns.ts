import type { TownsView } from '@trowel/core/contract';
import type { MeasureSystem } from '@trowel/core/quantities';
import type cityTimezones from 'city-timezones';

type CityData = (typeof cityTimezones.cityMapping)[number];

/** Towns of the world, from a list that ships: nearest to a garden, they say where it lies and what its clock shows. */

interface Town {
  readonly city: string;
  readonly folded: string;
  readonly where: string;
  readonly country: string;
  readonly latitude: number;
  readonly longitude: number;
  readonly timeZone: string;
  readonly people: number;
}

let towns: readonly Town[] = [];

type Listed = Pick<
  CityData,
  'city' | 'city_ascii' | 'lat' | 'lng' | 'pop' | 'country' | 'province' | 'iso2' | 'timezone'
>;

/** Fetches the list into memory, once; until then no town is found. */
export async function prepareTowns(): Promise<void> {
  if (towns.length === 0) knowTowns((await import('city-timezones')).default.cityMapping);
}

export function knowTowns(list: readonly Listed[]): void {
  towns = list.map(({ city, city_ascii, lat, lng, pop, country, province, iso2, timezone }) => ({
    city,
    folded: folded(city_ascii || city),
    where: [province, country].filter(Boolean).join(', '),
    country: iso2,
    latitude: Number(lat.toFixed(2)),
    longitude: Number(lng.toFixed(2)),
    timeZone: timezone,
    people: pop,
  }));
}

const shown = 8;
/** Inches and gallons, or tablespoons of 20 mL; everybody else measures in litres. */
const own: Readonly<Record<string, MeasureSystem>> = { US: 'us', AU: 'australian' };

/** The largest towns whose name begins so, or holds it; of "zone:" and a time zone, the largest there. */
export function townsLike(asked: string): TownsView {
  const zone = asked.startsWith('zone:') ? asked.slice('zone:'.length) : undefined;
  const like = folded(asked);
  const found =
    zone === undefined
      ? [...matching((town) => town.folded.startsWith(like)), ...matching((town) => town.folded.includes(` ${like}`))]
      : matching(({ timeZone }) => timeZone === zone).slice(0, 1);
  return [...new Set(found)].slice(0, shown).map(({ city, where, country, latitude, longitude, timeZone }) => ({
    name: city,
    where,
    latitude,
    longitude,
    timeZone,
    measures: own[country] ?? 'metric',
  }));
}

const matching = (fits: (town: Town) => boolean) => towns.filter(fits).sort((a, b) => b.people - a.people);

/** Without accents and capitals: "Sao" finds São Paulo. */
const folded = (name: string) =>
  name
    .normalize('NFD')
    .replace(/\p{Mark}/gu, '')
    .toLowerCase()
    .trim();
