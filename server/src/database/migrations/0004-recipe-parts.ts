import type { Recipe } from '@fornax/core';
import { nodeOf } from '@fornax/core';
import { QueryTypes, type Sequelize } from 'sequelize';
import { runStatements } from './run.js';

const id = (name: string) => `${name} CHAR(36) CHARACTER SET ascii COLLATE ascii_bin`;

const statements = [
  `CREATE TABLE IF NOT EXISTS recipe_parts (
    ${id('recipe_id')} NOT NULL, position INT NOT NULL, ${id('kitchen_id')} NOT NULL,
    ${id('part_id')} NOT NULL, PRIMARY KEY (recipe_id, position), KEY part_of (kitchen_id, part_id),
    FOREIGN KEY (recipe_id) REFERENCES recipes (id))`,
  `ALTER TABLE recipes ADD COLUMN IF NOT EXISTS line_count INT NOT NULL DEFAULT 0`,
  `ALTER TABLE recipes ADD COLUMN IF NOT EXISTS step_count INT NOT NULL DEFAULT 0`,
  `ALTER TABLE recipe_versions ADD COLUMN IF NOT EXISTS line_count INT NOT NULL DEFAULT 0`,
  `ALTER TABLE recipe_versions ADD COLUMN IF NOT EXISTS step_count INT NOT NULL DEFAULT 0`,
];

interface Stored {
  readonly id: string;
  readonly kitchen_id: string;
  readonly content: string;
}

/** How large recipes and their versions are, and what they are made of, without reading them whole. */
export async function up(sequelize: Sequelize): Promise<void> {
  await runStatements(sequelize, statements);
  await sequelize.query('DELETE FROM recipe_parts');
  for (const row of await rowsOf(sequelize, 'recipes')) {
    const { parts } = await count(sequelize, 'recipes', row);
    for (const [position, part] of parts.entries())
      await sequelize.query(
        'INSERT INTO recipe_parts (recipe_id, position, kitchen_id, part_id) VALUES (?, ?, ?, ?)',
        { replacements: [row.id, position, row.kitchen_id, part] },
      );
  }
  for (const row of await rowsOf(sequelize, 'recipe_versions'))
    await count(sequelize, 'recipe_versions', row);
}

type Counted = 'recipes' | 'recipe_versions';

function rowsOf(sequelize: Sequelize, table: Counted): Promise<Stored[]> {
  return sequelize.query<Stored>(`SELECT id, kitchen_id, content FROM ${table}`, { type: QueryTypes.SELECT });
}

async function count(sequelize: Sequelize, table: Counted, row: Stored) {
  const node = nodeOf(JSON.parse(row.content) as Recipe);
  await sequelize.query(`UPDATE ${table} SET line_count = ?, step_count = ? WHERE id = ?`, {
    replacements: [node.lines, node.steps, row.id],
  });
  return node;
}
