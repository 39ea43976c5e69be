/**
 * Faults after which the same work, begun again, mostly succeeds: a broken deadlock, a lock that did not
 * come, a row that changed under the reader, a cluster node that is just joining or has lost the others.
 */
const passing = new Set([
  'ER_LOCK_DEADLOCK',
  'ER_LOCK_WAIT_TIMEOUT',
  'ER_CHECKREAD',
  'ER_UNKNOWN_COM_ERROR',
  'ER_QUERY_INTERRUPTED',
]);

/** Whether a fault of the database, by its code, passes by itself. */
export function isPassing(code: string): boolean {
  return passing.has(code);
}
