import path from 'node:path';
import { defineConfig } from '@playwright/test';

/** One size, one server on its own demo garden: what one run leaves behind must not weigh in the other. */
const sizes = [
  { name: 'phone', port: 4399, use: { viewport: { width: 390, height: 844 }, hasTouch: true } },
  { name: 'wide', port: 4398, use: { viewport: { width: 1280, height: 800 } } },
] as const;
const at = (port: number) => `http://127.0.0.1:${port}`;

/** The built app against real servers on fresh demo files, at phone size and wide. */
export default defineConfig({
  testDir: '.',
  outputDir: '../test-results',
  workers: 1,
  retries: 0,
  timeout: 120_000,
  expect: { timeout: 15_000 },
  reporter: [['list'], ['json', { outputFile: '../build/playwright.json' }]],
  use: {
    // Nothing is measured in the middle of a fade.
    reducedMotion: 'reduce',
    launchOptions: {
      executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-dev-shm-usage',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
        '--no-first-run',
      ],
    },
    trace: 'off',
  },
  projects: sizes.map(({ name, port, use }) => ({ name, use: { ...use, baseURL: at(port) } })),
  webServer: sizes.map(({ name, port }) => ({
    // A fixed day in June, so that the garden is in leaf whenever this runs.
    command: `node build/trowel.mjs demo --port ${port} --data build/e2e-${name} --reset --now 2026-06-10T15:40:00Z`,
    cwd: path.resolve(__dirname, '..'),
    url: `${at(port)}/api/health`,
    reuseExistingServer: false,
  })),
});
