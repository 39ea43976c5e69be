import { join, resolve } from 'node:path';
import { backUp } from './lib/backup.mjs';
import { ensurePackages } from './lib/machine.mjs';
import { runCommand } from './lib/say.mjs';
import { dataFolder } from './lib/serve.mjs';

/** Takes a backup while Fornax runs or not: `npm run backup`, or `npm run backup -- /where/backups/are`. */
await runCommand(async () => {
  ensurePackages(['mariadb-server']);
  const folder = dataFolder('.fornax');
  const target = process.argv[2] ? resolve(process.argv[2]) : join(folder, 'backups');
  const made = await backUp(folder, target);
  process.stdout.write(`The backup is in ${made}. Keep a copy of it on another machine.\n`);
});
