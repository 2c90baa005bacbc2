/**
 * How fast and how large it is, as one table. Speed lives here, not in tests: numbers depend on the
 * machine. `./trowel bench [weigh|api|size|plan|years]` runs one part.
 */
import { spawn, spawnSync } from 'node:child_process';
import fs from 'node:fs';
import { createRequire } from 'node:module';
import os from 'node:os';
import path from 'node:path';
import { gzipSync } from 'node:zlib';

const only = process.argv[2];
const rows = [];
const wants = (part) => only === undefined || only === part;
const report = (what, value, aim) => rows.push({ what, measured: value, aim });

if (wants('weigh') || wants('plan')) {
  // The core is measured from its own bundle, as the server runs it.
  const { build } = await import('esbuild');
  await build({
    entryPoints: ['scripts/bench-core.ts'],
    outfile: 'build/bench-core.mjs',
    bundle: true,
    platform: 'node',
    format: 'esm',
    external: ['highs'],
    logLevel: 'warning',
  });
  const { benchCore, benchClinic, benchPlan } = await import(path.resolve('build/bench-core.mjs'));
  for (const { what, value, aim, part } of [...benchCore(), ...benchClinic()])
    if (wants(part)) report(what, value, aim);
  if (wants('plan')) for (const { what, value, aim } of await benchPlan()) report(what, value, aim);
}

if (wants('size')) {
  const folder = 'app/dist';
  const html = fs.readFileSync(path.join(folder, 'index.html'), 'utf8');
  const scripts = [...html.matchAll(/src="(\/_expo[^"]+\.js)"/g)].map(([, file]) => path.join(folder, file));
  const all = fs
    .readdirSync(path.join(folder, '_expo/static/js/web'))
    .map((name) => path.join(folder, '_expo/static/js/web', name));
  const kb = (files) =>
    `${Math.round(files.reduce((sum, file) => sum + gzipSync(fs.readFileSync(file)).length, 0) / 1000)} kB`;
  const firstScreen = all.filter(
    (file) => /(entry|__common|_layout|__expo-metro-runtime)-/.test(file) || scripts.includes(file),
  );
  const today = all.filter((file) => /\/index-/.test(file)).sort((a, b) => fs.statSync(a).size - fs.statSync(b).size);
  report('scripts for the first screen, gzip', kb([...firstScreen, ...today.slice(-1)]), '≤ 400 kB');
  report('all scripts, gzip', kb(all), '');
}

if (wants('api')) {
  const data = fs.mkdtempSync(path.join(os.tmpdir(), 'trowel-bench-'));
  const port = 4397;
  const started = performance.now();
  const server = spawn(process.execPath, ['build/trowel.mjs', 'demo', '--port', String(port), '--data', data], {
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  await new Promise((resolve) => server.stdout.once('data', resolve));
  report('start to listening, filling the demo garden', `${Math.round(performance.now() - started)} ms`, '');
  server.kill('SIGTERM');
  await new Promise((resolve) => server.once('exit', resolve));
  const again = performance.now();
  const second = spawn(process.execPath, ['build/trowel.mjs', 'demo', '--port', String(port), '--data', data], {
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  await new Promise((resolve) => second.stdout.once('data', resolve));
  report('start to listening, demo garden there', `${Math.round(performance.now() - again)} ms`, '≤ 2000 ms');
  await timeRoutes(port, 'demo garden', ['/today', '/cases', '/garden', '/notebook']);
  second.kill('SIGTERM');
  await new Promise((resolve) => second.once('exit', resolve));
  fs.rmSync(data, { recursive: true, force: true });
  const from = performance.now();
  spawnSync(process.execPath, ['build/trowel.mjs', 'weigh', '-'], { input: '{"said":"sticky leaves"}' });
  report('./trowel weigh, whole process', `${Math.round(performance.now() - from)} ms`, 'well under 1 s');
}

if (wants('years')) {
  // Ten years in a large garden: 5 000 cases, 100 000 observations.
  const { build } = await import('esbuild');
  await build({
    entryPoints: ['scripts/ten-years.ts'],
    outfile: 'build/ten-years.mjs',
    bundle: true,
    platform: 'node',
    format: 'esm',
    external: ['better-sqlite3'],
    loader: { '.sql': 'text' },
    logLevel: 'warning',
  });
  const { fillTenYears } = await import(path.resolve('build/ten-years.mjs'));
  const data = fs.mkdtempSync(path.join(os.tmpdir(), 'trowel-years-'));
  fillTenYears(path.join(data, 'garden.sqlite'), new Date());
  const port = 4396;
  const started = performance.now();
  const server = spawn(process.execPath, ['build/trowel.mjs', 'start', '--port', String(port), '--data', data], {
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  await new Promise((resolve) => server.stdout.once('data', resolve));
  report('start to listening, ten years', `${Math.round(performance.now() - started)} ms`, '');
  await timeRoutes(port, 'ten years', [
    '/today',
    '/cases',
    '/cases/past',
    '/cases/past?words=aphid',
    '/garden',
    '/calendar',
    '/log',
    '/log?cause=aphids',
    '/notebook',
    `/review/${new Date().getFullYear() - 3}`,
    '/bench',
  ]);
  await timePages(port);
  server.kill('SIGTERM');
  await new Promise((resolve) => server.once('exit', resolve));
  fs.rmSync(data, { recursive: true, force: true });
}

/** Each page as it is fetched again and again, and as it is made anew after something was written. */
async function timeRoutes(port, where, routes) {
  const base = `http://127.0.0.1:${port}/api`;
  const { open } = await (await fetch(`${base}/cases`)).json();
  const id = open[0].id;
  for (const route of [...routes, `/cases/${id}`]) {
    const [again, anew] = [[], []];
    const time = async (into) => {
      const from = performance.now();
      await (await fetch(base + route)).arrayBuffer();
      into.push(performance.now() - from);
    };
    for (let n = 0; n < 30; n += 1) {
      if (n % 3 === 0)
        await fetch(`${base}/cases/${id}/evidence`, {
          method: 'POST',
          headers: { 'Content-Type': 'application/json' },
          body: JSON.stringify({ items: [{ sign: 'honeydew', state: n % 2 === 0 ? 'seen' : 'absent' }] }),
        });
      await time(n % 3 === 0 ? anew : again);
    }
    const name = route.replace(/[0-9a-f-]{30,}/, ':id');
    report(`GET ${name}, ${where}, p95`, `${percentile(again, 0.95).toFixed(1)} ms`, '≤ 15 ms');
    report(`GET ${name}, ${where}, after a change`, `${percentile(anew, 0.5).toFixed(0)} ms`, '');
  }
}

/** Pages as a gardener opens them on a phone, one after the other: from the tap to where they stand and are drawn. */
async function timePages(port) {
  const { chromium } = createRequire(path.resolve('e2e/bench.js'))('@playwright/test');
  const browser = await chromium.launch({ executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium' });
  const page = await browser.newPage({ viewport: { width: 390, height: 844 } });
  const base = `http://127.0.0.1:${port}`;
  const { open } = await (await fetch(`${base}/api/cases`)).json();
  const walk = ['/cases', `/cases/${open[0].id}`, '/cases', '/', '/garden', '/', '/notebook', '/bench', '/'];
  const taken = new Map();
  await page.goto(`${base}/`);
  for (let round = 0; round < 6; round += 1)
    for (const to of walk) {
      await page.waitForLoadState('networkidle');
      taken.set(to, [...(taken.get(to) ?? []), await page.evaluate(tapped, to)]);
    }
  for (const [to, [first, ...later]] of taken) {
    const name = `Page ${to.replace(/[0-9a-f-]{30,}/, ':id')}, ten years, tap to drawn`;
    report(`${name}, median`, `${percentile(later, 0.5).toFixed(0)} ms`, '≤ 300 ms');
    // What the page is made of is fetched and read for the first time.
    report(`${name}, first time`, `${first.toFixed(0)} ms`, '');
  }
  await browser.close();
}

/** In the page: taps a link, and waits until another page stands, nothing is on its way, and it is drawn. */
function tapped(href) {
  const link = [...document.querySelectorAll('a')].find(
    (one) => one.offsetParent !== null && one.getAttribute('href')?.split('?')[0] === href,
  );
  if (!link) throw new Error(`no link to "${href}" on ${location.pathname}`);
  const isSeen = (what) => [...document.querySelectorAll(what)].some((one) => one.offsetParent !== null);
  const before = location.href;
  const from = performance.now();
  return new Promise((resolve) => {
    link.click();
    const look = () => {
      const stands = location.href !== before && isSeen('h1') && !isSeen('[role=progressbar]');
      if (stands) requestAnimationFrame(() => setTimeout(() => resolve(performance.now() - from)));
      else requestAnimationFrame(look);
    };
    requestAnimationFrame(look);
  });
}

function percentile(values, share) {
  const sorted = [...values].sort((a, b) => a - b);
  return sorted[Math.min(sorted.length - 1, Math.floor(sorted.length * share))] ?? NaN;
}

const width = Math.max(...rows.map(({ what }) => what.length));
for (const { what, measured, aim } of rows)
  console.log(`${what.padEnd(width)}  ${measured.padStart(10)}  ${aim ? `aim ${aim}` : ''}`);
