import { randomInt } from 'node:crypto';
import { Sequelize } from 'sequelize';
import { KitchenChangesRow } from './models.js';

/** Slots that servers choose from; one more is written by every change of the library. */
const slots = 128;
export const librarySlot = slots;
/** This process's own slot: two servers that write for one kitchen seldom touch the same row. */
const slot = randomInt(slots);

/** Counts a change of a kitchen, so that what was known of it is asked for again. Last in its transaction. */
export function markChanged(kitchenId: string): Promise<void> {
  return countOne(kitchenId, slot);
}

/**
 * Lets one change of the library after the other be looked at: two at once could each be sound and make a
 * loop together. Held until the request's transaction ends. It is a row that is written, not only locked: of
 * two changes on two nodes of a cluster one is then begun again.
 */
export function lockLibrary(kitchenId: string): Promise<void> {
  return countOne(kitchenId, librarySlot);
}

/** Waits until no change of the library is under way, and lets none begin before the transaction ends. */
export async function holdLibrary(kitchenId: string): Promise<void> {
  await KitchenChangesRow.findOne({ where: { kitchenId, slot: librarySlot }, lock: true });
}

/** How often the library of a kitchen was changed: the same number, the same library. */
export async function libraryChanges(kitchenId: string): Promise<string> {
  const row = await KitchenChangesRow.findOne({ where: { kitchenId, slot: librarySlot } });
  return String(row?.changes ?? 0);
}

async function countOne(kitchenId: string, of: number): Promise<void> {
  const one = { changes: Sequelize.literal('changes + 1') };
  const [changed] = await KitchenChangesRow.update(one as never, { where: { kitchenId, slot: of } });
  if (changed > 0) return;
  await KitchenChangesRow.sequelize!.query(
    `INSERT INTO kitchen_changes (kitchen_id, slot, changes) VALUES (?, ?, 1)
      ON DUPLICATE KEY UPDATE changes = changes + 1`,
    { replacements: [kitchenId, of] },
  );
}
