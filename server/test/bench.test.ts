import { benchView, type BenchView } from '@trowel/core/contract';
import { bedWithCurrants, newWorld, type World } from './world';

let world: World;
beforeEach(() => {
  world = newWorld();
});
afterEach(() => world.close());

const post = async (path: string, body: object = {}, status = 200) =>
  (await world.api.post(`/api${path}`).send(body).expect(status)).body as Record<string, string> & {
    fields?: { field: string; message: string; key?: string }[];
  };
const theBench = async (): Promise<BenchView> => benchView.parse((await world.api.get('/api/bench').expect(200)).body);
const theBatch = async (id: string) => {
  const found = (await theBench()).batches.find((batch) => batch.id === id);
  if (!found) throw new Error('the batch is gone');
  return found;
};

describe('a brew from start to last drop', () => {
  test('is tagged, wants stirring, is ready by its warmth, grows stronger, runs low', async () => {
    const { id = '' } = await post('/batches', { kind: 'weed', volumeMl: 10_000, warmth: 22, acknowledged: [] });
    let batch = await theBatch(id);
    expect(batch).toMatchObject({
      name: 'Weed brew',
      stage: 'working',
      readyOn: '2026-06-17',
      leftMl: 10_000,
      parts: 10,
    });
    expect(batch.chores.filter(({ due }) => due).map(({ does }) => does)).toEqual([
      'Stir it',
      'See that the lid is loose',
    ]);
    await post(`/batches/${id}/events`, { kind: 'stirred' });
    expect((await theBatch(id)).chores.every(({ due }) => !due)).toBe(true);
    expect((await post(`/batches/${id}/events`, { kind: 'used', ml: 500 }, 409)).detail).toMatch(
      /not ready before 17 June/,
    );

    world.setNow('2026-06-24T09:00:00Z');
    batch = await theBatch(id);
    // Two weeks at 22 °C: one part to twenty.
    expect(batch).toMatchObject({ stage: 'ready', parts: 20, givesMl: 210_000 });
    await post(`/batches/${id}/events`, { kind: 'used', ml: 4000 });
    batch = await theBatch(id);
    expect(batch.leftMl).toBe(6000);
    // 4 L in 7 days leaves 10½ days; the next takes 7 to be ready: begin within 3.
    expect(batch.startNextBy).toBe('2026-06-27');
    expect((await post(`/batches/${id}/events`, { kind: 'used', ml: 7000 }, 422)).detail).toMatch(
      /more than is left \(6 L\)/,
    );

    await post(`/batches/${id}/take-back`);
    expect((await theBatch(id)).leftMl).toBe(10_000);
    await post(`/batches/${id}/events`, { kind: 'thrown-out' });
    expect(await theBatch(id)).toMatchObject({ stage: 'gone', leftMl: 0, chores: [] });
    await post(`/batches/${id}/events`, { kind: 'stirred' }, 409);
  });

  test('a closed lid is stopped, whatever is acknowledged', async () => {
    const answer = await post(
      '/batches',
      { kind: 'weed', volumeMl: 5000, lid: 'tight', acknowledged: ['sealed-ferment', 'ferment-stink'] },
      409,
    );
    expect(answer.detail).toMatch(/Stop\. .*bursts it\. Lid loose/);
    expect((await theBench()).batches).toEqual([]);
  });

  test('a brew is not put on salad, on leaves, or near the harvest', async () => {
    const { id = '' } = await post('/batches', { kind: 'weed', volumeMl: 5000, warmth: 22 });
    world.setNow('2026-06-24T09:00:00Z');
    const use = (more: object) => post(`/batches/${id}/events`, { kind: 'used', ml: 100, ...more }, 409);
    expect((await use({ goesOn: 'raw-leaves' })).detail).toMatch(/never on leaves or fruit eaten raw/);
    expect((await use({ goesOn: 'leaves' })).detail).toMatch(/not sprayed/);
    expect((await use({ daysToHarvest: 10 })).detail).toMatch(/last 14 days/);
    await post(`/batches/${id}/events`, { kind: 'used', ml: 100, daysToHarvest: 14 });
  });

  test('shells in vinegar: how far it is, what it will hold, done when the fizz ends', async () => {
    const shell = { grams: 50, acidPercent: 5, grain: 'crushed' };
    const { id = '' } = await post('/batches', { kind: 'shell-extract', volumeMl: 500, shell });
    world.setNow('2026-06-12T09:00:00Z');
    const batch = await theBatch(id);
    // 1 − e^(−48/40) = 69.9 %; the vinegar runs out: 16 686 mg/L.
    expect(batch.dissolvedPercent).toBeCloseTo(69.9, 1);
    expect(batch.calcium).toBeCloseTo(16_686, -1);
    await post(`/batches/${id}/events`, { kind: 'fizz-ended' });
    expect(await theBatch(id)).toMatchObject({ stage: 'ready', readyOn: '2026-06-12' });
    expect(
      (await post('/batches', { kind: 'shell-extract', volumeMl: 500, shell: { ...shell, acidPercent: 20 } }, 409))
        .detail,
    ).toMatch(/injures/);
    expect((await post('/batches', { kind: 'shell-extract', volumeMl: 500 }, 422)).detail).toMatch(/shell: is missing/);
  });
});

describe('sprayers and cans', () => {
  test('soap never before microbes without a wash', async () => {
    const { id = '' } = await post('/vessels', { name: 'Green sprayer', kind: 'sprayer', volumeMl: 1500 });
    await post(`/vessels/${id}`, { held: 'soap-spray' });
    expect((await theBench()).vessels[0]).toMatchObject({
      held: 'Soap spray',
      classes: expect.arrayContaining(['soap']),
    });
    expect((await post(`/vessels/${id}`, { held: 'gnat-nematodes' }, 409)).detail).toMatch(
      /held soap.*Wash it three times/,
    );
    await post(`/vessels/${id}`, { washed: true });
    await post(`/vessels/${id}`, { held: 'gnat-nematodes' });
    expect((await theBench()).vessels[0]?.held).toMatch(/nematodes/i);
  });

  test('a mix in a sprayer is judged by what it held', async () => {
    const order = { remedy: 'bt-spray', volume: { amount: 1, unit: 'L' }, plants: ['cabbage'] };
    expect((await post('/mix', order)).kind).toBe('mix');
    expect(await post('/mix', { ...order, vesselHeld: ['soap', 'spray'] })).toMatchObject({
      kind: 'refused',
      says: expect.stringMatching(/held soap/),
    });
  });

  test('a batch is no larger than its jar', async () => {
    const { id = '' } = await post('/vessels', { name: 'Jar', kind: 'jar', volumeMl: 1000 });
    expect((await post('/batches', { kind: 'weed', volumeMl: 5000, vesselId: id }, 422)).detail).toMatch(
      /more than Jar holds/,
    );
  });
});

describe('cupboard, shopping and own rules', () => {
  test('what remedies under way need and the cupboard lacks is on the list; what is wished for too', async () => {
    const { id: caseId } = await post('/cases', await bedWithCurrants(world));
    await post(`/cases/${caseId}/remedies`, { remedy: 'milk-spray' });
    expect((await theBench()).shopping).toEqual([]);
    await post('/cupboard', { ingredient: 'castile soap', amount: 400, packSize: 500, packPrice: 6 });
    expect((await theBench()).shopping.map(({ ingredient, why }) => [ingredient, why])).toEqual([
      ['milk', '750 mL for milk spray'],
    ]);
    await post('/cupboard', { ingredient: 'milk', amount: 2000 });
    expect((await theBench()).shopping).toEqual([]);
    await post('/cupboard', { ingredient: 'borax', wanted: true });
    expect((await theBench()).shopping).toEqual([{ ingredient: 'borax', name: 'Borax', why: 'on your list' }]);
    await post('/cupboard/borax/drop');
    expect((await theBench()).shopping).toEqual([]);
    expect((await post('/cupboard', { ingredient: 'moon dust' }, 422)).detail).toMatch(
      /ingredient: "moon dust" is not known/,
    );
  });

  test('own rules are kept and checked', async () => {
    await post('/preferences', { forbids: ['peroxide'], onlyFromCupboard: true, schools: { 'soap-spray': 'gentle' } });
    expect((await theBench()).preferences).toEqual({
      forbids: ['peroxide'],
      onlyFromCupboard: true,
      schools: { 'soap-spray': 'gentle' },
    });
    expect((await world.api.get('/api/garden')).body).toMatchObject({
      forbids: ['peroxide'],
      schools: { 'soap-spray': 'gentle' },
    });
    await post('/preferences', { schools: { 'soap-spray': null } });
    expect((await theBench()).preferences.schools).toEqual({});
    expect((await post('/preferences', { forbids: ['gremlins'] }, 422)).detail).toMatch(/forbids\[0\]: "gremlins"/);
    expect((await post('/preferences', { schools: { 'soap-spray': 'fierce' } }, 422)).detail).toMatch(
      /must be one of gentle/,
    );
  });
});

describe('what has been mixed', () => {
  test('its cautions are read first; then it is in the log, out of the cupboard and in the sprayer', async () => {
    await post('/cupboard', { ingredient: 'liquid soap', amount: 100 });
    const { id: vesselId = '' } = await post('/vessels', { name: 'Green sprayer', kind: 'sprayer', volumeMl: 1500 });
    const order = { remedy: 'soap-spray', volumeMl: 1500, vesselId };
    const unread = await post('/mixes', order, 409);
    expect(unread.detail).toMatch(/kills fish/);
    expect((await theBench()).cupboard[0]?.amount).toBe(100);
    const acknowledged = unread.fields?.map(({ key }) => key);
    await post('/mixes', { ...order, acknowledged });
    const bench = await theBench();
    expect(bench.cupboard[0]?.amount).toBe(85);
    expect(bench.vessels[0]?.held).toBe('Soap spray');
    const { entries: log } = (await world.api.get('/api/log')).body;
    expect(log[0].says).toMatch(/^Mixed: Soap spray .*1.5 L · having read “Soap kills fish/);
  });

  test('taken back, the cupboard has it again and the sprayer holds what it held, once', async () => {
    await post('/cupboard', { ingredient: 'liquid soap', amount: 100 });
    const { id: vesselId = '' } = await post('/vessels', { name: 'Green sprayer', kind: 'sprayer', volumeMl: 1500 });
    await post(`/vessels/${vesselId}`, { held: 'milk-spray' });
    const order = { remedy: 'soap-spray', volumeMl: 1500, vesselId };
    const acknowledged = (await post('/mixes', order, 409)).fields?.map(({ key }) => key);
    const { id } = await post('/mixes', { ...order, acknowledged });
    expect(await theBench()).toMatchObject({ cupboard: [{ amount: 85 }], vessels: [{ held: 'Soap spray' }] });
    await post(`/mixes/${id}/take-back`, {});
    expect(await theBench()).toMatchObject({ cupboard: [{ amount: 100 }], vessels: [{ held: 'Milk spray' }] });
    expect((await post(`/mixes/${id}/take-back`, {}, 409)).detail).toMatch(/already/);
    expect((await post('/mixes/nothing/take-back', {}, 404)).detail).toMatch(/nothing/);
    const { entries: log } = (await world.api.get('/api/log')).body;
    expect(log[0].says).toMatch(/^Mix, taken back/);
  });

  test('what has gone into the sprayer since stays there', async () => {
    const { id: vesselId = '' } = await post('/vessels', { name: 'Blue', kind: 'sprayer', volumeMl: 1500 });
    const order = { remedy: 'soap-spray', volumeMl: 500, vesselId };
    const acknowledged = (await post('/mixes', order, 409)).fields?.map(({ key }) => key);
    const { id } = await post('/mixes', { ...order, acknowledged });
    await post(`/vessels/${vesselId}`, { held: 'milk-spray' });
    await post(`/mixes/${id}/take-back`, {});
    expect((await theBench()).vessels[0]?.held).toBe('Milk spray');
  });

  test('beyond the limit, or in a sprayer that forbids it, it is not noted', async () => {
    expect((await post('/mixes', { remedy: 'soap-spray', volumeMl: 1000, strength: 5 }, 409)).detail).toMatch(
      /beyond the limit/,
    );
    const { id: vesselId = '' } = await post('/vessels', { name: 'Red', kind: 'sprayer', volumeMl: 1500 });
    await post(`/vessels/${vesselId}`, { held: 'soap-spray' });
    expect((await post('/mixes', { remedy: 'bt-spray', volumeMl: 1000, vesselId }, 409)).detail).toMatch(/held soap/);
  });
});

test('a brew is not chosen for a plant that is picked too soon', async () => {
  const bed = await bedWithCurrants(world);
  const { id: caseId } = await post('/cases', bed);
  await post(`/plantings/${bed.plantingId}/harvest`, { on: '2026-06-15' });
  const answer = await post(`/cases/${caseId}/remedies`, { remedy: 'weed-brew-feed' }, 409);
  expect(answer.detail).toMatch(/Stop\. No brew in the last 14 days/);
});

describe('own recipes', () => {
  const document = {
    format: 'wise-trowel-recipe',
    version: 1,
    name: 'Soap with garlic smell',
    basedOn: 'soap-spray',
    parts: [{ ingredient: 'liquid soap', amount: 8, unit: 'mL/L' }],
    steps: ['Fill in rain water', 'Add the soap'],
  };

  test('are saved, read back as they were, changed, and deleted', async () => {
    const { id = '' } = await post('/recipes', { document });
    const out = (await world.api.get(`/api/recipes/${id}`).expect(200)).body;
    expect(out).toMatchObject(document);
    // What went out comes in again.
    const { id: again = '' } = await post('/recipes', { document: out });
    expect((await world.api.get(`/api/recipes/${again}`)).body).toEqual(out);
    await post(`/recipes/${id}`, { document: { ...document, name: 'Soap, my way' } });
    expect((await theBench()).recipes.map((row) => row.document.name)).toContain('Soap, my way');
    await post(`/recipes/${id}/delete`);
    await world.api.get(`/api/recipes/${id}`).expect(404);
  });

  test('stay within the limits, and nothing is half-written', async () => {
    const strong = { ...document, parts: [{ ingredient: 'liquid soap', amount: 30, unit: 'mL/L' }] };
    expect((await post('/recipes', { document: strong }, 409)).detail).toMatch(
      /3 % of true liquid soap is over the limit of 2 %/,
    );
    const mixed = { ...document, parts: [...document.parts, { ingredient: 'vinegar', amount: 5, unit: 'mL/L' }] };
    expect((await post('/recipes', { document: mixed }, 409)).detail).toMatch(/Acid turns soap/);
    const unknown = { ...document, parts: [{ ingredient: 'unicorn hair', amount: 5, unit: 'g/L' }] };
    expect((await post('/recipes', { document: unknown }, 422)).detail).toMatch(
      /parts\[0\]\.ingredient: "unicorn hair"/,
    );
    expect((await post('/recipes', { document: { ...document, format: 'other' } }, 422)).detail).toMatch(
      /document\.format/,
    );
    expect((await theBench()).recipes).toEqual([]);
  });

  test('give a mixing card in the gardener’s measures', async () => {
    const answer = await post('/mix', { recipe: document, volume: { amount: 2, unit: 'L' } });
    expect(answer).toMatchObject({ kind: 'mix', parts: [{ ml: 16 }], water: { ml: 1984 } });
  });
});
