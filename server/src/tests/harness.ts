import type { NestExpressApplication } from '@nestjs/platform-express';
import type { ClassSummary, ClassView, RecipeSummary } from '@fornax/contract';
import supertest from 'supertest';
import type { Sequelize } from 'sequelize-typescript';
import { v7 as uuid } from 'uuid';
import { inject } from 'vitest';
import { createApp } from '../create-app.js';
import { connect } from '../database/connect.js';
import { migrate } from '../database/migrate.js';
import { loadDemo } from '../demo/load-demo.js';

/** A day on which the demo's classes are in the future of any test run: their dates hang on it. */
export const demoDay = '2099-03-02';

export interface Harness {
  readonly app: NestExpressApplication;
  readonly sequelize: Sequelize;
  /** Calls the API without a session. */
  readonly stranger: ReturnType<typeof supertest.agent>;
  /** Calls the API as the demo's person. */
  readonly cook: ReturnType<typeof supertest.agent>;
  close: () => Promise<void>;
}

/** An application over a fresh database, with the demo kitchen unless told otherwise. */
export async function startHarness({ demo = true, webFolder = '', trustProxy = '' } = {}): Promise<Harness> {
  const name = `test_${uuid().replaceAll('-', '')}`;
  const base = connect(inject('databaseUrl'));
  await base.query(`CREATE DATABASE ${name} CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci`);
  await base.close();
  const own = new URL(inject('databaseUrl'));
  own.pathname = `/${name}`;
  const sequelize = connect(own.href);
  await migrate(sequelize);
  if (demo) await loadDemo(sequelize, demoDay);
  const app = await createApp(sequelize, {
    port: 0,
    host: '',
    trustProxy,
    pool: 8,
    databaseUrl: '',
    webFolder,
    demo,
    logLevel: 'silent',
  });
  await app.init();
  const cook = supertest.agent(app.getHttpServer());
  if (demo) await cook.post('/api/session').send({ demo: true }).expect(204);
  return {
    app,
    sequelize,
    cook,
    stranger: supertest.agent(app.getHttpServer()),
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
  const { body } = (await cook.get('/api/recipes').expect(200)) as { body: RecipeSummary[] };
  return body.find((each) => title.test(each.title))!;
}
