import { bedView, caseView, gardenView, jobView, type GardenView } from '@trowel/core/contract';
import { bedWithCurrants, callsOf, newWorld, type World } from './world';

let world: World;
beforeEach(() => (world = newWorld()));
afterEach(() => world.close());

const { post, refused } = callsOf(() => world);
const theGarden = async (): Promise<GardenView> =>
  gardenView.parse((await world.api.get('/api/garden').expect(200)).body);
const theBed = async (id: string) => bedView.parse((await world.api.get(`/api/beds/${id}`).expect(200)).body);
const newBed = async (name: string) => (await post('/beds', { name, setting: 'bed' })).id ?? '';

describe('where the places lie', () => {
  test('a spot and a size are kept together; the area follows from the shape, whatever is sent with it', async () => {
    const id = await newBed('Long Bed');
    await post('/plot', { beds: [{ id, at: { x: -1, y: 2.5 }, size: { shape: 'circle', across: 2, area: 99 } }] });
    const [bed] = (await theGarden()).beds;
    expect(bed?.at).toEqual({ x: -1, y: 2.5 });
    expect(bed?.size).toMatchObject({ shape: 'circle', across: 2 });
    expect(bed?.size?.area).toBeCloseTo(Math.PI, 9);
    // Moved again, it stays as large as it was.
    await post('/plot', { beds: [{ id, at: { x: 0, y: 0 } }] });
    expect((await theGarden()).beds[0]?.size?.area).toBeCloseTo(Math.PI, 9);
    await post('/plot', { beds: [{ id, at: null, size: null }] });
    expect((await theGarden()).beds[0]).toMatchObject({ at: null, size: null });
  });

  test('all places are laid out or none: a wrong one is named and nothing is kept', async () => {
    const id = await newBed('Long Bed');
    const body = {
      beds: [
        { id, at: { x: 1, y: 1 } },
        { id: 'nowhere', at: { x: 1, y: 1 } },
      ],
    };
    expect((await refused('/plot', body, 404)).detail).toContain('nowhere');
    const crossed = {
      shape: 'outline',
      corners: [
        [0, 0],
        [2, 2],
        [2, 0],
        [0, 1],
      ],
    };
    expect((await refused('/plot', { beds: [{ id, at: { x: 1, y: 1 }, size: crossed }] }, 422)).detail).toMatch(
      /cross/,
    );
    expect((await theGarden()).beds[0]).toMatchObject({ at: null, size: null });
  });

  test('the walking order holds every place once, and Today walks by it', async () => {
    const [a, b, c] = [await newBed('A'), await newBed('B'), await newBed('C')];
    await post('/walk', { beds: [c, a, b] });
    expect((await theGarden()).beds.map(({ name }) => name)).toEqual(['C', 'A', 'B']);
    await refused('/walk', { beds: [c, a] }, 409);
    await refused('/walk', { beds: [c, a, a] }, 409);
    expect((await theGarden()).beds.map(({ name }) => name)).toEqual(['C', 'A', 'B']);
  });
});

describe('places come and go', () => {
  test('one is renamed, and a name that is taken is refused', async () => {
    const id = await newBed('Long Bed');
    await newBed('Gate Bed');
    await post(`/beds/${id}`, { name: 'South Bed', note: 'Moved.' });
    expect(await theBed(id)).toMatchObject({ name: 'South Bed', note: 'Moved.', setting: 'bed' });
    expect((await refused(`/beds/${id}`, { name: 'Gate Bed' }, 422)).detail).toContain('Gate Bed');
  });

  test('one with an open case or work under way cannot be taken out; afterwards it can, and its history stays', async () => {
    const { bedId, plantingId } = await bedWithCurrants(world);
    const { id: caseId = '' } = await post('/cases', { bedId, plantingId, name: 'Sticky currants' });
    expect((await refused(`/beds/${bedId}/remove`, {}, 409)).detail).toContain('Sticky currants');
    await post(`/cases/${caseId}/close`, { outcome: 'left' });
    await post(`/beds/${bedId}/remove`);
    const { beds, gone } = await theGarden();
    expect(beds.map(({ id }) => id)).not.toContain(bedId);
    expect(gone).toMatchObject([{ id: bedId }]);
    const view = caseView.parse((await world.api.get(`/api/cases/${caseId}`).expect(200)).body);
    expect(view.summary.bedName).not.toBe('');
    // Its name is still its own.
    expect((await refused('/beds', { name: gone[0]?.name, setting: 'bed' }, 422)).detail).toContain('taken out');
    await post(`/beds/${bedId}/restore`);
    expect((await theGarden()).beds.map(({ id }) => id)).toContain(bedId);
    await refused(`/beds/${bedId}/restore`, {}, 409);
  });

  test('a plant that is taken out is read no more, stands in the book of its bed, and can be put back', async () => {
    const { bedId, plantingId } = await bedWithCurrants(world);
    const { id: caseId = '' } = await post('/cases', { bedId, plantingId });
    await refused(`/plantings/${plantingId}/remove`, {}, 409);
    await post(`/cases/${caseId}/close`, { outcome: 'left' });
    await post(`/plantings/${plantingId}/remove`);
    const { plantings, before } = await theBed(bedId);
    expect(plantings).toEqual([]);
    expect(before).toMatchObject([{ id: plantingId, plant: 'redcurrant' }]);
    // What it was is still told of the case that it had.
    const view = caseView.parse((await world.api.get(`/api/cases/${caseId}`).expect(200)).body);
    expect(view.summary.plant).toBe('redcurrant');
    await post(`/plantings/${plantingId}/restore`);
    expect((await theBed(bedId)).plantings).toHaveLength(1);
  });
});

describe('what the book of a bed tells a reading', () => {
  test('the same family within three years is told at planting, and counts for what is read there', async () => {
    const bedId = await newBed('Kiln Bed');
    const { id: radish = '' } = await post(`/beds/${bedId}/plantings`, { plant: 'radish' });
    world.setNow('2026-07-20T09:00:00Z');
    await post(`/plantings/${radish}/remove`);
    world.setNow('2027-05-02T09:00:00Z');
    const planted = await post(`/beds/${bedId}/plantings`, { plant: 'cabbage' });
    expect(planted).toMatchObject({ grewBefore: { until: '2026-07-20' } });
    const { id: caseId = '' } = await post('/cases', { bedId, plantingId: planted.id });
    const { situation } = caseView.parse((await world.api.get(`/api/cases/${caseId}`).expect(200)).body);
    expect(situation.evidence).toContainEqual({ sign: 'same-crop', state: 'seen' });
    expect(situation.measured).toContain('same-crop');
    // Another family is free of it.
    const lettuce = await post(`/beds/${bedId}/plantings`, { plant: 'lettuce' });
    expect(lettuce.grewBefore).toBeUndefined();
  });

  test('what is close to a place is minded in every step there: soap is not poured out by a pond', async () => {
    const { bedId, plantingId } = await bedWithCurrants(world);
    const { id: caseId = '' } = await post('/cases', { bedId, plantingId });
    const { id: jobId = '' } = await post(`/cases/${caseId}/remedies`, { remedy: 'soap-spray' });
    const said = async () => {
      const { steps } = jobView.parse((await world.api.get(`/api/jobs/${jobId}`).expect(200)).body);
      return new Set(steps.flatMap(({ cautions }) => cautions.map(({ rule }) => rule)));
    };
    const before = await said();
    await post(`/beds/${bedId}`, { near: ['near-pond'] });
    const added = [...(await said())].filter((rule) => !before.has(rule));
    expect(added).toEqual([expect.stringMatching(/pond|water/)]);
    await refused(`/beds/${bedId}`, { near: ['near-moon'] }, 422);
  });
});
