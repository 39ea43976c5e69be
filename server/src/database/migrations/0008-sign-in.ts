import type { Sequelize } from 'sequelize';
import { runStatements } from './run.js';

/**
 * Tries to sign in are counted, no longer kept one by one; devices on which somebody has signed in are known,
 * so that tries of others elsewhere do not hold their owner up.
 */
export function up(sequelize: Sequelize): Promise<void> {
  return runStatements(sequelize, [
    `CREATE TABLE sign_in_tries (
      subject CHAR(64) CHARACTER SET ascii COLLATE ascii_bin PRIMARY KEY, tries INT NOT NULL,
      since DATETIME(3) NOT NULL, latest DATETIME(3) NOT NULL, KEY tries_since (since))`,
    `CREATE TABLE known_devices (
      token_hash CHAR(64) CHARACTER SET ascii COLLATE ascii_bin PRIMARY KEY,
      account_id CHAR(36) CHARACTER SET ascii COLLATE ascii_bin NOT NULL, seen_at DATETIME(3) NOT NULL,
      KEY device_account (account_id, seen_at), FOREIGN KEY (account_id) REFERENCES accounts (id))`,
    'DROP TABLE IF EXISTS sign_in_attempts',
  ]);
}
