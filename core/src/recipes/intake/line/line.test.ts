import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { unitIds, unitName } from '../../../amounts/index.js';
import type { LineReading } from '../../types.js';
import { parseIngredientLine } from './line.js';

const read = (text: string) => parseIngredientLine(text, { system: 'metric' });
type Expected = Partial<Omit<LineReading, 'amount'>> & { amount?: string };

/** "3/4" for an exact amount, "2..3" for a range. */
function checkLine(text: string, expected: Expected): void {
  const { amount, ...rest } = expected;
  const reading = read(text);
  expect(reading).toMatchObject(rest);
  if (amount !== undefined)
    expect(
      reading.amount &&
        (reading.amount.low === reading.amount.high
          ? reading.amount.low
          : `${reading.amount.low}..${reading.amount.high}`),
    ).toBe(amount);
  expect(reading.text).toBe(text.trim());
}

describe('numbers in every spelling', () => {
  it.each<[string, Expected]>([
    ['½ tsp fine salt', { amount: '1/2', unit: 'tsp', ingredient: 'fine-salt' }],
    ['1 1/2 cups buttermilk', { amount: '3/2', unit: 'cup', ingredient: 'buttermilk' }],
    ['1½ cups buttermilk', { amount: '3/2', unit: 'cup' }],
    ['1-1/2 cups buttermilk', { amount: '3/2', unit: 'cup' }],
    ['1⁄3 cup olive oil', { amount: '1/3', unit: 'cup' }],
    ['one and a half cucumbers', { amount: '3/2', unit: 'piece', ingredient: 'cucumber' }],
    ['half a cucumber', { amount: '1/2', unit: 'piece', ingredient: 'cucumber' }],
    ['three quarters of a cup milk', { amount: '3/4', unit: 'cup', ingredient: 'milk' }],
    ['a dozen radishes', { amount: '12', ingredient: 'radish' }],
    ['a few sprigs of dill', { amount: '3', unit: 'sprig', ingredient: 'dill' }],
    ['1.5 kg carrots', { amount: '3/2', unit: 'kg' }],
    ['1,5 kg carrots', { amount: '3/2', unit: 'kg' }],
    ['1,200 g potatoes', { amount: '1200', unit: 'g' }],
    ['250g farro', { amount: '250', unit: 'g', ingredient: 'farro' }],
  ])('%s', checkLine);
});

describe('ranges', () => {
  it.each<[string, Expected]>([
    ['2–3 tbsp cider vinegar', { amount: '2..3', unit: 'tbsp' }],
    ['2-3 tbsp cider vinegar', { amount: '2..3' }],
    ['2 to 3 tbsp cider vinegar', { amount: '2..3' }],
    ['between 2 and 3 spring onions', { amount: '2..3', unit: 'piece', ingredient: 'spring-onion' }],
    ['1 or 2 cloves garlic', { amount: '1..2', unit: 'clove' }],
    ['½–¾ tsp chilli flakes', { amount: '1/2..3/4', ingredient: 'chilli-flakes' }],
    ['3–2 tbsp honey', { amount: '2..3' }],
  ])('%s', checkLine);
});

describe('units, packs and second amounts', () => {
  const grams = (size: string) => ({ low: size, high: size, unit: 'g' });
  it.each<[string, Expected]>([
    [
      '2 × 400 g tins chickpeas, drained and rinsed',
      {
        amount: '2',
        unit: 'tin',
        pack: grams('400') as never,
        ingredient: 'tinned-chickpeas',
        preparation: ['drained', 'rinsed'],
      },
    ],
    [
      '1 (15 oz) can white beans',
      {
        amount: '1',
        unit: 'tin',
        pack: { low: '15', high: '15', unit: 'oz' },
        ingredient: 'tinned-white-beans',
      },
    ],
    ['1 tin (400 g) chickpeas', { amount: '1', unit: 'tin', pack: grams('400') as never }],
    [
      '150 g / 5 oz feta, crumbled',
      { amount: '150', unit: 'g', second: { low: '5', high: '5', unit: 'oz' }, unread: '' },
    ],
    ['1 cup (240 ml) yogurt', { amount: '1', unit: 'cup', second: { low: '240', high: '240', unit: 'ml' } }],
    ['¾ cup plus 1 tbsp olive oil', { amount: '27/2', unit: 'tbsp', ingredient: 'olive-oil' }],
    ['1 T honey', { amount: '1', unit: 'tbsp' }],
    ['1 t honey', { amount: '1', unit: 'tsp' }],
    ['2 fl oz lime juice', { amount: '2', unit: 'floz', ingredient: 'lime', byProducts: ['juice'] }],
    ['5 cm of ginger, grated', { amount: '5', unit: 'cm', ingredient: 'ginger', form: 'grated' }],
    ['a handful of rocket', { amount: '1', unit: 'handful', ingredient: 'rocket' }],
    ['a good glug of olive oil', { amount: '5/4', unit: 'glug' }],
    ['8 sage leaves', { amount: '8', unit: 'leaf', ingredient: 'sage' }],
    ['2 garlic cloves, crushed', { amount: '2', unit: 'clove', ingredient: 'garlic', form: 'crushed' }],
    ['2 heads little gem', { amount: '2', unit: 'head', ingredient: 'little-gem' }],
    ['1 bunch cilantro', { amount: '1', unit: 'bunch', ingredient: 'coriander' }],
  ])('%s', checkLine);
  it('¾ cup plus 1 tbsp: 187.5 + 15 = 202.5 ml = 13½ tbsp', () =>
    expect(read('¾ cup plus 1 tbsp olive oil').amount?.low).toBe('27/2'));
  it('checks the second amount: 1 cup is 250 ml, not 150', () =>
    expect(read('1 cup (150 ml) milk').unread).toBe('the two amounts differ by 40 %'));
});

describe('what has been done to a food already', () => {
  it.each([
    ['400 g beetroot already boiled', 'beetroot'],
    ['400 g already cooked beetroot', 'beetroot'],
    ['3 carrots boiled too', 'carrot'],
    ['2 eggs, boiled already', 'egg'],
    ['250 g still warm boiled potatoes', 'potato'],
    ['300 g carrots just steamed', 'carrot'],
    ['6 potatoes already cooked and peeled', 'potato'],
    ['400 g beetroot, which is already cooked', 'beetroot'],
  ])('%s is %s, cooked', (text, ingredient) =>
    expect(read(text)).toMatchObject({ ingredient, preparation: expect.arrayContaining(['cooked']) }),
  );
});

describe('fruit, eggs and parts kept back', () => {
  it.each<[string, Expected]>([
    ['juice of ½ lime', { amount: '1/2', unit: 'piece', ingredient: 'lime', byProducts: ['juice'] }],
    [
      'zest and juice of 2 oranges',
      { amount: '2', unit: 'piece', ingredient: 'orange', byProducts: ['zest', 'juice'] },
    ],
    ['1 lemon, zested and juiced', { amount: '1', ingredient: 'lemon', byProducts: ['zest', 'juice'] }],
    [
      '2 tbsp lemon juice',
      { amount: '2', unit: 'tbsp', ingredient: 'lemon', byProducts: ['juice'], basis: 'edible' },
    ],
    ['1 tsp lemon zest', { amount: '1', unit: 'tsp', byProducts: ['zest'] }],
    ['2 egg yolks', { amount: '2', ingredient: 'egg', byProducts: ['yolk'] }],
    ['3 egg whites', { ingredient: 'egg', byProducts: ['white'] }],
    [
      '3 tbsp chopped parsley, plus 1 tbsp for the top',
      {
        amount: '3',
        keptBack: { amount: { low: '1', high: '1', unit: 'tbsp' }, words: 'plus 1 tbsp for the top' },
      },
    ],
  ])('%s', checkLine);
});

describe('as purchased or edible portion', () => {
  it.each([
    ['500 g potatoes, peeled', 'purchased'],
    ['500 g peeled potatoes', 'edible'],
    ['200 g washed spinach', 'purchased'],
    ['200 g whole almonds', 'purchased'],
    ['200 g chopped spinach', 'edible'],
    ['2 onions, chopped', 'purchased'],
    ['2 tbsp chopped chives', 'edible'],
    ['100 g toasted, chopped walnuts', 'edible'],
    ['100 g walnuts, toasted', 'purchased'],
    ['1 handful of mint', 'edible'],
    ['250 g dried white beans', 'purchased'],
    ['20 g mint leaves', 'edible'],
    ['200 g broccoli florets', 'edible'],
    ['100 g mixed salad leaves', 'purchased'],
  ])('%s is %s', (text, basis) => expect(read(text).basis).toBe(basis));
});

describe('names', () => {
  it.each([
    ['2 scallions, sliced', 'spring-onion'],
    ['1 large eggplant', 'aubergine'],
    ['100 g arugula', 'rocket'],
    ['1 tsp ground cumin', 'ground-cumin'],
    ['1 tsp cumin seeds', 'cumin-seeds'],
    ['250 g dried white beans', 'dried-white-beans'],
    ['freshly ground black pepper', 'black-pepper'],
    ['200 g stale country bread', 'sourdough'],
    ['1 kg small waxy potatoes', 'waxy-potato'],
    ['2 ripe avocados', 'avocado'],
    ['100 g strained yoghurt', 'strained-yoghurt'],
    ['30 g unknown flakes', null],
  ])('%s', (text, id) => expect(read(text).ingredient).toBe(id));
  it('"or" opens alternatives', () =>
    expect(read('1 red onion or 2 shallots, thinly sliced')).toMatchObject({
      name: 'red onion',
      alternatives: ['2 shallots'],
      form: 'sliced',
    }));
  it('marks optional and to taste', () => {
    expect(read('1 tsp honey (optional!)')).toMatchObject({
      optional: true,
      ingredient: 'honey',
      unread: '',
    });
    expect(read('1 tsp honey (optional)')).toMatchObject({ optional: true, ingredient: 'honey' });
    expect(read('salt to taste')).toMatchObject({ toTaste: true, amount: null, unread: '' });
  });
});

describe('what cannot be read', () => {
  it.each([
    ['1/0 cup milk', '“1/0” is not an amount: nothing can be divided by zero'],
    ['lots', 'no amount is written; “lots” is not in the larder'],
    ['', 'the line is empty'],
    ['🥗', 'no ingredient is named'],
    ['x'.repeat(401), 'longer than 400 characters'],
  ])('%s is kept with the reason', (text, unread) => expect(read(text)).toMatchObject({ text, unread }));
  it('keeps markup as text', () =>
    expect(read('2 tbsp <b onclick=x>oil</b>').text).toBe('2 tbsp <b onclick=x>oil</b>'));
  it('never throws, whatever is written', () => {
    fc.assert(
      fc.property(
        fc.oneof(
          fc.string({ maxLength: 120 }),
          fc.string({ unit: 'grapheme', maxLength: 60 }),
          fc
            .array(
              fc.constantFrom(
                '1/2',
                '2',
                '-',
                'g',
                'cup',
                '(',
                ')',
                'of',
                'or',
                'juice',
                ',',
                'plus',
                'tin',
                'x',
                '½',
                '/',
                'olive oil',
              ),
              { maxLength: 12 },
            )
            .map((words) => words.join(' ')),
        ),
        (text) => {
          const reading = read(text);
          expect(reading.text).toBe(text.trim());
          expect(reading.confidence).toBeGreaterThanOrEqual(0);
        },
      ),
      { numRuns: 1500 },
    );
  });
});

describe('the written form reads back', () => {
  const units = unitIds.filter((unit) => !['piece', 'inch', 'cm'].includes(unit));
  it('to the same exact amount, for every unit', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...units),
        fc.integer({ min: 1, max: 40 }),
        fc.constantFrom(1, 2, 3, 4, 8),
        (unit, top, bottom) => {
          const reading = read(`${top}/${bottom} ${unitName(unit, top / bottom)} walnuts`);
          expect(reading.unit).toBe(unit);
          const [high, low = '1'] = reading.amount!.low.split('/');
          expect(Number(high) * bottom).toBe(Number(low) * top);
        },
      ),
    );
  });
});
