import { connect } from './database/connect.js';
import { migrate } from './database/migrate.js';
import { loadDemo } from './demo/load-demo.js';
import { readConfig } from './config.js';

/**
 * Brings the schema up to date and, with "demo <today>", loads the demo kitchen. A step of its own, before
 * the server.
 */
async function main([mode, today]: readonly string[]): Promise<void> {
  const sequelize = connect(readConfig(process.env).databaseUrl);
  try {
    await migrate(sequelize);
    if (mode === 'demo' && today) await loadDemo(sequelize, today);
  } finally {
    await sequelize.close();
  }
}

main(process.argv.slice(2)).catch((error: Error) => {
  process.stderr.write(`${error.message}\n`);
  process.exit(1);
});
