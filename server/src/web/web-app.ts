import { randomBytes } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { NestExpressApplication } from '@nestjs/platform-express';
import compression from 'compression';
import express, { type NextFunction, type Request, type Response } from 'express';
import helmet from 'helmet';
import sirv from 'sirv';

const noncePlace = '__CSP_NONCE__';
const yearInSeconds = 31_536_000;

/**
 * Security headers for every answer, and the built web application under every address that is not the API's.
 */
export function serveWebApp(app: NestExpressApplication, webFolder: string): void {
  app.use(compression());
  app.use((request: Request, response: Response, next: NextFunction) => {
    response.locals.nonce = randomBytes(16).toString('base64');
    // A kitchen's data is asked for again each time, by ETag, and never kept by what stands between.
    if (request.path.startsWith('/api/')) response.setHeader('Cache-Control', 'private, no-cache');
    if (request.secure) response.setHeader('Strict-Transport-Security', `max-age=${yearInSeconds}`);
    next();
  });
  app.use(securityHeaders());
  if (!webFolder) return;
  const page = readFileSync(join(webFolder, 'index.html'), 'utf8');
  // Sent as the build has compressed them, with Brotli where the browser takes it.
  app.use(
    '/assets',
    sirv(join(webFolder, 'assets'), { brotli: true, gzip: true, immutable: true, maxAge: yearInSeconds }),
    (_request: Request, response: Response) => response.status(404).end(),
  );
  app.use(express.static(webFolder, { index: false, maxAge: 0 }));
  app.use((request: Request, response: Response, next: NextFunction) => {
    if (!['GET', 'HEAD'].includes(request.method) || request.path.startsWith('/api/')) return next();
    response.setHeader('Cache-Control', 'no-store');
    response.type('html').send(page.replaceAll(noncePlace, response.locals.nonce as string));
  });
}

/** Scripts, styles and data of our own only; no style without this answer's nonce; never in a frame. */
function securityHeaders() {
  return helmet({
    contentSecurityPolicy: {
      useDefaults: false,
      directives: {
        defaultSrc: ["'none'"],
        scriptSrc: ["'self'"],
        workerSrc: ["'self'"],
        connectSrc: ["'self'"],
        imgSrc: ["'self'", 'data:'],
        fontSrc: ["'self'"],
        manifestSrc: ["'self'"],
        styleSrc: [
          "'self'",
          (_request, response) => `'nonce-${(response as Response).locals.nonce as string}'`,
        ],
        baseUri: ["'none'"],
        formAction: ["'self'"],
        frameAncestors: ["'none'"],
        objectSrc: ["'none'"],
      },
    },
    // Only behind TLS, below: the demo and a first start are served without it on loopback.
    strictTransportSecurity: false,
    referrerPolicy: { policy: 'same-origin' },
  });
}
