import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { type ClassDish, splitStations, type Vessel } from '../../class/index.js';
import { standardLarder } from '../../larder/index.js';
import { dish, recipe, step } from '../../tests/recipes.js';
import { planBatches } from '../plan-batches.js';
import { portionRecipe } from '../portion-recipe.js';
import { fitVessels } from './fits.js';
import { heightOf, sectionOf, shapeOf, widthAt } from './section.js';

const vessel = (name: string, kind: Vessel['kind'], size: number, count = 4): Vessel => ({
  name,
  kind,
  count,
  millilitres: kind === 'pan' || kind === 'tray' ? 0 : size,
  squareCentimetres: kind === 'pan' || kind === 'tray' ? size : 0,
});
const one = splitStations(4, 4);
const uses = (...lines: string[]) => lines.map((line) => ({ line, share: '1' as const }));

/** 600 g of diced carrots (÷ 0.55 = 1 091 ml) and 3 tbsp = 45 ml of oil, tossed. */
const tossed = dish(
  recipe(['600 g diced carrots', '3 tbsp olive oil'], {
    serves: 4,
    steps: [step('a', { text: 'Toss it all.', tools: ['large bowl'], uses: uses('l1', 'l2') })],
  }),
);
const fits = (of: ClassDish, vessels: readonly Vessel[], people = 4) =>
  fitVessels(of, planBatches(of, splitStations(people, 4), people, 0), vessels, standardLarder);

describe('a tasting flight', () => {
  it('each way is measured by its own lines: 60 ml or 120 ml of oil, and 30 ml of vinegar in both', () => {
    const options = [
      { id: 'mild', name: 'mild' },
      { id: 'oily', name: 'oily' },
    ];
    const written = recipe(['60 ml olive oil', '120 ml olive oil', '30 ml red wine vinegar'], {
      choices: [{ id: 'way', name: 'Way', usual: 'mild', options }],
      steps: [step('a', { text: 'Shake it.', tools: ['jar with lid'], uses: uses('l1', 'l2', 'l3') })],
    });
    const lines = written.lines.map((line, at) =>
      at < 2 ? { ...line, when: { choice: 'way', option: options[at]!.id } } : line,
    );
    const flight = dish({ ...written, lines }, { making: { flight: 'way' } });
    const shaken = fits(flight, [vessel('jar', 'jar', 500)], 8);
    expect(shaken.map(({ heading, food }) => [heading, Math.round(food)])).toEqual([
      ['Station 1: mild', 90],
      ['Station 2: oily', 150],
    ]);
  });
});

describe('what fits into what', () => {
  it('tossing 1 136 ml wants a bowl of 2 272: the smallest that has it', () => {
    const [fit] = fits(tossed, [
      vessel('small', 'bowl', 2000),
      vessel('middle', 'bowl', 2500),
      vessel('large', 'bowl', 5000),
    ]);
    expect(fit).toMatchObject({ vessel: 'middle', rounds: 1, manner: 'toss', problem: '' });
    expect(fit!.food).toBeCloseTo(600 / 0.55 + 45, 0);
  });
  it('the largest is too small: 1 136 ÷ 500 = 2.27 → 3 rounds', () =>
    expect(fits(tossed, [vessel('small', 'bowl', 1000)])[0]).toMatchObject({
      rounds: 3,
      problem: 'Too much for the small: work in 3 rounds',
    }));
  it('one that fits and of which there are enough goes before a smaller one that is short', () =>
    expect(
      fits(tossed, [vessel('middle', 'bowl', 2500, 1), vessel('large', 'bowl', 5000, 4)], 8)[0],
    ).toMatchObject({ vessel: 'large' }));
  it('says how many are missing where none has enough', () =>
    expect(fits(tossed, [vessel('middle', 'bowl', 2500, 1)], 8)[0]!.problem).toBe(
      'Needs 2 middles, and the kitchen has 1',
    ));
  it('says so where the kitchen has none of the kind', () =>
    expect(fits(tossed, [vessel('jar', 'jar', 350)])[0]).toMatchObject({
      problem: 'The kitchen has no bowl written down',
      rounds: 1,
      limit: 0,
    }));
  it('a jar to shake is two thirds full: 240 ml want 360', () => {
    const shaken = dish(
      recipe(['240 ml buttermilk'], {
        steps: [step('a', { text: 'Shake it.', tools: ['jar with lid'], uses: uses('l1') })],
      }),
    );
    expect(
      fits(shaken, [vessel('jar of 350', 'jar', 350), vessel('jar of 360', 'jar', 360)])[0],
    ).toMatchObject({ vessel: 'jar of 360', rounds: 1 });
  });
  it('blades must be covered: 150 ml in a jug blender are too little', () => {
    const blended = dish(
      recipe(['150 ml buttermilk'], {
        steps: [step('a', { text: 'Blend it.', tools: ['jug blender'], uses: uses('l1') })],
      }),
    );
    expect(fits(blended, [vessel('jug', 'jug blender', 1750)])[0]!.problem).toBe(
      'Too little to cover the blades of the jug: 150 ml of 200 ml',
    );
  });
  it('hot food fills it to a third: 600 ml in 1 750 are 2 rounds hot, 1 cold', () => {
    const soup = (text: string) =>
      dish(
        recipe(['600 ml buttermilk'], {
          steps: [step('a', { text, tools: ['jug blender'], uses: uses('l1') })],
        }),
      );
    expect(fits(soup('Blend it hot.'), [vessel('jug', 'jug blender', 1750)])[0]).toMatchObject({
      rounds: 2,
      manner: 'blend hot',
    });
    expect(fits(soup('Blend it.'), [vessel('jug', 'jug blender', 1750)])[0]).toMatchObject({ rounds: 1 });
  });
  it('roasting holds by area: 1 091 ml in a layer of 2.5 cm are 436 cm²', () => {
    const roasted = dish(
      recipe(['600 g diced carrots'], { steps: [step('a', { tools: ['oven tray'], uses: uses('l1') })] }),
    );
    const [fit] = fits(roasted, [vessel('tray', 'tray', 400)]);
    expect([Math.round(fit!.food), fit!.rounds]).toEqual([436, 2]);
  });
  it('a pot holds two fifths of food, the water the rest', () => {
    const boiled = dish(
      recipe(['1000 ml buttermilk'], { steps: [step('a', { tools: ['saucepan'], uses: uses('l1') })] }),
    );
    expect(fits(boiled, [vessel('pot', 'pot', 2500)])[0]).toMatchObject({ limit: 1000, rounds: 1 });
  });
  it('oil to film a pan is needed once a filling: 2 rounds of 1 tbsp', () => {
    const fried = recipe(['1200 g diced carrots', '1 tbsp olive oil'], {
      serves: 4,
      steps: [step('a', { tools: ['frying pan'], uses: uses('l1', 'l2') })],
    });
    const lines = fried.lines.map((line, index) =>
      index === 1 ? { ...line, scaling: 'perVessel' as const } : line,
    );
    const of = dish({ ...fried, lines });
    const sheet = portionRecipe(of, planBatches(of, one, 4, 0), {
      kitchenSystem: 'metric',
      english: 'uk',
      vessels: [vessel('pan', 'pan', 1000)],
    });
    expect(sheet.fits[0]!.rounds).toBe(2);
    expect(sheet.components[0]!.lines[1]!.cells[0]!.amount).toMatchObject({ low: '2' });
  });
  it(
    'a step in a bowl and then on a dish is checked for both; ' + 'a second dish is no second round of work',
    () => {
      const plated = dish(
        recipe(['600 g diced carrots'], {
          serves: 4,
          steps: [
            step('a', { text: 'Toss and plate.', tools: ['large bowl', 'serving dish'], uses: uses('l1') }),
          ],
        }),
      );
      expect(
        fits(plated, [vessel('bowl', 'bowl', 5000), vessel('dish', 'serving dish', 700)]).map(
          ({ kind, problem }) => [kind, problem],
        ),
      ).toEqual([
        ['bowl', ''],
        ['serving dish', 'Needs 2 dishes'],
      ]);
    },
  );
  it('what came before is in the bowl too', () => {
    const later = dish(
      recipe(['200 ml buttermilk', '100 ml olive oil'], {
        steps: [
          step('a', { uses: uses('l1') }),
          step('b', { text: 'Toss.', tools: ['large bowl'], uses: uses('l2'), after: ['a'] }),
        ],
      }),
    );
    expect(fits(later, [vessel('bowl', 'bowl', 2000)])[0]!.food).toBeCloseTo(300, 5);
  });
});

describe('the bowl in section', () => {
  const vessels = [vessel('bowl', 'bowl', 2500)];
  const batches = planBatches(tossed, one, 4, 0);
  const section = sectionOf(
    tossed,
    batches,
    fitVessels(tossed, batches, vessels, standardLarder),
    vessels,
    standardLarder,
  )!;
  it('has its layers by true volume, in the order they go in', () =>
    expect(section.layers.map(({ name, millilitres }) => [name, Math.round(millilitres)])).toEqual([
      ['carrots', 1091],
      ['olive oil', 45],
    ]));
  it('each layer stands on the one below', () => expect(section.layers[1]!.from).toBe(section.layers[0]!.to));
  it('fits under the line for tossing', () =>
    expect([section.fits, section.level < section.limitLevel]).toEqual([true, true]));
  it('is not drawn where no vessel is known', () =>
    expect(sectionOf(tossed, batches, [], vessels, standardLarder)).toBeNull());
  it('straight walls rise with the volume; a narrow base rises faster at first', () => {
    expect(heightOf(0.5, { widthToHeight: 1, baseToRim: 1, isRound: false })).toBe(0.5);
    // b = ½: the whole is (1 + ½ + ¼) ÷ 3 = 0.5833; half of it is reached where (h/2 + ½)³ = ⅛ + 1.5 ×
    // 0.29167, h = 0.651.
    expect(heightOf(0.5, { widthToHeight: 1, baseToRim: 0.5, isRound: false })).toBeCloseTo(
      2 * (Math.cbrt(0.125 + 0.4375) - 0.5),
      9,
    );
  });
  it('over the rim it goes on at the width of the rim', () =>
    expect(heightOf(2, { widthToHeight: 1, baseToRim: 1, isRound: false })).toBe(2));
  it(
    'a round bowl: of c = 0.84 the whole is 1 − 0.28 = 0.72; at half its ' +
      'height stand 0.5 − 0.28 × (1 − ⅛) = 0.255 of it, 35 %',
    () => {
      expect(heightOf(0.255 / 0.72, { widthToHeight: 2, baseToRim: 0.4, isRound: true })).toBeCloseTo(0.5, 6);
    },
  );
  it(
    'is as wide as its base at the bottom and as its rim at the ' +
      'top; round sides bulge over straight ones between',
    () => {
      const shape = { widthToHeight: 2, baseToRim: 0.4 };
      for (const isRound of [true, false])
        expect(
          [widthAt(0, { ...shape, isRound }), widthAt(1, { ...shape, isRound })].map(
            (width) => Math.round(width * 1e6) / 1e6,
          ),
        ).toEqual([0.4, 1]);
      expect(widthAt(0.5, { ...shape, isRound: true })).toBeGreaterThan(
        widthAt(0.5, { ...shape, isRound: false }),
      );
    },
  );
  it(
    'what stands in it is the sum of its slices: 400 slices of width² ' +
      'up to a height make the share that stands so high',
    () => {
      fc.assert(
        fc.property(
          fc.double({ min: 0.02, max: 0.98, noNaN: true }),
          fc.double({ min: 0.2, max: 0.95, noNaN: true }),
          fc.boolean(),
          (share, baseToRim, isRound) => {
            const shape = { widthToHeight: 2, baseToRim, isRound };
            const slices = (to: number) =>
              [...Array(400).keys()].reduce(
                (sum, slice) => sum + widthAt(((slice + 0.5) / 400) * to, shape) ** 2 * (to / 400),
                0,
              );
            expect(slices(heightOf(share, shape)) / slices(1)).toBeCloseTo(share, 4);
          },
        ),
      );
    },
  );
  it('heights grow with volume and are full just when the vessel is', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.double({ min: 0.2, max: 1, noNaN: true }),
        (a, b, baseToRim) => {
          const shape = { widthToHeight: 2, baseToRim, isRound: a > 0.5 };
          const [low, high] = a < b ? [a, b] : [b, a];
          expect(heightOf(low, shape)).toBeLessThanOrEqual(heightOf(high, shape) + 1e-9);
          expect(heightOf(1, shape)).toBeCloseTo(1, 9);
        },
      ),
    );
  });
  it('a jar is upright, a dish is flat', () =>
    expect(shapeOf('jar').widthToHeight).toBeLessThan(shapeOf('serving dish').widthToHeight));
});
