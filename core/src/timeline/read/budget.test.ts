import { describe, expect, it } from 'vitest';
import { taskRef } from '../../identity/index.js';
import { step } from '../../tests/recipes.js';
import type { Attempt } from '../place/attempt.js';
import { aheadOf } from './budget.js';

/** A plan in which a step that may be done in class is done before, with what comes of it. */
function prepared(roles: readonly ('hands' | 'wait' | 'washed')[]): Attempt {
  const of = step('drain', { place: 'either', text: 'Drain the peppers.' });
  const tasks = roles.map((role) => ({
    ref: taskRef('d1', 'drain', role),
    kind: role === 'wait' ? 'wait' : 'prep',
    inClass: false,
    minutes: 2,
    title: role,
    dishTitle: 'Peppers',
    step: of,
  }));
  return { tasks: { tasks, links: [], resources: [] } } as unknown as Attempt;
}

describe('what is done ahead', () => {
  it('is the step; washing up after it and waiting for it are none', () =>
    expect(aheadOf(prepared(['hands', 'wait', 'washed'])).map(({ title }) => title)).toEqual(['hands']));
});
