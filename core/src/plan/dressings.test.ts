import { describe, expect, it } from 'vitest';
import { parseRecipeText } from '../recipes/index.js';
import { classOf, dish, kitchen } from '../tests/recipes.js';
import { planClass } from './plan-class.js';

const method = ['1. Whisk the dressing.', '2. Toss.'];
const dressed = (dressing: readonly string[], leaves = '200 g mixed leaves') =>
  planClass({
    kitchen,
    class: classOf(
      [
        dish(
          parseRecipeText(
            ['Leaves', 'Serves 4', '', leaves, '', 'For the dressing', ...dressing, '', ...method].join('\n'),
            { system: 'metric' },
          ),
          { portion: 'side' },
        ),
      ],
      { people: 12, peoplePerStation: 4 },
    ),
  }).dressings[0]!;

describe('a line under each dressing', () => {
  it('60 ml oil 54.6 g, 20 ml vinegar 20.2 g, 1.5 g salt: 76.3 g, salt 1.97 %, for 200 g leaves', () => {
    // A station of 4 makes one batch: 76.3 ÷ 0.3 to 76.3 ÷ 0.24 are 254–318 g, 286 in the middle.
    const found = dressed(['60 ml olive oil', '20 ml cider vinegar', '1.5 g fine salt']);
    expect(found.figures[0]!.text).toBe('3 : 1, oil-led · salt 2 % · dresses 290 g · holds 10 min');
    // Of 200 g about 190 are used: 286 ÷ 190 = 1.5.
    expect(found.remedies).toEqual([
      'It dresses 1.5 × what is on the bench: bottle the rest, it keeps 7 days cold.',
    ]);
  });
  it('too little for what is there, and too salty, with what helps', () => {
    const found = dressed(['60 ml olive oil', '20 ml cider vinegar', '3 g fine salt'], '600 g mixed leaves');
    expect(found.remedies).toEqual([
      'Salt is over the usual 1.5–2.5 %: add oil or more of the rest, never sugar.',
      'It dresses about 290 g, and 570 g are on the bench: make more.',
    ]);
  });
  it('of what nobody knows what it consists of no balance is told', () =>
    expect(dressed(['60 ml olive oil', '20 ml cider vinegar', '30 g quince paste'])).toMatchObject({
      figures: [{ text: 'balance not known, for what is in it: quince paste' }],
      remedies: [],
    }));
  it('more acid than oil is said the other way round', () =>
    expect(dressed(['20 ml olive oil', '60 ml cider vinegar', '2 g fine salt']).figures[0]!.text).toMatch(
      /^1 : 3, acid-led/,
    ));
});
