import {
  Injectable,
  SetMetadata,
  type CallHandler,
  type ExecutionContext,
  type NestInterceptor,
} from '@nestjs/common';
import { Reflector } from '@nestjs/core';
import type { Request } from 'express';
import { from, lastValueFrom, type Observable } from 'rxjs';
import { Sequelize } from 'sequelize-typescript';
import { inTransaction } from './transaction.js';

const OWN_TRANSACTIONS = 'ownTransactions';
/** Marks routes with transactions of their own: a refusal of theirs leaves something behind. */
export const OwnTransactions = () => SetMetadata(OWN_TRANSACTIONS, true);

const reading = new Set(['GET', 'HEAD', 'OPTIONS']);

/** Every request that writes does so in one transaction: all of it or nothing, again after a deadlock. */
@Injectable()
export class WriteInterceptor implements NestInterceptor {
  constructor(
    private readonly reflector: Reflector,
    private readonly sequelize: Sequelize,
  ) {}

  intercept(context: ExecutionContext, next: CallHandler): Observable<unknown> {
    const { method } = context.switchToHttp().getRequest<Request>();
    const places = [context.getHandler(), context.getClass()];
    if (reading.has(method) || this.reflector.getAllAndOverride<boolean>(OWN_TRANSACTIONS, places))
      return next.handle();
    return from(
      inTransaction(this.sequelize, () => lastValueFrom(next.handle(), { defaultValue: undefined })),
    );
  }
}
