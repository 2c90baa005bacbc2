import { caseView, sowingView, type CaseView } from '@trowel/core/contract';
import { callsOf, newWorld, type World } from './world';

let world: World;
beforeEach(() => (world = newWorld()));
afterEach(() => world.close());
const { post, refused } = callsOf(() => world);

const theCase = async (id: string): Promise<CaseView> =>
  caseView.parse((await world.api.get(`/api/cases/${id}`).expect(200)).body);
const sowing = async (bedId: string, query = '') =>
  sowingView.parse((await world.api.get(`/api/beds/${bedId}/sowing${query}`).expect(200)).body);
const names = (rows: readonly { readonly name: string }[]) => rows.map(({ name }) => name);

/** Cucumbers with mildew, milk put on, and more of it since. */
async function failing() {
  const { id: bedId = '' } = await post('/beds', { name: 'Long Bed', setting: 'bed' });
  const { id: plantingId = '' } = await post(`/beds/${bedId}/plantings`, { plant: 'cucumber' });
  const { id = '' } = await post('/cases', { bedId, plantingId });
  await post(`/cases/${id}/evidence`, { said: 'white powder on the leaves that wipes off' });
  const { id: jobId = '' } = await post(`/cases/${id}/remedies`, { remedy: 'milk-spray' });
  await post('/counts', { jobId, unit: 'area', counts: [3, 0, 3, 0, 8, 3, 0, 3, 0, 3] });
  for (const { step } of (await theCase(id)).jobs[0]?.steps ?? []) {
    const { steps } = (await theCase(id)).jobs[0] ?? { steps: [] };
    const one = steps.find((other) => other.step === step);
    if (one?.phase === 'look' || one?.state === 'done') continue;
    await world.api.post('/api/steps').send({
      jobId,
      step,
      outcome: 'done',
      ...(one?.asks ? { result: one.asks.results.find((answer) => answer.id !== 'harmed')?.id } : {}),
      acknowledged: one?.cautions.flatMap(({ rule }) => rule ?? []),
    });
    if (one?.kind === 'test-leaf') world.setNow('2026-06-12T17:00:00Z');
  }
  world.setNow('2026-06-26T17:00:00Z');
  return { id, jobId, bedId, plantingId };
}

describe('sick leaf area', () => {
  test('it is counted in per cent, judged in it, and out of bounds refused by name', async () => {
    const { id, jobId } = await failing();
    expect((await refused('/counts', { jobId, unit: 'area', counts: [101] }, 422)).fields[0]).toMatchObject({
      field: 'counts',
      message: expect.stringMatching(/0 to 100, not 101/),
    });
    expect((await refused('/counts', { jobId, unit: 'number', counts: [1] }, 422)).fields[0].field).toBe('unit');
    await post('/counts', { jobId, unit: 'area', counts: [18, 38, 18, 8, 38, 18, 18, 38, 8, 18] });
    const [job] = (await theCase(id)).jobs;
    expect(job?.measuredBy).toMatchObject({ unit: 'area', clearBelow: 1, ways: [{ unit: 'area' }] });
    expect(job?.follow).toMatchObject({ verdict: 'worse', says: expect.stringMatching(/2\.3 % before, 22 % now/) });
    // One look for yes or no, and all are read as that.
    await post('/counts', { jobId, counts: [1, 1, 1, 1, 1, 1, 1, 0, 1, 1] });
    const [mixed] = (await theCase(id)).jobs;
    expect(mixed?.measuredBy).toMatchObject({ unit: 'yes-no', ways: [{ unit: 'yes-no' }] });
    expect(mixed?.counts.map(({ counts }) => Math.max(...counts))).toEqual([1, 1, 1]);
  });
});

describe('a plant that is given up', () => {
  test('where nothing helped it is offered, with what can still be sown: no host of it, none of its family', async () => {
    const { id, jobId, bedId, plantingId } = await failing();
    await post('/counts', { jobId, unit: 'area', counts: [18, 38, 18, 8, 38, 18, 18, 38, 8, 18] });
    expect((await theCase(id)).jobs[0]?.follow?.next.map(({ kind }) => kind)).toContain('give-up');
    const { fits, notHere } = await sowing(bedId, `?case=${id}`);
    // Late June at 52° north: quick and hardy ones, and nothing that wants the whole summer.
    expect(names(fits)).toEqual(expect.arrayContaining(['Radish, turnip', 'Lettuce', 'Leek plants']));
    expect(names(fits)).not.toEqual(expect.arrayContaining(['Tomato plants']));
    expect(names(notHere)).toContain('Courgette');
    expect(fits.every(({ says }) => /now; first picking/.test(says))).toBe(true);
    await post(`/cases/${id}/close`, { outcome: 'given-up', takesOut: true });
    expect((await theCase(id)).summary.status).toBe('closed');
    const bed = (await world.api.get(`/api/beds/${bedId}`).expect(200)).body;
    expect(bed.plantings).toEqual([]);
    expect(bed.before).toMatchObject([{ id: plantingId, to: '2026-06-26' }]);
    // Its family is remembered without the case.
    expect(names((await sowing(bedId)).notHere)).toContain('Courgette');
    await post(`/cases/${id}/reopen`);
    await post(`/plantings/${plantingId}/restore`);
    expect((await theCase(id)).summary.status).toBe('open');
  });

  test('what another case goes on with stays, and then nothing is closed', async () => {
    const { id, bedId, plantingId } = await failing();
    await post('/cases', { bedId, plantingId });
    await refused(`/cases/${id}/close`, { outcome: 'given-up', takesOut: true }, 409);
    expect((await theCase(id)).summary.status).toBe('open');
  });

  test('of no such place, and of words that are none, nothing is made up', async () => {
    await world.api.get('/api/beds/nowhere/sowing').expect(404);
    const { id } = await post('/beds', { name: 'Short Bed', setting: 'bed' });
    await world.api.get(`/api/beds/${id}/sowing?plant=kale`).expect(422);
    world.setNow('2026-12-20T09:00:00Z');
    expect((await sowing(id ?? '')).fits).toEqual([]);
  });
});
