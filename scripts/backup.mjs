import { join, resolve } from 'node:path';
import { parseArgs } from 'node:util';
import { backUp, checkBackup } from './lib/backup/backup.mjs';
import { makeKey } from './lib/backup/sealed.mjs';
import { ensureNodeModules, ensurePackages } from './lib/machine.mjs';
import { runCommand } from './lib/say.mjs';
import { dataFolder } from './lib/serve.mjs';

/**
 * Takes a backup while Fornax runs or not: `npm run backup`, or `npm run backup -- /where/backups/are`.
 * `--also /a/second/folder` copies it there, `--key /a/file` seals it, `--new-key /a/file` makes that file,
 * `--check` puts the backup into a database of its own and compares.
 */
await runCommand(async () => {
  const { positionals, values } = parseArgs({
    allowPositionals: true,
    options: {
      also: { type: 'string' },
      key: { type: 'string' },
      'new-key': { type: 'string' },
      check: { type: 'boolean' },
    },
  });
  ensurePackages(['mariadb-server']);
  ensureNodeModules();
  if (values['new-key']) {
    await makeKey(resolve(values['new-key']));
    process.stdout.write(
      `The key is in ${values['new-key']}. Keep it apart from the backups: nothing opens them without it.\n`,
    );
    return;
  }
  const folder = dataFolder('.fornax');
  const target = positionals[0] ? resolve(positionals[0]) : join(folder, 'backups');
  const key = values.key ? resolve(values.key) : null;
  const made = await backUp(folder, target, { key, also: values.also ? resolve(values.also) : null });
  process.stdout.write(
    `The backup is in ${made}. ` +
      `${values.also ? `A copy is in ${values.also}.` : 'Keep a copy of it on another machine.'}\n`,
  );
  if (!values.check) return;
  const { tables, rows } = await checkBackup(made, { key });
  process.stdout.write(`It was put back to try it: ${tables} tables with ${rows} rows, as they were.\n`);
});
