import type { KitchenView } from '@fornax/contract';
import { usualKitchen } from '@fornax/core';
import { KitchenRow, LarderEntryRow } from '../database/models.js';
import { KitchenScope } from '../database/scope.js';

/**
 * What a kitchen has to work with, its own larder figures among it. What it has never written down is as
 * usual.
 */
export async function kitchenFacts(kitchenId: string): Promise<KitchenView> {
  const kitchen = await KitchenRow.findByPk(kitchenId, { rejectOnEmpty: true });
  const rows = await new KitchenScope(LarderEntryRow, kitchenId).find({ order: [['ingredient', 'ASC']] });
  return {
    ...usualKitchen,
    ...kitchen.facts,
    larder: rows.map((row) => row.entry),
    revision: kitchen.revision,
  };
}
