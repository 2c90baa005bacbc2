import { pastCasesView } from '@trowel/core/contract';
import { newWorld, type World } from './world';

let world: World;
beforeEach(() => (world = newWorld({ demo: true })));
afterEach(() => world.close());

const past = async (query = '') =>
  pastCasesView.parse((await world.api.get(`/api/cases/past${query}`).expect(200)).body);

/** Closed cases by the hundred, on days of their own, as copies of one. */
function closeMany(many: number): void {
  const [one] = world.db.prepare("SELECT * FROM cases WHERE status = 'closed' ORDER BY id").all() as Record<
    string,
    unknown
  >[];
  const names = Object.keys(one ?? {});
  const put = world.db.prepare(
    `INSERT INTO cases (${names.join(', ')}) VALUES (${names.map((name) => `@${name}`).join(', ')})`,
  );
  for (let at = 0; at < many; at += 1)
    put.run({
      ...one,
      id: `case-${at}`,
      name: `Case ${at}`,
      opened_on: '2016-05-01',
      closed_on: `20${16 + (at % 9)}-06-${String(1 + (at % 28)).padStart(2, '0')}`,
    });
}

describe('years of closed cases', () => {
  test('page by page each one comes once, the last closed first', async () => {
    closeMany(130);
    const all: { id: string; closedOn: string | null }[] = [];
    for (let after: string | undefined; ;) {
      const { cases, goesOn } = await past(after === undefined ? '' : `?after=${encodeURIComponent(after)}`);
      all.push(...cases);
      after = cases[cases.length - 1]?.id;
      if (!goesOn) break;
    }
    const { open, closed } = (await world.api.get('/api/cases').expect(200)).body;
    expect(new Set(all.map(({ id }) => id)).size).toBe(closed);
    expect(all).toHaveLength(closed);
    expect(closed).toBe(130 + 9);
    expect(open.length).toBeGreaterThan(2);
    const days = all.map(({ closedOn }) => closedOn ?? '');
    expect([...days].sort().reverse()).toEqual(days);
  });

  test('are sought by name, place, plant and cause; signs of a pattern are only letters', async () => {
    closeMany(60);
    expect((await past('?words=case 17')).cases.map(({ name }) => name)).toEqual(['Case 17']);
    expect((await past('?words=kiln')).cases.every(({ bedName }) => /kiln/i.test(bedName))).toBe(true);
    expect((await past('?words=tomato')).cases.map(({ plant }) => plant)).toContain('tomato');
    const byCause = (await past('?words=caterpillar')).cases;
    expect(byCause.length).toBeGreaterThan(0);
    for (const { leading } of byCause) expect(leading[0]?.name).toMatch(/caterpillar/i);
    expect((await past('?words=%25')).cases).toEqual([]);
    expect((await past('?words=_ase')).cases).toEqual([]);
  });

  test('what is asked in a strange way is named', async () => {
    await world.api.get('/api/cases/past?after=nothing').expect(404);
    await world.api.get('/api/log?after=99999').expect(404);
    for (const path of ['/api/cases/past?page=2', '/api/cases/past?words=', '/api/log?after=x', '/api/today?now=1'])
      expect((await world.api.get(path).expect(422)).body.fields[0].field).toMatch(/^(page|words|after|now)$/);
    await world.api.get(`/api/cases/past?words=${'a'.repeat(81)}`).expect(422);
  });

  test('an answer holds until something is written, and no longer', async () => {
    const names = async () =>
      (await world.api.get('/api/garden').expect(200)).body.beds.map(({ name }: { name: string }) => name) as string[];
    const before = await names();
    expect(await names()).toEqual(before);
    await world.api.post('/api/beds').send({ name: 'One more', setting: 'bed' }).expect(200);
    expect(await names()).toEqual([...before, 'One more']);
    const today = async () => (await world.api.get('/api/today').expect(200)).body.today as string;
    expect(await today()).toBe('2026-06-10');
    world.setNow('2026-06-12T09:00:00Z');
    expect(await today()).toBe('2026-06-12');
  });
});
