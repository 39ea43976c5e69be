import fc from 'fast-check';
import type { ClassDish, ClassFacts, KitchenFacts } from '../class/index.js';
import type { RecipeStep } from '../recipes/index.js';
import { classOf, dish, kitchen, recipe, step } from './recipes.js';

const lines = [
  '200 g yoghurt',
  '200 g white rice',
  '2 ripe pears',
  '100 g rocket',
  '3 tbsp olive oil',
  '1 tbsp cider vinegar',
  '200 g frozen peas',
];
const texts = [
  'Slice the pears.',
  'Toss the rocket with the dressing.',
  'Stir the yoghurt.',
  'Whisk the dressing.',
  'Crush the peas.',
  'Boil the rice.',
];

/** A step that may wait, on the hob or in the cold, and may be shown; after the one before it or not. */
const stepOf = (index: number): fc.Arbitrary<RecipeStep> =>
  fc
    .record({
      text: fc.constantFrom(...texts),
      handsOnMinutes: fc.integer({ min: 1, max: 9 }),
      wait: fc.option(fc.integer({ min: 5, max: 40 }), { freq: 3 }),
      place: fc.constantFrom('in class' as const, 'either' as const, 'before' as const),
      on: fc.constantFrom('hob' as const, 'fridge' as const, null),
      tools: fc.subarray(['whisk', 'small bowl', 'board and knife', 'jug blender']),
      follows: fc.boolean(),
      demonstrateMinutes: fc.constantFrom(0, 0, 3),
      line: fc.integer({ min: 1, max: lines.length }),
      holdMinutes: fc.constantFrom(null, 30, 240, 2880),
      techniques: fc.subarray(['whisk-dressing', 'slice']),
    })
    .map(({ wait, on, follows, line, ...of }) =>
      step(`s${index}`, {
        ...of,
        waitMinutes: wait === null ? null : { low: wait, high: wait },
        occupies: on && (wait !== null || on === 'hob') ? { appliance: on, setting: '' } : null,
        uses: [{ line: `l${line}`, share: '1' }],
        after: follows && index > 1 ? [`s${index - 1}`] : [],
      }),
    );

const dishOf = (index: number): fc.Arbitrary<ClassDish> =>
  fc
    .record({
      steps: fc
        .integer({ min: 1, max: 4 })
        .chain((count) => fc.tuple(...Array.from({ length: count }, (_, at) => stepOf(at + 1)))),
      maker: fc.constantFrom('every station' as const, 'demonstration' as const, 'made ahead' as const),
      swap: fc.boolean(),
    })
    .map(({ steps, maker, swap }) =>
      dish(recipe(lines, { title: `Dish ${index}`, steps }), { id: `d${index}`, maker, making: { swap } }),
    );

/** Classes of one to four dishes, with and without an assistant. */
export const classes: fc.Arbitrary<ClassFacts> = fc
  .record({
    dishes: fc
      .integer({ min: 1, max: 4 })
      .chain((count) => fc.tuple(...Array.from({ length: count }, (_, at) => dishOf(at + 1)))),
    assistants: fc.constantFrom(0, 1),
    people: fc.integer({ min: 3, max: 13 }),
    lengthMinutes: fc.constantFrom(120, 180, 240),
  })
  .map(({ dishes, ...to }) =>
    classOf(dishes, { ...to, startsAt: '2026-11-28T18:30', demonstrationPlates: 2 }),
  );

/** Two shops that are both visited on the day before. */
const shops: KitchenFacts['suppliers'] = [
  { name: 'Greens', sections: ['salad and herbs', 'fruit'], days: [5] },
  { name: 'Rest', sections: [], days: [5] },
];

/** Kitchens that are short of one tool or another. */
export const kitchens: fc.Arbitrary<KitchenFacts> = fc
  .record({
    whisks: fc.integer({ min: 1, max: 8 }),
    boards: fc.integer({ min: 1, max: 12 }),
    blenders: fc.integer({ min: 1, max: 2 }),
  })
  .map(({ whisks, boards, blenders }) => ({
    ...kitchen,
    suppliers: shops,
    tools: [
      { tool: 'whisk', count: whisks },
      { tool: 'board and knife', count: boards },
      { tool: 'jug blender', count: blenders },
    ],
  }));
