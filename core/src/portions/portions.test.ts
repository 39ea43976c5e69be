import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { multiply, type Rational, toFraction, toNumber } from '../amounts/index.js';
import { splitStations } from '../class/index.js';
import { dish, recipe } from '../tests/recipes.js';
import { batchNeed, nameStations, workableBatch } from './batches.js';
import { planBatches } from './plan-batches.js';
import { portionRecipe } from './portion-recipe.js';
import { scaleLine } from './scale-line.js';

describe('people at stations', () => {
  it.each([
    [14, 4, [4, 4, 3, 3]],
    [17, 4, [4, 4, 3, 3, 3]],
    [16, 4, [4, 4, 4, 4]],
    [1, 4, [1]],
    [5, 4, [3, 2]],
    [10, 3, [3, 3, 2, 2]],
  ])('%d people by up to %d make %j', (people, perStation, sizes) =>
    expect(splitStations(people, perStation).sizes).toEqual(sizes),
  );
  it('everybody has a place, no station is over its size, and no two differ by more than one', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 200 }), fc.integer({ min: 1, max: 12 }), (people, perStation) => {
        const { sizes } = splitStations(people, perStation);
        expect(sizes.reduce((a, b) => a + b, 0)).toBe(people);
        expect(Math.max(...sizes)).toBeLessThanOrEqual(perStation);
        expect(sizes[0]! - sizes[sizes.length - 1]!).toBeLessThanOrEqual(1);
      }),
    );
  });
});

describe('need and workable batch', () => {
  const serves6 = { serves: 6, portion: 'side' as const };
  it('4 sides of a recipe for 6 sides: 4 ÷ 6 = ⅔', () => expect(batchNeed(serves6, 4, 'side')).toBe('2/3'));
  it('14 tastes of a recipe for 6 sides: 14 × ⅓ ÷ (6 × ⅔) = 7/6', () =>
    expect(batchNeed(serves6, 14, 'taste')).toBe('7/6'));
  it('4 mains of a recipe for 8 tastes: 4 ÷ (8 × ⅓) = 3/2', () =>
    expect(batchNeed({ serves: 8, portion: 'taste' }, 4, 'main')).toBe('3/2'));
  it.each<[Rational, Rational, Rational]>([
    ['2/3', '1/4', '2/3'],
    ['7/10', '1/4', '2/3'],
    ['71/100', '1/4', '3/4'],
    ['7/6', '1/4', '5/4'],
    ['1/10', '1/4', '1/4'],
    ['1/10', '1/2', '1/2'],
    ['41/20', '1/4', '2'],
    ['43/20', '1/4', '5/2'],
    ['4', '1/4', '4'],
    ['17/4', '1/4', '5'],
    ['13', '1/4', '13'],
  ])('a need of %s with a least batch of %s makes %s', (need, least, batch) =>
    expect(workableBatch(need, least)).toBe(batch),
  );
  it('0.95 of the need is enough: ⅔ covers 0.7, since 0.95 × 0.7 = 0.665', () =>
    expect(workableBatch('7/10', '1/4')).toBe('2/3'));
});

describe('columns', () => {
  const salad = recipe(['600 g carrots'], { serves: 6 });
  it('stations that share an amount are one column', () => {
    const batches = planBatches(dish(salad), splitStations(14, 4), 14, 2);
    expect(batches.map(({ heading, factor, count }) => [heading, factor, count])).toEqual([
      ['Demonstration', '1/3', 1],
      ['Stations 1, 2', '2/3', 2],
      ['Stations 3, 4', '1/2', 2],
    ]);
  });
  it('a demonstration dish feeds everybody a portion: 14 tastes = 7/6, made as 1¼', () => {
    const batches = planBatches(
      dish(salad, { maker: 'demonstration', portion: 'taste' }),
      splitStations(14, 4),
      14,
      2,
    );
    expect(batches).toMatchObject([{ kind: 'demonstration', factor: '5/4', count: 1 }]);
  });
  it.each([
    [[3], 'Station 3'],
    [[1, 2], 'Stations 1, 2'],
    [[1, 2, 3], 'Stations 1–3'],
    [[1, 3, 4], 'Stations 1, 3, 4'],
  ])('%j are named %s', (numbers, name) => expect(nameStations(numbers)).toBe(name));
});

describe('lines by kind', () => {
  const scaled = (text: string, factor: Rational) => scaleLine(recipe([text]).lines[0]!, factor);
  it('linear: ⅔ × 3 tbsp = 2 tbsp', () =>
    expect(scaled('3 tbsp olive oil', '2/3')).toEqual({ low: '2', high: '2', unit: 'tbsp' }));
  it('a range stays a range: ½ × 2–3 tbsp = 1–1½ tbsp', () =>
    expect(scaled('2–3 tbsp olive oil', '1/2')).toEqual({ low: '1', high: '3/2', unit: 'tbsp' }));
  it('whole eggs are rounded up: ⅔ × 4 = 2⅔ → 3', () =>
    expect(scaled('4 eggs', '2/3')).toMatchObject({ low: '3' }));
  it('per vessel: 1¼ batches take 2 vessels, 2 bay leaves', () =>
    expect(scaled('1 bay leaf', '5/4')).toMatchObject({ low: '2' }));
  it('to taste has no amount', () => expect(scaled('salt to taste', '2')).toBeNull());
  it('a then b is a × b, exactly, before anything is rounded', () => {
    const factor = fc
      .tuple(fc.integer({ min: 1, max: 40 }), fc.integer({ min: 1, max: 40 }))
      .map(([top, bottom]): Rational => `${BigInt(top)}/${BigInt(bottom)}`);
    fc.assert(
      fc.property(factor, factor, factor, (written, a, b) => {
        const line = {
          amount: { low: written, high: written },
          unit: 'tbsp' as const,
          scaling: 'linear' as const,
        };
        const once = scaleLine(line, a)!;
        const twice = scaleLine({ ...line, amount: once }, b)!;
        expect(twice.low).toBe(scaleLine(line, multiply(a, b))!.low);
      }),
    );
  });
});

describe('the sheet of a dish', () => {
  const options = { kitchenSystem: 'metric', english: 'uk' } as const;
  const sheet = portionRecipe(
    dish(
      recipe(
        ['600 g carrots', '3 tbsp olive oil', '½ tsp fine salt', 'black pepper to taste', '30 g moon dust'],
        { serves: 6 },
      ),
    ),
    planBatches(dish(recipe([], { serves: 6 })), splitStations(14, 4), 14, 2),
    options,
  );
  const lines = sheet.components[0]!.lines;
  it('in all: 1 × ⅓ + 2 × ⅔ + 2 × ½ = 2⅔ batches', () => expect(sheet.batchesInAll).toBe('8/3'));
  it('carrots: 200, 400 and 300 g, in all 200 + 2 × 400 + 2 × 300 = 1600 g', () => {
    expect(lines[0]!.cells.map((cell) => cell.spoons.lead)).toEqual(['200 g', '400 g', '300 g']);
    expect(lines[0]!.total.spoons.lead).toBe('1.6 kg');
  });
  it('oil: ⅔ × 3 tbsp = 2 tbsp at stations 1 and 2', () =>
    expect(lines[1]!.cells[1]!.spoons.lead).toBe('2 tbsp'));
  it('salt starts low, and says so', () =>
    expect(lines[2]!.advice).toBe('use ¾ first, taste, then the rest'));
  it('pepper stays to taste', () => expect(lines[3]!.cells[0]!.spoons.lead).toBe('to taste'));
  it('what the larder does not know is marked', () =>
    expect(lines[4]).toMatchObject({ inLarder: false, name: 'moon dust' }));
  it('what is counted is given as what comes of it', () => {
    const given = (text: string) =>
      portionRecipe(
        dish(recipe([text], { serves: 4 })),
        planBatches(dish(recipe([], { serves: 4 })), splitStations(4, 4), 4, 0),
        options,
      ).components[0]!.lines[0]!.cells[0]!.grams.beside;
    // 2 × 400 g × 0.60; 400 g are not drained where nothing says so; 3 × 200 g × 0.52 = 312 g, set as 310.
    expect(given('2 × 400 g tins chickpeas, drained and rinsed')).toBe('about 480 g drained');
    expect(given('1 tin chopped tomatoes')).not.toMatch(/drained/);
    expect(given('3 oranges, segmented')).toBe('about 310 g of fillets');
  });
  it('carries its workings', () => {
    const { workings } = lines[1]!.cells[1]!;
    expect(workings.steps.map(({ label, value }) => [label, value])).toEqual([
      ['Written', '3 tbsp olive oil'],
      ['As written', 'serves 6, side'],
      ['4 × side (⅔)', '⅔'],
      ['Workable batch', '⅔'],
      ['⅔ × 3 tbsp', '2 tbsp'],
    ]);
  });
  it('equal stations get equal amounts, and the total is their sum', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 60 }), fc.integer({ min: 1, max: 8 }), (people, perStation) => {
        const each = dish(recipe(['100 g rocket']));
        const batches = planBatches(each, splitStations(people, perStation), people, 2);
        const line = portionRecipe(each, batches, options).components[0]!.lines[0]!;
        const sum = batches.reduce(
          (total, batch, index) => total + toNumber(line.cells[index]!.amount!.low) * batch.count,
          0,
        );
        expect(toNumber(line.total.amount!.low)).toBeCloseTo(sum, 9);
        for (const batch of batches)
          expect(
            toFraction(batch.factor).compare(toFraction(batch.need).mul(toFraction('19/20'))),
          ).toBeGreaterThanOrEqual(0);
      }),
    );
  });
});
