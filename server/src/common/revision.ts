import { ProblemException } from './problem.js';

/** Strong ETag of a revision. */
export function etagOf(revision: number): string {
  return `"r${revision}"`;
}

/** The revision a write builds on, from its If-Match header. */
export function revisionFrom(ifMatch: string | undefined): number {
  const match = /^"r(\d{1,9})"$/.exec(ifMatch ?? '');
  if (!match) throw new ProblemException(428, 'Say which revision this change builds on, in If-Match.');
  return Number(match[1]);
}
