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
} from '@nestjs/common';
import { larderId, LarderEntryDto, StockDto, type LarderEntryView, type StockView } from '@fornax/contract';
import { IdPipe } from '../common/id.pipe.js';
import { ProblemException } from '../common/problem.js';
import { revisionFrom } from '../common/revision.js';
import { Session, type SessionContext } from '../common/session-context.js';
import { Cached } from '../response-cache/cache.interceptor.js';
import { LarderService } from './larder.service.js';

@Controller('api/larder')
class LarderController {
  constructor(private readonly larder: LarderService) {}

  @Cached()
  @Get()
  list(@Session() session: SessionContext): Promise<LarderEntryView[]> {
    return this.larder.list(session.kitchenId);
  }

  @Put(':ingredient')
  put(
    @Session() session: SessionContext,
    @Param('ingredient') ingredient: string,
    @Headers('if-match') ifMatch: string | undefined,
    @Body() input: LarderEntryDto,
  ): Promise<LarderEntryView> {
    if (!larderId.test(ingredient)) throw new ProblemException(404, 'The larder has no such ingredient.');
    return this.larder.put(session.kitchenId, ingredient, revisionFrom(ifMatch), input);
  }
}

@Controller('api/stock')
class StockController {
  constructor(private readonly larder: LarderService) {}

  @Cached()
  @Get()
  list(@Session() session: SessionContext): Promise<StockView[]> {
    return this.larder.stock(session.kitchenId);
  }

  @Post()
  add(@Session() session: SessionContext, @Body() input: StockDto): Promise<StockView> {
    return this.larder.addStock(session.kitchenId, input);
  }

  @Patch(':id')
  change(
    @Session() session: SessionContext,
    @Param('id', IdPipe) id: string,
    @Headers('if-match') ifMatch: string | undefined,
    @Body() input: StockDto,
  ): Promise<StockView> {
    return this.larder.changeStock(session.kitchenId, id, revisionFrom(ifMatch), input);
  }

  @Delete(':id')
  @HttpCode(204)
  remove(@Session() session: SessionContext, @Param('id', IdPipe) id: string): Promise<void> {
    return this.larder.removeStock(session.kitchenId, id);
  }

  @Post(':id/restore')
  @HttpCode(204)
  restore(@Session() session: SessionContext, @Param('id', IdPipe) id: string): Promise<void> {
    return this.larder.removeStock(session.kitchenId, id, true);
  }
}

@Module({ controllers: [LarderController, StockController], providers: [LarderService] })
export class LarderModule {}
