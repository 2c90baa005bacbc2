import supertest from 'supertest';
import { knowledge } from '@trowel/knowledge/reader';
import { createApp } from '../src/app';
import { tourBytes, tourOf } from '../src/tour';
import { newWorld, type World } from './world';

let world: World;
const bytes = tourBytes();
beforeAll(() => (world = newWorld()));
afterAll(() => world.close());

const api = () =>
  supertest(
    createApp({
      db: world.db,
      tables: knowledge,
      clock: () => new Date('2026-03-01T09:00:00Z'),
      tour: async () => tourOf(bytes),
    }),
  );

describe('a tour of the made-up garden', () => {
  test('is a garden of its own on its own day; what is done there touches no other', async () => {
    const tour = api();
    await tour.post('/api/tour/begin').expect(200);
    const { body: today } = await tour.get('/api/tour/today').expect(200);
    expect(today.today).toMatch(/-06-10$/);
    const { body: cases } = await tour.get('/api/tour/cases').expect(200);
    expect(cases.open.length).toBeGreaterThan(2);
    await tour.post('/api/tour/beds').send({ name: 'Only to try', setting: 'bed' }).expect(200);
    const names = async (path: string) =>
      (await tour.get(path).expect(200)).body.beds.map(({ name }: { name: string }) => name);
    expect(await names('/api/tour/garden')).toContain('Only to try');
    expect(await names('/api/garden')).not.toContain('Only to try');

    // As new each time.
    await tour.post('/api/tour/begin').expect(200);
    expect(await names('/api/tour/garden')).not.toContain('Only to try');
  });

  test('is there without a beginning too, after a restart', async () => {
    await api().get('/api/tour/today').expect(200);
  });

  test('checks what comes in as one’s own garden does', async () => {
    const tour = api();
    await tour.post('/api/tour/beds').send({ name: '' }).expect(422);
    await tour.post('/api/tour/beds').set('Content-Type', 'text/plain').send('x').expect(415);
    await tour.get('/api/tour/nothing-here').expect(404);
  });
});
