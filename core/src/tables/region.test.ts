import { regionOf } from './region';

test.each([
  ['Europe/London', 51.5, 'europe'],
  ['America/New_York', 40.7, 'north-america'],
  ['America/Sao_Paulo', -23.5, 'south-america'],
  ['America/Mexico_City', 19.4, 'north-america'],
  ['America/Bogota', 4.7, 'south-america'],
  ['Australia/Hobart', -42.9, 'australasia'],
  ['Pacific/Auckland', -36.8, 'australasia'],
  ['Pacific/Honolulu', 21.3, 'north-america'],
  ['Atlantic/Canary', 28.1, 'europe'],
  ['Indian/Reunion', -21.1, 'africa'],
  ['Asia/Tokyo', 35.7, 'asia'],
] as const)('%s at %d°: %s', (timeZone, latitude, region) => {
  expect(regionOf({ timeZone, latitude })).toBe(region);
});

test('a zone that names no place tells nothing', () => {
  expect(regionOf({ timeZone: 'UTC', latitude: 50 })).toBeUndefined();
});
