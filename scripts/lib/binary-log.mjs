import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { basename, join } from 'node:path';

/** Days that changes are kept for, so that a backup can be brought to any moment since. */
const days = 14;
const mostBytes = 64 * 1024 * 1024;

/** Where every change is written down a second time. */
export function binaryLogFolder(folder) {
  return join(folder, 'database-changes');
}

/** A change is answered once it is in both: what a restored backup lacks is read from here. */
export function binaryLog(folder) {
  return [
    `--log-bin=${join(binaryLogFolder(folder), 'changes')}`,
    '--binlog-format=ROW',
    '--binlog-checksum=CRC32',
    '--sync-binlog=1',
    `--binlog-expire-logs-seconds=${days * 86_400}`,
    `--max-binlog-size=${mostBytes}`,
  ];
}

/**
 * The record's list of its files names them by their whole paths; a data folder that was moved, or put back
 * from a backup, has them where it is now.
 */
export function relocateBinaryLog(folder) {
  const list = join(binaryLogFolder(folder), 'changes.index');
  if (!existsSync(list)) return;
  const before = readFileSync(list, 'utf8');
  const now = before.replace(/.+/g, (path) => join(binaryLogFolder(folder), basename(path)));
  if (now !== before) writeFileSync(list, now);
}
