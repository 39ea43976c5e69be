import type { Sequelize } from 'sequelize';
import { runStatements } from './run.js';

const statements = [
  `ALTER TABLE shopping_ticks MODIFY row_key VARCHAR(200)
    CHARACTER SET utf8mb4 COLLATE utf8mb4_nopad_bin NOT NULL`,
];

/** Rows whose names differ by case, accent, sign or blank are different rows. */
export async function up(sequelize: Sequelize): Promise<void> {
  await runStatements(sequelize, statements);
}
