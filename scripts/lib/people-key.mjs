import { randomBytes } from 'node:crypto';
import { chmodSync, copyFileSync, existsSync, mkdirSync, writeFileSync } from 'node:fs';
import { dirname, join, resolve } from 'node:path';

/**
 * The file with the key that names and needs are sealed with: FORNAX_KEY_FILE, or one in the data folder,
 * which no backup holds. Made where there is none.
 */
export function peopleKey(folder) {
  const file = process.env.FORNAX_KEY_FILE ? resolve(process.env.FORNAX_KEY_FILE) : usualPlace(folder);
  if (existsSync(file)) return file;
  closed(file);
  writeFileSync(file, `${randomBytes(32).toString('base64')}\n`, { mode: 0o600 });
  return file;
}

/** Puts the key of another installation into a data folder. */
export function takePeopleKey(from, folder) {
  const file = usualPlace(folder);
  closed(file);
  copyFileSync(from, file);
  chmodSync(file, 0o600);
  return file;
}

export function usualPlace(folder) {
  return join(folder, 'secrets', 'people');
}

function closed(file) {
  mkdirSync(dirname(file), { recursive: true, mode: 0o700 });
}
