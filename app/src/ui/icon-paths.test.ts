import * as published from '@mdi/js';
import * as used from './icon-paths';

test('the icon paths are those of the package they come from', () => {
  const names = Object.keys(used) as (keyof typeof used)[];
  expect(names.length).toBeGreaterThan(10);
  for (const name of names) expect(used[name]).toBe(published[name]);
});
