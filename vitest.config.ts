import { defineConfig } from 'vitest/config';

export default defineConfig({
  test: {
    projects: [
      { test: { name: 'core', root: 'core', include: ['src/**/*.test.ts'] } },
      { test: { name: 'contract', root: 'contract', include: ['src/**/*.test.ts'] } },
      { test: { name: 'demo', root: 'demo', include: ['src/**/*.test.ts'] } },
      { test: { name: 'scripts', root: 'scripts', include: ['lib/*.test.mjs'], testTimeout: 90_000 } },
      { test: { name: 'web', root: 'web', include: ['src/**/*.test.ts'] } },
      {
        test: {
          name: 'server',
          root: 'server',
          include: ['src/**/*.test.ts'],
          globalSetup: ['src/tests/global-setup.ts'],
          testTimeout: 30_000,
          hookTimeout: 60_000,
        },
      },
    ],
  },
});
