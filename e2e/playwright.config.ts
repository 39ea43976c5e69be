import { defineConfig } from '@playwright/test';
import { screen } from './screen.js';

// A press can fall into a redrawing on a busy machine. What passes only at the second try is counted and said
// in the closing line.
export default defineConfig({
  testDir: 'tests',
  testMatch: '*.e2e.ts',
  globalSetup: './global-setup.ts',
  fullyParallel: false,
  // Pages wait for their planning, the server and the database in turn: three keep two cores busy.
  workers: 3,
  retries: 1,
  timeout: 60_000,
  expect: { timeout: 10_000 },
  reporter: [['line'], ['json', { outputFile: '../test-results/e2e.json' }]],
  outputDir: '../test-results/e2e',
  forbidOnly: true,
  use: {
    ...screen,
    trace: 'off',
    launchOptions: {
      executablePath: '/usr/bin/chromium-headless-shell',
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
      ],
    },
  },
});
