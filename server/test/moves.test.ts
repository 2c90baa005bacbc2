import { caseView, type CaseView } from '@trowel/core/contract';
import { bedWithCurrants, callsOf, newWorld, type World } from './world';

let world: World;
beforeEach(() => (world = newWorld()));
afterEach(() => world.close());
const { post, refused } = callsOf(() => world);

const theCase = async (id: string): Promise<CaseView> =>
  caseView.parse((await world.api.get(`/api/cases/${id}`).expect(200)).body);
const theJob = async (id: string) => {
  const [job] = (await theCase(id)).jobs;
  if (!job) throw new Error('the case has no job');
  return job;
};
/** Ten leaves round a mean, with the spread that clusters have. */
const ten = (mean: number) => [0.2, 0.5, 2, 1.4, 0.6, 1, 1.8, 0.4, 1.1, 1].map((share) => Math.round(share * mean));
const at = (day: number) => world.setNow(`2026-06-${10 + day}T17:00:00Z`);

/** Aphids on redcurrants, counted, sprayed with soap two days later. */
async function sprayed(): Promise<{ id: string; jobId: string }> {
  const { bedId, plantingId } = await bedWithCurrants(world);
  const { id = '' } = await post('/cases', { bedId, plantingId });
  await post(`/cases/${id}/evidence`, { said: 'sticky curled leaves, ants on the stems' });
  const { id: jobId = '' } = await post(`/cases/${id}/remedies`, { remedy: 'soap-spray' });
  await post('/counts', { jobId, counts: ten(20) });
  await post('/steps', { jobId, step: 'test-leaf', outcome: 'done' });
  at(2);
  await post('/steps', { jobId, step: 'test-look', outcome: 'done', result: 'unharmed' });
  await post('/steps', { jobId, step: 'spray', outcome: 'done', acknowledged: await toRead(id, 'spray') });
  return { id, jobId };
}

const toRead = async (id: string, step: string) =>
  ((await theJob(id)).steps.find((one) => one.step === step)?.cautions ?? []).flatMap(({ rule }) => rule ?? []);

describe('what is done upon a verdict', () => {
  test('the day of the next round and of the next look are those of the plan', async () => {
    const { id, jobId } = await sprayed();
    at(4);
    await post('/counts', { jobId, counts: ten(11) });
    const { follow, steps } = await theJob(id);
    const planned = (step: (one: (typeof steps)[number]) => boolean) =>
      steps.find((one) => one.state === 'planned' && step(one))?.date;
    for (const { kind, on, isPlanned } of follow?.next ?? []) {
      if (kind !== 'repeat' && kind !== 'look-again') continue;
      expect([kind, isPlanned]).toEqual([kind, true]);
      expect(on).toBe(planned(({ phase }) => phase === (kind === 'repeat' ? 'apply' : 'look')));
    }
    expect(follow?.next.length).toBeGreaterThan(0);
  });

  test('no effect is evidence: the cause sinks; where the undersides were missed it is not to blame', async () => {
    const { id, jobId } = await sprayed();
    const chance = async () => (await theCase(id)).summary.leading.find((one) => one.id === 'aphids')?.probability ?? 0;
    const before = await chance();
    at(14);
    const { id: countId } = await post('/counts', { jobId, counts: ten(21) });
    const job = await theJob(id);
    expect(job.follow).toMatchObject({ verdict: 'no-change', finding: 'no-effect', title: 'No change' });
    expect(job.doing).toMatchObject({ missed: null });
    expect(job.doing.asks.map((one) => one.id)).toContain('undersides');
    const after = await chance();
    expect(after).toBeLessThan(before);
    expect((await theCase(id)).situation.failed).toEqual(['soap-spray']);
    await post(`/jobs/${jobId}/doing`, { missed: ['undersides'] });
    expect(await chance()).toBeCloseTo(before, 4);
    expect((await theJob(id)).doing.missed).toEqual(['undersides']);
    await post(`/jobs/${jobId}/doing`, { missed: [] });
    expect(await chance()).toBeCloseTo(after, 4);
    await post(`/counts/${countId}/take-back`);
    expect(await chance()).toBeCloseTo(before, 4);
  });

  test('one step stronger: the strength and a new round in one tap, and both are taken back in one', async () => {
    const { id, jobId } = await sprayed();
    at(14);
    await post('/counts', { jobId, counts: ten(21) });
    const before = await theJob(id);
    const move = before.follow?.next.find(({ kind }) => kind === 'step-up');
    expect(move).toBeDefined();
    const taken = await post(`/jobs/${jobId}/moves`, { kind: 'step-up' });
    const after = await theJob(id);
    expect(after.setting.strength).toBeGreaterThan(before.setting.strength ?? 1);
    // The next spray stands on a day, and nothing is to be counted anew before it.
    const next = after.steps.find(({ phase, state }) => phase === 'apply' && state !== 'done');
    expect(next?.state).toBe('planned');
    expect(after.steps.filter(({ kind, state }) => kind === 'count' && state === 'planned')).toEqual([]);
    await post(`/moves/${taken.id}/take-back`);
    expect((await theJob(id)).setting.strength).toBe(before.setting.strength);
    await refused(`/moves/${taken.id}/take-back`, {}, 409);
  });

  test('what the verdict does not propose is refused, and nothing is written', async () => {
    const { id, jobId } = await sprayed();
    at(4);
    await post('/counts', { jobId, counts: ten(1) });
    const before = await theJob(id);
    const { detail } = await refused(`/jobs/${jobId}/moves`, { kind: 'step-up' }, 409);
    expect(detail).toMatch(/does not ask for that/);
    expect((await theJob(id)).setting).toEqual(before.setting);
    await refused(`/jobs/${jobId}/moves`, { kind: 'dance' }, 422);
  });

  test('one more look where the plan has none stands on the day that the verdict names', async () => {
    const { id, jobId } = await sprayed();
    at(4);
    await post('/counts', { jobId, counts: ten(11) });
    // Everything that was still to come is left out.
    for (let more = true; more;) {
      const open = (await theJob(id)).steps.filter(({ state }) => state === 'planned' || state === 'unplaced');
      for (const { step } of open) await post('/steps', { jobId, step, outcome: 'skipped' });
      more = open.length > 0;
    }
    at(9);
    await post('/counts', { jobId, counts: ten(9) });
    const move = (await theJob(id)).follow?.next.find(({ kind }) => kind === 'look-again');
    expect(move).toMatchObject({ isPlanned: false });
    await post(`/jobs/${jobId}/moves`, { kind: 'look-again' });
    const { steps, follow } = await theJob(id);
    expect(steps.find(({ phase, state }) => phase === 'look' && state === 'planned')?.date).toBe(move?.on);
    expect(follow?.next.find(({ kind }) => kind === 'look-again')).toMatchObject({ isPlanned: true, on: move?.on });
  });
});

describe('what is counted', () => {
  test('halves, and more than yes or no where only that is asked, are refused by name', async () => {
    const { jobId } = await sprayed();
    expect((await refused('/counts', { jobId, counts: [1, 2.5, 3] }, 422)).fields[0].field).toMatch(/counts/);
    const bed = await post('/beds', { name: 'Short Bed', setting: 'bed' });
    const milk = await post('/jobs', { remedy: 'milk-spray', places: [{ bedId: bed.id }] });
    const { fields } = await refused('/counts', { jobId: milk.id, counts: [1, 0, 7] }, 422);
    expect(fields[0]).toMatchObject({ field: 'counts' });
    expect(fields[0].message ?? fields[0].says).toMatch(/1 for yes and 0 for no, not 7/);
  });

  test('those left alone are compared with, look by look, and can be left out again', async () => {
    const { id, jobId } = await sprayed();
    const extra = newCounts(jobId);
    await extra(ten(20), false);
    at(6);
    await extra(ten(10), true);
    const last = await extra(ten(20), false);
    const compared = async () => (await theJob(id)).follow?.change;
    expect(await compared()).toMatchObject({ againstUntreated: true, reduction: 50 });
    await post(`/counts/${last}/take-back`);
    expect(await compared()).toMatchObject({ againstUntreated: false });
  });
});

const newCounts =
  (jobId: string) =>
  async (counts: number[], isTreated: boolean): Promise<string> =>
    (await post('/counts', { jobId, counts, isTreated })).id ?? '';
