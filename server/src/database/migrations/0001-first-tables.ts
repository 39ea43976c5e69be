import type { Sequelize } from 'sequelize';
import { runStatements } from './run.js';

const id = (name: string) => `${name} CHAR(36) CHARACTER SET ascii COLLATE ascii_bin`;

const tables = [
  `CREATE TABLE kitchens (
    ${id('id')} PRIMARY KEY, facts LONGTEXT NOT NULL, demo BOOLEAN NOT NULL DEFAULT FALSE,
    revision INT NOT NULL DEFAULT 1)`,
  `CREATE TABLE accounts (
    ${id('id')} PRIMARY KEY, ${id('kitchen_id')} NOT NULL, name VARCHAR(80) NOT NULL,
    email VARCHAR(254) NULL, password_hash VARCHAR(255) NULL, UNIQUE KEY account_email (email),
    FOREIGN KEY (kitchen_id) REFERENCES kitchens (id))`,
  // One row at most: of two first starts at the same moment its key lets one through.
  `CREATE TABLE first_account (
    id TINYINT PRIMARY KEY CHECK (id = 1), ${id('account_id')} NOT NULL,
    FOREIGN KEY (account_id) REFERENCES accounts (id))`,
  `CREATE TABLE sessions (
    token_hash CHAR(64) CHARACTER SET ascii COLLATE ascii_bin PRIMARY KEY, ${id('account_id')} NOT NULL,
    ${id('kitchen_id')} NOT NULL, expires_at DATETIME NOT NULL, KEY session_expiry (expires_at),
    FOREIGN KEY (account_id) REFERENCES accounts (id))`,
  `CREATE TABLE sign_in_attempts (
    ${id('id')} PRIMARY KEY, subject VARCHAR(254) NOT NULL, at DATETIME NOT NULL,
    KEY attempt_subject (subject, at))`,
  `CREATE TABLE courses (
    ${id('id')} PRIMARY KEY, ${id('kitchen_id')} NOT NULL, title VARCHAR(160) NOT NULL,
    KEY course_kitchen (kitchen_id), FOREIGN KEY (kitchen_id) REFERENCES kitchens (id))`,
  `CREATE TABLE recipes (
    ${id('id')} PRIMARY KEY, ${id('kitchen_id')} NOT NULL, revision INT NOT NULL,
    title VARCHAR(160) NOT NULL, content LONGTEXT NOT NULL, deleted_at DATETIME NULL,
    KEY recipe_kitchen (kitchen_id, title), FOREIGN KEY (kitchen_id) REFERENCES kitchens (id))`,
  `CREATE TABLE recipe_versions (
    ${id('id')} PRIMARY KEY, ${id('kitchen_id')} NOT NULL, ${id('recipe_id')} NOT NULL,
    number INT NOT NULL, content LONGTEXT NOT NULL, UNIQUE KEY version_number (recipe_id, number),
    FOREIGN KEY (recipe_id) REFERENCES recipes (id))`,
  `CREATE TABLE classes (
    ${id('id')} PRIMARY KEY, ${id('kitchen_id')} NOT NULL, ${id('course_id')} NULL,
    revision INT NOT NULL, title VARCHAR(160) NOT NULL, starts_at CHAR(16) NOT NULL,
    zone VARCHAR(60) NOT NULL, length_minutes INT NOT NULL, place VARCHAR(120) NOT NULL,
    people INT NOT NULL, people_per_station INT NOT NULL, assistants INT NOT NULL,
    demonstration_plates INT NOT NULL, deleted_at DATETIME NULL,
    KEY class_kitchen (kitchen_id, starts_at), FOREIGN KEY (kitchen_id) REFERENCES kitchens (id),
    FOREIGN KEY (course_id) REFERENCES courses (id))`,
  `CREATE TABLE class_dishes (
    ${id('id')} PRIMARY KEY, ${id('kitchen_id')} NOT NULL, ${id('class_id')} NOT NULL,
    ${id('recipe_id')} NOT NULL, version INT NOT NULL, position INT NOT NULL,
    \`portion\` VARCHAR(20) NOT NULL, maker VARCHAR(20) NOT NULL, KEY dish_class (class_id),
    KEY dish_recipe (recipe_id), FOREIGN KEY (class_id) REFERENCES classes (id),
    FOREIGN KEY (recipe_id) REFERENCES recipes (id))`,
  `CREATE TABLE shopping_ticks (
    ${id('id')} PRIMARY KEY, ${id('kitchen_id')} NOT NULL, ${id('class_id')} NOT NULL,
    row_key VARCHAR(200) NOT NULL, ticked BOOLEAN NOT NULL, ticked_by VARCHAR(80) NOT NULL,
    at DATETIME(3) NOT NULL, UNIQUE KEY tick_row (class_id, row_key),
    FOREIGN KEY (class_id) REFERENCES classes (id))`,
  `CREATE TABLE techniques (
    ${id('id')} PRIMARY KEY, ${id('kitchen_id')} NOT NULL, slug VARCHAR(40) NOT NULL,
    note LONGTEXT NOT NULL, UNIQUE KEY technique_slug (kitchen_id, slug),
    FOREIGN KEY (kitchen_id) REFERENCES kitchens (id))`,
];

/** Kitchens, people, recipes with their versions, classes with their dishes, ticks and technique notes. */
export async function up(sequelize: Sequelize): Promise<void> {
  await runStatements(
    sequelize,
    tables.map((table) => `${table} DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci ENGINE=InnoDB`),
  );
}
