import { describe, expect, it } from 'vitest';
import { corpusMethods } from '../../../tests/intake-corpus.js';
import { parseRecipeText } from '../text/text.js';

describe('the jobs of a method and what each comes after', () => {
  it.each(corpusMethods())('$title', ({ text, jobs }) => {
    const { steps } = parseRecipeText(text, { system: 'metric' });
    const numberOf = (id: string) => steps.findIndex((step) => step.id === id) + 1;
    expect(steps.map((step) => `${step.after.map(numberOf).join(' ') || '–'} | ${step.text}`)).toEqual(jobs);
  });
});
