import type { Recipe } from '@fornax/core';
import { QueryTypes, type Sequelize } from 'sequelize';
import { runStatements } from './run.js';

const id = (name: string) => `${name} CHAR(36) CHARACTER SET ascii COLLATE ascii_bin`;

const statements = [
  `CREATE TABLE IF NOT EXISTS kitchen_changes (
    ${id('kitchen_id')} NOT NULL, slot TINYINT UNSIGNED NOT NULL, changes BIGINT UNSIGNED NOT NULL,
    PRIMARY KEY (kitchen_id, slot)) ENGINE=InnoDB`,
  `ALTER TABLE recipes ADD COLUMN IF NOT EXISTS techniques LONGTEXT NOT NULL DEFAULT '[]'`,
  `ALTER TABLE recipes ADD COLUMN IF NOT EXISTS summary LONGTEXT NULL`,
  `ALTER TABLE recipe_versions ADD COLUMN IF NOT EXISTS title VARCHAR(160) NOT NULL DEFAULT ''`,
  `ALTER TABLE class_dishes ADD KEY dish_used (kitchen_id, recipe_id)`,
];

interface Stored {
  readonly id: string;
  readonly content: string;
}

/** How often a kitchen was changed, and what lists show of recipes without reading them whole. */
export async function up(sequelize: Sequelize): Promise<void> {
  await runStatements(sequelize, statements);
  await sequelize.query(`UPDATE recipe_versions SET title = COALESCE(JSON_VALUE(content, '$.title'), '')`);
  const recipes = await sequelize.query<Stored>('SELECT id, content FROM recipes', {
    type: QueryTypes.SELECT,
  });
  for (const { id: recipeId, content } of recipes) {
    const { steps } = JSON.parse(content) as Recipe;
    const techniques = [...new Set(steps.flatMap((step) => step.techniques))];
    await sequelize.query('UPDATE recipes SET techniques = ? WHERE id = ?', {
      replacements: [JSON.stringify(techniques), recipeId],
    });
  }
}
