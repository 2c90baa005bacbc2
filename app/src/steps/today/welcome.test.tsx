import { NewCasePage } from '@/steps/cases/NewCasePage';
import { openGarden, withTowns } from '@/testing/garden';
import { isPressed, maybeButton, page, press, reads, type } from '@/testing/hands';
import { draw } from '@/testing/providers';
import { place } from '@/testing/router';
import { TodayPage } from './TodayPage';

beforeAll(withTowns);

describe('the first minute in an empty garden', () => {
  test('a town, the measures of its country and the kettle are kept in one tap, which leads to what looks odd', async () => {
    const garden = openGarden();
    draw(<TodayPage />);
    await reads('Three questions, and each can wait');
    expect(maybeButton('New case')).toBeUndefined();
    type('Nearest town', 'portland');
    await reads('Portland, Oregon, United States of America');
    press('Portland, Oregon, United States of America');
    expect(page()).toContain('It is Portland, Oregon');
    expect(isPressed('US')).toBe(true);
    press('A lot');
    press('That is right: what looks odd?');
    await reads('Three questions');
    expect(garden.done).toEqual(['changeGarden']);
    expect(garden.read('garden')).toMatchObject({
      measures: 'us',
      tapHardness: 300,
      timeZone: 'America/Los_Angeles',
      latitude: expect.closeTo(45.5, 0),
    });
    expect(place.went).toEqual(['/cases/new']);
  });

  test('a town that is not on the list is told, and all of it can wait', async () => {
    const garden = openGarden();
    draw(<TodayPage />);
    await reads('Three questions');
    type('Nearest town', 'xqzv');
    await reads('No town of that name is on the list');
    press('All this later');
    expect(garden.done).toEqual([]);
    expect(place.went).toEqual(['/cases/new']);
  });

  test('without a bed, the plant and the kind of place are enough for a case', async () => {
    const garden = openGarden();
    draw(<NewCasePage />);
    await reads('What is it on?');
    type('Which plant?', 'moonflox');
    press('Look at it');
    await reads(/"moonflox" is not a plant that is known here/);
    expect(garden.read('garden').beds).toEqual([]);
    type('Which plant?', 'tomato');
    press('Pots');
    press('Look at it');
    await reads('What is it on?');
    const [found] = garden.cases();
    expect(found).toMatchObject({ bedName: 'Some pots', plant: 'tomato' });
    expect(place.went).toEqual([`/cases/${found?.id}`]);
  });
});
