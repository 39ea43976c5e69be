import { setTimeout as wait } from 'node:timers/promises';
import { Controller, Get, Module } from '@nestjs/common';
import { Sequelize } from 'sequelize-typescript';
import { Logger } from '../common/logger.js';
import { Open } from '../common/session-context.js';
import { ProblemException } from '../common/problem.js';
import { schemaMismatch } from '../database/migrate.js';
import { ResponseCache } from '../response-cache/response-cache.js';
import { ResponseCacheModule } from '../response-cache/response-cache.module.js';
import { Planner, PlanningModule } from '../planning/planner.js';
import { Metrics } from './metrics.js';
import { Stopping } from './stopping.js';

@Controller('api')
class HealthController {
  #looking: Promise<string | null> | null = null;
  #problem: string | null = null;

  constructor(
    private readonly sequelize: Sequelize,
    private readonly logger: Logger,
  ) {}

  /** Whether this process lives; asks nobody else. */
  @Open({ perMinute: 1200, sentence: 'Whether the server lives was asked too often; ask again in a minute.' })
  @Get('health')
  health(): { status: 'ok' } {
    return { status: 'ok' };
  }

  /** Whether this process can do its work: the database answers, and has the schema it knows. */
  @Open({
    perMinute: 1200,
    sentence: 'Whether the server is ready was asked too often; ask again in a minute.',
  })
  @Get('ready')
  async ready(): Promise<{ status: 'ok' }> {
    const problem = await this.#looked();
    if (problem !== this.#problem) this.logger.warn(problem ?? 'The server is ready again.');
    this.#problem = problem;
    if (problem) throw new ProblemException(503, problem);
    return { status: 'ok' };
  }

  /** Those who ask while it is looked at are told the same. */
  #looked(): Promise<string | null> {
    this.#looking ??= schemaMismatch(this.sequelize)
      .catch(() => noAnswer)
      .finally(() => {
        this.#looking = null;
      });
    // A database that stands still says nothing for longer than a balancer waits.
    return Promise.race([this.#looking, wait(answersWithinMilliseconds, noAnswer, { ref: false })]);
  }
}

const answersWithinMilliseconds = 1500;
const noAnswer = 'The database does not answer; nothing was lost, try again in a moment.';

@Module({
  imports: [ResponseCacheModule, PlanningModule],
  controllers: [HealthController],
  providers: [
    Stopping,
    {
      provide: Metrics,
      inject: [Sequelize, Planner, ResponseCache],
      useFactory: (sequelize: Sequelize, planner: Planner, known: ResponseCache) =>
        new Metrics(sequelize, planner, known),
    },
  ],
})
export class HealthModule {}
