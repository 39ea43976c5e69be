import { plainToInstance } from 'class-transformer';
import { validateSync } from 'class-validator';
import { describe, expect, it } from 'vitest';
import { parseRecipeText, readActs, withActs } from '@fornax/core';
import { ActDto, RecipeStepDto } from './index.js';

const refused = (shape: new () => object, value: object) =>
  validateSync(plainToInstance(shape, value), { whitelist: true, forbidNonWhitelisted: true }).map(
    ({ property }) => property,
  );

/** What is read from any text can be saved again as it is. */
describe('acts that were read', () => {
  it.each([
    'It keeps 1000 weeks in the fridge.',
    'Soak for 900 days.',
    `Cook until ${'very '.repeat(300)}soft.`,
    'Chop, slice, dice, mince. '.repeat(60),
    `Roast at 200 °C ${'🥕'.repeat(500)}`,
    'Stir '.repeat(700),
    `${'jar bowl pan pot tray '.repeat(100)}`,
    'Pouring boiling water over a hot jar in your palm, drop by drop, off the heat.',
    '½ cup … “toss” — don’t.',
  ])('%s', (text) => {
    for (const act of readActs(text)) expect(refused(ActDto, act)).toEqual([]);
    const recipe = parseRecipeText(`Test\nServes 4\nIngredients\n4 eggs\nMethod\n1. ${text}`, {
      system: 'metric',
    });
    for (const step of withActs(recipe).steps) expect(refused(RecipeStepDto, step)).toEqual([]);
  });
});
