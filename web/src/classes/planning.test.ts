import { betteringSlices, type ClassBundle, type ClassPlan } from '@fornax/core';
import { describe, expect, it } from 'vitest';
import { better, questionOf, withPin } from './planning.js';

const bundle = {
  class: { id: 'c1', people: 14, dishes: [], decisions: { pins: { eat: 5 }, budget: 90 } },
  kitchen: { name: 'Kitchen' },
} as unknown as ClassBundle;

describe('what a plan is an answer to', () => {
  it('pins do not change the question: the plan that stands is mended', () =>
    expect(questionOf(withPin(bundle, 'd1/s1', -30))).toBe(questionOf(bundle)));
  it.each([
    ['people', { ...bundle, class: { ...bundle.class, people: 15 } }],
    [
      'a decision',
      { ...bundle, class: { ...bundle.class, decisions: { ...bundle.class.decisions, budget: 80 } } },
    ],
    ['the kitchen', { ...bundle, kitchen: { ...bundle.kitchen, name: 'Other' } }],
  ])('%s does', (_, changed) => expect(questionOf(changed)).not.toBe(questionOf(bundle)));
  it('a pin is laid over the others', () =>
    expect(withPin(bundle, 'd1/s1', -30).class.decisions).toEqual({
      pins: { eat: 5, 'd1/s1': -30 },
      budget: 90,
    }));
});

/** A plan with one job at a minute, for which so many tools are missing. */
const planAt = (start: number, missing = 0) =>
  ({
    kit: { shortages: [{ needed: 3 + missing, inKitchen: 3 }] },
    timeline: {
      starts: { a: start },
      daysBefore: [],
      clock: [{ id: 'a', title: 'a', start, localTime: '' }],
    },
  }) as unknown as ClassPlan;

/** Betters from a start of 0 with the answers given, one a slice; null is a search that fails. */
async function run(answers: readonly (number | ClassPlan | null)[], isCurrent = () => true) {
  const shown: [number, boolean][] = [];
  const asked: [number | undefined, number | undefined][] = [];
  await better(bundle, planAt(0), {
    plan: (_, { effort, standing }) => {
      asked.push([effort, standing?.a]);
      const answer = answers[asked.length - 1];
      if (answer === null || answer === undefined) return Promise.reject(new Error('late'));
      return Promise.resolve(typeof answer === 'number' ? planAt(answer) : answer);
    },
    isCurrent,
    show: (plan, isBettering) => shown.push([plan.timeline.starts.a!, isBettering]),
    restMilliseconds: 0,
  });
  return { shown, asked };
}

describe('bettering', () => {
  it('goes slice by slice, each from the plan before, and shows what moved', async () => {
    const { shown, asked } = await run([3, 3, 5, 5]);
    expect(asked).toEqual([
      [betteringSlices[0], 0],
      [betteringSlices[1], 3],
      [betteringSlices[2], 3],
      [betteringSlices[3], 5],
    ]);
    expect(shown).toEqual([
      [3, true],
      [5, true],
      [5, false],
    ]);
  });
  it('a plan that lacks a tool more than the one that stands is not taken', async () => {
    const { shown, asked } = await run([3, planAt(5, 1), 4, 4]);
    expect(asked.map(([, standing]) => standing)).toEqual([0, 3, 3, 4]);
    expect(shown.map(([start]) => start)).toEqual([3, 4, 4]);
  });
  it('a search that fails leaves the plan so far', async () =>
    expect((await run([3, null])).shown).toEqual([
      [3, true],
      [3, false],
    ]));
  it('a class that changed meanwhile is not shown any more', async () => {
    let asks = 0;
    expect((await run([3, 4, 5, 6], () => asks++ < 2)).shown).toEqual([[3, true]]);
  });
  it('nor bettered at all where it changed while it rested', async () =>
    expect((await run([3], () => false)).asked).toEqual([]));
});
