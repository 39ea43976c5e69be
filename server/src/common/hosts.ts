import { isIP } from 'node:net';
import type { NextFunction, Request, Response } from 'express';
import { ProblemException } from './problem.js';

/** Names of this machine itself. */
const own = ['localhost', 'localhost.localdomain'];

/**
 * Answers only under names that this server is known to have: another site could give a name of its own this
 * machine's address, and read here as if it were at home. An address is no name, and nobody else's.
 */
export function refuseOtherHosts(names: readonly string[]) {
  const known = new Set([...own, ...names.map((name) => name.toLowerCase())]);
  return (request: Request, _: Response, next: NextFunction): void => {
    const name = (request.hostname ?? '').toLowerCase().replace(/\.$/, '');
    if (known.has(name) || isIP(name.replace(/^\[|\]$/g, ''))) return next();
    next(
      new ProblemException(
        421,
        'Fornax does not answer under this name. Whoever runs it can add the name to FORNAX_HOSTS.',
      ),
    );
  };
}
