import type { KitchenView } from '@fornax/contract';
import { type Rates, standardRates, usualKitchen } from '@fornax/core';
import { KitchenRow, LarderEntryRow, TechniqueRow } from '../database/models.js';
import { KitchenScope } from '../database/scope.js';

/**
 * What a kitchen has to work with, its own larder figures among it. What it has never written down is as
 * usual.
 */
export async function kitchenFacts(kitchenId: string): Promise<KitchenView> {
  const kitchen = await KitchenRow.findByPk(kitchenId, { rejectOnEmpty: true });
  const rows = await new KitchenScope(LarderEntryRow, kitchenId).find({ order: [['ingredient', 'ASC']] });
  const rates = await ownRates(kitchenId);
  return {
    ...usualKitchen,
    ...kitchen.facts,
    larder: rows.map((row) => row.entry),
    ...(rates ? { rates } : {}),
    revision: kitchen.revision,
  };
}

/** What the kitchen's own notes say about minutes, where that is not the usual; null where all is. */
async function ownRates(kitchenId: string): Promise<Rates | null> {
  const notes = await new KitchenScope(TechniqueRow, kitchenId).find({
    attributes: ['slug', 'note'],
    where: { deletedAt: null },
    order: [['slug', 'ASC']],
  });
  const own = notes.flatMap(({ slug, note }) =>
    note.rates && JSON.stringify(note.rates) !== JSON.stringify(standardRates[slug])
      ? [[slug, note.rates] as const]
      : [],
  );
  return own.length > 0 ? Object.fromEntries(own) : null;
}
