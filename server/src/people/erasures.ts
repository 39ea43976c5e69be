import { appendFile, readFile } from 'node:fs/promises';
import { join } from 'node:path';
import { foldedName, type Person } from '@fornax/core';
import { ErasureRow } from '../database/models.js';
import type { PeopleVault } from './people-vault.js';
import { digestOfName } from './sealing.js';

/** Somebody who was erased, by a digest of their name, and when. */
export interface Erasure {
  readonly kitchenId: string;
  readonly digest: string;
  readonly at: Date;
}

/** The file beside the data in which erasures are written down, outside of what a backup brings back. */
const registerFile = 'erasures';

/**
 * Writes an erasure down before it is done: in the register beside the data, so that no backup that is put
 * back brings anybody back, and in the database, so that backups know it as well.
 */
export async function register(dataFolder: string, erasure: Erasure): Promise<void> {
  const { kitchenId, digest, at } = erasure;
  if (dataFolder)
    await appendFile(join(dataFolder, registerFile), `${kitchenId} ${digest} ${at.toISOString()}\n`, {
      mode: 0o600,
    });
  await ErasureRow.upsert({ kitchenId, digest, at });
}

/** Erasures that a register holds. A line that was broken off in the middle is none. */
export async function erasuresIn(file: string): Promise<Erasure[]> {
  const lines = (await readFile(file, 'utf8')).split('\n');
  return lines.flatMap((line) => {
    const [, kitchenId, digest, at] = /^([0-9a-f-]{36}) ([0-9a-f]{64}) (\S+Z)$/.exec(line) ?? [];
    return kitchenId && digest && at ? [{ kitchenId, digest, at: new Date(at) }] : [];
  });
}

/** Those of a roster who were erased: by name, unless they were named again afterwards. */
export function erasedOf(
  roster: readonly Person[],
  kitchenId: string,
  vault: Pick<PeopleVault, 'all'>,
  erasures: readonly Erasure[],
): ReadonlySet<string> {
  const at = new Map(
    erasures.filter((each) => each.kitchenId === kitchenId).map((each) => [each.digest, each.at]),
  );
  const isErased = ({ id, name }: Person) =>
    vault.all.some((key) => {
      const when = at.get(digestOfName(key, kitchenId, foldedName(name)));
      return when !== undefined && writtenAt(id) <= when.getTime();
    });
  return new Set(roster.filter(isErased).map(({ id }) => id));
}

/** When an id was made, in milliseconds since 1970: a UUIDv7 begins with that. Of others it is long ago. */
function writtenAt(id: string): number {
  return id[14] === '7' ? parseInt(id.replaceAll('-', '').slice(0, 12), 16) : 0;
}
