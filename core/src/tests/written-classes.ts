import fc from 'fast-check';
import { type ClassDish, type KitchenFacts, kitRemedies, makers } from '../class/index.js';
import { standardLarder } from '../larder/index.js';
import { type ClassBundle } from '../plan/index.js';
import { parseRecipeText, portions } from '../recipes/index.js';
import { classOf, dish, kitchen } from './recipes.js';
import { moreWrittenRecipes } from './texts/more-written-recipes.js';
import { writtenRecipes } from './texts/written-recipes.js';

const written = [...writtenRecipes, ...moreWrittenRecipes].map(({ text, system }) =>
  parseRecipeText(text, { system }),
);
const bought = [...new Set(written.flatMap(({ lines }) => lines.flatMap((line) => line.ingredient ?? [])))];
const substitutes = bought.flatMap((id) =>
  (standardLarder.ingredients.get(id)?.substitutes ?? []).map(({ ingredient }) => [id, ingredient] as const),
);

const dishOf = (index: number): fc.Arbitrary<ClassDish> =>
  fc
    .record({
      recipe: fc.constantFrom(...written),
      maker: fc.constantFrom(...makers),
      portion: fc.constantFrom(...portions),
      making: fc.record(
        {
          stations: fc.constant([1]),
          shareBatch: fc.boolean(),
          spare: fc.boolean(),
          swap: fc.boolean(),
          once: fc.constant(['c1']),
        },
        { requiredKeys: ['stations'] },
      ),
    })
    .map(({ recipe, ...to }) => dish(recipe, { id: `d${index}`, recipeId: recipe.title, ...to }));

/** Decisions on the lists, each taken now and then. */
const decisions = fc.record(
  {
    substitutes: fc.constantFrom(...substitutes).map(([from, to]) => ({ [from]: to })),
    skipped: fc.constantFrom(...bought).map((id) => [id]),
    madeDo: fc.constantFrom(...bought).map((id) => ({ [id]: '99/100' as const })),
    sparePercent: fc.constantFrom(0, 10),
    budget: fc.constantFrom(null, 40),
    aim: fc.constantFrom('shortest' as const, 'freshest' as const),
    ownSets: fc.constant([{ station: 1, without: 'nuts' }]),
    kit: fc.constantFrom(...kitRemedies).map((kind) => [{ tool: 'whisk', kind, atOnce: 1, by: 'fork' }]),
  },
  { requiredKeys: [] },
);

const kitchens: fc.Arbitrary<KitchenFacts> = fc
  .record({
    english: fc.constantFrom('uk' as const, 'us' as const),
    system: fc.constantFrom('metric' as const, 'us' as const),
    closedDays: fc.constantFrom([], [4]),
    count: fc.integer({ min: 1, max: 9 }),
    price: fc.integer({ min: 1, max: 9 }),
  })
  .map(({ count, price, ...to }) => ({
    ...kitchen,
    ...to,
    tools: ['whisk', 'board and knife', 'small bowl'].map((tool) => ({ tool, count })),
    larder: bought.map((ingredient) => ({ ingredient, figures: { 'price.0': price }, own: null })),
  }));

const stock = fc.array(
  fc.record({
    ingredient: fc.constantFrom(...bought),
    amount: fc.constantFrom(
      { low: '100', high: '100', unit: 'g' } as const,
      { low: '2', high: '2', unit: 'piece' } as const,
    ),
    state: fc.constantFrom('', 'opened', 'cooked', 'peeled, diced'),
    useBy: fc.constantFrom(null, '2026-11-20' as const, '2026-12-20' as const),
  }),
  { maxLength: 6 },
);

/**
 * Classes of recipes as people write them, odd ones too: three people, thirty-one, no assistant, one station.
 */
export const writtenClasses: fc.Arbitrary<ClassBundle> = fc
  .record({
    dishes: fc
      .integer({ min: 1, max: 4 })
      .chain((count) => fc.tuple(...Array.from({ length: count }, (_, at) => dishOf(at + 1)))),
    people: fc.constantFrom(3, 7, 12, 14, 31),
    peoplePerStation: fc.integer({ min: 2, max: 5 }),
    assistants: fc.constantFrom(0, 1),
    demonstrationPlates: fc.constantFrom(0, 2, 5),
    lengthMinutes: fc.constantFrom(90, 150, 300),
    decisions,
    kitchen: kitchens,
    stock,
    today: fc.constantFrom(undefined, '2026-11-25' as const),
  })
  .map(({ kitchen: of, stock: items, today, dishes, ...facts }) => ({
    class: classOf(dishes, { startsAt: '2026-11-28T18:30', ...facts }),
    kitchen: of,
    stock: items,
    ...(today ? { today } : {}),
  }));
