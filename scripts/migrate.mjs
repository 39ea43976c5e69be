import { startDatabase } from './lib/database.mjs';
import { ensureBuild, ensureNodeModules, ensurePackages } from './lib/machine.mjs';
import { runCommand } from './lib/say.mjs';
import { dataFolder, prepare } from './lib/serve.mjs';

/** Brings a database up to date: the one FORNAX_DATABASE names, or the project's own. */
await runCommand(async () => {
  ensureNodeModules();
  ensureBuild();
  if (process.env.FORNAX_DATABASE) return prepare(process.env, []);
  ensurePackages(['mariadb-server']);
  const database = await startDatabase(dataFolder('.fornax'));
  try {
    prepare({ ...process.env, FORNAX_DATABASE: database.url }, []);
  } finally {
    await database.stop();
  }
});
