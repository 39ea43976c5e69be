import { describe, expect, it } from 'vitest';
import { classOf, dish, kitchen, recipe, step } from '../tests/recipes.js';
import { isBetter } from './bettering.js';
import { planClass } from './plan-class.js';
import type { ClassPlan } from './types.js';

const planned = (handsOnMinutes: number): ClassPlan =>
  planClass({ class: classOf([dish(recipe([], { steps: [step('s1', { handsOnMinutes })] }))]), kitchen });
/** The plan with so many tools wanted, and so many there. */
const short = (plan: ClassPlan, ...tools: readonly (readonly [needed: number, inKitchen: number])[]) => ({
  ...plan,
  kit: {
    ...plan.kit,
    shortages: tools.map(([needed, inKitchen], at) => ({
      id: `t${at}`,
      tool: `t${at}`,
      needed,
      inKitchen,
      atMinute: 0,
      sentence: '',
      waysOut: [],
    })),
  },
});

describe('a plan that was found later', () => {
  const [standing, found] = [planned(10), planned(20)];
  it('takes the place where something moved', () => {
    expect(isBetter(standing, found)).toBe(true);
    expect(isBetter(standing, standing)).toBe(false);
  });
  it('not where more tools are missing: 3 − 1 = 2 and 1, for 4 − 3 = 1', () => {
    expect(isBetter(short(standing, [4, 3]), short(found, [3, 1]))).toBe(false);
    expect(isBetter(short(standing, [4, 3]), short(found, [9, 8]))).toBe(true);
    // Together: 1 + 1 = 2 for 3.
    expect(isBetter(short(standing, [4, 1]), short(found, [9, 8], [2, 1]))).toBe(true);
    expect(isBetter(short(standing, [4, 3]), short(found, [9, 8], [2, 1]))).toBe(false);
  });
});
