import { benchView, caseView, jobView, todayView, type CaseView, type JobView } from '@trowel/core/contract';
import { bedWithCurrants, callsOf, newWorld, type World } from './world';

let world: World;
beforeEach(() => (world = newWorld()));
afterEach(() => world.close());

const { post, refused } = callsOf(() => world);
const theCase = async (id: string): Promise<CaseView> =>
  caseView.parse((await world.api.get(`/api/cases/${id}`).expect(200)).body);
const theJob = async (id: string): Promise<JobView> =>
  jobView.parse((await world.api.get(`/api/jobs/${id}`).expect(200)).body);
const theBench = async () => benchView.parse((await world.api.get('/api/bench').expect(200)).body);
const theDay = async () => todayView.parse((await world.api.get('/api/today').expect(200)).body);

/** Ticks a step, having read all there is to read. */
async function tick(jobId: string, step: string, more: object = {}) {
  const found = (await theJob(jobId)).steps.find((one) => one.step === step);
  const acknowledged = found?.cautions.map(({ rule }) => rule) ?? [];
  return post('/steps', { jobId, step, outcome: 'done', acknowledged, ...more });
}
const stateOf = async (jobId: string, step: string) =>
  (await theJob(jobId)).steps.find((one) => one.step === step)?.state;

async function caseOf(remedy: string, more: object = {}): Promise<{ id: string; jobId: string }> {
  const { bedId, plantingId } = await bedWithCurrants(world);
  const { id = '' } = await post('/cases', { bedId, plantingId });
  const { id: jobId = '' } = await post(`/cases/${id}/remedies`, { remedy, ...more });
  return { id, jobId };
}

/** A weed brew that has stood since a day, with so many litres. */
async function brewSince(day: string, litres: number): Promise<string> {
  world.setNow(`${day}T09:00:00Z`);
  return (await post('/batches', { kind: 'weed', volumeMl: litres * 1000, warmth: 20 })).id ?? '';
}

describe('one amount, from the mixing to the log', () => {
  test('volume and strength as they were chosen are what the plan carries, and stay when they are changed', async () => {
    const { jobId } = await caseOf('soap-spray', { strength: 0.5, volumeMl: 3000 });
    const carry = async () => (await theJob(jobId)).steps.find(({ step }) => step === 'spray')?.carry;
    expect(await carry()).toMatch(/1 tablespoon of .* to 2\.98 L of water/);
    expect((await theJob(jobId)).amounts).toMatchObject({ strength: 0.5, volumeMl: 3000 });
    await post(`/jobs/${jobId}`, { volumeMl: 6000 });
    expect((await theJob(jobId)).amounts?.volumeMl).toBe(6000);
    expect(await carry()).toMatch(/2 tablespoons of .* to 5\.97 L of water/);
  });

  test('noting the mix for a job makes it the job’s own, and the tick takes nothing a second time', async () => {
    await post('/cupboard', { ingredient: 'liquid-soap', amount: 100, unit: 'mL' });
    const left = async () => (await theBench()).cupboard[0]?.amount;
    const { jobId } = await caseOf('soap-spray');
    await post('/steps', { jobId, step: 'test-leaf', outcome: 'skipped' });
    const mix = { remedy: 'soap-spray', volumeMl: 2000, strength: 0.5, jobId };
    const unread = await refused('/mixes', mix, 409);
    expect((await theJob(jobId)).amounts?.volumeMl).toBe(1500);
    await post('/mixes', { ...mix, acknowledged: unread.fields.map(({ key }: { key: string }) => key) });
    expect(await left()).toBe(90);
    expect((await theJob(jobId)).amounts).toMatchObject({ strength: 0.5, volumeMl: 2000 });
    await tick(jobId, 'spray');
    expect(await left()).toBe(90);
    expect((await theJob(jobId)).applied).toEqual([{ on: '2026-06-10', says: expect.stringMatching(/0\.5 %.*2 L/) }]);
    // Taken back, the tick gives back nothing that was mixed before it.
    await post('/steps', { jobId, step: 'spray', outcome: 'undone' });
    expect(await left()).toBe(90);
    expect((await theJob(jobId)).applied).toEqual([]);
  });

  test('ticked without a mix noted, it was mixed as the job says; taken back, the cupboard has it again', async () => {
    await post('/cupboard', { ingredient: 'liquid-soap', amount: 100, unit: 'mL' });
    const left = async () => (await theBench()).cupboard[0]?.amount;
    const { jobId } = await caseOf('soap-spray', { volumeMl: 1000 });
    await post('/steps', { jobId, step: 'test-leaf', outcome: 'skipped' });
    await tick(jobId, 'spray');
    expect(await left()).toBe(90);
    await post('/steps', { jobId, step: 'spray', outcome: 'undone' });
    expect(await left()).toBe(100);
  });

  test('while a test leaf runs, how much is to be mixed can still be changed', async () => {
    const { jobId } = await caseOf('soap-spray');
    await post('/steps', { jobId, step: 'test-leaf', outcome: 'done' });
    await post(`/jobs/${jobId}`, { volumeMl: 4000 });
    world.setNow('2026-06-13T09:00:00Z');
    await post(`/jobs/${jobId}`, { volumeMl: 5000 });
    expect((await theJob(jobId)).amounts?.volumeMl).toBe(5000);
  });

  test('a change of strength changes what is to come and nothing that is done', async () => {
    const { jobId } = await caseOf('soap-spray', { strength: 0.5 });
    await post('/steps', { jobId, step: 'test-leaf', outcome: 'skipped' });
    await tick(jobId, 'spray');
    await post(`/jobs/${jobId}`, { strength: 1 });
    const job = await theJob(jobId);
    expect(job.applied[0]?.says).toMatch(/0\.5 %/);
    expect(job.steps.find(({ step }) => step === 'spray-2')?.carry).toMatch(/1 tablespoon/);
    const beyond = await refused(`/jobs/${jobId}`, { strength: 5 }, 422);
    expect(beyond.fields[0].field).toBe('strength');
    expect((await theJob(jobId)).amounts?.strength).toBe(1);
  });
});

describe('a job that is drawn from a brew', () => {
  test('is thinned by the age of the brew, takes from it when it is poured, and gives back what is undone', async () => {
    const brewId = await brewSince('2026-05-12', 5);
    world.setNow('2026-06-10T09:00:00Z');
    const { jobId } = await caseOf('weed-brew-feed', { volumeMl: 4000 });
    const job = await theJob(jobId);
    const parts = (await theBench()).batches.find(({ id }) => id === brewId)?.parts ?? 0;
    expect(job.setting.batchId).toBe(brewId);
    expect(job.amounts?.strength).toBe(Math.round(parts));
    expect(job.amounts?.brew).toMatchObject({ id: brewId, leftMl: 5000 });
    const takes = job.amounts?.brew?.takesMl ?? 0;
    expect(takes).toBeCloseTo(4000 / (Math.round(parts) + 1), 0);
    const left = async () => (await theBench()).batches.find(({ id }) => id === brewId)?.leftMl ?? 0;
    const apply = job.steps.find(({ carry }) => carry !== null)?.step ?? '';
    await tick(jobId, apply);
    expect(await left()).toBeCloseTo(5000 - takes, 3);
    expect((await theCase(job.caseId ?? '')).log[0]?.says).toMatch(/Weed brew/);
    await post('/steps', { jobId, step: apply, outcome: 'undone' });
    expect(await left()).toBe(5000);
  });

  test('more than is left, or a brew that is not ready, is refused and nothing is written', async () => {
    const brewId = await brewSince('2026-05-12', 0.1);
    world.setNow('2026-06-10T09:00:00Z');
    const { jobId } = await caseOf('weed-brew-feed', { volumeMl: 10_000, batchId: brewId });
    const apply = (await theJob(jobId)).steps.find(({ carry }) => carry !== null)?.step ?? '';
    const acknowledged = (await theJob(jobId)).steps.flatMap(({ cautions }) => cautions.map(({ rule }) => rule));
    const short = await refused('/steps', { jobId, step: apply, outcome: 'done', acknowledged }, 409);
    expect(short.detail).toMatch(/Only 100 mL of .* is left/);
    expect(await stateOf(jobId, apply)).not.toBe('done');
    const other = await refused(`/jobs/${jobId}`, { batchId: 'nowhere' }, 422);
    expect(other.fields[0].field).toBe('batchId');
  });
});

describe('a count is a count', () => {
  const ten = [22, 3, 40, 6, 18, 31, 9, 27, 2, 14];

  test('ten counts made in reading are the ones before, and tick the step, whichever comes first', async () => {
    const { bedId, plantingId } = await bedWithCurrants(world);
    const { id = '' } = await post('/cases', { bedId, plantingId });
    await post(`/cases/${id}/evidence`, { items: [{ sign: 'clusters', state: 'seen', counts: ten }] });
    expect((await theCase(id)).situation.evidence).toMatchObject([{ sign: 'clusters', amount: 17.2 }]);
    const { id: jobId = '' } = await post(`/cases/${id}/remedies`, { remedy: 'soap-spray' });
    const job = await theJob(jobId);
    expect(job.counts).toMatchObject([{ when: 'before', counts: ten, mean: 17.2 }]);
    expect(job.steps[0]).toMatchObject({ step: 'count', state: 'done', found: '10 counted, 17.2 on average' });
  });

  test('one count serves all jobs of the case that count this, and no other', async () => {
    const { id, jobId } = await caseOf('soap-spray');
    const { id: jet = '' } = await post(`/cases/${id}/remedies`, { remedy: 'water-jet' });
    const { id: bait = '' } = await post(`/cases/${id}/remedies`, { remedy: 'ant-bait' });
    await post('/counts', { jobId, counts: ten });
    expect((await theCase(id)).counts).toHaveLength(1);
    expect([await stateOf(jobId, 'count'), await stateOf(jet, 'count')]).toEqual(['done', 'done']);
    expect(await stateOf(bait, 'count')).toBe('planned');
    expect((await theJob(bait)).counts).toEqual([]);
  });

  test('a step that asks for a count is not ticked without one, unless it could not be made', async () => {
    const { jobId } = await caseOf('soap-spray');
    const without = await refused('/steps', { jobId, step: 'count', outcome: 'done' }, 422);
    expect(without.fields[0]).toMatchObject({ field: 'result', message: expect.stringMatching(/count first/) });
    const odd = await refused('/steps', { jobId, step: 'count', outcome: 'done', result: 'harmed' }, 422);
    expect(odd.fields[0].field).toBe('result');
    await post('/steps', { jobId, step: 'count', outcome: 'done', result: 'could-not' });
    expect((await theJob(jobId)).steps[0]?.found).toBe('could not be done');
  });

  test('made on a look ahead of its day, it is that look; made for no step, it waits for the one that is due', async () => {
    const { jobId } = await caseOf('water-jet');
    await tick(jobId, 'jet');
    const { ticked } = (await refused('/counts', { jobId, counts: ten }, 200)) as { ticked: string[] };
    expect(ticked).toEqual([]);
    const onStep = (await refused('/counts', { jobId, step: 'look', counts: ten }, 200)) as { ticked: string[] };
    expect(onStep.ticked).toEqual(['look']);
  });

  test('taken back, it counts no more and the steps that it ticked are open again', async () => {
    const { id, jobId } = await caseOf('soap-spray');
    const { id: count } = await post('/counts', { jobId, counts: ten });
    await post(`/counts/${count}/take-back`);
    expect((await theCase(id)).counts).toEqual([]);
    expect(await stateOf(jobId, 'count')).toBe('planned');
    await refused(`/counts/${count}/take-back`, {}, 409);
  });

  test('the card test of two baits is answered by what was found', async () => {
    const { jobId } = await caseOf('ant-bait');
    await refused('/steps', { jobId, step: 'cards', outcome: 'done' }, 422);
    await post('/steps', { jobId, step: 'cards', outcome: 'done', result: 'to-fat' });
    expect((await theJob(jobId)).steps.find(({ step }) => step === 'cards')?.found).toMatch(/peanut butter/);
  });

  test('a test leaf that is marked stops the spray', async () => {
    const { jobId } = await caseOf('soap-spray');
    await post('/steps', { jobId, step: 'test-leaf', outcome: 'done' });
    world.setNow('2026-06-12T17:00:00Z');
    await post('/steps', { jobId, step: 'test-look', outcome: 'done', result: 'harmed' });
    const job = await theJob(jobId);
    expect(job.steps.find(({ step }) => step === 'spray')).toMatchObject({ state: 'unplaced', stuck: 'halted' });
    const stopped = await refused('/steps', { jobId, step: 'spray', outcome: 'done' }, 409);
    expect(stopped.detail).toMatch(/does not bear it/);
  });
});

describe('what ends takes its steps along, and what is overdue is one line', () => {
  test('closing tells what is taken off the plan; opened again, its counts are there', async () => {
    const { id, jobId } = await caseOf('soap-spray');
    await post('/counts', { jobId, counts: [9, 8, 7] });
    const closed = await post(`/cases/${id}/close`, { outcome: 'solved' });
    expect(closed.jobs).toEqual([{ jobId, name: 'Soap spray', steps: 6 }]);
    const day = await theDay();
    expect([...day.due, ...day.coming, ...day.stuck, ...day.overdue]).toEqual([]);
    await post(`/cases/${id}/reopen`);
    expect((await theCase(id)).jobs[0]).toMatchObject({ endedBecause: 'case-closed', counts: [{ mean: 8 }] });
  });

  test('a job left lying is one line, and goes on with what comes next when its late steps are left out', async () => {
    const { jobId } = await caseOf('water-jet');
    world.setNow('2026-06-24T09:00:00Z');
    const day = await theDay();
    expect(day.due).toEqual([]);
    expect(day.overdue).toMatchObject([{ jobId, since: '2026-06-12', remedyName: 'Jet of water' }]);
    const { skipped } = await post(`/jobs/${jobId}/move-on`);
    expect(skipped).toContain('count');
    const after = await theDay();
    expect(after.overdue).toEqual([]);
    expect(after.due.map(({ step }) => step)).not.toContain('count');
    await refused(`/jobs/${jobId}/move-on`, {}, 409);
  });

  test('stopped by mistake, it goes on where it stood', async () => {
    const { jobId } = await caseOf('water-jet');
    await post(`/jobs/${jobId}/end`);
    expect(await stateOf(jobId, 'jet')).toBe('unplaced');
    await post(`/jobs/${jobId}/resume`);
    expect(await stateOf(jobId, 'jet')).toBe('planned');
    await refused(`/jobs/${jobId}/resume`, {}, 409);
  });
});

describe('a step that no day fits', () => {
  test('names what would have to give; that done, it has its day', async () => {
    const bed = (await post('/beds', { name: 'Long Bed', setting: 'bed' })).id ?? '';
    const planting = (await post(`/beds/${bed}/plantings`, { plant: 'lettuce' })).id ?? '';
    const job = await post('/jobs', { remedy: 'compost-tea-spray', places: [{ bedId: bed, plantingId: planting }] });
    await post(`/plantings/${planting}/harvest`, { on: '2026-08-20' });
    const spray = async () => {
      const { steps } = (await world.api.get(`/api/jobs/${job.id}`).expect(200)).body as JobView;
      return steps.find(({ phase, state }) => phase === 'apply' && state !== 'done');
    };
    const held = await spray();
    expect(held).toMatchObject({ stuck: 'no-day', couldGive: [{ stops: [], changes: ['harvest'] }] });
    expect(held?.whyThen).toMatch(/too near to picking.*the first day that would do/);
    await post(`/plantings/${planting}/harvest`, { on: null });
    expect(await spray()).toMatchObject({ state: 'planned', couldGive: [] });
  });
});

describe('a job of no case', () => {
  const bedNamed = async (name: string) => (await post('/beds', { name, setting: 'bed' })).id ?? '';

  test('is one mix for several beds, a share for each, and counts for the keep-apart of each', async () => {
    const [one, two] = [await bedNamed('One'), await bedNamed('Two')];
    const { id: jobId = '' } = await post('/jobs', {
      remedy: 'weed-brew-feed',
      places: [{ bedId: one }, { bedId: two }],
      volumeMl: 8000,
    });
    const apply = (await theJob(jobId)).steps.find(({ carry }) => carry !== null)?.step ?? '';
    await tick(jobId, apply);
    expect((await theJob(jobId)).applied).toEqual([{ on: '2026-06-10', says: expect.stringMatching(/8 L.*One, Two/) }]);
    expect(world.db.prepare('SELECT bed_id, volume_ml FROM application ORDER BY id').all()).toEqual([
      { bed_id: one, volume_ml: 4000 },
      { bed_id: two, volume_ml: 4000 },
    ]);
  });

  test('a reminder comes again so many days after it was done, stays in sight that day, and ends with its last', async () => {
    const { id: jobId = '' } = await post('/jobs', { wish: 'Wash the sprayer', everyDays: 7, until: '2026-06-20' });
    expect((await theDay()).due).toMatchObject([{ does: 'Wash the sprayer', caseId: null, jobId, round: 1 }]);
    await post('/steps', { jobId, step: 'do', outcome: 'done' });
    const day = await theDay();
    expect(day.due).toEqual([]);
    expect(day.doneToday).toMatchObject([{ jobId, round: 1 }]);
    expect(day.coming).toMatchObject([{ jobId, round: 2, date: '2026-06-17' }]);
    world.setNow('2026-06-18T09:00:00Z');
    await post('/steps', { jobId, step: 'do', outcome: 'done' });
    expect(await theJob(jobId)).toMatchObject({ endedOn: '2026-06-18', endedBecause: 'done' });
    expect((await theDay()).doneToday).toMatchObject([{ jobId, round: 2 }]);
    // Taken back, it is not over after all.
    await post('/steps', { jobId, step: 'do', outcome: 'undone' });
    expect(await theJob(jobId)).toMatchObject({ endedOn: null, endedBecause: null });
  });

  test.each<[string, object, string]>([
    ['neither a remedy nor a wish', { places: [] }, 'remedy'],
    ['both', { remedy: 'water-jet', wish: 'jet' }, 'remedy'],
    ['a remedy nowhere', { remedy: 'water-jet' }, 'places'],
    ['a bed that is not there', { remedy: 'water-jet', places: [{ bedId: 'nowhere' }] }, 'places[0].bedId'],
    ['an end that is over', { wish: 'x', everyDays: 7, until: '2020-01-01' }, 'until'],
    ['a rhythm of no days', { wish: 'x', everyDays: 0 }, 'everyDays'],
  ])('%s is refused by name', async (_, body, field) => {
    expect((await refused('/jobs', body, 422)).fields[0].field).toBe(field);
    expect(world.db.prepare('SELECT count(*) AS n FROM job').get()).toEqual({ n: 0 });
  });

  test('what the judge stops on a plant is stopped here too', async () => {
    const bedId = (await post('/beds', { name: 'Sill', setting: 'indoors' })).id ?? '';
    const { id: plantingId = '' } = await post(`/beds/${bedId}/plantings`, { plant: 'maidenhair fern' });
    const stop = await refused('/jobs', { remedy: 'soap-spray', places: [{ bedId, plantingId }] }, 409);
    expect(stop.detail).toMatch(/ferns/);
  });
});

describe('feeding seedlings', () => {
  test('begins a week after they sprouted, two with castings; until then the plan waits and the tick is stopped', async () => {
    const bedId = (await post('/beds', { name: 'Lean-to', setting: 'greenhouse' })).id ?? '';
    const { id: plantingId = '' } = await post(`/beds/${bedId}/plantings`, { plant: 'seedling' });
    await post(`/plantings/${plantingId}/sprouted`, { on: '2026-06-08' });
    const { id: jobId = '' } = await post('/jobs', {
      remedy: 'dilute-feed',
      places: [{ bedId, plantingId }],
      everyDays: 7,
    });
    const feed = async () => (await theJob(jobId)).steps.find(({ step }) => step === 'feed');
    expect(await feed()).toMatchObject({ state: 'planned', date: '2026-06-15' });
    await post('/steps', { jobId, step: 'moisten', outcome: 'done' });
    const stopped = await refused('/steps', { jobId, step: 'feed', outcome: 'done' }, 409);
    expect(stopped.detail).toMatch(/live on their seed until 7 days after they sprouted/);
    await post(`/plantings/${plantingId}/sprouted`, { on: '2026-06-08', hasCastings: true });
    expect((await feed())?.date).toBe('2026-06-22');
    world.setNow('2026-06-22T09:00:00Z');
    await tick(jobId, 'feed');
    expect(await theJob(jobId)).toMatchObject({ round: 2, applied: [{ on: '2026-06-22' }] });
  });
});

describe('a recipe of the gardener’s own as a job', () => {
  const document = {
    format: 'wise-trowel-recipe',
    version: 1,
    name: 'Aunt’s soap',
    basedOn: 'soap-spray',
    parts: [{ ingredient: 'liquid-soap', amount: 8, unit: 'mL/L' }],
    keepsDays: 1,
  };
  const kept = async (more: object = {}) => (await post('/recipes', { document: { ...document, ...more } })).id ?? '';
  /** Several cautions are read on the way. */
  const skipTest = (jobId: string) => post('/steps', { jobId, step: 'test-leaf', outcome: 'skipped' });

  test('has the chain of what it was begun from, its own amounts, and counts for the pace of this place', async () => {
    await post('/cupboard', { ingredient: 'liquid-soap', amount: 100, unit: 'mL' });
    const recipeId = await kept();
    const { bedId, plantingId } = await bedWithCurrants(world);
    const { id = '' } = await post('/cases', { bedId, plantingId });
    const { id: jobId = '' } = await post(`/cases/${id}/remedies`, { recipeId, volumeMl: 1000 });
    const job = await theJob(jobId);
    expect(job).toMatchObject({ remedy: null, remedyName: 'Aunt’s soap', amounts: { strength: null, volumeMl: 1000 } });
    expect(job.steps.map(({ step }) => step)).toEqual(expect.arrayContaining(['count', 'test-leaf', 'spray']));
    expect(job.amounts?.carry).toMatch(/^1⅝ teaspoons of true liquid soap to 990 mL/);
    await skipTest(jobId);
    await tick(jobId, 'spray');
    expect((await theBench()).cupboard[0]?.amount).toBe(92);
    expect((await theCase(id)).log[0]?.says).toMatch(/1 L of ready mix/);
    // Soap is soap: the next day a soap spray comes too soon.
    world.setNow('2026-06-11T17:00:00Z');
    const { id: second = '' } = await post(`/cases/${id}/remedies`, { remedy: 'soap-spray' });
    await skipTest(second);
    const soon = await refused('/steps', { jobId: second, step: 'spray', outcome: 'done' }, 409);
    expect(soon.detail).toMatch(/days/);
    // The same recipe is not begun twice, and deleting it takes nothing from the job.
    await refused(`/cases/${id}/remedies`, { recipeId }, 409);
    await post(`/recipes/${recipeId}/delete`);
    expect((await theJob(jobId)).remedyName).toBe('Aunt’s soap');
  });

  test('begun from nothing it has one step; what it must not go on is stopped by what is in it', async () => {
    const recipeId = await kept({
      name: 'Nettle water',
      basedOn: undefined,
      goesOn: 'soil',
      parts: [{ ingredient: 'weed-brew', amount: 50, unit: 'mL/L' }],
    });
    const bedId = (await post('/beds', { name: 'One', setting: 'bed' })).id ?? '';
    const { id: jobId = '' } = await post('/jobs', { recipeId, places: [{ bedId }], everyDays: 14 });
    expect((await theJob(jobId)).steps).toMatchObject([{ step: 'apply', does: 'Put on: Nettle water' }]);
    await tick(jobId, 'apply');
    expect(await theJob(jobId)).toMatchObject({ round: 2, applied: [{ says: expect.stringMatching(/1\.5 L.*One/) }] });
    const unknown = await refused('/jobs', { recipeId: 'nowhere', places: [{ bedId }] }, 422);
    expect(unknown.fields[0].field).toBe('recipeId');
  });

  test('on a plant that what it was begun from would burn, it is refused like that', async () => {
    const recipeId = await kept();
    const bedId = (await post('/beds', { name: 'Sill', setting: 'indoors' })).id ?? '';
    const { id: plantingId = '' } = await post(`/beds/${bedId}/plantings`, { plant: 'maidenhair fern' });
    const stop = await refused('/jobs', { recipeId, places: [{ bedId, plantingId }] }, 409);
    expect(stop.detail).toMatch(/ferns/);
  });
});

describe('one can for the trays that are due', () => {
  test('each tray joins when it is old enough; what is carried and put on is for those that are', async () => {
    const { id: bedId = '' } = await post('/beds', { name: 'Lean-to', setting: 'greenhouse' });
    const tray = async (label: string, sprouted: string, number: number) => {
      const { id = '' } = await post(`/beds/${bedId}/plantings`, { plant: 'seedling', label });
      await post(`/plantings/${id}/sprouted`, { on: sprouted });
      await post(`/plantings/${id}/number`, { number });
      return id;
    };
    const old = await tray('Old tray', '2026-06-01', 40);
    const young = await tray('Young tray', '2026-06-08', 40);
    const { id: jobId = '' } = await post('/jobs', {
      remedy: 'dilute-feed',
      places: [old, young].map((plantingId) => ({ bedId, plantingId })),
      everyDays: 7,
    });
    const first = await theJob(jobId);
    expect(first.amounts?.shares.map(({ place, ml }) => [place, ml > 0])).toEqual([
      ['Old tray', true],
      ['Young tray', false],
    ]);
    expect(first.amounts?.shares[1]?.says).toBe('Young tray joins Monday');
    const apply = first.steps.find(({ phase }) => phase === 'apply')?.step ?? '';
    await tick(jobId, apply);
    const placesOf = (event: number) =>
      world.db
        .prepare(
          'SELECT planting_id FROM application WHERE job_id = ? AND event_id = (SELECT id FROM step_event WHERE job_id = ? AND step = ? ORDER BY id LIMIT 1 OFFSET ?)',
        )
        .pluck()
        .all(jobId, jobId, apply, event);
    expect(placesOf(0)).toEqual([old]);
    // A week later both are fed out of one can.
    world.setNow('2026-06-17T09:00:00Z');
    const second = await theJob(jobId);
    expect(second.amounts?.shares.every(({ ml }) => ml > 0)).toBe(true);
    await tick(jobId, apply);
    expect(placesOf(1)).toEqual([old, young]);
  });
});

describe('other places', () => {
  test('what was done stays where it was done; the next round goes to the new places', async () => {
    const { id: a = '' } = await post('/beds', { name: 'A', setting: 'bed' });
    const { id: b = '' } = await post('/beds', { name: 'B', setting: 'bed' });
    const { id: jobId = '' } = await post('/jobs', { remedy: 'soap-spray', places: [{ bedId: a }], everyDays: 14 });
    const { steps } = await theJob(jobId);
    for (const { step, phase, asks } of steps)
      if (phase !== 'look') await tick(jobId, step, asks ? { result: 'could-not' } : {});
    await post(`/jobs/${jobId}`, { places: [{ bedId: b }] });
    const after = await theJob(jobId);
    expect(after.places).toMatchObject([{ bedName: 'B' }]);
    expect(after.applied.map(({ says }) => says)).toEqual([expect.stringContaining('A')]);
    await refused(`/jobs/${jobId}`, { places: [{ bedId: 'nowhere' }] }, 422);
    await refused(`/jobs/${jobId}`, { places: [] }, 422);
    expect((await theJob(jobId)).places).toMatchObject([{ bedName: 'B' }]);
  });

  test('a case keeps its one place', async () => {
    const { jobId } = await caseOf('soap-spray');
    const { id: b = '' } = await post('/beds', { name: 'B', setting: 'bed' });
    await refused(`/jobs/${jobId}`, { places: [{ bedId: b }] }, 422);
  });
});
