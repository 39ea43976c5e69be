import { Controller, Get, Module } from '@nestjs/common';
import type { TechniqueNote } from '@fornax/core';
import { Session, type SessionContext } from '../common/session-context.js';
import { TechniqueRow } from '../database/models.js';
import { KitchenScope } from '../database/scope.js';

@Controller('api/techniques')
export class TechniquesController {
  @Get()
  async list(@Session() session: SessionContext): Promise<TechniqueNote[]> {
    const rows = await new KitchenScope(TechniqueRow, session.kitchenId).find();
    return rows.map((row) => row.note).sort((a, b) => a.title.localeCompare(b.title, 'en'));
  }
}

@Module({ controllers: [TechniquesController] })
export class TechniquesModule {}
