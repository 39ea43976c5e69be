import { describe, expect, it } from 'vitest';
import { parseRecipeText } from './text.js';

const read = (head: string) =>
  parseRecipeText(`${head}\n\n500 g beetroot\n2 tbsp olive oil\n\nMethod\n1. Roast the beetroot.\n2. Toss.`, {
    system: 'metric',
  });

/** The first rows of a recipe, "/" between them, and for how many it is. */
const table = `
Beetroot salad, serves six = 6
Beetroot salad (12 covers) = 12
Beetroot salad x 8 = 8
Beetroot salad — 14 pax = 14
Beetroot salad, 6 portions = 6
Beetroot salad for a table of five = 5
Beetroot salad for two = 2
Beetroot salad for 6? = 6
Beetroot salad – feeds 10 = 10
Beetroot salad / Prep 10 min | Serves: 8 = 8
Beetroot salad / For 4 to 6 people = 4
Beetroot salad / serves about 8 as a side = 8
Beetroot salad / Makes enough for ten = 10
Beetroot salad / Yield: 6 servings = 6
Beetroot salad / Portions - 5 = 5
Beetroot salad / 6 pax = 6
Beetroot salad / Table of 9 = 9
Beetroot salad / enough for a dozen = 12
Beetroot salad / Dinner for three = 3
Beetroot salad / (for 8) = 8
Beetroot salad / Serves 6-8 = 6
Beetroot salad / how many: 14 = 14
Beetroot salad / Serves four generously = 4
Beetroot salad / Recipe makes 20 portions = 20
Beetroot salad / 8 ppl = 8
Beetroot salad — yield 20 covers, 40 g each = 20
Beetroot salad (12 children, ages 7–9) = 12
Beetroot salad / Serves 5 (per serving: 480 kcal, 32 g protein, 9 g fibre) = 5
Beetroot salad / Makes: 6 generous bowls = 6
Beetroot salad / Yield 7 main-course salads = 7
Beetroot salad / This is plenty for 8 = 8
Beetroot salad / Will feed 6 hungry people = 6
Beetroot salad / Recipe for 7 persons = 7
Beetroot salad / Serving size: 7 = 7
Beetroot salad / 7 servings, 15 minutes = 7
Beetroot salad / Difficulty: easy / Servings: 8 / Time: 20 min = 8
Beetroot salad [serves 5] = 5
Beetroot salad (5p) = 5
Beetroot salad 10 pers. = 10
Beetroot salad / feeds a family of 5 = 5
Beetroot salad / quantities are for 16 = 16
Beetroot salad / Enough to feed 12 = 12
Beetroot salad / Sufficient for 7 = 7
Beetroot salad / Each person gets 80 g. Serves 9. = 9
Beetroot salad / 2-3 servings = 2
Beetroot salad / Serves: 4 as a main or 8 as a side = 4
Beetroot salad / makes 7 lunches = 7
Beetroot salad | 6 serves = 6
Beetroot salad / for a class of 14 = 14
Beetroot salad / cooking for one = 1
Beetroot salad / Batch: 24 portions = 24
`
  .trim()
  .split('\n')
  .map((row) => row.split(' = ') as [string, string]);

describe('for how many', () => {
  it.each(table)('%s', (head, people) => {
    const recipe = read(head.replaceAll(' / ', '\n'));
    expect([recipe.title, recipe.serves]).toEqual(['Beetroot salad', Number(people)]);
  });
  it.each([
    ['Salad for all seasons', 'Salad for all seasons'],
    ['Two-bean salad', 'Two-bean salad'],
    ['Seven-layer dip', 'Seven-layer dip'],
    ['House dressing x 2', 'House dressing x 2'],
    ['Slaw for 2 days', 'Slaw for 2 days'],
    ['Dip for a crowd', 'Dip for a crowd'],
  ])('%s does not say', (head, title) => {
    const recipe = read(head);
    expect([recipe.title, recipe.serves]).toEqual([title, 4]);
  });
  it('a long title that asks is still a title', () => {
    const recipe = read('Sautéed chicken, warm green lentil and orange salad for 6?');
    expect([recipe.title, recipe.serves]).toEqual(['Sautéed chicken, warm green lentil and orange salad', 6]);
  });
  it('heads of lettuce are bought, not fed', () => {
    const recipe = parseRecipeText('Salad\n\n2 heads romaine\n2 tbsp oil\n\n1. Toss.', { system: 'metric' });
    expect([recipe.lines[0]!.ingredient, recipe.serves]).toEqual(['cos-lettuce', 4]);
  });
});
