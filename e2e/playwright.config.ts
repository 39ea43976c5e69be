import { defineConfig } from '@playwright/test';
import { screen } from './screen.js';

// Limits are so wide that only what hangs meets them: how long a page takes is the machine's affair, and is
// measured in npm run bench. Nothing is tried a second time: what fails once is looked into.
/** Files with most work: begun first, so that none is left to one worker while the other is idle. */
const long = ['access', 'together', 'clock', 'food-names', 'kit-and-kitchen'].map((name) => `${name}.e2e.ts`);

export default defineConfig({
  testDir: 'tests',
  projects: [
    { name: 'long', testMatch: long },
    { name: 'short', testMatch: '*.e2e.ts', testIgnore: long },
  ],
  globalSetup: './global-setup.ts',
  fullyParallel: false,
  // A page has threads of its own, and so has the server: more than two at once only wait for each other.
  workers: 2,
  retries: 0,
  timeout: 300_000,
  expect: { timeout: 60_000 },
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
        // Pages are opened by the hundred and live for seconds: room for what they make spares a fifth of the
        // processor's time, which went into collecting it.
        '--js-flags=--max-semi-space-size=64',
      ],
    },
  },
});
