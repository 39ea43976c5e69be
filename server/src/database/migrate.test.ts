import { setTimeout as wait } from 'node:timers/promises';
import { QueryTypes, type Sequelize } from 'sequelize';
import { afterAll, describe, expect, it } from 'vitest';
import { connect } from './connect.js';
import { underLease } from './lease.js';
import { migrate } from './migrate.js';
import { migrations } from './migrations/index.js';
import { emptyDatabase } from '../tests/harness.js';

const opened: Sequelize[] = [];
const open = (url: string) => {
  opened.push(connect(url));
  return opened[opened.length - 1]!;
};
const fresh = async () => open(await emptyDatabase());
afterAll(() => Promise.all(opened.map((each) => each.close())));

/** Every column and key of the schema, as MariaDB tells it. */
async function schemaOf(sequelize: Sequelize): Promise<unknown> {
  const columns = await sequelize.query(
    `SELECT table_name, column_name, column_type, is_nullable, collation_name, column_default
      FROM information_schema.columns WHERE table_schema = DATABASE() ORDER BY 1, ordinal_position`,
    { type: QueryTypes.SELECT },
  );
  const keys = await sequelize.query(
    `SELECT table_name, index_name, column_name, seq_in_index FROM information_schema.statistics
      WHERE table_schema = DATABASE() ORDER BY 1, 2, 4`,
    { type: QueryTypes.SELECT },
  );
  return { columns, keys };
}

describe('migrations', () => {
  it('of four starts at once one makes the schema, and the others find it made', async () => {
    const url = await emptyDatabase();
    const all = Array.from({ length: 4 }, () => open(url));
    const done = await Promise.all(all.map(migrate));
    expect(done.flat()).toEqual(migrations.map(({ name }) => name));
  });

  it('broken off after any statement, go on from there to the same schema', async () => {
    const whole = await fresh();
    await migrate(whole);
    const wanted = await schemaOf(whole);
    const broken = await fresh();
    const query = broken.query.bind(broken);
    let left = 0;
    broken.query = ((sql: string, options: never) => {
      const isOfMigration = /^\s*(CREATE|ALTER|UPDATE recipe)/.test(sql) && !/schema_/.test(sql);
      if (isOfMigration && left-- <= 0) throw new Error('killed');
      return query(sql, options);
    }) as never;
    let breaks = 0;
    for (let isWhole = false; !isWhole; left = breaks)
      isWhole = await migrate(broken).then(
        () => true,
        (error: Error) => {
          expect(error.message).toContain('killed');
          breaks += 1;
          return false;
        },
      );
    expect(breaks).toBeGreaterThan(12);
    broken.query = query as never;
    expect(await schemaOf(broken)).toEqual(wanted);
  });
});

describe('the lease', () => {
  it('of a process that was killed runs out, and is not taken before', async () => {
    const sequelize = await fresh();
    await underLease(sequelize, () => Promise.resolve());
    await sequelize.query(
      "UPDATE schema_lease SET holder = 'gone', until = NOW() + INTERVAL 2 SECOND WHERE id = 1",
    );
    const start = performance.now();
    await underLease(sequelize, () => Promise.resolve());
    expect(performance.now() - start).toBeGreaterThan(900);
  });
  it('lets one work at a time', async () => {
    const sequelize = await fresh();
    let inside = 0;
    let most = 0;
    await Promise.all(
      Array.from({ length: 4 }, () =>
        underLease(sequelize, async () => {
          most = Math.max(most, ++inside);
          await wait(20);
          inside -= 1;
        }),
      ),
    );
    expect(most).toBe(1);
  });
});
