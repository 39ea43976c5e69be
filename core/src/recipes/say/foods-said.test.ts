import { describe, expect, it } from 'vitest';
import { parseRecipeText } from '../index.js';
import { shortTitle } from './clause.js';
import { nearestFood, waitingVerb } from './foods-said.js';
import { jobTitle, nameOfWait } from './job-names.js';

describe('the first clause of a step, as a cook says it', () => {
  it.each([
    ['Meanwhile, toast the walnuts in a dry pan for 5 minutes.', 'Toast the walnuts in a dry pan'],
    ['Heat the oven to 200 °C. Roast the carrots.', 'Roast the carrots'],
    ['Dressing: whisk the oil and vinegar.', 'Whisk the oil and vinegar'],
    ['Whisk 3 tbsp of oil with the mustard until thick.', 'Whisk oil with the mustard'],
    ['Chill overnight or for at least 2 hours.', 'Chill overnight'],
    [
      'Strip the kale from its ribs and massage it with a pinch of salt for 2 minutes.',
      'Strip the kale from its ribs and massage it',
    ],
    [
      'Brush the halloumi with half the oil and grill on a hot griddle for 2 minutes a side.',
      'Brush the halloumi with half the oil and grill',
    ],
    ['Divide between bowl A and bowl B', 'Divide between bowl A and bowl B'],
    ['TOSS THE LEAVES.', 'Toss the leaves'],
  ])('%s', (text, title) => expect(shortTitle(text)).toBe(title));
});

describe('what a step waits with, and for what', () => {
  it.each([
    ['Pour over the onions and leave for 30 minutes.', 'leave', 'the onions'],
    ['Cut the carrots, oil them and roast for 40 minutes.', 'roast', 'the carrots'],
    ['Let the potatoes cool 15 minutes.', 'cool', 'the potatoes'],
    ['Simmer the lentils for 20 minutes, then drain.', 'simmer', 'the lentils'],
  ])('%s', (text, verb, food) => {
    const found = waitingVerb(text)!;
    expect([found.verb.verb, nearestFood(text, found)]).toEqual([verb, food]);
  });
  it('is nothing where hands do it all', () =>
    expect(waitingVerb('Whisk the oil with the salt.')).toBeNull());
});

describe('names of jobs', () => {
  const recipe = parseRecipeText(
    'Beans\n\n300 g green beans\n2 eggs\n\n1. Bring a large pan of salted water to the boil, 8 minutes.\n' +
      '2. Boil the beans for 4 minutes.\n3. Chill for 1 hour.\n4. Peel and halve.',
    { system: 'metric' },
  );
  const names = recipe.steps.map((step) => [jobTitle(step, recipe), nameOfWait(step, recipe)]);
  it('water that boils is the water', () => expect(names[0]![1]).toBe('Boil the water'));
  it('what only waits is put away', () => expect(names[2]![0]).toBe('Put the beans in to chill'));
});
