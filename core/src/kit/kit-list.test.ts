import { describe, expect, it } from 'vitest';
import { splitStations } from '../class/index.js';
import { planBatches, portionRecipe } from '../portions/index.js';
import { dish, recipe } from '../tests/recipes.js';
import type { KitInput } from './kit-input.js';
import { buildKitList } from './kit-list.js';
import type { ToolUse } from './types.js';

const salad = dish(recipe(['600 g carrots', '2 tbsp olive oil', '1 onion', '200 ml buttermilk']));
const stations = splitStations(12, 4);

function kitOf(uses: readonly ToolUse[], toolsInKitchen: KitInput['toolsInKitchen'] = []) {
  return buildKitList({
    uses,
    stations: stations.sizes,
    people: 12,
    dishes: [
      {
        decided: salad,
        portions: portionRecipe(salad, planBatches(salad, stations, 12, 0), {
          kitchenSystem: 'metric',
          english: 'uk',
        }),
      },
    ],
    toolsInKitchen,
    english: 'uk',
    clock: (minute) => `+${minute}`,
  });
}
const at = (place: ToolUse['place'], start: number, end: number, ...tools: string[]): ToolUse => ({
  place,
  start,
  end,
  tools,
  title: `from ${start}`,
});
const count = (rows: readonly { tool: string; count: number }[], tool: string) =>
  rows.find((row) => row.tool === tool)?.count ?? 0;

describe('peak at once', () => {
  it('one after the other is one whisk, not two', () =>
    expect(
      count(kitOf([at('stations', 0, 10, 'whisk'), at('stations', 10, 20, 'whisk')]).perStation, 'whisk'),
    ).toBe(1));
  it('side by side are two', () =>
    expect(
      count(kitOf([at('stations', 0, 10, 'whisk'), at('stations', 5, 20, 'whisk')]).perStation, 'whisk'),
    ).toBe(2));
  it('the demonstration bench has its own', () =>
    expect(count(kitOf([at('demonstration bench', 0, 10, 'whisk')]).demonstrationBench, 'whisk')).toBe(1));
  it('what is shared is counted for the room: 3 stations × 1 tray', () =>
    expect(count(kitOf([at('stations', 0, 10, 'oven tray')]).shared, 'oven tray')).toBe(3));
  it('says when the peak is', () =>
    expect(kitOf([at('stations', 5, 20, 'whisk')]).perStation[0]!.workings.steps.at(-1)).toMatchObject({
      value: '1',
      note: 'At +5. Within a dish it goes on; before another it is washed, 1 min.',
    }));
});

describe('short of something', () => {
  it('3 stations and the bench want 4 whisks at +5, there are 2', () => {
    const { shortages } = kitOf(
      [at('stations', 0, 10, 'whisk'), at('demonstration bench', 5, 8, 'whisk')],
      [{ tool: 'whisk', count: 2 }],
    );
    expect(shortages).toMatchObject([
      { needed: 4, inKitchen: 2, sentence: 'Not enough whisks: 4 needed at +5, 2 in the kitchen' },
    ]);
  });
  it('enough is no shortage, and what is not counted is not guessed', () => {
    expect(kitOf([at('stations', 0, 10, 'whisk')], [{ tool: 'whisk', count: 3 }]).shortages).toEqual([]);
    expect(kitOf([at('stations', 0, 10, 'whisk')]).shortages).toEqual([]);
  });
});

describe('containers and what is easily forgotten', () => {
  const kit = kitOf([]);
  it('each sorted ingredient has a container of its size', () => {
    // One batch of a recipe for 4 at each station of 4: 600 g carrots are 600 ÷ 0.5 = 1.2 l or so, oil 30 ml,
    // buttermilk 200 ml, an onion on the tray.
    expect(kit.containers).toEqual([
      expect.objectContaining({ container: 'large tub', count: 1, holds: ['carrot'] }),
      expect.objectContaining({ container: 'pinch bowl', holds: ['olive oil'] }),
      expect.objectContaining({ container: 'produce tray', holds: ['onion'] }),
      expect.objectContaining({ container: 'small bowl', holds: ['buttermilk'] }),
    ]);
  });
  it('stations with the same batches of every dish share one list, over all dishes', () => {
    // 14 people make 4+4+3+3. The salad for 4 is a batch of 1 at the larger stations and ¾ at the smaller;
    // the dip works at 1 only, so all four get the same of it.
    const four = splitStations(14, 4);
    const dip = dish(recipe(['200 ml buttermilk'], { title: 'Dip', leastBatch: '1' }), { id: 'd2' });
    const dishes = [salad, dip];
    const portioned = dishes.map((each) => ({
      decided: each,
      portions: portionRecipe(each, planBatches(each, four, 14, 2), {
        kitchenSystem: 'metric',
        english: 'uk',
      }),
    }));
    const { containers } = buildKitList({
      uses: [],
      stations: four.sizes,
      people: 14,
      dishes: portioned,
      toolsInKitchen: [],
      english: 'uk',
      clock: String,
    });
    expect([...new Set(containers.map(({ place }) => place))]).toEqual([
      'Stations 1, 2',
      'Stations 3, 4',
      'Demonstration',
    ]);
    expect(
      containers.filter(({ place, container }) => place === 'Stations 3, 4' && container === 'small bowl'),
    ).toMatchObject([{ count: 2, holds: ['buttermilk', 'buttermilk'] }]);
  });
  it('tasting spoons: two a person at the largest station, 2 × 4 = 8', () =>
    expect(count(kit.perStation, 'tasting spoons')).toBe(8));
  it('a damp cloth, a scrap bowl, a mirror, a box a person', () => {
    expect(count(kit.perStation, 'damp cloth')).toBe(1);
    expect(count(kit.demonstrationBench, 'tilted mirror or camera')).toBe(1);
    expect(count(kit.consumables, 'box to carry food home')).toBe(12);
  });
});
