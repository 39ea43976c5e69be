import { cutGreens } from '../safety/cold-foods.js';
import { describe, expect, it } from 'vitest';
import { densityOf, findIngredient, standardLarder, yieldOf } from './larder.js';

const ingredient = (id: string) => findIngredient(standardLarder, id)!;

describe('the standard larder', () => {
  it('has more than 80 ingredients', () => expect(standardLarder.ingredients.size).toBeGreaterThan(80));
  it('gives every figure a source and a possible value', () => {
    for (const item of standardLarder.ingredients.values()) {
      for (const [key, fact] of Object.entries(item.yields))
        expect([item.id, key, fact.value > 0 && fact.value <= 1]).toEqual([item.id, key, true]);
      for (const [form, fact] of Object.entries(item.densities))
        expect([item.id, form, fact.value > 0.03 && fact.value < 2]).toEqual([item.id, form, true]);
      for (const pack of item.packs)
        expect([item.id, pack.size > 0 && Number.isInteger(pack.size)]).toEqual([item.id, true]);
      if (item.shoppingUnit === 'piece')
        expect([item.id, item.countGrams.piece !== undefined]).toEqual([item.id, true]);
    }
  });
  it.each([
    ['spring onions', 'scallion'],
    ['coriander', 'cilantro'],
    ['rocket', 'arugula'],
    ['aubergine', 'eggplant'],
    ['courgette', 'zucchini'],
    ['beetroot', 'beets'],
    ['cos', 'romaine'],
    ['prawns', 'shrimp'],
    ['chickpeas', 'garbanzo beans'],
    ['red pepper', 'red capsicum'],
    ['peppers', 'capsicum'],
  ])('%s and %s are one thing', (uk, us) =>
    expect(standardLarder.names.get(uk)).toBe(standardLarder.names.get(us)),
  );
  it('keeps chives and scallions apart', () =>
    expect(standardLarder.names.get('chives')).not.toBe(standardLarder.names.get('scallions')));
});

describe('yields by what is done', () => {
  it.each([
    [['sliced'], 0.97],
    [['peeled'], 0.85],
    [['seeded'], 0.8],
    [['peeled', 'seeded', 'diced'], 0.7],
  ] as const)('cucumber %s', (forms, share) =>
    expect(yieldOf(ingredient('cucumber'), forms)?.value).toBe(share),
  );
  it('nothing is lost of honey', () => expect(yieldOf(ingredient('honey'), [])).toBeNull());
});

describe('densities by form', () => {
  it('parsley leaves are lighter than chopped ones', () => {
    expect(densityOf(ingredient('parsley'), ['leaves'])?.value).toBe(0.1);
    expect(densityOf(ingredient('parsley'), ['chopped'])?.value).toBe(0.25);
  });
  it('a cube is like a dice', () => expect(densityOf(ingredient('beetroot'), ['cubed'])?.value).toBe(0.6));
  it('none is invented', () => expect(densityOf(ingredient('fig'), ['sliced'])).toBeNull());
});

describe('what the checks name is in the larder', () => {
  it.each(['melon', 'cantaloupe', 'honeydew melon'])('%s is a melon', (name) =>
    expect(standardLarder.names.get(name)).toBe('melon'),
  );
  it('cut leaves, tomatoes and melons that count as needing cold are all known', () =>
    expect(cutGreens.filter((id) => !standardLarder.ingredients.has(id))).toEqual([]));
});
