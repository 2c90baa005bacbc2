import fs from 'node:fs';
import { createServer, type IncomingMessage, type Server, type ServerResponse } from 'node:http';
import { createServer as createSecureServer } from 'node:https';
import path from 'node:path';
import { salvagedWords } from '@trowel/core/wording';
import { knowledge } from '@trowel/knowledge/reader';
import { createApp } from './app';
import { gardenTime, type Clock } from './clock';
import { lastWrittenIn, migrations, openDatabase, versionOf, type Db } from './database';
import { storyMoment } from './demo/day';
import { seedDemo } from './demo/seed';
import { HouseholdBook } from './household/book';
import { ownAddresses } from './household/gate';
import { backUp, backUpDaily, holdFolder, keepings, mustBeWhole, restore, setAside, stampOf } from './keep';
import { planner, type Planner } from './planner';
import { damageIn, forgetSalvaged, salvage, salvagedIn } from './salvage';
import { isSetUp, oneGarden, saveGarden } from './store/garden';
import { dropLoosePhotos } from './store/photos';
import { inTransaction } from './store/remembered';
import { longWork } from './thread';
import { tourFrom } from './tour';
import { Turns } from './turns';
import { prepareTowns } from './towns';
import { settleOld } from './views/learnt';
import type { Deps } from './views/plan';

export interface ServeOptions {
  readonly port: number;
  readonly dataDir: string;
  readonly webRoot: string;
  /** The file that runs: heavy work is done by it on another thread. */
  readonly program: URL;
  readonly demo: boolean;
  readonly reset: boolean;
  /** Asked before a garden is set aside. */
  readonly mayReset: (file: string) => Promise<boolean>;
  /** Also for the other devices of the house. */
  readonly isShared?: boolean;
  /** A certificate and its key, as files. */
  readonly tls?: { readonly cert: string; readonly key: string };
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
  tap_treatment: 'unknown',
  usual_hour: 17,
  climate: null,
} as const;

/**
 * Takes the port, then the folder, and only then touches the data: backs it up, opens and if need be fills it, and
 * answers on this machine only.
 */
export async function serve(options: ServeOptions): Promise<void> {
  if (!fs.existsSync(path.join(options.webRoot, 'index.html')))
    throw new Error(`the app is not built: ${options.webRoot} has no index.html`);
  // What is written here is for its owner alone.
  process.umask(0o077);
  const file = gardenFile(options.dataDir, options.demo);
  const clock = clockFrom(
    options.now ??
      (options.demo ? storyMoment(new Date(), options.reset ? undefined : lastWrittenIn(file)) : undefined),
  );
  const book = new HouseholdBook(options.dataDir);
  if (options.isShared && !book.hasPassphrase)
    throw new Error(
      'A garden is shared in the house only behind a passphrase. Set one with ./trowel passphrase, or in the app (Garden, Keep and carry), then start again with --lan.',
    );
  const door = await listen(options);
  await prepareTowns();
  const opened = { db: await openData(options, clock) };
  const tour = tourFrom(options.program);
  const long = longWork(options.program);
  const turns = new Turns();
  const house = {
    book,
    clock: () => new Date(),
    port: options.port,
    isShared: options.isShared ?? false,
    isSecure: options.tls !== undefined,
  };
  let planning: Planner | undefined;
  /** The garden as it lies in the file now; after a restore, another one. */
  const open = () => {
    const deps = { db: opened.db, tables: knowledge, clock, turns };
    planning = planner(deps, options.program, (broken) =>
      process.stderr.write(`The plan could not be thought over; the first one stands: ${broken}\n`),
    );
    door.opens(
      createApp({
        ...deps,
        webRoot: options.webRoot,
        afterMove: () => planning?.asked(),
        planning,
        tour,
        long,
        file,
        household: house,
        keeper: {
          list: () => keepings(file),
          salvaged: () => salvagedIn(file) ?? null,
          salvageWasRead: () => forgetSalvaged(file),
          backUp: () => long('backUp', { file, named: stampOf(new Date()) }),
          restore: (name) =>
            turns.briefly(() => {
              const kept = path.join(options.dataDir, name);
              mustBeWhole(kept);
              planning?.stop();
              opened.db.close();
              try {
                restore(file, kept, new Date());
              } finally {
                opened.db = openDatabase(file);
                open();
              }
            }),
        },
      }),
    );
    dropLoosePhotos(opened.db);
    settleInPieces(deps);
  };
  open();
  // It takes a second to get to know the words and what they speak for: before anybody waits for it.
  const first = { name: 'weigh', body: { said: 'sticky leaves, and ants', plant: 'tomato' } } as const;
  setTimeout(() => void long('ask', first).catch(() => undefined), startsAfter).unref();
  if (!options.demo)
    setInterval(() => {
      long('backUpDaily', { file, at: new Date().toISOString() }).catch((error: Error) =>
        process.stderr.write(`No backup was made: ${error.message}\n`),
      );
    }, daily).unref();
  if (options.demo) {
    const { today } = gardenTime(clock(), oneGarden(opened.db).time_zone);
    process.stdout.write(`The made-up garden stands on ${today}; --now DAY puts it on another day.\n`);
  }
  const scheme = options.tls ? 'https' : 'http';
  process.stdout.write(`Wise Trowel is open at ${scheme}://127.0.0.1:${options.port}\n`);
  if (options.isShared) {
    for (const address of ownAddresses())
      process.stdout.write(`In the house: ${scheme}://${address}:${options.port}\n`);
    if (!options.tls)
      process.stdout.write(
        'Without a certificate what is sent can be read by anyone in the same network, the passphrase too; pairing by a code shows less. --tls-cert and --tls-key close that.\n',
      );
  }
  stopGracefully(door.server, () => {
    planning?.stop();
    return opened.db;
  });
}

/** A few at a time, so that nobody waits for what was closed years ago. */
function settleInPieces(deps: Pick<Deps, 'db' | 'tables'> & { readonly turns: Turns }): void {
  const { db, tables, turns } = deps;
  // Another one may have been put in its place.
  if (!db.open) return;
  const isDone = !turns.isTaken && inTransaction(db, 'write', () => settleOld(db, tables, 4)) === 0;
  if (!isDone) setTimeout(() => settleInPieces(deps), 20).unref();
}

/** The file of a garden in its folder. */
export const gardenFile = (dataDir: string, demo: boolean): string =>
  path.join(dataDir, demo ? 'demo.sqlite' : 'garden.sqlite');

const daily = 86_400_000;
/** ms after which the thread that reads is begun: the page comes first. */
const startsAfter = 100;

async function openData({ dataDir, demo, reset, port, mayReset }: ServeOptions, clock: Clock): Promise<Db> {
  holdFolder(dataDir, { pid: process.pid, port, since: new Date().toISOString() });
  const file = gardenFile(dataDir, demo);
  if (reset && fs.existsSync(file)) {
    if (!(await mayReset(file))) throw new Error('Nothing was changed. To begin anew, say --reset --yes.');
    const aside = setAside(file, new Date());
    process.stdout.write(`What was there now lies in ${aside}\n`);
  }
  if (fs.existsSync(file)) {
    if (fs.statSync(file).size === 0)
      throw new Error(
        `${file} is empty: that is no garden. Put a backup in its place with ./trowel restore, or move the file away to begin anew.`,
      );
    saveFromDamage(file);
    const version = versionOf(file);
    if (version < migrations.length) backUp(file, `before-version-${migrations.length}`);
    if (!demo) backUpDaily(file, new Date());
  }
  const db = openDatabase(file);
  if (demo) seedDemo(db, knowledge, clock());
  else if (!isSetUp(db)) saveGarden(db, emptyGarden);
  return db;
}

/** A file with damaged pages is built anew from what can be read, before anything else is done with it. */
function saveFromDamage(file: string): void {
  const damage = damageIn(file);
  if (damage === undefined) return;
  try {
    process.stderr.write(`${salvagedWords(salvage(file, new Date())).join('\n')}\n`);
  } catch (error) {
    throw new Error(
      `${file} is damaged (${damage}) and not enough of it can be read to build it anew (${(error as Error).message}). Put a backup in its place with ./trowel restore; the damaged file is then moved aside, not deleted.`,
    );
  }
}

/** A clock that runs on from a given moment, or the real one. */
function clockFrom(now: Date | undefined): Clock {
  if (now === undefined) return () => new Date();
  const shift = now.getTime() - Date.now();
  return () => new Date(Date.now() + shift);
}

/** Takes the port at once; who comes before the garden is open is asked to come again. */
function listen({ port, isShared, tls }: Pick<ServeOptions, 'port' | 'isShared' | 'tls'>): Promise<{
  server: Server;
  opens: (app: ReturnType<typeof createApp>) => void;
}> {
  let app: ReturnType<typeof createApp> | undefined;
  const answer = (request: IncomingMessage, response: ServerResponse) => {
    if (app) app(request, response);
    else response.writeHead(503, { 'Retry-After': '1' }).end();
  };
  return new Promise((resolve, reject) => {
    const server = tls
      ? createSecureServer({ cert: fs.readFileSync(tls.cert), key: fs.readFileSync(tls.key) }, answer)
      : createServer(answer);
    server.once('error', reject);
    server.listen(port, isShared ? '0.0.0.0' : '127.0.0.1', () =>
      resolve({ server, opens: (opened) => void (app = opened) }),
    );
  });
}

/** On a signal: take no new requests, finish those under way, close the file. @param done stops what works on it */
function stopGracefully(server: Server, done: () => Db): void {
  const stop = () => {
    const db = done();
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
