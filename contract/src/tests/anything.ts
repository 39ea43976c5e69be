import {
  allergenLists,
  appliances,
  type ClassBundle,
  type ClassFacts,
  englishes,
  hemispheres,
  kitRemedies,
  makers,
  measureSystems,
  measurings,
  noDecisions,
  portions,
  safetyStyles,
  sections,
  usualKitchen,
  vesselKinds,
} from '@fornax/core';
import fc from 'fast-check';
import { amount, anyRecipe, id, ingredient, maybe, oddWords, some, text, uuid, words } from './any-recipe.js';

const making = fc.record(
  {
    stations: fc.array(fc.integer({ min: 1, max: 200 }), { maxLength: 3 }),
    shareBatch: fc.boolean(),
    flight: maybe(id),
    once: fc.array(id, { maxLength: 2 }),
    spare: fc.boolean(),
    swap: fc.boolean(),
  },
  { requiredKeys: [] },
);

const dish = fc.record({
  id: uuid,
  recipeId: uuid,
  portion: fc.constantFrom(...portions),
  maker: fc.constantFrom(...makers),
  choices: fc.dictionary(id, id, { maxKeys: 2 }),
  making,
});

const keyed = <T>(keys: fc.Arbitrary<string>, of: fc.Arbitrary<T>) => fc.dictionary(keys, of, { maxKeys: 2 });

const decisions = fc
  .record(
    {
      substitutes: keyed(ingredient, ingredient),
      skipped: fc.array(ingredient, { maxLength: 2 }),
      packs: keyed(ingredient, fc.constantFrom('1x250', '2x400+1x200')),
      madeDo: keyed(ingredient, fc.constantFrom('99/100', '1')),
      sparePercent: fc.constantFrom(0, 12.5, 50),
      budget: maybe(fc.constantFrom(0, 60, 100_000)),
      kit: fc.array(
        fc.record(
          {
            tool: fc.constantFrom(...oddWords, 'whisk'),
            kind: fc.constantFrom(...kitRemedies),
            atOnce: fc.constantFrom(1, 200),
            by: fc.constantFrom('fork', 'constructor'),
          },
          { requiredKeys: ['tool', 'kind'] },
        ),
        { maxLength: 2 },
      ),
      ownSets: fc.array(fc.record({ station: fc.integer({ min: 1, max: 200 }), without: words }), {
        maxLength: 2,
      }),
      pins: keyed(
        fc.oneof(id, fc.constantFrom('eat', 'welcome', 'set-out')),
        fc.integer({ min: -44_640, max: 44_640 }),
      ),
      onTheDay: fc.record(
        { oven: fc.integer({ min: 0, max: 40 }), hob: fc.integer({ min: 0, max: 3 }), bench: fc.nat(9) },
        { requiredKeys: [] },
      ),
      shown: keyed(id, fc.integer({ min: 0, max: 30 })),
      shownWith: keyed(id, id),
      hands: keyed(id, fc.constantFrom('you', 'assistant')),
      when: keyed(id, fc.constantFrom('in class', 'before')),
      leftOut: fc.array(id, { maxLength: 2 }),
      aim: fc.constantFrom('shortest', 'freshest'),
    },
    { requiredKeys: [] },
  )
  .map((taken) => ({ ...noDecisions, ...taken }));

const anyClass = fc.record({
  id: uuid,
  title: text(160),
  startsAt: fc.constantFrom('2026-11-27T18:30', '2026-03-29T01:30', '2026-12-31T23:59', '2027-01-01T00:00'),
  zone: fc.constantFrom('Europe/London', 'America/St_Johns', 'Pacific/Apia', 'UTC'),
  lengthMinutes: fc.constantFrom(30, 90, 150, 720),
  place: words,
  people: fc.constantFrom(1, 3, 12, 31, 200),
  peoplePerStation: fc.constantFrom(1, 4, 12),
  assistants: fc.constantFrom(0, 1),
  demonstrationPlates: fc.constantFrom(0, 2, 20),
  dishes: fc.uniqueArray(dish, { maxLength: 3, selector: (each) => each.id }),
  decisions,
});

const appliance = fc.record({
  appliance: fc.constantFrom(...appliances),
  capacity: fc.constantFrom(0, 1, 3, 200),
  heatMinutes: fc.constantFrom(0, 15, 180),
  settings: words,
});
const vessel = fc.record({
  name: words,
  kind: fc.constantFrom(...vesselKinds),
  millilitres: fc.constantFrom(0, 0.5, 2000, 200_000),
  squareCentimetres: fc.constantFrom(0, 0.1, 1100, 20_000),
  count: fc.constantFrom(0, 1, 1000),
});
const days = fc.uniqueArray(fc.integer({ min: 0, max: 6 }), { maxLength: 7 });

const anyKitchen = fc.record({
  name: words,
  english: fc.constantFrom(...englishes),
  system: fc.constantFrom(...measureSystems),
  zone: fc.constantFrom('Europe/London', 'UTC'),
  opens: fc.constantFrom('00:00', '08:00', '23:59'),
  closes: fc.constantFrom('00:00', '08:00', '22:00'),
  closedDays: days,
  benches: fc.record({ count: fc.constantFrom(1, 4), peopleEach: fc.constantFrom(1, 4, 12) }),
  appliances: fc.array(appliance, { maxLength: 6 }),
  tools: fc.array(
    fc.record({
      tool: fc.constantFrom(...oddWords, 'whisk', 'large bowl'),
      count: fc.constantFrom(0, 1, 1000),
    }),
    { maxLength: 4 },
  ),
  vessels: fc.oneof(fc.constant(usualKitchen.vessels), fc.array(vessel, { maxLength: 4 })),
  measuringSet: fc.record({
    teaspoons: some(['1/8', '1/4', '1/2', '3/4', '1'], 2),
    tablespoon: fc.boolean(),
    cups: some(['1/4', '1/3', '1'], 2),
  }),
  measureBy: fc.record({
    liquid: fc.constantFrom(...measurings),
    spice: fc.constantFrom(...measurings),
    food: fc.constantFrom(...measurings),
  }),
  suppliers: fc.array(
    fc.record(
      { name: words, sections: some(sections, 3), days, tripMinutes: fc.constantFrom(0, 30, 600) },
      { requiredKeys: ['name', 'sections', 'days'] },
    ),
    { maxLength: 3 },
  ),
  staff: fc.constant([]),
  currency: fc.constantFrom('GBP', 'CHF', 'JPY'),
  allergenList: fc.constantFrom(...allergenLists),
  safety: fc.record({
    style: fc.constantFrom(...safetyStyles),
    own: fc.record(
      {
        coldCelsius: maybe(fc.constantFrom(0, 100)),
        coldOutMinutes: maybe(fc.constantFrom(1, 1440)),
        chillWithinMinutes: maybe(fc.constantFrom(1, 1440)),
        roomCelsius: maybe(fc.constantFrom(0, 100)),
      },
      { requiredKeys: [] },
    ),
  }),
  hemisphere: fc.constantFrom(...hemispheres),
});

/** Anything that can be saved: a kitchen, a class, and a recipe for each of its dishes. */
export const anything = fc.record({
  kitchen: anyKitchen,
  facts: anyClass,
  recipes: fc.array(anyRecipe, { minLength: 3, maxLength: 3 }),
  stock: fc.array(
    fc.record({
      id: uuid,
      ingredient,
      amount,
      state: words,
      useBy: maybe(fc.constantFrom('2026-11-20', '2026-12-20')),
      note: words,
    }),
    { maxLength: 2 },
  ),
});
type Anything = typeof anything extends fc.Arbitrary<infer Drawn> ? Drawn : never;

/** As the server puts it together. */
export function bundleOf({ kitchen, facts, recipes, stock }: Anything): ClassBundle {
  const dishes = facts.dishes.map((each, at) => ({ ...each, version: 1, recipe: recipes[at] }));
  return {
    class: { ...facts, dishes } as unknown as ClassFacts,
    kitchen: { ...kitchen, larder: [] } as unknown as ClassBundle['kitchen'],
    stock: stock as unknown as ClassBundle['stock'],
  } as ClassBundle;
}
