import { spawn, spawnSync, type ChildProcess } from 'node:child_process';
import fs from 'node:fs';
import { request } from 'node:https';
import net from 'node:net';
import os from 'node:os';
import path from 'node:path';
import type { Readable } from 'node:stream';
import { answerWeigh } from '@trowel/core/headless';
import { readLine } from '@trowel/core/read';
import { knowledge } from '@trowel/knowledge/reader';
import Database from 'better-sqlite3';
import { buildSync } from 'esbuild';
import { generate } from 'selfsigned';
import { migrations, openDatabase } from '../src/database';
import { backUpDaily } from '../src/keep';

const root = path.resolve(__dirname, '../..');
let folder: string;
let bundle: string;

beforeAll(() => {
  folder = fs.mkdtempSync(path.join(root, 'build-test-'));
  bundle = path.join(folder, 'trowel.mjs');
  buildSync({
    entryPoints: [path.join(root, 'server/src/main.ts')],
    outfile: bundle,
    bundle: true,
    platform: 'node',
    format: 'esm',
    external: ['better-sqlite3', 'express', 'compression', 'helmet', 'ical-generator', 'luxon', 'highs'],
    loader: { '.sql': 'text' },
    banner: { js: "import { createRequire } from 'node:module'; const require = createRequire(import.meta.url);" },
  });
  fs.writeFileSync(path.join(folder, 'index.html'), '<!doctype html><title>app</title>');
});
afterAll(() => fs.rmSync(folder, { recursive: true, force: true }));

/** Whatever a test started and did not stop, also where it failed, is stopped after it. */
const started = new Set<ChildProcess>();
const run = (args: readonly string[]): ChildProcess & { stdout: Readable; stderr: Readable } => {
  const child = spawn(process.execPath, [bundle, ...args], { stdio: ['ignore', 'pipe', 'pipe'] });
  started.add(child);
  return child;
};
afterEach(() => {
  for (const child of started) child.kill('SIGKILL');
  started.clear();
});

const freePort = (): Promise<number> =>
  new Promise((resolve) => {
    const probe = net.createServer().listen(0, '127.0.0.1', () => {
      const { port } = probe.address() as net.AddressInfo;
      probe.close(() => resolve(port));
    });
  });

async function start(
  dataDir: string,
  flags: readonly string[] = [],
): Promise<{ child: ChildProcess; port: number; exit: Promise<number | null> }> {
  const port = await freePort();
  const child = run(['start', '--port', String(port), '--data', dataDir, '--web', folder, ...flags]);
  const exit = new Promise<number | null>((resolve) => child.once('exit', resolve));
  await new Promise<void>((resolve, reject) => {
    child.stdout?.on('data', (chunk: Buffer) => chunk.toString().includes('is open at') && resolve());
    child.once('exit', () => reject(new Error('the server stopped before it listened')));
  });
  return { child, port, exit };
}

const post = (port: number, route: string, body: object): Promise<Response> =>
  fetch(`http://127.0.0.1:${port}/api${route}`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify(body),
  });

describe('killed in the middle of writes', () => {
  test('it loses nothing that was acknowledged, three times over', async () => {
    const data = fs.mkdtempSync(path.join(os.tmpdir(), 'trowel-kill-'));
    const acknowledged: string[] = [];
    for (let round = 0; round < 3; round += 1) {
      const { child, port, exit } = await start(data);
      let alive = true;
      const writer = async (lane: number) => {
        for (let n = 0; alive; n += 1) {
          const name = `bed ${round}-${lane}-${n}`;
          const ok = await post(port, '/beds', { name, setting: 'bed' }).then(
            (response) => response.ok,
            () => false,
          );
          if (ok) acknowledged.push(name);
        }
      };
      const writers = [0, 1, 2, 3].map(writer);
      // Not a clock but the work itself says when: after forty more acknowledged writes.
      const enough = acknowledged.length + 40;
      while (acknowledged.length < enough) await new Promise((resolve) => setImmediate(resolve));
      child.kill('SIGKILL');
      await exit;
      alive = false;
      await Promise.all(writers);
    }
    const db = openDatabase(path.join(data, 'garden.sqlite'));
    const kept = new Set((db.prepare('SELECT name FROM bed').all() as { name: string }[]).map(({ name }) => name));
    expect(acknowledged.length).toBeGreaterThanOrEqual(120);
    expect(acknowledged.filter((name) => !kept.has(name))).toEqual([]);
    expect(db.pragma('integrity_check', { simple: true })).toBe('ok');
    // Every write has its log line: a command is done whole or not at all.
    expect((db.prepare('SELECT COUNT(*) AS n FROM log').get() as { n: number }).n).toBe(kept.size);
    db.close();
    fs.rmSync(data, { recursive: true, force: true });
  });

  test('asked to stop, it finishes and exits with 0', async () => {
    const data = fs.mkdtempSync(path.join(os.tmpdir(), 'trowel-stop-'));
    const { child, port, exit } = await start(data);
    await post(port, '/beds', { name: 'Gate Bed', setting: 'bed' });
    child.kill('SIGTERM');
    expect(await exit).toBe(0);
    fs.rmSync(data, { recursive: true, force: true });
  });

  test('a busy port gets a clear line', async () => {
    const data = fs.mkdtempSync(path.join(os.tmpdir(), 'trowel-busy-'));
    const { child, port, exit } = await start(data);
    const second = run(['start', '--port', String(port), '--data', data, '--web', folder]);
    let said = '';
    second.stderr.on('data', (chunk: Buffer) => (said += chunk.toString()));
    expect(await new Promise((resolve) => second.once('exit', resolve))).toBe(1);
    expect(said).toMatch(new RegExp(`Port ${port} is in use: choose another with --port`));
    child.kill('SIGTERM');
    await exit;
    fs.rmSync(data, { recursive: true, force: true });
  });
});

describe('nothing is destroyed by starting', () => {
  const startWith = (data: string, port: number, ...more: string[]) =>
    new Promise<{ code: number | null; said: string; child: ChildProcess }>((resolve) => {
      const child = run(['start', '--port', String(port), '--data', data, '--web', folder, ...more]);
      let said = '';
      const hear = (chunk: Buffer) => {
        said += chunk.toString();
        if (said.includes('is open at')) resolve({ code: null, said, child });
      };
      child.stdout.on('data', hear);
      child.stderr.on('data', hear);
      child.once('exit', (code) => resolve({ code, said, child }));
    });
  const bedsIn = async (port: number) =>
    ((await (await fetch(`http://127.0.0.1:${port}/api/garden`)).json()) as { beds: { name: string }[] }).beds.map(
      ({ name }) => name,
    );
  const newFolder = () => fs.mkdtempSync(path.join(os.tmpdir(), 'trowel-keep-'));

  test('a folder that a running server holds is not taken by a second one, and who holds it is said', async () => {
    const data = newFolder();
    const { child, port, exit } = await start(data);
    await post(port, '/beds', { name: 'Gate Bed', setting: 'bed' });
    for (const more of [[], ['--reset', '--yes']]) {
      const second = await startWith(data, await freePort(), ...more);
      expect(second.code).toBe(1);
      expect(second.said).toContain(`process ${child.pid}, open at http://127.0.0.1:${port}`);
    }
    // Nor on the port that is taken.
    expect((await startWith(data, port, '--reset', '--yes')).said).toContain(`Port ${port} is in use`);
    expect(await bedsIn(port)).toEqual(['Gate Bed']);
    // Killed, it holds nothing any more.
    child.kill('SIGKILL');
    await exit;
    const again = await start(data);
    expect(await bedsIn(again.port)).toEqual(['Gate Bed']);
    again.child.kill('SIGTERM');
    await again.exit;
    fs.rmSync(data, { recursive: true, force: true });
  });

  test('a reset wants a yes, and then moves the garden aside, whole', async () => {
    const data = newFolder();
    const first = await start(data);
    await post(first.port, '/beds', { name: 'Gate Bed', setting: 'bed' });
    first.child.kill('SIGTERM');
    await first.exit;
    const unsure = await startWith(data, await freePort(), '--reset');
    expect(unsure).toMatchObject({ code: 1 });
    expect(unsure.said).toContain('Nothing was changed');
    const port = await freePort();
    const sure = await startWith(data, port, '--reset', '--yes');
    expect(await bedsIn(port)).toEqual([]);
    sure.child.kill('SIGTERM');
    await new Promise((resolve) => sure.child.once('exit', resolve));
    const [aside = ''] = fs.readdirSync(data).filter((name) => name.startsWith('set-aside-'));
    const old = openDatabase(path.join(data, aside, 'garden.sqlite'));
    expect(old.prepare('SELECT name FROM bed').pluck().all()).toEqual(['Gate Bed']);
    old.close();
    fs.rmSync(data, { recursive: true, force: true });
  });

  test('a tap goes back to a backup while the garden is open, and to what stood there before', async () => {
    const data = newFolder();
    const { child, port, exit } = await start(data);
    const keep = async (route = '', body?: object) =>
      (body
        ? await post(port, `/keep${route}`, body)
        : await fetch(`http://127.0.0.1:${port}/api/keep`)
      ).json() as Promise<{ keepings: { name: string; kind: string }[]; unreadable: unknown[] }>;
    await post(port, '/beds', { name: 'Gate Bed', setting: 'bed' });
    const { keepings } = await keep('/backup', {});
    const [copy] = keepings;
    expect(copy?.kind).toBe('backup');
    await post(port, '/beds', { name: 'Long Bed', setting: 'bed' });
    const after = await keep('/restore', { name: copy?.name });
    expect(await bedsIn(port)).toEqual(['Gate Bed']);
    const aside = after.keepings.find(({ kind }) => kind === 'aside');
    await keep('/restore', { name: aside?.name });
    expect(await bedsIn(port)).toEqual(['Gate Bed', 'Long Bed']);
    // It goes on as before; nothing but what is listed is put back.
    await post(port, '/beds', { name: 'Sun Bed', setting: 'bed' });
    for (const name of ['../../etc/passwd', 'backups/../garden.sqlite', ''])
      expect([404, 422]).toContain((await post(port, '/keep/restore', { name })).status);
    fs.writeFileSync(path.join(data, 'backups', 'garden-broken.sqlite'), 'no garden');
    expect((await post(port, '/keep/restore', { name: path.join('backups', 'garden-broken.sqlite') })).ok).toBe(false);
    expect(await bedsIn(port)).toEqual(['Gate Bed', 'Long Bed', 'Sun Bed']);
    child.kill('SIGTERM');
    expect(await exit).toBe(0);
    fs.rmSync(data, { recursive: true, force: true });
  });

  test('a file with a damaged page is built anew at the start, and the garden says so until it was read', async () => {
    const data = newFolder();
    const file = path.join(data, 'garden.sqlite');
    const db = openDatabase(file);
    db.exec(`INSERT INTO garden (id, name, latitude, longitude, time_zone, measures, tap_hardness, butt_hardness, usual_hour)
      VALUES (1, 'Plot', 52, -4, 'UTC', 'metric', 180, 10, 17)`);
    const add = db.prepare("INSERT INTO bed (id, name, setting, note, walking_order) VALUES (?, ?, 'bed', ?, ?)");
    for (let n = 0; n < 60; n += 1) add.run(`b${n}`, `Bed ${n}`, 'clay '.repeat(60), n);
    db.pragma('wal_checkpoint(TRUNCATE)');
    const { rootpage } = db.prepare("SELECT rootpage FROM sqlite_master WHERE name = 'bed'").get() as {
      rootpage: number;
    };
    db.close();
    // A leaf of the beds: the last page of the file that says so much of clay.
    const bytes = fs.readFileSync(file);
    const at = Math.floor(bytes.lastIndexOf('clay clay clay') / 4096);
    expect(at + 1).not.toBe(rootpage);
    bytes.fill(0xff, at * 4096, (at + 1) * 4096);
    fs.writeFileSync(file, bytes);

    const { child, port, exit } = await start(data);
    const beds = await bedsIn(port);
    expect(beds.length).toBeGreaterThan(40);
    expect(beds.length).toBeLessThan(60);
    const saved = async () =>
      ((await (await fetch(`http://127.0.0.1:${port}/api/keep`)).json()) as { salvaged: unknown }).salvaged;
    expect(await saved()).toMatchObject({ tables: [{ table: 'bed', fromBackup: 0, lost: 60 - beds.length }] });
    await post(port, '/keep/salvage-read', {});
    expect(await saved()).toBeNull();
    child.kill('SIGTERM');
    expect(await exit).toBe(0);
    fs.rmSync(data, { recursive: true, force: true });
  });

  test('a backup is made each day and by hand, and any of them is put back; the garden that stood there is kept', async () => {
    const data = newFolder();
    const file = path.join(data, 'garden.sqlite');
    const first = await start(data);
    await post(first.port, '/beds', { name: 'Gate Bed', setting: 'bed' });
    // While it runs.
    const copy = spawnSync(process.execPath, [bundle, 'backup', '--data', data]).stdout.toString().trim();
    expect(fs.existsSync(copy)).toBe(true);
    await post(first.port, '/beds', { name: 'Long Bed', setting: 'bed' });
    const held = spawnSync(process.execPath, [bundle, 'restore', copy, '--data', data]);
    expect(held.status).toBe(1);
    expect(held.stderr.toString()).toContain('is held by another');
    first.child.kill('SIGTERM');
    await first.exit;
    // A file that is no garden is refused before anything is moved.
    const junk = path.join(data, 'junk.sqlite');
    fs.writeFileSync(junk, 'no garden');
    expect(spawnSync(process.execPath, [bundle, 'restore', junk, '--data', data]).status).toBe(1);
    expect(spawnSync(process.execPath, [bundle, 'restore', copy, '--data', data]).status).toBe(0);
    const second = await start(data);
    expect(await bedsIn(second.port)).toEqual(['Gate Bed']);
    expect(
      fs.readdirSync(path.join(data, 'backups')).some((name) => /^garden-\d{4}-\d{2}-\d{2}\.sqlite$/.test(name)),
    ).toBe(true);
    expect(fs.statSync(path.join(data, 'held-by.json')).mode & 0o077).toBe(0);
    second.child.kill('SIGTERM');
    await second.exit;
    // An emptied file is no new garden.
    fs.writeFileSync(file, '');
    for (const ending of ['-wal', '-shm']) fs.rmSync(file + ending, { force: true });
    const emptied = await startWith(data, await freePort());
    expect(emptied).toMatchObject({ code: 1 });
    expect(emptied.said).toContain('is empty: that is no garden');
    fs.rmSync(data, { recursive: true, force: true });
  });

  test('old daily backups are thinned out to a fortnight of days and the first of each month', () => {
    const data = newFolder();
    const file = path.join(data, 'garden.sqlite');
    openDatabase(file).close();
    for (let day = 0; day < 120; day += 1) backUpDaily(file, new Date(Date.UTC(2026, 0, 1 + day)));
    const kept = fs.readdirSync(path.join(data, 'backups')).sort();
    // 1 January to 30 April: the last fourteen days, and the firsts of four months.
    expect(kept).toHaveLength(18);
    expect(kept.slice(0, 4)).toEqual(['01', '02', '03', '04'].map((month) => `garden-2026-${month}-01.sqlite`));
    fs.rmSync(data, { recursive: true, force: true });
  });
});

describe('the plan is thought over', () => {
  test('beside the server: two small things a day apart become one visit, a moment after the first plan stood', async () => {
    const data = fs.mkdtempSync(path.join(os.tmpdir(), 'trowel-plan-'));
    const { child, port, exit } = await start(data);
    const today = ((await (await fetch(`http://127.0.0.1:${port}/api/today`)).json()) as { today: string }).today;
    const day = (ahead: number) =>
      new Date(Date.parse(`${today}T12:00:00Z`) + ahead * 86_400_000).toISOString().slice(0, 10);
    await post(port, '/jobs', { wish: 'Wash the sprayer', from: day(1) });
    await post(port, '/jobs', { wish: 'Turn the compost', from: day(2) });
    const daysWithWork = async () => {
      const { days } = (await (await fetch(`http://127.0.0.1:${port}/api/calendar`)).json()) as {
        days: { date: string; steps: unknown[] }[];
      };
      return days.flatMap(({ date, steps }) => (steps.length === 0 ? [] : [date]));
    };
    expect(await daysWithWork()).toEqual([day(1), day(2)]);
    // Not a clock but the plan itself says when.
    while ((await daysWithWork()).length > 1) await new Promise((resolve) => setImmediate(resolve));
    expect(await daysWithWork()).toEqual([day(2)]);
    child.kill('SIGTERM');
    expect(await exit).toBe(0);
    fs.rmSync(data, { recursive: true, force: true });
  });
});

describe('long work beside the thread that answers', () => {
  test('a long line, a long question and a whole garden come out as they do here, and what is wrong is named', async () => {
    const data = fs.mkdtempSync(path.join(os.tmpdir(), 'trowel-long-'));
    const { child, port, exit } = await start(data);
    const get = async (route: string) => (await fetch(`http://127.0.0.1:${port}/api${route}`)).json();
    await post(port, '/beds', { name: 'Gate Bed', setting: 'bed' });
    const { beds } = (await get('/garden')) as { beds: { id: string }[] };
    const said = 'sticky leaves, ants on the stems and curled tips with small green flies under them. '.repeat(4);
    const id = 'a0000000-0000-4000-8000-000000000001';
    await post(port, '/cases', { commandId: id, bedId: beds[0]?.id });
    const evidence = await (await post(port, `/cases/${id}/evidence`, { said })).json();
    const { understood } = readLine(knowledge, said, { setting: 'bed' });
    expect(evidence).toMatchObject({ understood: understood.map(({ sign, state }) => ({ sign, state })) });
    expect(understood.length).toBeGreaterThan(2);
    const body = { plant: 'tomato', month: 6, said };
    expect(await (await post(port, '/weigh', body)).json()).toEqual(
      JSON.parse(JSON.stringify(answerWeigh(knowledge, body))),
    );
    const unfit = await post(port, '/weigh', { ...body, month: 13 });
    expect([unfit.status, ((await unfit.json()) as { fields: { field: string }[] }).fields[0]?.field]).toEqual([
      422,
      'month',
    ]);
    const bundle = (await get('/bundle')) as { tables: { bed: unknown[]; observation: unknown[] } };
    expect(bundle.tables.bed).toHaveLength(1);
    expect(bundle.tables.observation.length).toBeGreaterThan(2);
    expect(await (await post(port, '/bundle/look', bundle)).json()).toMatchObject({ isEmpty: false, rows: { bed: 1 } });
    expect((await post(port, '/bundle/look', { ...bundle, version: 'old' })).status).toBe(422);
    child.kill('SIGTERM');
    expect(await exit).toBe(0);
    fs.rmSync(data, { recursive: true, force: true });
  });
});

describe('behind a certificate of the owner', () => {
  test('what goes over the network is sealed, and the cookie of a device goes no other way', async () => {
    const data = fs.mkdtempSync(path.join(os.tmpdir(), 'trowel-tls-'));
    const pem = await generate([{ name: 'commonName', value: '127.0.0.1' }], {
      extensions: [{ name: 'subjectAltName', altNames: [{ type: 7, ip: '127.0.0.1' }] }],
    });
    const [cert, key] = [path.join(data, 'cert.pem'), path.join(data, 'key.pem')];
    fs.writeFileSync(cert, pem.cert);
    fs.writeFileSync(key, pem.private);
    spawnSync(process.execPath, [bundle, 'passphrase', '--data', data], { input: 'a row of runner beans\n' });
    const { child, port, exit } = await start(data, ['--lan', '--tls-cert', cert, '--tls-key', key]);
    const at = `https://127.0.0.1:${port}/api`;
    const asked = (route: string, ca: string | undefined, body?: object) =>
      new Promise<{ status: number | undefined; cookies: readonly string[] }>((resolve, reject) => {
        const sent = request(
          at + route,
          { ca, method: body ? 'POST' : 'GET', headers: { 'Content-Type': 'application/json' } },
          (answer) => {
            answer.resume();
            answer.once('end', () =>
              resolve({ status: answer.statusCode, cookies: answer.headers['set-cookie'] ?? [] }),
            );
          },
        );
        sent.once('error', reject);
        sent.end(body && JSON.stringify(body));
      });
    expect((await asked('/garden', pem.cert)).status).toBe(200);
    const paired = await asked('/household/pair', pem.cert, { name: 'phone', passphrase: 'a row of runner beans' });
    expect(paired.status).toBe(200);
    expect(paired.cookies.join()).toMatch(/HttpOnly.*Secure|Secure.*HttpOnly/);
    await expect(asked('/garden', undefined)).rejects.toThrow(/self.signed|unable to verify/);
    await expect(fetch(`http://127.0.0.1:${port}/api/garden`)).rejects.toThrow();
    child.kill('SIGTERM');
    expect(await exit).toBe(0);
    fs.rmSync(data, { recursive: true, force: true });
  });

  test('a certificate that is not there, or one without its key, opens nothing and says so', () => {
    const data = fs.mkdtempSync(path.join(os.tmpdir(), 'trowel-tls-'));
    const tried = (...flags: string[]) =>
      spawnSync(process.execPath, [bundle, 'start', '--data', data, '--web', folder, ...flags], { encoding: 'utf8' });
    const missing = tried('--tls-cert', 'no-such.pem', '--tls-key', 'no-such.key');
    expect([missing.status, missing.stderr]).toEqual([1, expect.stringContaining('no-such.pem')]);
    const half = tried('--tls-cert', 'no-such.pem');
    expect([half.status, half.stderr]).toEqual([1, expect.stringContaining('--tls-key')]);
    expect(fs.readdirSync(data)).toEqual([]);
    fs.rmSync(data, { recursive: true, force: true });
  });
});

describe('the command line', () => {
  const answers = (args: string[], input = ''): Promise<{ code: number | null; out: string; err: string }> =>
    new Promise((resolve) => {
      const child = spawn(process.execPath, [bundle, ...args]);
      let out = '';
      let err = '';
      child.stdout.on('data', (chunk: Buffer) => (out += chunk.toString()));
      child.stderr.on('data', (chunk: Buffer) => (err += chunk.toString()));
      child.once('exit', (code) => resolve({ code, out, err }));
      child.stdin.end(input);
    });

  test('answers JSON and nothing else', async () => {
    const { code, out, err } = await answers(
      ['weigh', '-'],
      JSON.stringify({ plant: 'rose', said: 'greenfly on the buds' }),
    );
    expect({ code, err }).toEqual({ code: 0, err: '' });
    expect(JSON.parse(out).causes[0].id).toBe('aphids');
  });

  test.each([
    [['weigh', '-'], '{"month": 13}', /^month: must be at most 12\n$/],
    [
      ['mix', '-'],
      '{"remedy": "moon-dust", "volume": {"amount": 1, "unit": "L"}}',
      /^remedy: "moon-dust" is not known/,
    ],
    [['plan', '-'], '{}', /^today: must be a string; it is missing/],
    [['follow', '-'], 'not json', /^standard input: is not JSON/],
    [['weigh', 'no-such-file.json'], '', /^no-such-file\.json: cannot be read \(ENOENT\)/],
  ])('%s with %s says what is wrong in one line and exits with 2', async (args, input, message) => {
    const { code, out, err } = await answers(args, input);
    expect(code).toBe(2);
    expect(out).toBe('');
    expect(err).toMatch(message);
    expect(err.trim().split('\n')).toHaveLength(1);
  });
});

describe('the file', () => {
  test('is carried forward from every earlier version', () => {
    const dir = fs.mkdtempSync(path.join(os.tmpdir(), 'trowel-old-'));
    for (let version = 0; version < migrations.length; version += 1) {
      const file = path.join(dir, `v${version}.sqlite`);
      const old = new Database(file);
      for (const { sql } of migrations.slice(0, version)) old.exec(sql);
      old.pragma(`user_version = ${version}`);
      old.close();
      const db = openDatabase(file);
      expect(db.pragma('user_version', { simple: true })).toBe(migrations.length);
      expect(db.pragma('foreign_key_check')).toEqual([]);
      db.close();
    }
    fs.rmSync(dir, { recursive: true, force: true });
  });

  test('of a newer version is refused, untouched', () => {
    const dir = fs.mkdtempSync(path.join(os.tmpdir(), 'trowel-new-'));
    const file = path.join(dir, 'garden.sqlite');
    const db = openDatabase(file);
    db.pragma(`user_version = ${migrations.length + 1}`);
    db.close();
    expect(() => openDatabase(file)).toThrow(/newer version/);
    fs.rmSync(dir, { recursive: true, force: true });
  });

  test('keeps its log as it was written', () => {
    const db = openDatabase(':memory:');
    db.prepare(
      "INSERT INTO log (command_id, at, on_date, command, body, result) VALUES ('a', 'b', 'c', 'd', '{}', '{}')",
    ).run();
    expect(() => db.prepare("UPDATE log SET command = 'x'").run()).toThrow(/never changed/);
    expect(() => db.prepare('DELETE FROM log').run()).toThrow(/never changed/);
    db.close();
  });
});
