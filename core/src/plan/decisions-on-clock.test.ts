import { describe, expect, it } from 'vitest';
import { noDecisions } from '../class/index.js';
import type { StockItem } from '../shopping/index.js';
import { bundle, row, salad, uses } from '../tests/decided-class.js';
import type { RecipeStep } from '../recipes/index.js';
import { classOf, dish, kitchen, recipe, step } from '../tests/recipes.js';
import { planClass } from './plan-class.js';

describe('by-products over dishes', () => {
  const bacon = recipe(['200 g streaky bacon'], {
    title: 'Bacon',
    serves: 14,
    steps: [step('x', { text: 'Crisp the bacon in a dry pan.', uses: uses('l1'), holdMinutes: 240 })],
  });
  const dressing = recipe(['2 tbsp bacon fat', '1 tbsp cider vinegar'], {
    title: 'Warm dressing',
    serves: 14,
    steps: [step('y', { text: 'Whisk the warm fat into the vinegar.', uses: uses('l1', 'l2') })],
  });
  const both = [
    dish(bacon, { id: 'b', maker: 'demonstration' }),
    dish(dressing, { id: 'w', maker: 'demonstration' }),
  ];
  it('200 g of bacon leave 50 g of fat, 50 ÷ 0.9 = 55.6 ml: 30 ml are covered where it comes first', () => {
    const plan = planClass(bundle({}, {}, both));
    const crisped = plan.timeline.clock.find(({ id }) => id === 'b/x')!;
    const whisked = plan.timeline.clock.find(({ id }) => id === 'w/y')!;
    const fat = row(plan, 'bacon-fat')!;
    expect(crisped.end <= whisked.start ? fat.buy : fat.remark).toEqual(
      crisped.end <= whisked.start ? 'nothing' : expect.stringContaining('comes after'),
    );
  });
  it('what a step of a recipe says it gives is used as well: 3 tbsp of roasting oil for 45 ml of oil', () => {
    const roast = recipe(['500 g carrots', '90 ml olive oil'], {
      serves: 14,
      steps: [
        step('r', {
          text: 'Roast the carrots in the oil.',
          uses: uses('l1'),
          holdMinutes: 240,
          gives: [
            { text: 'roasting oil', ingredient: 'olive-oil', amount: { low: '3', high: '3', unit: 'tbsp' } },
          ],
        }),
        step('d', { text: 'Dress with the oil.', uses: uses('l2'), after: ['r'] }),
      ],
    });
    const oil = row(planClass(bundle({}, {}, [dish(roast, { maker: 'demonstration' })])), 'olive-oil')!;
    expect([oil.need, oil.workings.steps.find(({ label }) => label === '− roasting oil')?.value]).toEqual([
      '90',
      '− 45 ml',
    ]);
  });
});

describe('what a step leaves of raw food', () => {
  const marinade = (overrides: Partial<RecipeStep>) =>
    recipe(['500 g chicken breast', '90 ml olive oil'], {
      serves: 14,
      steps: [
        step('m', {
          text: 'Turn the chicken in the oil.',
          uses: uses('l1'),
          holdMinutes: 240,
          gives: [{ text: 'oil', ingredient: 'olive-oil', amount: { low: '3', high: '3', unit: 'tbsp' } }],
          ...overrides,
        }),
        step('d', { text: 'Dress with oil.', uses: uses('l2'), after: ['m'] }),
      ],
    });
  const oilOf = (overrides: Partial<RecipeStep>) =>
    row(planClass(bundle({}, {}, [dish(marinade(overrides), { maker: 'demonstration' })])), 'olive-oil')!;
  const taken = (overrides: Partial<RecipeStep>) =>
    oilOf(overrides).workings.steps.find(({ label }) => label === '− oil')?.value;
  it('touched raw food and is refused, with the reason', () => {
    expect(taken({})).toBeUndefined();
    expect(oilOf({}).remark).toContain('The oil of “Test salad” touched raw food and is not used again.');
  });
  it('is used where the step cooks it: 3 tbsp are 45 ml', () =>
    expect(taken({ occupies: { appliance: 'hob', setting: '' } })).toBe('− 45 ml'));
});

describe('making and the clock', () => {
  it(
    'a swap is a batch of its own, every step of it finished before class: two ' +
      'steps of 5 hands-on minutes × ½ at the least, 3 + 3 whole minutes',
    () => {
      const entries = planClass(
        bundle({}, {}, [dish(salad, { making: { swap: true } })]),
      ).timeline.clock.filter(({ id, kind }) => id.startsWith('d1/swap/') && kind === 'prep');
      expect(entries.every(({ title, end }) => title.startsWith('Swap: ') && end <= 0)).toBe(true);
      expect(entries.reduce((sum, { start, end }) => sum + end - start, 0)).toBe(6);
    },
  );
  it('a step in 2 rounds takes a minute more between them', () => {
    const minutes = (millilitres: number) => {
      const tossed = recipe(['600 g diced carrots'], {
        serves: 4,
        steps: [step('a', { text: 'Toss it.', handsOnMinutes: 4, tools: ['large bowl'], uses: uses('l1') })],
      });
      const { timeline } = planClass({
        class: classOf([dish(tossed)], { people: 4 }),
        kitchen: {
          ...kitchen,
          vessels: [{ name: 'bowl', kind: 'bowl', millilitres, squareCentimetres: 0, count: 4 }],
        },
      });
      const entry = timeline.clock.find(({ id }) => id === 'd1/a')!;
      return entry.end - entry.start;
    };
    // 600 g ÷ 0.55 = 1 091 ml: in one go in 2 400 ml, in two in 1 200.
    expect([minutes(2400), minutes(1200)]).toEqual([6, 7]);
  });
  it(
    'a fuller pot takes longer to boil: 2 batches of 1 l are 1 l ' +
      'more food with 1.5 l more water, 3 min a litre',
    () => {
      const minutes = (people: number) => {
        const boiled = recipe(['1 l buttermilk'], {
          serves: 4,
          steps: [
            step('b', {
              text: 'Boil it.',
              tools: ['large pot'],
              waitMinutes: { low: 10, high: 10 },
              uses: uses('l1'),
            }),
          ],
        });
        const { timeline } = planClass({
          class: classOf([dish(boiled)], { people, peoplePerStation: 12 }),
          kitchen,
        });
        const entry = timeline.clock.find(({ id }) => id === 'd1/b:wait')!;
        return entry.end - entry.start;
      };
      // 1.5 × 3 = 4.5 min, as whole minutes 5.
      expect([minutes(4), minutes(8)]).toEqual([10, 15]);
    },
  );
  it('the clock of a tasting flight is that of its slowest way', () => {
    const choice = {
      id: 'way',
      name: 'Way',
      usual: 'quick',
      options: [
        { id: 'quick', name: 'quick' },
        { id: 'slow', name: 'slow' },
      ],
    };
    const flight = recipe([], {
      choices: [choice],
      steps: [
        step('q', { handsOnMinutes: 2, when: { choice: 'way', option: 'quick' } }),
        step('s', { handsOnMinutes: 9, when: { choice: 'way', option: 'slow' } }),
      ],
    });
    const ids = planClass(bundle({}, {}, [dish(flight, { making: { flight: 'way' } })])).timeline.clock.map(
      ({ id }) => id,
    );
    expect([ids.includes('d1/s'), ids.includes('d1/q')]).toEqual([true, false]);
  });
  it(
    'the other ways’ tools are packed too: a press for 2 of 4 ' +
      'stations while the slowest way sets the time',
    () => {
      const choice = {
        id: 'way',
        name: 'Way',
        usual: 'quick',
        options: [
          { id: 'quick', name: 'quick' },
          { id: 'slow', name: 'slow' },
        ],
      };
      const flight = recipe(['1 onion'], {
        choices: [choice],
        steps: [
          step('q', { handsOnMinutes: 2, tools: ['jug blender'], when: { choice: 'way', option: 'quick' } }),
          step('s', { handsOnMinutes: 9, tools: ['whisk'], when: { choice: 'way', option: 'slow' } }),
        ],
      });
      const { kit } = planClass(bundle({}, {}, [dish(flight, { making: { flight: 'way' } })]));
      // 14 people at 4 stations: 1 and 3 the quick way, 2 and 4 the slow one.
      expect(kit.shared.find(({ id }) => id === 'jug blender')).toMatchObject({ count: 2 });
    },
  );
  it('two stations at one batch have twice the hands: 4 people’s work each, as long as alone', () => {
    const minutes = (making: object) => {
      const chopped = recipe(['600 g carrots'], {
        serves: 4,
        steps: [step('c', { text: 'Chop.', handsOnMinutes: 4 })],
      });
      const entry = planClass({
        class: classOf([dish(chopped, { making })], { people: 16 }),
        kitchen,
      }).timeline.clock.find(({ id }) => id === 'd1/c')!;
      return entry.end - entry.start;
    };
    // One batch at a station, or two batches between two: 4 × 1.5 = 6 min.
    expect([minutes({}), minutes({ shareBatch: true })]).toEqual([6, 6]);
  });
  it('decisions that are not there are as usual', () =>
    expect(planClass(bundle(noDecisions)).shopping).toEqual(
      planClass({
        class: { ...classOf([dish(salad, { maker: 'demonstration' })]), decisions: undefined },
        kitchen,
      }).shopping,
    ));
});

describe('stock in the plan', () => {
  it('what is in date on the day of the class is not bought', () => {
    const stock: StockItem[] = [
      {
        ingredient: 'walnuts',
        amount: { low: '200', high: '200', unit: 'g' as const },
        state: '',
        useBy: '2026-11-27',
      },
    ];
    expect(row(planClass(bundle({}, { stock })), 'walnuts')).toMatchObject({ buy: 'nothing', have: '200 g' });
    expect(
      row(planClass(bundle({}, { stock: [{ ...stock[0]!, useBy: '2026-11-26' }] })), 'walnuts')!.have,
    ).toBe('');
  });
});
