import fs from 'node:fs';
import { createServer, request as ask, type IncomingHttpHeaders, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import os from 'node:os';
import path from 'node:path';
import { knowledge } from '@trowel/knowledge/reader';
import { createApp } from '../src/app';
import { openDatabase, type Db } from '../src/database';
import { HouseholdBook } from '../src/household/book';
import { saveGarden } from '../src/store/garden';
import { testPlot } from './plot';

/** A shared garden that really listens; other devices come from other addresses of the loopback net. */
let folder: string;
let db: Db;
let server: Server;
let moment: Date;
const word = 'seven pale radishes';

beforeEach(async () => {
  folder = fs.mkdtempSync(path.join(os.tmpdir(), 'trowel-house-'));
  db = openDatabase(':memory:');
  saveGarden(db, testPlot);
  moment = new Date('2026-06-10T09:00:00Z');
  const clock = () => moment;
  const book = new HouseholdBook(folder);
  const house = { book, clock, port: 4310, isShared: true, isSecure: false };
  server = createServer(createApp({ db, tables: knowledge, clock, household: house }));
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
});
afterEach(async () => {
  await new Promise((resolve) => server.close(resolve));
  db.close();
  fs.rmSync(folder, { recursive: true, force: true });
});

interface Answer {
  readonly status: number;
  readonly headers: IncomingHttpHeaders;
  readonly body: Record<string, never> & { detail?: string; code?: string; until?: string; devices?: Device[] };
}
interface Device {
  readonly id: string;
  readonly name: string;
  readonly isMe: boolean;
}
const here = '127.0.0.1';
const phone = '127.0.0.2';
const tablet = '127.0.0.3';

function send(
  from: string,
  route: string,
  body?: object,
  { cookie, host }: { cookie?: string; host?: string } = {},
): Promise<Answer> {
  const { port } = server.address() as AddressInfo;
  const text = body === undefined ? undefined : JSON.stringify(body);
  return new Promise((resolve, reject) => {
    const sent = ask(
      {
        host: here,
        port,
        path: `/api${route}`,
        method: text === undefined ? 'GET' : 'POST',
        localAddress: from,
        agent: false,
        headers: {
          Host: host ?? `127.0.0.1:${port}`,
          ...(text === undefined ? {} : { 'Content-Type': 'application/json' }),
          ...(cookie === undefined ? {} : { Cookie: cookie }),
        },
      },
      (response) => {
        const parts: Buffer[] = [];
        response.on('data', (part: Buffer) => parts.push(part));
        response.on('end', () =>
          resolve({
            status: response.statusCode ?? 0,
            headers: response.headers,
            body: JSON.parse(Buffer.concat(parts).toString() || '{}'),
          }),
        );
      },
    );
    sent.on('error', reject);
    sent.end(text);
  });
}
const cookieOf = ({ headers }: Answer): string => headers['set-cookie']?.[0]?.split(';')[0] ?? '';
const pair = async (from: string, name: string): Promise<string> => {
  const answer = await send(from, '/household/pair', { name, passphrase: word });
  expect(answer.status).toBe(200);
  return cookieOf(answer);
};

describe('a garden shared in the house', () => {
  test('another device gets nothing before it is paired, by no way in', async () => {
    for (const route of [
      '/today',
      '/garden',
      '/plan.ics',
      '/photos/x',
      '/bundle',
      '/sheets/counts',
      '/keep',
      '/household',
    ])
      expect([route, (await send(phone, route)).status]).toEqual([route, 401]);
    for (const route of [
      '/beds',
      '/mix',
      '/photos',
      '/bundle',
      '/sheets/counts',
      '/household/code',
      '/household/passphrase',
    ])
      expect([route, (await send(phone, route, {})).status]).toEqual([route, 401]);
    expect((await send(phone, '/today', undefined, { cookie: 'trowel-device=made-up' })).status).toBe(401);
    expect((await send(here, '/today')).status).toBe(200);
  });

  test('with the passphrase it is in: by a cookie that no script can read, and under its name in the log', async () => {
    expect((await send(here, '/household/passphrase', { passphrase: 'short' })).status).toBe(422);
    expect((await send(phone, '/household/pair', { name: 'Phone', passphrase: word })).status).toBe(403);
    expect((await send(here, '/household/passphrase', { passphrase: word })).status).toBe(200);
    const paired = await send(phone, '/household/pair', { name: 'Phone', passphrase: word });
    expect(paired.headers['set-cookie']?.[0]).toMatch(/HttpOnly; SameSite=Strict/);
    const cookie = cookieOf(paired);
    expect((await send(phone, '/beds', { name: 'Long Bed', setting: 'bed' }, { cookie })).status).toBe(200);
    await send(here, '/beds', { name: 'Gate Bed', setting: 'bed' });
    const { entries } = (await send(phone, '/log', undefined, { cookie })).body as unknown as {
      entries: { device: string | null }[];
    };
    expect(entries.map(({ device }) => device)).toEqual([null, 'Phone']);
    // Neither the word nor what the device shows stands in the file.
    const kept = fs.readFileSync(path.join(folder, 'household.json'), 'utf8');
    expect(kept).not.toContain(word);
    expect(kept).not.toContain(cookie.split('=')[1]);
    expect(fs.statSync(path.join(folder, 'household.json')).mode & 0o077).toBe(0);
    // The passphrase is set at the machine alone.
    expect((await send(phone, '/household/passphrase', { passphrase: 'another long word' }, { cookie })).status).toBe(
      403,
    );
  });

  test('a code lets one device in, for ten minutes', async () => {
    await send(here, '/household/passphrase', { passphrase: word });
    const { code = '' } = (await send(here, '/household/code', {})).body;
    expect(code).toMatch(/^\d{8}$/);
    const spoken = `${code.slice(0, 4)} ${code.slice(4)}`;
    expect((await send(phone, '/household/pair', { name: 'Phone', code: spoken })).status).toBe(200);
    expect((await send(tablet, '/household/pair', { name: 'Tablet', code })).status).toBe(403);
    const { code: late } = (await send(here, '/household/code', {})).body;
    moment = new Date(moment.getTime() + 601_000);
    expect((await send(tablet, '/household/pair', { name: 'Tablet', code: late })).status).toBe(403);
    for (const body of [{ name: 'Both', code, passphrase: word }, { name: 'None' }, { name: '', code }])
      expect((await send('127.0.0.9', '/household/pair', body)).status).toBe(422);
  });

  test('devices are named, two of one name told apart, and taken off', async () => {
    await send(here, '/household/passphrase', { passphrase: word });
    const one = await pair(phone, 'Phone');
    const two = await pair(tablet, 'Phone');
    const { devices = [] } = (await send(phone, '/household', undefined, { cookie: one })).body;
    expect(Object.fromEntries(devices.map(({ name, isMe }) => [name, isMe]))).toEqual({
      Phone: true,
      'Phone 2': false,
    });
    const other = devices.find(({ isMe }) => !isMe);
    expect((await send(phone, `/household/devices/${other?.id}/remove`, {}, { cookie: one })).status).toBe(200);
    expect((await send(tablet, '/today', undefined, { cookie: two })).status).toBe(401);
    expect((await send(phone, '/today', undefined, { cookie: one })).status).toBe(200);
    expect((await send(here, '/household/devices/nobody/remove', {})).status).toBe(404);
    // After a start anew it is known as before.
    expect(new HouseholdBook(folder).known(one.split('=')[1] ?? '', moment)?.name).toBe('Phone');
  });

  test('who guesses is stopped after five, who comes from many addresses after twenty', async () => {
    await send(here, '/household/passphrase', { passphrase: word });
    const guess = async (from: string) =>
      (await send(from, '/household/pair', { name: 'Guess', passphrase: 'not the passphrase' })).status;
    for (let n = 0; n < 5; n += 1) expect(await guess(phone)).toBe(403);
    expect(await guess(phone)).toBe(429);
    // It is not let in with the right one either, until time is over.
    expect((await send(phone, '/household/pair', { name: 'Phone', passphrase: word })).status).toBe(429);
    for (let n = 0; n < 14; n += 1) await guess(`127.0.1.${10 + n}`);
    expect(await guess('127.0.2.1')).toBe(429);
  });

  test('asked for under a name that is none of this machine it does not answer', async () => {
    for (const host of ['evil.example', 'evil.example:4310', 'localhost.evil.example'])
      expect((await send(here, '/today', undefined, { host })).status).toBe(421);
    const [address] = Object.values(os.networkInterfaces())
      .flatMap((list) => list ?? [])
      .filter(({ internal, family }) => !internal && family === 'IPv4');
    for (const host of [os.hostname(), ...(address ? [address.address] : [])])
      expect((await send(here, '/today', undefined, { host })).status).toBe(200);
  });
});
