import { counted } from './everyday';

/** What the tables that come and go are called. */
export const sheetNames: Readonly<Record<string, string>> = {
  observations: 'What was seen',
  counts: 'Counts',
  applications: 'What was put on',
  batches: 'Brews',
  weather: 'Weather',
  forecast: 'Forecast',
  'soil-tests': 'Soil tests',
  plantings: 'Plantings',
};

/** What came in at once: a table, or another garden. */
export const takingWords = (what: string, rows: number): string =>
  `${sheetNames[what] ?? 'Another garden'}: ${counted(rows, 'row', 'rows')}`;
