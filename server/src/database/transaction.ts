import { AsyncLocalStorage } from 'node:async_hooks';
import { Sequelize, Transaction } from 'sequelize';

/**
 * Faults after which the same work, begun again, mostly succeeds: a broken deadlock, a lock that did not
 * come, a row that changed under the reader, a cluster node that is just joining.
 */
const retried = new Set(['ER_LOCK_DEADLOCK', 'ER_LOCK_WAIT_TIMEOUT', 'ER_CHECKREAD', 'ER_UNKNOWN_COM_ERROR']);
const mostTries = 4;

/**
 * What belongs to the work that is under way, and so its transaction: every query of it goes over the one
 * connection that it holds. Two at once for one request would let a few requests block each other for good.
 */
const underWay = new AsyncLocalStorage<Map<string, unknown>>();

Sequelize.useCLS({
  bind: () => undefined,
  get: (key: string) => underWay.getStore()?.get(key),
  set: (key: string, value: unknown) => underWay.getStore()?.set(key, value),
  run: (work: (context: unknown) => unknown) => {
    const own = new Map(underWay.getStore());
    return underWay.run(own, () => work(own));
  },
});

function isInTransaction(): boolean {
  return Boolean(underWay.getStore()?.get('transaction'));
}

/**
 * Runs the work in one transaction, again from the start after a fault of its kind; as a part of the
 * transaction that is under way where there is one.
 */
export async function inTransaction<T>(sequelize: Sequelize, work: () => Promise<T>): Promise<T> {
  if (isInTransaction()) return work();
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
