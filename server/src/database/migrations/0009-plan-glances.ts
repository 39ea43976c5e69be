import type { Sequelize } from 'sequelize';
import { runStatements } from './run.js';

/** What the list of classes shows of each plan, by the digest of what the plan rests on. */
export function up(sequelize: Sequelize): Promise<void> {
  return runStatements(sequelize, [
    `CREATE TABLE plan_glances (
      class_id CHAR(36) CHARACTER SET ascii COLLATE ascii_bin PRIMARY KEY,
      kitchen_id CHAR(36) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
      digest CHAR(44) CHARACTER SET ascii COLLATE ascii_bin NOT NULL, jobs LONGTEXT NOT NULL,
      to_decide INT NOT NULL, FOREIGN KEY (class_id) REFERENCES classes (id))`,
  ]);
}
