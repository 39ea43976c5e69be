import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { TestProject } from 'vitest/node';

declare module 'vitest' {
  export interface ProvidedContext {
    databaseUrl: string;
    databasePid: number;
  }
}

/** One MariaDB for all server tests; each test file makes a database of its own in it. */
export default async function setup(project: TestProject): Promise<() => Promise<void>> {
  const script = new URL('../../../scripts/lib/database.mjs', import.meta.url).href;
  const { startDatabase } = (await import(/* @vite-ignore */ script)) as {
    startDatabase: (
      folder: string,
      options: { schemas: string[] },
    ) => Promise<{ url: string; pid: number; stop: () => Promise<void> }>;
  };
  const folder = mkdtempSync(join(tmpdir(), 'fornax-tests-'));
  const database = await startDatabase(folder, { schemas: ['test\\_%'] });
  project.provide('databaseUrl', database.url);
  project.provide('databasePid', database.pid);
  return async () => {
    await database.stop();
    rmSync(folder, { recursive: true, force: true });
  };
}
