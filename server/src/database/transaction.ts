import { Transaction, type Sequelize } from 'sequelize';

const retried = new Set(['ER_LOCK_DEADLOCK', 'ER_LOCK_WAIT_TIMEOUT']);
const mostTries = 4;

/**
 * Runs the work in one transaction, again from the start when the database broke a deadlock or a lock did not
 * come.
 */
export async function inTransaction<T>(
  sequelize: Sequelize,
  work: (transaction: Transaction) => Promise<T>,
): Promise<T> {
  for (let attempt = 1; ; attempt++) {
    try {
      return await sequelize.transaction(
        { isolationLevel: Transaction.ISOLATION_LEVELS.READ_COMMITTED },
        work,
      );
    } catch (error) {
      const code = (error as { original?: { code?: string } }).original?.code ?? '';
      if (!retried.has(code) || attempt === mostTries) throw error;
    }
  }
}
