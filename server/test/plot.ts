/** A plain garden for tests. */
export const testPlot = {
  name: 'Test plot',
  latitude: 52,
  longitude: -4,
  time_zone: 'UTC',
  measures: 'metric',
  tap_hardness: 180,
  butt_hardness: 10,
  tap_treatment: 'unknown',
  usual_hour: 17,
  climate: null,
} as const;
