import { connect } from './database/connect.js';
import { migrate } from './database/migrate.js';
import { loadDemo } from './demo/load-demo.js';
import { readConfig } from './config.js';
import { createApp } from './create-app.js';
import { erasuresIn } from './people/erasures.js';
import { PeopleService } from './people/people.service.js';
import { PeopleVault } from './people/people-vault.js';

/**
 * Steps of their own, before the server. Brings the schema up to date; then with “demo <today>” loads the
 * demo kitchen, with “erase <registers>” erases again whoever was erased before a backup was put back, with
 * “rewrap” seals the keys of classes with the newest key of the installation.
 */
async function main([mode, ...given]: readonly string[]): Promise<void> {
  const config = readConfig(process.env);
  const sequelize = connect(config.databaseUrl);
  try {
    await migrate(sequelize);
    if (mode === 'demo' && given[0]) await loadDemo(sequelize, given[0]);
    if (mode === 'erase' || mode === 'rewrap') {
      const app = await createApp(sequelize, config);
      if (mode === 'rewrap') await app.get(PeopleVault).rewrap();
      else for (const file of given) await app.get(PeopleService).eraseAgain(await erasuresIn(file));
      await app.close();
    }
  } finally {
    await sequelize.close();
  }
}

main(process.argv.slice(2)).catch((error: Error) => {
  process.stderr.write(`${error.message}\n`);
  process.exit(1);
});
