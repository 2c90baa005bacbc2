import { newId } from './newid';

describe('an id that nobody else makes', () => {
  const uuid = /^[0-9a-f]{8}-[0-9a-f]{4}-4[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/;

  test('is a UUID, and another one each time', () => {
    const ids = Array.from({ length: 200 }, newId);
    for (const id of ids) expect(id).toMatch(uuid);
    expect(new Set(ids).size).toBe(200);
  });

  test('also where the browser gives none, in a house without a certificate', () => {
    const own = crypto.randomUUID;
    try {
      Object.defineProperty(crypto, 'randomUUID', { value: undefined, configurable: true });
      const ids = Array.from({ length: 200 }, newId);
      for (const id of ids) expect(id).toMatch(uuid);
      expect(new Set(ids).size).toBe(200);
    } finally {
      Object.defineProperty(crypto, 'randomUUID', { value: own, configurable: true });
    }
  });
});
