import { Sequelize } from 'sequelize-typescript';
import { DatabaseHosts, hostsIn } from './hosts.js';
import { models } from './models.js';
import { isInTransaction } from './transaction.js';

/**
 * The driver's own limit of 1 s fails a burst of new connections on a busy machine; a request would rather
 * wait.
 */
const connectMilliseconds = 15_000;
/** A node of a cluster that says nothing for so long has stopped, and another is asked. */
const silentMilliseconds = 9000;

interface Connection {
  isValid(): boolean;
}

/** Opens the pool. Amounts of JSON are text to MariaDB; the models read and write them. */
export function connect(databaseUrl: string, pool = 8): Sequelize {
  const { first, hosts } = hostsIn(databaseUrl);
  const cluster = hosts.length > 1 ? new DatabaseHosts(hosts) : null;
  const placeOf = new WeakMap<object, number>();
  const isOfCurrent = (connection: unknown) =>
    (connection as Connection).isValid() && placeOf.get(connection as object) === cluster!.current;
  const sequelize = new Sequelize(first, {
    dialect: 'mariadb',
    models,
    logging: false,
    pool: { max: pool, min: 0, acquire: 20_000, idle: 10_000, ...(cluster ? { validate: isOfCurrent } : {}) },
    dialectOptions: {
      connectTimeout: connectMilliseconds,
      // What goes wrong is told without the statement and its values.
      logParam: false,
      debugLen: 1,
      initSql: `SET SESSION ${[lockWait, ...(cluster ? [clusterWait] : [])].join(', SESSION ')}`,
      ...(cluster ? { socketTimeout: silentMilliseconds } : {}),
    },
    define: { underscored: true, timestamps: false, charset: 'utf8mb4' },
    timezone: '+00:00',
  });
  if (!cluster) return sequelize;
  sequelize.addHook('beforeConnect', async (config) => {
    const { username, password } = config;
    Object.assign(config, await cluster.choose({ user: username ?? '', password: password ?? '' }));
  });
  sequelize.addHook('afterConnect', (connection) => {
    placeOf.set(connection as object, cluster.current);
  });
  leaveWhatFails(sequelize, cluster);
  return sequelize;
}

/** A lock that has not come for so long is asked for again, and then whoever waits is told. */
const lockWait = 'innodb_lock_wait_timeout = 4';
/**
 * Reads and writes wait until the node has all that the cluster has agreed on, so that nobody is shown what
 * stood before their own change.
 */
const clusterWait = 'wsrep_sync_wait = 7';

/**
 * After a fault of its node no connection to it is taken again before it has been looked at; what only reads,
 * in no transaction, is asked of another at once.
 */
function leaveWhatFails(sequelize: Sequelize, cluster: DatabaseHosts): void {
  const query = sequelize.query.bind(sequelize) as (...given: unknown[]) => Promise<unknown>;
  sequelize.query = (async (sql: unknown, options?: { transaction?: unknown }) => {
    try {
      return await query(sql, options);
    } catch (error) {
      if (!isOfNode(error)) throw error;
      cluster.leave();
      if (options?.transaction || isInTransaction() || !isReading(sql)) throw error;
      return query(sql, options);
    }
  }) as never;
}

function isReading(sql: unknown): boolean {
  const text = typeof sql === 'string' ? sql : (sql as { query: string }).query;
  return /^\s*SELECT\b/i.test(text);
}

/** The connection ended, could not be made, or its node has been cut off from the others. */
function isOfNode(error: unknown): boolean {
  const { original } = error as { original?: { code?: string; fatal?: boolean } };
  return original?.fatal === true || original?.code === 'ER_UNKNOWN_COM_ERROR';
}
