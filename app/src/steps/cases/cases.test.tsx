import { openGarden } from '@/testing/garden';
import { button, goes, holds, page, press, reads } from '@/testing/hands';
import { flush } from '@/api/outbox';
import { draw } from '@/testing/providers';
import { place } from '@/testing/router';
import { CasesPage } from './CasesPage';
import { NewCasePage } from './NewCasePage';

describe('the list of cases', () => {
  test('open ones stand first, each with its reading; closed ones say how they ended', async () => {
    const garden = openGarden({ demo: true });
    draw(<CasesPage />);
    await reads(/Solved, \d+ \w+ \d{4}/);
    const text = page();
    for (const { name, status } of garden.cases())
      expect([name, text.indexOf(name) > text.indexOf('Closed')]).toEqual([name, status === 'closed']);
    expect(text).toMatch(/: (possible|could well be|likely|very likely|all but certain)/);
    expect(text).toMatch(/Solved, \d+ \w+ \d{4}/);
  });

  test('an empty list says what a case is, and how one begins', async () => {
    openGarden();
    draw(<CasesPage />);
    await reads('No open case');
    expect(page()).toContain('A case is one problem in one place');
    expect(button('New case').getAttribute('href')).toBe('/cases/new');
    expect(page()).not.toContain('Closed');
  });

  test('without a line it says so, and another try brings the cases', async () => {
    const garden = openGarden({ demo: true });
    garden.cutLine();
    draw(<CasesPage />);
    await reads('not answering');
    garden.mendLine();
    press('Try again');
    await reads('Closed');
  });
});

describe('a new case', () => {
  test('a tap on a plant opens a case for that very plant', async () => {
    const garden = openGarden({ demo: true });
    draw(<NewCasePage />);
    const [bed] = garden.read('garden').beds;
    const planting = bed?.plantings[0];
    if (!bed || !planting) throw new Error('the demo garden has no planted bed');
    await reads(bed.name);
    press(planting.label);
    const to = await goes();
    expect(garden.done).toEqual(['openCase']);
    const opened = garden.cases().find(({ id }) => to === `/cases/${id}`);
    expect(opened).toMatchObject({ bedId: bed.id, plantLabel: planting.label, status: 'open', signCount: 0 });
  });

  test('the ground of a bed is a case without a plant', async () => {
    const garden = openGarden({ demo: true });
    draw(<NewCasePage />);
    const [bed] = garden.read('garden').beds;
    await reads(bed?.name ?? '');
    press(`The ground of ${bed?.name}`);
    const to = await goes();
    const opened = garden.cases().find(({ id }) => to === `/cases/${id}`);
    expect(opened).toMatchObject({ bedId: bed?.id, plant: null });
  });

  test('a place that is not in the book is offered beside those that are', async () => {
    const garden = openGarden({ demo: true });
    draw(<NewCasePage />);
    await reads('Somewhere else');
    press('Under glass');
    press('Look at the ground there');
    await holds(() => expect(garden.done).toContain('openCase'));
    expect(garden.read('garden').beds.map(({ name }) => name)).toContain('Under glass');
  });

  test('where the line is down it waits under the id it will have', async () => {
    const garden = openGarden({ demo: true });
    draw(<NewCasePage />);
    const [bed] = garden.read('garden').beds;
    await reads(bed?.name ?? '');
    garden.cutLine();
    press(`The ground of ${bed?.name}`);
    const to = await goes();
    expect(garden.done).toEqual([]);
    garden.mendLine();
    await flush();
    expect(garden.cases().map(({ id }) => `/cases/${id}`)).toContain(to);
  });

  test('a plate that was recognised comes along, and stands in the case as seen', async () => {
    const garden = openGarden();
    const bed = garden.act('addBed', { name: 'Long Bed', setting: 'bed' }) as { id: string };
    garden.act('addPlanting', { plant: 'redcurrant', label: 'Currants' }, bed.id);
    place.params = { sign: 'honeydew', name: 'Sticky leaves' };
    draw(<NewCasePage />);
    await reads('Currants');
    expect(page()).toContain('Where do you see it? Sticky leaves');
    press('Currants');
    const id = (await goes()).split('/').pop() ?? '';
    expect(garden.read('oneCase', id).situation.evidence).toMatchObject([{ sign: 'honeydew', state: 'seen' }]);
  });
});
