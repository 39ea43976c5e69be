import { describe, expect, it } from 'vitest';
import type { DecidedDish } from '../../class/index.js';
import type { StepKey } from '../../identity/index.js';
import { standardLarder } from '../../larder/index.js';
import type { Recipe } from '../../recipes/index.js';
import { dish, recipe, step } from '../../tests/recipes.js';
import { leftOutOf, withAddedSteps } from './added-steps.js';

const use = (...lines: string[]) => lines.map((line) => ({ line, share: '1' as const }));
const added = (of: Recipe, leftOut: StepKey[] = []) =>
  withAddedSteps(dish(of) as DecidedDish, standardLarder, leftOut).recipe.steps;
const addedIds = (of: Recipe) =>
  added(of)
    .filter((each) => each.addedFor)
    .map(({ id }) => id);
const dressed = (
  to: Parameters<typeof step>[1],
  lines = ['1 tbsp cider vinegar', '3 tbsp olive oil'],
  pour = 'Toss the leaves with it.',
) =>
  recipe(lines, {
    components: [{ id: 'c1', name: 'Dressing', role: 'dressing' }],
    steps: [
      step('make', {
        text: 'Whisk the dressing.',
        techniques: ['whisk-dressing'],
        uses: use('l1', 'l2'),
        ...to,
      }),
      step('pour', { text: pour, after: ['make'] }),
    ],
  });

describe('a dressing is mixed again just before it is poured', () => {
  it('where it may stand longer than it holds: 30 min against 10 without mustard', () => {
    const steps = added(dressed({ holdMinutes: 30 }));
    expect(steps.map(({ id }) => id)).toEqual(['make', 'auto-mix-make-pour', 'pour']);
    expect(steps[1]).toMatchObject({
      after: ['make'],
      handsOnMinutes: 1,
      holdMinutes: 10,
      place: 'in class',
      addedFor: 'It separates after about 10 min, and the recipe lets it stand longer.',
    });
    expect(steps[2]!.after).toEqual(['auto-mix-make-pour']);
  });
  it('where nothing says how long it may stand', () =>
    expect(addedIds(dressed({ holdMinutes: null }))).toEqual(['auto-mix-make-pour']));
  it('not where it is poured in time', () => expect(addedIds(dressed({ holdMinutes: 10 }))).toEqual([]));
  it('with mustard it holds 45 min whisked, and 10 shaken', () => {
    const mustard = ['1 tsp Dijon mustard', '3 tbsp olive oil'];
    expect(addedIds(dressed({ holdMinutes: 45 }, mustard))).toEqual([]);
    expect(addedIds(dressed({ holdMinutes: 46 }, mustard))).toEqual(['auto-mix-make-pour']);
    expect(addedIds(dressed({ holdMinutes: 45, techniques: ['shake-dressing'] }, mustard))).toEqual([
      'auto-mix-make-pour',
    ]);
  });
  it('not where the recipe says so itself, or nothing is poured', () => {
    expect(addedIds(dressed({ holdMinutes: 30 }, undefined, 'Shake it again and toss the leaves.'))).toEqual(
      [],
    );
    expect(addedIds(dressed({ holdMinutes: 30 }, undefined, 'Soak the onion in it.'))).toEqual([]);
  });
  it('not a blended one, which holds for hours', () =>
    expect(addedIds(dressed({ holdMinutes: 240, techniques: ['stick-blend'] }))).toEqual([]));
});

describe('a dressing out of the cold', () => {
  it('that was made before and keeps for days is taken out half an hour before, then mixed', () => {
    const steps = added(dressed({ holdMinutes: 10_080, place: 'before' }));
    expect(steps.map(({ id, after }) => [id, after])).toEqual([
      ['make', []],
      ['auto-out-make-pour', ['make']],
      ['auto-mix-make-pour', ['auto-out-make-pour']],
      ['pour', ['auto-mix-make-pour']],
    ]);
    expect(steps[1]!.waitMinutes).toEqual({ low: 30, high: 30 });
  });
  it('not without oil, and not what is made in class', () => {
    expect(
      addedIds(dressed({ holdMinutes: 10_080, place: 'before' }, ['100 g yoghurt', '1 tbsp lemon juice'])),
    ).toEqual(['auto-mix-make-pour']);
    expect(addedIds(dressed({ holdMinutes: 10_080, place: 'in class' }))).toEqual(['auto-mix-make-pour']);
  });
});

describe('cooling before cutting', () => {
  const roast = (text: string, next: string, to: Parameters<typeof step>[1] = {}) =>
    recipe([], {
      steps: [
        step('roast', {
          text,
          waitMinutes: { low: 20, high: 30 },
          occupies: { appliance: 'oven', setting: '200 °C' },
          holdMinutes: 120,
          place: 'before',
          ...to,
        }),
        step('cut', { text: next, after: ['roast'] }),
      ],
    });
  it('what comes out of the oven is left until it can be handled', () => {
    const steps = added(roast('Roast the peppers.', 'Peel the peppers and slice them.'));
    expect(steps[1]).toMatchObject({
      id: 'auto-cool-roast-cut',
      place: 'before',
      waitMinutes: { low: 10, high: 15 },
      holdMinutes: 120,
      addedFor: '“Roast the peppers” comes out hot, and “Peel the peppers and slice them” handles it.',
    });
  });
  it('and so is what meets leaves', () =>
    expect(addedIds(roast('Roast the peppers.', 'Toss with the rocket.'))).toHaveLength(1));
  it('never before a covering that steams: it must go in hot', () => {
    const covered = 'Cover them with a plate for 15 minutes, then peel and slice them.';
    expect(addedIds(roast('Roast the peppers.', covered))).toEqual([]);
  });
  it('not where the recipe cools it, or wants it warm', () => {
    expect(addedIds(roast('Roast the peppers and let them cool.', 'Slice them.'))).toEqual([]);
    expect(addedIds(roast('Roast the peppers.', 'Slice them while warm.'))).toEqual([]);
  });
  it('not what was in the cold, and not what nobody handles', () => {
    expect(
      addedIds(
        roast('Set the peppers aside.', 'Slice them.', { occupies: { appliance: 'fridge', setting: '' } }),
      ),
    ).toEqual([]);
    expect(addedIds(roast('Roast the peppers.', 'Blend with the oil.'))).toEqual([]);
  });
});

describe('thawing and softening', () => {
  const peas = (text: string, to: Parameters<typeof step>[1] = {}) =>
    recipe(['200 g frozen peas'], { steps: [step('s1', { text, uses: use('l1'), ...to })] });
  it('frozen peas that are crushed raw thaw in the cold overnight, 8 to 12 hours', () => {
    const [thaw, crush] = added(peas('Crush the peas with mint.'));
    expect(thaw).toMatchObject({
      id: 'auto-thaw-l1',
      place: 'before',
      waitMinutes: { low: 480, high: 720 },
      occupies: { appliance: 'fridge' },
      uses: [{ line: 'l1', share: '0' as const }],
    });
    expect(crush!.after).toEqual(['auto-thaw-l1']);
  });
  it('not those that are boiled, by their words or on the hob', () => {
    expect(addedIds(peas('Boil the peas two minutes.'))).toEqual([]);
    expect(addedIds(peas('Cook the peas.', { occupies: { appliance: 'hob', setting: '' } }))).toEqual([]);
  });
  it('butter that is wanted soft comes out an hour before, and stays so for two', () => {
    const [out] = added(
      recipe(['100 g butter, softened'], {
        steps: [step('s1', { text: 'Beat the butter.', uses: use('l1') })],
      }),
    );
    expect(out).toMatchObject({
      id: 'auto-soften-l1',
      waitMinutes: { low: 45, high: 60 },
      holdMinutes: 120,
    });
  });
});

describe('marinades end in time', () => {
  const marinade = (line: string, holdMinutes: number | null, acid = '2 tbsp lemon juice') =>
    added(
      recipe([line, acid], {
        steps: [
          step('s1', {
            text: 'Marinate it in the juice.',
            waitMinutes: { low: 15, high: 20 },
            uses: use('l1', 'l2'),
            holdMinutes,
          }),
          step('s2', { after: ['s1'] }),
        ],
      }),
    )[0]!.holdMinutes;
  it('prawns in lemon: 30 − 20 = 10 min until they are used', () =>
    expect(marinade('300 g prawns', null)).toBe(10));
  it('chicken: 240 − 20 = 220', () => expect(marinade('300 g chicken breast', null)).toBe(220));
  it('a shorter time in the recipe stands, a longer one does not', () => {
    expect(marinade('300 g prawns', 5)).toBe(5);
    expect(marinade('300 g prawns', 600)).toBe(10);
  });
  it('without acid, and of vegetables, nothing is said', () => {
    expect(marinade('300 g prawns', null, '2 tbsp olive oil')).toBeNull();
    expect(marinade('300 g courgettes', null)).toBeNull();
  });
});

describe('what the instructor leaves out', () => {
  const of = dressed({ holdMinutes: 10_080, place: 'before' });
  it('is not planned, and the rest closes up', () =>
    expect(added(of, ['d1/auto-out-make-pour']).map(({ id, after }) => [id, after])).toEqual([
      ['make', []],
      ['auto-mix-make-pour', ['make']],
      ['pour', ['auto-mix-make-pour']],
    ]));
  it('can be named, to be put back', () =>
    expect(
      leftOutOf(dish(of) as DecidedDish, standardLarder, ['d1/auto-out-make-pour', 'd2/auto-x']),
    ).toEqual([
      {
        stepKey: 'd1/auto-out-make-pour',
        title: 'Take the dressing out of the cold',
        dishTitle: 'Test salad',
        why: 'Oil sets in the cold.',
      },
    ]));
  it('a plain recipe stays as it is', () => {
    const plain = recipe([], { steps: [step('s1'), step('s2', { after: ['s1'] })] });
    expect(withAddedSteps(dish(plain) as DecidedDish, standardLarder).recipe).toEqual(plain);
  });
});
