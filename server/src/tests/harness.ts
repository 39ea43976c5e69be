import { join } from 'node:path';
import type { NestExpressApplication } from '@nestjs/platform-express';
import type { ClassSummary, ClassView, RecipeSummary } from '@fornax/contract';
import supertest from 'supertest';
import type { Sequelize } from 'sequelize-typescript';
import { v7 as uuid } from 'uuid';
import { inject } from 'vitest';
import type { ServerConfig } from '../config.js';
import { createApp } from '../create-app.js';
import { connect } from '../database/connect.js';
import { migrate } from '../database/migrate.js';
import { Planner } from '../planning/planner.js';
import { loadDemo } from '../demo/load-demo.js';

/** A day on which the demo's classes are in the future of any test run: their dates hang on it. */
export const demoDay = '2099-03-02';

export interface Harness {
  readonly app: NestExpressApplication;
  readonly sequelize: Sequelize;
  readonly url: string;
  /** A browser that has not been here. */
  visitor: () => ReturnType<typeof supertest.agent>;
  /** Calls the API without a session. */
  readonly stranger: ReturnType<typeof supertest.agent>;
  /** Calls the API as the demo's person. */
  readonly cook: ReturnType<typeof supertest.agent>;
  close: () => Promise<void>;
}

/** The address of a database of its own, with nothing in it. */
export async function emptyDatabase(): Promise<string> {
  const name = `test_${uuid().replaceAll('-', '')}`;
  const base = connect(inject('databaseUrl'));
  await base.query(`CREATE DATABASE ${name} CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci`);
  await base.close();
  const own = new URL(inject('databaseUrl'));
  own.pathname = `/${name}`;
  return own.href;
}

/** Settings of a server under test. */
export const testConfig: ServerConfig = {
  port: 0,
  host: '',
  hosts: [],
  trustProxy: '',
  pool: 8,
  databaseUrl: '',
  webFolder: '',
  demo: true,
  metricsPort: 0,
  metricsHost: '127.0.0.1',
  logLevel: 'trace',
  logFile: '',
  keyFile: '',
  dataFolder: '',
};

/**
 * An application over a fresh database, with the demo kitchen unless told otherwise; with `betters` it looks
 * for better plans unasked, as it does in earnest.
 */
export async function startHarness(
  settings: Partial<ServerConfig> = {},
  { betters = false } = {},
): Promise<Harness> {
  const sequelize = connect(await emptyDatabase());
  const config = {
    ...testConfig,
    logFile: join(inject('logFolder'), `${uuid()}.log`),
    keyFile: inject('keyFile'),
    ...settings,
  };
  await migrate(sequelize);
  if (config.demo) await loadDemo(sequelize, demoDay);
  const app = await createApp(sequelize, config);
  // Better plans that nobody asks for would take the processors from all other tests.
  const planner = app.get(Planner);
  planner.looksUnasked = betters;
  // What is best does not depend on how fast this machine is.
  planner.answerWithinMilliseconds = planner.patienceMilliseconds = 240_000;
  await app.listen(0, '127.0.0.1');
  const url = (await app.getUrl()).replace('[::1]', '127.0.0.1');
  const visitor = () => supertest.agent(url).set('Origin', url);
  const cook = visitor();
  if (config.demo) await cook.post('/api/session').send({ demo: true }).expect(204);
  return {
    app,
    sequelize,
    cook,
    url,
    visitor,
    stranger: visitor(),
    close: async () => {
      await app.close();
      await sequelize.close();
    },
  };
}

/** The demo class of a title, whole. */
export async function classNamed(cook: Harness['cook'], title: string): Promise<ClassView> {
  const { body: list } = (await cook.get('/api/classes').expect(200)) as { body: ClassSummary[] };
  const { body } = (await cook
    .get(`/api/classes/${list.find((each) => each.title === title)!.id}`)
    .expect(200)) as { body: ClassView };
  return body;
}

export async function recipeNamed(cook: Harness['cook'], title: RegExp): Promise<RecipeSummary> {
  return (await library(cook)).find((each) => title.test(each.title))!;
}

/** The library once all of its rows have been worked out. */
export async function library(cook: Harness['cook']): Promise<RecipeSummary[]> {
  for (;;) {
    const { body } = (await cook.get('/api/recipes').expect(200)) as { body: RecipeSummary[] };
    if (!body.some(({ isRenewed }) => isRenewed)) return body;
  }
}
