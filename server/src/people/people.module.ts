import { Body, Controller, Get, HttpCode, Module, Param, Post } from '@nestjs/common';
import { ErasePersonDto, type ErasedView, type LastPeople } from '@fornax/contract';
import { IdPipe } from '../common/id.pipe.js';
import { Session, type SessionContext } from '../common/session-context.js';
import { PeopleService } from './people.service.js';
import { PeopleVault } from './people-vault.js';

@Controller('api')
class PeopleController {
  constructor(private readonly people: PeopleService) {}

  @Get('classes/:id/last-people')
  async last(
    @Session() session: SessionContext,
    @Param('id', IdPipe) id: string,
  ): Promise<{ readonly last: LastPeople | null }> {
    return { last: await this.people.last(session.kitchenId, id) };
  }

  @Post('people/erase')
  @HttpCode(200)
  erase(@Session() session: SessionContext, @Body() { name }: ErasePersonDto): Promise<ErasedView> {
    return this.people.erase(session.kitchenId, name);
  }
}

@Module({
  controllers: [PeopleController],
  providers: [PeopleService, PeopleVault],
  exports: [PeopleService, PeopleVault],
})
export class PeopleModule {}
