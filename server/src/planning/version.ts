import { createHash } from 'node:crypto';
import { readdir, readFile } from 'node:fs/promises';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

let known: Promise<string> | null = null;

/**
 * Stands for what plans: the same text as long as core is the same, so that what was worked out by an earlier
 * version of it is not taken for what this one would say.
 */
export function planningVersion(): Promise<string> {
  known ??= digestOfFolder(dirname(fileURLToPath(import.meta.resolve('@fornax/core'))));
  return known;
}

async function digestOfFolder(folder: string): Promise<string> {
  const entries = await readdir(folder, { recursive: true, withFileTypes: true });
  const files = entries
    .filter((entry) => entry.isFile() && /\.(js|ts)$/.test(entry.name) && !/\.(d|test)\.ts$/.test(entry.name))
    .map((entry) => join(entry.parentPath, entry.name))
    .sort();
  const hash = createHash('sha256');
  for (const file of files) hash.update(await readFile(file));
  return hash.digest('base64url').slice(0, 22);
}
