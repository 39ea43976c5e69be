import { resolve } from 'node:path';
import { parseArgs } from 'node:util';
import { restore } from './lib/backup/backup.mjs';
import { ensureBuild, ensureNodeModules, ensurePackages } from './lib/machine.mjs';
import { PlainError, runCommand } from './lib/say.mjs';
import { dataFolder } from './lib/serve.mjs';

const usage =
  'Say which backup: FORNAX_DATA=/new/folder npm run restore -- /the/backup, and to bring it forward ' +
  '--changes /the/old/folder --until "2026-11-26 18:30:00" (UTC).';

/** Puts a backup into an empty folder, and brings it to a later moment where that is asked for. */
await runCommand(async () => {
  const { positionals, values } = parseArgs({
    allowPositionals: true,
    options: {
      changes: { type: 'string' },
      until: { type: 'string' },
      key: { type: 'string' },
      'people-key': { type: 'string' },
      'as-far-as-whole': { type: 'boolean' },
    },
  });
  if (positionals.length !== 1 || (values.until && !values.changes)) throw new PlainError(usage);
  ensurePackages(['mariadb-server']);
  ensureNodeModules();
  ensureBuild();
  const folder = dataFolder('.fornax');
  const reached = await restore(resolve(positionals[0]), folder, {
    changes: values.changes ? resolve(values.changes) : null,
    until: values.until ?? null,
    key: values.key ? resolve(values.key) : null,
    peopleKey: values['people-key'] ? resolve(values['people-key']) : null,
    asFarAsWhole: values['as-far-as-whole'] ?? false,
  });
  process.stdout.write(
    `The backup is put back in ${folder}, as it was at ${reached.slice(0, 19).replace('T', ' ')} (UTC): ` +
      'start Fornax with it.\n',
  );
});
