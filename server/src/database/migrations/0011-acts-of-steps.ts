import { type Recipe, withActs } from '@fornax/core';
import { QueryTypes, type Sequelize } from 'sequelize';

/** So many contents are held at a time. */
const atOnce = 100;

interface Stored {
  readonly id: string;
  readonly content: string;
}

/**
 * Recipes and their versions get the acts of their steps, read from their text. Run again, it reads the same
 * once more.
 */
export async function up(sequelize: Sequelize): Promise<void> {
  for (const table of ['recipes', 'recipe_versions']) await readAll(sequelize, table);
}

async function readAll(sequelize: Sequelize, table: string): Promise<void> {
  let last = '';
  for (;;) {
    const rows = await sequelize.query<Stored>(
      `SELECT id, content FROM ${table} WHERE id > :last ORDER BY id LIMIT ${atOnce}`,
      { type: QueryTypes.SELECT, replacements: { last } },
    );
    for (const { id, content } of rows)
      await sequelize.query(`UPDATE ${table} SET content = :content WHERE id = :id`, {
        replacements: { id, content: JSON.stringify(withActs(JSON.parse(content) as Recipe)) },
      });
    if (rows.length < atOnce) return;
    last = rows[rows.length - 1]!.id;
  }
}
