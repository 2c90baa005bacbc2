import { newWorld, type World } from './world';

let world: World;
beforeEach(() => (world = newWorld()));
afterEach(() => world.close());

const beds = async () => ((await world.api.get('/api/garden').expect(200)).body as { beds: unknown[] }).beds.length;
const newBed = { name: 'Long Bed', setting: 'bed' };

describe('who may come in', () => {
  test('under another name than this machine’s own nothing is read or done, whoever made that name point here', async () => {
    for (const host of ['garden.example', 'garden.example:4310', '127.0.0.1.example', '192.168.1.4:4310', '']) {
      await world.api.get('/api/garden').set('Host', host).expect(421);
      await world.api.post('/api/beds').set('Host', host).send(newBed).expect(421);
    }
    for (const host of ['localhost:4310', '127.0.0.1:9', '[::1]:4310', 'LOCALHOST'])
      await world.api.get('/api/garden').set('Host', host).expect(200);
    expect(await beds()).toBe(0);
  });

  test('a page elsewhere can do nothing here, by form or by script', async () => {
    const host = 'localhost:4310';
    for (const origin of ['https://elsewhere.example', 'http://localhost:9999', 'null'])
      await world.api.post('/api/beds').set({ Host: host, Origin: origin }).send(newBed).expect(403);
    await world.api.post('/api/beds').set({ Host: host, 'Sec-Fetch-Site': 'cross-site' }).send(newBed).expect(403);
    expect(await beds()).toBe(0);
    await world.api
      .post('/api/beds')
      .set({ Host: host, Origin: `http://${host}` })
      .send(newBed)
      .expect(200);
    expect(await beds()).toBe(1);
  });

  test('what is not said to be JSON is refused, not answered and thrown away', async () => {
    for (const type of [
      'text/plain',
      'application/x-www-form-urlencoded',
      'multipart/form-data',
      'application/json5',
    ]) {
      const { body } = await world.api
        .post('/api/beds')
        .set('Content-Type', type)
        .send(JSON.stringify(newBed))
        .expect(415);
      expect(body.title).toMatch(/JSON/);
    }
    expect(await beds()).toBe(0);
  });

  test('pages are framed by nobody, load nothing from elsewhere and run nothing that is not ours', async () => {
    const { headers } = await world.api.get('/api/health').expect(200);
    expect(headers['content-security-policy']).toMatch(/default-src 'self'/);
    expect(headers['content-security-policy']).toMatch(/frame-ancestors 'none'/);
    expect(headers['content-security-policy']).not.toMatch(/unsafe-eval|script-src[^;]*unsafe-inline/);
    expect(headers).toMatchObject({
      'x-frame-options': 'DENY',
      'x-content-type-options': 'nosniff',
      'referrer-policy': 'no-referrer',
    });
  });
});

describe('what may be brought', () => {
  test.each([
    ['a text', { name: 'x'.repeat(10_001), setting: 'bed' }, 'body.name'],
    ['a list', { beds: Array.from({ length: 2001 }, () => 'b') }, 'body.beds'],
    ['a nesting', JSON.parse(`${'{"a":'.repeat(14)}1${'}'.repeat(14)}`), 'body.a.a'],
  ])('%s that is too large is named, and nothing is read of it', async (_what, body, field) => {
    const answer = await world.api.post('/api/beds').send(body).expect(422);
    expect(answer.body.fields[0].field.startsWith(field)).toBe(true);
  });

  test('no request that cannot be read counts as our own stumbling', async () => {
    await world.api.get('/api/cases/%FF').expect(400);
    await world.api
      .post('/api/beds')
      .set('Content-Type', 'application/json; charset=klingon')
      .send(JSON.stringify(newBed))
      .expect(400);
    await world.api.post('/api/beds').set('Content-Encoding', 'pigeon').send(newBed).expect(400);
    const odd = ['constructor', '__proto__', 'toString', 'hasOwnProperty'];
    for (const unit of odd)
      expect(
        (await world.api.post('/api/mix').send({ way: 'remedy', remedy: 'soap-spray', volume: `2 ${unit}` })).status,
      ).toBe(422);
    for (const word of odd) {
      for (const route of ['weigh', 'mix', 'plan', 'follow'])
        expect(
          (await world.api.post(`/api/${route}`).send({ [word]: word, way: word, plant: word })).status,
        ).toBeLessThan(500);
      expect((await world.api.get(`/api/cases/${word}`)).status).toBe(404);
      expect((await world.api.get(`/api/slots/${word}:${word}`)).status).toBe(404);
    }
  });
});
