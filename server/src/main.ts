import type { Server } from 'node:http';
import type { NestExpressApplication } from '@nestjs/platform-express';
import type { Sequelize } from 'sequelize-typescript';
import { connect } from './database/connect.js';
import { schemaMismatch } from './database/migrate.js';
import { readConfig } from './config.js';
import { createApp } from './create-app.js';
import { PeopleVault } from './people/people-vault.js';
import { Stopping } from './health/stopping.js';
import { Metrics } from './health/metrics.js';

/** What runs is let finish for so long; whoever is still connected then is cut off. */
const finishMilliseconds = 6000;
const lastMilliseconds = 9000;

async function stopped(app: NestExpressApplication, sequelize: Sequelize): Promise<void> {
  const server = app.getHttpServer() as Server;
  // Connections that wait for another request are closed at once, the others with the answer under way.
  app.get(Stopping).begin();
  server.closeIdleConnections();
  setTimeout(() => server.closeAllConnections(), finishMilliseconds).unref();
  setTimeout(() => process.exit(1), lastMilliseconds).unref();
  await app.close();
  await sequelize.close();
  process.exit(0);
}

/** Starts the server on loopback; says in one sentence why it could not. */
async function main(): Promise<void> {
  const config = readConfig(process.env);
  const sequelize = connect(config.databaseUrl, config.pool);
  const mismatch = await schemaMismatch(sequelize);
  if (mismatch) throw new Error(mismatch);
  const app = await createApp(sequelize, config);
  const sealed = await app.get(PeopleVault).problem();
  if (sealed) throw new Error(sealed);
  await app.listen(config.port, config.host);
  if (config.metricsPort) await app.get(Metrics).serve(config.metricsPort, config.metricsHost);
  process.send?.({ ready: true });
  const stop = () => void stopped(app, sequelize);
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
