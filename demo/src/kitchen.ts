import { parseDate } from '@internationalized/date';
import {
  usualKitchen,
  type KitchenFacts,
  type LocalDate,
  type Rational,
  type Recipe,
  type StockItem,
} from '@fornax/core';
import { dipsAndDressings } from './recipes/dips-dressings.js';
import { dressings } from './recipes/dressings.js';
import { salads } from './recipes/salads.js';
import { writeRecipe } from './write.js';

/** The made-up teaching kitchen that the demo opens in. */
export const demoKitchen: KitchenFacts = {
  name: 'The Long Table kitchen',
  english: 'uk',
  system: 'metric',
  zone: 'Europe/London',
  opens: '08:00',
  worksFrom: '09:00',
  worksTo: '20:00',
  closes: '22:30',
  closedDays: [],
  benches: { count: 6, peopleEach: 4 },
  appliances: [
    { appliance: 'oven', capacity: 4, heatMinutes: 15, settings: 'fan, 50–250 °C' },
    { appliance: 'hob', capacity: 8, heatMinutes: 0, settings: '1–9' },
    { appliance: 'blender', capacity: 2, heatMinutes: 0, settings: 'jug, 1.75 l' },
    { appliance: 'fridge', capacity: 12, heatMinutes: 0, settings: '4 °C' },
  ],
  vessels: usualKitchen.vessels,
  measuringSet: usualKitchen.measuringSet,
  measureBy: usualKitchen.measureBy,
  suppliers: [
    {
      name: 'Market hall',
      sections: ['vegetables', 'salad and herbs', 'fruit', 'bakery', 'fish and meat'],
      days: [2, 3, 4, 5, 6],
    },
    { name: 'Wholesaler', sections: [], days: [1, 2, 3, 4, 5] },
  ],
  staff: [
    { name: 'Ines Okoye', role: 'instructor' },
    { name: 'Tomas Lind', role: 'assistant' },
  ],
  tools: [
    { tool: 'board and knife', count: 14 },
    { tool: 'peeler', count: 8 },
    { tool: 'fine grater', count: 3 },
    { tool: 'whisk', count: 6 },
    { tool: 'small bowl', count: 30 },
    { tool: 'large bowl', count: 12 },
    { tool: 'jar with lid', count: 12 },
    { tool: 'strainer', count: 4 },
    { tool: 'saucepan', count: 6 },
    { tool: 'frying pan', count: 5 },
    { tool: 'citrus press', count: 4 },
    { tool: 'serving dish', count: 14 },
    { tool: 'tongs', count: 8 },
    { tool: 'spatula', count: 8 },
    { tool: 'pestle and mortar', count: 3 },
    { tool: 'salad spinner', count: 3 },
    { tool: 'oven tray', count: 8 },
    { tool: 'jug blender', count: 2 },
    { tool: 'large pot', count: 3 },
    { tool: 'storage box', count: 10 },
  ],
  currency: 'GBP',
  allergenList: 'eu',
  safety: usualKitchen.safety,
  hemisphere: 'north',
  larder: [],
};

export interface DemoRecipe {
  readonly key: string;
  readonly recipe: Recipe;
}

export const demoRecipes: readonly DemoRecipe[] = [...salads, ...dipsAndDressings, ...dressings].map(
  (written) => ({
    key: written.key,
    recipe: writeRecipe(written),
  }),
);

/** What stands in the cupboard of the demo, dated from the day it is loaded. */
export function demoStock(today: string): (StockItem & { readonly note: string })[] {
  const day = (offset: number) => parseDate(today).add({ days: offset }).toString() as LocalDate;
  const grams = (low: Rational) => ({ low, high: low, unit: 'g' as const });
  return [
    { ingredient: 'farro', amount: grams('150'), state: 'opened', useBy: day(60), note: 'top shelf' },
    {
      ingredient: 'olive-oil',
      amount: { low: '200', high: '200', unit: 'ml' },
      state: 'opened',
      useBy: day(90),
      note: '',
    },
    { ingredient: 'pumpkin-seeds', amount: grams('200'), state: '', useBy: day(40), note: '' },
    { ingredient: 'fine-salt', amount: grams('500'), state: 'opened', useBy: null, note: 'salt box' },
    { ingredient: 'yoghurt', amount: grams('250'), state: '', useBy: day(1), note: 'front of the fridge' },
  ];
}
