import { caseView, whatIfView } from '@trowel/core/contract';
import { daysBetween } from '@trowel/core/quantities';
import { whatIf } from '@trowel/core/simulate';
import { knowledge } from '@trowel/knowledge';
import { bedWithCurrants, callsOf, newWorld, type World } from './world';

let world: World;
beforeEach(() => (world = newWorld()));
afterEach(() => world.close());
const { post } = callsOf(() => world);

const theCase = async (id: string) => caseView.parse((await world.api.get(`/api/cases/${id}`).expect(200)).body);
const asked = async (jobId: string) =>
  whatIfView.parse((await world.api.get(`/api/jobs/${jobId}/what-if`).expect(200)).body);

async function soapAgainst(said: string, sign: string): Promise<{ id: string; jobId: string }> {
  const { bedId, plantingId } = await bedWithCurrants(world);
  const { id = '' } = await post('/cases', { bedId, plantingId });
  await post(`/cases/${id}/evidence`, { said, items: [{ sign, state: 'seen' }] });
  const { id: jobId = '' } = await post(`/cases/${id}/remedies`, { remedy: 'soap-spray' });
  return { id, jobId };
}
const counts = [22, 3, 40, 0, 18, 31, 9, 27, 2, 14];

async function spray(id: string, jobId: string): Promise<void> {
  await post('/steps', { jobId, step: 'test-leaf', outcome: 'skipped' });
  const step = (await theCase(id)).jobs[0]?.steps.find((one) => one.step === 'spray');
  await post('/steps', {
    jobId,
    step: 'spray',
    outcome: 'done',
    acknowledged: step?.cautions.flatMap(({ rule }) => rule ?? []),
  });
}

describe('what if', () => {
  test('without a count it says to count; with one, all that the model needs, and plans to ask about', async () => {
    const { jobId } = await soapAgainst('sticky curled leaves', 'clusters');
    expect(await asked(jobId)).toEqual({ kind: 'cannot', because: 'no-count' });
    await post('/counts', { jobId, counts });
    const view = await asked(jobId);
    if (view.kind === 'cannot') throw new Error(view.because);
    expect(view).toMatchObject({
      pest: 'Greenfly',
      from: '2026-06-10',
      known: { today: 0, sprayed: [], threshold: 10 },
    });
    expect(view.known.warmth).toHaveLength(61);
    // A June at 52° north: between 8 and 14 °C·days above 4 °C.
    for (const day of view.known.warmth.slice(0, 20)) expect(day > 3 && day < 20).toBe(true);
    expect(view.scenarios.map(({ id }) => id)).toEqual(
      expect.arrayContaining(['nothing', 'once', 'planned', 'at-hatch', 'one-left-out', 'no-undersides']),
    );
    const row = knowledge.life.find(({ id }) => id === view.known.row);
    if (!row) throw new Error('the life is not known');
    const { outcomes } = whatIf({ ...view.known, row }, view.scenarios, { runs: 200 });
    const clear = (id: string) => outcomes.find((one) => one.id === id)?.clear[14] ?? 0;
    expect(clear('at-hatch')).toBeGreaterThan(clear('nothing'));
  });

  test('what is no pest, or not counted by leaf, is told so', async () => {
    const bed = await post('/beds', { name: 'Short Bed', setting: 'bed' });
    const job = await post('/jobs', { remedy: 'milk-spray', places: [{ bedId: bed.id }] });
    expect(await asked(job.id ?? '')).toEqual({ kind: 'cannot', because: 'no-life' });
    await world.api.get('/api/jobs/none/what-if').expect(404);
  });
});

describe('the next round comes by the life of the pest', () => {
  test('aphids bear live young: three to five days on, with that reason', async () => {
    const { id, jobId } = await soapAgainst('sticky curled leaves', 'clusters');
    await post('/counts', { jobId, counts });
    await spray(id, jobId);
    const [job] = (await theCase(id)).jobs;
    expect(job?.respray).toMatch(/^Greenfly: they bear live young, so there is no hatch to wait for/);
    const again = job?.steps.filter(({ phase, state }) => phase === 'apply' && state === 'planned')[0];
    const days = daysBetween('2026-06-10', again?.date ?? '');
    // Soap itself wants four days; aphids five at most, and a day of bad weather may come between.
    expect(days).toBeGreaterThanOrEqual(4);
    expect(days).toBeLessThanOrEqual(7);
  });

  test('mites lay eggs: not before most have hatched in this warmth, and never “live young”', async () => {
    const { id, jobId } = await soapAgainst('fine webs and pale dots under the leaves', 'fine-web');
    expect((await theCase(id)).summary.leading[0]?.id).toBe('spider-mites');
    await post('/counts', { jobId, counts });
    await spray(id, jobId);
    const [job] = (await theCase(id)).jobs;
    expect(job?.respray).toMatch(/^Two-spotted mite: (most eggs have hatched|too cold)/);
    expect(job?.respray).not.toMatch(/live young/);
    const again = job?.steps.filter(({ phase, state }) => phase === 'apply' && state === 'planned')[0];
    // 60 °C·days above 11.6 °C take more than a week in this June.
    expect(daysBetween('2026-06-10', again?.date ?? '')).toBeGreaterThan(7);
  });
});
