/**
 * What the garden's store and its door were put through, with figures: `npm run reliability` does it all on this machine
 * and writes docs/reliability.md. Nothing in it is estimated.
 */
import { Buffer } from 'node:buffer';
import { spawn, spawnSync } from 'node:child_process';
import fs from 'node:fs';
import { request } from 'node:http';
import os from 'node:os';
import path from 'node:path';

const port = 4395;
const base = `http://127.0.0.1:${port}/api`;
const folder = fs.mkdtempSync(path.join(os.tmpdir(), 'trowel-reliability-'));
const rows = [];
const report = (what, tried, found) => {
  rows.push([what, tried, found]);
  console.log(`${what}: ${tried}: ${found}`);
};

const trowel = (...args) => spawnSync(process.execPath, ['build/trowel.mjs', ...args], { encoding: 'utf8' });
async function open(data, kind = 'start', at = port) {
  const server = spawn(process.execPath, ['build/trowel.mjs', kind, '--port', String(at), '--data', data], {
    stdio: ['ignore', 'pipe', 'pipe'],
  });
  const ended = new Promise((resolve) => server.once('exit', resolve));
  const code = await Promise.race([new Promise((resolve) => server.stdout.once('data', () => resolve(null))), ended]);
  return { server, ended, code };
}
const post = (route, body) =>
  fetch(base + route, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify(body) ?? 'null',
  });
const read = async (route) => (await fetch(base + route)).json();
const rowsOf = ({ tables }) => JSON.stringify(tables);

// Killed while four write at once.
{
  const data = path.join(folder, 'kill');
  const acknowledged = [];
  const rounds = 12;
  for (let round = 0; round < rounds; round += 1) {
    const { server, ended } = await open(data);
    let isAlive = true;
    const write = async (lane) => {
      for (let n = 0; isAlive; n += 1) {
        const name = `bed ${round}-${lane}-${n}`;
        const answer = await post('/beds', { name, setting: 'bed' }).catch(() => undefined);
        if (answer?.ok) acknowledged.push(name);
        else return;
      }
    };
    const lanes = [0, 1, 2, 3].map(write);
    await new Promise((resolve) => setTimeout(resolve, 150 + 37 * round));
    server.kill('SIGKILL');
    isAlive = false;
    await Promise.all([...lanes, ended]);
  }
  const { server, ended } = await open(data);
  const names = new Set((await read('/garden')).beds.map(({ name }) => name));
  const lost = acknowledged.filter((name) => !names.has(name));
  report(
    'Killed (SIGKILL) while four clients write',
    `${rounds} kills, ${acknowledged.length} writes acknowledged`,
    `${lost.length} lost`,
  );
  // A second server on the same folder, while the first goes on.
  const second = await open(data, 'start', port + 1);
  const after = await read('/garden');
  report(
    'A second server on the same folder',
    '1 start',
    second.code === 1 && after.beds.length === names.size ? 'refused; the first goes on' : 'NOT REFUSED',
  );
  server.kill('SIGTERM');
  await ended;
}

// Everything sent to every call.
{
  const { build } = await import('esbuild');
  await build({
    entryPoints: ['server/test/attempts.ts'],
    outfile: 'build/attempts.mjs',
    bundle: true,
    platform: 'node',
    format: 'esm',
    logLevel: 'warning',
  });
  const { attemptsAt, longLines } = await import(path.resolve('build/attempts.mjs'));
  const { server, ended } = await open(path.join(folder, 'fuzz'), 'demo');
  const { open: cases } = await read('/cases');
  const { beds } = await read('/garden');
  const ids = [...cases.map(({ id }) => id), ...beds.map(({ id }) => id), 'soap-spray', 'honeydew', 'aphids'];
  let [sent, stumbled, slowest] = [0, 0, 0];
  for (const seed of [1, 2, 3])
    for (const { method, path: at, body } of attemptsAt(40, seed, ids)) {
      const from = performance.now();
      const answer = await (method === 'GET' ? fetch(`http://127.0.0.1:${port}${at}`) : post(at.slice(4), body));
      await answer.arrayBuffer();
      slowest = Math.max(slowest, performance.now() - from);
      sent += 1;
      if (answer.status >= 500) stumbled += 1;
    }
  report('Strange bodies, ids and questions to every call', `${sent} requests`, `${stumbled} answered with 500`);
  report('The slowest of them', `${sent} requests`, `${Math.round(slowest)} ms`);

  // Hosts, origins and types that are none of ours.
  const asked = (headers, method = 'POST') =>
    new Promise((resolve) => {
      const sentOut = request(
        { host: '127.0.0.1', port, path: '/api/beds', method, headers: { Host: `127.0.0.1:${port}`, ...headers } },
        (answer) => (answer.resume(), resolve(answer.statusCode)),
      );
      sentOut.end(method === 'POST' ? '{"name":"x","setting":"bed"}' : undefined);
    });
  const json = { 'Content-Type': 'application/json' };
  const tries = [
    { ...json, Host: 'evil.example' },
    { ...json, Host: `evil.example:${port}` },
    { ...json, Host: `127.0.0.1.evil.example:${port}` },
    { ...json, Origin: 'http://evil.example' },
    { ...json, Origin: 'null' },
    { ...json, Origin: `http://127.0.0.1:${port + 1}` },
    { ...json, 'Sec-Fetch-Site': 'cross-site' },
    { 'Content-Type': 'text/plain' },
    { 'Content-Type': 'application/x-www-form-urlencoded' },
    { 'Content-Type': 'multipart/form-data; boundary=x' },
  ];
  const states = [];
  for (const headers of tries) states.push(await asked(headers));
  report(
    'Other names for this machine (rebinding), other sites, other types',
    `${tries.length} tries`,
    `${states.filter((status) => status < 400).length} let in`,
  );

  // Long lines of one's own words.
  let [longest, others, isRead] = [0, 0, false];
  // The others of the house go on meanwhile.
  await new Promise((resolve) => setTimeout(resolve, 4000));
  const meanwhile = (async () => {
    while (!isRead) {
      const from = performance.now();
      await (await fetch(`${base}/health`)).arrayBuffer();
      others = Math.max(others, performance.now() - from);
      await new Promise((resolve) => setTimeout(resolve, 2));
    }
  })();
  for (const line of longLines) {
    const from = performance.now();
    await (await post('/weigh', { said: line })).arrayBuffer();
    longest = Math.max(longest, performance.now() - from);
  }
  isRead = true;
  await meanwhile;
  report(
    'Lines as long as may be (10 000 letters), read and weighed',
    `${longLines.length} lines`,
    `the slowest in ${Math.round(longest)} ms; nobody else waited longer than ${Math.round(others)} ms`,
  );
  server.kill('SIGTERM');
  await ended;
}

// A whole garden out and in, and back to each backup.
{
  const from = await open(path.join(folder, 'from'), 'demo');
  const whole = await read('/bundle');
  const states = [];
  for (let n = 0; n < 4; n += 1) {
    await post('/beds', { name: `Bed ${n}`, setting: 'bed' });
    const before = await read('/keep');
    const { keepings } = await (await post('/keep/backup', {})).json();
    const fresh = keepings.find(({ name }) => !before.keepings.some((old) => old.name === name));
    states.push({ name: fresh?.name, rows: rowsOf(await read('/bundle')) });
    // Names of backups are to the second.
    await new Promise((resolve) => setTimeout(resolve, 1100));
  }
  let same = 0;
  for (const { name, rows: before } of [...states].reverse()) {
    await post('/keep/restore', { name });
    if (rowsOf(await read('/bundle')) === before) same += 1;
  }
  report('Gone back to each backup in the app', `${states.length} backups`, `${same} equal to the last row`);
  from.server.kill('SIGTERM');
  await from.ended;
  const to = await open(path.join(folder, 'to'));
  await post('/bundle', whole);
  const count = Object.values(whole.tables).reduce((sum, table) => sum + table.length, 0);
  report(
    'A whole garden taken into an empty one',
    `${count} rows`,
    rowsOf(await read('/bundle')) === rowsOf(whole) ? 'equal to the last' : 'NOT EQUAL',
  );
  const merged = await (await post('/bundle/merge', whole)).json();
  const fresh = Object.values(merged.brings).reduce((sum, one) => sum + one.new, 0);
  report('The same brought in beside itself', `${count} rows`, `${fresh} came in twice`);
  to.server.kill('SIGTERM');
  await to.ended;
}

// A page of the file overwritten, each time another one; a third of them with a backup.
{
  const whole = path.join(folder, 'kill', 'garden.sqlite');
  const total = { saved: 0, refused: 0, lost: 0, fromBackup: 0, untold: 0 };
  const made = trowel('backup', '--data', path.join(folder, 'kill')).stdout.trim();
  const bytes = fs.readFileSync(made);
  const countIn = (tables) => Object.values(tables).reduce((sum, table) => sum + table.length, 0);
  fs.copyFileSync(made, whole);
  ['-wal', '-shm'].forEach((ending) => fs.rmSync(whole + ending, { force: true }));
  const sound = await open(path.join(folder, 'kill'));
  const before = countIn((await read('/bundle')).tables);
  sound.server.kill('SIGTERM');
  await sound.ended;
  const pages = bytes.length / 4096;
  const tries = 18;
  for (let n = 0; n < tries; n += 1) {
    const data = path.join(folder, `page-${n}`);
    fs.mkdirSync(path.join(data, 'backups'), { recursive: true });
    const at = Math.floor(((pages - 1) * n) / (tries - 1));
    const spoilt = Buffer.from(bytes);
    spoilt.fill(0xa5, at * 4096, (at + 1) * 4096);
    fs.writeFileSync(path.join(data, 'garden.sqlite'), spoilt);
    if (n % 3 === 0) fs.copyFileSync(made, path.join(data, 'backups', 'garden-2026-01-01.sqlite'));
    const { server, ended, code } = await open(data);
    if (code !== null) {
      total.refused += 1;
      continue;
    }
    total.saved += 1;
    const { salvaged } = await read('/keep');
    const sum = (of) => (salvaged?.tables ?? []).reduce((all, table) => all + table[of], 0);
    const missing = before - countIn((await read('/bundle')).tables);
    total.lost += Math.max(0, missing);
    total.fromBackup += sum('fromBackup');
    if (missing > sum('lost') && !salvaged?.tables.some(({ mayBeMore }) => mayBeMore)) total.untold += 1;
    server.kill('SIGTERM');
    await ended;
  }
  report(
    `One page of the file overwritten (${before} rows, ${pages} pages), every third time with a backup at hand`,
    `${tries} pages`,
    `${total.saved} built anew (${total.lost} rows lost in all, ${total.fromBackup} taken from the backup, ${total.untold} times more lost than told), ${total.refused} refused in words with the file untouched`,
  );
}

// A file that was emptied, and one that is no garden.
{
  const data = path.join(folder, 'emptied');
  fs.mkdirSync(data);
  fs.writeFileSync(path.join(data, 'garden.sqlite'), '');
  const emptied = await open(data);
  const junk = path.join(folder, 'junk.sqlite');
  fs.writeFileSync(junk, 'no garden');
  const refused = trowel('restore', junk, '--data', path.join(folder, 'kill')).status;
  report(
    'An emptied file, and a backup that is none',
    '2 tries',
    emptied.code === 1 && refused === 1 ? 'both refused, nothing moved' : 'NOT REFUSED',
  );
}

fs.rmSync(folder, { recursive: true, force: true });
const [cpu] = os.cpus();
const text = `# What it was put through

Written by \`npm run reliability\` on ${new Date().toISOString().slice(0, 10)} (Node.js ${process.version}, ${os.cpus().length} × ${cpu?.model.trim() ?? 'unknown'}).
The same attempts, smaller, are among the tests (\`server/test/durability\`, \`fuzz\`, \`door\`, \`bundle\`, \`household\`, \`file-troubles\`, \`salvage\`;
\`e2e/out-of-reach\`).

| what | tried | found |
| --- | --- | --- |
${rows.map((row) => `| ${row.join(' | ')} |`).join('\n')}
`;
fs.writeFileSync('docs/reliability.md', text);
