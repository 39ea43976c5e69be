import { describe, expect, it } from 'vitest';
import { figuresOf, larderOf, ownIngredientId, standardLarder, type LarderEntry } from '../larder/index.js';
import { readLarderCsv, writeLarderCsv } from './larder-csv.js';

const read = (rows: string, before: readonly LarderEntry[] = []) =>
  readLarderCsv(`ingredient,name,section,figure,value\n${rows}`, larderOf(before), before);

describe('the larder as CSV', () => {
  it('written and read back, nothing changes', () => {
    const { refused, changed, report } = readLarderCsv(writeLarderCsv(standardLarder), standardLarder, []);
    expect([refused, changed, report.filter((row) => row.refused)]).toEqual(['', [], []]);
    expect(report.length).toBe([...standardLarder.ingredients.values()].flatMap(figuresOf).length);
  });
  it('a kitchen’s figures come back through the file', () => {
    const before = [{ ingredient: 'basil', figures: { handful: 12 }, own: null }];
    const { entries } = readLarderCsv(writeLarderCsv(larderOf(before)), standardLarder, []);
    expect(entries).toEqual(before);
  });
  it('what a pack may contain comes back, and no word that is no allergen', () => {
    const before = [{ ingredient: 'basil', figures: {}, own: null, mayContain: ['sesame' as const] }];
    const { entries } = readLarderCsv(writeLarderCsv(larderOf(before)), standardLarder, []);
    expect(entries).toEqual(before);
    expect(read('basil,,,may contain,dust').report[0]!.refused).toBe('“dust” is no allergen of the list.');
  });
  it('each row is taken or refused with its reason', () => {
    const { report, entries } = read(
      'basil,,,handful,14\n,arugula,,handful,20\nbasil,,,yield.usual,0\nmoon ' +
        'dust,,,density.plain,1\n,Sea ' +
        'kale,vegetables,count.bunch,300\nbasil,,,colour,3\n' +
        'basil,,,handful,\n,,,handful,3\nlemon,,,zest,"5,5"',
    );
    expect(report.map(({ row, refused }) => [row, refused])).toEqual([
      [2, ''],
      [3, ''],
      [4, 'Yield lies between 0.05 and 1, not at 0.'],
      [5, '“moon dust” is not in the larder; give its shop section to add it.'],
      [6, ''],
      [7, '“colour” is no figure of the larder.'],
      [8, 'No value is given.'],
      [9, 'No ingredient is named.'],
      [10, ''],
    ]);
    expect(entries.map(({ ingredient, figures }) => [ingredient, figures])).toEqual([
      ['basil', { handful: 14 }],
      ['rocket', { handful: 20 }],
      ['own-sea-kale', { 'count.bunch': 300 }],
      ['lemon', { zest: 5.5 }],
    ]);
    expect(larderOf(entries).ingredients.get('own-sea-kale')!.names.uk).toBe('Sea kale');
  });
  it.each([
    ['a picture', 'PNG'],
    ['no header', 'basil,handful,12'],
    ['nothing', ''],
  ])('%s is refused whole, with what the first row must say', (_, text) =>
    expect(readLarderCsv(text, standardLarder, []).refused).toContain('The first row must name the columns'),
  );
  it('a cell that looks like a formula is marked as text, and read back without the mark', () => {
    const own = {
      name: '=SUM(A1)',
      section: 'other' as const,
      shoppingUnit: 'g' as const,
      packSize: 1,
      packName: '',
      allergens: [],
    };
    const csv = writeLarderCsv(larderOf([{ ingredient: 'own-sum-a1', figures: { handful: 5 }, own }]));
    expect(csv).toContain(`own-sum-a1,"'=SUM(A1)",other,handful,5`);
  });
});

describe('ingredients of one’s own through the file', () => {
  const own = (name: string, to: object = {}) => ({
    name,
    section: 'fish and meat' as const,
    shoppingUnit: 'ml' as const,
    packSize: 250,
    packName: 'jar',
    allergens: ['fish' as const, 'sulphites' as const],
    ...to,
  });
  it.each([
    ['its allergens, pack and what it is called', { called: ['sprats, smoked', 'smoked sprats'] }, {}],
    ['that nobody has looked', {}, { allergens: [], allergensNotKnown: true }],
    ['that none is listed', {}, { allergens: [] }],
    ['who eats it, and that it is raw', {}, { eatenBy: 'neither' as const, rawProtein: true }],
    ['what it is', {}, { families: ['poultry', 'minced meat'] }],
  ])('keep %s', (_, to, said) => {
    const ingredient = ownIngredientId('Eel');
    const before: LarderEntry[] = [
      { ingredient, figures: { 'keeps.cold': 3 }, own: own('Eel', said), ...to },
    ];
    const { entries } = readLarderCsv(writeLarderCsv(larderOf(before), before), standardLarder, []);
    const [was, is] = [before, entries].map((each) => ({
      ...larderOf(each).ingredients.get(ingredient)!,
      // The size of the pack comes back as a figure of the kitchen's.
      measured: undefined,
    }));
    expect(is).toEqual(was);
    expect(entries[0]!.called).toEqual(before[0]!.called);
  });
  it('two in other scripts stay two', () => {
    const [miso, kelp] = [ownIngredientId('味噌'), ownIngredientId('昆布')];
    expect(miso).not.toBe(kelp);
    expect(ownIngredientId('味噌')).toBe(miso);
  });
});
