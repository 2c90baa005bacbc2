/** Every check, one after the other; the last line says how many tests passed and failed. */
import { Buffer } from 'node:buffer';
import { spawn, spawnSync } from 'node:child_process';
import fs from 'node:fs';

const bin = (name) => `node_modules/.bin/${name}`;
const quick = process.argv.includes('--quick');
const counts = { passed: 0, failed: 0 };
/** Titles of the steps that did not pass: named again at the end, where the eye (and a shortened log) ends. */
const broken = [];

const env = { ...process.env, CI: '1', FORCE_COLOR: '0' };
const seconds = (since) => Math.round((Date.now() - since) / 1000);

/** Tells how a step ended that began at a time. @returns whether it passed */
function ended(title, status, since) {
  process.stdout.write(`${status === 0 ? 'ok' : 'NOT OK'} (${seconds(since)} s)\n`);
  if (status !== 0) broken.push(title);
  return status === 0;
}

function step(title, command, args) {
  process.stdout.write(`\n== ${title}\n`);
  const since = Date.now();
  return ended(title, spawnSync(command, args, { stdio: 'inherit', env }).status, since);
}

/** Steps that take nothing from one another, on two cores: rows of them run beside each other, each told when it ends. */
const sideBySide = (...rows) =>
  Promise.all(
    rows.map(async (row) => {
      for (const [title, command, args] of row) {
        const since = Date.now();
        const said = [];
        const running = spawn(command, args, { stdio: ['ignore', 'pipe', 'pipe'], env });
        for (const out of [running.stdout, running.stderr]) out.on('data', (words) => said.push(words));
        const status = await new Promise((resolve) => running.once('close', resolve).once('error', () => resolve(1)));
        process.stdout.write(`\n== ${title}\n${Buffer.concat(said)}`);
        ended(title, status, since);
      }
    }),
  );

fs.mkdirSync('build', { recursive: true });
await sideBySide(
  ['core', 'knowledge', 'server', 'app', 'app/service-worker', 'e2e', 'scripts'].map((workspace) => [
    `Types of ${workspace}`,
    bin('tsc'),
    ['-p', workspace],
  ]),
  [
    ['Formatting', bin('prettier'), ['--check', '--log-level', 'warn', '.']],
    ['Lint and import boundaries', bin('eslint'), ['.', '--max-warnings', '0']],
  ],
);

fs.rmSync('build/jest.json', { force: true });
step('Unit tests', bin('jest'), ['--maxWorkers=100%', '--json', '--outputFile=build/jest.json', '--reporters=default']);
count('build/jest.json', (report) => ({
  passed: report.numPassedTests,
  failed: report.numFailedTests + report.numRuntimeErrorTestSuites,
}));

if (!quick && step('Build', process.execPath, ['scripts/build.mjs'])) {
  fs.rmSync('build/playwright.json', { force: true });
  step('Journeys in the real interface, phone and wide', bin('playwright'), ['test', '-c', 'e2e/playwright.config.ts']);
  count('build/playwright.json', ({ stats }) => ({ passed: stats.expected + stats.flaky, failed: stats.unexpected }));
}

/** A report that is missing counts as one failure: silence is never success. */
function count(file, read) {
  if (!fs.existsSync(file)) {
    counts.failed += 1;
    return;
  }
  const { passed, failed } = read(JSON.parse(fs.readFileSync(file, 'utf8')));
  counts.passed += passed;
  counts.failed += failed;
}

process.stdout.write(
  `\n${broken.length > 0 ? `Not right, see above: ${broken.join('; ')}.` : 'All is well.'}\n${counts.passed} passed, ${counts.failed} failed\n`,
);
process.exit(broken.length > 0 || counts.failed > 0 ? 1 : 0);
