import { Injectable, type CanActivate, type ExecutionContext } from '@nestjs/common';
import { Reflector } from '@nestjs/core';
import { type AnonymousLimit, AnonymousLimits } from '../common/anonymous-limits.js';
import { ProblemException } from '../common/problem.js';
import { OPEN, type SessionRequest } from '../common/session-context.js';
import { SessionsService } from './sessions.service.js';

const reading = new Set(['GET', 'HEAD', 'OPTIONS']);

/** Checks where a write comes from and whose session it is, on every route that is not marked open. */
@Injectable()
export class SessionGuard implements CanActivate {
  readonly #limits = new AnonymousLimits();

  constructor(
    private readonly reflector: Reflector,
    private readonly sessions: SessionsService,
  ) {}

  async canActivate(context: ExecutionContext): Promise<boolean> {
    const request = context.switchToHttp().getRequest<SessionRequest>();
    if (!reading.has(request.method)) checkOrigin(request);
    const handler = context.getHandler();
    const open = this.reflector.get<AnonymousLimit | undefined>(OPEN, handler);
    if (open) {
      this.#limits.check(`${context.getClass().name} ${handler.name}`, request.ip ?? '', open);
      return true;
    }
    const session =
      request.session === undefined ? await this.sessions.find(request.headers.cookie) : request.session;
    if (!session) throw new ProblemException(401, 'Please sign in; what you typed is kept on this device.');
    request.session = session;
    return true;
  }
}

/** Every write says where it comes from, as browsers do: this server, by scheme, name and port. */
function checkOrigin({ headers: { origin }, askedHost, protocol }: SessionRequest): void {
  if (origin === undefined)
    throw new ProblemException(
      403,
      'A change says in its Origin header where it comes from; this one did not.',
    );
  if (!URL.canParse(origin) || new URL(origin).origin !== new URL(`${protocol}://${askedHost}`).origin)
    throw new ProblemException(403, 'This change came from another site and was refused.');
}
