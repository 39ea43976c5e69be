import { describe, expect, it } from 'vitest';
import { parseIngredientLine } from './line.js';

/** Lines whose amount does not stand at the front; amount, unit, ingredient and main form, "–" for none. */
const table = `
potatoes half kilo | 1/2 kg potato –
red onions 4 nos sliced | 4 piece red-onion sliced
green chillies 6 nos | 6 piece green-chilli –
yoghurt two cups | 2 cup yoghurt –
tomatoes 500 g chopped | 500 g tomato chopped
coriander 1 bundle | 1 bunch coriander –
cucumber x2 | 2 piece cucumber –
mint 1 bunch (30 g) | 1 bunch mint –
garlic 3 cloves finely chopped | 3 clove garlic chopped
cumin ½t | 1/2 tsp ground-cumin –
a pound and a half of green beans | 3/2 lb green-beans –
a kilo and a half carrots | 3/2 kg carrot –
2 crushed cloves of garlic | 2 clove garlic crushed
1 chopped sprig of thyme | 1 sprig thyme chopped
500 g tomates / tomatoes | 500 g tomato –
3 gousses d’ail / cloves of garlic | 3 clove garlic –
2 carottes / carrots | 2 piece carrot –
Parsley, chopped ..... 60 g | 60 g parsley chopped
`;

const shown = (text: string) => {
  const { amount, unit, ingredient, form } = parseIngredientLine(text, { system: 'metric' });
  return [amount?.low ?? '–', unit ?? '–', ingredient ?? '–', form ?? '–'].join(' ');
};

describe('lines whose amount stands behind the food', () => {
  it.each(
    table
      .trim()
      .split('\n')
      .map((row) => row.split(' | ') as [string, string]),
  )('%s', (text, read) => expect(shown(text)).toBe(read));
});

describe('what only looks like it', () => {
  it.each([
    '1. Shake the oil and vinegar in a jar.',
    'Cut the onions into a bowl',
    'salad for a crowd',
    'Can be made with parsley',
    'Use half the oil for a drizzle',
  ])('“%s” measures no food', (text) => {
    const { ingredient, unit } = parseIngredientLine(text, { system: 'metric' });
    expect([ingredient, unit === 'tin']).toEqual([null, false]);
  });
  it('a little of something has no amount, wherever that is said', () => {
    for (const text of ['a bit of nutmeg', 'bit of nutmeg', 'nutmeg, a little', 'the odd caper'])
      expect(parseIngredientLine(text, { system: 'metric' })).toMatchObject({ amount: null, unread: '' });
    // The amount that is said counts all the same; a little gem is a lettuce.
    expect(shown('bit of curry powder 1 tsp')).toBe('1 tsp curry-powder –');
    expect(shown('little gem lettuces 3')).toMatch(/^3 piece /);
  });
});
