import Database from 'better-sqlite3';
import fs from 'node:fs';
import garden from './migrations/001_garden.sql';
import clinic from './migrations/002_clinic.sql';
import harvest from './migrations/003_harvest.sql';
import climate from './migrations/004_climate.sql';
import bench from './migrations/005_bench.sql';
import logByDay from './migrations/006_log_by_day.sql';
import sure from './migrations/007_sure.sql';
import job from './migrations/008_job.sql';
import sizes from './migrations/009_sizes.sql';
import plot from './migrations/010_plot.sql';
import times from './migrations/011_times.sql';
import moves from './migrations/012_moves.sql';
import photos from './migrations/013_photos.sql';
import years from './migrations/014_years.sql';
import takings from './migrations/015_takings.sql';
import trials from './migrations/016_trials.sql';
import counting from './migrations/017_counting.sql';
import measured from './migrations/018_measured.sql';
import area from './migrations/019_area.sql';
import weather from './migrations/020_weather.sql';
import routines from './migrations/021_routines.sql';
import tried from './migrations/022_tried.sql';

export type Db = Database.Database;

/** In order, never changed once released: user_version counts those that have run. */
export const migrations: readonly { readonly name: string; readonly sql: string }[] = [
  { name: '001_garden', sql: garden },
  { name: '002_clinic', sql: clinic },
  { name: '003_harvest', sql: harvest },
  { name: '004_climate', sql: climate },
  { name: '005_bench', sql: bench },
  { name: '006_log_by_day', sql: logByDay },
  { name: '007_sure', sql: sure },
  { name: '008_job', sql: job },
  { name: '009_sizes', sql: sizes },
  { name: '010_plot', sql: plot },
  { name: '011_times', sql: times },
  { name: '012_moves', sql: moves },
  { name: '013_photos', sql: photos },
  { name: '014_years', sql: years },
  { name: '015_takings', sql: takings },
  { name: '016_trials', sql: trials },
  { name: '017_counting', sql: counting },
  { name: '018_measured', sql: measured },
  { name: '019_area', sql: area },
  { name: '020_weather', sql: weather },
  { name: '021_routines', sql: routines },
  { name: '022_tried', sql: tried },
];

/**
 * Opens a database file and brings it up to date.
 * @param file a path, or ':memory:'
 * @throws Error when the file is from a newer version of the product.
 */
export function openDatabase(file: string | Buffer): Db {
  const db = new Database(file);
  db.pragma('journal_mode = WAL');
  // FULL: what has been acknowledged survives a power cut, not only a killed process.
  db.pragma('synchronous = FULL');
  db.pragma('foreign_keys = ON');
  db.pragma('busy_timeout = 3000');
  migrate(db);
  return db;
}

/** How far a file has been brought up to date. */
export function versionOf(file: string): number {
  const db = new Database(file, { readonly: true });
  try {
    return db.pragma('user_version', { simple: true }) as number;
  } finally {
    db.close();
  }
}

/** Instant of the last act in a file; undefined where there is none, or nothing was done yet. */
export function lastWrittenIn(file: string): string | undefined {
  if (!fs.existsSync(file) || versionOf(file) === 0) return undefined;
  const db = new Database(file, { readonly: true });
  try {
    return (db.prepare('SELECT MAX(at) FROM log').pluck().get() as string | null) ?? undefined;
  } finally {
    db.close();
  }
}

/**
 * A garden in memory as a version had it, and on from there.
 * @param on the one to bring up to date; left out, a new one
 */
export function openAt(version: number, on: Db = new Database(':memory:')): Db {
  migrate(on, version);
  return on;
}

function migrate(db: Db, upTo = migrations.length): void {
  const done = db.pragma('user_version', { simple: true }) as number;
  if (done > migrations.length)
    throw new Error(`this garden was written by a newer version (${done} against ${migrations.length}); update first`);
  migrations.slice(done, upTo).forEach(({ sql }, index) => {
    db.transaction(() => {
      db.exec(sql);
      db.pragma(`user_version = ${done + index + 1}`);
    })();
  });
}
