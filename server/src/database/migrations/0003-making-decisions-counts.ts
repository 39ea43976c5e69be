import type { Sequelize } from 'sequelize';
import { runStatements } from './run.js';

const statements = [
  `ALTER TABLE class_dishes ADD COLUMN making LONGTEXT NOT NULL DEFAULT '{}'`,
  `ALTER TABLE classes ADD COLUMN decisions LONGTEXT NOT NULL DEFAULT '{}'`,
  `ALTER TABLE shopping_ticks ADD COLUMN amount INT NOT NULL DEFAULT 0`,
];

/** How a dish is shared out, what was decided about the lists, and counts beside ticks. */
export async function up(sequelize: Sequelize): Promise<void> {
  await runStatements(sequelize, statements);
}
