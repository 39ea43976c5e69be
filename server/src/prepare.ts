import type { Sequelize } from 'sequelize-typescript';
import { connect } from './database/connect.js';
import { migrate } from './database/migrate.js';
import { readConfig, type ServerConfig } from './config.js';

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
    // What only some of it needs is loaded for that alone: a start waits for this.
    if (mode === 'demo' && given[0])
      await (await import('./demo/load-demo.js')).loadDemo(sequelize, given[0]);
    if (mode === 'rewrap') await rewrap(sequelize, config);
    if (mode === 'erase') await eraseAgain(sequelize, config, given);
  } finally {
    await sequelize.close();
  }
}

async function rewrap(sequelize: Sequelize, config: ServerConfig): Promise<void> {
  const { createApp } = await import('./create-app.js');
  const { PeopleVault } = await import('./people/people-vault.js');
  const app = await createApp(sequelize, config);
  await app.get(PeopleVault).rewrap();
  await app.close();
}

async function eraseAgain(
  sequelize: Sequelize,
  config: ServerConfig,
  registers: readonly string[],
): Promise<void> {
  const { createApp } = await import('./create-app.js');
  const { erasuresIn } = await import('./people/erasures.js');
  const { PeopleService } = await import('./people/people.service.js');
  const app = await createApp(sequelize, config);
  for (const file of registers) await app.get(PeopleService).eraseAgain(await erasuresIn(file));
  await app.close();
}

main(process.argv.slice(2)).catch((error: Error) => {
  process.stderr.write(`${error.message}\n`);
  process.exit(1);
});
