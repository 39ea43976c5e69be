import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { Readable } from 'node:stream';
import { PlainError } from '../say.mjs';

/** Backups are sealed in the format age, by a package that is known for it: what can open them is a file. */
async function age() {
  return import('age-encryption');
}

/** Makes a file with a new key in it, which opens what is sealed for it; refused where there is a file. */
export async function makeKey(file) {
  if (existsSync(file)) throw new PlainError(`${file} is there already, so no key was written.`);
  const { generateIdentity } = await age();
  writeFileSync(file, `${await generateIdentity()}\n`, { mode: 0o600 });
}

function keyIn(file) {
  if (!existsSync(file)) throw new PlainError(`There is no key in ${file}.`);
  const key = readFileSync(file, 'utf8')
    .split('\n')
    .map((line) => line.trim())
    .find((line) => line && !line.startsWith('#'));
  if (!/^AGE-SECRET-KEY-1|^age1/.test(key ?? ''))
    throw new PlainError(`${file} holds no key: make one with npm run backup -- --new-key ${file}.`);
  return key;
}

/** A stream sealed for the key of a file, which may hold the whole key or only its public half. */
export async function seal(stream, file) {
  const { Encrypter, identityToRecipient } = await age();
  const key = keyIn(file);
  const encrypter = new Encrypter();
  encrypter.addRecipient(key.startsWith('age1') ? key : await identityToRecipient(key));
  return Readable.fromWeb(await encrypter.encrypt(Readable.toWeb(stream)));
}

/** Opens what was sealed; throws a plain sentence where the key is another. */
export async function unseal(stream, file) {
  if (!file) throw new PlainError('This backup is sealed: say where its key is, with --key /its/file.');
  const { Decrypter } = await age();
  const key = keyIn(file);
  if (key.startsWith('age1'))
    throw new PlainError(`${file} holds the public half of a key: that seals, but opens nothing.`);
  const decrypter = new Decrypter();
  decrypter.addIdentity(key);
  try {
    return Readable.fromWeb(await decrypter.decrypt(Readable.toWeb(stream)));
  } catch {
    throw new PlainError(`The key in ${file} does not open this backup.`);
  }
}
