import fs from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import type { Salvaged } from '@trowel/core/contract';
import { knowledge } from '@trowel/knowledge/reader';
import { bundleOf } from '../src/bundle';
import { openDatabase } from '../src/database';
import { seedDemo } from '../src/demo/seed';
import { backUp, mustBeWhole } from '../src/keep';
import { isSetUp } from '../src/store/garden';
import { damageIn, forgetSalvaged, salvage, salvagedIn } from '../src/salvage';
import { todayViewOf } from '../src/views/garden';

const now = new Date('2026-06-12T08:00:00Z');
const pageSize = 4096;

let folder: string;
let whole: Buffer;
let rowsBefore: Record<string, string[]>;
const fileIn = (name: string) => path.join(folder, name, 'garden.sqlite');

/** Every row of a file, by table, as text. */
function rowsOf(file: string): Record<string, string[]> {
  const db = openDatabase(file);
  const { tables } = bundleOf(db, now);
  db.close();
  return Object.fromEntries(
    Object.entries(tables).map(([table, rows]) => [table, rows.map((row) => JSON.stringify(row))]),
  );
}

beforeAll(() => {
  folder = fs.mkdtempSync(path.join(os.tmpdir(), 'trowel-damage-'));
  const file = path.join(folder, 'whole.sqlite');
  const db = openDatabase(file);
  seedDemo(db, knowledge, now);
  db.pragma('wal_checkpoint(TRUNCATE)');
  db.close();
  whole = fs.readFileSync(file);
  rowsBefore = rowsOf(file);
});
afterAll(() => fs.rmSync(folder, { recursive: true, force: true }));

/** A garden in a folder of its own, with one page overwritten. */
function damaged(page: number, hasBackup: boolean): string {
  const file = fileIn(`${page}-${hasBackup ? 'kept' : 'alone'}`);
  fs.mkdirSync(path.dirname(file), { recursive: true });
  fs.writeFileSync(file, whole);
  if (hasBackup) backUp(file, '2026-06-11');
  const bytes = Buffer.from(whole);
  bytes.fill(0xa5, (page - 1) * pageSize, page * pageSize);
  fs.writeFileSync(file, bytes);
  return file;
}

/** What was saved; undefined where the list of the tables itself is damaged, and then the file is as it was. */
function saveIt(file: string): Salvaged | undefined {
  const before = fs.readFileSync(file);
  try {
    return salvage(file, now);
  } catch (error) {
    expect(String(error)).toMatch(/malformed|not a database/);
    expect(fs.readFileSync(file).equals(before)).toBe(true);
    notSaved.push(file);
    return undefined;
  }
}
const notSaved: string[] = [];

/** Pages all over the file, each other run the same. */
const somePages = (howMany: number): number[] => {
  const pages = whole.length / pageSize;
  return Array.from({ length: howMany }, (_, at) => 2 + Math.floor(((pages - 3) * at) / (howMany - 1)));
};

describe('a file with a damaged page', () => {
  test('is built anew from what can be read: nothing is made up, and what is missing is told', () => {
    let lostAtAll = 0;
    for (const page of somePages(24)) {
      const file = damaged(page, false);
      if (damageIn(file) === undefined) continue;
      const saved = saveIt(file);
      if (!saved) continue;
      const { tables, aside } = saved;
      mustBeWhole(file);
      expect(fs.existsSync(path.join(path.dirname(file), aside, 'garden.sqlite'))).toBe(true);
      const after = rowsOf(file);
      for (const [table, rows] of Object.entries(rowsBefore)) {
        const before = new Set(rows);
        expect((after[table] ?? []).filter((row) => !before.has(row))).toEqual([]);
        const missing = rows.length - (after[table]?.length ?? 0);
        const told = tables.find((one) => one.table === table);
        lostAtAll += missing;
        if (told?.mayBeMore) expect(missing).toBeGreaterThanOrEqual(told.lost);
        else expect([page, table, told?.lost ?? 0]).toEqual([page, table, missing]);
      }
      const db = openDatabase(file);
      if (isSetUp(db)) expect(todayViewOf({ db, tables: knowledge, clock: () => now }).today).toBe('2026-06-12');
      db.close();
      expect(salvagedIn(file)?.tables).toEqual(tables);
      forgetSalvaged(file);
      expect(salvagedIn(file)).toBeUndefined();
    }
    expect(notSaved.length).toBeLessThan(4);
    // The damage was real.
    expect(lostAtAll).toBeGreaterThan(20);
  });

  test('takes what it cannot read from the last backup, and then hardly anything is missing', () => {
    let [lost, fromBackup] = [0, 0];
    for (const page of somePages(12)) {
      const file = damaged(page, true);
      if (damageIn(file) === undefined) continue;
      const saved = saveIt(file);
      if (!saved) continue;
      for (const table of saved.tables) {
        lost += table.lost;
        fromBackup += table.fromBackup;
      }
      const after = rowsOf(file);
      for (const [table, rows] of Object.entries(rowsBefore))
        expect(rows).toEqual(expect.arrayContaining(after[table] ?? []));
    }
    expect(fromBackup).toBeGreaterThan(20);
    expect(lost).toBe(0);
  });

  test('takes nothing from another garden that lies beside it, as one does after a reset', () => {
    const other = path.join(folder, 'other.sqlite');
    const db = openDatabase(other);
    seedDemo(db, knowledge, new Date('2026-05-02T08:00:00Z'));
    db.pragma('wal_checkpoint(TRUNCATE)');
    db.close();
    let fromBackup = 0;
    for (const page of somePages(8)) {
      const file = damaged(page, false);
      const aside = path.join(path.dirname(file), 'set-aside-2026-06-11T08-00-00');
      fs.mkdirSync(aside, { recursive: true });
      fs.copyFileSync(other, path.join(aside, 'garden.sqlite'));
      if (damageIn(file) === undefined) continue;
      for (const table of saveIt(file)?.tables ?? []) fromBackup += table.fromBackup;
    }
    expect(fromBackup).toBe(0);
  });

  test('of which not even the first page can be read stays as it is, and that is said', () => {
    const file = damaged(1, false);
    const before = fs.readFileSync(file);
    expect(damageIn(file)).toMatch(/not a database/);
    expect(() => salvage(file, now)).toThrow(/not a database/);
    expect(fs.readFileSync(file).equals(before)).toBe(true);
  });
});
