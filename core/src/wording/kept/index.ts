import type { Salvaged } from '../../contract';

/** What the rows of a table are to a gardener; the others are called by their table. */
const rowsOf: Readonly<Record<string, string>> = {
  application: 'rounds put on',
  batch: 'brews',
  bed: 'beds',
  cases: 'cases',
  count: 'counts',
  job: 'jobs',
  log: 'lines of the log',
  mix: 'mixes',
  observation: 'signs noted',
  photo: 'photographs',
  planting: 'plantings',
  soil_test: 'soil tests',
  step_event: 'steps ticked',
  weather: 'hours of weather',
  forecast: 'hours of forecast',
  soil_warmth: 'days of soil warmth',
  sensor: 'sensors',
  sensor_reading: 'readings of sensors',
};

/** What came of a file with damaged pages, in sentences: first the whole, then table by table. */
export function salvagedWords({ aside, tables }: Salvaged): string[] {
  const touched = tables.filter(({ fromBackup, lost, mayBeMore }) => fromBackup > 0 || lost > 0 || mayBeMore);
  return [
    `The file of the garden was damaged and has been built anew from what could be read. The damaged one lies in ${aside}.`,
    ...(touched.length === 0 ? ['Nothing is missing.'] : []),
    ...touched.map(({ table, fromBackup, lost, mayBeMore }) => {
      const name = rowsOf[table] ?? `rows of ${table}`;
      const found = fromBackup > 0 ? [`${fromBackup} taken from the last backup`] : [];
      const gone = lost > 0 ? [`${lost}${mayBeMore ? ' or more' : ''} lost`] : mayBeMore ? ['some may be missing'] : [];
      return `${name[0]?.toUpperCase() ?? ''}${name.slice(1)}: ${[...found, ...gone].join(', ')}.`;
    }),
  ];
}
