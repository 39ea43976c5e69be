import { defineConfig } from 'vitest/config';

/** Nothing in these keeps a state of its own between files, so that the files share what they load. */
const pure = { isolate: false, pool: 'threads' as const, testTimeout: 300_000 };

export default defineConfig({
  test: {
    // Databases, servers and browsers are waited for: three keep two cores busy.
    maxWorkers: 3,
    projects: [
      {
        test: {
          ...pure,
          name: 'core',
          root: 'core',
          include: ['src/**/*.test.ts'],
          setupFiles: ['src/tests/property-limits.ts'],
        },
      },
      {
        test: {
          ...pure,
          name: 'contract',
          root: 'contract',
          include: ['src/**/*.test.ts'],
          setupFiles: ['../core/src/tests/property-limits.ts'],
        },
      },
      { test: { ...pure, name: 'demo', root: 'demo', include: ['src/**/*.test.ts'] } },
      {
        test: {
          name: 'scripts',
          root: 'scripts',
          include: ['lib/**/*.test.mjs'],
          // Only what hangs meets these: how long a test takes is the machine's affair.
          testTimeout: 300_000,
          hookTimeout: 300_000,
          expect: { poll: { timeout: 60_000 } },
        },
      },
      { test: { ...pure, name: 'web', root: 'web', include: ['src/**/*.test.ts'] } },
      {
        test: {
          // Every file makes a database and an application of its own; what they load is the same.
          isolate: false,
          name: 'server',
          root: 'server',
          include: ['src/**/*.test.ts'],
          globalSetup: ['src/tests/global-setup.ts'],
          expect: { poll: { timeout: 120_000 } },
          testTimeout: 300_000,
          hookTimeout: 300_000,
        },
      },
    ],
  },
});
