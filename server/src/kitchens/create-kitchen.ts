import { standardTechniques, usualKitchen, type KitchenFacts } from '@fornax/core';
import type { Transaction } from 'sequelize';
import { v7 as uuid } from 'uuid';
import { KitchenRow, TechniqueRow } from '../database/models.js';

/** Makes a kitchen with its own copy of the technique notes. */
export async function createKitchen(
  facts: Partial<KitchenFacts>,
  transaction: Transaction,
  demo = false,
): Promise<KitchenRow> {
  const kitchen = await KitchenRow.create(
    { id: uuid(), facts: { ...usualKitchen, ...facts }, demo, revision: 1 },
    { transaction },
  );
  await TechniqueRow.bulkCreate(
    standardTechniques.map((note) => ({ id: uuid(), kitchenId: kitchen.id, slug: note.id, note })),
    { transaction },
  );
  return kitchen;
}
