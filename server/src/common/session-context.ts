import { createParamDecorator, SetMetadata, type ExecutionContext } from '@nestjs/common';
import type { Request } from 'express';
import type { AnonymousLimit } from './anonymous-limits.js';

/** Who is asking, and for which kitchen. Put on the request by the session guard. */
export interface SessionContext {
  readonly accountId: string;
  readonly accountName: string;
  readonly kitchenId: string;
  /** Another one after each change in the kitchen: what was worked out under one stands while it does. */
  readonly stamp: string;
}

/** `session` is null where it was looked for and there is none. */
export type SessionRequest = Request & {
  session?: SessionContext | null;
  /** The host that was asked for, with its port. */
  askedHost?: string;
};

export const OPEN = 'open';
/** Marks a route that wants no session, and says how often it answers one address. */
export const Open = (limit: AnonymousLimit) => SetMetadata(OPEN, limit);

/** The session of the request, in a controller's parameters. */
export const Session = createParamDecorator((_: unknown, context: ExecutionContext): SessionContext => {
  const { session } = context.switchToHttp().getRequest<SessionRequest>();
  if (!session) throw new Error('A route that wants a session was opened without one.');
  return session;
});
