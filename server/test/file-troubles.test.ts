import { newWorld, type World } from './world';

let world: World;
beforeEach(() => {
  world = newWorld();
  // What went wrong is written down for whoever runs the server.
  jest.spyOn(console, 'error').mockImplementation(() => undefined);
});
afterEach(() => {
  jest.restoreAllMocks();
  world.close();
});

const addBed = (name: string) => world.api.post('/api/beds').send({ name, setting: 'bed', note: 'x'.repeat(500) });
const bedNames = async () =>
  (await world.api.get('/api/garden').expect(200)).body.beds.map(({ name }: { name: string }) => name);

describe('trouble with the file of the garden', () => {
  test('a full disk is said with what to do; what is there can be read, and it goes on once there is room', async () => {
    await addBed('Long Bed').expect(200);
    const pages = world.db.pragma('page_count', { simple: true }) as number;
    world.db.pragma(`max_page_count = ${pages}`);
    let status = 200;
    let detail = '';
    for (let number = 0; number < 200 && status === 200; number += 1)
      ({
        status,
        body: { detail },
      } = await addBed(`Bed ${number}`));
    expect(status).toBe(507);
    expect(detail).toMatch(/full.*Nothing was half-written.*Make room/);
    const before = await bedNames();
    expect(before).toContain('Long Bed');
    world.db.pragma('max_page_count = 100000');
    await addBed('Gate Bed').expect(200);
    expect(await bedNames()).toEqual([...before, 'Gate Bed']);
  });

  test('a file that cannot be written is said, and nothing of the act is there', async () => {
    world.db.pragma('query_only = ON');
    const { body } = await addBed('Long Bed').expect(503);
    expect(body).toMatchObject({
      code: 'read-only',
      detail: expect.stringMatching(/cannot be written.*then do it again/),
    });
    world.db.pragma('query_only = OFF');
    expect(await bedNames()).toEqual([]);
  });

  test('a row that cannot be read is left out and named; every other page works', async () => {
    const damaged = newWorld({
      demo: true,
      mayBeDamaged: true,
      keeper: {
        list: () => [],
        backUp: () => Promise.resolve(''),
        restore: () => Promise.resolve(),
        salvaged: () => null,
        salvageWasRead: () => undefined,
      },
    });
    try {
      const get = async (path: string) => {
        const { status, body } = await damaged.api.get(`/api${path}`);
        expect([path, status]).toEqual([path, 200]);
        return body;
      };
      const whole = await get('/cases');
      const id = whole.open[0].id as string;
      damaged.db.prepare(`UPDATE cases SET reading = '{"causes":[]}' WHERE id = ?`).run(id);
      damaged.db
        .prepare(`UPDATE planting SET planted_on = 'spring', removed_on = 'x', harvest_on = '1' WHERE plant = 'kale'`)
        .run();
      damaged.db.prepare(`UPDATE batch SET shell = '{"grams":"many"}'`).run();
      expect((await get('/cases')).open).toHaveLength(whole.open.length - 1);
      for (const path of ['/today', '/calendar', '/garden', '/notebook', '/log', '/bench', '/cases/past', '/practice'])
        await get(path);
      await damaged.api.get(`/api/cases/${id}`).expect(404);
      const { unreadable } = await get('/keep');
      expect(unreadable).toContainEqual({ table: 'cases', id, why: 'conditions' });
      expect((unreadable as { table: string }[]).some(({ table }) => table === 'batch')).toBe(true);
      await damaged.api.post('/api/beds').send({ name: 'One more', setting: 'bed' }).expect(200);
    } finally {
      damaged.close();
    }
  });
});
