import { describe, expect, it } from 'vitest';
import { convert } from '../amounts/index.js';
import { allergensByList } from './allergen-lists.js';
import { cautionWords } from './data/substitutes-with-cautions.js';
import { figureProblem, type LarderEntry } from './figures.js';
import { figuresOf, missingFigures } from './figures-listed.js';
import { larderOf, ownIngredientId } from './kitchen-larder.js';
import { conversionFacts, standardLarder } from './larder.js';
import { allergens, sections } from './types.js';

const all = [...standardLarder.ingredients.values()];
const entry = (
  ingredient: string,
  figures: Record<string, number>,
  own: LarderEntry['own'] = null,
): LarderEntry => ({ ingredient, figures, own });

describe('what the larder knows of everything', () => {
  it('350 ingredients or more, each with its composition adding up to no more than its weight', () => {
    expect(all.length).toBeGreaterThanOrEqual(350);
    for (const { id, composition } of all) {
      const { water, fat, sugar, salt, acid } = composition!;
      const sum = water.value + fat.value + sugar.value + salt.value + (acid?.share.value ?? 0);
      expect([id, sum > 0 || id === 'bicarbonate', sum <= 1.0001]).toEqual([id, true, true]);
    }
  });
  it('a section, how it is sold, how long it keeps, who eats it', () => {
    // What is left of others is not sold; water comes from the tap.
    const notSold = [
      'bacon-fat',
      'chickpea-liquid',
      'pickle-brine',
      'cooking-liquid',
      'soaking-liquid',
      'pan-juices',
      'pan-fat',
      'pan-oil',
      'tomato-oil',
      'anchovy-oil',
      'water',
    ];
    for (const { id, section, packs, keepingDays, diet } of all)
      expect([
        id,
        sections.includes(section),
        packs.length > 0 || notSold.includes(id),
        Object.keys(keepingDays).length > 0,
        typeof diet.vegan,
      ]).toEqual([id, true, true, true, 'boolean']);
  });
  it('a price for every pack that is sold, an allowed figure everywhere', () => {
    for (const item of all) {
      expect([item.id, item.packs.every((pack) => pack.price)]).toEqual([item.id, true]);
      expect([
        item.id,
        figuresOf(item)
          .map(({ key, value }) => figureProblem(key, value))
          .filter(Boolean),
      ]).toEqual([item.id, []]);
    }
  });
  it('no figure is written with the dust of a division: lemon’s 2.2 % sugar is 0.022', () => {
    expect(standardLarder.ingredients.get('lemon')!.composition!.sugar.value).toBe(0.022);
    for (const item of all)
      expect([item.id, figuresOf(item).filter(({ value }) => String(value).length > 7)]).toEqual([
        item.id,
        [],
      ]);
  });
  it('small pieces weigh less than medium ones, and large ones more', () => {
    for (const { id, pieceSizes, countGrams } of all)
      if (pieceSizes && countGrams.piece)
        expect([
          id,
          pieceSizes.small.value < countGrams.piece.value && countGrams.piece.value < pieceSizes.large.value,
        ]).toEqual([id, true]);
  });
  it('substitutes are in the larder, cautions have words', () => {
    for (const { id, substitutes, cautions } of all) {
      expect([id, substitutes.filter((each) => !standardLarder.ingredients.has(each.ingredient))]).toEqual([
        id,
        [],
      ]);
      for (const caution of cautions) expect(cautionWords[caution].length).toBeGreaterThan(20);
    }
  });
  it('October to February runs over the turn of the year', () =>
    expect(standardLarder.ingredients.get('sweet-potato')!.seasonMonths).toEqual([1, 2, 3, 10, 11, 12]));
  it('what is stored or frozen has no season', () =>
    expect(
      ['onion', 'potato', 'garlic', 'carrot', 'peas', 'broad-beans', 'frozen-sweetcorn'].flatMap(
        (id) => standardLarder.ingredients.get(id)!.seasonMonths,
      ),
    ).toEqual([]));
  it('what is vegan is vegetarian; meat, fish and rennet are neither', () => {
    for (const { id, diet } of all) expect([id, diet.vegan && !diet.vegetarian]).toEqual([id, false]);
    expect(
      ['anchovy', 'smoked-bacon', 'parmesan', 'fish-sauce'].map(
        (id) => standardLarder.ingredients.get(id)!.diet.vegetarian,
      ),
    ).toEqual([false, false, false, false]);
    expect(['feta', 'honey'].map((id) => standardLarder.ingredients.get(id)!.diet)).toMatchObject([
      { vegetarian: true, vegan: false },
      { vegetarian: true, vegan: false },
    ]);
  });
});

describe('allergens by both lists', () => {
  it('the fourteen and the nine', () => {
    expect(allergensByList(['walnut', 'pine nut', 'barley', 'sulphites', 'milk'], 'eu')).toEqual([
      'cereals with gluten (barley)',
      'milk',
      'nuts (walnut)',
      'sulphites',
    ]);
    expect(allergensByList(['walnut', 'pine nut', 'barley', 'sulphites', 'milk'], 'us')).toEqual([
      'milk',
      'tree nuts (walnut, pine nut)',
    ]);
    expect([allergensByList(allergens, 'eu').length, allergensByList(allergens, 'us').length]).toEqual([
      14, 9,
    ]);
  });
});

describe('a kitchen’s own figures', () => {
  it('take the place of the standard ones, and say that they were measured', () => {
    const basil = larderOf([entry('basil', { handful: 12, 'yield.leaves': 0.5 })]).ingredients.get('basil')!;
    expect(basil.handfulGrams).toEqual({ value: 12, source: 'measured' });
    expect(figuresOf(basil).find(({ key }) => key === 'yield.leaves')).toMatchObject({
      value: 0.5,
      source: 'measured',
    });
    expect(standardLarder.ingredients.get('basil')!.handfulGrams!.source).toBe('estimate');
  });
  it('a weighed pinch of fine salt: 3 pinches × 0.4 g = 1.2 g', () => {
    const salt = larderOf([entry('fine-salt', { pinch: 0.4 })]).ingredients.get('fine-salt')!;
    expect(
      convert({ low: '3', high: '3', unit: 'pinch' }, 'g', conversionFacts(salt, []), 'metric'),
    ).toMatchObject({ ok: true, amount: { low: '6/5' } });
  });
  it('a large onion is 220 g, a small one 90, one without a size 150', () => {
    const onion = standardLarder.ingredients.get('onion')!;
    const grams = (size: 'small' | 'large' | null) =>
      convert({ low: '1', high: '1', unit: 'piece' }, 'g', conversionFacts(onion, [], size), 'metric');
    expect(
      [grams('small'), grams(null), grams('large')].map((each) => (each.ok ? each.amount.low : '')),
    ).toEqual(['90', String(onion.countGrams.piece!.value), '220']);
  });
  it('an ingredient of its own is found by its name', () => {
    const own = {
      name: 'Pickled samphire',
      section: sections[6]!,
      shoppingUnit: 'g' as const,
      packSize: 200,
      packName: 'jar',
      allergens: [],
    };
    const id = ownIngredientId(own.name);
    const larder = larderOf([entry(id, { 'density.plain': 0.8 }, own)]);
    expect([id, larder.names.get('pickled samphire'), larder.ingredients.get(id)!.own]).toEqual([
      'own-pickled-samphire',
      id,
      true,
    ]);
  });
  it.each([
    [undefined, [], 'not known'],
    ['vegans', [], 'vegan'],
    ['vegans', ['milk'], 'vegetarian'],
    ['vegetarians', [], 'vegetarian'],
    ['vegetarians', ['fish'], 'neither'],
    ['neither', [], 'neither'],
  ] as const)('its own, eaten by %s, with %j: %s', (eatenBy, contains, called) => {
    const own = {
      name: 'Stock cube',
      section: sections[6]!,
      shoppingUnit: 'g' as const,
      packSize: 60,
      packName: 'box',
      allergens: contains,
      eatenBy,
    };
    const { unknown, vegan, vegetarian } = larderOf([entry('own-stock-cube', {}, own)]).ingredients.get(
      'own-stock-cube',
    )!.diet;
    expect(unknown ? 'not known' : vegan ? 'vegan' : vegetarian ? 'vegetarian' : 'neither').toBe(called);
    expect([vegan, vegetarian]).toEqual([called === 'vegan', called === 'vegan' || called === 'vegetarian']);
  });
  it('any figure can be replaced, and every one that is says so', () => {
    for (const { id } of all.slice(0, 40)) {
      const before = figuresOf(standardLarder.ingredients.get(id)!);
      const after = figuresOf(
        larderOf([
          entry(id, Object.fromEntries(before.map(({ key, value }) => [key, value]))),
        ]).ingredients.get(id)!,
      );
      expect([id, after]).toEqual([id, before.map((figure) => ({ ...figure, source: 'measured' }))]);
    }
  });
  it('a replaced figure leaves the others as they were: days in the cold, not in the cool', () => {
    const figures = figuresOf(larderOf([entry('basil', { 'keeps.cold': 3 })]).ingredients.get('basil')!);
    expect(
      figures.filter(({ source }) => source === 'measured').map(({ key, value }) => [key, value]),
    ).toEqual([['keeps.cold', 3]]);
  });
  it('every figure that is missing can be added, and is then there', () => {
    const own = {
      name: 'Pickled samphire',
      section: sections[6]!,
      shoppingUnit: 'g' as const,
      packSize: 200,
      packName: 'jar',
      allergens: [],
    };
    const bare = larderOf([entry('own-pickled-samphire', {}, own)]).ingredients.get('own-pickled-samphire')!;
    for (const { key, label } of missingFigures(bare)) {
      const added = larderOf([entry(bare.id, { [key]: 1 }, own)]).ingredients.get(bare.id)!;
      expect([key, figuresOf(added).find((figure) => figure.key === key)]).toMatchObject([
        key,
        { label, value: 1, source: 'measured' },
      ]);
      expect([key, missingFigures(added).some((figure) => figure.key === key)]).toEqual([key, false]);
    }
    expect(missingFigures(bare).map(({ key }) => key)).toEqual(
      expect.arrayContaining(['density.plain', 'handful', 'holds.salt', 'price.0']),
    );
  });
  it('a jar that is sold with 220 g here', () => {
    const capers = larderOf([entry('capers', { 'pack.0': 220 })]).ingredients.get('capers')!;
    expect(capers.packs[0]!.size).toBe(220);
  });
  it('the same entries give the same larder, so that a plan need not build it again', () =>
    expect(larderOf([entry('basil', { handful: 12 })])).toBe(larderOf([entry('basil', { handful: 12 })])));
  it.each([
    ['yield.usual', 0, 'Yield lies between 0.05 and 1, not at 0.'],
    ['yield.peeled', 1.2, 'Yield, peeled lies between 0.05 and 1, not at 1.2.'],
    ['density.plain', -1, 'Density lies between 0.01 and 3 g/ml, not at -1.'],
    ['count.piece', 0, 'One piece lies between 0.01 and 20000 g, not at 0.'],
    ['price.0', 0, 'Price, smallest size lies between 0.001 and 1000 a pack, not at 0.'],
    ['keeps.cold', -3, 'Keeps in the cold lies between 0 and 2000 days, not at -3.'],
    ['colour', 3, '“colour” is no figure of the larder.'],
    ['__proto__.x', 3, '“__proto__.x” is no figure of the larder.'],
    ['handful', Number.NaN, 'A handful must be a number.'],
  ])('%s at %d is refused with the reason', (key, value, sentence) =>
    expect(figureProblem(key, value)).toBe(sentence),
  );
});
