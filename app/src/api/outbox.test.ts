import { answering } from '@/testing/providers';
import { flush, outbox, perform } from './outbox';
import { reach } from './reach';

const tick = (step: string) =>
  perform('recordStep', { body: { jobId: 'j1', step, outcome: 'done' }, says: `Done: ${step}` }, 'Step');
const waits = () => outbox.list().map(({ says }) => says);

beforeEach(() => {
  localStorage.clear();
  outbox.list().forEach(({ id }) => outbox.drop(id));
  reach.answered();
});

describe('what cannot be sent', () => {
  test('waits in order, lets the page go on, and is sent once under the ids it was pressed with', async () => {
    answering('silence');
    await expect(tick('jet')).resolves.toEqual({});
    await expect(tick('soap')).resolves.toEqual({});
    await flush();
    expect(waits()).toEqual(['Done: jet', 'Done: soap']);
    const pressed = outbox.list().map(({ id }) => id);

    const asked = answering([200, {}]);
    await flush();
    expect(asked.map(({ body }) => [body?.step, body?.commandId])).toEqual([
      ['jet', pressed[0]],
      ['soap', pressed[1]],
    ]);
    expect(waits()).toEqual([]);
  });

  test('is there after a reload', async () => {
    answering('silence');
    await tick('jet');
    jest.resetModules();
    const again = jest.requireActual<typeof import('./outbox')>('./outbox');
    expect(again.outbox.list().map(({ says }) => says)).toEqual(['Done: jet']);
  });

  test('says how long it waited, by the device’s own count', async () => {
    answering('silence');
    await tick('jet');
    const { pressed } = outbox.list()[0] ?? { pressed: 0 };
    jest.spyOn(Date, 'now').mockReturnValue(pressed + 3_600_000);
    const asked = answering([200, {}]);
    await flush();
    jest.restoreAllMocks();
    expect(asked[0]?.headers).toMatchObject({ 'waited-ms': '3600000' });
  });

  test('and is refused later stays with its reason, and what follows goes on', async () => {
    answering('silence');
    await tick('jet');
    await tick('soap');
    await flush();
    answering([409, { detail: 'It is ticked already.' }], [200, {}]);
    await flush();
    expect(outbox.list()).toMatchObject([{ says: 'Done: jet', refused: 'It is ticked already.' }]);
    const [{ id } = { id: '' }] = outbox.list();
    const asked = answering([200, {}]);
    await outbox.again(id);
    expect(asked[0]?.body?.commandId).toBe(id);
    expect(outbox.list()).toEqual([]);
  });

  test('a line that was not wholly understood is told when it is read at last', async () => {
    answering('silence');
    await perform('addEvidence', { id: 'c1', body: { said: 'wobbly frumps' } }, 'Signs noted');
    const told: unknown[] = [];
    const stop = outbox.onLate((late) => told.push(late));
    answering([200, { understood: [], perhaps: [], tried: [], notUnderstood: ['wobbly frumps'] }]);
    await flush();
    stop();
    expect(told).toMatchObject([{ says: expect.stringContaining('“wobbly frumps”') }]);
  });
});

describe('one press', () => {
  test('made twice before it is answered is one', async () => {
    const asked = answering([200, {}]);
    await Promise.all([tick('jet'), tick('jet')]);
    expect(asked).toHaveLength(1);
    await tick('jet');
    expect(asked).toHaveLength(2);
    expect(asked[0]?.body?.commandId).not.toBe(asked[1]?.body?.commandId);
  });

  test('of what needs its answer keeps its id until it is answered, and says that nobody answers', async () => {
    const plan = () => perform('addBed', { body: { name: 'Long Bed', setting: 'bed' } }, 'Bed added');
    const asked = answering('silence', [200, { id: 'b1' }], [200, { id: 'b2' }]);
    await expect(plan()).rejects.toThrow(/not answering/);
    expect(waits()).toEqual([]);
    await expect(plan()).resolves.toEqual({ id: 'b1' });
    await expect(plan()).resolves.toEqual({ id: 'b2' });
    const ids = asked.map(({ body }) => body?.commandId);
    expect(ids[1]).toBe(ids[0]);
    expect(ids[2]).not.toBe(ids[0]);
  });

  test('that the server does not take is told to the page, and does not wait', async () => {
    answering([422, { detail: 'counts: is missing' }]);
    await expect(tick('jet')).rejects.toThrow('counts: is missing');
    expect(waits()).toEqual([]);
  });

  test('that opens a case gives it the id it waits with', async () => {
    answering('silence');
    const { id } = await perform('openCase', { body: { bedId: 'long' } }, 'Case opened');
    expect(outbox.list()).toMatchObject([{ act: 'openCase', id }]);
  });
});
