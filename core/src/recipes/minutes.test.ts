import { describe, expect, it } from 'vitest';
import { step } from '../tests/recipes.js';
import { recipeMinutes } from './minutes.js';

describe('minutes of a recipe', () => {
  it('5 + 8 hands-on; the longest waits 75 + 12', () => {
    const steps = [
      step('a', { waitMinutes: { low: 60, high: 75 } }),
      step('b', { handsOnMinutes: 8, waitMinutes: { low: 12, high: 12 } }),
    ];
    expect(recipeMinutes({ steps })).toEqual({ handsOn: 13, waiting: 87 });
  });
  it('none without steps', () => expect(recipeMinutes({ steps: [] })).toEqual({ handsOn: 0, waiting: 0 }));
});
