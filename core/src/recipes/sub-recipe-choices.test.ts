import { describe, expect, it } from 'vitest';
import { recipe, step } from '../tests/recipes.js';
import { applyChoices } from './choices.js';
import { expandRecipe } from './sub-recipes.js';
import type { RecipeChoice } from './types.js';

const oils: RecipeChoice = {
  id: 'w1',
  name: 'Oil',
  usual: 'o1',
  options: [
    { id: 'o1', name: 'olive' },
    { id: 'o2', name: 'rapeseed' },
  ],
};
const written = recipe(['3 tbsp olive oil', '3 tbsp rapeseed oil', '1 tbsp cider vinegar'], {
  title: 'Dressing',
  choices: [oils],
  steps: [
    step('s1', { text: 'Pour the olive oil.', when: { choice: 'w1', option: 'o1' } }),
    step('s2', { text: 'Pour the rapeseed oil.', when: { choice: 'w1', option: 'o2' } }),
  ],
});
const dressing = {
  ...written,
  lines: written.lines.map((line, index) =>
    index < 2 ? { ...line, when: { choice: 'w1', option: index === 0 ? 'o1' : 'o2' } } : line,
  ),
};
const parent = (choices: readonly RecipeChoice[] = []) =>
  expandRecipe(
    recipe(['1 cos lettuce'], {
      choices,
      components: [
        { id: 'c1', name: 'Salad', role: 'base' },
        { id: 'c2', name: 'Dressing', role: 'dressing', recipe: { recipeId: 'dressing', batches: '1' } },
      ],
      steps: [step('toss', { text: 'Toss.' })],
    }),
    () => dressing,
  );
const names = (of: ReturnType<typeof parent>, chosen: Record<string, string> = {}) =>
  applyChoices(of, chosen).lines.map(({ name }) => name);

describe('choices of a recipe that another is made of', () => {
  it('a parent without choices takes the usual way, not both', () =>
    expect(names(parent())).toEqual(['cos lettuce', 'olive oil', 'cider vinegar']));
  it('a parent with a choice of its own keeps those of its parts', () => {
    const whole = parent([{ ...oils, id: 'w1', name: 'When to dress' }]);
    expect(whole.choices.map(({ id, name }) => [id, name])).toEqual([
      ['w1', 'When to dress'],
      ['c2-w1', 'Dressing: Oil'],
    ]);
    expect(names(whole)).toEqual(['cos lettuce', 'olive oil', 'cider vinegar']);
  });
  it('a class chooses the way of a part, in lines and in steps', () => {
    const taken = applyChoices(parent(), { 'c2-w1': 'o2' });
    expect(taken.lines.map(({ name }) => name)).toEqual(['cos lettuce', 'rapeseed oil', 'cider vinegar']);
    expect(taken.steps.map(({ id }) => id)).toEqual(['c2-s2', 'toss']);
  });
});
