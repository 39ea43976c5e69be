import type { Sequelize } from 'sequelize';
import { runStatements } from './run.js';

const id = (name: string) => `${name} CHAR(36) CHARACTER SET ascii COLLATE ascii_bin`;

const statements = [
  `ALTER TABLE class_dishes ADD COLUMN choices LONGTEXT NOT NULL DEFAULT '{}'`,
  `ALTER TABLE recipe_versions ADD COLUMN note VARCHAR(200) NOT NULL DEFAULT '',
    ADD COLUMN made_by VARCHAR(80) NOT NULL DEFAULT '',
    ADD COLUMN made_at DATETIME(3) NULL`,
  `CREATE TABLE larder_entries (${id('id')} PRIMARY KEY, ${id('kitchen_id')} NOT NULL,
    ingredient VARCHAR(60) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
    entry LONGTEXT NOT NULL, revision INT NOT NULL,
    UNIQUE KEY larder_ingredient (kitchen_id, ingredient), FOREIGN KEY (kitchen_id) REFERENCES kitchens (id))
    DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci ENGINE=InnoDB`,
  `CREATE TABLE stock (${id('id')} PRIMARY KEY, ${id('kitchen_id')} NOT NULL,
    ingredient VARCHAR(60) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
    amount LONGTEXT NOT NULL, state VARCHAR(40) NOT NULL,
    use_by CHAR(10) NULL, note VARCHAR(120) NOT NULL, revision INT NOT NULL, deleted_at DATETIME NULL,
    KEY stock_kitchen (kitchen_id, ingredient), FOREIGN KEY (kitchen_id) REFERENCES kitchens (id))
    DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci ENGINE=InnoDB`,
  `ALTER TABLE techniques ADD COLUMN revision INT NOT NULL DEFAULT 1, ADD COLUMN deleted_at DATETIME NULL`,
];

/**
 * Choices of a dish, who made a version and why, a kitchen's own figures, its stock, and technique notes that
 * can be edited.
 */
export async function up(sequelize: Sequelize): Promise<void> {
  await runStatements(sequelize, statements);
}
