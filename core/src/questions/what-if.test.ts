import { describe, expect, it } from 'vitest';
import { type ClassDecisions, type ClassFacts, noDecisions } from '../class/index.js';
import { planClass } from '../plan/index.js';
import { classOf, dish, kitchen, recipe, step } from '../tests/recipes.js';
import { proposeAhead } from './ahead.js';
import { clashReport } from './ways-out.js';
import { whatIfEffects } from './what-if.js';
import { withWhatIf } from './with-what-if.js';

const cut = step('cut', { place: 'before', handsOnMinutes: 10, text: 'Cut the carrots.' });
const salad = recipe([], { steps: [cut, step('toss', { after: ['cut'], text: 'Toss.' })] });
const bundle = (
  decisions: Partial<ClassDecisions> = {},
  overrides: Partial<ClassFacts> = {},
  of = salad,
) => ({
  class: classOf([dish(of)], { people: 4, ...overrides, decisions: { ...noDecisions, ...decisions } }),
  kitchen,
});
const all = ({ timeline }: ReturnType<typeof planClass>) => [...timeline.daysBefore, ...timeline.clock];
const entry = (plan: ReturnType<typeof planClass>, id: string) => all(plan).find((each) => each.id === id)!;

describe('decisions about the clock', () => {
  it('a pin stays where it was put, says so, and what comes before it makes room', () => {
    const pinned = planClass(bundle({ pins: { 'd1/cut': -60 } }));
    expect(entry(pinned, 'd1/cut')).toMatchObject({ start: -60, isPinned: true });
    expect(entry(pinned, 'd1/cut').workings.steps).toContainEqual({
      label: 'Pinned: you put it here',
      value: '17:30',
    });
    expect(pinned.timeline.status).toBe('scheduled');
  });
  it('a pin that no plan can keep is let go and named; the others stay', () => {
    // Cutting must be over before the stations are set out, before class: it cannot begin in class.
    const pinned = planClass(bundle({ pins: { 'd1/cut': 30, pack: -90 } }));
    expect(pinned.timeline).toMatchObject({ status: 'strained', brokenPins: ['d1/cut'] });
    expect(entry(pinned, 'pack').start).toBe(-90);
  });
  it('a pin of a step that is no longer there is passed over', () =>
    expect(planClass(bundle({ pins: { 'd9/gone': -60 } })).timeline.status).toBe('scheduled'));
  it('the assistant does what is given to the assistant', () => {
    expect(
      entry(planClass(bundle({ hands: { 'd1/cut': 'assistant' } }, { assistants: 1 })), 'd1/cut'),
    ).toMatchObject({ lane: 'assistant', hands: { who: 'assistant', pairs: 1 } });
    expect(entry(planClass(bundle({ hands: { 'd1/cut': 'you' } }, { assistants: 1 })), 'd1/cut').lane).toBe(
      'you',
    );
  });
  it('what may be either is the students’, or done before and listed so if that is wanted', () => {
    const open = recipe([], { steps: [step('chop', { place: 'either', handsOnMinutes: 8, text: 'Chop.' })] });
    const before = planClass(bundle({ when: { 'd1/chop': 'before' } }, {}, open));
    expect(before.timeline.ahead).toEqual([
      { stepKey: 'd1/chop', title: 'Chop', dishTitle: 'Test salad', minutes: 8, isForFit: false },
    ]);
    expect(entry(before, 'd1/chop').end).toBeLessThanOrEqual(0);
    const given = planClass(bundle({}, {}, open));
    expect(entry(given, 'd1/chop')).toMatchObject({ kind: 'students' });
    expect(given.timeline.ahead).toEqual([]);
  });
  it(
    'effort betters the plan and never makes it invalid: the ' +
      'span from first start to last end does not grow',
    () => {
      const span = (plan: ReturnType<typeof planClass>) =>
        Math.max(...all(plan).map(({ end }) => end)) - Math.min(...all(plan).map(({ start }) => start));
      const quick = planClass(bundle());
      const better = planClass(bundle(), { effort: 100, standing: quick.timeline.starts });
      expect(span(better)).toBeLessThanOrEqual(span(quick));
    },
  );
});

describe('what if', () => {
  it('one assistant more takes the packing: with two pairs of hands prep begins later', () => {
    const long = recipe([], { steps: [{ ...cut, handsOnMinutes: 40 }] });
    const [now, more] = whatIfEffects(bundle({}, {}, long), [{ kind: 'assistant' }]);
    expect(more!.firstStart).toBeGreaterThan(now!.firstStart);
  });
  it('a class 15 min longer uses a smaller share of its minutes', () => {
    const [now, more] = whatIfEffects(bundle(), [{ kind: 'longer', minutes: 15 }]);
    expect(now).toMatchObject({ whatIf: null, overrunMinutes: 0, clashes: 0 });
    expect(more!.usedPercent).toBeLessThan(now!.usedPercent);
  });
  it('changes nothing that was not asked for', () => {
    const given = bundle({ pins: { 'd1/cut': -60, pack: -90 } });
    expect(withWhatIf(given, { kind: 'unpin', task: 'pack' }).class).toEqual({
      ...given.class,
      decisions: { ...given.class.decisions, pins: { 'd1/cut': -60 } },
    });
    const twice = withWhatIf(given, { kind: 'appliance', appliance: 'oven' });
    const had = given.kitchen.appliances.find(({ appliance }) => appliance === 'oven')!.capacity;
    expect(twice.kitchen).toBe(given.kitchen);
    expect(twice.class.decisions).toEqual({ ...given.class.decisions, onTheDay: { oven: had * 2 } });
  });
});

describe('a clash and its ways out', () => {
  it('two pins on one pair of hands: both are named, and unpinning either was found to work', () => {
    // Cutting takes 10 min from −60; packing is pinned into it.
    const report = clashReport(bundle({ pins: { 'd1/cut': -60, pack: -55 } }));
    expect(report.result).toMatchObject({
      status: 'impossible',
      clash: { tasks: expect.arrayContaining(['d1/cut', 'pack']) as unknown, links: [], resources: ['you'] },
    });
    expect(report.waysOut).toContainEqual({ kind: 'unpin', task: 'pack' });
    expect(report.waysOut).toContainEqual({ kind: 'unpin', task: 'd1/cut' });
    for (const way of report.waysOut)
      expect(
        planClass(withWhatIf(bundle({ pins: { 'd1/cut': -60, pack: -55 } }), way)).timeline.brokenPins,
      ).toEqual([]);
  });
  it('a class that is too short: longer by what was found to do', () => {
    const long = recipe([], {
      steps: [
        step('knead', { handsOnMinutes: 80 }),
        step('rest', {
          text: 'Bake it.',
          handsOnMinutes: 0,
          waitMinutes: { low: 40, high: 40 },
          after: ['knead'],
        }),
      ],
    });
    // 5 welcome + 60 (80 × 1.5 ÷ 2) + 1 + 40 + 20 eating + 15 clearing = 141 > 120; 15 min more are too few,
    // 30 do.
    const report = clashReport(bundle({ when: { 'd1/knead': 'in class' } }, { lengthMinutes: 120 }, long));
    expect(report.result.status).toBe('impossible');
    expect(report.waysOut).toContainEqual({ kind: 'longer', minutes: 30 });
    expect(report.waysOut).not.toContainEqual({ kind: 'longer', minutes: 15 });
  });
  it('a class that is far too short: longer by all that it runs over', () => {
    const slow = recipe([], {
      steps: [step('bake', { text: 'Bake it.', handsOnMinutes: 0, waitMinutes: { low: 200, high: 200 } })],
    });
    const asked = bundle({}, { lengthMinutes: 90 }, slow);
    const { overrunMinutes } = planClass(asked).timeline;
    const { waysOut } = clashReport(asked);
    expect(overrunMinutes).toBeGreaterThan(60);
    expect(waysOut).toContainEqual({ kind: 'longer', minutes: overrunMinutes });
    expect(
      planClass(withWhatIf(asked, { kind: 'longer', minutes: overrunMinutes })).timeline.overrunMinutes,
    ).toBe(0);
  });
  it('what the plan added can be left out, where the class fits without it', () => {
    // 5 + 8 (5 × 1.5, rounded up) + 60 + 8 + 20 + 15 = 116 of 120 min; cooling before cutting adds 2 (1 ×
    // 1.5, rounded up) + 15.
    const peppers = recipe([], {
      steps: [
        step('roast', {
          text: 'Roast the peppers.',
          waitMinutes: { low: 60, high: 60 },
          occupies: { appliance: 'oven', setting: '' },
        }),
        step('cut', { text: 'Slice the peppers.', after: ['roast'] }),
      ],
    });
    const report = clashReport(bundle({}, { lengthMinutes: 120 }, peppers));
    expect(report.result.status).toBe('impossible');
    expect(report.waysOut[0]).toEqual({ kind: 'leave out', step: 'd1/auto-cool-roast-cut' });
    expect(
      planClass(withWhatIf(bundle({}, { lengthMinutes: 120 }, peppers), report.waysOut[0]!)).timeline
        .overrunMinutes,
    ).toBe(0);
  });
  it('a second assistant is no way out: a class has one or none', () => {
    expect(
      clashReport(bundle({ pins: { 'd1/cut': -60, pack: -55 } }, { assistants: 1 })).waysOut,
    ).not.toContainEqual({ kind: 'assistant' });
  });
  it('a plan on time has no clash', () =>
    expect(clashReport(bundle())).toMatchObject({ result: { status: 'scheduled' }, waysOut: [] }));
});

describe('what to prepare ahead', () => {
  const full = recipe([], {
    steps: [
      step('peel', { place: 'either', handsOnMinutes: 40, text: 'Peel.' }),
      step('slice', { handsOnMinutes: 20, after: ['peel'], text: 'Slice.' }),
    ],
  });
  it('moves the step that saves most until the class fits within 85 %', () => {
    // In class: 5 + 30 (40 × 1.5 ÷ 2) + 15 + 20 + 15 = 85 of 90 min, 94 %. With the peeling done before, 55
    // min: 61 %.
    const facts = bundle({ when: { 'd1/peel': 'in class' } }, { lengthMinutes: 90 }, full);
    expect(planClass(facts).timeline.usedPercent).toBe(94);
    expect(proposeAhead(facts)).toEqual([
      { whatIf: { kind: 'before', step: 'd1/peel' }, title: 'Peel', usedPercent: 61, overrunMinutes: 0 },
    ]);
  });
  it('what students are to do stays in class, and a class with room is left alone', () => {
    expect(
      proposeAhead(
        bundle({}, { lengthMinutes: 60 }, recipe([], { steps: [step('slice', { handsOnMinutes: 40 })] })),
      ),
    ).toEqual([]);
    expect(proposeAhead(bundle())).toEqual([]);
  });
  // Shown: 5 min of hands, 60 of roasting, then plating is shown.
  const roast = recipe([], {
    title: 'Roast roots',
    steps: [
      step('roast', {
        text: 'Roast the roots.',
        handsOnMinutes: 5,
        waitMinutes: { low: 60, high: 60 },
        occupies: { appliance: 'oven', setting: '' },
      }),
      step('plate', { text: 'Plate them.', after: ['roast'] }),
    ],
  });
  const shown = (overrides: Partial<ClassFacts> = {}) => ({
    class: classOf([dish(roast, { maker: 'demonstration' })], {
      people: 4,
      lengthMinutes: 90,
      demonstrationPlates: 2,
      ...overrides,
      decisions: noDecisions,
    }),
    kitchen,
  });
  it('a ready-made swap bridges a wait: plating is shown with it while the roots still roast', () => {
    // Without: 5 + 5 + 60 + 5 + 20 + 15 = 110 of 90 min. With: 5 + 5 + 5 + 20 + 15 = 50, and the tray is
    // ready before the end.
    expect(planClass(shown()).timeline.overrunMinutes).toBe(20);
    const bridged = planClass(withWhatIf(shown(), { kind: 'swap', dish: 'd1' }));
    expect(bridged.timeline).toMatchObject({ overrunMinutes: 0, usedMinutes: 50 });
    expect(entry(bridged, 'd1/plate').start).toBeLessThan(entry(bridged, 'd1/roast:wait').end);
    expect(entry(bridged, 'd1/roast:wait').end).toBeLessThanOrEqual(90);
    expect(entry(bridged, 'd1/swap/plate').end).toBeLessThanOrEqual(0);
  });
  it('it is proposed, and a way out, where the class does not fit without it: 50 of 90 min are 56 %', () => {
    expect(proposeAhead(shown())).toEqual([
      { whatIf: { kind: 'swap', dish: 'd1' }, title: 'Roast roots', usedPercent: 56, overrunMinutes: 0 },
    ]);
    expect(clashReport(shown()).waysOut).toContainEqual({ kind: 'swap', dish: 'd1' });
    expect(proposeAhead(shown({ lengthMinutes: 150 }))).toEqual([]);
  });
  it('at the stations only what is shown is bridged: their own food must be ready', () => {
    const both = recipe([], { steps: [roast.steps[0]!, { ...roast.steps[1]!, demonstrateMinutes: 4 }] });
    const plan = planClass({
      class: classOf([dish(both, { making: { swap: true } })], {
        people: 4,
        demonstrationPlates: 2,
        decisions: noDecisions,
      }),
      kitchen,
    });
    expect(entry(plan, 'd1/plate:shown').end).toBeLessThanOrEqual(entry(plan, 'd1/roast:wait').end);
    expect(entry(plan, 'd1/plate').start).toBeGreaterThanOrEqual(entry(plan, 'd1/roast:wait').end);
  });
});
