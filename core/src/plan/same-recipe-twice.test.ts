import { describe, expect, it } from 'vitest';
import { stationCards } from '../cards/index.js';
import { classOf, dish, kitchen, recipe, step } from '../tests/recipes.js';
import { planClass } from './plan-class.js';

const plain = recipe(['100 g rocket'], {
  title: 'Leaves',
  choices: [
    {
      id: 'w1',
      name: 'Nuts',
      usual: 'o1',
      options: [
        { id: 'o1', name: 'without' },
        { id: 'o2', name: 'with' },
      ],
    },
  ],
  steps: [step('s1', { text: 'Toss.' })],
});
const nuts = recipe(['40 g walnuts']).lines[0]!;
const leaves = {
  ...plain,
  lines: [...plain.lines, { ...nuts, id: 'l2', when: { choice: 'w1', option: 'o2' } }],
};
const facts = classOf([dish(leaves, { id: 'd1' }), dish(leaves, { id: 'd2', choices: { w1: 'o2' } })]);
const plan = planClass({ class: facts, kitchen });

describe('the same recipe twice on one menu, first without walnuts, then with', () => {
  it('each dish has its own allergens', () =>
    expect(plan.allergens).toEqual([
      { dishId: 'd1', contains: [], notKnown: [] },
      { dishId: 'd2', contains: ['nuts (walnut)'], notKnown: [] },
    ]));
  it('and its own card', () => {
    const [card] = stationCards({ facts, kitchen, plan, techniques: [], when: '' });
    expect(card!.dishes.map(({ contents }) => contents)).toEqual([
      'no listed allergen; check the labels',
      'contains nuts (walnut); check the labels',
    ]);
  });
  it('and its own cost: only the second pays for walnuts', () => {
    const { dishes, total } = plan.shopping.cost;
    expect(dishes.map(({ dishId }) => dishId).sort()).toEqual(['d1', 'd2']);
    expect(dishes.reduce((sum, { cost }) => sum + cost, 0)).toBeCloseTo(total, 6);
    const of = (id: string) => dishes.find(({ dishId }) => dishId === id)!.cost;
    expect(of('d2')).toBeGreaterThan(of('d1'));
  });
});
