import { bedWithCurrants, newWorld, type World } from './world';

describe('the ground, thresholds and practice over HTTP', () => {
  let world: World;
  beforeEach(() => (world = newWorld()));
  afterEach(() => world.close());

  const newCase = async (bedId: string, plantingId?: string) =>
    (
      await world.api
        .post('/api/cases')
        .send({ bedId, ...(plantingId ? { plantingId } : {}) })
        .expect(200)
    ).body.id as string;

  test('a jar test names the soil and counts for every plant of the bed', async () => {
    const { bedId, plantingId } = await bedWithCurrants(world);
    await world.api
      .post(`/api/beds/${bedId}/soil-tests`)
      .send({ source: 'jar', found: { texture: { sand: 80, silt: 12, clay: 8 } } })
      .expect(200);
    const bed = (await world.api.get(`/api/beds/${bedId}`).expect(200)).body;
    expect(bed.soilTests[0]).toMatchObject({ source: 'jar', texture: 'loamy-sand' });
    const id = await newCase(bedId, plantingId);
    const view = (await world.api.get(`/api/cases/${id}`).expect(200)).body;
    expect(view.situation.evidence).toContainEqual({ sign: 'jar-sandy', state: 'seen' });
  });

  test('a walk of the bed hands its ground on to the plants that grow there', async () => {
    const { bedId, plantingId } = await bedWithCurrants(world);
    const walk = await newCase(bedId);
    await world.api
      .post(`/api/cases/${walk}/evidence`)
      .send({ said: 'plantain, knotgrass and pineapple weed, a wire stops at 10 cm' })
      .expect(200);
    const id = await newCase(bedId, plantingId);
    const { situation } = (await world.api.get(`/api/cases/${id}`).expect(200)).body;
    const compacted = situation.ground.find((row: { condition: string }) => row.condition === 'compacted');
    expect(compacted.probability).toBeGreaterThan(0.8);
  });

  test('soil tests come in as CSV, all or none, a bad row named by line and column', async () => {
    const { bedId } = await bedWithCurrants(world);
    const bad = await world.api
      .post('/api/sheets/soil-tests')
      .send({ csv: 'bed,date,ph,potassium\nLong Bed,2026-03-01,6.4,80\nLong Bed,2026-03-01,acid,90\n' })
      .expect(422);
    expect(bad.body.fields[0]).toMatchObject({ field: 'line 3, column 3 (ph)', message: '"acid" is not a number' });
    expect((await world.api.get(`/api/beds/${bedId}`)).body.soilTests).toEqual([]);
    const unknownBed = await world.api
      .post('/api/sheets/soil-tests')
      .send({ csv: 'bed,date,ph\nLong Bed,2026-03-01,6.4\nNo Bed,2026-03-01,6.4\n' })
      .expect(422);
    expect(unknownBed.body.fields[0].field).toBe('line 3, column 1 (place)');
    await world.api
      .post('/api/sheets/soil-tests')
      .send({ csv: 'bed;date;ph;potassium;organic matter\nLong Bed;2026-03-01;6,4;80;2,1\n' })
      .expect(200);
    const bed = (await world.api.get(`/api/beds/${bedId}`)).body;
    expect(bed.soilTests[0].found).toEqual({ ph: 6.4, potassium: 80, organicMatter: 2.1 });
    const seen = bed.situation.evidence.filter(({ state }: { state: string }) => state === 'seen');
    expect(seen.map(({ sign }: { sign: string }) => sign).sort()).toEqual(['lab-humus-low', 'lab-k-low']);
  });

  test('a threshold of one’s own turns treat into watch, and back', async () => {
    const { bedId, plantingId } = await bedWithCurrants(world);
    const id = await newCase(bedId, plantingId);
    await world.api
      .post(`/api/cases/${id}/evidence`)
      .send({
        items: [
          { sign: 'clusters', state: 'seen', amount: 14 },
          { sign: 'cast-skins', state: 'seen' },
        ],
      })
      .expect(200);
    const action = async () => (await world.api.get(`/api/cases/${id}`)).body.summary.action as string;
    expect(await action()).toBe('treat-now');
    await world.api.post('/api/thresholds/aphids').send({ actAbove: 20 }).expect(200);
    expect(await action()).toBe('watch');
    await world.api.post('/api/thresholds/aphids').send({ actAbove: null }).expect(200);
    expect(await action()).toBe('treat-now');
    await world.api.post('/api/thresholds/rust').send({ actAbove: 3 }).expect(422);
    await world.api.post('/api/thresholds/nothing').send({ actAbove: 3 }).expect(404);
  });

  test('a count that has doubled in two days is acted on before it is above the level, unless the harvest comes first', async () => {
    const { bedId, plantingId } = await bedWithCurrants(world);
    const id = await newCase(bedId, plantingId);
    const count = (amount: number) =>
      world.api
        .post(`/api/cases/${id}/evidence`)
        .send({
          items: [
            { sign: 'clusters', state: 'seen', amount },
            { sign: 'cast-skins', state: 'seen' },
          ],
        })
        .expect(200);
    const summary = async () => (await world.api.get(`/api/cases/${id}`)).body;
    await count(3);
    expect((await summary()).summary.action).toBe('watch');
    world.setNow('2026-06-12T09:00:00Z');
    await count(6);
    const grown = await summary();
    expect(grown.situation.earlier).toEqual([{ sign: 'clusters', amount: 3, daysAgo: 2 }]);
    expect(grown.summary.action).toBe('treat-now');
    await world.api.post(`/api/plantings/${plantingId}/harvest`).send({ on: '2026-06-15' }).expect(200);
    expect((await summary()).situation.daysToHarvest).toBe(3);
    expect((await summary()).summary.action).toBe('watch');
    await world.api.post(`/api/plantings/${plantingId}/harvest`).send({ on: 'soon' }).expect(422);
  });

  test('the half of the world and the length of the seasons weigh in, and open cases follow', async () => {
    const { bedId, plantingId } = await bedWithCurrants(world);
    const id = await newCase(bedId, plantingId);
    await world.api
      .post(`/api/cases/${id}/evidence`)
      .send({ items: [{ sign: 'curled-tips', state: 'seen' }] })
      .expect(200);
    const aphids = async () =>
      (
        (await world.api.get('/api/cases').expect(200)).body.open[0].leading as { id: string; probability: number }[]
      ).find((row) => row.id === 'aphids')?.probability ?? 0;
    const inSummer = await aphids();
    const place = { latitude: -37, longitude: 0, timeZone: 'UTC' };
    await world.api.post('/api/garden').send({ place }).expect(200);
    const inWinter = await aphids();
    expect(inWinter).toBeLessThan(inSummer);
    await world.api.post('/api/garden').send({ climate: 'tropical' }).expect(200);
    expect(await aphids()).toBeGreaterThan(inWinter);
    expect((await world.api.get(`/api/cases/${id}`).expect(200)).body.situation).toMatchObject({ climate: 'tropical' });
    await world.api.post('/api/garden').send({ climate: null }).expect(200);
    expect((await world.api.get('/api/garden').expect(200)).body.climate).toBeNull();
    expect(await aphids()).toBeCloseTo(inWinter, 6);
    await world.api.post('/api/garden').send({ climate: 'hot' }).expect(422);
    const refused = await world.api
      .post('/api/garden')
      .send({ place: { ...place, latitude: null } })
      .expect(422);
    expect(JSON.stringify(refused.body)).toContain('latitude');
    expect((await world.api.get('/api/garden').expect(200)).body.latitude).toBe(-37);
  });

  test('practice keeps what was missed and deals it again', async () => {
    const first = (await world.api.get('/api/practice').expect(200)).body;
    expect(first).toMatchObject({ dealt: 0, cards: [], minutes: 0 });
    expect(first.next).not.toBeNull();
    const right = await world.api
      .post('/api/practice')
      .send({ cause: 'thrips', answer: 'spider-mites', minutes: 4 })
      .expect(200);
    expect(right.body.right).toBe(false);
    const after = (await world.api.get('/api/practice').expect(200)).body;
    expect(after).toMatchObject({ dealt: 1, minutes: 4, next: 'thrips' });
    await world.api.post('/api/practice').send({ cause: 'gnomes', answer: 'thrips', minutes: 0 }).expect(422);
  });

  test.each([
    ['a sign nobody knows', { items: [{ sign: 'glitter', state: 'seen' }] }, /items\[0\]\.sign/],
    ['a negative count', { items: [{ sign: 'clusters', state: 'seen', amount: -3 }] }, /items\[0\]\.amount/],
    ['a state that is none', { items: [{ sign: 'clusters', state: 'perhaps' }] }, /items\[0\]\.state/],
    [
      'five hundred signs at once',
      { items: Array.from({ length: 500 }, () => ({ sign: 'clusters', state: 'seen' })) },
      /items/,
    ],
  ])('%s is refused by name, and nothing is written', async (_, body, field) => {
    const { bedId, plantingId } = await bedWithCurrants(world);
    const id = await newCase(bedId, plantingId);
    const refused = await world.api.post(`/api/cases/${id}/evidence`).send(body).expect(422);
    expect(refused.body.fields[0].field).toMatch(field);
    expect((await world.api.get(`/api/cases/${id}`)).body.summary.signCount).toBe(0);
  });

  test('weighing five hundred signs, contradictions and unknown plants says so and does not fall over', async () => {
    const { body } = await world.api
      .post('/api/weigh')
      .send({
        plant: 'triffid',
        signs: [
          ...Array.from({ length: 250 }, () => ({ say: 'sticky leaves' })),
          ...Array.from({ length: 250 }, (_, at) => ({ say: `wibble${at}` })),
          { sign: 'ph-high', state: 'seen' },
          { sign: 'ph-low', state: 'seen' },
        ],
      })
      .expect(200);
    expect(body.notUnderstood).toContain('plant: triffid');
    expect(body.notUnderstood.length).toBeGreaterThan(200);
    expect(body.notes.join(' ')).toMatch(/cannot both be so/);
    const empty = await world.api.post('/api/weigh').send({}).expect(200);
    expect(empty.body.action.class).toBe('watch');
    await world.api.post('/api/weigh').send({ month: 13 }).expect(422);
  });
});

describe('days that are none', () => {
  let world: World;
  beforeEach(() => (world = newWorld()));
  afterEach(() => world.close());

  test.each(['2026-13-45', '2026-02-31', '2026-06-99'])(
    '%s is refused by its field, and nothing is kept',
    async (on) => {
      const { plantingId } = await bedWithCurrants(world);
      for (const path of ['harvest', 'sprouted']) {
        const answer = await world.api.post(`/api/plantings/${plantingId}/${path}`).send({ on }).expect(422);
        expect(answer.body.fields[0].field).toBe('on');
      }
      expect(world.db.prepare('SELECT harvest_on, sprouted_on FROM planting').all()).toEqual([
        { harvest_on: null, sprouted_on: null },
      ]);
    },
  );
});
