import { describe, expect, it } from 'vitest';
import type { ClassDish } from '../class/index.js';
import { standardLarder } from '../larder/index.js';
import { parseRecipeText, type Recipe } from '../recipes/index.js';
import { classOf, dish, kitchen } from '../tests/recipes.js';
import { planDishes } from './planned-dish.js';
import { byProductsOf } from './by-products-of-steps.js';

function byProductsFrom(method: string) {
  const recipe: Recipe = parseRecipeText(`Bacon\nServes 4\n\n200 g smoked streaky bacon\n\n${method}`, {
    system: 'metric',
  });
  const given: ClassDish = dish(recipe, { id: 'd1', maker: 'made ahead' });
  const planned = planDishes({ ...classOf([given]), people: 4 }, kitchen, standardLarder);
  const made = planned.map(({ decided, portions, allergens }) => ({
    dish: decided,
    batches: portions.batches,
    fits: portions.fits,
    allergens,
  }));
  return byProductsOf(made, standardLarder, new Map()).map(({ ingredient, amount }) => [
    ingredient,
    Math.round(Number(amount.split('/')[0]) / Number(amount.split('/')[1] ?? 1)),
  ]);
}

describe('what a step keeps and what its food leaves anyway', () => {
  // 200 g × 0.25 ÷ 0.9 g/ml = 56 ml, however often it is said.
  it('is there once', () => {
    expect(byProductsFrom('1. Fry the bacon until crisp.')).toEqual([['bacon-fat', 56]]);
    expect(byProductsFrom('1. Fry the bacon until crisp and keep the fat.')).toEqual([['bacon-fat', 56]]);
  });
  it('is as much as the words say, where they do', () =>
    expect(byProductsFrom('1. Fry the bacon until crisp, saving 2 tbsp of the fat.')).toEqual([
      ['bacon-fat', 30],
    ]));
});
