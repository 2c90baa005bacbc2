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
});
