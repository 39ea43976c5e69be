import { describe, expect, it } from 'vitest';
import { planClass } from '../plan/index.js';
import { classOf, dish, kitchen, recipe, step } from '../tests/recipes.js';
import { stepCircle, withoutCircles } from './circles.js';

const steps = (...pairs: readonly (readonly [string, ...string[]])[]) =>
  pairs.map(([id, ...after]) => step(id, { after }));

describe('steps in a circle', () => {
  it('a chain and a diamond are none', () => {
    expect(stepCircle(steps(['a'], ['b', 'a'], ['c', 'b']))).toBeNull();
    expect(stepCircle(steps(['a'], ['b', 'a'], ['c', 'a'], ['d', 'b', 'c']))).toBeNull();
    expect(stepCircle(steps(['a', 'gone']))).toBeNull();
  });
  it('a step after itself, and three after each other, are named without those that lead there', () => {
    expect(stepCircle(steps(['a', 'a']))).toEqual(['a']);
    expect(stepCircle(steps(['x', 'a'], ['a', 'b'], ['b', 'c'], ['c', 'a']))).toEqual(['a', 'b', 'c']);
  });
  it('of each circle one link is let go, of others none', () => {
    const freed = withoutCircles(steps(['a', 'b'], ['b', 'a'], ['c', 'c', 'b']));
    expect(freed.map(({ id, after }) => [id, ...after])).toEqual([['a', 'b'], ['b'], ['c', 'b']]);
    const chain = steps(['a'], ['b', 'a']);
    expect(withoutCircles(chain)).toBe(chain);
  });
  it('a recipe that was saved with one is still planned', () => {
    const circled = recipe([], { steps: steps(['a', 'b'], ['b', 'a'], ['c', 'c']) });
    const { clock, status } = planClass({ class: classOf([dish(circled)]), kitchen }).timeline;
    expect(status).toBe('scheduled');
    expect(
      clock
        .filter(({ dishTitle }) => dishTitle)
        .map(({ id }) => id)
        .sort(),
    ).toEqual(['d1/a', 'd1/b', 'd1/c']);
  });
});
