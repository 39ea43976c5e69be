import { ValidationPipe } from '@nestjs/common';
import { NestFactory } from '@nestjs/core';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { Logger } from 'nestjs-pino';
import type { Sequelize } from 'sequelize-typescript';
import { AppModule } from './app.module.js';
import { ProblemFilter, validationProblem } from './common/problem.js';
import type { ServerConfig } from './config.js';
import { ApiDescription, describeApi } from './openapi.js';
import { serveWebApp } from './web/web-app.js';

/** Builds the application without listening, for the server and for tests. */
export async function createApp(sequelize: Sequelize, config: ServerConfig): Promise<NestExpressApplication> {
  const app = await NestFactory.create<NestExpressApplication>(AppModule.over(sequelize, config), {
    bufferLogs: true,
  });
  const logger = app.get(Logger);
  app.useLogger(logger);
  app.useBodyParser('json', { limit: '1mb' });
  app.useGlobalPipes(
    new ValidationPipe({
      whitelist: true,
      forbidNonWhitelisted: true,
      transform: true,
      exceptionFactory: validationProblem,
    }),
  );
  app.useGlobalFilters(new ProblemFilter(logger));
  serveWebApp(app, config.webFolder);
  app.get(ApiDescription).document = describeApi(app);
  return app;
}
