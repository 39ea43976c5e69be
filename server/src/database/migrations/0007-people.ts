import type { Sequelize } from 'sequelize';
import { runStatements } from './run.js';

/** Who comes to a class: kept with it, and erased by itself. */
export function up(sequelize: Sequelize): Promise<void> {
  return runStatements(sequelize, [
    `ALTER TABLE classes ADD COLUMN IF NOT EXISTS roster LONGTEXT NOT NULL DEFAULT '[]'`,
  ]);
}
