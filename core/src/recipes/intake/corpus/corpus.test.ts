import { describe, expect, it } from 'vitest';
import { corpusLines, corpusRecipes } from '../../../tests/intake-corpus.js';
import { parseIngredientLine } from '../line/line.js';
import type { Recipe } from '../../types.js';
import { parseRecipeText } from '../text/text.js';

type Line = Pick<Recipe['lines'][number], 'amount' | 'unit'>;
const amountOf = ({ amount, unit }: Line) =>
  amount ? `${amount.low}${amount.high === amount.low ? '' : `..${amount.high}`} ${unit}` : '–';

const lines = corpusLines();
const recipes = corpusRecipes();

describe('lines as people write them', () => {
  it('with those of the recipes, there are 400', () =>
    expect(lines.length + recipes.flatMap((recipe) => recipe.lines).length).toBeGreaterThanOrEqual(400));
  it.each(lines)('$text', ({ text, amount, ingredient }) => {
    const read = parseIngredientLine(text, { system: 'metric' });
    expect([amountOf(read), read.ingredient ?? '?']).toEqual([amount, ingredient]);
  });
});

describe('whole recipes in ten styles', () => {
  it.each(recipes)('$title', ({ title, serves, kind, text, lines: wanted }) => {
    const recipe = parseRecipeText(text, { system: 'us' });
    expect(recipe.title.toLowerCase()).toContain(title.toLowerCase());
    expect([recipe.serves, recipe.kind]).toEqual([serves, kind]);
    expect(recipe.lines.map((line) => `${amountOf(line)} ${line.ingredient ?? '?'}`)).toEqual(wanted);
    expect(recipe.steps.length).toBeGreaterThan(0);
  });
});
