import { attemptsAt } from './attempts';
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
