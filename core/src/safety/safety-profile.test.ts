import { describe, expect, it } from 'vitest';
import type { SafetyProfile } from '../class/index.js';
import { planClass } from '../plan/index.js';
import { classOf, dish, kitchen, recipe, step } from '../tests/recipes.js';
import { safetyFacts, safetyFigures, showCelsius } from './profile.js';

const use = (...lines: string[]) => lines.map((line) => ({ line, share: '1' as const }));
const uk: SafetyProfile = { style: 'uk', own: {} };
const us: SafetyProfile = { style: 'us', own: {} };
const fridge = { appliance: 'fridge', setting: '' } as const;
const hob = { appliance: 'hob', setting: '' } as const;

describe('a safety profile', () => {
  it('every figure has its source', () => {
    expect(
      safetyFacts({ style: 'uk', own: { coldCelsius: 5 } }).map(({ figure, value, source }) => [
        figure,
        value,
        source,
      ]),
    ).toEqual([
      ['coldCelsius', 5, 'your own'],
      ['hotCelsius', 63, 'general advice'],
      ['coldOutMinutes', 240, 'general advice'],
      ['hotOutMinutes', 120, 'general advice'],
      ['chillWithinMinutes', 90, 'general advice'],
      ['coldThroughMinutes', null, 'not set'],
      ['reheatCelsius', 75, 'general advice'],
      ['beansBoilMinutes', 10, 'general advice'],
      ['roomCelsius', null, 'not set'],
    ]);
    expect(
      safetyFacts({ style: 'eu', own: {} }).every(
        ({ value, source }) => value === null && source === 'not set',
      ),
    ).toBe(true);
  });
  it('temperatures in the reader’s words: 8 × 1.8 + 32 = 46.4', () =>
    expect([showCelsius(8, 'uk'), showCelsius(8, 'us')]).toEqual(['8 °C', '46 °F']));
  it('US-style: 5 and 57 °C, 2 h, cooled within 2 h', () =>
    expect(safetyFigures(us)).toEqual({
      coldCelsius: 5,
      hotCelsius: 57,
      coldOutMinutes: 120,
      hotOutMinutes: 120,
      chillWithinMinutes: 120,
      coldThroughMinutes: 360,
      roomCelsius: null,
      reheatCelsius: 74,
      beansBoilMinutes: 30,
    }));
  it('Scotland heats again to 82 °C, and a licensed kitchen that writes its times has 4 h', () => {
    expect(safetyFigures({ style: 'scotland', own: {} })).toMatchObject({
      reheatCelsius: 82,
      coldOutMinutes: 240,
    });
    expect(safetyFigures({ style: 'us-licensed', own: {} })).toMatchObject({
      coldOutMinutes: 240,
      coldCelsius: 5,
    });
  });
});

describe('in the plan of a class', () => {
  const salad = recipe(['200 g yoghurt', '100 g rocket'], {
    title: 'Yoghurt leaves',
    steps: [
      step('stir', { uses: use('l1'), handsOnMinutes: 5, place: 'before', holdMinutes: 600 }),
      step('toss', { uses: use('l2'), after: ['stir'], waitMinutes: { low: 80, high: 80 } }),
    ],
  });
  const planned = (safety: SafetyProfile) =>
    planClass({ class: classOf([dish(salad)]), kitchen: { ...kitchen, safety } });
  it('warns with the figures and a remedy that defers to the local code', () => {
    // US-style: 120 min; the salad alone waits 80 min after the welcome, and 20 min of eating follow.
    const found = planned(us).warnings.find(({ id }) => id.startsWith('cold:'))!;
    expect(found).toMatchObject({
      place: 'timeline',
      level: 'harm',
      sentence: expect.stringMatching(
        /^“Yoghurt leaves”: the yoghurt is out of the cold for .*, and your safety profile allows 2 h$/,
      ),
    });
    expect(found.remedy).toBe(
      'Take this food out later, or put it back into the cold (5 °C or under) between two ' +
        'steps. Follow your local food code and a qualified person’s advice.',
    );
  });
  it('speaks °F in US words: 5 × 1.8 + 32 = 41', () => {
    const { warnings } = planClass({
      class: classOf([dish(salad)]),
      kitchen: { ...kitchen, safety: us, english: 'us' },
    });
    expect(warnings.find(({ id }) => id.startsWith('cold:'))!.remedy).toContain('the cold (41 °F or under)');
  });
  it('says nothing within the limit, and shows the count with its workings', () => {
    const plan = planned(uk);
    expect(plan.warnings.some(({ id }) => id.startsWith('cold:'))).toBe(false);
    const [found] = plan.outOfCold;
    expect(found!.minutes).toBe(
      plan.timeline.eatMinute +
        20 -
        [...plan.timeline.daysBefore, ...plan.timeline.clock].find(({ id }) => id === 'd1/stir')!.start,
    );
    expect(found!.workings.estimated).toBe(true);
    expect(found!.workings.steps.at(-1)).toMatchObject({
      label: 'Your safety profile allows',
      value: '240 min',
    });
  });
  it('a ready-made swap is counted by itself: it stands since before class', () => {
    const plan = planClass({
      class: classOf([
        dish(recipe(['200 g yoghurt'], { title: 'Dip', steps: [step('stir', { uses: use('l1') })] }), {
          making: { swap: true },
        }),
      ]),
      kitchen,
    });
    const [own, swap] = plan.outOfCold;
    const start = [...plan.timeline.daysBefore, ...plan.timeline.clock].find(
      ({ id }) => id === 'd1/swap/stir',
    )!.start;
    expect(own).toMatchObject({ dishId: 'd1', dishTitle: 'Dip' });
    expect(swap).toMatchObject({
      dishId: 'd1',
      dishTitle: 'Dip, ready-made swap',
      minutes: plan.timeline.eatMinute + 20 - start,
    });
  });
  it('rice that comes into the cold too late after cooking is named', () => {
    const rice = recipe(['200 g white rice'], {
      title: 'Rice',
      steps: [
        step('boil', { place: 'before', uses: use('l1'), waitMinutes: { low: 15, high: 15 }, occupies: hob }),
        step('spread', { place: 'before', after: ['boil'], waitMinutes: { low: 100, high: 100 } }),
        step('chill', {
          place: 'before',
          after: ['spread'],
          waitMinutes: { low: 60, high: 60 },
          occupies: fridge,
        }),
        step('toss', { after: ['chill'] }),
      ],
    });
    const found = planClass({ class: classOf([dish(rice)]), kitchen }).warnings.find(({ id }) =>
      id.startsWith('chill:'),
    )!;
    expect(found.sentence).toMatch(
      /^“Rice”: the white rice comes into the cold 1 h 4\d min after the heat, and your safety profile allows 90 min$|^“Rice”: the white rice comes into the cold .* after the heat, and your safety profile allows 1 h 30 min$/,
    );
  });
});
