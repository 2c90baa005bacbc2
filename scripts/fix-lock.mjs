/**
 * After every change of dependencies: `node scripts/fix-lock.mjs`. npm leaves optional packages for
 * other platforms out of the lock when they are not served, and `npm ci` then refuses it; this adds an
 * entry for each that is missing.
 */
import fs from 'node:fs';

const lock = JSON.parse(fs.readFileSync('package-lock.json', 'utf8'));
const systems = ['android', 'darwin', 'freebsd', 'linux', 'openharmony', 'win32', 'sunos', 'aix', 'netbsd', 'openbsd'];
const processors = ['arm64', 'arm', 'x64', 'ia32', 'loong64', 'ppc64', 'riscv64', 's390x', 'mips64el', 'wasm32'];
let added = 0;
for (const [place, entry] of Object.entries(lock.packages))
  for (const [name, version] of Object.entries(entry.optionalDependencies ?? {})) {
    // Node looks upwards from the package for its dependency.
    const levels = place
      .split('/node_modules/')
      .map((_, at, all) => all.slice(0, all.length - at).join('/node_modules/'));
    const found = [...levels.map((level) => `${level}/node_modules/${name}`), `node_modules/${name}`].some(
      (at) => lock.packages[at],
    );
    if (found) continue;
    const words = name.split(/[/-]/);
    const os = systems.filter((system) => words.includes(system));
    const cpu = processors.filter((processor) =>
      words.some((word) => word === processor || (processor === 'arm' && word === 'arm')),
    );
    lock.packages[`node_modules/${name}`] = {
      version,
      ...(os.length ? { os } : {}),
      ...(cpu.length ? { cpu } : {}),
      optional: true,
    };
    added += 1;
  }
lock.packages = Object.fromEntries(Object.entries(lock.packages).sort(([a], [b]) => a.localeCompare(b, 'en')));
fs.writeFileSync('package-lock.json', `${JSON.stringify(lock, null, 2)}\n`);
console.log(`${added} missing optional packages written into package-lock.json`);
