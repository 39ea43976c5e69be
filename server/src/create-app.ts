import type { Server } from 'node:http';
import { ValidationPipe } from '@nestjs/common';
import { NestFactory } from '@nestjs/core';
import type { NestExpressApplication } from '@nestjs/platform-express';
import type { Sequelize } from 'sequelize-typescript';
import { AppModule } from './app.module.js';
import { Logger, requestLog } from './common/logger.js';
import { refuseOtherHosts } from './common/hosts.js';
import { refuseHarmfulBodies } from './common/bodies.js';
import { ProblemFilter, validationProblem } from './common/problem.js';
import type { ServerConfig } from './config.js';
import { Metrics } from './health/metrics.js';
import { Stopping } from './health/stopping.js';
import { ResponseCache } from './response-cache/response-cache.js';
import { answerWhatIsKnown } from './response-cache/cache.middleware.js';
import { ApiDescription, describeApi } from './openapi.js';
import { SessionsService } from './sessions/sessions.service.js';
import { serveWebApp } from './web/web-app.js';

/**
 * A connection without requests is closed after so long: later than browsers and balancers let go of theirs
 * (a minute at most), so that none sends a request just as it is closed.
 */
const idleConnectionMilliseconds = 75_000;

/** Builds the application without listening, for the server and for tests. */
export async function createApp(sequelize: Sequelize, config: ServerConfig): Promise<NestExpressApplication> {
  const logger = new Logger(config);
  const app = await NestFactory.create<NestExpressApplication>(AppModule.over(sequelize, config, logger), {
    logger,
    // What is wrong at the start is told by whoever starts, in a sentence.
    abortOnError: false,
  });
  (app.getHttpServer() as Server).keepAliveTimeout = idleConnectionMilliseconds;
  if (config.trustProxy) app.set('trust proxy', proxiesOf(config.trustProxy));
  app.use(app.get(Stopping).tell());
  app.use(app.get(Metrics).measure());
  app.use(requestLog(logger, config));
  app.use(refuseOtherHosts(config));
  app.useBodyParser('json', { limit: '1mb' });
  app.use(refuseHarmfulBodies);
  serveWebApp(app, config.webFolder);
  app.use(answerWhatIsKnown(app.get(SessionsService), app.get(ResponseCache)));
  app.useGlobalPipes(
    new ValidationPipe({
      whitelist: true,
      forbidNonWhitelisted: true,
      transform: true,
      exceptionFactory: validationProblem,
    }),
  );
  app.useGlobalFilters(new ProblemFilter(logger));
  app.get(ApiDescription).document = describeApi(app);
  return app;
}

/** Express tells a number of proxies from their addresses by its type. */
function proxiesOf(text: string): number | string {
  return /^\d+$/.test(text) ? Number(text) : text;
}
