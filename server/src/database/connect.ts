import { Sequelize } from 'sequelize-typescript';
import { models } from './models.js';

/** Opens the pool. Amounts of JSON are text to MariaDB; the models read and write them. */
export function connect(databaseUrl: string): Sequelize {
  return new Sequelize(databaseUrl, {
    dialect: 'mariadb', models, logging: false, pool: { max: 8, min: 0, acquire: 15_000, idle: 10_000 },
    define: { underscored: true, timestamps: false, charset: 'utf8mb4' }, timezone: '+00:00',
  });
}
