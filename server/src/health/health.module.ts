import { Controller, Get, Module } from '@nestjs/common';
import { Sequelize } from 'sequelize-typescript';
import { Logger } from '../common/logger.js';
import { Open } from '../common/session-context.js';
import { ProblemException } from '../common/problem.js';

@Controller('api/health')
class HealthController {
  constructor(
    private readonly sequelize: Sequelize,
    private readonly logger: Logger,
  ) {}

  @Open()
  @Get()
  async health(): Promise<{ status: 'ok' }> {
    await this.sequelize.authenticate().catch((error: unknown) => {
      this.logger.warn({ err: error }, 'the database does not answer');
      throw new ProblemException(
        503,
        'The database does not answer; nothing was lost, try again in a moment.',
      );
    });
    return { status: 'ok' };
  }
}

@Module({ controllers: [HealthController] })
export class HealthModule {}
