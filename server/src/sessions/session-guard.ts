import { Injectable, type CanActivate, type ExecutionContext } from '@nestjs/common';
import { Reflector } from '@nestjs/core';
import { ProblemException } from '../common/problem.js';
import { OPEN, type SessionRequest } from '../common/session-context.js';
import { SessionsService } from './sessions.service.js';

const reading = new Set(['GET', 'HEAD', 'OPTIONS']);

/** Checks where a write comes from and whose session it is, on every route that is not marked open. */
@Injectable()
export class SessionGuard implements CanActivate {
  constructor(
    private readonly reflector: Reflector,
    private readonly sessions: SessionsService,
  ) {}

  async canActivate(context: ExecutionContext): Promise<boolean> {
    const request = context.switchToHttp().getRequest<SessionRequest>();
    if (!reading.has(request.method)) checkOrigin(request);
    if (this.reflector.getAllAndOverride<boolean>(OPEN, [context.getHandler(), context.getClass()]))
      return true;
    const session = await this.sessions.find(request.headers.cookie);
    if (!session) throw new ProblemException(401, 'Please sign in; what you typed is kept on this device.');
    request.session = session;
    return true;
  }
}

/** A write from a browser names its origin; it must be this server, by scheme, name and port. */
function checkOrigin(request: SessionRequest): void {
  const { origin, host } = request.headers;
  const own = `${request.protocol}://${host}`;
  const site = request.headers['sec-fetch-site'];
  const foreign =
    origin === undefined
      ? site === 'cross-site' || site === 'same-site'
      : !URL.canParse(origin) || new URL(origin).origin !== own;
  if (foreign) throw new ProblemException(403, 'This change came from another site and was refused.');
}
