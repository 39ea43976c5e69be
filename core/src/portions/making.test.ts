import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { type Rational, toFraction, toNumber } from '../amounts/index.js';
import { type ClassDish, type DishMaking, type Maker, splitStations } from '../class/index.js';
import { dish, recipe, step } from '../tests/recipes.js';
import { batchOffers, planBatches, stationsAtOnce } from './plan-batches.js';
import { portionRecipe } from './portion-recipe.js';

const four = splitStations(14, 4);
const salad = recipe(['600 g carrots', '3 tbsp olive oil'], { serves: 6 });
const batches = (making: DishMaking, maker: Maker = 'every station', of: ClassDish = dish(salad)) =>
  planBatches({ ...of, maker, making }, four, 14, 2).map(({ kind, heading, factor, count }) => [
    kind,
    heading,
    factor,
    count,
  ]);
const options = { kitchenSystem: 'metric', english: 'uk' } as const;

describe('who makes what', () => {
  it(
    'some stations make it for all: 14 people at stations 1 ' + 'and 3 are 7 each, 7 ÷ 6 = 1.17, made as 1¼',
    () => {
      expect(batches({ stations: [1, 3] }, 'some stations')).toEqual([
        ['demonstration', 'Demonstration', '1/3', 1],
        ['stations', 'Stations 1, 3', '5/4', 2],
      ]);
    },
  );
  it('no station named is the first one; one that is not there is not counted', () => {
    expect(batches({}, 'some stations')[1]).toEqual(['stations', 'Station 1', '5/2', 1]);
    expect(batches({ stations: [2, 9] }, 'some stations')[1]![1]).toBe('Station 2');
  });
  it('stations chosen for “some stations” do not count once every station makes it', () =>
    expect(batches({ stations: [1] }).slice(1)).toEqual([
      ['stations', 'Stations 1, 2', '2/3', 2],
      ['stations', 'Stations 3, 4', '1/2', 2],
    ]));
  it('one big batch feeds all: 14 ÷ 6 = 2⅓, made as 2½', () =>
    expect(batches({}, 'one big batch')).toEqual([['big batch', 'One big batch', '5/2', 1]]));
  it('two stations share a batch: 4 + 4 people need 1⅓, made as 1½; 3 + 3 need 1', () => {
    expect(batches({ shareBatch: true }).slice(1)).toEqual([
      ['stations', 'Stations 1+2', '3/2', 1],
      ['stations', 'Stations 3+4', '1', 1],
    ]);
  });
  it('a swap is one more batch of what is shown; a spare one of the smallest station: 3 ÷ 6 = ½', () => {
    expect(batches({ swap: true, spare: true }).slice(-2)).toEqual([
      ['swap', 'Ready-made swap', '1/3', 1],
      ['spare', 'Spare', '1/2', 1],
    ]);
  });
  it('a swap of a dish that is made ahead is there too', () =>
    expect(batches({ swap: true }, 'made ahead').map(([kind]) => kind)).toEqual(['made ahead', 'swap']));
});

describe('places that work at once', () => {
  const sharing = dish(salad, { making: { shareBatch: true } });
  it.each([
    [12, '3 stations are a pair and one alone: 2', 2],
    [16, '4 stations are two pairs: 2', 2],
    [4, '1 station is alone: 1', 1],
  ])('%d people, two stations to a batch: %s', (people, _, places) =>
    expect(stationsAtOnce(sharing, [sharing], splitStations(people, 4))).toBe(places),
  );
});

describe('without vessels written down', () => {
  it('amounts are worked out, and nothing is said of what holds them', () => {
    const mixed = dish(
      recipe(['200 ml buttermilk'], {
        steps: [step('a', { tools: ['large bowl'], uses: [{ line: 'l1', share: '1' }] })],
      }),
    );
    const portions = portionRecipe(mixed, planBatches(mixed, splitStations(4, 4), 4, 0), options);
    expect([portions.fits, portions.section]).toEqual([[], null]);
    expect(portions.components[0]!.lines[0]!.total.amount!.low).toBe('200');
  });
});

describe('a surplus is shared, a shortfall shown', () => {
  // Serves 4 and works at 1 batch at least: 2 people need ½, so each of 3 stations makes twice what it needs.
  const blended = dish(recipe(['200 ml buttermilk'], { serves: 4, leastBatch: '1' }));
  const two = splitStations(6, 2);
  it('100 % over offers to share: 2 batches for 3 stations instead of 3', () => {
    const planned = planBatches(blended, two, 6, 0);
    expect(planned[0]).toMatchObject({ over: 1, subheading: '2 people · 1 batch · 100 % over' });
    expect(batchOffers(blended, planned, two, 6)).toMatchObject([
      {
        making: { shareBatch: true },
        sentence:
          'Each station makes 100 % more than it needs. Two stations to a batch make 2 batches instead of 3',
      },
    ]);
  });
  it('no offer to one station alone, however far over', () => {
    const alone = splitStations(2, 2);
    const planned = planBatches(blended, alone, 2, 0);
    expect(planned[0]).toMatchObject({ over: 1, count: 1 });
    expect(batchOffers(blended, planned, alone, 2)).toEqual([]);
  });
  it('no offer once it is shared, nor where sharing saves nothing', () => {
    const shared = { ...blended, making: { shareBatch: true } };
    expect(batchOffers(shared, planBatches(shared, two, 6, 0), two, 6)).toEqual([]);
    expect(batchOffers(dish(salad), planBatches(dish(salad), four, 14, 0), four, 14)).toEqual([]);
  });
  it('7 tastes of 20: 0.35 is made as ⅓, 5 % short, and says so', () => {
    const [batch] = planBatches(
      dish(recipe(['1 kg carrots'], { serves: 20, portion: 'taste' }), { portion: 'taste' }),
      splitStations(7, 7),
      7,
      0,
    );
    expect([batch!.factor, batch!.subheading]).toEqual(['1/3', '7 people · ⅓ batch · short 5 %']);
  });
});

describe('made once for all', () => {
  const two = recipe(['600 g carrots', '6 tbsp olive oil'], {
    serves: 6,
    components: [
      { id: 'c1', name: 'Salad', role: 'base' },
      { id: 'c2', name: 'Dressing', role: 'dressing' },
    ],
  });
  const parted = {
    ...two,
    lines: two.lines.map((line, index) => ({ ...line, componentId: index === 1 ? 'c2' : 'c1' })),
  };
  const planned = planBatches(dish(parted, { making: { once: ['c2'] } }), four, 14, 0);
  it('a batch of its own as large as all stations need: 2 × ⅔ + 2 × ½ = 2⅓, made as 2½', () =>
    expect(planned[planned.length - 1]).toMatchObject({
      kind: 'made once',
      heading: 'Made once: dressing',
      need: '7/3',
      factor: '5/2',
      count: 1,
    }));
  it('its lines stand in that column alone, the others in theirs: oil 2½ × 6 = 15 tbsp', () => {
    const sheet = portionRecipe(dish(parted), planned, options);
    expect(
      sheet.components.map(({ lines }) =>
        lines[0]!.cells.map(({ absent, amount }) => (absent ? '–' : amount!.low)),
      ),
    ).toEqual([
      ['400', '300', '–'],
      ['–', '–', '15'],
    ]);
  });
  it('a station’s share of it is said: ⅔ ÷ 2½ = 27 %', () =>
    expect(
      portionRecipe(dish(parted), planned, options).components[1]!.lines[0]!.cells[0]!.workings.result,
    ).toBe('27 % of it'));
  it('everything made once would leave nothing for the stations: it stays as it was', () =>
    expect(
      planBatches(dish(parted, { making: { once: ['c1', 'c2'] } }), four, 14, 0).map(({ kind }) => kind),
    ).toEqual(['stations', 'stations']));
});

describe('kept back and measured', () => {
  it('the part for the top stands beside the rest: ⅔ × 1 tbsp = 2 tsp', () => {
    const sheet = portionRecipe(
      dish(recipe(['3 tbsp chopped parsley, plus 1 tbsp for the top'], { serves: 6 })),
      planBatches(dish(recipe([], { serves: 6 })), four, 14, 0),
      options,
    );
    expect(sheet.components[0]!.lines[0]!.cells[0]!.kept).toBe('2 tsp');
  });
  it('spoons for what is poured or pinched, grams for the rest, unless the kitchen says otherwise', () => {
    const lines = (measureBy?: Parameters<typeof portionRecipe>[2]['measureBy']) =>
      portionRecipe(
        dish(recipe(['3 tbsp olive oil', '1 tsp fine salt', '200 g carrots'])),
        planBatches(dish(recipe([])), four, 14, 0),
        { ...options, measureBy },
      ).components[0]!.lines.map(({ measure }) => measure);
    expect(lines()).toEqual(['spoons', 'spoons', 'grams']);
    expect(lines({ liquid: 'grams', spice: 'spoons', food: 'spoons' })).toEqual([
      'grams',
      'spoons',
      'spoons',
    ]);
  });
  it('a drawer without a quarter teaspoon asks for none: 1¼ tsp leads with grams there', () => {
    const cell = (teaspoons: readonly Rational[]) =>
      portionRecipe(
        dish(recipe(['5 tsp honey'])),
        [planBatches(dish(recipe([])), splitStations(1, 1), 1, 0)[0]!],
        { ...options, measuringSet: { teaspoons, tablespoon: true, cups: [] } },
      ).components[0]!.lines[0]!.cells[0]!.spoons.lead;
    expect(cell(['1/4', '1/2', '1'])).toBe('1¼ tsp');
    // 1¼ × 5 ml × 1.42 = 8.9 g; scales show halves between 3 and 10 g.
    expect(cell(['1'])).toBe('9 g');
  });
});

describe('properties of every way of making', () => {
  const making = fc.record({
    shareBatch: fc.boolean(),
    spare: fc.boolean(),
    swap: fc.boolean(),
    stations: fc.uniqueArray(fc.integer({ min: 1, max: 6 }), { minLength: 1 }),
  });
  it('stations together make at least 95 % of what everybody eats, and equal stations the same', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 60 }),
        fc.integer({ min: 1, max: 8 }),
        fc.constantFrom<Maker>('every station', 'some stations', 'in rotation'),
        making,
        (people, perStation, maker, how) => {
          const stations = splitStations(people, perStation);
          const each = dish(salad, { maker, making: how });
          const made = planBatches(each, stations, people, 0).filter(({ kind }) => kind === 'stations');
          const total = made.reduce((sum, batch) => sum + toNumber(batch.factor) * batch.count, 0);
          expect(total).toBeGreaterThanOrEqual((people / 6) * 0.95 - 1e-9);
          const numbers = made.flatMap((batch) => batch.stations);
          expect(new Set(numbers).size).toBe(numbers.length);
          for (const batch of made)
            expect(
              toFraction(batch.factor).compare(toFraction(batch.need).mul(toFraction('19/20'))),
            ).toBeGreaterThanOrEqual(0);
        },
      ),
    );
  });
});
