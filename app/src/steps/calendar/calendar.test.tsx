import { openGarden } from '@/testing/garden';
import { button, holds, isPressed, maybeButton, page, press, reads } from '@/testing/hands';
import { draw } from '@/testing/providers';
import { place } from '@/testing/router';
import { CalendarPage } from './CalendarPage';

beforeEach(() => {
  globalThis.sessionStorage.clear();
  place.reset();
});

describe('the weeks to come', () => {
  test('nothing planned says where plans come from', async () => {
    openGarden();
    draw(<CalendarPage />);
    await reads('Nothing planned');
  });

  test('every planned step stands on its day; one is moved to another, and back by undo', async () => {
    const garden = openGarden();
    const { id: jobId } = garden.act('planJob', { wish: 'Turn the compost' }) as { id: string };
    draw(<CalendarPage />);
    await reads('Turn the compost');
    expect(page()).toContain('Today');
    press(/^Turn the compost/);
    expect(isPressed(/^Turn the compost/)).toBe(true);
    await reads('Move it to');
    await holds(() => expect(button(/^Friday, /)).toBeDefined());
    press(/^Friday, /);
    const standsOn = () =>
      garden.read('calendar').days.find(({ steps }) => steps.some((step) => step.jobId === jobId))?.date;
    await holds(() => expect(standsOn()).toBe('2026-06-12'));
    await reads('stands on Friday 12 June now.');
    press('Undo');
    await holds(() => expect(standsOn()).toBe('2026-06-10'));
  });

  test('a day that will not do says why, and offers nothing to press', async () => {
    const garden = openGarden();
    garden.act('planJob', { wish: 'Turn the compost' });
    garden.act('addAway', { from: '2026-06-11', until: '2026-06-12' });
    draw(<CalendarPage />);
    await reads('Turn the compost');
    expect(page()).toContain('Away');
    press(/^Turn the compost/);
    await reads('Tomorrow: you are away');
    expect(maybeButton(/^Tomorrow, /)).toBeUndefined();
    press('Leave it there');
    await holds(() => expect(maybeButton('Leave it there')).toBeUndefined());
  });
});
