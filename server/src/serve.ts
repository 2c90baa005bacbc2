import fs from 'node:fs';
import type { Server } from 'node:http';
import path from 'node:path';
import { knowledge } from '@trowel/knowledge/reader';
import { createApp } from './app';
import type { Clock } from './clock';
import { openDatabase, type Db } from './database';
import { seedDemo } from './demo/seed';
import { isSetUp, saveGarden } from './store/garden';

export interface ServeOptions {
  readonly port: number;
  readonly dataDir: string;
  readonly webRoot: string;
  readonly demo: boolean;
  readonly reset: boolean;
  /** Stand on another day, to see the garden in another season. */
  readonly now?: Date;
}

const emptyGarden = {
  name: 'My garden',
  latitude: 52,
  longitude: 0,
  time_zone: 'UTC',
  measures: 'metric',
  tap_hardness: 150,
  butt_hardness: 15,
  usual_hour: 17,
  climate: null,
} as const;

/** Opens (and if need be fills) the data, and listens on this machine only. */
export async function serve(options: ServeOptions): Promise<void> {
  if (!fs.existsSync(path.join(options.webRoot, 'index.html')))
    throw new Error(`the app is not built: ${options.webRoot} has no index.html`);
  const clock = clockFrom(options.now);
  const db = openData(options, clock);
  const app = createApp({ db, tables: knowledge, clock, webRoot: options.webRoot });
  const server = await listen(app, options.port);
  process.stdout.write(`Wise Trowel is open at http://127.0.0.1:${options.port}\n`);
  stopGracefully(server, db);
}

function openData({ dataDir, demo, reset }: ServeOptions, clock: Clock): Db {
  fs.mkdirSync(dataDir, { recursive: true });
  const file = path.join(dataDir, demo ? 'demo.sqlite' : 'garden.sqlite');
  if (reset) for (const ending of ['', '-wal', '-shm']) fs.rmSync(file + ending, { force: true });
  const db = openDatabase(file);
  if (demo) seedDemo(db, knowledge, clock());
  else if (!isSetUp(db)) saveGarden(db, emptyGarden);
  return db;
}

/** A clock that runs on from a given moment, or the real one. */
function clockFrom(now: Date | undefined): Clock {
  if (now === undefined) return () => new Date();
  const shift = now.getTime() - Date.now();
  return () => new Date(Date.now() + shift);
}

function listen(app: ReturnType<typeof createApp>, port: number): Promise<Server> {
  return new Promise((resolve, reject) => {
    const server = app.listen(port, '127.0.0.1', (error?: Error) => (error ? reject(error) : resolve(server)));
  });
}

/** On a signal: take no new requests, finish those under way, close the file. */
function stopGracefully(server: Server, db: Db): void {
  const stop = () => {
    server.close(() => {
      db.close();
      process.exit(0);
    });
    server.closeIdleConnections();
    // A request that hangs must not keep the door open for ever.
    setTimeout(() => server.closeAllConnections(), 3000).unref();
  };
  process.once('SIGTERM', stop);
  process.once('SIGINT', stop);
}
