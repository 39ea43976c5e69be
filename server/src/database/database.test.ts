import { setTimeout as wait } from 'node:timers/promises';
import { afterAll, beforeAll, describe, expect, inject, it } from 'vitest';
import { connect } from './connect.js';
import { KitchenRow } from './models.js';
import { migrate, schemaMismatch } from './migrate.js';
import { inTransaction } from './transaction.js';
import { loadDemo } from '../demo/load-demo.js';
import { demoDay, startHarness, type Harness } from '../tests/harness.js';

let harness: Harness;
beforeAll(async () => {
  harness = await startHarness();
});
afterAll(() => harness.close());

describe('the schema', () => {
  it('is brought up to date once', async () => {
    expect(await migrate(harness.sequelize)).toEqual([]);
    expect(await schemaMismatch(harness.sequelize)).toBeNull();
  });
  it('a newer one is told', async () => {
    await harness.sequelize.query("INSERT INTO schema_migrations (name) VALUES ('9999-from-the-future')");
    expect(await schemaMismatch(harness.sequelize)).toContain('newer than this server');
    await harness.sequelize.query("DELETE FROM schema_migrations WHERE name LIKE '9999%'");
  });
  it('an older one is told', async () => {
    await harness.sequelize.query("DELETE FROM schema_migrations WHERE name = '0002-choices-larder-stock'");
    expect(await schemaMismatch(harness.sequelize)).toContain(
      'run npm run migrate first (0002-choices-larder-stock)',
    );
    await harness.sequelize.query(
      "INSERT INTO schema_migrations (name) VALUES ('0002-choices-larder-stock')",
    );
  });
});

describe('the demo', () => {
  it('is loaded once, and keeps what was entered', async () => {
    expect(await loadDemo(harness.sequelize, demoDay)).toBe(false);
    expect(await KitchenRow.count()).toBe(1);
  });
});

describe('transactions', () => {
  const deadlock = () => Object.assign(new Error('deadlock'), { original: { code: 'ER_LOCK_DEADLOCK' } });
  it('start again after a deadlock', async () => {
    let tries = 0;
    const result = await inTransaction(harness.sequelize, async () => {
      tries += 1;
      if (tries < 3) throw deadlock();
      return 'done';
    });
    expect([result, tries]).toEqual(['done', 3]);
  });
  it('give up in the end, and never retry another error', async () => {
    await expect(inTransaction(harness.sequelize, () => Promise.reject(deadlock()))).rejects.toThrow(
      'deadlock',
    );
    let tries = 0;
    await expect(
      inTransaction(harness.sequelize, () => {
        tries += 1;
        return Promise.reject(new Error('other'));
      }),
    ).rejects.toThrow('other');
    expect(tries).toBe(1);
  });
});

describe('a busy machine', () => {
  it('waits for a database that takes seconds to take a connection', async () => {
    const fresh = connect(inject('databaseUrl'));
    process.kill(inject('databasePid'), 'SIGSTOP');
    try {
      const answer = fresh.authenticate();
      await Promise.race([wait(2500), answer.catch(() => undefined)]);
      process.kill(inject('databasePid'), 'SIGCONT');
      await expect(answer).resolves.toBeUndefined();
    } finally {
      process.kill(inject('databasePid'), 'SIGCONT');
      await fresh.close();
    }
  });
});
