import type { Sequelize } from 'sequelize';

/** What a statement says where an earlier try had done it already. */
const doneBefore = new Set(['ER_TABLE_EXISTS_ERROR', 'ER_DUP_FIELDNAME', 'ER_DUP_KEYNAME', 'ER_FK_DUP_NAME']);

/**
 * Runs statements of the schema one after the other. MariaDB does each of them whole or not at all, so a
 * migration that was broken off is run again from its start, and what it had done already is passed over.
 */
export async function runStatements(sequelize: Sequelize, statements: readonly string[]): Promise<void> {
  for (const statement of statements)
    await sequelize.query(statement).catch((error: unknown) => {
      const { code = '' } = (error as { original?: { code?: string } }).original ?? {};
      if (!doneBefore.has(code)) throw error;
    });
}
