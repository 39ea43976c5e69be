import { isIP } from 'node:net';
import type { NextFunction, Response } from 'express';
import type { ServerConfig } from '../config.js';
import type { SessionRequest } from './session-context.js';
import { ProblemException } from './problem.js';

/** Names of this machine itself. */
const own = ['localhost', 'localhost.localdomain'];

/**
 * Answers only under names that this server is known to have: another site could give a name of its own this
 * machine's address, and read here as if it were at home. An address is no name, and nobody else's.
 */
export function refuseOtherHosts({ hosts, trustProxy }: Pick<ServerConfig, 'hosts' | 'trustProxy'>) {
  const known = new Set([...own, ...hosts.map((name) => name.toLowerCase())]);
  return (request: SessionRequest, _: Response, next: NextFunction): void => {
    const told = hostOf(request, trustProxy);
    if (told === null) return next(new ProblemException(400, 'The request named more than one host.'));
    request.askedHost = told;
    const name = nameIn(told);
    if (known.has(name) || isIP(name.replace(/^\[|\]$/g, ''))) return next();
    next(
      new ProblemException(
        421,
        'Fornax does not answer under this name. Whoever runs it can add the name to FORNAX_HOSTS.',
      ),
    );
  };
}

/**
 * The host that was asked for, with its port: what the Host header says, or X-Forwarded-Host where it comes
 * from a proxy that is trusted by its address. Null where there is more than one Host header, of which
 * whoever stands in front may have looked at another.
 */
function hostOf(request: SessionRequest, trustProxy: string): string | null {
  const { rawHeaders, headers, socket, app } = request;
  const named = rawHeaders.filter((text, place) => place % 2 === 0 && text.toLowerCase() === 'host');
  if (named.length > 1) return null;
  const forwarded = headers['x-forwarded-host'];
  const trust = app.get('trust proxy fn') as (address: string, hop: number) => boolean;
  // A number of proxies says not which they are.
  const isTrusted = trustProxy !== '' && !/^\d+$/.test(trustProxy) && trust(socket.remoteAddress ?? '', 0);
  const told = typeof forwarded === 'string' && isTrusted ? forwarded.split(',')[0]!.trim() : headers.host;
  return told ?? '';
}

/** “fornax.example” of “Fornax.example.:4600”. */
function nameIn(host: string): string {
  const withoutPort = host.startsWith('[') ? host.replace(/\]:\d+$/, ']') : host.replace(/:\d+$/, '');
  return withoutPort.toLowerCase().replace(/\.$/, '');
}
