import fs from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import Database from 'better-sqlite3';
import { migrations, openDatabase } from '../src/database';

/** A file as an earlier version left it, with a bed, a plant and a case with a sign in it. */
function fileAtVersion(version: number): string {
  const file = path.join(fs.mkdtempSync(path.join(os.tmpdir(), 'trowel-old-')), 'garden.sqlite');
  const db = new Database(file);
  migrations.slice(0, version).forEach(({ sql }) => db.exec(sql));
  db.pragma(`user_version = ${version}`);
  db.exec(`
    INSERT INTO garden (id, name, latitude, longitude, time_zone, measures, tap_hardness, butt_hardness, usual_hour)
      VALUES (1, 'Old plot', 52, -4, 'UTC', 'metric', 180, 10, 17);
    INSERT INTO bed (id, name, setting, note, walking_order) VALUES ('b', 'Old Bed', 'bed', '', 1);
    INSERT INTO planting (id, bed_id, plant, label, planted_on) VALUES ('p', 'b', 'rose', 'Rose', '2025-04-01');
    INSERT INTO cases (id, name, pattern, bed_id, planting_id, opened_on, status, reading)
      VALUES ('c', 'Old case', 0, 'b', 'p', '2025-06-01', 'open', '{"causes":[],"conditions":[],"depth":0,"action":"watch"}');
    INSERT INTO observation (case_id, sign, state, observed_on) VALUES ('c', 'clusters', 'seen', '2025-06-01');
  `);
  db.close();
  return file;
}

describe('files of earlier versions', () => {
  test.each(migrations.slice(0, -1).map(({ name }, index) => [index + 1, name] as const))(
    'version %d (%s) is carried forward with everything in it, and once only',
    (version) => {
      const file = fileAtVersion(version);
      for (let time = 0; time < 2; time += 1) {
        const db = openDatabase(file);
        expect(db.pragma('user_version', { simple: true })).toBe(migrations.length);
        expect(db.prepare('SELECT name FROM cases').all()).toEqual([{ name: 'Old case' }]);
        expect(db.prepare('SELECT label, harvest_on FROM planting').all()).toEqual([
          { label: 'Rose', harvest_on: null },
        ]);
        expect(db.prepare('SELECT sign FROM observation').all()).toEqual([{ sign: 'clusters' }]);
        expect(db.prepare('SELECT forbids, only_cupboard, schools FROM garden').all()).toEqual([
          { forbids: '[]', only_cupboard: 0, schools: '{}' },
        ]);
        expect(db.prepare('SELECT count(*) AS batches FROM batch').get()).toEqual({ batches: 0 });
        expect(db.pragma('foreign_key_check')).toEqual([]);
        db.close();
      }
      fs.rmSync(path.dirname(file), { recursive: true, force: true });
    },
  );

  test('a file from a newer version is refused, not touched', () => {
    const file = fileAtVersion(1);
    const db = new Database(file);
    db.pragma('user_version = 99');
    db.close();
    expect(() => openDatabase(file)).toThrow(/newer version/);
  });
});
