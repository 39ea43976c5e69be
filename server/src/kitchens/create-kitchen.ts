import { standardTechniques, type KitchenFacts } from '@fornax/core';
import type { Transaction } from 'sequelize';
import { v7 as uuid } from 'uuid';
import { KitchenRow, TechniqueRow } from '../database/models.js';

/** A modest kitchen to start from: one oven of two trays, four rings, hours of a working day. */
const usualKitchen: KitchenFacts = {
  name: 'Kitchen', english: 'uk', system: 'metric', zone: 'Europe/London', opens: '08:00', closes: '22:00',
  appliances: [{ appliance: 'oven', capacity: 2, heatMinutes: 15 }, { appliance: 'hob', capacity: 4, heatMinutes: 0 }, { appliance: 'fridge', capacity: 8, heatMinutes: 0 }, { appliance: 'blender', capacity: 1, heatMinutes: 0 }],
  tools: [], currency: 'GBP', allergenList: 'eu', hemisphere: 'north', larder: [],
};

/** Makes a kitchen with its own copy of the technique notes. */
export async function createKitchen(facts: Partial<KitchenFacts>, transaction: Transaction, demo = false): Promise<KitchenRow> {
  const kitchen = await KitchenRow.create({ id: uuid(), facts: { ...usualKitchen, ...facts }, demo, revision: 1 }, { transaction });
  await TechniqueRow.bulkCreate(standardTechniques.map((note) => ({ id: uuid(), kitchenId: kitchen.id, slug: note.id, note })), { transaction });
  return kitchen;
}
