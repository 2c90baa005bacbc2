import fs from 'node:fs';
import { lastWrittenIn } from '../src/database';
import { storyMoment } from '../src/demo/day';
import { callsOf, newWorld, type World } from './world';

let world: World;
beforeEach(() => (world = newWorld()));
afterEach(() => world.close());
const { post } = callsOf(() => world);

describe('the day of the made-up garden', () => {
  const november = new Date('2026-11-26T09:00:00Z');

  test('is one in June of this year, whatever the day outside', () => {
    expect(storyMoment(november, undefined).toISOString()).toBe('2026-06-10T15:40:00.000Z');
    expect(storyMoment(new Date('2027-01-02T09:00:00Z'), undefined).toISOString()).toMatch(/^2027-06-10/);
    expect(storyMoment(november, '2026-06-09T10:00:00Z').toISOString()).toMatch(/^2026-06-10/);
  });

  test('goes on from where it was left', () =>
    expect(storyMoment(november, '2026-06-14T10:00:00Z').toISOString()).toBe('2026-06-14T10:00:00.000Z'));

  test('what was written last is read from the file; of none, or an empty one, nothing', async () => {
    expect(lastWrittenIn(world.file)).toBeUndefined();
    world.setNow('2026-06-12T10:00:00Z');
    await post('/beds', { name: 'Long Bed', setting: 'bed' });
    expect(lastWrittenIn(world.file)).toBe('2026-06-12T10:00:00.000Z');
    expect(lastWrittenIn(`${world.file}.none`)).toBeUndefined();
    fs.writeFileSync(`${world.file}.empty`, '');
    expect(lastWrittenIn(`${world.file}.empty`)).toBeUndefined();
  });
});
