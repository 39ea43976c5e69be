import { defineConfig } from '@playwright/test';
import { screen } from './screen.js';

// Limits are so wide that only what hangs meets them: how long a page takes is the machine's affair, and is
// measured in npm run bench. Nothing is tried a second time: what fails once is looked into.
export default defineConfig({
  testDir: 'tests',
  testMatch: '*.e2e.ts',
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
      ],
    },
  },
});
