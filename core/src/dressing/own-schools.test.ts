import { describe, expect, it } from 'vitest';
import { standardLarder } from '../larder/index.js';
import { parseRecipeText } from '../recipes/index.js';
import { dressingComponents, schoolFigureProblem, schoolTarget, tellDressing } from './index.js';

describe('a kitchen’s own schools', () => {
  it('go before the usual figures, each by itself', () => {
    const own = { 'oil-led ratio': 4, 'oil-led salt to': 3 };
    expect(schoolTarget('oil-led', own)).toMatchObject({ ratio: 4, salt: [1.5, 3], acidity: [1.3, 1.6] });
    expect(schoolTarget('moderate', own)).toMatchObject({ ratio: 2, salt: [1.5, 2.5] });
  });
  it('a window the wrong way round is turned', () =>
    expect(schoolTarget('even', { 'even acid from': 5, 'even acid to': 2 }).acidity).toEqual([2, 5]));
  it.each([
    ['oil-led ratio', 0, /from 0.05 to 20/],
    ['creamy ratio', 3, /no figure/],
    ['oil-led salt to', 21, /from 0 to 20/],
    ['acid-led sugar to', Number.NaN, /from 0 to 60/],
    ['sour salt to', 2, /no figure/],
    ['__proto__ ratio', 2, /no figure/],
  ])('%s of %d is refused', (key, value, sentence) =>
    expect(schoolFigureProblem(key, value)).toMatch(sentence),
  );
  it('count under a dressing: 3.9 % of salt is over 2.5 and not over 4', () => {
    const recipe = parseRecipeText(
      [
        'House',
        'Serves 4',
        '',
        'For the dressing',
        '60 ml olive oil',
        '20 ml cider vinegar',
        '3 g salt',
      ].join('\n'),
      { system: 'metric' },
    );
    const [component] = dressingComponents(recipe);
    const remedies = (own = {}) => tellDressing(recipe, component!, standardLarder, { own })!.remedies;
    expect(remedies()).toEqual([
      'Salt is over the usual 1.5–2.5 %: add oil or more of the rest, never sugar.',
    ]);
    expect(remedies({ 'oil-led salt to': 4 })).toEqual([]);
  });
});
