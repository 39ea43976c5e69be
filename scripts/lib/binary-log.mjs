import { join } from 'node:path';

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
    '--sync-binlog=1',
    `--binlog-expire-logs-seconds=${days * 86_400}`,
    `--max-binlog-size=${mostBytes}`,
  ];
}
