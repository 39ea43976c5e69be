import {
  Body,
  Controller,
  Delete,
  Get,
  Headers,
  HttpCode,
  Module,
  Param,
  Patch,
  Post,
  Res,
} from '@nestjs/common';
import { TechniqueNoteDto, type TechniqueView } from '@fornax/contract';
import type { Response } from 'express';
import { revisionFrom, tagged } from '../common/revision.js';
import { Session, type SessionContext } from '../common/session-context.js';
import { Cached } from '../response-cache/cache.interceptor.js';
import { TechniquesService } from './techniques.service.js';

@Controller('api/techniques')
class TechniquesController {
  constructor(private readonly techniques: TechniquesService) {}

  @Cached()
  @Get()
  list(@Session() session: SessionContext): Promise<TechniqueView[]> {
    return this.techniques.list(session.kitchenId);
  }

  @Post()
  async create(
    @Session() session: SessionContext,
    @Body() input: TechniqueNoteDto,
    @Res({ passthrough: true }) response: Response,
  ): Promise<TechniqueView> {
    return tagged(response, await this.techniques.create(session.kitchenId, input));
  }

  @Patch(':slug')
  async update(
    @Session() session: SessionContext,
    @Param('slug') slug: string,
    @Headers('if-match') ifMatch: string | undefined,
    @Body() input: TechniqueNoteDto,
    @Res({ passthrough: true }) response: Response,
  ): Promise<TechniqueView> {
    return tagged(
      response,
      await this.techniques.update(session.kitchenId, slug, revisionFrom(ifMatch), input),
    );
  }

  @Delete(':slug')
  @HttpCode(204)
  remove(@Session() session: SessionContext, @Param('slug') slug: string): Promise<void> {
    return this.techniques.remove(session.kitchenId, slug);
  }

  @Post(':slug/restore')
  @HttpCode(204)
  restore(@Session() session: SessionContext, @Param('slug') slug: string): Promise<void> {
    return this.techniques.restore(session.kitchenId, slug);
  }
}

@Module({ controllers: [TechniquesController], providers: [TechniquesService], exports: [TechniquesService] })
export class TechniquesModule {}
