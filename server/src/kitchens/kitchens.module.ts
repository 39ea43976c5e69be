import { Controller, Get, Module } from '@nestjs/common';
import type { KitchenFacts } from '@fornax/core';
import { Session, type SessionContext } from '../common/session-context.js';
import { KitchenRow } from '../database/models.js';

@Controller('api/kitchen')
export class KitchensController {
  @Get()
  async current(@Session() session: SessionContext): Promise<KitchenFacts> {
    return (await KitchenRow.findByPk(session.kitchenId, { rejectOnEmpty: true })).facts;
  }
}

@Module({ controllers: [KitchensController] })
export class KitchensModule {}
