import {
  Injectable,
  SetMetadata,
  StreamableFile,
  type CallHandler,
  type ExecutionContext,
  type NestInterceptor,
} from '@nestjs/common';
import { Reflector } from '@nestjs/core';
import type { Response } from 'express';
import { from, lastValueFrom, map, mergeMap, type Observable } from 'rxjs';
import type { SessionRequest } from '../common/session-context.js';
import { etagOf, ResponseCache } from './response-cache.js';
import { bodyFor } from './cache.middleware.js';

const CACHED = 'known';
/**
 * Marks reading routes whose answer rests on nothing but the kitchen and the day: it is kept until the
 * kitchen changes, and for so many minutes at most. Bytes that a route returns are gzipped JSON already.
 */
export const Cached = (minutes = 60) => SetMetadata(CACHED, minutes);

/** Says that an answer is for now only: something of it is still being worked out. */
export function forNow(response: Response): void {
  response.locals.isForNow = true;
}

/** Keeps what marked routes answer. */
@Injectable()
export class CacheInterceptor implements NestInterceptor {
  constructor(
    private readonly reflector: Reflector,
    private readonly known: ResponseCache,
  ) {}

  intercept(context: ExecutionContext, next: CallHandler): Observable<unknown> {
    const minutes = this.reflector.get<number | undefined>(CACHED, context.getHandler());
    const request = context.switchToHttp().getRequest<SessionRequest>();
    const { session, originalUrl } = request;
    if (minutes === undefined || !session) return next.handle();
    const response = context.switchToHttp().getResponse<Response>();
    const answer = this.known.answer(session, originalUrl, async () => {
      const answered: unknown = await lastValueFrom(next.handle());
      const json = answered instanceof Uint8Array ? answered : JSON.stringify(answered);
      const until = response.locals.isForNow ? 0 : endOf(minutes);
      return { json, headers: headOf(response, json), until };
    });
    return from(answer).pipe(
      mergeMap((known) => bodyFor(request, response, known)),
      // Bytes that are no stream would be written as JSON again.
      map((body) => body && new StreamableFile(body)),
    );
  }
}

function headOf(response: Response, json: string | Uint8Array): Record<string, string> {
  const link = response.getHeader('Link');
  return {
    ETag: String(response.getHeader('ETag') ?? etagOf(json)),
    ...(link ? { Link: String(link) } : {}),
  };
}

/** The end of the span of so many minutes in which it is now: all are worked out anew at the full hour. */
function endOf(minutes: number): number {
  const span = minutes * 60_000;
  return performance.now() + span - (new Date().getTime() % span);
}
