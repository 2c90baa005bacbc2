import { caseView, logView, notebookView, reviewView, todayView } from '@trowel/core/contract';
import { knowledge } from '@trowel/knowledge';
import { settleOld } from '../src/views/learnt';
import { bedWithCurrants, callsOf, newWorld, type World } from './world';

let world: World;
beforeEach(() => (world = newWorld()));
afterEach(() => world.close());
const { post, refused } = callsOf(() => world);
const notebook = async () => notebookView.parse((await world.api.get('/api/notebook').expect(200)).body);
const review = async (year: number) => reviewView.parse((await world.api.get(`/api/review/${year}`).expect(200)).body);

/** Aphids on the currants, sprayed with soap on a day of June, counted before and four and nine days after. */
async function season(year: number, where: { bedId: string; plantingId: string }, after: readonly number[]) {
  const at = (day: number) => world.setNow(`${year}-06-${String(day).padStart(2, '0')}T17:00:00Z`);
  at(10);
  const { id = '' } = await post('/cases', where);
  await post(`/cases/${id}/evidence`, {
    said: 'sticky curled leaves',
    items: [{ sign: 'clusters', state: 'seen' }],
  });
  const { id: jobId = '' } = await post(`/cases/${id}/remedies`, { remedy: 'soap-spray' });
  await post('/counts', { jobId, counts: [22, 3, 40, 0, 18, 31, 9, 27, 2, 14] });
  await post('/steps', { jobId, step: 'test-leaf', outcome: 'done' });
  at(12);
  await post('/steps', { jobId, step: 'test-look', outcome: 'done', result: 'unharmed' });
  const view = caseView.parse((await world.api.get(`/api/cases/${id}`).expect(200)).body);
  const acknowledged = view.jobs[0]?.steps
    .find(({ step }) => step === 'spray')
    ?.cautions.flatMap(({ rule }) => rule ?? []);
  await post('/steps', { jobId, step: 'spray', outcome: 'done', acknowledged });
  for (const day of [16, 24]) {
    at(day);
    await post('/counts', { jobId, counts: after });
  }
  return { id, jobId };
}
const gone = [0, 0, 1, 0, 0, 2, 0, 0, 0, 0];
const asMany = [20, 6, 38, 1, 17, 29, 12, 25, 3, 15];

describe('what a garden learns', () => {
  test('one trial is no rate; two years on, figures with a range, the strength, and the case of each', async () => {
    const where = await bedWithCurrants(world);
    const first = await season(2026, where, gone);
    expect((await notebook()).worked).toMatchObject([
      {
        remedy: 'soap-spray',
        cause: 'aphids',
        worked: 1,
        failed: 0,
        strengths: 'Worked at 1 % by volume in tap water.',
      },
    ]);
    expect((await notebook()).worked[0]?.says).toMatch(/^Helped the one time it was judged\. Too few to count on/);
    await post(`/cases/${first.id}/close`, { outcome: 'solved' });
    const second = await season(2027, where, asMany);
    await post(`/cases/${second.id}/close`, { outcome: 'no-change' });
    await season(2028, where, gone);
    const [soap] = (await notebook()).worked;
    expect(soap).toMatchObject({ worked: 2, failed: 1 });
    expect(soap?.says).toMatch(/^Helped 2 of 3 times\. Count on \d to \d+ times in 10\.$/);
    expect(soap?.cases).toHaveLength(3);
  });

  test('the next choice in that garden is told of it, and ranks it lower where it failed', async () => {
    const where = await bedWithCurrants(world);
    await season(2026, where, asMany);
    world.setNow('2027-06-10T17:00:00Z');
    const { id } = await post('/cases', where);
    await post(`/cases/${id}/evidence`, { items: [{ sign: 'clusters', state: 'seen' }] });
    const { experience } = caseView.parse((await world.api.get(`/api/cases/${id}`).expect(200)).body);
    expect(experience).toMatchObject([{ remedy: 'soap-spray', worked: 0, failed: 1 }]);
    expect(experience[0]?.factor).toBeLessThan(1);
  });

  test('a place that had it last year is told of ten days ahead, and no longer once it is past', async () => {
    const where = await bedWithCurrants(world);
    await season(2026, where, gone);
    const likely = async (now: string) => {
      world.setNow(now);
      return todayView.parse((await world.api.get('/api/today').expect(200)).body).likely;
    };
    expect(await likely('2027-05-25T09:00:00Z')).toEqual([]);
    expect(await likely('2027-06-02T09:00:00Z')).toMatchObject([
      { bedId: where.bedId, says: expect.stringMatching(/^Long Bed: aphids about 10 June in 2026/i) },
    ]);
    expect(await likely('2027-07-02T09:00:00Z')).toEqual([]);
  });

  test('each line of the log names its case and can be sought by place, plant, cause and remedy', async () => {
    const where = await bedWithCurrants(world);
    await season(2026, where, gone);
    const lines = async (query = '') =>
      logView.parse((await world.api.get(`/api/log${query}`).expect(200)).body).entries;
    const log = await lines();
    const spray = log.find(({ says }) => /1 % by volume/.test(says));
    expect(spray?.about).toMatchObject({ beds: ['Long Bed'], remedy: expect.stringMatching(/soap/i) });
    expect(spray?.about.caseName).not.toBeNull();
    expect(spray?.about.cause).toMatch(/aphid/i);
    expect(spray?.about.plants).toHaveLength(1);
    expect(log.filter(({ about }) => about.caseName !== null).length).toBeGreaterThan(5);
    const { facets } = await notebook();
    for (const facet of ['bed', 'plant', 'cause', 'remedy'] as const) {
      const [one] = facets[facet];
      const found = await lines(`?${facet}=${encodeURIComponent(one?.id ?? '')}`);
      expect(found.length).toBeGreaterThan(0);
      expect(found.length).toBeLessThan(log.length);
      expect(found).toContainEqual(spray);
    }
    expect(await lines('?bed=nowhere')).toEqual([]);
  });
});

describe('what is closed is settled', () => {
  const settled = () => world.db.prepare('SELECT settled FROM job').pluck().all() as (string | null)[];
  const verdict = async (id: string) =>
    caseView.parse((await world.api.get(`/api/cases/${id}`).expect(200)).body).summary.verdict;

  test('how its jobs ended is kept with it, and open again when it is opened again', async () => {
    const where = await bedWithCurrants(world);
    const { id } = await season(2026, where, gone);
    expect(settled()).toEqual([null]);
    const before = [await verdict(id), (await notebook()).worked];
    await post(`/cases/${id}/close`, { outcome: 'solved' });
    expect(JSON.parse(settled()[0] ?? '{}')).toMatchObject({
      trial: { end: 'worked', isCounted: true, strength: 1, on: '2026-06-12' },
      verdict: { verdict: 'solved' },
    });
    expect([await verdict(id), (await notebook()).worked]).toEqual(before);
    await post(`/cases/${id}/reopen`);
    expect(settled()).toEqual([null]);
  });

  test('what was closed before that was kept is settled a few at a time, to the same', async () => {
    const where = await bedWithCurrants(world);
    const { id } = await season(2026, where, asMany);
    await post(`/cases/${id}/close`, { outcome: 'no-change' });
    const [kept] = settled();
    world.db.prepare('UPDATE job SET settled = NULL').run();
    expect(settleOld(world.db, knowledge, 5)).toBe(1);
    expect(settled()).toEqual([kept]);
    expect(settleOld(world.db, knowledge, 5)).toBe(0);
  });
});

describe('a year looked back on', () => {
  test('what came, what worked, what was found late, month by month', async () => {
    const where = await bedWithCurrants(world);
    const { id } = await season(2026, where, gone);
    await post(`/cases/${id}/close`, { outcome: 'solved' });
    const view = await review(2026);
    expect(view.years).toEqual([2026]);
    expect(view.came).toMatchObject([{ cause: 'aphids', times: 1, says: 'Long Bed, first on 10 June' }]);
    expect(view.worked).toMatchObject([{ says: expect.stringMatching(/^Helped the one time/) }]);
    expect(view.notWorth).toEqual([]);
    // 16.6 a leaf where ten is the level to act on.
    expect(view.earlier).toMatchObject([{ bedName: 'Long Bed', says: expect.stringMatching(/1\.7 times.*31 May/) }]);
    // Counted and tried on the 10th, sprayed on the 12th, looked on the 16th and 24th.
    expect(view.months[5]).toMatchObject({ cases: 1 });
    expect(view.months[5]?.visits).toBeGreaterThanOrEqual(3);
    expect(view.months.filter(({ cases, visits }) => cases + visits > 0)).toHaveLength(1);
    expect(view.says[0]).toMatch(/1 trouble was looked into; 1 of them was solved/);
  });

  test('what failed was not worth making; an empty year says so; a year that is none is refused', async () => {
    const where = await bedWithCurrants(world);
    await season(2026, where, asMany);
    expect((await review(2026)).notWorth).toMatchObject([{ says: expect.stringMatching(/did not help/) }]);
    expect((await review(2020)).says).toEqual(['Nothing was written down in 2020.']);
    await world.api.get('/api/review/soon').expect(422);
    await refused('/review/2026', {}, 404);
  });
});
