import { describe, expect, it } from 'vitest';
import { rowsOf } from '../language/index.js';
import { headWordsTable } from './data/head-words.js';
import { familiesToChoose } from './families-to-choose.js';
import { family, familyNames } from './families.js';
import { eaters } from './figures.js';
import { larderOf } from './kitchen-larder.js';
import { standardLarder } from './larder.js';
import { atName } from './names.js';
import { presumedOf } from './presumed.js';
import { allergens, sections } from './types.js';

describe('what an unknown name probably is', () => {
  it.each([
    ['zander fillets', 'a fish'],
    ['fillets of zander', 'a fish'],
    ['smoked pike', 'a fish'],
    ['poussin', 'poultry'],
    ['chicken wings', 'poultry'],
    ['leg of wild boar', 'meat'],
    ['Wensleydale cheese', 'a cheese'],
    ['rosé pâté', 'a pâté'],
    ['tepary beans', 'beans'],
    ['elderflower liqueur', 'a liqueur'],
    ['chanterelle mushrooms, cleaned', 'a mushroom'],
    ['spider crab', 'a crustacean'],
  ])('%s: %s', (name, is) => expect(presumedOf(name)?.is).toBe(is));
  it.each([
    'crab apples',
    'vegan cheese',
    'hemp milk',
    'moon dust',
    'egg-free dressing',
    'meatless burger',
    'fish-style strips',
    '',
  ])('%s: nobody knows', (name) => expect(presumedOf(name)).toBeNull());
  it('is of its families, holds their allergens, and is raw where it is sold so', () => {
    const { food } = presumedOf('zander')!;
    expect(family('fish').has(food)).toBe(true);
    expect(family('poultry').has(food)).toBe(false);
    expect(food).toMatchObject({
      allergens: ['fish'],
      allergensNotKnown: true,
      cautions: ['raw-protein', 'keep-cold'],
      diet: { vegetarian: false, vegan: false },
    });
  });
  it('is looked up in a table with families, allergens and eaters that there are', () => {
    const rows = rowsOf<'word' | 'families' | 'allergens' | 'eaten by' | 'raw'>(headWordsTable);
    const odd = (column: 'families' | 'allergens', known: readonly string[]) =>
      rows.flatMap((row) => row[column].split(';').filter((each) => each !== '' && !known.includes(each)));
    expect(odd('families', familyNames)).toEqual([]);
    expect(odd('allergens', allergens)).toEqual([]);
    expect(rows.filter((row) => !(eaters as readonly string[]).includes(row['eaten by']))).toEqual([]);
    expect(new Set(rows.map(({ word }) => word)).size).toBe(rows.length);
  });
});

describe('an ingredient of the kitchen’s own', () => {
  const own = (families: readonly string[], rawProtein = false) =>
    larderOf([
      {
        ingredient: 'own-x',
        figures: {},
        own: {
          name: 'House x',
          section: 'other',
          shoppingUnit: 'g',
          packSize: 100,
          packName: '',
          allergens: [],
          families,
          rawProtein,
        },
      },
    ]).ingredients.get('own-x')!;
  it('is of the families that the kitchen gave it, and of those around them', () => {
    expect(family('poultry').has(own(['poultry']))).toBe(true);
    expect(family('meat').has(own(['poultry']))).toBe(true);
    expect(family('red meat').has(own(['poultry']))).toBe(false);
    expect(family('meat').has(own([]))).toBe(false);
  });
  it('is offered families that there are, few for each section, and those that it has', () => {
    for (const section of sections) {
      const offered = familiesToChoose(section);
      expect(offered.filter((each) => !familyNames.includes(each))).toEqual([]);
      expect(offered.length).toBeLessThan(15);
    }
    expect(familiesToChoose('fruit', ['poultry'])[0]).toBe('poultry');
  });
  it('has the cautions of them, and is not vegetarian where it is meat', () => {
    expect(own(['kidney-type beans']).cautions).toEqual(['kidney-type-beans']);
    expect(own(['poultry'], true)).toMatchObject({
      cautions: ['raw-protein', 'keep-cold'],
      diet: { vegetarian: false, unknown: false },
    });
    expect(own(['pork']).diet.pork).toBe(true);
    expect(own([]).diet.unknown).toBe(true);
  });
});

describe('the plural of a name', () => {
  it.each([
    ['green chillies', 'green-chilli'],
    ['red chillies', 'red-chilli'],
    ['green chilies', 'green-chilli'],
    ['raspberries', 'raspberries'],
  ])('%s: %s', (name, id) => expect(atName(standardLarder.names, name)).toBe(id));
});
