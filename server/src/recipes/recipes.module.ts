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
  Query,
  Res,
} from '@nestjs/common';
import {
  CreateRecipeDto,
  KeepVersionDto,
  UpdateRecipeDto,
  VersionsQuery,
  versionsAtOnce,
  type RecipeSummary,
  type RecipeVersionView,
  type RecipeView,
} from '@fornax/contract';
import { ApiQuery } from '@nestjs/swagger';
import type { Response } from 'express';
import { IdPipe } from '../common/id.pipe.js';
import { revisionFrom, tagged } from '../common/revision.js';
import { Session, type SessionContext } from '../common/session-context.js';
import { forNow, Cached } from '../response-cache/cache.interceptor.js';
import { PlanningModule } from '../planning/planner.js';
import { RecipesService } from './recipes.service.js';
import { Summaries } from './summaries.js';

@Controller('api/recipes')
class RecipesController {
  constructor(private readonly recipes: RecipesService) {}

  @Cached()
  @Get()
  async list(
    @Session() session: SessionContext,
    @Res({ passthrough: true }) response: Response,
  ): Promise<RecipeSummary[]> {
    const rows = await this.recipes.list(session.kitchenId);
    // Whoever asks again soon sees the others renewed.
    if (rows.some(({ isRenewed }) => isRenewed)) forNow(response);
    return rows;
  }

  @Cached()
  @Get(':id')
  async get(
    @Session() session: SessionContext,
    @Param('id', IdPipe) id: string,
    @Res({ passthrough: true }) response: Response,
  ): Promise<RecipeView> {
    return tagged(response, await this.recipes.get(session.kitchenId, id));
  }

  @Post()
  async create(
    @Session() session: SessionContext,
    @Body() input: CreateRecipeDto,
    @Res({ passthrough: true }) response: Response,
  ): Promise<RecipeView> {
    return tagged(response, await this.recipes.create(session.kitchenId, input));
  }

  @Patch(':id')
  async update(
    @Session() session: SessionContext,
    @Param('id', IdPipe) id: string,
    @Headers('if-match') ifMatch: string | undefined,
    @Body() input: UpdateRecipeDto,
    @Res({ passthrough: true }) response: Response,
  ): Promise<RecipeView> {
    return tagged(response, await this.recipes.update(session.kitchenId, id, revisionFrom(ifMatch), input));
  }

  @Delete(':id')
  @HttpCode(204)
  remove(@Session() session: SessionContext, @Param('id', IdPipe) id: string): Promise<void> {
    return this.recipes.remove(session.kitchenId, id);
  }

  @ApiQuery({ name: 'before', required: false, type: Number })
  @Cached()
  @Get(':id/versions')
  async versions(
    @Session() session: SessionContext,
    @Param('id', IdPipe) id: string,
    @Query() { before }: VersionsQuery,
    @Res({ passthrough: true }) response: Response,
  ): Promise<RecipeVersionView[]> {
    const versions = await this.recipes.versions(session.kitchenId, id, before);
    const last = versions[versionsAtOnce - 1];
    if (last && last.number > 1)
      response.setHeader('Link', `</api/recipes/${id}/versions?before=${last.number}>; rel="prev"`);
    return versions;
  }

  @Post(':id/versions')
  @HttpCode(200)
  keepVersion(
    @Session() session: SessionContext,
    @Param('id', IdPipe) id: string,
    @Body() input: KeepVersionDto,
  ): Promise<RecipeVersionView[]> {
    return this.recipes.keepVersion(session, id, input.note);
  }

  @Post(':id/restore')
  @HttpCode(200)
  restore(@Session() session: SessionContext, @Param('id', IdPipe) id: string): Promise<RecipeView> {
    return this.recipes.restore(session.kitchenId, id);
  }
}

@Module({
  imports: [PlanningModule],
  controllers: [RecipesController],
  providers: [RecipesService, Summaries],
})
export class RecipesModule {}
