import { parseRecipeText, standardLarder } from '@fornax/core';
import { describe, expect, it } from 'vitest';
import { balanceOf, bowlOfRecipe, newBowl, textsWith, writtenBack } from './bowls.js';

const recipe = parseRecipeText(
  `Leaves
Serves 4

200 g mixed leaves

For the dressing
6 tbsp olive oil
2 tbsp cider vinegar

1. Shake the oil and vinegar in a jar.
2. Toss.`,
  { system: 'metric' },
);
const bowl = bowlOfRecipe('r1', recipe)!;
const added = {
  ...bowl,
  log: [
    { ingredient: 'cider-vinegar', name: 'cider vinegar', teaspoons: 1.5, note: 'flat', mark: '' as const },
    { ingredient: 'honey', name: 'honey', teaspoons: 1, note: 'too sharp', mark: 'right' as const },
  ],
};

describe('a bowl from a recipe', () => {
  it('has the lines of its dressing and the way it is brought together', () =>
    expect(bowl).toMatchObject({
      texts: ['6 tbsp olive oil', '2 tbsp cider vinegar'],
      method: 'shake',
      from: { recipeId: 'r1' },
    }));
  it('a recipe without a dressing has none', () =>
    expect(bowlOfRecipe('r2', { ...recipe, components: recipe.components.slice(0, 1) })).toBeNull());
  it('its trail is the bowl after each addition', () => {
    const acid = [0, 1, 2].map((count) => balanceOf(added, 'metric', standardLarder, { count }).acidity);
    expect(acid[1]).toBeGreaterThan(acid[0]!);
    expect(acid[2]).toBeLessThan(acid[1]!);
  });
  it('written back: the line that grew keeps its id, what is new stands in its part, and all is said', () => {
    const texts = textsWith(added, 'metric', standardLarder);
    const { recipe: next, changes } = writtenBack(recipe, added, texts, standardLarder);
    expect(changes).toEqual(['2 tbsp cider vinegar → 2½ tbsp cider vinegar', 'new: 1 tsp honey']);
    const dressing = next.lines.filter(({ componentId }) => componentId === bowl.from!.componentId);
    expect(dressing.map(({ text }) => text)).toEqual([
      '6 tbsp olive oil',
      '2½ tbsp cider vinegar',
      '1 tsp honey',
    ]);
    expect(dressing.slice(0, 2).map(({ id }) => id)).toEqual(bowl.from!.lineIds);
    expect(new Set(next.lines.map(({ id }) => id)).size).toBe(next.lines.length);
  });
  it('nothing changed, nothing written', () =>
    expect(writtenBack(recipe, bowl, bowl.texts, standardLarder)).toEqual({ recipe, changes: [] }));
  it('the bowl that the bench begins with is a classic one: 90 to 30 ml', () =>
    expect(balanceOf(newBowl, 'metric', standardLarder).ratio).toBe(3));
});
