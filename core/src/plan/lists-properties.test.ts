import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { toNumber, wholeRational } from '../amounts/index.js';
import { stationCards } from '../cards/index.js';
import { type ClassDecisions, type DishMaking, type Maker, noDecisions } from '../class/index.js';
import type { LocalDate } from '../identity/index.js';
import { findIngredient, standardLarder } from '../larder/index.js';
import { classOf, dish, kitchen, recipe, step } from '../tests/recipes.js';
import { planClass } from './plan-class.js';
import type { ClassBundle } from './types.js';

const lines = [
  '600 g peeled carrots',
  '3 tbsp olive oil',
  '2 eggs',
  'juice of 1 lemon',
  '1 tsp lemon zest',
  '40 g walnuts',
  '1 × 400 g tin chickpeas, drained',
  '4 tbsp chopped parsley',
  'fine salt to taste',
  '½ avocado, diced',
];
const salad = (chosen: readonly string[]) =>
  recipe(chosen, {
    serves: 6,
    components: [
      { id: 'c1', name: 'Salad', role: 'base' },
      { id: 'c2', name: 'Dressing', role: 'dressing' },
    ],
    steps: [
      step('a', {
        text: 'Toss it all.',
        tools: ['large bowl', 'board and knife'],
        uses: chosen.map((_, index) => ({ line: `l${index + 1}`, share: '1' as const })),
      }),
    ],
  });

const making: fc.Arbitrary<DishMaking> = fc.record({
  shareBatch: fc.boolean(),
  spare: fc.boolean(),
  swap: fc.boolean(),
  stations: fc.uniqueArray(fc.integer({ min: 1, max: 5 }), { minLength: 1 }),
});
const maker = fc.constantFrom<Maker>(
  'every station',
  'some stations',
  'in rotation',
  'one big batch',
  'demonstration',
  'made ahead',
);
const stock = fc.array(
  fc.record({
    ingredient: fc.constantFrom('carrot', 'olive-oil', 'egg', 'walnuts', 'parsley'),
    amount: fc
      .integer({ min: 1, max: 900 })
      .map((grams) => ({ low: wholeRational(grams), high: wholeRational(grams), unit: 'g' as const })),
    state: fc.constantFrom('', 'opened', 'peeled'),
    useBy: fc.constantFrom<LocalDate | null>(null, '2026-11-27', '2026-11-20'),
  }),
  { maxLength: 4 },
);

const bundles = fc
  .record({
    people: fc.integer({ min: 1, max: 40 }),
    chosen: fc.subarray(lines, { minLength: 1 }),
    maker,
    making,
    stock,
    sparePercent: fc.constantFrom(0, 5, 20),
    plates: fc.integer({ min: 0, max: 4 }),
  })
  .map(({ people, chosen, maker: who, making: how, stock: there, sparePercent, plates }): ClassBundle => ({
    class: classOf([dish(salad(chosen), { maker: who, making: how })], {
      people,
      demonstrationPlates: plates,
      decisions: { sparePercent },
    }),
    kitchen,
    stock: there,
  }));

/** A row's packs in its shopping unit. */
const bought = (row: { packs: readonly { count: number; size: number }[] }) =>
  row.packs.reduce((sum, pack) => sum + pack.count * pack.size, 0);

describe('whatever the class', () => {
  it('what is bought and what is there cover what is used', () => {
    fc.assert(
      fc.property(bundles, (bundle) => {
        const { shopping } = planClass(bundle);
        for (const row of [...shopping.rows, ...shopping.covered]) {
          if (row.need === null || row.key === 'fine-salt') continue;
          const there = (bundle.stock ?? [])
            .filter(
              (item) => item.ingredient === row.key && (item.useBy === null || item.useBy >= '2026-11-27'),
            )
            .reduce((sum, item) => sum + inUnit(item.ingredient, toNumber(item.amount.low), item.state), 0);
          expect([row.key, bought(row) + there >= toNumber(row.need) - 1e-6]).toEqual([row.key, true]);
        }
      }),
      { numRuns: 80 },
    );
  });
  it('no row is bought that nothing uses, and every thing that is used has a row', () => {
    fc.assert(
      fc.property(bundles, (bundle) => {
        const { shopping } = planClass(bundle);
        const used = new Set(bundle.class.dishes[0]!.recipe.lines.map((line) => line.ingredient));
        expect(new Set([...shopping.rows, ...shopping.covered].map((row) => row.ingredient))).toEqual(used);
      }),
      { numRuns: 60 },
    );
  });
  it('a demonstration more of the same, for fixed stations and batches, never means less of anything', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 30 }),
        fc.subarray(lines, { minLength: 1 }),
        fc.integer({ min: 0, max: 3 }),
        (people, chosen, plates) => {
          const total = (count: number) =>
            new Map(
              planClass({
                class: classOf([dish(salad(chosen))], { people, demonstrationPlates: count }),
                kitchen,
              }).shopping.rows.map((row) => [row.key, toNumber(row.need ?? '0')]),
            );
          const before = total(plates);
          for (const [key, need] of total(plates + 1))
            expect([key, need >= (before.get(key) ?? 0) - 1e-9]).toEqual([key, true]);
        },
      ),
      { numRuns: 60 },
    );
  });
  it('each trip is on an open day within the days of all it takes along, and takes each thing once', () => {
    const shops = {
      ...kitchen,
      suppliers: [
        { name: 'Market', sections: ['vegetables' as const, 'fruit' as const], days: [2, 4, 6] },
        { name: 'Wholesaler', sections: [], days: [1, 2, 3, 4, 5] },
      ],
    };
    fc.assert(
      fc.property(bundles, (bundle) => {
        const { rows, trips } = planClass({ ...bundle, kitchen: shops }).shopping;
        expect(trips.flatMap((trip) => trip.rows).sort()).toEqual(rows.map(({ key }) => key).sort());
        for (const trip of trips) {
          const day = new Date(`${trip.date}T00:00Z`).getUTCDay();
          expect(shops.suppliers.find(({ name }) => name === trip.supplier)!.days).toContain(day);
          if (trip.remark === '')
            for (const key of trip.rows)
              expect([
                key,
                rows.find((row) => row.key === key)!.buyFrom! <= trip.date,
                rows.find((row) => row.key === key)!.buyUntil! >= trip.date,
              ]).toEqual([key, true, true]);
        }
      }),
      { numRuns: 60 },
    );
  });
  it('costs of the dishes add up to what is known of the whole', () => {
    fc.assert(
      fc.property(bundles, (bundle) => {
        const { cost } = planClass(bundle).shopping;
        expect(cost.dishes.reduce((sum, each) => sum + each.cost, 0)).toBeCloseTo(cost.total, 6);
        expect(cost.perHead * bundle.class.people).toBeCloseTo(cost.total, 6);
      }),
      { numRuns: 60 },
    );
  });
  it('equal stations get equal cards, and every station is on one', () => {
    fc.assert(
      fc.property(bundles, (bundle) => {
        const plan = planClass(bundle);
        const cards = stationCards({ facts: bundle.class, kitchen, plan, techniques: [], when: '' });
        const working = new Set(plan.portions.dishes[0]!.batches.flatMap((batch) => batch.stations));
        expect(
          cards.filter(({ id }) => id.startsWith('stations')).reduce((sum, card) => sum + card.stations, 0),
        ).toBe(working.size);
      }),
      { numRuns: 40 },
    );
  });
  it('crates weigh no less than their food, and the kit has no empty row', () => {
    fc.assert(
      fc.property(bundles, (bundle) => {
        const { kit } = planClass(bundle);
        for (const row of [...kit.perStation, ...kit.demonstrationBench, ...kit.shared, ...kit.consumables])
          expect([row.tool, Number.isInteger(row.count) && row.count > 0]).toEqual([row.tool, true]);
        for (const crate of kit.crates)
          expect([crate.id, crate.grams > 0, crate.rows.length > 0]).toEqual([crate.id, true, true]);
      }),
      { numRuns: 40 },
    );
  });
  it('the same bundle gives the same plan', () => {
    fc.assert(
      fc.property(bundles, (bundle) => {
        expect(planClass(bundle)).toEqual(planClass(structuredClone(bundle)));
      }),
      { numRuns: 20 },
    );
  });
});

/** A stock item as purchased, in the shopping unit; peeled carrots stand for 1 ÷ 0.85 of their weight. */
function inUnit(id: string, grams: number, state: string): number {
  const ingredient = findIngredient(standardLarder, id)!;
  const asBought = state === 'peeled' ? grams / 0.85 : grams;
  if (ingredient.shoppingUnit === 'piece') return asBought / ingredient.countGrams.piece!.value;
  return ingredient.shoppingUnit === 'ml' ? asBought / 0.9 : asBought;
}

describe('decisions leave the rest alone', () => {
  const decisions: fc.Arbitrary<Partial<ClassDecisions>> = fc.record({
    skipped: fc.subarray(['walnuts', 'parsley']),
    substitutes: fc.constantFrom<Record<string, string>>({}, { walnuts: 'pecans' }, { parsley: 'coriander' }),
    budget: fc.constantFrom(null, 5, 500),
  });
  it('rows of other ingredients do not change', () => {
    fc.assert(
      fc.property(decisions, fc.subarray(lines, { minLength: 3 }), (decided, chosen) => {
        const rows = (of: Partial<ClassDecisions>) =>
          new Map(
            planClass({
              class: classOf([dish(salad(chosen))], { decisions: { ...noDecisions, ...of } }),
              kitchen,
            }).shopping.rows.map((row) => [row.key, row.buy]),
          );
        const touched = new Set([...decided.skipped!, ...Object.entries(decided.substitutes!).flat()]);
        const after = rows(decided);
        for (const [key, buy] of rows({}))
          if (!touched.has(key)) expect([key, after.get(key)]).toEqual([key, buy]);
      }),
      { numRuns: 40 },
    );
  });
});
