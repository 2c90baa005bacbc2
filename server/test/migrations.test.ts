import fs from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { benchView, caseView } from '@trowel/core/contract';
import { knowledge } from '@trowel/knowledge/reader';
import Database from 'better-sqlite3';
import supertest from 'supertest';
import { createApp } from '../src/app';
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
        expect(db.prepare('SELECT at_x, near, removed_on FROM bed').all()).toEqual([
          { at_x: null, near: '[]', removed_on: null },
        ]);
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

describe('treatments of a filled garden', () => {
  /** As version 7 left it: one treatment under way, one ended, ticks made and taken back, looks of every kind. */
  function filled(): string {
    const file = fileAtVersion(7);
    const db = new Database(file);
    db.exec(`
      INSERT INTO treatment (id, case_id, remedy, strength, chosen_on, ended_on) VALUES
        ('soap', 'c', 'soap-spray', 1.5, '2025-06-01', NULL),
        ('jet', 'c', 'water-jet', NULL, '2025-06-01', '2025-06-03');
      INSERT INTO step_event (treatment_id, step, outcome, on_date) VALUES
        ('soap', 'count', 'done', '2025-06-01'), ('soap', 'test-leaf', 'skipped', '2025-06-01'),
        ('soap', 'spray', 'done', '2025-06-01'), ('soap', 'spray', 'undone', '2025-06-01'),
        ('soap', 'spray', 'done', '2025-06-02'), ('jet', 'jet', 'done', '2025-06-03');
      INSERT INTO plan_position VALUES ('soap', 'spray-2', '2025-06-07', 18);
      INSERT INTO look (id, case_id, treatment_id, kind, looked_on, counts) VALUES
        ('l1', 'c', 'soap', 'before', '2025-06-02', '[20,30,40]'), ('l2', 'c', NULL, 'after', '2025-06-08', '[1,0,2]'),
        ('l3', 'c', NULL, 'untreated-before', '2025-06-02', '[21,29,40]'),
        ('l4', 'c', NULL, 'untreated-after', '2025-06-08', '[25,24,30]');
      INSERT INTO log (command_id, at, on_date, command, case_id, body, result) VALUES
        ('old-command-1', '2025-06-02T10:00:00Z', '2025-06-02', 'record-step', 'c',
         '{"treatmentId":"soap","step":"spray","outcome":"done"}', '{}');
      INSERT INTO batch (id, kind, name, pattern, started_on, volume_ml, warmth) VALUES
        ('b', 'weed', 'Nettles', 0, '2025-05-01', 5000, 18);
      INSERT INTO batch_event (batch_id, kind, on_date, ml) VALUES
        ('b', 'stirred', '2025-05-02', NULL), ('b', 'used', '2025-06-01', 250);
    `);
    db.close();
    return file;
  }

  test('are jobs with their strength, what was put on and when, and the counts before and after', async () => {
    const file = filled();
    const db = openDatabase(file);
    const now = () => new Date('2025-06-08T18:00:00Z');
    const api = supertest(createApp({ db, tables: knowledge, clock: now }));
    const view = caseView.parse((await api.get('/api/cases/c').expect(200)).body);
    const soap = view.jobs.find(({ id }) => id === 'soap');
    // A brew keeps what was noted of it, and what was taken.
    const brews = benchView.parse((await api.get('/api/bench').expect(200)).body).batches;
    expect(brews).toMatchObject([{ id: 'b', leftMl: 4750, lastEvent: { kind: 'used', ml: 250 } }]);
    expect(soap).toMatchObject({
      remedy: 'soap-spray',
      chosenOn: '2025-06-01',
      endedOn: null,
      amounts: { strength: 1.5, volumeMl: 1500 },
      places: [{ bedId: 'b', plantingId: 'p' }],
      applied: [{ on: '2025-06-02' }],
      counts: [
        { id: 'l3', when: 'before', isTreated: false },
        { id: 'l1', when: 'before', isTreated: true },
        { id: 'l2', when: 'after', isTreated: true },
        { id: 'l4', when: 'after', isTreated: false },
      ],
      follow: { verdict: 'on-the-way', change: { againstUntreated: true } },
    });
    expect(Object.fromEntries(soap?.steps.map(({ step, state }) => [step, state]) ?? [])).toMatchObject({
      count: 'done',
      'test-leaf': 'skipped',
      'test-look': 'passed',
      spray: 'done',
    });
    expect(view.jobs.find(({ id }) => id === 'jet')).toMatchObject({
      endedOn: '2025-06-03',
      applied: [{ on: '2025-06-03' }],
    });
    // A line of the log that names what was then called a treatment is told with its step.
    expect(view.log[0]?.says).toMatch(/^Step: Spray undersides/);
    expect(db.pragma('foreign_key_check')).toEqual([]);
    db.close();
    fs.rmSync(path.dirname(file), { recursive: true, force: true });
  });
});
