import { describe, expect, it } from 'vitest';
import { classSize, classSizeProblem } from './class-size.js';

describe('what a plan holds', () => {
  it('a swap is made once more: 10 + 2 × 30 = 70 steps, 8 + 12 = 20 lines', () =>
    expect(
      classSize([
        { lines: 8, steps: 10, hasSwap: false },
        { lines: 12, steps: 30, hasSwap: true },
      ]),
    ).toEqual({ lines: 20, steps: 70 }));
  it('160 steps and 600 lines are held, one more is said', () => {
    expect(classSizeProblem({ lines: 600, steps: 160 })).toBeNull();
    expect(classSizeProblem({ lines: 600, steps: 161 })).toBe(
      'The dishes have 161 steps, those of ready-made swaps counted again; a plan holds 160. ' +
        'Take a dish off the menu.',
    );
    expect(classSizeProblem({ lines: 601, steps: 160 })).toBe(
      'The dishes have 601 ingredient lines; a plan holds 600. Take a dish off the menu.',
    );
  });
});
