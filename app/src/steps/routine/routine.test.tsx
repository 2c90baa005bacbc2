import { openGarden } from '@/testing/garden';
import { holds, isDisabled, isPressed, maybeButton, press, reads, type } from '@/testing/hands';
import { draw } from '@/testing/providers';
import { place } from '@/testing/router';
import { JobPage } from '@/steps/job/JobPage';
import { NewJobPage } from '@/steps/job/NewJobPage';
import { RoutinePage } from './RoutinePage';

beforeEach(() => {
  globalThis.sessionStorage.clear();
  place.reset();
});

/** Plans the routine that is open, and opens its page. */
async function planned(): Promise<string> {
  press('Put it on the plan');
  await holds(() => expect(place.went).toHaveLength(1));
  const id = place.went[0]?.split('/').pop() ?? '';
  place.params = { id };
  draw(<RoutinePage />);
  await reads('Its parts');
  return id;
}

describe('a routine is planned', () => {
  test('chosen from the list; where, since when and how are asked, and what is done stands below', async () => {
    openGarden({ demo: true });
    draw(<NewJobPage />);
    await reads('Or a routine');
    press('A season’s calcium');
    expect(place.params).toMatchObject({ routine: 'calcium-season', remedy: '' });
  });

  test('feeding seedlings: a quarter of the label as it is typed, in the page and in the job', async () => {
    const garden = openGarden({ demo: true });
    place.params = { routine: 'feed-seedlings' };
    draw(<NewJobPage />);
    await reads('Plan: Feeding seedlings');
    expect(isDisabled('Say where first')).toBe(true);
    press('Kitchen Sill');
    type(/^Rate/, '10');
    type(/^Nitrogen/, '8');
    await reads(/1\.1 mL per litre, which is 100 mg\/L of nitrogen: held there/);
    press('Large');
    await reads('Filling their pots: every six days.');
    await reads(/From today, every 6 days/);
    const id = await planned();
    const feed = garden.read('oneRoutine', id).parts.find(({ name }) => name === 'The feed');
    const { setting } = garden.read('job', feed?.jobId ?? '');
    expect(setting.everyDays).toBe(6);
    expect(setting.strength).toBeCloseTo(100 / 88 / 10, 9);
  });

  test('too little compost: proposed bed by bed with its reason, changed by a tap, shared by size', async () => {
    const garden = openGarden({ demo: true });
    place.params = { routine: 'share-compost' };
    draw(<NewJobPage />);
    await reads('Plan: Too little compost, shared out');
    press('Kiln Bed');
    await reads('Proposed: what grows here takes much.');
    press('Gate Bed');
    type(/^Compost there is/, '40');
    const id = await planned();
    const compost = garden.read('oneRoutine', id).parts.find(({ name }) => name === 'The compost');
    expect(garden.read('job', compost?.jobId ?? '').spread?.says).toMatch(/^40 L of ripe compost/);
  });

  test('what may be left out is left out', async () => {
    const garden = openGarden({ demo: true });
    place.params = { routine: 'weekly-round' };
    draw(<NewJobPage />);
    await reads('Plan: Ready ahead of trouble');
    press('Leave out: sticky cards');
    expect(isPressed('Leave out: sticky cards')).toBe(true);
    const id = await planned();
    expect(garden.read('oneRoutine', id).parts.map(({ name }) => name)).not.toContain('Sticky cards');
  });
});

test('a routine rests and goes on, ends and is taken up again', async () => {
  const garden = openGarden({ demo: true });
  place.params = { routine: 'clippings-worms', bed: 'long-bed' };
  draw(<NewJobPage />);
  await reads('Plan: Clippings to bring worms');
  const id = await planned();
  await reads('Next');
  press('Let it rest');
  await reads(/It rests since today/);
  press('Go on with it');
  await holds(() => expect(garden.read('oneRoutine', id).pausedOn).toBeNull());
  await holds(() => expect(maybeButton('Let it rest')).toBeTruthy());
  press('End it');
  await holds(() => expect(garden.read('oneRoutine', id).isOver).toBe(true));
  await holds(() => expect(maybeButton('Go on with it')).toBeTruthy());
  press('Go on with it');
  await holds(() => expect(garden.read('oneRoutine', id).isOver).toBe(false));
});

test('a part of it that was stopped by itself goes on from its own page', async () => {
  const garden = openGarden({ demo: true });
  place.params = { routine: 'clippings-worms', bed: 'long-bed' };
  draw(<NewJobPage />);
  await reads('Plan: Clippings to bring worms');
  const id = await planned();
  const layer = garden.read('oneRoutine', id).parts.find(({ name }) => name === 'The layer')?.jobId ?? '';
  place.params = { id: layer };
  draw(<JobPage />);
  await holds(() => expect(maybeButton('Stop it: Clippings to bring worms: the layer')).toBeTruthy());
  press('Stop it: Clippings to bring worms: the layer');
  await holds(() => expect(garden.read('job', layer).endedBecause).toBe('stopped'));
  await holds(() => expect(maybeButton('Go on with it: Clippings to bring worms: the layer')).toBeTruthy());
  press('Go on with it: Clippings to bring worms: the layer');
  await holds(() => expect(garden.read('job', layer).endedOn).toBeNull());
});
