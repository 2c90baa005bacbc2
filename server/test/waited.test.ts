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
