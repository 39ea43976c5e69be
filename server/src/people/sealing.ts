import { createCipheriv, createDecipheriv, createHash, createHmac, hkdfSync, randomBytes } from 'node:crypto';

const algorithm = 'aes-256-gcm';
const keyBytes = 32;
const nonceBytes = 12;
const tagBytes = 16;

/** A key of the installation, and the short name under which what it sealed is found. */
export interface InstallationKey {
  readonly name: string;
  readonly key: Buffer;
}

/** Keys as a file holds them, a line of Base64 each: the first seals, all open. Throws in a sentence. */
export function keysIn(text: string): InstallationKey[] {
  const keys = text
    .split('\n')
    .map((line) => line.trim())
    .filter((line) => line && !line.startsWith('#'))
    .map((line) => Buffer.from(line, 'base64'));
  if (keys.length === 0 || keys.some((key) => key.length !== keyBytes))
    throw new Error(
      'The key for names and needs cannot be read: its file holds 32 bytes in Base64, a key a line.',
    );
  return keys.map((key) => ({ key, name: createHash('sha256').update(key).digest('hex').slice(0, 8) }));
}

/** Seals bytes so that they open under the same key and `about` only (AES-256-GCM), as Base64. */
export function seal(key: Buffer, about: string, plain: Buffer): string {
  const nonce = randomBytes(nonceBytes);
  const cipher = createCipheriv(algorithm, key, nonce).setAAD(Buffer.from(about));
  const body = Buffer.concat([cipher.update(plain), cipher.final()]);
  return Buffer.concat([nonce, cipher.getAuthTag(), body]).toString('base64');
}

/** Opens what was sealed; throws where the key or `about` is another, or a bit of it. */
export function unseal(key: Buffer, about: string, sealed: string): Buffer {
  const bytes = Buffer.from(sealed, 'base64');
  const decipher = createDecipheriv(algorithm, key, bytes.subarray(0, nonceBytes))
    .setAAD(Buffer.from(about))
    .setAuthTag(bytes.subarray(nonceBytes, nonceBytes + tagBytes));
  return Buffer.concat([decipher.update(bytes.subarray(nonceBytes + tagBytes)), decipher.final()]);
}

export function newKey(): Buffer {
  return randomBytes(keyBytes);
}

/** What stands for a name where no name may stand: nobody finds it by trying names without the key. */
export function digestOfName({ key }: InstallationKey, kitchenId: string, foldedName: string): string {
  const own = Buffer.from(hkdfSync('sha256', key, '', 'fornax erasures', keyBytes));
  return createHmac('sha256', own).update(`${kitchenId} ${foldedName}`).digest('hex');
}
