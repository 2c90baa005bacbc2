import path from 'node:path';
import { defineConfig } from '@playwright/test';

const port = 4399;

/** The built app against a real server on a fresh demo file, at phone size and wide. */
export default defineConfig({
  testDir: '.',
  outputDir: '../test-results',
  workers: 1,
  retries: 0,
  timeout: 120_000,
  expect: { timeout: 15_000 },
  reporter: [['list'], ['json', { outputFile: '../build/playwright.json' }]],
  use: {
    baseURL: `http://127.0.0.1:${port}`,
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
  projects: [
    { name: 'phone', use: { viewport: { width: 390, height: 844 }, hasTouch: true } },
    { name: 'wide', use: { viewport: { width: 1280, height: 800 } } },
  ],
  webServer: {
    // A fixed day in June, so that the garden is in leaf whenever this runs.
    command: `node build/trowel.mjs demo --port ${port} --data build/e2e-data --reset --now 2026-06-10T15:40:00Z`,
    cwd: path.resolve(__dirname, '..'),
    url: `http://127.0.0.1:${port}/api/health`,
    reuseExistingServer: false,
  },
});
