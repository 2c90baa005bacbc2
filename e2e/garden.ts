import { spawn, spawnSync, type ChildProcess } from 'node:child_process';
import fs from 'node:fs';
import path from 'node:path';
import { expect, test as base } from '@playwright/test';
import { tapsAllowed } from './taps-allowed';
import { countTaps } from './thumb';

export { expect } from '@playwright/test';

const root = path.resolve(__dirname, '..');

/** The server of a journey: taken out of reach, and brought back with the same garden. */
export interface Garden {
  stop(): Promise<void>;
  start(): Promise<void>;
}

/** Each journey stands on a demo garden of its own: what one leaves behind weighs in no other. */
export const test = base.extend<{
  garden: Garden;
  thumb: () => number;
  port: number;
  opens: 'demo' | 'start';
  passphrase: string;
}>({
  port: [4399, { option: true }],
  /** The made-up garden, or one's own, empty. */
  opens: ['demo', { option: true }],
  /** Behind which the garden is shared in the house; empty: it is not. */
  passphrase: ['', { option: true }],
  thumb: [
    async ({ page }, hand, info) => {
      const taps = await countTaps(page);
      await hand(taps);
      const allowed = tapsAllowed[info.title];
      if (process.env.TAPS) console.log(`TAPS\t${info.project.name}\t${taps()}\t${info.title}`);
      if (allowed !== undefined && info.status === 'passed')
        expect(taps(), 'more taps than this journey may take').toBeLessThanOrEqual(allowed);
    },
    { auto: true },
  ],
  baseURL: async ({ port }, hand) => hand(`http://127.0.0.1:${port}`),
  garden: [
    async ({ port, opens, passphrase }, hand) => {
      const data = path.join(root, 'build', `e2e-${port}`);
      fs.rmSync(data, { recursive: true, force: true });
      fs.cpSync(await asNew(opens, port), data, { recursive: true });
      if (passphrase !== '')
        spawnSync(process.execPath, ['build/trowel.mjs', 'passphrase', '--data', data], {
          cwd: root,
          input: `${passphrase}\n`,
        });
      const shared = passphrase === '' ? [] : ['--lan'];
      const since = Date.now();
      // While a server is away the day goes on: what was pressed then is told from what was pressed before.
      const begin = () => serve(Date.now() - since, opens, '--port', `${port}`, '--data', data, ...shared);
      let running = begin();
      const stop = () => end(running);
      const start = async () => {
        running = begin();
        await opened(running.server);
      };
      try {
        await opened(running.server);
        await hand({ stop, start });
      } finally {
        await stop();
        fs.rmSync(data, { recursive: true, force: true });
      }
    },
    { auto: true },
  ],
});

interface Running {
  readonly server: ChildProcess;
  readonly ended: Promise<void>;
}
/** A fixed day in June, so that the garden is in leaf whenever this runs. */
const inJune = Date.parse('2026-06-10T15:40:00Z');
/**
 * @param laterMs how long after the beginning
 * @param words how it is opened, and where
 */
function serve(laterMs: number, ...words: string[]): Running {
  const now = new Date(inJune + laterMs).toISOString();
  const server = spawn(process.execPath, ['build/trowel.mjs', ...words, '--now', now], {
    cwd: root,
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  return { server, ended: new Promise((resolve) => server.once('exit', () => resolve())) };
}
async function end({ server, ended }: Running): Promise<void> {
  server.kill();
  await ended;
}

const made: Partial<Record<'demo' | 'start', Promise<string>>> = {};
/**
 * The folder of a garden that nobody has touched. A season is laid once, and each journey gets a copy: laying one takes
 * longer than most journeys do.
 */
const asNew = (opens: 'demo' | 'start', port: number): Promise<string> =>
  (made[opens] ??= (async () => {
    const data = path.join(root, 'build', `e2e-${opens}`);
    fs.rmSync(data, { recursive: true, force: true });
    const laying = serve(0, opens, '--port', `${port}`, '--data', data);
    await opened(laying.server);
    await end(laying);
    return data;
  })());

/** Until the server says that it is open. @throws Error when it ends before. */
const opened = (server: ChildProcess): Promise<void> =>
  new Promise((resolve, reject) => {
    server.stdout?.once('data', () => resolve());
    server.once('exit', (code) => reject(new Error(`the server ended with ${code} before it was open`)));
  });
