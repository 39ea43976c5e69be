import fc from 'fast-check';
import { expect, it } from 'vitest';
import { classes, kitchens } from '../tests/random-classes.js';
import { startsInWords } from '../tests/starts-in-words.js';
import { planClass } from './plan-class.js';

/**
 * A change of the house must not move a job: where a plan is meant to change, the file says in its history
 * what moved and why.
 */
it('60 random classes have the starts they had', async () => {
  const drawn = fc.sample(fc.tuple(classes, kitchens), { numRuns: 60, seed: 60 });
  const lines = drawn.map(
    ([facts, kitchen], index) => `${index} ${startsInWords(planClass({ class: facts, kitchen }))}`,
  );
  await expect(`${lines.join('\n')}\n`).toMatchFileSnapshot('plans-kept.txt');
});
