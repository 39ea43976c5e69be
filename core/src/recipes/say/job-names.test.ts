import { expect, it } from 'vitest';
import { parseRecipeText } from '../index.js';
import { corpusMethods, corpusRecipes } from '../../tests/intake-corpus.js';
import { jobTitle, waitTitle } from './job-names.js';

/** Every job of every recipe that the intake is held to, by the name that the clock gives it: to be read. */
it('the jobs of the corpus have the names they had', async () => {
  const texts = [...corpusRecipes().map(({ text }) => text), ...corpusMethods().map(({ text }) => text)];
  const names = texts.flatMap((text) => {
    const recipe = parseRecipeText(text, { system: 'metric' });
    const jobs = recipe.steps.map((step) =>
      [jobTitle(step, recipe), ...(step.waitMinutes ? [waitTitle(step, recipe)] : [])].join(' → '),
    );
    return [`# ${recipe.title}`, ...jobs, ''];
  });
  expect(names.filter((name) => name.includes('…') || /^[a-z]/.test(name))).toEqual([]);
  await expect(names.join('\n')).toMatchFileSnapshot('job-names.txt');
});
