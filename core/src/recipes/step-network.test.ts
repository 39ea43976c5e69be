import { describe, expect, it } from 'vitest';
import { step } from '../tests/recipes.js';
import { placedSteps, toggleAfter } from './step-network.js';

const steps = [
  step('boil', { text: 'Boil the beans, slowly.' }),
  step('whisk', { text: 'Whisk the dressing.' }),
  step('toss', { text: 'Toss.', after: ['boil', 'whisk'] }),
];
const afterOf = (linked: ReturnType<typeof toggleAfter>, id: string) =>
  'steps' in linked ? linked.steps.find((each) => each.id === id)!.after : linked.problem;

describe('what a step comes after', () => {
  it('is linked where it was not, and no more where it was', () => {
    expect(afterOf(toggleAfter(steps, 'whisk', 'boil'), 'whisk')).toEqual(['boil']);
    expect(afterOf(toggleAfter(steps, 'toss', 'boil'), 'toss')).toEqual(['whisk']);
  });
  it('a loop is refused with the names of the steps', () => {
    expect(toggleAfter(steps, 'boil', 'toss')).toEqual({
      problem:
        'That would be a loop: “Boil the beans” comes after “Toss”, which comes after the first again.',
    });
    expect(toggleAfter(steps, 'boil', 'boil')).toEqual({ problem: 'A step cannot come after itself.' });
  });
});

describe('the drawing of what comes after what', () => {
  const places = (of: Parameters<typeof placedSteps>[0]) =>
    placedSteps(of).map(({ id, column, row }) => `${id} ${column},${row}`);
  it('a chain lies on one thread', () =>
    expect(places([step('a', {}), step('b', { after: ['a'] }), step('c', { after: ['b'] })])).toEqual([
      'a 0,0',
      'b 1,0',
      'c 2,0',
    ]));
  it('what runs side by side lies side by side, and meets on the longer thread', () => {
    // a – b ┐
    // c ────┴ d
    const two = [step('a', {}), step('b', { after: ['a'] }), step('c', {}), step('d', { after: ['b', 'c'] })];
    expect(places(two)).toEqual(['a 0,0', 'b 1,0', 'c 0,1', 'd 2,0']);
  });
  it('two that go on with one part, and no step lies on another', () => {
    const fork = [step('a', {}), step('b', { after: ['a'] }), step('c', { after: ['a'] })];
    expect(places(fork)).toEqual(['a 0,0', 'b 1,0', 'c 1,1']);
  });
});
