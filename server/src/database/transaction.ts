import { AsyncLocalStorage } from 'node:async_hooks';
import { setTimeout as wait } from 'node:timers/promises';
import { Sequelize, Transaction } from 'sequelize';
import { isPassing } from './faults.js';

const mostTries = 10;
/** After so long nothing is begun again: whoever waits is told, and tries again themselves. */
const longestMilliseconds = 4000;
/** Between tries they wait for up to so long, more each time, so that two do not meet again and again. */
const pauseMilliseconds = 15;

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

export function isInTransaction(): boolean {
  return Boolean(underWay.getStore()?.get('transaction'));
}

/**
 * Runs the work in one transaction, again from the start after a fault of its kind; as a part of the
 * transaction that is under way where there is one.
 */
export async function inTransaction<T>(sequelize: Sequelize, work: () => Promise<T>): Promise<T> {
  if (isInTransaction()) return work();
  const begun = performance.now();
  for (let attempt = 1; ; attempt++) {
    let isWorkDone = false;
    const wholeWork = async () => {
      const result = await work();
      isWorkDone = true;
      return result;
    };
    try {
      return await sequelize.transaction(
        { isolationLevel: Transaction.ISOLATION_LEVELS.READ_COMMITTED },
        wholeWork,
      );
    } catch (error) {
      const isOver = attempt === mostTries || performance.now() - begun > longestMilliseconds;
      if (isOver || !isRetried(error, isWorkDone)) throw error;
      await wait(Math.random() * pauseMilliseconds * attempt);
    }
  }
}

/**
 * A connection that ended before the work was done has left nothing behind. One that ends later may have
 * ended after it was committed: only whoever asked can find out.
 */
function isRetried(error: unknown, isWorkDone: boolean): boolean {
  const { code = '', fatal = false } =
    (error as { original?: { code?: string; fatal?: boolean } }).original ?? {};
  return isPassing(code) || (fatal && !isWorkDone);
}
