import { randomBytes } from 'node:crypto';
import { mkdirSync, mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { TestProject } from 'vitest/node';

declare module 'vitest' {
  export interface ProvidedContext {
    databaseUrl: string;
    databasePid: number;
    logFolder: string;
    keyFile: string;
  }
}

/** One MariaDB for all server tests; each test file makes a database of its own in it. */
export default async function setup(project: TestProject): Promise<() => Promise<void>> {
  const script = new URL('../../../scripts/lib/database.mjs', import.meta.url).href;
  const { startDatabase } = (await import(/* @vite-ignore */ script)) as {
    startDatabase: (
      folder: string,
      options: { schemas: string[] },
    ) => Promise<{ url: string; pid: () => number; stop: () => Promise<void> }>;
  };
  const folder = mkdtempSync(join(tmpdir(), 'fornax-tests-'));
  const database = await startDatabase(folder, { schemas: ['test\\_%'] });
  project.provide('databaseUrl', database.url);
  project.provide('databasePid', database.pid());
  const logFolder = join(folder, 'logs');
  mkdirSync(logFolder);
  project.provide('logFolder', logFolder);
  const keyFile = join(folder, 'key');
  writeFileSync(keyFile, `${randomBytes(32).toString('base64')}\n`);
  project.provide('keyFile', keyFile);
  return async () => {
    await database.stop();
    const told = personalValuesIn(logFolder);
    rmSync(folder, { recursive: true, force: true });
    if (told.length > 0) {
      process.exitCode = 1;
      throw new Error(`The server's log holds what it must not:\n${told.slice(0, 5).join('\n')}`);
    }
  };
}

/** Names, addresses, passwords and texts that tests type, hashes and tokens, statements and their values. */
const personal =
  /Ines|Okoye|Ada\b|Bell\b|@example|a long password|not this one|qaz|argon2|fornax=|INSERT|SELECT|UPDATE|moon dust/;

/** Lines of the suite's logs that hold such a value. A suite that logs nothing shows nothing. */
function personalValuesIn(logFolder: string): string[] {
  const lines = readdirSync(logFolder).flatMap((file) =>
    readFileSync(join(logFolder, file), 'utf8').split('\n').filter(Boolean),
  );
  if (lines.length === 0) return [];
  return lines.filter((line) => personal.test(line));
}
