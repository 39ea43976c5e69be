import { describe, expect, it } from 'vitest';
import { toNumber } from '../amounts/index.js';
import { withSubstitute } from '../class/substitute.js';
import { standardLarder } from '../larder/index.js';
import { planChanges } from '../questions/index.js';
import { bundle, row, salad, uses } from '../tests/decided-class.js';
import { classOf, dish, kitchen, recipe, step } from '../tests/recipes.js';
import { planClass } from './plan-class.js';
import { needsOfClass, usesOfClass } from './pool.js';

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
  it('of a fruit the step keeps its words, as only the juice is replaced, and says so at its end', () => {
    const juiced = recipe(['juice of 2 lemons'], {
      steps: [step('a', { text: 'Grate the lemon and squeeze it.', uses: uses('l1') })],
    });
    const [changed] = withSubstitute(juiced, 'lemon', 'white-wine-vinegar', standardLarder, 'uk').steps;
    expect(changed!.text).toBe('Grate the lemon and squeeze it. (Use white wine vinegar instead of lemon.)');
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
      [...timeline.daysBefore, ...timeline.clock].filter(({ kind, start }) => kind === 'wait' && start < 0)
        .length;
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
  it('just what the budget is, is not over it', () => {
    const total = planClass(bundle({}, { kitchen: priced })).shopping.cost.total;
    const warned = (budget: number) =>
      planClass(bundle({ budget }, { kitchen: priced })).warnings.some(({ id }) => id === 'budget');
    expect([warned(total), warned(total - 0.01)]).toEqual([false, true]);
    const over = planClass(bundle({ budget: total - 2 }, { kitchen: priced })).warnings;
    expect(over.find(({ id }) => id === 'budget')!.sentence).toBe('Over the budget by about £2.00');
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
        .warnings.map(({ id }) => id)
        .filter((id) => id.startsWith('bench'));
    // 14 people by up to 4 are 4 stations.
    expect([ids(4, 4), ids(3, 4), ids(4, 3)]).toEqual([[], ['benches'], ['bench-room']]);
  });
});
