import { answering } from '@/testing/providers';
import { ApiProblem, read, send, Unreachable } from './client';

describe('talking to the garden’s server', () => {
  test('an answer of the right shape is read, at the place the table of calls names', async () => {
    const asked = answering([200, { signs: 3 }]);
    await expect(read('knowledge')).resolves.toEqual({ signs: 3 });
    expect(asked[0]?.path).toBe('/api/knowledge');
  });

  test('an id stands in its place, whatever is in it', async () => {
    const asked = answering([200, {}]);
    await send('dropIngredient', {}, 'soap/flakes');
    expect(asked[0]?.path).toBe('/api/cupboard/soap%2Fflakes/drop');
  });

  test('an answer of another shape is an error at once', async () => {
    answering([200, { signs: 'three' }]);
    await expect(read('knowledge')).rejects.toThrow(/signs/);
    answering([200, {}]);
    await expect(send('addBed', { name: 'Long Bed', setting: 'bed' })).rejects.toThrow(/id/);
  });

  test('a problem keeps its words and the fields it names', async () => {
    answering([422, { detail: 'amount: is missing', fields: [{ field: 'amount', message: 'is missing' }] }]);
    const problem = await send('keepIngredient', { ingredient: '' }).catch((error: unknown) => error);
    expect(problem).toBeInstanceOf(ApiProblem);
    expect(problem).toMatchObject({
      status: 422,
      message: 'amount: is missing',
      fields: [{ field: 'amount', message: 'is missing' }],
    });
  });

  test('a problem without words still says its number', async () => {
    answering([500, undefined]);
    await expect(read('garden')).rejects.toThrow(/500/);
  });

  test('silence is told apart, and says that nothing is lost', async () => {
    answering('silence');
    const error = await read('garden').catch((reason: unknown) => reason);
    expect(error).toBeInstanceOf(Unreachable);
    expect((error as Error).message).toMatch(/kept/);
  });

  test('every act carries an id of its own', async () => {
    const asked = answering([200, { id: 'a' }], [200, { id: 'b' }]);
    await send('openCase', { bedId: 'long', name: 'Roses' });
    await expect(send('openCase', { bedId: 'long', name: 'Roses' })).resolves.toEqual({ id: 'b' });
    const ids = asked.map(({ body }) => body?.commandId);
    expect(new Set(ids).size).toBe(2);
    expect(asked[0]?.body).toMatchObject({ name: 'Roses' });
  });
});
