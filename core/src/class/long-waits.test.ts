import { describe, expect, it } from 'vitest';
import { toNumber } from '../amounts/index.js';
import { stepKey } from '../identity/index.js';
import { planClass } from '../plan/index.js';
import { parseRecipeText } from '../recipes/index.js';
import { classOf, dish, kitchen } from '../tests/recipes.js';
import type { DishMaking } from './dish.js';
import { longWaitOf } from './long-waits.js';

const dip = parseRecipeText(
  `Smoky bean dip
Serves 6

2 tins white beans, drained
3 tbsp olive oil
1 lemon, juiced

1. Blend the beans with the oil and lemon juice until smooth.
2. Cover and chill for at least 2 hours.
3. Stir, taste and serve.`,
  { system: 'metric' },
);

function planned(making: DishMaking = {}, lengthMinutes = 120, recipe = dip) {
  const facts = {
    ...classOf([dish(recipe, { id: 'd1', recipeId: 'r1', making })]),
    people: 12,
    lengthMinutes,
  };
  return { facts, plan: planClass({ class: facts, kitchen }) };
}
const time = (lengthMinutes: number) => ({ lengthMinutes, when: {} });
const waitOf = (making: DishMaking, lengthMinutes: number) => {
  const { facts } = planned(making, lengthMinutes);
  return longWaitOf(facts.dishes[0]!, facts.dishes[0]!.recipe, time(lengthMinutes));
};
const entries = ({ plan }: ReturnType<typeof planned>) =>
  [...plan.timeline.daysBefore, ...plan.timeline.clock]
    .filter(({ ref }) => ref.dishId === 'd1' && ref.role !== 'shown')
    .map(
      ({ ref, start }) =>
        `${ref.ofSwap ? 'swap ' : ''}${ref.stepId} ${ref.role} ${start < 0 ? 'before' : 'in class'}`,
    );

describe('a wait that the class is too short for', () => {
  it('is found behind work in class, with what can be done about it', () =>
    expect(waitOf({}, 120)).toMatchObject({
      stepId: 's2',
      sentence: '“Cover and chill for at least 2 hours” takes 2 h, longer than this class allows',
      way: 'ready-made',
      ways: ['ready-made', 'ahead', 'unchilled', 'next class'],
    }));

  // Welcome, eating and clearing take 45 of its minutes: 165 − 45 leaves 120 for the wait of two hours.
  it.each([
    [164, 'longer than this class allows'],
    [165, 'among them'],
  ])('alone in a class of %i min: %s', (lengthMinutes, words) => {
    const when = { [stepKey('d1', 's2')]: 'in class' as const };
    const found = longWaitOf(dish(dip, { id: 'd1' }), dip, { lengthMinutes, when });
    expect(found!.sentence).toContain(words);
  });

  // 0.6 × 120 = 72 minutes of hands.
  it.each([
    [72, 'ready-made'],
    [73, 'ahead'],
  ])('%i min of hands-on work are made in class for home where it is worth it: %s', (minutes, remedy) => {
    const steps = dip.steps.map((step, index) => ({ ...step, handsOnMinutes: index === 0 ? minutes : 0 }));
    const worked = { ...dip, steps };
    expect(longWaitOf(dish(worked, { id: 'd1', recipeId: 'r1' }), worked, time(120))!.way).toBe(remedy);
  });

  it('left to the next class, only what comes before it is made and bought', () => {
    const oiled = parseRecipeText(
      'Dip\nServes 6\n\n2 tins white beans, drained\n3 tbsp olive oil\n\n1. Blend the beans until smooth.\n' +
        '2. Cover and chill for 2 hours.\n3. Pour the olive oil over and serve.',
      { system: 'metric' },
    );
    const found = planned({ longWait: 'next class' }, 120, oiled);
    expect(entries(found).sort()).toEqual(['s1 hands in class', 's2 hands in class']);
    expect(found.plan.timeline.status).toBe('scheduled');
    expect(found.plan.shopping.rows.map(({ ingredient }) => ingredient)).toEqual(['tinned-white-beans']);
    expect(found.plan.foodAHead.grams).toBe(0);
  });

  it('by itself a batch made ahead is eaten, and what is made in class goes home', () => {
    const found = planned();
    expect(found.plan.timeline.status).toBe('scheduled');
    expect(entries(found).sort()).toEqual([
      's1 hands in class',
      's2 hands in class',
      's3 hands in class',
      'swap s1 hands before',
      'swap s2 hands before',
      'swap s2 wait before',
    ]);
    // One more batch is bought: 12 people at stations, 2 at the bench, and the one to eat.
    const beans = (making: DishMaking) =>
      planned(making).plan.shopping.rows.find(({ ingredient }) => ingredient === 'tinned-white-beans')!.need!;
    expect(toNumber(beans({}))).toBeGreaterThan(toNumber(beans({ longWait: 'ahead' })));
  });

  it('or the steps before it are done ahead', () => {
    const found = planned({ longWait: 'ahead' });
    expect(found.plan.timeline.status).toBe('scheduled');
    expect(entries(found).sort()).toEqual([
      's1 hands before',
      's2 hands before',
      's2 wait before',
      's3 hands in class',
    ]);
  });

  it('or it is eaten unchilled', () => {
    const found = planned({ longWait: 'unchilled' });
    expect(found.plan.timeline.status).toBe('scheduled');
    expect(entries(found).sort()).toEqual(['s1 hands in class', 's2 hands in class', 's3 hands in class']);
  });

  it('a marinade is not left out; what is already ahead is no such wait', () => {
    const marinated = parseRecipeText(
      'Salad\n\n400 g mushrooms\n4 tbsp olive oil\n\n' +
        '1. Toss the mushrooms in the oil.\n2. Marinate for 3 hours.\n3. Serve.',
      { system: 'metric' },
    );
    const soaked = parseRecipeText(
      'Salad\n\n200 g dried chickpeas\n\n' +
        '1. Soak the chickpeas overnight.\n2. Boil for 50 minutes.\n3. Serve.',
      { system: 'metric' },
    );
    const found = (recipe: typeof dip) => longWaitOf(dish(recipe, { id: 'd1' }), recipe, time(150));
    expect(found(marinated)?.ways).toEqual(['ready-made', 'ahead', 'next class']);
    expect(found(soaked)).toBeNull();
  });

  it('what comes before a step that is done ahead is done ahead, whatever the recipe says', () => {
    const [, chill] = dip.steps;
    const odd = {
      ...dip,
      steps: dip.steps.map((step) => (step === chill ? { ...step, waitMinutes: null } : step)),
    };
    const found = planned({}, 120, odd);
    expect(entries(found)).toContain('s1 hands before');
  });
});
