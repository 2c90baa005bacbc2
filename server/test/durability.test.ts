import { spawn, type ChildProcess } from 'node:child_process';
import fs from 'node:fs';
import net from 'node:net';
import os from 'node:os';
import path from 'node:path';
import Database from 'better-sqlite3';
import { buildSync } from 'esbuild';
import { migrations, openDatabase } from '../src/database';

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
    external: ['better-sqlite3', 'express', 'compression'],
    loader: { '.sql': 'text' },
    banner: { js: "import { createRequire } from 'node:module'; const require = createRequire(import.meta.url);" },
  });
  fs.writeFileSync(path.join(folder, 'index.html'), '<!doctype html><title>app</title>');
});
afterAll(() => fs.rmSync(folder, { recursive: true, force: true }));

const freePort = (): Promise<number> =>
  new Promise((resolve) => {
    const probe = net.createServer().listen(0, '127.0.0.1', () => {
      const { port } = probe.address() as net.AddressInfo;
      probe.close(() => resolve(port));
    });
  });

async function start(dataDir: string): Promise<{ child: ChildProcess; port: number; exit: Promise<number | null> }> {
  const port = await freePort();
  const child = spawn(process.execPath, [bundle, 'start', '--port', String(port), '--data', dataDir, '--web', folder], {
    stdio: ['ignore', 'pipe', 'pipe'],
  });
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
    const second = spawn(process.execPath, [bundle, 'start', '--port', String(port), '--data', data, '--web', folder]);
    let said = '';
    second.stderr.on('data', (chunk: Buffer) => (said += chunk.toString()));
    expect(await new Promise((resolve) => second.once('exit', resolve))).toBe(1);
    expect(said).toMatch(new RegExp(`Port ${port} is in use: choose another with --port`));
    child.kill('SIGTERM');
    await exit;
    fs.rmSync(data, { recursive: true, force: true });
  });
});

describe('the command line', () => {
  const run = (args: string[], input = ''): Promise<{ code: number | null; out: string; err: string }> =>
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
    const { code, out, err } = await run(
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
    const { code, out, err } = await run(args, input);
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
