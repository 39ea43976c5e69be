import { Injectable } from '@nestjs/common';
import type { TickDto, TickView } from '@fornax/contract';
import { v7 as uuid } from 'uuid';
import type { SessionContext } from '../common/session-context.js';
import { ClassRow, TickRow } from '../database/models.js';
import { KitchenScope } from '../database/scope.js';
import { requireNotDeleted } from '../database/not-deleted.js';

/** Ticks on a shopping list, each a row with who and when by the server's clock; the later one stands. */
@Injectable()
export class TicksService {
  async list(kitchenId: string, classId: string): Promise<TickView[]> {
    const rows = await new KitchenScope(TickRow, kitchenId).find({
      where: { classId },
      order: [['key', 'ASC']],
    });
    return rows.map(viewOf);
  }

  async set(session: SessionContext, classId: string, input: TickDto): Promise<TickView> {
    const classes = new KitchenScope(ClassRow, session.kitchenId);
    requireNotDeleted(await classes.findOne({ where: { id: classId } }), 'This class');
    const values = { ticked: input.ticked, count: input.count ?? 0, by: session.accountName, at: new Date() };
    const scope = new KitchenScope(TickRow, session.kitchenId);
    await scope.createOrUpdate({ id: uuid(), classId, key: input.key, ...values }, [
      'ticked',
      'count',
      'by',
      'at',
    ]);
    return viewOf((await scope.findOne({ where: { classId, key: input.key } }))!);
  }
}

function viewOf(row: TickRow): TickView {
  return {
    key: row.key,
    ticked: Boolean(row.ticked),
    count: row.count,
    by: row.by,
    at: row.at.toISOString(),
  };
}
