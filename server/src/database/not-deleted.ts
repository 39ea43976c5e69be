import { ProblemException } from '../common/problem.js';

interface Deletable {
  readonly deletedAt: Date | null;
}

/** The row that stands; else it was deleted (410), or never was (404). `what` begins the sentence. */
export function requireNotDeleted<M extends Deletable>(row: M | null, what: string): M {
  if (!row) throw notFound(what);
  if (row.deletedAt)
    throw new ProblemException(410, `${what} has been deleted. It can be put back, or made anew.`);
  return row;
}

export function notFound(what: string): ProblemException {
  return new ProblemException(404, `${what} is not here: nothing of this kitchen has its address.`);
}
