import { weatherKinds, type RecentWeather } from './weather';

const ordinary: RecentWeather = {
  days: 10,
  meanHigh: 18,
  meanLow: 11,
  lowest: 8,
  rain: 12,
  wetDays: 3,
  strongestWind: 25,
};

describe('what the last days were', () => {
  test('ordinary days say nothing', () => expect(weatherKinds(ordinary)).toEqual([]));
  test.each<[string, Partial<RecentWeather>, string[]]>([
    ['a heatwave', { meanHigh: 29, rain: 1 }, ['hot-dry', 'dry']],
    ['a cold spell with frost', { meanLow: 3, lowest: -2 }, ['cold', 'frost']],
    ['rain on most days', { rain: 60, wetDays: 7 }, ['wet']],
    ['a gale', { strongestWind: 55 }, ['windy']],
  ])('%s', (_, change, kinds) => expect(weatherKinds({ ...ordinary, ...change })).toEqual(kinds));
});
