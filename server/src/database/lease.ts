import { hostname } from 'node:os';
import { setTimeout as wait } from 'node:timers/promises';
import { QueryTypes, type Sequelize } from 'sequelize';
import { v7 as uuid } from 'uuid';

const leaseSeconds = 30;
const renewMilliseconds = 10_000;
const lookAgainMilliseconds = 250;
const longestWaitMilliseconds = 600_000;

/**
 * Does work that only one process may do at a time, on whatever node of a cluster: it holds a row with a
 * lease, which it renews while it works, and which runs out by itself where it was killed. A lock of the
 * connection's own would not do: a cluster does not pass those on to its other nodes.
 */
export async function underLease<T>(sequelize: Sequelize, work: () => Promise<T>): Promise<T> {
  const holder = `${hostname()} ${process.pid} ${uuid()}`.slice(-100);
  await makeRow(sequelize);
  const until = performance.now() + longestWaitMilliseconds;
  while (!(await take(sequelize, holder))) {
    if (performance.now() > until)
      throw new Error('Another start has been changing the database for 10 minutes: see to that one first.');
    await wait(lookAgainMilliseconds);
  }
  const renewal = setInterval(() => void take(sequelize, holder).catch(() => false), renewMilliseconds);
  try {
    return await work();
  } finally {
    clearInterval(renewal);
    await sequelize.query('UPDATE schema_lease SET until = NOW() WHERE id = 1 AND holder = ?', {
      replacements: [holder],
    });
  }
}

async function makeRow(sequelize: Sequelize): Promise<void> {
  await sequelize.query(
    `CREATE TABLE IF NOT EXISTS schema_lease (id TINYINT PRIMARY KEY CHECK (id = 1),
      holder VARCHAR(100) NOT NULL, until DATETIME NOT NULL) ENGINE=InnoDB`,
  );
  await sequelize.query("INSERT IGNORE INTO schema_lease (id, holder, until) VALUES (1, '', NOW())");
}

/**
 * Takes the lease, or renews one's own; false where another holds it. Of two at once on two nodes of a
 * cluster the second is told of a deadlock: it looks again.
 */
async function take(sequelize: Sequelize, holder: string): Promise<boolean> {
  try {
    const [, changed] = await sequelize.query(
      `UPDATE schema_lease SET holder = ?, until = NOW() + INTERVAL ${leaseSeconds} SECOND
        WHERE id = 1 AND (until <= NOW() OR holder = ?)`,
      { replacements: [holder, holder], type: QueryTypes.UPDATE },
    );
    return changed === 1;
  } catch (error) {
    if ((error as { original?: { code?: string } }).original?.code === 'ER_LOCK_DEADLOCK') return false;
    throw error;
  }
}
