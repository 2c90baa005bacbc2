/** Builds what is older than its sources: the server bundle at once, the app in a minute or so. */
import { execFileSync, spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import fs from 'node:fs';
import path from 'node:path';

/** A fingerprint of every file below some folders, so that an unchanged app is not built again. */
function fingerprint(places) {
  const hash = createHash('sha1');
  const visit = (place) => {
    const stat = fs.statSync(place, { throwIfNoEntry: false });
    if (!stat) return;
    if (stat.isDirectory()) {
      for (const name of fs.readdirSync(place).sort())
        if (!['node_modules', 'dist', '.expo'].includes(name)) visit(path.join(place, name));
    } else hash.update(place).update(fs.readFileSync(place));
  };
  places.forEach(visit);
  return hash.digest('hex');
}

async function buildIfChanged(name, places, result, build) {
  const stamp = path.join('build', `${name}.stamp`);
  const now = fingerprint([...places, 'package-lock.json']);
  const before = fs.existsSync(stamp) ? fs.readFileSync(stamp, 'utf8') : '';
  if (before === now && fs.existsSync(result)) return;
  process.stderr.write(`Building the ${name} …\n`);
  await build();
  fs.mkdirSync('build', { recursive: true });
  fs.writeFileSync(stamp, now);
}

/** What keeps the app in the browser, with the list of all files it keeps. Names that hold a fingerprint need no other. */
async function addServiceWorker(folder) {
  const files = fs
    .readdirSync(folder, { recursive: true, withFileTypes: true })
    .filter((entry) => entry.isFile() && entry.name !== 'metadata.json')
    .map((entry) => path.join(entry.parentPath, entry.name))
    .map((file) => ({
      url: `/${path.relative(folder, file).split(path.sep).join('/')}`,
      revision: /[.-][0-9a-f]{32}\./.test(file) ? null : createHash('sha1').update(fs.readFileSync(file)).digest('hex'),
    }));
  const { build } = await import('esbuild');
  await build({
    entryPoints: ['app/service-worker/worker.ts'],
    outfile: path.join(folder, 'sw.js'),
    bundle: true,
    minify: true,
    target: 'es2022',
    define: { files: JSON.stringify(files), 'process.env.NODE_ENV': '"production"' },
    logLevel: 'warning',
  });
}

await buildIfChanged('server', ['core', 'knowledge', 'server', 'scripts/build-server.mjs'], 'build/trowel.mjs', () =>
  execFileSync(process.execPath, ['scripts/build-server.mjs'], { stdio: ['ignore', 'inherit', 'inherit'] }),
);

if (!process.argv.includes('--server-only'))
  await buildIfChanged('app', ['core', 'knowledge', 'app'], 'app/dist/index.html', async () => {
    // Kept aside until it is whole, so that a broken build never replaces a working one.
    const staging = path.resolve('build/app-next');
    fs.rmSync(staging, { recursive: true, force: true });
    const { status, stdout, stderr } = spawnSync(
      path.resolve('node_modules/.bin/expo'),
      ['export', '--platform', 'web', '--output-dir', staging],
      {
        cwd: 'app',
        env: { ...process.env, EXPO_OFFLINE: '1', EXPO_NO_TELEMETRY: '1', CI: '1', NODE_ENV: 'production' },
        encoding: 'utf8',
      },
    );
    if (status !== 0) {
      process.stderr.write(`${stdout}\n${stderr}\nThe app could not be built.\n`);
      process.exit(1);
    }
    await addServiceWorker(staging);
    fs.rmSync('app/dist', { recursive: true, force: true });
    fs.renameSync(staging, 'app/dist');
  });
