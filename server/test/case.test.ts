import { caseView, todayView, type CaseView } from '@trowel/core/contract';
import { knowledge } from '@trowel/knowledge';
import { bedWithCurrants, newWorld, type World } from './world';

let world: World;
beforeEach(() => (world = newWorld()));
afterEach(() => world.close());

const post = async (path: string, body: object = {}) =>
  (await world.api.post(`/api${path}`).send(body).expect(200)).body as Record<string, string>;
const theCase = async (id: string): Promise<CaseView> =>
  caseView.parse((await world.api.get(`/api/cases/${id}`).expect(200)).body);

async function openCase(): Promise<string> {
  const { bedId, plantingId } = await bedWithCurrants(world);
  return (await post('/cases', { bedId, plantingId })).id ?? '';
}

describe('one case from first sign to verdict', () => {
  test('read, weigh, choose, plan, do, count and close as solved', async () => {
    const id = await openCase();
    const said = await world.api
      .post(`/api/cases/${id}/evidence`)
      .send({ said: 'sticky curled leaves, ants on the stems, glorp' })
      .expect(200);
    expect(said.body.notUnderstood).toEqual(['glorp']);
    const read = await theCase(id);
    expect(read.summary.leading.map((row) => row.id)).toEqual(expect.arrayContaining(['aphids', 'ants-tending']));

    const { id: jobId } = await post(`/cases/${id}/remedies`, { remedy: 'soap-spray' });
    // One count: it is the one before, and it ticks the step that asked for it.
    const counted = await world.api
      .post('/api/counts')
      .send({ jobId, counts: [22, 3, 40, 0, 18, 31, 9, 27, 2, 14] })
      .expect(200);
    expect(counted.body.ticked).toEqual(['count']);
    await post('/steps', { jobId, step: 'test-leaf', outcome: 'done' });
    // A leaf that burns shows it within two days: an hour after the test nothing is known.
    const tooSoon = await world.api.post('/api/steps').send({ jobId, step: 'spray', outcome: 'done' }).expect(409);
    expect(tooSoon.body.detail).toMatch(/test leaf needs 2 days/);
    world.setNow('2026-06-12T17:00:00Z');
    // Nobody has looked at the leaves that were tried: the rest waits for that.
    const unseen = await world.api.post('/api/steps').send({ jobId, step: 'spray', outcome: 'done' }).expect(409);
    expect(unseen.body.detail).toMatch(/Nobody has looked at the test leaves/);
    const mute = await world.api.post('/api/steps').send({ jobId, step: 'test-look', outcome: 'done' }).expect(422);
    expect(mute.body.fields[0]).toMatchObject({ field: 'result' });
    await post('/steps', { jobId, step: 'test-look', outcome: 'done', result: 'unharmed' });
    // What can hurt fish is read before it is put on; unread, nothing is ticked.
    const spray = (await theCase(id)).jobs[0]?.steps.find(({ step }) => step === 'spray');
    expect(spray?.cautions.map(({ says }) => says).join()).toMatch(/kills fish/);
    const unread = await world.api.post('/api/steps').send({ jobId, step: 'spray', outcome: 'done' }).expect(409);
    expect(unread.body.detail).toMatch(/kills fish/);
    expect(unread.body.fields[0]).toMatchObject({ field: 'acknowledged' });
    const acknowledged = spray?.cautions.flatMap(({ rule = '' }) => rule);
    await post('/steps', { jobId, step: 'spray', outcome: 'done', acknowledged });
    expect((await theCase(id)).log[0]?.says).toMatch(
      /^Step: Spray undersides .*1\.5 L of ready mix.*having read “Soap kills fish/,
    );

    world.setNow('2026-06-14T09:00:00Z');
    await post('/counts', { jobId, counts: [12, 0, 25, 3, 8, 14, 2, 19, 1, 6] });
    expect((await theCase(id)).jobs[0]?.follow).toMatchObject({ verdict: 'too-early', couldBeChance: true });

    world.setNow('2026-06-18T09:00:00Z');
    await post('/counts', { jobId, counts: [0, 0, 1, 0, 0, 2, 0, 0, 0, 0] });
    expect((await theCase(id)).jobs[0]?.follow?.verdict).toBe('solved');
    await post(`/cases/${id}/close`, { outcome: 'solved' });
    const closed = await theCase(id);
    expect(closed.summary).toMatchObject({ status: 'closed', outcome: 'solved', lateLookOn: '2026-07-02' });
    expect(closed.log.map(({ command }) => command)).toContain('close-case');
  });

  test('a sign taken back is gone from the reading but not from the log', async () => {
    const id = await openCase();
    await post(`/cases/${id}/evidence`, { items: [{ sign: 'honeydew', state: 'seen' }] });
    await post(`/cases/${id}/evidence`, { items: [{ sign: 'honeydew', state: 'not-looked' }] });
    const view = await theCase(id);
    expect(view.situation.evidence).toEqual([]);
    expect(view.log.filter(({ command }) => command === 'add-evidence')).toHaveLength(2);
  });

  test('what was tried before is heard, minded by choice and plan, and can be taken back', async () => {
    const id = await openCase();
    const said = await post(`/cases/${id}/evidence`, {
      said: 'greenfly on the tips. Dusted them with sulphur yesterday, no use. Hosed them too.',
    });
    expect(said['tried']).toMatchObject([
      { remedy: 'sulphur-spray', helped: false, daysAgo: 1 },
      { remedy: 'water-jet' },
    ]);
    const view = await theCase(id);
    expect(view.tried).toEqual([
      { remedy: 'sulphur-spray', helped: false, on: '2026-06-09' },
      { remedy: 'water-jet', helped: null, on: null },
    ]);
    // Without a day nothing can be counted from it.
    expect(view.recent).toEqual([{ remedy: 'sulphur-spray', daysAgo: 1, where: 'plant' }]);

    const refused = await world.api.post(`/api/cases/${id}/remedies`).send({ remedy: 'oil-spray' }).expect(409);
    expect(refused.body.detail).toMatch(/sulphur/i);
    await post(`/cases/${id}/evidence`, { tried: [{ remedy: 'sulphur-spray', isSo: false }] });
    expect((await theCase(id)).tried.map(({ remedy }) => remedy)).toEqual(['water-jet']);
    await post(`/cases/${id}/remedies`, { remedy: 'oil-spray' });
  });

  test('what was tried by a remedy that is no longer known is left out of the page', async () => {
    const id = await openCase();
    await post(`/cases/${id}/evidence`, { tried: [{ remedy: 'soap-spray', isSo: true, on: '2026-06-09' }] });
    world.db.exec("UPDATE tried SET remedy = 'moon-dust'");
    const view = await theCase(id);
    expect(view.tried).toEqual([]);
    expect(view.recent).toEqual([]);
  });

  test('what was tried names a remedy and a day that is over, or nothing is kept', async () => {
    const id = await openCase();
    const refused = async (one: object) =>
      (
        await world.api
          .post(`/api/cases/${id}/evidence`)
          .send({ tried: [one] })
          .expect(422)
      ).body.fields;
    expect(await refused({ remedy: 'moon-dust', isSo: true })).toMatchObject([{ field: 'tried[0].remedy' }]);
    expect(await refused({ remedy: 'soap-spray', isSo: true, on: '2026-06-11' })).toMatchObject([
      { field: 'tried[0].on' },
    ]);
    expect((await theCase(id)).tried).toEqual([]);
  });

  test('a tick can be undone, and then the step is planned again', async () => {
    const id = await openCase();
    const { id: jobId } = await post(`/cases/${id}/remedies`, { remedy: 'water-jet' });
    await post('/steps', { jobId, step: 'count', outcome: 'done', result: 'could-not' });
    await post('/steps', { jobId, step: 'count', outcome: 'undone' });
    expect((await theCase(id)).jobs[0]?.steps[0]).toMatchObject({ step: 'count', state: 'planned' });
    await world.api.post('/api/steps').send({ jobId, step: 'count', outcome: 'undone' }).expect(409);
  });

  test('the same command sent twice is done once and answered alike', async () => {
    const id = await openCase();
    const body = { commandId: 'once-and-once-only', caseId: id, sign: 'clusters', counts: [1, 2, 3] };
    const first = await world.api.post('/api/counts').send(body).expect(200);
    const second = await world.api.post('/api/counts').send(body).expect(200);
    expect(second.body).toEqual(first.body);
    expect((await theCase(id)).counts).toHaveLength(1);
  });

  test('what was had before raises the odds next time in that bed', async () => {
    const id = await openCase();
    await post(`/cases/${id}/evidence`, { said: 'greenfly on the tips, sticky, white cast skins' });
    await post(`/cases/${id}/close`, { outcome: 'solved' });
    const garden = (await world.api.get('/api/garden').expect(200)).body;
    const bed = garden.beds[0];
    expect(bed.history).toEqual([expect.objectContaining({ cause: 'aphids', times: 1 })]);
    const again = await post('/cases', { bedId: bed.id, plantingId: bed.plantings[0].id });
    expect((await theCase(again.id ?? '')).situation.history).toEqual([{ cause: 'aphids', times: 1 }]);
  });

  test('a reading of the ground needs no plant', async () => {
    const { bedId } = await bedWithCurrants(world);
    const { id = '' } = await post('/cases', { bedId });
    await post(`/cases/${id}/evidence`, { said: 'plantain, knotgrass and pineapple weed' });
    expect((await theCase(id)).summary).toMatchObject({
      name: 'The ground of Long Bed',
      leading: [expect.objectContaining({ id: 'compacted' })],
    });
  });
});

describe('what is refused, by name, with nothing written', () => {
  const problem = (path: string, body: unknown) => world.api.post(`/api${path}`).send(body as object);
  const logLength = () => (world.db.prepare('SELECT COUNT(*) AS n FROM log').get() as { n: number }).n;

  test.each<[string, (id: string) => [string, unknown], number, string | undefined]>([
    [
      'an unknown sign',
      (id) => [
        `/cases/${id}/evidence`,
        {
          items: [
            { sign: 'honeydew', state: 'seen' },
            { sign: 'bogus', state: 'seen' },
          ],
        },
      ],
      422,
      'items[1].sign',
    ],
    ['a negative count', (id) => ['/counts', { caseId: id, counts: [3, -1] }], 422, 'counts[1]'],
    ['an unknown remedy', (id) => [`/cases/${id}/remedies`, { remedy: 'moon-dust' }], 422, 'remedy'],
    [
      'a strength beyond the limit',
      (id) => [`/cases/${id}/remedies`, { remedy: 'soap-spray', strength: 5 }],
      422,
      'strength',
    ],
    ['an unknown answer', (id) => [`/cases/${id}/checks`, { check: 'turn-leaves', answer: 'perhaps' }], 422, 'answer'],
    ['an unknown field', (id) => [`/cases/${id}/close`, { outcome: 'solved', because: 'so' }], 422, 'because'],
    ['a case that is not there', () => ['/cases/nowhere/close', { outcome: 'solved' }], 404, undefined],
    ['a bed that is not there', () => ['/cases', { bedId: 'nowhere' }], 422, 'bedId'],
    ['an unknown plant', () => ['/beds/nowhere/plantings', { plant: 'triffid' }], 404, undefined],
    ['a path that leads nowhere', () => ['/nothing', {}], 404, undefined],
  ])('%s', async (_, make, status, field) => {
    const id = await openCase();
    const before = logLength();
    const [path, body] = make(id);
    const answer = await problem(path, body).expect(status);
    expect(answer.type).toBe('application/problem+json');
    expect(answer.body).toMatchObject({ status, title: expect.any(String), detail: expect.any(String) });
    if (field !== undefined) expect(answer.body.fields[0].field).toBe(field);
    expect(logLength()).toBe(before);
    expect((await theCase(id)).situation.evidence).toEqual([]);
  });

  test('soap is refused for a plant it burns', async () => {
    const bed = await post('/beds', { name: 'Sill', setting: 'indoors' });
    const fern = await post(`/beds/${bed.id}/plantings`, { plant: 'maidenhair fern' });
    const { id } = await post('/cases', { bedId: bed.id, plantingId: fern.id });
    const answer = await problem(`/cases/${id}/remedies`, { remedy: 'soap-spray' }).expect(409);
    expect(answer.body.detail).toMatch(/ferns/);
  });

  test('seedlings begin with what seedlings bear, and a mix for grown roots is refused for them', async () => {
    const bed = await post('/beds', { name: 'Tray', setting: 'pot' });
    const tray = await post(`/beds/${bed.id}/plantings`, { plant: 'seedling' });
    const { id = '' } = await post('/cases', { bedId: bed.id, plantingId: tray.id });
    const answer = await problem(`/cases/${id}/remedies`, { remedy: 'peroxide-drench', strength: 0.3 }).expect(409);
    expect(answer.body.detail).toMatch(/limit of 0.1 %/);
    await post(`/cases/${id}/remedies`, { remedy: 'peroxide-drench' });
    expect((await theCase(id)).jobs[0]?.amounts?.strength).toBe(0.1);
  });

  test('a closed case takes no more signs until it is opened again', async () => {
    const id = await openCase();
    await post(`/cases/${id}/close`, { outcome: 'left' });
    await problem(`/cases/${id}/evidence`, { said: 'sticky' }).expect(409);
    await post(`/cases/${id}/reopen`);
    await problem(`/cases/${id}/evidence`, { said: 'sticky' }).expect(200);
  });

  test('a broken body is told apart', async () => {
    const answer = await world.api
      .post('/api/weigh')
      .set('Content-Type', 'application/json')
      .send('{"plant": ')
      .expect(400);
    expect(answer.body.code).toBe('bad-json');
  });

  test('two beds of one name', async () => {
    await bedWithCurrants(world);
    const answer = await problem('/beds', { name: 'Long Bed', setting: 'bed' }).expect(422);
    expect(answer.body.fields[0].field).toBe('name');
  });
});

describe('the headless surface over HTTP', () => {
  test('weigh, mix, plan and follow answer the same bodies as on the command line', async () => {
    const weighed = await world.api
      .post('/api/weigh')
      .send({ plant: 'redcurrant', said: 'sticky leaves, ants on the stem' })
      .expect(200);
    expect(weighed.body.causes[0].id).toBe('aphids');
    const mixed = await world.api
      .post('/api/mix')
      .send({ remedy: 'milk-spray', volume: { amount: 1, unit: 'L' } })
      .expect(200);
    expect(mixed.body.parts[0].ml).toBe(100);
    const planned = await world.api
      .post('/api/plan')
      .send({
        today: '2026-06-10',
        at: { latitude: 52, longitude: -4 },
        jobs: [{ id: 'a', place: 'Long Bed', remedy: 'soap-spray' }],
      })
      .expect(200);
    expect(planned.body.steps.length + planned.body.unplaced.length).toBe(7);
    const followed = await world.api
      .post('/api/follow')
      .send({
        remedy: 'soap-spray',
        appliedOn: '2026-06-10',
        before: { on: '2026-06-10', counts: [20, 18, 25, 30] },
        looks: [{ on: '2026-06-12', counts: [2, 1, 0, 3] }],
      })
      .expect(200);
    expect(followed.body.verdict).toBe('on-the-way');
  });

  test('knowledge is counted', async () => {
    const { body } = await world.api.get('/api/knowledge').expect(200);
    expect(body.signs).toBeGreaterThanOrEqual(60);
  });
});

describe('the demo garden', () => {
  test.each(['2026-06-10', '2026-11-24', '2027-02-03', '2028-02-29', '2026-04-01'])(
    'seen on %s, is full of life and ends today',
    (day) => {
      const demo = newWorld({ demo: true, now: `${day}T09:00:00Z` });
      const dates = (
        demo.db.prepare('SELECT opened_on FROM cases ORDER BY opened_on').all() as { opened_on: string }[]
      ).map((row) => row.opened_on);
      expect(dates.length).toBeGreaterThanOrEqual(13);
      expect(dates[dates.length - 1]! <= day).toBe(true);
      expect(
        (demo.db.prepare("SELECT COUNT(*) AS n FROM cases WHERE status = 'open'").get() as { n: number }).n,
      ).toBeGreaterThanOrEqual(4);
      expect(
        (demo.db.prepare('SELECT COUNT(*) AS n FROM observation WHERE observed_on > ?').get(day) as { n: number }).n,
      ).toBe(0);
      demo.close();
    },
  );

  test('Today lists its steps with the hours they fit', async () => {
    const demo = newWorld({ demo: true });
    const view = todayView.parse((await demo.api.get('/api/today').expect(200)).body);
    expect(view.due.length + view.coming.length).toBeGreaterThan(2);
    expect(view.sky).toHaveLength(7);
    const notebook = (await demo.api.get('/api/notebook').expect(200)).body;
    expect(notebook.worked.length).toBeGreaterThan(4);
    demo.close();
  });
});

describe('what is marked for a month to come', () => {
  test('keeps its month when the case is closed, is told when it comes, and is taken up or dropped', async () => {
    const id = await openCase();
    const marked = (await post(`/cases/${id}/remedies`, { remedy: 'net-cover', from: '2026-08-01' })).id ?? '';
    const now = (await post(`/cases/${id}/remedies`, { remedy: 'hand-pick' })).id ?? '';
    expect(marked).not.toBe('');
    await post(`/cases/${id}/close`, { outcome: 'solved' });
    const ended = Object.fromEntries((await theCase(id)).jobs.map((row) => [row.id, row.endedOn]));
    expect(ended[marked]).toBeNull();
    expect(ended[now]).not.toBeNull();
    const today = async () => todayView.parse((await world.api.get('/api/today').expect(200)).body);
    expect((await today()).marked).toEqual([]);

    world.setNow('2026-07-30T09:00:00Z');
    expect((await today()).marked).toMatchObject([{ jobId: marked, caseId: id, on: '2026-08-01' }]);
    await post(`/jobs/${marked}/end`, {});
    expect((await today()).marked).toEqual([]);
  });

  test('a day that has passed is today, and a day that is none is refused by name', async () => {
    const id = await openCase();
    await post(`/cases/${id}/remedies`, { remedy: 'hand-pick', from: '2020-01-01' });
    expect((await theCase(id)).jobs[0]?.chosenOn).toBe('2026-06-10');
    const refused = await world.api.post(`/api/cases/${id}/remedies`).send({ remedy: 'net-cover', from: 'August' });
    expect(refused.status).toBe(422);
    expect(JSON.stringify(refused.body)).toMatch(/from/);
  });

  test('the notebook counts what was put on, in cases that were judged', async () => {
    const worked = async () =>
      ((await world.api.get('/api/notebook').expect(200)).body.worked as { remedy: string; tried: number }[]).map(
        ({ remedy }) => remedy,
      );
    const chosenOnly = await openCase();
    await post(`/cases/${chosenOnly}/remedies`, { remedy: 'hand-pick' });
    await post(`/cases/${chosenOnly}/close`, { outcome: 'solved' });
    expect(await worked()).toEqual([]);

    const [bed] = (await world.api.get('/api/garden').expect(200)).body.beds;
    const done = (await post('/cases', { bedId: bed.id, plantingId: bed.plantings[0].id })).id ?? '';
    const jobId = (await post(`/cases/${done}/remedies`, { remedy: 'hand-pick' })).id ?? '';
    const applies = knowledge.remedies.find((row) => row.id === 'hand-pick')?.steps.find((one) => one.applies)?.id;
    const steps = (await theCase(done)).jobs.flatMap((row) => row.steps);
    const acknowledged = (steps.find(({ step }) => step === applies)?.cautions ?? []).map(({ rule = '' }) => rule);
    await post('/steps', { jobId, step: applies ?? '', outcome: 'done', acknowledged });
    await post(`/cases/${done}/close`, { outcome: 'given-up' });
    expect(await worked()).toEqual([]);
    await post(`/cases/${done}/reopen`, {});
    await post(`/cases/${done}/close`, { outcome: 'solved' });
    expect(await worked()).toEqual(['hand-pick']);
  });
});

describe('ticking asks the judge what this place has had', () => {
  async function chosen(remedy: string, caseId: string): Promise<string> {
    return (await post(`/cases/${caseId}/remedies`, { remedy })).id ?? '';
  }
  const applied = (remedy: CaseView['jobs'][number]) => remedy.steps.find(({ carry }) => carry !== null);
  const tick = (jobId: string, step: string, acknowledged: readonly string[] = []) =>
    world.api.post('/api/steps').send({ jobId, step, outcome: 'done', acknowledged });

  test('too near to another remedy is to be read, by its own key, before it is ticked', async () => {
    const first = await openCase();
    const milk = await chosen('soap-spray', first);
    await post('/steps', { jobId: milk, step: 'test-leaf', outcome: 'skipped' });
    const spray = applied((await theCase(first)).jobs[0] as never);
    const read = (spray?.cautions ?? []).map(({ rule = '' }) => rule);
    await tick(milk, spray?.step ?? '', read).expect(200);

    world.setNow('2026-06-11T18:00:00Z');
    const garden = (await world.api.get('/api/garden').expect(200)).body;
    const second =
      (await post('/cases', { bedId: garden.beds[0].id, plantingId: garden.beds[0].plantings[0].id })).id ?? '';
    const again = await chosen('soap-spray', second);
    await post('/steps', { jobId: again, step: 'test-leaf', outcome: 'skipped' });
    const view = (await theCase(second)).jobs[0];
    const step = view?.steps.find(({ step: id }) => id === 'spray');
    expect(step?.cautions.map(({ rule }) => rule)).toContain('too-often:soap-pace');
    const refused = await tick(again, 'spray', read).expect(409);
    expect(refused.body.fields.map(({ key }: { key: string }) => key)).toEqual(['too-often:soap-pace']);
    await tick(again, 'spray', [...read, 'too-often:soap-pace']).expect(200);
  });

  test('the plan keeps the days that the tick would ask about', async () => {
    const first = await openCase();
    await chosen('soap-spray', first);
    const garden = (await world.api.get('/api/garden').expect(200)).body;
    const second =
      (await post('/cases', { bedId: garden.beds[0].id, plantingId: garden.beds[0].plantings[0].id })).id ?? '';
    await chosen('soap-spray', second);
    const days = [...(await theCase(first)).jobs, ...(await theCase(second)).jobs]
      .flatMap(({ steps }) => steps)
      .filter(({ step, date }) => step.startsWith('spray') && date !== null)
      .map(({ date }) => Date.parse(date ?? '') / 86_400_000)
      .sort((a, b) => a - b);
    const gaps = days.slice(1).map((day, at) => day - (days[at] ?? 0));
    expect(Math.min(...gaps)).toBeGreaterThanOrEqual(4);
    for (const from of days) expect(days.filter((day) => day >= from && day < from + 21).length).toBeLessThanOrEqual(3);
  });
});
