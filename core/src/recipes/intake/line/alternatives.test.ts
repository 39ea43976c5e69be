import { describe, expect, it } from 'vitest';
import { groupWordsOf } from './free-choice.js';
import { parseIngredientLine } from './line.js';

const read = (text: string) => parseIngredientLine(text, { system: 'metric' });

describe('what a line allows in place of its food', () => {
  it.each([
    // One head for both.
    ['1 tbsp red or white wine vinegar', 'red-wine-vinegar', ['white wine vinegar']],
    ['200 ml chicken or vegetable stock', 'chicken-stock', ['vegetable stock']],
    ['2 tbsp almond or peanut butter', 'almond-butter', ['peanut butter']],
    ['200 g egg or rice noodles', 'egg-noodles', ['rice noodles']],
    ['1 red or yellow pepper', 'red-pepper', ['yellow pepper']],
    // Counted pieces have no head in common.
    ['1 apple or pear', 'apple', ['pear']],
    // In brackets, behind commas, with slashes and conditions.
    ['4 tbsp yoghurt (or sour cream)', 'yoghurt', ['sour cream']],
    ['100 g feta, or halloumi', 'feta', ['halloumi']],
    ['100 g walnuts, pecans or almonds', 'walnuts', ['pecans', 'almonds']],
    ['150 g kale / spinach', 'kale', ['spinach']],
    ['1 bunch parsley and/or mint', 'parsley', ['mint']],
    ['2 tbsp parsley (or chives, if you have them)', 'parsley', ['chives']],
    ['50 g butter or olive oil for frying', 'butter', ['olive oil']],
    // Kinds of what is named.
    ['2 tbsp oil (sunflower or rapeseed)', 'sunflower-oil', ['rapeseed oil']],
    ['1 tsp mustard, Dijon or wholegrain', 'dijon-mustard', ['wholegrain mustard']],
    ['4 slices bread, white or brown', 'white-bread', ['brown bread']],
    ['1 bag baby leaves (spinach or rocket)', 'baby-spinach', ['rocket']],
    // Amounts of their own.
    ['1 lemon (or 2 limes)', 'lemon', ['2 limes']],
    ['1 tbsp honey or 2 tsp sugar', 'honey', ['2 tsp sugar']],
    ['1 tbsp fresh dill or 1 tsp dried', 'dill', ['1 tsp dried dill']],
    // No alternatives: two ways to cut, two states.
    ['20 g basil, chopped or torn', 'basil', []],
    ['2 tbsp lemon juice, fresh or bottled', 'lemon', []],
  ])('%s', (text, ingredient, alternatives) => {
    const reading = read(text);
    expect(reading.ingredient).toBe(ingredient);
    expect(reading.alternatives).toEqual(alternatives);
    expect(reading.text).toBe(text);
  });

  it('keeps at most ten', () => {
    const names = ['mint', 'dill', 'chives', 'basil', 'coriander', 'rocket', 'kale', 'feta', 'honey'];
    const reading = read(`1 tbsp parsley or ${names.join(' or ')} or tahini or salt or butter`);
    expect(reading.alternatives).toHaveLength(10);
  });
});

describe('what a line leaves to whoever shops', () => {
  it.each([
    ['2 peppers, half red, half yellow', 'peppers', 'half red, half yellow'],
    ['2 peppers, any colour', 'peppers', 'any colour'],
    ['3 peppers of different colours', 'peppers', 'of different colours'],
    ['1 tin whatever beans you have', 'beans', 'whatever you have'],
    ['100 g salad leaves of your choice', 'salad leaves', 'of your choice'],
    ['200 g of your favourite cheese', 'cheese', 'your favourite'],
    ['any leaves you like, 100 g', 'leaves', 'any you like'],
    ['2 peppers, halved', 'peppers', ''],
    ['100 g feta, crumbled', 'feta', ''],
  ])('%s', (text, name, group) => {
    const reading = read(text);
    expect(reading.name).toBe(name);
    expect(groupWordsOf(reading.note)).toBe(group);
  });
});
