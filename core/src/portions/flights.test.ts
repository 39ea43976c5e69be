import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { type DishMaking, type Maker, splitStations } from '../class/index.js';
import { dish, recipe } from '../tests/recipes.js';
import { planBatches, rotationTurns, stationsAtOnce } from './plan-batches.js';
import { portionRecipe } from './portion-recipe.js';

const four = splitStations(14, 4);
const options = { kitchenSystem: 'metric', english: 'uk' } as const;

describe('a tasting flight', () => {
  const choice = {
    id: 'ratio',
    name: 'Ratio',
    usual: 'three',
    options: [
      { id: 'three', name: 'three to one' },
      { id: 'even', name: 'even' },
    ],
  };
  const base = recipe(['3 tbsp olive oil', '1 tbsp olive oil', '1 tbsp red wine vinegar'], {
    serves: 4,
    choices: [choice],
  });
  const flight = {
    ...base,
    lines: base.lines.map((line, index) =>
      index === 0
        ? { ...line, when: { choice: 'ratio', option: 'three' } }
        : index === 1
          ? { ...line, when: { choice: 'ratio', option: 'even' } }
          : line,
    ),
  };
  const tasting = dish(flight, { making: { flight: 'ratio' } });
  it('only the demonstration and the swap are of one way, the first', () => {
    const optionOf = (maker: Maker, making: DishMaking) =>
      planBatches(dish(flight, { maker, making: { flight: 'ratio', ...making } }), splitStations(8, 4), 8, 2)
        .filter(({ kind }) => kind !== 'stations')
        .map(({ kind, option }) => [kind, option]);
    expect(optionOf('made ahead', { swap: true })).toEqual([
      ['made ahead', null],
      ['swap', 'three'],
    ]);
    expect(optionOf('every station', { spare: true })).toEqual([
      ['demonstration', 'three'],
      ['spare', null],
    ]);
  });
  it('deals the ways out station by station: 1 and 3 the first, 2 and 4 the second', () => {
    expect(
      planBatches(tasting, splitStations(16, 4), 16, 0).map(({ heading, option, count }) => [
        heading,
        option,
        count,
      ]),
    ).toEqual([
      ['Stations 1, 3: three to one', 'three', 2],
      ['Stations 2, 4: even', 'even', 2],
    ]);
  });
  it('each column has the lines of its own way and those of none', () => {
    const sheet = portionRecipe(tasting, planBatches(tasting, splitStations(16, 4), 16, 0), options);
    expect(sheet.components[0]!.lines.map(({ cells }) => cells.map(({ absent }) => Boolean(absent)))).toEqual(
      [
        [false, true],
        [true, false],
        [false, false],
      ],
    );
  });
});

describe('in rotation', () => {
  const dishes = ['a', 'b', 'c'].map((id) =>
    dish(recipe(['1 onion'], { title: id }), { id, maker: 'in rotation' }),
  );
  it('every station is at every dish once, and all move on by one', () => {
    const turns = rotationTurns(dishes, four);
    expect(turns.map(({ places }) => places.map(({ stations }) => stations.join()))).toEqual([
      ['1,4', '2', '3'],
      ['3', '1,4', '2'],
      ['2', '3', '1,4'],
    ]);
    expect(turns.map(({ turn }) => turn)).toEqual([1, 2, 3]);
  });
  it('4 stations at 2 dishes are 2 at once; at one dish alone all 4', () => {
    expect(stationsAtOnce(dishes[0]!, dishes.slice(0, 2), four)).toBe(2);
    expect(stationsAtOnce(dishes[0]!, dishes.slice(0, 1), four)).toBe(4);
  });
  it('4 stations at 3 dishes are 2 at once at the most', () =>
    expect(stationsAtOnce(dishes[0]!, dishes, four)).toBe(2));
  it('one dish alone does not rotate', () => expect(rotationTurns(dishes.slice(0, 1), four)).toEqual([]));
  it('however many stations and dishes: each station once a turn, each dish once a station', () => {
    fc.assert(
      fc.property(fc.integer({ min: 2, max: 6 }), fc.integer({ min: 1, max: 30 }), (count, people) => {
        const stations = splitStations(people, 3);
        const turns = rotationTurns(
          Array.from({ length: count }, (_, index) =>
            dish(recipe([]), { id: String(index), maker: 'in rotation' }),
          ),
          stations,
        );
        for (const { places } of turns)
          expect(places.flatMap((place) => place.stations).sort((a, b) => a - b)).toEqual(
            stations.sizes.map((_, index) => index + 1),
          );
        for (const place of turns[0]!.places)
          expect(
            turns.flatMap(({ places }) => places.find(({ dishId }) => dishId === place.dishId)!.stations),
          ).toHaveLength(stations.sizes.length);
      }),
    );
  });
});
