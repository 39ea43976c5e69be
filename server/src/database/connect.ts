import { Sequelize } from 'sequelize-typescript';
import { models } from './models.js';

/**
 * The driver's own limit of 1 s fails a burst of new connections on a busy machine; a request would rather
 * wait.
 */
const connectMilliseconds = 15_000;

/** Opens the pool. Amounts of JSON are text to MariaDB; the models read and write them. */
export function connect(databaseUrl: string, pool = 8): Sequelize {
  return new Sequelize(databaseUrl, {
    dialect: 'mariadb',
    models,
    logging: false,
    pool: { max: pool, min: 0, acquire: 20_000, idle: 10_000 },
    dialectOptions: { connectTimeout: connectMilliseconds },
    define: { underscored: true, timestamps: false, charset: 'utf8mb4' },
    timezone: '+00:00',
  });
}
