import type { Sequelize } from 'sequelize';
import { runStatements } from './run.js';

const id = (name: string) => `${name} CHAR(36) CHARACTER SET ascii COLLATE ascii_bin`;

/**
 * Names and needs are sealed with a key of their class, which is destroyed with them; and who was erased is
 * remembered by a digest, so that a backup that is put back does not bring them back.
 */
export function up(sequelize: Sequelize): Promise<void> {
  return runStatements(sequelize, [
    `CREATE TABLE class_keys (
      ${id('class_id')} PRIMARY KEY, ${id('kitchen_id')} NOT NULL,
      wrapped VARCHAR(255) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
      FOREIGN KEY (class_id) REFERENCES classes (id))`,
    `CREATE TABLE erasures (
      ${id('kitchen_id')} NOT NULL, digest CHAR(64) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
      at DATETIME(3) NOT NULL, PRIMARY KEY (kitchen_id, digest),
      FOREIGN KEY (kitchen_id) REFERENCES kitchens (id))`,
  ]);
}
