import { z } from 'zod';
import { answering } from '@/testing/providers';
import { ApiProblem, read, send, Unreachable } from './client';

const shape = z.object({ beds: z.number() });

describe('talking to the garden’s server', () => {
  test('an answer of the right shape is read', async () => {
    const asked = answering([200, { beds: 3 }]);
    await expect(read(shape, '/garden')).resolves.toEqual({ beds: 3 });
    expect(asked[0]?.path).toBe('/api/garden');
  });

  test('an answer of another shape is an error at once', async () => {
    answering([200, { beds: 'three' }]);
    await expect(read(shape, '/garden')).rejects.toThrow(/beds/);
  });

  test('a problem keeps its words and the fields it names', async () => {
    answering([422, { detail: 'amount: is missing', fields: [{ field: 'amount', message: 'is missing' }] }]);
    const problem = await send('/cupboard', {}).catch((error: unknown) => error);
    expect(problem).toBeInstanceOf(ApiProblem);
    expect(problem).toMatchObject({
      status: 422,
      message: 'amount: is missing',
      fields: [{ field: 'amount', message: 'is missing' }],
    });
  });

  test('a problem without words still says its number', async () => {
    answering([500, undefined]);
    await expect(read(shape, '/garden')).rejects.toThrow(/500/);
  });

  test('silence is told apart, and says that nothing is lost', async () => {
    answering('silence');
    const error = await read(shape, '/garden').catch((reason: unknown) => reason);
    expect(error).toBeInstanceOf(Unreachable);
    expect((error as Error).message).toMatch(/kept/);
  });

  test('every command carries an id of its own', async () => {
    const asked = answering([200, {}], [200, undefined]);
    await send('/cases', { name: 'Roses' });
    await expect(send('/cases', { name: 'Roses' })).resolves.toEqual({});
    const ids = asked.map(({ body }) => body?.commandId);
    expect(new Set(ids).size).toBe(2);
    expect(asked[0]?.body).toMatchObject({ name: 'Roses' });
  });
});
