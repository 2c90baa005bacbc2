import { defineConfig } from '@playwright/test';

const sizes = [
  { name: 'phone', port: 4399, use: { viewport: { width: 390, height: 844 }, hasTouch: true } },
  { name: 'wide', port: 4398, use: { viewport: { width: 1280, height: 800 } } },
] as const;

/** The built app against real servers, a fresh demo garden for every journey, at phone size and wide. */
export default defineConfig<{ port: number }>({
  testDir: '.',
  outputDir: '../test-results',
  workers: 1,
  retries: 0,
  timeout: 120_000,
  expect: { timeout: 15_000 },
  reporter: [['list'], ['json', { outputFile: '../build/playwright.json' }]],
  use: {
    // The app is kept in the browser only where a journey goes out of reach.
    serviceWorkers: 'block',
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
  projects: sizes.map(({ name, port, use }) => ({ name, use: { ...use, port } })),
});
