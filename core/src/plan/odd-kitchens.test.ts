import { describe, expect, it } from 'vitest';
import { appliancesOf, kitchenOfClass, type KitchenAppliance, type KitchenFacts } from '../class/index.js';
import type { LocalDateTime } from '../identity/index.js';
import { withWhatIf } from '../questions/index.js';
import { classOf, dish, kitchen, recipe, step } from '../tests/recipes.js';
import { planClass } from './plan-class.js';

const warmed = recipe(['200 g white rice'], {
  title: 'Warm rice salad',
  steps: [
    step('warm', {
      text: 'Warm the rice.',
      waitMinutes: { low: 10, high: 10 },
      occupies: { appliance: 'microwave', setting: '' },
      uses: [{ line: 'l1', share: '1' }],
    }),
    step('toss', { text: 'Toss the rice.', after: ['warm'], uses: [] }),
  ],
});
const microwave = (capacity: number, heatMinutes = 0): KitchenAppliance => ({
  appliance: 'microwave',
  capacity,
  heatMinutes,
  settings: '',
});
const planIn = (
  overrides: Partial<KitchenFacts>,
  of = warmed,
  startsAt: LocalDateTime = '2026-11-27T18:30',
) =>
  planClass({
    class: classOf([dish(of)], { people: 8, startsAt }),
    kitchen: { ...kitchen, appliances: [...kitchen.appliances, microwave(1)], ...overrides },
  });
const clashes = (plan: ReturnType<typeof planIn>) => plan.timeline.clashes.map(({ sentence }) => sentence);

describe('appliances', () => {
  it('two rows of one appliance are two of it: 1 + 2 places, 5 min to heat as the slower', () =>
    expect(appliancesOf({ appliances: [microwave(1, 5), microwave(2, 3), microwave(0, 9)] })).toEqual([
      { appliance: 'microwave', capacity: 3, heatMinutes: 5, settings: '' },
    ]));
  it('two microwaves are planned with: both stations warm theirs at once', () => {
    const one = planIn({ appliances: [microwave(1)] }).timeline;
    const two = planIn({ appliances: [microwave(1), microwave(1)] }).timeline;
    const warming = (of: typeof one) => {
      const { start, end } = of.clock.find(({ id }) => id === 'd1/warm:wait')!;
      return end - start;
    };
    // 8 people are two stations: ten minutes one after the other, or side by side.
    expect([warming(one), warming(two)]).toEqual([20, 10]);
  });
  it('what if there were twice as many: 2 × (1 + 1) places, for this class alone', () => {
    const two = { ...kitchen, appliances: [microwave(1), microwave(1)] };
    const { kitchen: same, class: facts } = withWhatIf(
      { class: classOf([dish(warmed)]), kitchen: two },
      { kind: 'appliance', appliance: 'microwave' },
    );
    expect(same).toBe(two);
    expect(appliancesOf(kitchenOfClass(same, facts))).toEqual([microwave(4)]);
  });
  it.each([
    ['none of it', []],
    ['no place in it', [microwave(0, 15)]],
  ])('a kitchen that has %s has a plan, and a sentence', (_, appliances) => {
    const { timeline, warnings } = planIn({ appliances });
    expect(timeline.clashes.map(({ sentence }) => sentence)).toEqual([
      '“Warm the rice” wants the microwave, and there is none for this class',
    ]);
    expect(timeline.clock.some(({ id }) => id === 'd1/warm')).toBe(true);
    expect(warnings.find(({ id }) => id === 'appliance:microwave')).toMatchObject({
      level: 'clash',
      sentence: 'The kitchen has no microwave, and “Warm rice salad” wants one',
    });
  });
  it('is named once, where its ways out are', () =>
    expect(
      planIn({ appliances: [] }).warnings.filter(({ sentence }) => /no microwave/.test(sentence)),
    ).toEqual([expect.objectContaining({ id: 'appliance:microwave', place: 'kit' })]));
  it('what it has is not said to be missing', () =>
    expect(
      planIn({ appliances: [microwave(1)] }).warnings.some(({ id }) => id.startsWith('appliance:')),
    ).toBe(false));
});

describe('hours', () => {
  it('closed on every day, it is planned as if open on the day of the class, and that is said', () => {
    const plan = planIn({ closedDays: [0, 1, 2, 3, 4, 5, 6] });
    expect(plan.timeline.status).toBe('strained');
    expect(clashes(plan)).toEqual([
      expect.stringMatching(/^The kitchen is closed when \d+ jobs are done, the first “.+”, Fri 1\d:\d\d$/),
    ]);
  });
  it('a class before the kitchen opens is set out on the evening before', () => {
    const plan = planIn({ opens: '08:00', closes: '22:00' }, warmed, '2026-11-27T07:00');
    expect(clashes(plan)).toEqual([]);
    expect(plan.timeline.daysBefore.find(({ id }) => id === 'set-out')).toMatchObject({
      localDate: '2026-11-26',
    });
    expect(plan.timeline.clock.find(({ id }) => id === 'welcome')!.localTime).toBe('07:00');
  });
  it('where it was closed then too, at whatever hour, and that is said', () => {
    const plan = planIn({ closedDays: [0, 1, 2, 3, 4, 6] }, warmed, '2026-11-27T07:00');
    expect(clashes(plan).join()).toMatch(/^The kitchen is closed when .+ Fri 0[456]:\d\d$/);
  });
  it('within its hours nothing is said', () => expect(clashes(planIn({}))).toEqual([]));
  it('a class that runs into closing time is on, so staff are there', () =>
    expect(clashes(planIn({ closes: '19:00' }))).toEqual([]));
});
