import type { KitchenFacts } from '@fornax/core';
import { KitchenRow, LarderEntryRow } from '../database/models.js';
import { KitchenScope } from '../database/scope.js';

/** What a kitchen has to work with, its own larder figures among it. */
export async function kitchenFacts(kitchenId: string): Promise<KitchenFacts> {
  const kitchen = await KitchenRow.findByPk(kitchenId, { rejectOnEmpty: true });
  const rows = await new KitchenScope(LarderEntryRow, kitchenId).find({ order: [['ingredient', 'ASC']] });
  return { ...kitchen.facts, larder: rows.map((row) => row.entry) };
}
