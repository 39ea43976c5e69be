import {
  Body,
  Controller,
  Delete,
  Get,
  Headers,
  HttpCode,
  Module,
  Param,
  ParseUUIDPipe,
  Patch,
  Post,
  Res,
} from '@nestjs/common';
import {
  CreateRecipeDto,
  KeepVersionDto,
  UpdateRecipeDto,
  type RecipeSummary,
  type RecipeVersionView,
  type RecipeView,
} from '@fornax/contract';
import type { Response } from 'express';
import { revisionFrom, tagged } from '../common/revision.js';
import { Session, type SessionContext } from '../common/session-context.js';
import { RecipesService } from './recipes.service.js';

@Controller('api/recipes')
class RecipesController {
  constructor(private readonly recipes: RecipesService) {}

  @Get()
  list(@Session() session: SessionContext): Promise<RecipeSummary[]> {
    return this.recipes.list(session.kitchenId);
  }

  @Get(':id')
  async get(
    @Session() session: SessionContext,
    @Param('id', ParseUUIDPipe) id: string,
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
    @Param('id', ParseUUIDPipe) id: string,
    @Headers('if-match') ifMatch: string | undefined,
    @Body() input: UpdateRecipeDto,
    @Res({ passthrough: true }) response: Response,
  ): Promise<RecipeView> {
    return tagged(response, await this.recipes.update(session.kitchenId, id, revisionFrom(ifMatch), input));
  }

  @Delete(':id')
  @HttpCode(204)
  remove(@Session() session: SessionContext, @Param('id', ParseUUIDPipe) id: string): Promise<void> {
    return this.recipes.remove(session.kitchenId, id);
  }

  @Get(':id/versions')
  versions(
    @Session() session: SessionContext,
    @Param('id', ParseUUIDPipe) id: string,
  ): Promise<RecipeVersionView[]> {
    return this.recipes.versions(session.kitchenId, id);
  }

  @Post(':id/versions')
  @HttpCode(200)
  keepVersion(
    @Session() session: SessionContext,
    @Param('id', ParseUUIDPipe) id: string,
    @Body() input: KeepVersionDto,
  ): Promise<RecipeVersionView[]> {
    return this.recipes.keepVersion(session, id, input.note);
  }

  @Post(':id/restore')
  @HttpCode(200)
  restore(@Session() session: SessionContext, @Param('id', ParseUUIDPipe) id: string): Promise<RecipeView> {
    return this.recipes.restore(session.kitchenId, id);
  }
}

@Module({ controllers: [RecipesController], providers: [RecipesService] })
export class RecipesModule {}
