import { longestWaitMs } from '@trowel/core/contract';
import { bedWithCurrants, newWorld, type World } from './world';

let world: World;
beforeEach(() => (world = newWorld({ now: '2026-06-10T09:00:00Z' })));
afterEach(() => world.close());

const hours = (count: number) => String(count * 3_600_000);
const send = (path: string, body: object, waited?: string) => {
  const request = world.api.post(`/api${path}`);
  return (waited === undefined ? request : request.set('Waited-Ms', waited)).send(body);
};

describe('what waited out of reach', () => {
  test('is done as of the day on which it was pressed, whatever the device’s clock says', async () => {
    const { bedId, plantingId } = await bedWithCurrants(world);
    const { body: opened } = await send('/cases', { bedId, plantingId }, hours(30)).expect(200);
    const { body: view } = await world.api.get(`/api/cases/${opened.id}`).expect(200);
    expect(view.summary.openedOn).toBe('2026-06-09');
    await send('/counts', { caseId: opened.id, sign: 'clusters', counts: [3, 0, 4] }, hours(26)).expect(200);
    const { body: counted } = await world.api.get(`/api/cases/${opened.id}`).expect(200);
    expect(counted.log.map(({ on }: { on: string }) => on)).toEqual(['2026-06-09', '2026-06-09']);
  });

  test('makes things under the id it waited with, and sent again it is done once', async () => {
    const { bedId } = await bedWithCurrants(world);
    const commandId = 'pressed-in-the-garden';
    const first = await send('/cases', { commandId, bedId }).expect(200);
    const again = await send('/cases', { commandId, bedId }, hours(2)).expect(200);
    expect([first.body.id, again.body.id]).toEqual([commandId, commandId]);
    const { body: cases } = await world.api.get('/api/cases').expect(200);
    expect(cases.open).toHaveLength(1);
    const countId = 'counted-in-the-garden';
    const count = { commandId: countId, caseId: commandId, sign: 'clusters', counts: [3, 0, 4] };
    await send('/counts', count).expect(200);
    await send(`/counts/${countId}/take-back`, {}).expect(200);
  });

  test.each(['-5', 'a while', '1.5', String(longestWaitMs + 1)])(
    'a wait of %s is named and refused',
    async (waited) => {
      const { bedId } = await bedWithCurrants(world);
      const { body } = await send('/cases', { bedId }, waited).expect(422);
      expect(body.fields[0]).toMatchObject({ field: 'waited-ms' });
      expect((await world.api.get('/api/cases').expect(200)).body).toEqual({ open: [], closed: 0 });
    },
  );
});

describe('a clock that is set anew', () => {
  const moments = ['2026-06-10T09:00:00Z', '2026-06-03T21:00:00Z', '2027-01-15T00:05:00Z', '2026-06-10T09:30:00Z'];
  const pages = ['/today', '/calendar', '/garden', '/notebook', '/log', '/cases', '/bench'];

  test('back or far ahead stops no page, and every page stands on the day that it says', async () => {
    const garden = newWorld({ demo: true, now: moments[0] });
    try {
      for (const [at, moment] of moments.entries()) {
        garden.setNow(moment);
        const { body: today } = await garden.api.get('/api/today').expect(200);
        expect(today.today).toBe(moment.slice(0, 10));
        const id = `at-moment-${at}`;
        // What was sent before is known again, whatever the clock says by now.
        for (let sent = 0; sent <= at; sent += 1)
          await garden.api
            .post('/api/beds')
            .send({ commandId: `at-moment-${sent}`, name: `Bed of moment ${sent}`, setting: 'bed' })
            .expect(200);
        const { body } = await garden.api.get('/api/garden').expect(200);
        expect((body.beds as { name: string }[]).filter(({ name }) => name.startsWith('Bed of moment'))).toHaveLength(
          at + 1,
        );
        for (const path of [...pages, `/beds/${(body.beds as { id: string }[])[0]?.id}`])
          expect([id, path, (await garden.api.get(`/api${path}`)).status]).toEqual([id, path, 200]);
      }
    } finally {
      garden.close();
    }
  });

  test('set back between two looks, the later look still counts', async () => {
    const { bedId, plantingId } = await bedWithCurrants(world);
    const { body: opened } = await send('/cases', { bedId, plantingId }).expect(200);
    const amountNow = async () =>
      (
        (await world.api.get(`/api/cases/${opened.id}`).expect(200)).body.situation.evidence as {
          sign: string;
          amount?: number;
        }[]
      ).find(({ sign }) => sign === 'clusters')?.amount;
    const look = (amount: number) =>
      send(`/cases/${opened.id}/evidence`, { items: [{ sign: 'clusters', state: 'seen', amount }] }).expect(200);
    await look(8);
    expect(await amountNow()).toBe(8);
    world.setNow('2026-06-09T09:00:00Z');
    await look(2);
    // By the clock it was the day before; by the log it came after, and says so.
    expect(await amountNow()).toBe(8);
    world.setNow('2026-06-12T09:00:00Z');
    await look(3);
    expect(await amountNow()).toBe(3);
  });
});
