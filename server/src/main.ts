import { connect } from './database/connect.js';
import { schemaMismatch } from './database/migrate.js';
import { readConfig } from './config.js';
import { createApp } from './create-app.js';

/** Starts the server on loopback; says in one sentence why it could not. */
async function main(): Promise<void> {
  const config = readConfig(process.env);
  const sequelize = connect(config.databaseUrl);
  const mismatch = await schemaMismatch(sequelize);
  if (mismatch) throw new Error(mismatch);
  const app = await createApp(sequelize, config);
  await app.listen(config.port, '127.0.0.1');
  process.send?.({ ready: true });
  const stop = () => {
    void app
      .close()
      .then(() => sequelize.close())
      .then(() => process.exit(0));
  };
  process.once('SIGTERM', stop);
  process.once('SIGINT', stop);
  // The parent that owns the database has gone: nothing is left to serve.
  process.once('disconnect', stop);
}

main().catch((error: NodeJS.ErrnoException) => {
  const sentence =
    error.code === 'EADDRINUSE'
      ? `Port ${process.env.PORT ?? 4600} is in use: choose another with PORT=4601.`
      : error.message;
  process.stderr.write(`${sentence}\n`);
  process.exit(1);
});
