import { describe, expect, it } from 'vitest';
import { standardLarder } from '../larder/index.js';
import { lineOf, parseIngredientLine } from '../recipes/index.js';
import { balanceDressing, mapPoint, movedTo, withAdditions } from './index.js';
import { writtenSpoons } from './bowl.js';

const read = (texts: readonly string[]) =>
  texts.map((text, index) => lineOf(parseIngredientLine(text, { system: 'metric' }), index, 'c1'));
const balanceOf = (texts: readonly string[]) =>
  balanceDressing(read(texts), standardLarder, { method: 'whisk' });
const classic = ['6 tbsp olive oil', '2 tbsp red wine vinegar', '½ tsp fine salt'];

describe('a bowl on the map', () => {
  it('90 ml oil are 81.9 g, 30 ml vinegar 30.3, salt 3: 71.1, 26.3 and 2.6 % of 115.2 g', () => {
    const point = mapPoint(balanceOf(classic));
    expect([point.oil, point.acid, point.rest].map((share) => Math.round(share * 1000))).toEqual([
      711, 263, 26,
    ]);
  });
  it('an empty one lies nowhere', () =>
    expect(mapPoint(balanceOf([]))).toEqual({ oil: 0, acid: 0, rest: 0 }));
  it('drawn to as much acid as oil: 56.1 g oil are 61.7 ml, 4 tbsp; vinegar 55.5 ml, 11 tsp', () => {
    const moved = movedTo(
      classic,
      read(classic),
      balanceOf(classic),
      { oil: 0.487, acid: 0.487, rest: 0.026 },
      () => false,
    );
    expect(moved).toEqual(['4 tbsp olive oil', '11 tsp red wine vinegar', '½ tsp fine salt']);
  });
  it('what is fixed stays', () =>
    expect(
      movedTo(classic, read(classic), balanceOf(classic), { oil: 0.4, acid: 0.57, rest: 0.03 }, () => true),
    ).toEqual(classic));
});

describe('what was added becomes the recipe', () => {
  it('what is there grows, what is new is a line: 6 tsp of vinegar and 1½ are 7½ tsp, 2½ tbsp', () => {
    const added = [
      { ingredient: 'red-wine-vinegar', name: 'red wine vinegar', teaspoons: 1, note: 'flat' },
      { ingredient: 'red-wine-vinegar', name: 'red wine vinegar', teaspoons: 0.5, note: 'flat' },
      { ingredient: 'honey', name: 'honey', teaspoons: 1, note: 'too sharp' },
    ];
    expect(withAdditions(classic, read(classic), added, { larder: standardLarder })).toEqual([
      '6 tbsp olive oil',
      '2½ tbsp red wine vinegar',
      '½ tsp fine salt',
      '1 tsp honey',
    ]);
  });
  it('adding and taking away again returns the balance', () => {
    const added = [{ ingredient: 'honey', name: 'honey', teaspoons: 2, note: '' }];
    const more = withAdditions(classic, read(classic), added, { larder: standardLarder });
    expect(balanceOf(more).sugar).toBeGreaterThan(balanceOf(classic).sugar);
    expect(balanceOf(more.slice(0, 3))).toEqual(balanceOf(classic));
  });
  it('spoons as a recipe writes them', () =>
    expect([0.125, 0.75, 3, 4, 7.5, 30].map(writtenSpoons)).toEqual([
      '⅛ tsp',
      '¾ tsp',
      '1 tbsp',
      '4 tsp',
      '2½ tbsp',
      '10 tbsp',
    ]));
});
