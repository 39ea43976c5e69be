import { describe, expect, it } from 'vitest';
import { type ClassDecisions, type ClassFacts, noDecisions } from '../class/index.js';
import { planClass } from '../plan/index.js';
import { classOf, dish, kitchen, recipe, step } from '../tests/recipes.js';
import { rehearsalProblem, rehearseClass } from './rehearse.js';
import { rehearsedSpare, spareInWords } from './spare.js';

const salad = recipe([], {
  steps: [
    step('chop', { handsOnMinutes: 20, text: 'Chop the vegetables.', demonstrateMinutes: 4 }),
    step('roast', {
      handsOnMinutes: 2,
      waitMinutes: { low: 15, high: 20 },
      occupies: { appliance: 'oven', setting: '200 °C' },
      after: ['chop'],
      text: 'Roast them.',
    }),
    step('herbs', { place: 'either', handsOnMinutes: 12, text: 'Pick the herbs.' }),
    step('dress', { after: ['roast', 'herbs'], text: 'Dress.' }),
  ],
});
const bundle = (overrides: Partial<ClassFacts> = {}, decisions: Partial<ClassDecisions> = {}) => ({
  class: classOf([dish(salad)], {
    demonstrationPlates: 2,
    decisions: { ...noDecisions, ...decisions },
    ...overrides,
  }),
  kitchen,
});
/** The students chop and roast, however short the class. */
const theirs = { when: { 'd1/chop': 'in class', 'd1/roast': 'in class' } } as const;
const options = { runs: 400, seed: 3, group: 'mixed' as const };

describe('a class as it is rehearsed', () => {
  const given = bundle();
  const problem = rehearsalProblem(given, planClass(given).timeline, 'mixed');
  const byId = (id: string) => problem.steps.find((each) => each.id === id)!;
  it('has a station for each bench, and the places of the kitchen', () =>
    expect(problem).toMatchObject({
      stations: 4,
      classMinutes: 150,
      spread: 0.25,
      places: { oven: kitchen.appliances.find(({ appliance }) => appliance === 'oven')!.capacity },
    }));
  it('work at the stations is each station’s own, as long as planned, and half of that at the least', () => {
    // 20 min × 1 batch × 1.5 for people who are learning, by two pairs of hands: 15 min.
    expect(byId('d1/chop')).toMatchObject({
      by: 'stations',
      pairs: 2,
      minutes: 15,
      least: 8,
      appliance: null,
    });
  });
  it('a wait is between its low and its high, takes a place in the oven and no hands', () =>
    expect(byId('d1/roast:wait')).toMatchObject({
      by: 'stations',
      pairs: 0,
      minutes: 20,
      least: 15,
      appliance: 'oven',
      after: ['d1/roast', 'heat:oven:200 °C'],
    }));
  it('demonstrations, the welcome, eating and clearing are for all; the fixed ones do not vary', () => {
    expect(byId('d1/chop:shown')).toMatchObject({ by: 'all', minutes: 4, least: 2 });
    expect(byId('welcome')).toMatchObject({ by: 'all', minutes: 5, least: 5 });
  });
  it('what is done before class is not played', () => {
    const ahead = bundle({}, { when: { 'd1/herbs': 'before' } });
    const played = rehearsalProblem(ahead, planClass(ahead).timeline, 'mixed').steps;
    expect(played.some(({ id }) => id === 'pack' || id === 'd1/herbs')).toBe(false);
  });
});

describe('the chance to end on time', () => {
  it('is high where there is room, and falls with a shorter class', () => {
    const roomy = rehearseClass(bundle(), options);
    const tight = rehearseClass(bundle({ lengthMinutes: 85 }, theirs), options);
    expect(roomy.onTime).toBeGreaterThan(0.95);
    expect(tight.onTime).toBeLessThan(roomy.onTime);
    expect(roomy.early).toBeLessThanOrEqual(roomy.median);
    expect(roomy.median).toBeLessThanOrEqual(roomy.late);
  });
  it('the plan’s own spare is that of the rehearsals, with what is drawn beside it', () => {
    const given = bundle();
    const { timeline } = planClass(given);
    const spare = rehearsedSpare(given, timeline.starts);
    const { median, onTime } = rehearseClass(given, { ...options, seed: 1, standing: timeline.starts });
    expect(spare).toMatchObject({
      minutes: 150 - median,
      drawnMinutes: timeline.spareMinutes,
      onTimePercent: Math.round(onTime * 100),
    });
    expect(spare.minutes).toBeLessThanOrEqual(spare.drawnMinutes);
    expect(spareInWords({ ...spare, minutes: 31, drawnMinutes: 44 })).toBe(
      'about 31 min to spare (44 min as planned)',
    );
    expect(spareInWords({ ...spare, minutes: -6, drawnMinutes: -2 })).toBe(
      'likely 6 min over (2 min as planned)',
    );
  });
  it('falls with a group that is further apart', () => {
    const tight = bundle({ lengthMinutes: 95 }, theirs);
    expect(rehearseClass(tight, { ...options, group: 'very mixed' }).late).toBeGreaterThan(
      rehearseClass(tight, { ...options, group: 'even' }).late,
    );
  });
  it('names what one change would gain, the most first, and only what gains', () => {
    const tight = rehearseClass(bundle({ lengthMinutes: 85 }, theirs), options);
    expect(tight.gains.map(({ whatIf }) => whatIf.kind)).toContain('longer');
    for (const gain of tight.gains)
      expect(gain.onTime > tight.onTime || gain.median < tight.median).toBe(true);
    expect([...tight.gains].sort((a, b) => b.onTime - a.onTime || a.median - b.median)).toEqual(tight.gains);
  });
  it('a costly step that may be done before is proposed so', () => {
    const picking = recipe([], {
      steps: [step('herbs', { place: 'either', handsOnMinutes: 60, text: 'Pick the herbs.' })],
    });
    const rehearsal = rehearseClass(
      bundle({ lengthMinutes: 85, dishes: [dish(picking)] }, { when: { 'd1/herbs': 'in class' } }),
      options,
    );
    expect(rehearsal.costly[0]!.id).toBe('d1/herbs');
    expect(rehearsal.gains[0]).toMatchObject({ whatIf: { kind: 'before', step: 'd1/herbs' }, onTime: 1 });
    expect(rehearsal.costly.length).toBeLessThanOrEqual(3);
  });
  it('plays the plan that stands: chopping before the roast goes in puts the end off', () => {
    // At a station of two, chopping (20 × 1.5 ÷ 2 = 15 min) takes both; the roast waits 40 min.
    const roots = recipe([], {
      steps: [
        step('chop', { handsOnMinutes: 20 }),
        step('load', { waitMinutes: { low: 40, high: 40 } }),
        step('dress', { after: ['chop', 'load'] }),
      ],
    });
    const of = (pins: Record<string, number>) =>
      bundle({ dishes: [dish(roots)], people: 2, peoplePerStation: 2 }, { pins });
    const standing = (pins: Record<string, number>) => planClass(of(pins)).timeline.starts;
    const end = (pins: Record<string, number>) =>
      rehearseClass(of({}), { ...options, runs: 4000, group: 'even', standing: standing(pins) }).median;
    // Half of what chopping takes (15 ÷ 2 = 7.5) at the least, in so many runs that chance is no part of it.
    expect(end({ 'd1/chop': 5 }) - end({ 'd1/load': 5 })).toBeGreaterThan(7.5);
  });
});
