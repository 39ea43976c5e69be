import { describe, expect, it } from 'vitest';
import { toNumber } from '../amounts/index.js';
import { type ClassDecisions, noDecisions } from '../class/index.js';
import { withSubstitute } from '../class/substitute.js';
import { standardLarder } from '../larder/index.js';
import { planChanges } from '../questions/index.js';
import type { StockItem } from '../shopping/index.js';
import { classOf, dish, kitchen, recipe, step } from '../tests/recipes.js';
import { planClass } from './plan-class.js';
import { needsOfClass, usesOfClass } from './pool.js';
import type { ClassBundle } from './types.js';

const uses = (...lines: string[]) => lines.map((line) => ({ line, share: '1' as const }));
const salad = recipe(
  ['200 g walnuts', '60 ml white wine vinegar', '1 tsp capers, drained (optional)', '404 g tinned chickpeas'],
  {
    serves: 14,
    steps: [
      step('a', { text: 'Toast the walnuts and chop them.', uses: uses('l1') }),
      step('b', { text: 'Whisk the dressing.', uses: uses('l2', 'l3', 'l4'), after: ['a'] }),
    ],
  },
);
const bundle = (
  decisions: Partial<ClassDecisions> = {},
  to: Partial<ClassBundle> = {},
  dishes = [dish(salad, { maker: 'demonstration' })],
): ClassBundle => ({ class: classOf(dishes, { decisions }), kitchen, ...to });
const row = (plan: ReturnType<typeof planClass>, key: string) =>
  [...plan.shopping.rows, ...plan.shopping.covered].find((each) => each.key === key);

describe('a substitute', () => {
  const plan = planClass(bundle({ substitutes: { walnuts: 'pecans' } }));
  it('takes the place on the list, by its own ratio', () => {
    expect(row(plan, 'walnuts')).toBeUndefined();
    expect(row(plan, 'pecans')).toMatchObject({ need: '200', insteadOf: 'walnut halves' });
  });
  it('in the amounts, the allergens and the words of the steps', () => {
    expect(plan.portions.dishes[0]!.components[0]!.lines[0]).toMatchObject({
      name: 'pecan halves',
      note: 'instead of walnut halves',
    });
    expect(plan.allergens[0]!.contains.join()).toContain('pecan');
    expect(plan.timeline.clock.find(({ id }) => id === 'd1/a')!.detail).toBe(
      'Toast the pecan halves and chop them.',
    );
  });
  it('what it changes is told before it is taken', () => {
    const changes = planChanges(planClass(bundle()), plan);
    expect(
      changes
        .filter(({ about }) => about === 'amounts')
        .map(({ what, before, after }) => [what, before === 'none', after === 'none']),
    ).toEqual([
      ['walnut halves', false, true],
      ['pecan halves', true, false],
    ]);
    expect(
      changes.some(
        ({ about, before, after }) =>
          about === 'allergens' && before.includes('walnut') && after.includes('pecan'),
      ),
    ).toBe(true);
    expect(changes.find(({ about }) => about === 'steps')).toMatchObject({
      before: 'Toast the walnuts and chop them.',
      after: 'Toast the pecan halves and chop them.',
    });
  });
  it('4 : 3 for vinegar: 60 ml of white wine vinegar are 80 ml of lemon juice', () => {
    const [, line] = withSubstitute(salad, 'white-wine-vinegar', 'lemon', standardLarder, 'uk').lines;
    expect([line!.ingredient, toNumber(line!.amount!.low), line!.unit]).toEqual(['lemon', 80, 'ml']);
  });
  it(
    'a lemon is replaced for its juice alone: juice of 2 lemons, 2 ' +
      '× 35 ml × ¾ = 52.5 ml of vinegar; its zest stays',
    () => {
      const both = withSubstitute(
        recipe(['juice of 2 lemons', 'zest of 1 lemon']),
        'lemon',
        'white-wine-vinegar',
        standardLarder,
        'uk',
      );
      expect(both.lines.map(({ ingredient, amount }) => [ingredient, toNumber(amount!.low)])).toEqual([
        ['white-wine-vinegar', 52.5],
        ['lemon', 1],
      ]);
    },
  );
  it('what is no substitute changes nothing', () =>
    expect(withSubstitute(salad, 'walnuts', 'lemon', standardLarder, 'uk')).toBe(salad));
});

describe('prepared goods', () => {
  const dip = recipe(['250 g dried white beans', '2 tbsp lemon juice'], {
    serves: 14,
    steps: [
      step('s', {
        text: 'Soak the beans overnight.',
        place: 'before',
        waitMinutes: { low: 480, high: 600 },
        uses: uses('l1'),
      }),
      step('b', {
        text: 'Boil the beans hard in fresh water.',
        place: 'before',
        waitMinutes: { low: 60, high: 80 },
        occupies: { appliance: 'hob', setting: '' },
        after: ['s'],
      }),
      step('m', { text: 'Mash them with the lemon.', uses: uses('l2'), after: ['b'] }),
    ],
  });
  const tinned = withSubstitute(dip, 'dried-white-beans', 'tinned-white-beans', standardLarder, 'uk');
  it('trade money for minutes: 4 × 250 g in tins, and the soak and the boil fall away', () => {
    expect([tinned.lines[0]!.ingredient, tinned.lines[0]!.amount!.low]).toEqual([
      'tinned-white-beans',
      '1000',
    ]);
    expect(tinned.steps.map(({ handsOnMinutes, waitMinutes }) => [handsOnMinutes, waitMinutes])).toEqual([
      [1, null],
      [1, null],
      [5, null],
    ]);
    expect(tinned.steps[0]!.text).toBe(
      'Open the tinned white beans: ready to use. (Instead of: Soak the beans overnight.)',
    );
  });
  it('both are told before one is taken: what is bought, and the days before that go', () => {
    const before = planClass(bundle({}, {}, [dish(dip, { maker: 'made ahead' })]));
    const after = planClass(
      bundle({ substitutes: { 'dried-white-beans': 'tinned-white-beans' } }, {}, [
        dish(dip, { maker: 'made ahead' }),
      ]),
    );
    const prepIn = ({ timeline }: typeof before) =>
      timeline.daysBefore.filter(({ kind }) => kind !== 'buy').length;
    expect([prepIn(before) > 0, prepIn(after)]).toEqual([true, 0]);
    expect(
      planChanges(before, after)
        .filter(({ about }) => about === 'amounts')
        .map(({ what }) => what),
    ).toEqual(['dried white beans', 'tinned white beans']);
  });
});

describe('leaving out and making do', () => {
  it('an optional thing that is skipped is on no list and in no step', () => {
    const plan = planClass(bundle({ skipped: ['capers'] }));
    expect([row(planClass(bundle()), 'capers') !== undefined, row(plan, 'capers')]).toEqual([
      true,
      undefined,
    ]);
    expect(plan.portions.dishes[0]!.components[0]!.lines).toHaveLength(3);
    expect(plan.warnings.filter(({ id }) => id.includes('unused'))).toEqual([]);
  });
  it('what is not optional is not skipped', () =>
    expect(row(planClass(bundle({ skipped: ['walnuts'] })), 'walnuts')).toBeDefined());
  it('making do lowers the use to what one tin holds: 404 × 100/101 = 400 g, 1 tin', () => {
    const plan = planClass(bundle({ madeDo: { 'tinned-chickpeas': '100/101' } }));
    expect(row(plan, 'tinned-chickpeas')).toMatchObject({ need: '400', buy: '1 tin of 400 g' });
    expect(plan.portions.dishes[0]!.components[0]!.lines[3]!.total.amount!.low).toBe('400');
  });
  it('no more than 2 % is made do with', () =>
    expect(
      row(planClass(bundle({ madeDo: { 'tinned-chickpeas': '1/2' } })), 'tinned-chickpeas'),
    ).toMatchObject({ need: '404' }));
});

describe('budget and other classes', () => {
  const priced = { ...kitchen, larder: [{ ingredient: 'walnuts', figures: { 'price.0': 5 }, own: null }] };
  it('over the budget is a warning that names the dearest', () => {
    const found = planClass(bundle({ budget: 1 }, { kitchen: priced })).warnings.find(
      ({ id }) => id === 'budget',
    );
    expect(found).toMatchObject({
      place: 'shopping',
      level: 'clash',
      remedy: expect.stringContaining('walnut'),
    });
    expect(
      planClass(bundle({ budget: 1000 }, { kitchen: priced })).warnings.some(({ id }) => id === 'budget'),
    ).toBe(false);
  });
  const other = classOf(
    [dish(recipe(['300 g walnuts'], { serves: 14 }), { id: 'd9', maker: 'demonstration' })],
    { id: 'other', title: 'Other class', startsAt: '2026-11-29T18:30' },
  );
  it('bought for together: 200 + 300 g of walnuts in one row, once rounded', () =>
    expect(row(planClass(bundle({}, { together: [other] })), 'walnuts')).toMatchObject({
      need: '500',
      dishes: ['Test salad', 'Other class: Test salad'],
    }));
  it('what another class wants is told by ingredient, as purchased', () =>
    expect(needsOfClass(other, kitchen)).toEqual({
      classId: 'other',
      title: 'Other class',
      date: '2026-11-29',
      needs: { walnuts: '300' },
    }));
  it('uses of a class carry its title and date', () =>
    expect(usesOfClass(other, kitchen)[0]).toMatchObject({
      dishTitle: 'Other class: Test salad',
      date: '2026-11-29',
    }));
});

describe('room', () => {
  it('more stations than benches, or more people than a bench has room for, is a clash', () => {
    const ids = (count: number, peopleEach: number) =>
      planClass({ ...bundle(), kitchen: { ...kitchen, benches: { count, peopleEach } } })
        .warnings.filter(({ place }) => place === 'people')
        .map(({ id }) => id);
    // 14 people by up to 4 are 4 stations.
    expect([ids(4, 4), ids(3, 4), ids(4, 3)]).toEqual([[], ['benches'], ['bench-room']]);
  });
});

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
