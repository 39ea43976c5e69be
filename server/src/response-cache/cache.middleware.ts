import type { NextFunction, Request, Response } from 'express';
import type { SessionRequest } from '../common/session-context.js';
import type { SessionsService } from '../sessions/sessions.service.js';
import { plainBody, type CachedResponse, type ResponseCache } from './response-cache.js';

/**
 * Answers what is known before anything else looks at the request: the session is found, and with it the
 * stamp of the kitchen, in one query; whoever has the answer already is told so (304).
 */
export function answerWhatIsKnown(sessions: SessionsService, known: ResponseCache) {
  return async (request: SessionRequest, response: Response, next: NextFunction): Promise<void> => {
    if (!isOfKitchen(request)) return next();
    try {
      request.session = await sessions.find(request.headers.cookie);
      const answer = request.session && known.find(request.session, request.originalUrl);
      if (!answer) return next();
      await send(request, response, answer);
    } catch (error) {
      next(error);
    }
  };
}

/** Whether the server is alive is asked without the database. */
const ofServer = new Set(['/api/health', '/api/ready']);

function isOfKitchen({ method, path, headers }: Request): boolean {
  return (
    (method === 'GET' || method === 'HEAD') &&
    path.startsWith('/api/') &&
    Boolean(headers.cookie) &&
    !ofServer.has(path)
  );
}

async function send(request: Request, response: Response, answer: CachedResponse): Promise<void> {
  response.end(await bodyFor(request, response, answer));
}

/** What is sent of an answer, its head written already; nothing to whoever has it. */
export async function bodyFor(
  request: Request,
  response: Response,
  answer: CachedResponse,
): Promise<Uint8Array | undefined> {
  response.set(answer.headers).set('Vary', 'Accept-Encoding');
  if (request.fresh) {
    response.status(304);
    return undefined;
  }
  response.type('json');
  if (!request.acceptsEncodings('gzip')) return plainBody(answer);
  response.setHeader('Content-Encoding', 'gzip');
  return answer.gzipped;
}
