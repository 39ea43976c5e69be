import { standardTechniques, usualKitchen, type KitchenFacts } from '@fornax/core';
import { v7 as uuid } from 'uuid';
import { KitchenRow, TechniqueRow } from '../database/models.js';

/** Makes a kitchen with its own copy of the technique notes. */
export async function createKitchen(facts: Partial<KitchenFacts>, demo = false): Promise<KitchenRow> {
  const kitchen = await KitchenRow.create({
    id: uuid(),
    facts: { ...usualKitchen, ...facts },
    demo,
    revision: 1,
  });
  await TechniqueRow.bulkCreate(
    standardTechniques.map((note) => ({ id: uuid(), kitchenId: kitchen.id, slug: note.id, note })),
  );
  return kitchen;
}
