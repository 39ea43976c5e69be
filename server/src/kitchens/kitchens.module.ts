import { Controller, Get, Module } from '@nestjs/common';
import type { KitchenFacts } from '@fornax/core';
import { Session, type SessionContext } from '../common/session-context.js';
import { kitchenFacts } from './kitchen-facts.js';

@Controller('api/kitchen')
export class KitchensController {
  @Get()
  current(@Session() session: SessionContext): Promise<KitchenFacts> {
    return kitchenFacts(session.kitchenId);
  }
}

@Module({ controllers: [KitchensController] })
export class KitchensModule {}
