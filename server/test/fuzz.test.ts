import { attemptsAt, longLines } from './attempts';
import { newWorld } from './world';

test('whatever is sent to whichever call, the server never stumbles, and the garden is whole afterwards (seed 11)', async () => {
  const world = newWorld({ demo: true });
  const told = jest.spyOn(console, 'error').mockImplementation(() => undefined);
  try {
    const rows = world.db
      .prepare('SELECT id FROM cases UNION SELECT id FROM job UNION SELECT id FROM bed')
      .pluck()
      .all();
    const stumbled: string[] = [];
    for (const { name, method, path, body } of attemptsAt(14, 11, rows as string[])) {
      const sent =
        method === 'GET' ? world.api.get(path) : world.api.post(path).set('Content-Type', 'application/json');
      const { status } = await (method === 'GET' ? sent : sent.send(JSON.stringify(body) ?? 'null'));
      if (status >= 500)
        stumbled.push(`${name} ${path.slice(0, 80)} ${JSON.stringify(body)?.slice(0, 200)}: ${status}`);
    }
    expect(stumbled).toEqual([]);
    expect(told.mock.calls).toEqual([]);
    expect(world.db.pragma('integrity_check', { simple: true })).toBe('ok');
    expect(world.db.pragma('foreign_key_check')).toEqual([]);
    for (const path of [
      '/api/today',
      '/api/garden',
      '/api/cases',
      '/api/bench',
      '/api/notebook',
      '/api/log',
      '/api/calendar',
    ])
      await world.api.get(path).expect(200);
  } finally {
    told.mockRestore();
    world.close();
  }
}, 60_000);

test('a line of ten thousand letters is read to its end, whatever it is made of, and one letter more is refused by name', async () => {
  const world = newWorld();
  try {
    const said = async (line: string, status: number) =>
      (await world.api.post('/api/weigh').send({ said: line, plant: 'rose' }).expect(status)).body;
    const ends = ' the last leaf is sticky';
    for (const line of longLines) {
      const { understood } = await said(`${line.slice(0, -ends.length - 1)}.${ends}`, 200);
      expect(understood).toContainEqual(expect.objectContaining({ sign: 'honeydew', state: 'seen' }));
    }
    const { fields } = await said('a'.repeat(10_001), 422);
    expect(fields).toMatchObject([{ field: expect.stringMatching(/said$/) }]);
  } finally {
    world.close();
  }
}, 60_000);
