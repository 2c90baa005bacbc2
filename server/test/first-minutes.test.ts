import { caseView, gardenView, townsView } from '@trowel/core/contract';
import { prepareTowns } from '../src/towns';
import { callsOf, newWorld, type World } from './world';

let world: World;
beforeEach(() => (world = newWorld()));
afterEach(() => world.close());
const { post, refused } = callsOf(() => world);
const theCase = async (id = '') => caseView.parse((await world.api.get(`/api/cases/${id}`).expect(200)).body);
const beds = async () => gardenView.parse((await world.api.get('/api/garden').expect(200)).body).beds;
const towns = async (like: string) =>
  townsView.parse((await world.api.get(`/api/towns/${encodeURIComponent(like)}`).expect(200)).body);

describe('a case before there is any bed', () => {
  test('the place and the plant come into the book with it', async () => {
    const { id } = await post('/cases', { at: { name: 'Some pots', setting: 'pot', plant: 'toms' } });
    expect((await theCase(id)).summary).toMatchObject({ bedName: 'Some pots', plant: 'tomato', status: 'open' });
    // The next of that kind is in the same place; of another kind, under a name of its own.
    const again = await post('/cases', { at: { name: 'Some pots', setting: 'pot', plant: 'basil' } });
    const other = await post('/cases', { at: { name: 'Some pots', setting: 'indoors' } });
    expect((await theCase(again.id)).summary.bedName).toBe('Some pots');
    expect((await theCase(other.id)).summary).toMatchObject({ bedName: 'Some pots 2', plantLabel: null });
    expect((await beds()).map(({ name }) => name)).toEqual(['Some pots', 'Some pots 2']);
  });

  test('a plant that is not known is named, and no empty place is left behind', async () => {
    const { fields } = await refused('/cases', { at: { name: 'A bed', setting: 'bed', plant: 'moonflox' } }, 422);
    expect(fields[0]).toMatchObject({ field: 'plant' });
    expect(await beds()).toEqual([]);
  });

  test('a bed or a place, one of them', async () => {
    const bed = await post('/beds', { name: 'Long Bed', setting: 'bed' });
    for (const body of [{}, { bedId: bed.id, at: { name: 'A bed', setting: 'bed' } }])
      expect((await refused('/cases', body, 422)).fields[0]).toMatchObject({ field: 'bedId' });
  });
});

describe('the nearest town', () => {
  test('is found by how its name begins, the largest first, without accents', async () => {
    await prepareTowns();
    const found = await towns('sao pau');
    expect(found[0]).toMatchObject({ timeZone: 'America/Sao_Paulo', measures: 'metric' });
    expect(found[0]?.latitude).toBeCloseTo(-23.6, 0);
    const portlands = await towns('Portland');
    expect(portlands.length).toBeGreaterThan(2);
    expect(new Set(portlands.map(({ measures }) => measures))).toEqual(new Set(['us', 'australian']));
    expect(portlands[0]?.where).toMatch(/Oregon/);
  });

  test('is guessed from the time zone; of no such zone or name there is none', async () => {
    await prepareTowns();
    expect(await towns('zone:Pacific/Auckland')).toMatchObject([{ where: expect.stringMatching(/New Zealand/) }]);
    expect(await towns('zone:Nowhere/Here')).toEqual([]);
    expect(await towns('xqzv')).toEqual([]);
  });
});
