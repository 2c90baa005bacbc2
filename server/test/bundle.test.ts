import fs from 'node:fs';
import path from 'node:path';
import { bundleOf, bundleSchema, type Bundle } from '../src/bundle';
import { openAt, openDatabase } from '../src/database';
import { newWorld, type World } from './world';

let full: World;
let bundle: Bundle;
const open: World[] = [];
const empty = (): World => {
  const world = newWorld();
  open.push(world);
  return world;
};
beforeAll(async () => {
  full = newWorld({ demo: true });
  open.push(full);
  bundle = (await full.api.get('/api/bundle').expect(200)).body;
});
afterAll(() => open.forEach((world) => world.close()));

const rowsIn = ({ db }: World) => bundleOf(db, new Date(0)).tables;

describe('a whole garden as one file', () => {
  test('taken into an empty garden it is the same, to the last row, and can be gone on with', async () => {
    const other = empty();
    const { body: look } = await other.api.post('/api/bundle/look').send(bundle).expect(200);
    expect(look).toMatchObject({ isPossible: true, made: bundle.made });
    expect(look.rows.cases).toBeGreaterThan(5);
    await other.api.post('/api/bundle').send(bundle).expect(200);
    expect(rowsIn(other)).toEqual(rowsIn(full));
    const views = await Promise.all(
      [full, other].map(async ({ api }) => (await api.get('/api/cases').expect(200)).body),
    );
    expect(views[1]).toEqual(views[0]);
    await other.api.post('/api/beds').send({ name: 'One more', setting: 'bed' }).expect(200);
    // The log is guarded as before.
    expect(() => other.db.exec('DELETE FROM log')).toThrow(/never changed/);
  });

  test('is not taken into a garden with something in it', async () => {
    const other = empty();
    await other.api.post('/api/beds').send({ name: 'Long Bed', setting: 'bed' }).expect(200);
    const before = rowsIn(other);
    const { body } = await other.api.post('/api/bundle').send(bundle).expect(409);
    expect(body.detail).toMatch(/empty/);
    expect(rowsIn(other)).toEqual(before);
  });

  test.each([
    ['no bundle', () => ({ hello: 1 }), /^format$/],
    ['a newer one', () => ({ ...bundle, version: 99 }), /^version$/],
    ['a table that is not known', () => ({ ...bundle, tables: { ...bundle.tables, weeds: [] } }), /^tables\.weeds$/],
    [
      'a column that is not known',
      () => ({ ...bundle, tables: { ...bundle.tables, bed: [{ ...bundle.tables.bed?.[0], hue: 'red' }] } }),
      /^tables\.bed\[0\]\.hue$/,
    ],
    [
      'a row of another kind',
      () => ({ ...bundle, tables: { ...bundle.tables, planting: [{ ...bundle.tables.planting?.[0], id: null }] } }),
      /^tables\.planting\[0\]$/,
    ],
    ['a row whose place is gone', () => ({ ...bundle, tables: { ...bundle.tables, bed: [] } }), /^tables\.\w+$/],
  ])('%s is named, and nothing is taken in', async (_, broken, field) => {
    const other = empty();
    const before = rowsIn(other);
    const { body } = await other.api.post('/api/bundle').send(broken()).expect(422);
    expect(body.fields[0].field).toMatch(field);
    expect(rowsIn(other)).toEqual(before);
  });

  test('one of an earlier version is brought up to date on the way', async () => {
    const old = openAt(7);
    old.exec(`
      INSERT INTO garden (id, name, latitude, longitude, time_zone, measures, tap_hardness, butt_hardness, usual_hour)
        VALUES (1, 'Old plot', 52, 0, 'Europe/London', 'metric', 150, 15, 17);
      INSERT INTO bed (id, name, setting, walking_order) VALUES ('b', 'Long Bed', 'bed', 1);
    `);
    const other = empty();
    await other.api
      .post('/api/bundle')
      .send(bundleOf(old, new Date(0)))
      .expect(200);
    old.close();
    const { body } = await other.api.get('/api/garden').expect(200);
    expect(body).toMatchObject({ name: 'Old plot', beds: [{ name: 'Long Bed' }] });
  });

  test('holds the shape that is published (npm run docs writes it)', () => {
    const file = path.join(__dirname, '..', '..', 'docs', 'garden.schema.json');
    const db = openDatabase(':memory:');
    const made = `${JSON.stringify(bundleSchema(db), null, 2)}\n`;
    db.close();
    if (process.env.WRITE_DOCS === '1') fs.writeFileSync(file, made);
    else expect(fs.readFileSync(file, 'utf8')).toBe(made);
    expect(made).toContain('"planting"');
  });
});
