import {
  Injectable,
  SetMetadata,
  type CallHandler,
  type ExecutionContext,
  type NestInterceptor,
} from '@nestjs/common';
import { Reflector } from '@nestjs/core';
import { from, lastValueFrom, type Observable } from 'rxjs';
import { Sequelize } from 'sequelize-typescript';
import type { SessionRequest } from '../common/session-context.js';
import { DiskRoom } from './disk-room.js';
import { markChanged } from './changes.js';
import { refuseOtherSchema } from './migrate.js';
import { inTransaction } from './transaction.js';

const OWN_TRANSACTIONS = 'ownTransactions';
/** Marks routes with transactions of their own: a refusal of theirs leaves something behind. */
export const OwnTransactions = () => SetMetadata(OWN_TRANSACTIONS, true);

const KEEPS_CACHED_PLANS = 'besidePlans';
/** Marks writes that change nothing of what is known of a kitchen, such as a tick. */
export const KeepsCachedPlans = () => SetMetadata(KEEPS_CACHED_PLANS, true);

const reading = new Set(['GET', 'HEAD', 'OPTIONS']);

/**
 * Every request that writes does so in one transaction, all of it or nothing, again after a deadlock; and the
 * kitchen is marked as changed in the same.
 */
@Injectable()
export class WriteInterceptor implements NestInterceptor {
  constructor(
    private readonly reflector: Reflector,
    private readonly sequelize: Sequelize,
    private readonly disk: DiskRoom,
  ) {}

  intercept(context: ExecutionContext, next: CallHandler): Observable<unknown> {
    const { method, session } = context.switchToHttp().getRequest<SessionRequest>();
    const has = (mark: string) =>
      this.reflector.getAllAndOverride<boolean | undefined>(mark, [context.getHandler(), context.getClass()]);
    if (reading.has(method) || has(OWN_TRANSACTIONS)) return next.handle();
    return from(this.#write(next, session && !has(KEEPS_CACHED_PLANS) ? session.kitchenId : null));
  }

  async #write(next: CallHandler, changedKitchen: string | null): Promise<unknown> {
    await this.disk.check();
    return inTransaction(this.sequelize, async () => {
      await refuseOtherSchema(this.sequelize);
      const answer: unknown = await lastValueFrom(next.handle(), { defaultValue: undefined });
      if (changedKitchen) await markChanged(changedKitchen);
      return answer;
    });
  }
}
