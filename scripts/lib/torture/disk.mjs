import { closeSync, openSync, rmSync, writeSync } from 'node:fs';
import { join } from 'node:path';

const pieceBytes = 256 * 1024;

/** Fills the disk that a folder is on to the last piece; returns how to empty it again. */
export function fillDisk(folder) {
  const file = join(folder, 'filling');
  const filling = openSync(file, 'w');
  const piece = Buffer.alloc(pieceBytes, 1);
  try {
    for (;;) writeSync(filling, piece);
  } catch (error) {
    if (error.code !== 'ENOSPC') throw error;
  } finally {
    closeSync(filling);
  }
  return () => rmSync(file);
}
