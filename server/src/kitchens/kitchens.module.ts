import { Body, Controller, Get, Headers, Injectable, Module, Patch, Res } from '@nestjs/common';
import { UpdateKitchenDto, type KitchenView } from '@fornax/contract';
import type { Response } from 'express';
import { ProblemException } from '../common/problem.js';
import { revisionFrom, tagged } from '../common/revision.js';
import { Session, type SessionContext } from '../common/session-context.js';
import { KitchenRow } from '../database/models.js';
import { writeRevision } from '../database/scope.js';
import { Cached } from '../response-cache/cache.interceptor.js';
import { kitchenFacts } from './kitchen-facts.js';

/** What a kitchen has to work with, written under its revision. */
@Injectable()
class KitchensService {
  async update(kitchenId: string, revision: number, input: UpdateKitchenDto): Promise<KitchenView> {
    const row = await KitchenRow.findByPk(kitchenId, { rejectOnEmpty: true });
    const changed = Object.fromEntries(Object.entries(input).filter(([, value]) => value !== undefined));
    const facts = JSON.parse(JSON.stringify({ ...row.facts, ...changed, larder: [] })) as KitchenRow['facts'];
    const saved = await writeRevision(KitchenRow, { id: kitchenId }, revision, { facts });
    const current = await kitchenFacts(kitchenId);
    if (!saved)
      throw new ProblemException(
        409,
        'Somebody else changed the kitchen meanwhile. Both versions are kept: choose which should stand.',
        { current },
      );
    return current;
  }
}

@Controller('api/kitchen')
class KitchensController {
  constructor(private readonly kitchens: KitchensService) {}

  @Cached()
  @Get()
  async current(
    @Session() session: SessionContext,
    @Res({ passthrough: true }) response: Response,
  ): Promise<KitchenView> {
    return tagged(response, await kitchenFacts(session.kitchenId));
  }

  @Patch()
  async update(
    @Session() session: SessionContext,
    @Headers('if-match') ifMatch: string | undefined,
    @Body() input: UpdateKitchenDto,
    @Res({ passthrough: true }) response: Response,
  ): Promise<KitchenView> {
    return tagged(response, await this.kitchens.update(session.kitchenId, revisionFrom(ifMatch), input));
  }
}

@Module({ controllers: [KitchensController], providers: [KitchensService] })
export class KitchensModule {}
