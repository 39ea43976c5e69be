import { describe, expect, it } from 'vitest';
import type { ClassFacts, Maker } from '../class/index.js';
import { classOf, dish, kitchen, recipe, step } from '../tests/recipes.js';
import { planClass } from './plan-class.js';

/** 800 g for four sides: 200 g a side. */
const beans = recipe(['700 g cooked green lentils', '100 g feta'], {
  steps: [step('mix', { text: 'Mix.' })],
});
const planned = (overrides: Partial<ClassFacts> = {}, maker: Maker = 'every station', making = {}) =>
  planClass({ class: classOf([dish(beans, { maker, making })], { people: 8, ...overrides }), kitchen });

describe('food a head', () => {
  it('is what every batch holds, by people: 2 batches of 800 g for 8 are 200 g', () => {
    const { foodAHead: food } = planned();
    expect([food.grams, food.meal, food.enough]).toEqual([200, 'dinner', [500, 600]]);
    expect(food.workings.steps[0]).toMatchObject({ label: 'Test salad', value: '200 g' });
  });
  it('lunch is before 16:00, and wants less', () =>
    expect(planned({ startsAt: '2026-11-27T11:00' }).foodAHead.enough).toEqual([350, 450]));
  it('a spare batch and a ready-made one are not eaten on top', () =>
    expect(planned({}, 'every station', { spare: true, swap: true }).foodAHead.grams).toBe(200));
  it('more than enough is said, with the dish that there is most of', () => {
    const plan = planClass({
      class: classOf(
        ['d1', 'd2', 'd3'].map((id) => dish(beans, { id, portion: 'main' })),
        { people: 8, startsAt: '2026-11-27T11:00' },
      ),
      kitchen,
    });
    // A main is 1½ sides: 300 g a head of each of three dishes.
    expect(plan.warnings.find(({ id }) => id === 'food')).toMatchObject({
      sentence: 'About 900 g of food a head; 350–450 g are enough for a lunch',
      remedy: 'Make a smaller portion of “Test salad”, leave a dish out, or pack boxes to carry some home.',
    });
    expect(planned().warnings.some(({ id }) => id === 'food')).toBe(false);
  });
});
