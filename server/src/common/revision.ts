import { createHash } from 'node:crypto';
import type { Response } from 'express';
import { ProblemException } from './problem.js';

/**
 * Sends a row under its strong ETag: the revision that a write builds on, and a digest of all that is shown
 * with it. A class shows whether its recipes have moved on, which changes without a new revision of the
 * class.
 */
export function tagged<T extends { readonly revision: number }>(response: Response, view: T): T {
  const digest = createHash('sha256').update(JSON.stringify(view)).digest('base64url').slice(0, 16);
  response.setHeader('ETag', `"r${view.revision}.${digest}"`);
  return view;
}

/** The revision a write builds on, from its If-Match header: "r7", or the whole ETag "r7.…". */
export function revisionFrom(ifMatch: string | undefined): number {
  const match = /^"r(\d{1,9})(?:\.[\w-]{1,32})?"$/.exec(ifMatch ?? '');
  if (!match) throw new ProblemException(428, 'Say which revision this change builds on, in If-Match.');
  return Number(match[1]);
}
