import { describe, expect, it } from 'vitest';
import type { DecidedDish, Maker } from '../../class/index.js';
import { standardLarder } from '../../larder/index.js';
import { parseRecipeText, type RecipeStep } from '../../recipes/index.js';
import { dish } from '../../tests/recipes.js';
import { withAddedSteps } from './added-steps.js';

function stepsOf(lines: string, method: string, maker: Maker = 'every station'): readonly RecipeStep[] {
  const text = ['A dish', 'Serves 4', '', ...lines.split('; '), '', 'Method', method].join('\n');
  const of = parseRecipeText(text, { system: 'metric' });
  return withAddedSteps(dish(of, { maker }) as DecidedDish, standardLarder).recipe.steps;
}
const cutsIn = (...of: Parameters<typeof stepsOf>) =>
  stepsOf(...of)
    .filter(({ id }) => id.startsWith('auto-cut'))
    .map(({ text }) => text);

const soaked = 'Soak the bulgur in hot water for 20 minutes. Toss it with the rest.';

describe('knife work that stands in the list of foods fills a wait', () => {
  it.each<[lines: string, method: string, cuts: string[]]>([
    ['200 g bulgur; 4 carrots, peeled and grated', soaked, ['Peel and grate the carrots.']],
    [
      '200 g bulgur; 2 red onions, finely chopped; 1 cucumber, seeded and diced',
      soaked,
      ['Chop the red onions finely. Seed and dice the cucumber.'],
    ],
    ['200 g bulgur; 1 bunch parsley, chopped', soaked, ['Chop the parsley.']],
    [
      '200 g bulgur; 1 bunch parsley, chopped; 1 cucumber, diced; 1 bunch mint, chopped',
      soaked,
      ['Chop the parsley and the mint. Dice the cucumber.'],
    ],
    ['200 g bulgur; 4 carrots, cut into matchsticks', soaked, ['Cut the carrots in matchsticks.']],
    // Apples brown, chicken is raw, eggs are boiled first, a tin is opened, nothing is left to cut.
    ['200 g bulgur; 4 apples, diced', soaked, []],
    ['200 g bulgur; 2 chicken breasts, sliced', soaked, []],
    ['200 g bulgur; 4 hard-boiled eggs, quartered', soaked, []],
    ['200 g bulgur; 1 tin tomatoes, chopped', soaked, []],
    ['200 g bulgur; 200 g rocket', soaked, []],
    // One clove is no job of its own: 0.5 + 1 on the way.
    ['200 g bulgur; 1 clove garlic, chopped', soaked, []],
    // Nothing waits before it.
    ['4 carrots, grated; 2 lemons', 'Toss the carrots with the lemon juice.', []],
    // It waits afterwards.
    ['4 carrots, grated; 2 lemons', 'Toss the carrots with lemon juice and leave for 20 minutes.', []],
  ])('%s: %s', (lines, method, cuts) => expect(cutsIn(lines, method)).toEqual(cuts));

  it('comes before the step that uses it and after nothing, and says why', () => {
    const steps = stepsOf('200 g bulgur; 4 carrots, peeled and grated', soaked);
    const [soak, cut, toss] = steps;
    expect(cut).toMatchObject({
      after: [],
      place: 'in class',
      addedFor: 'There is time for it while “Soak the bulgur in hot water” waits.',
      techniques: ['grate', 'peel'],
      // 4 carrots peeled 0.6 and grated 0.9 each, + 1.
      handsOnMinutes: 7,
    });
    expect(toss!.after).toEqual(expect.arrayContaining([soak!.id, cut!.id]));
  });
  it('is the work of staff, who fill no wait by it, in a dish that they make', () =>
    expect(cutsIn('200 g bulgur; 4 carrots, grated', soaked, 'made ahead')).toEqual([]));
});
