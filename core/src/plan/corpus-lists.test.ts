import { describe, expect, it } from 'vitest';
import type { ClassFacts } from '../class/index.js';
import { parseRecipeText } from '../recipes/index.js';
import { corpusRecipes } from '../tests/intake-corpus.js';
import { classOf, dish, kitchen } from '../tests/recipes.js';
import { planClass } from './plan-class.js';

const recipes = corpusRecipes();

describe('lists of classes with these recipes', () => {
  const read = recipes.map(({ text }) => parseRecipeText(text, { system: 'us' }));
  it.each([3, 7, 12, 31])('of %i people: every row is one amount', (people) => {
    const wrong = read.flatMap((recipe, index) => {
      const facts: ClassFacts = {
        ...classOf([dish(recipe, { id: 'd1', recipeId: `r${index}` })]),
        people,
      };
      const { shopping } = planClass({ class: facts, kitchen });
      return shopping.rows
        .filter(({ remark }) => /^Not in it yet/.test(remark))
        .map(({ name, buy, remark }) => `${recipe.title}: ${name}, ${buy}; ${remark}`);
    });
    expect(wrong).toEqual([]);
  });
});
