import { createServer, type Server } from 'node:http';
import type { NextFunction, Request, Response } from 'express';
import { collectDefaultMetrics, Counter, Gauge, Histogram, Registry } from 'prom-client';
import type { Sequelize } from 'sequelize-typescript';
import type { ResponseCache } from '../response-cache/response-cache.js';
import type { Planner } from '../planning/planner.js';

interface Pool {
  readonly size: number;
  readonly available: number;
  readonly using: number;
  readonly waiting: number;
}

/** What is measured of a server, in Prometheus' text form. */
export class Metrics {
  readonly #registry = new Registry();
  readonly #requests = new Histogram({
    name: 'fornax_request_seconds',
    help: 'Time from a request to its answer.',
    labelNames: ['method', 'route', 'status'],
    buckets: [0.005, 0.01, 0.025, 0.05, 0.1, 0.25, 0.5, 1, 2.5, 5, 10],
    registers: [this.#registry],
  });
  readonly #refusals = new Counter({
    name: 'fornax_refusals_total',
    help: 'Answers that are no 2xx or 304, by status.',
    labelNames: ['status'],
    registers: [this.#registry],
  });

  constructor(sequelize: Sequelize, planner: Planner, known: ResponseCache) {
    collectDefaultMetrics({ register: this.#registry });
    this.#gauge(
      'fornax_plans_total',
      'Questions that the planning thread has answered.',
      () => planner.answered,
    );
    this.#gauge('fornax_plan_queue', 'Questions that wait for the planning thread.', () => planner.waiting);
    this.#gauge('fornax_known_answers', 'Answers that are kept.', () => known.size);
    this.#gauge('fornax_known_answer_bytes', 'Bytes of them.', () => known.bytes);
    const { pool } = sequelize.connectionManager as unknown as { pool: Pool };
    for (const [name, what] of [
      ['size', 'Connections to the database.'],
      ['using', 'Connections that are in use.'],
      ['waiting', 'Requests that wait for a connection.'],
    ] as const)
      this.#gauge(`fornax_pool_${name}`, what, () => pool[name] ?? 0);
  }

  #gauge(name: string, help: string, now: () => number): void {
    new Gauge({
      name,
      help,
      registers: [this.#registry],
      collect() {
        this.set(now());
      },
    });
  }

  /** Measures each request once it is answered. Ids are no routes: they would never end. */
  measure() {
    return (request: Request, response: Response, next: NextFunction): void => {
      const begun = performance.now();
      response.once('finish', () => {
        const { statusCode: status } = response;
        const labels = { method: request.method, route: routeOf(request.originalUrl), status };
        this.#requests.observe(labels, (performance.now() - begun) / 1000);
        if (status >= 400) this.#refusals.inc({ status });
      });
      next();
    };
  }

  /** The measurements on a port of their own, which is not for the public. */
  serve(port: number, host: string): Promise<Server> {
    const server = createServer((request, response) => {
      if (request.url !== '/metrics') return response.writeHead(404).end();
      void this.#registry.metrics().then((text) => {
        response.writeHead(200, { 'Content-Type': this.#registry.contentType }).end(text);
      });
    });
    return new Promise((resolve, reject) => {
      server.once('error', reject).listen(port, host, () => resolve(server));
    });
  }
}

const routes =
  /^\/api\/(?:session|accounts|classes|courses|recipes|techniques|larder|stock|kitchen|cards|health|ready|openapi)\b/;
const known = new Set(['plan', 'ticks', 'restore', 'versions', 'needs', 'options', 'cards.pdf', 'cards']);

/** “/api/classes/:id/plan” of any address; what is no route of ours is “other”. */
export function routeOf(url: string): string {
  const path = url.split('?')[0]!;
  if (!path.startsWith('/api/')) return 'web';
  const [first] = routes.exec(path) ?? [];
  if (!first) return 'other';
  const rest = path.slice(first.length).split('/').filter(Boolean);
  return [first, ...rest.slice(0, 3).map((part) => (known.has(part) ? part : ':id'))].join('/');
}
