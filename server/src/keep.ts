import fs from 'node:fs';
import path from 'node:path';
import Database from 'better-sqlite3';

/** The folder of a garden: who holds it, what is set aside, and its backups. */

const endings = ['', '-wal', '-shm'] as const;

export interface Holder {
  readonly pid: number;
  readonly port: number;
  readonly since: string;
}

/**
 * Takes a folder for this process alone. The lock is the system's, on a file in it: it ends with the process, however
 * that ends, and none is left lying.
 * @throws Error saying who holds it
 */
export function holdFolder(dataDir: string, holder: Holder): void {
  fs.mkdirSync(dataDir, { recursive: true });
  const says = path.join(dataDir, 'held-by.json');
  const lock = new Database(path.join(dataDir, 'lock.sqlite'), { timeout: 0 });
  try {
    lock.pragma('locking_mode = EXCLUSIVE');
    lock.exec('BEGIN EXCLUSIVE');
  } catch (error) {
    if (!/SQLITE_BUSY/.test(String((error as { code?: unknown }).code))) throw error;
    throw new Error(
      `The folder ${dataDir} is held by another Wise Trowel${heldBy(says)}. Stop it first, or choose another folder with --data.`,
    );
  }
  held.push(lock);
  fs.writeFileSync(says, JSON.stringify(holder));
}

/** Kept open as long as the process lives: closed, a lock is no lock. */
const held: Database.Database[] = [];

function heldBy(file: string): string {
  try {
    const { pid, port, since } = JSON.parse(fs.readFileSync(file, 'utf8')) as Holder;
    return ` (process ${pid}, open at http://127.0.0.1:${port} since ${since})`;
  } catch {
    return '';
  }
}

/** A moment as part of a file's name. */
export const stampOf = (now: Date): string => now.toISOString().slice(0, 19).replaceAll(':', '-');

/** Moves a garden into a dated folder beside it, whole; nothing is deleted. @returns the folder, or undefined where there was none */
export function setAside(file: string, now: Date): string | undefined {
  if (!fs.existsSync(file)) return undefined;
  const folder = path.join(path.dirname(file), `set-aside-${stampOf(now)}`);
  fs.mkdirSync(folder, { recursive: true });
  for (const ending of endings)
    if (fs.existsSync(file + ending)) fs.renameSync(file + ending, path.join(folder, path.basename(file) + ending));
  return folder;
}

/** Daily backups are kept for so many days; beyond that one a month, for so many months. */
const daysKept = 14;
const monthsKept = 24;

const backupsOf = (file: string): string => path.join(path.dirname(file), 'backups');
const nameOf = (file: string): string => path.basename(file, '.sqlite');

/**
 * A copy of a garden as it stands, also while it is written to, opened and checked before it counts. One of the same
 * name is replaced.
 * @returns the file
 * @throws Error where the copy is not whole
 */
export function backUp(file: string, label: string): string {
  const folder = backupsOf(file);
  fs.mkdirSync(folder, { recursive: true });
  const copy = path.join(folder, `${nameOf(file)}-${label}.sqlite`);
  const half = `${copy}.half`;
  fs.rmSync(half, { force: true });
  const db = new Database(file, { readonly: true });
  try {
    db.prepare('VACUUM INTO ?').run(half);
  } finally {
    db.close();
  }
  mustBeWhole(half);
  fs.renameSync(half, copy);
  return copy;
}

/** @throws Error where a file is no garden, or is damaged */
export function mustBeWhole(file: string): void {
  const db = new Database(file, { readonly: true, fileMustExist: true });
  try {
    const found = db.pragma('integrity_check', { simple: true });
    if (found !== 'ok') throw new Error(`${file} is damaged: ${String(found)}`);
    const tables = db.prepare("SELECT COUNT(*) FROM sqlite_master WHERE name IN ('garden', 'log')").pluck().get();
    if (tables !== 2) throw new Error(`${file} holds no garden`);
  } finally {
    db.close();
  }
}

/** Once a day: a backup, and the old ones thinned out. @returns the file, or undefined where today has one already */
export function backUpDaily(file: string, now: Date): string | undefined {
  const today = now.toISOString().slice(0, 10);
  if (!fs.existsSync(file) || fs.existsSync(path.join(backupsOf(file), `${nameOf(file)}-${today}.sqlite`)))
    return undefined;
  const copy = backUp(file, today);
  thinOut(file);
  return copy;
}

/** Only daily ones: what was made before a migration or by hand stays. */
function thinOut(file: string): void {
  const folder = backupsOf(file);
  const pattern = new RegExp(`^${nameOf(file)}-(\\d{4}-\\d{2}-\\d{2})\\.sqlite$`);
  const dated = fs
    .readdirSync(folder)
    .flatMap((name) => {
      const day = pattern.exec(name)?.[1];
      return day === undefined ? [] : [{ name, day }];
    })
    .sort((a, b) => b.day.localeCompare(a.day));
  const kept = new Set(dated.slice(0, daysKept).map(({ name }) => name));
  const months = new Map<string, string>();
  // The first of each month stands for it.
  for (const { name, day } of dated) months.set(day.slice(0, 7), name);
  [...months.values()].slice(0, monthsKept).forEach((name) => kept.add(name));
  for (const { name } of dated) if (!kept.has(name)) fs.rmSync(path.join(folder, name));
}

/**
 * Puts a backup in the place of a garden, which is set aside first. The backup is checked before anything is moved.
 * @returns where the garden that stood there is now, if there was one
 */
export function restore(file: string, backup: string, now: Date): string | undefined {
  mustBeWhole(backup);
  // One that was moved aside may have its last writes in a file beside it; the copy has them in itself.
  const half = `${file}.half`;
  fs.rmSync(half, { force: true });
  const db = new Database(backup, { readonly: true });
  try {
    db.prepare('VACUUM INTO ?').run(half);
  } finally {
    db.close();
  }
  const aside = setAside(file, now);
  fs.renameSync(half, file);
  return aside;
}

/** Something that a garden can be put back to. */
export interface Keeping {
  /** By which it is asked for. */
  readonly name: string;
  /** A backup, or a garden that stood here and was moved aside. */
  readonly kind: 'backup' | 'aside';
  /** Instant at which it was last written. */
  readonly at: string;
  readonly bytes: number;
}

/** Everything that a garden can be put back to, the newest first. */
export function keepings(file: string): Keeping[] {
  const folder = path.dirname(file);
  const described = (name: string, kind: Keeping['kind']): Keeping => {
    const { mtime, size } = fs.statSync(path.join(folder, name));
    return { name, kind, at: mtime.toISOString(), bytes: size };
  };
  const namesIn = (place: string) => (fs.existsSync(place) ? fs.readdirSync(place) : []);
  const backups = namesIn(backupsOf(file))
    .filter((name) => name.startsWith(`${nameOf(file)}-`) && name.endsWith('.sqlite'))
    .map((name) => described(path.join('backups', name), 'backup'));
  const aside = namesIn(folder)
    .filter((name) => name.startsWith('set-aside-') && fs.existsSync(path.join(folder, name, path.basename(file))))
    .map((name) => described(path.join(name, path.basename(file)), 'aside'));
  return [...backups, ...aside].sort((a, b) => b.at.localeCompare(a.at) || a.name.localeCompare(b.name));
}
