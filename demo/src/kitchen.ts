import { parseDate } from '@internationalized/date';
import {
  usualKitchen,
  type ClassDecisions,
  type DishMaking,
  type KitchenFacts,
  type Maker,
  type Portion,
  type Recipe,
  type StockItem,
} from '@fornax/core';
import { dipsAndDressings } from './dips-dressings.js';
import { salads } from './salads.js';
import { writeRecipe } from './write.js';

/** The made-up teaching kitchen that the demo opens in. */
export const demoKitchen: KitchenFacts = {
  name: 'The Long Table kitchen',
  english: 'uk',
  system: 'metric',
  zone: 'Europe/London',
  opens: '08:00',
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

export const demoRecipes: readonly DemoRecipe[] = [...salads, ...dipsAndDressings].map((written) => ({
  key: written.key,
  recipe: writeRecipe(written),
}));

export interface DemoClass {
  readonly title: string;
  readonly startsAt: string;
  readonly lengthMinutes: number;
  readonly place: string;
  readonly people: number;
  readonly peoplePerStation: number;
  readonly assistants: number;
  readonly demonstrationPlates: number;
  readonly decisions?: Partial<ClassDecisions>;
  readonly dishes: readonly {
    readonly recipe: string;
    readonly portion: Portion;
    readonly maker: Maker;
    readonly making?: DishMaking;
  }[];
}

/** What stands in the cupboard of the demo, dated from the day it is loaded. */
export function demoStock(today: string): (StockItem & { readonly note: string })[] {
  const day = (offset: number) => parseDate(today).add({ days: offset }).toString();
  const grams = (low: string) => ({ low, high: low, unit: 'g' as const });
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

export const demoCourse = { title: 'Leaves, roots and beans' };

/**
 * Four classes of the course, dated from the day the demo is loaded: one past, one today, one in three days,
 * one next week.
 */
export function demoClasses(today: string): DemoClass[] {
  const day = (offset: number, time: string) =>
    `${parseDate(today).add({ days: offset }).toString()}T${time}`;
  const usual = { place: 'Main kitchen', peoplePerStation: 4, demonstrationPlates: 2 };
  return [
    {
      ...usual,
      title: 'Dressings from the ratio up',
      startsAt: day(-7, '18:30'),
      lengthMinutes: 120,
      people: 12,
      assistants: 0,
      dishes: [
        { recipe: 'vinaigrettes', portion: 'taste', maker: 'every station', making: { spare: true } },
        { recipe: 'herb-yoghurt', portion: 'taste', maker: 'every station' },
      ],
    },
    {
      ...usual,
      title: 'Slaws and lunch bowls',
      startsAt: day(0, '18:00'),
      lengthMinutes: 120,
      people: 10,
      assistants: 1,
      dishes: [
        { recipe: 'slaw', portion: 'side', maker: 'every station' },
        { recipe: 'chickpea-egg', portion: 'side', maker: 'every station' },
      ],
    },
    {
      ...usual,
      title: 'Roots and citrus',
      startsAt: day(3, '18:30'),
      lengthMinutes: 150,
      people: 14,
      assistants: 1,
      decisions: { budget: 90 },
      dishes: [
        { recipe: 'beetroot', portion: 'side', maker: 'every station' },
        { recipe: 'fennel-pear', portion: 'taste', maker: 'every station' },
        { recipe: 'white-bean', portion: 'taste', maker: 'demonstration' },
        { recipe: 'carrot-farro', portion: 'taste', maker: 'demonstration' },
      ],
    },
    {
      ...usual,
      title: 'Smoke, char and warm salads',
      startsAt: day(8, '17:30'),
      lengthMinutes: 180,
      people: 16,
      assistants: 1,
      dishes: [
        { recipe: 'aubergine', portion: 'taste', maker: 'every station' },
        {
          recipe: 'potato-green-bean',
          portion: 'side',
          maker: 'every station',
          making: { shareBatch: true },
        },
        { recipe: 'slaw', portion: 'taste', maker: 'made ahead' },
      ],
    },
  ];
}
