import type { KitchenView } from '@fornax/contract';
import { type Rates, type ShownMinutes, standardRates, standardShown, usualKitchen } from '@fornax/core';
import { KitchenRow, LarderEntryRow, TechniqueRow } from '../database/models.js';
import { KitchenScope } from '../database/scope.js';

/**
 * What a kitchen has to work with, its own larder figures among it. What it has never written down is as
 * usual.
 */
export async function kitchenFacts(kitchenId: string): Promise<KitchenView> {
  const kitchen = await KitchenRow.findByPk(kitchenId, { rejectOnEmpty: true });
  const rows = await new KitchenScope(LarderEntryRow, kitchenId).find({ order: [['ingredient', 'ASC']] });
  const own = await ownNotes(kitchenId);
  return {
    ...usualKitchen,
    ...kitchen.facts,
    larder: rows.map((row) => row.entry),
    ...own,
    revision: kitchen.revision,
  };
}

/** What the kitchen's own notes say about minutes, where that is not the usual; nothing where all is. */
async function ownNotes(kitchenId: string): Promise<{ rates?: Rates; shown?: ShownMinutes }> {
  const notes = await new KitchenScope(TechniqueRow, kitchenId).find({
    attributes: ['slug', 'note'],
    where: { deletedAt: null },
    order: [['slug', 'ASC']],
  });
  const rates = notes.flatMap(({ slug, note }) =>
    note.rates && JSON.stringify(note.rates) !== JSON.stringify(standardRates[slug])
      ? [[slug, note.rates] as const]
      : [],
  );
  const shown = notes.flatMap(({ slug, note }) =>
    note.shownMinutes !== undefined && note.shownMinutes !== (standardShown[slug] ?? 0)
      ? [[slug, note.shownMinutes] as const]
      : [],
  );
  return {
    ...(rates.length > 0 ? { rates: Object.fromEntries(rates) } : {}),
    ...(shown.length > 0 ? { shown: Object.fromEntries(shown) } : {}),
  };
}
