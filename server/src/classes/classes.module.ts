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
  Put,
  Query,
  Res,
} from '@nestjs/common';
import { ApiQuery } from '@nestjs/swagger';
import {
  ClassesQuery,
  CreateClassDto,
  TickDto,
  UpdateClassDto,
  type ClassSummary,
  type ClassView,
  type CourseView,
  type TickView,
} from '@fornax/contract';
import type { ClassNeeds } from '@fornax/core';
import type { Response } from 'express';
import { IdPipe } from '../common/id.pipe.js';
import { revisionFrom, tagged } from '../common/revision.js';
import { Session, type SessionContext } from '../common/session-context.js';
import { CourseRow } from '../database/models.js';
import { KitchenScope } from '../database/scope.js';
import { KeepsCachedPlans } from '../database/write-interceptor.js';
import { forNow, Cached } from '../response-cache/cache.interceptor.js';
import { PeopleModule } from '../people/people.module.js';
import { PlanningModule } from '../planning/planner.js';
import { NeedsOfClasses } from './class-needs.js';
import { ClassViews } from './class-views.js';
import { PlanGlances } from './plan-glances.js';
import { PlanStamper } from './plan-stamps.js';
import { ClassesService } from './classes.service.js';
import { TicksService } from './ticks.service.js';

@Controller('api/courses')
class CoursesController {
  @Cached()
  @Get()
  async list(@Session() session: SessionContext): Promise<CourseView[]> {
    const rows = await new KitchenScope(CourseRow, session.kitchenId).find({ order: [['title', 'ASC']] });
    return rows.map(({ id, title }) => ({ id, title }));
  }
}

@Controller('api/classes')
class ClassesController {
  constructor(
    private readonly classes: ClassesService,
    private readonly ticks: TicksService,
  ) {}

  /** What is earlier than the past classes of this page stands behind its Link header. */
  @ApiQuery({ name: 'before', required: false, type: String })
  @ApiQuery({ name: 'find', required: false, type: String })
  @Cached(1)
  @Get()
  async list(
    @Session() session: SessionContext,
    @Query() asked: ClassesQuery,
    @Res({ passthrough: true }) response: Response,
  ): Promise<ClassSummary[]> {
    const { classes, earlier, isForNow } = await this.classes.list(session, asked);
    if (earlier)
      response.setHeader('Link', `</api/classes?before=${encodeURIComponent(earlier)}>; rel="prev"`);
    if (isForNow) forNow(response);
    return classes;
  }

  @Cached(15)
  @Get('needs')
  needs(@Session() session: SessionContext): Promise<ClassNeeds[]> {
    return this.classes.needs(session.kitchenId);
  }

  @Cached()
  @Get(':id')
  async get(
    @Session() session: SessionContext,
    @Param('id', IdPipe) id: string,
    @Res({ passthrough: true }) response: Response,
  ): Promise<ClassView> {
    return tagged(response, await this.classes.get(session.kitchenId, id));
  }

  /** A ClassPlan of core, as a thread has written it. */
  @Cached(15)
  @Get(':id/plan')
  async plan(
    @Session() session: SessionContext,
    @Param('id', IdPipe) id: string,
    @Res({ passthrough: true }) response: Response,
  ): Promise<Uint8Array> {
    const { plan, isBest } = await this.classes.plan(session.kitchenId, id);
    if (!isBest) forNow(response);
    return plan.gzipped;
  }

  @Post()
  async create(
    @Session() session: SessionContext,
    @Body() input: CreateClassDto,
    @Res({ passthrough: true }) response: Response,
  ): Promise<ClassView> {
    return tagged(response, await this.classes.create(session.kitchenId, input));
  }

  @Patch(':id')
  async update(
    @Session() session: SessionContext,
    @Param('id', IdPipe) id: string,
    @Headers('if-match') ifMatch: string | undefined,
    @Body() input: UpdateClassDto,
    @Res({ passthrough: true }) response: Response,
  ): Promise<ClassView> {
    return tagged(response, await this.classes.update(session.kitchenId, id, revisionFrom(ifMatch), input));
  }

  @Delete(':id')
  @HttpCode(204)
  remove(@Session() session: SessionContext, @Param('id', IdPipe) id: string): Promise<void> {
    return this.classes.remove(session.kitchenId, id);
  }

  @Post(':id/restore')
  @HttpCode(200)
  restore(@Session() session: SessionContext, @Param('id', IdPipe) id: string): Promise<ClassView> {
    return this.classes.restore(session.kitchenId, id);
  }

  @Get(':id/ticks')
  listTicks(@Session() session: SessionContext, @Param('id', IdPipe) id: string): Promise<TickView[]> {
    return this.ticks.list(session.kitchenId, id);
  }

  @KeepsCachedPlans()
  @Put(':id/ticks')
  setTick(
    @Session() session: SessionContext,
    @Param('id', IdPipe) id: string,
    @Body() input: TickDto,
  ): Promise<TickView> {
    return this.ticks.set(session, id, input);
  }
}

@Module({
  imports: [PlanningModule, PeopleModule],
  controllers: [ClassesController, CoursesController],
  providers: [ClassesService, ClassViews, NeedsOfClasses, PlanGlances, PlanStamper, TicksService],
  exports: [ClassesService],
})
export class ClassesModule {}
