import { describe, expect, it } from 'vitest';
import { cutIntoJobs, jobsOf } from './jobs.js';

describe('the jobs that a step holds', () => {
  it.each<[string, string[]]>([
    [
      'The night before boil the potatoes 20 minutes, drain, cool and chill overnight.',
      ['The night before boil the potatoes 20 minutes.', 'Drain, cool and chill overnight.'],
    ],
    [
      'Heat a skillet. Char the corn, turning, 8 to 10 minutes. Cool 5 minutes, then cut it off the cobs.',
      ['Heat a skillet. Char the corn, turning, 8 to 10 minutes.', 'Cool 5 minutes.', 'Cut it off the cobs.'],
    ],
    [
      'Soak overnight, drain, cover with fresh water and simmer for 1 hour.',
      ['Soak overnight.', 'Drain, cover with fresh water and simmer for 1 hour.'],
    ],
    [
      'Roast for 30 minutes, then leave to cool completely.',
      ['Roast for 30 minutes.', 'Leave to cool completely.'],
    ],
    // Work that comes after a wait is a job of its own, and so is what is left for long after work.
    [
      'Boil the eggs for 8 minutes, then cool under cold water and peel.',
      ['Boil the eggs for 8 minutes.', 'Cool under cold water and peel.'],
    ],
    [
      'Whip for 2 minutes, cover and chill for 2 hours.',
      ['Whip for 2 minutes.', 'Cover and chill for 2 hours.'],
    ],
    [
      'Simmer for 25 minutes and dress them warm with half the dressing.',
      ['Simmer for 25 minutes.', 'Dress them warm with half the dressing.'],
    ],
    // What was charred or fried by hand leaves the flame while it then waits.
    [
      'Char the peppers over the flame till black, then bag them and leave 15 min before peeling.',
      ['Char the peppers over the flame till black, then bag them.', 'Leave 15 min before peeling.'],
    ],
    // One wait, or two on the same appliance, are one job; so is a short wait behind its work.
    ['Slice, salt and leave for 20 minutes.', []],
    ['Bake for 20 minutes, stir and bake for 10 more.', []],
    ['Boil hard for 10 minutes, then simmer for 40 minutes.', []],
    ['Whisk for 2 minutes, then fold in the herbs.', []],
    ['Blend everything until smooth. Taste and season.', []],
  ])('%s', (text, jobs) => expect(cutIntoJobs(text)).toEqual(jobs.length > 0 ? jobs : [text]));

  it('what only says how long it keeps is said with the step before', () =>
    expect(jobsOf(['Leave to cool.', 'Keeps 3 to 4 days in the fridge.'])).toEqual([
      { text: 'Leave to cool. Keeps 3 to 4 days in the fridge.', goesOn: false },
    ]));
  it('so is that it is better the next day', () =>
    expect(jobsOf(['Leave to cool.', 'Better next day. Will keep 4 days.'])).toHaveLength(1));
  it('or with the step that made the thing which it names', () =>
    expect(
      jobsOf(['Blitz the nuts to a rough paste.', 'Lay out the leeks.', 'Sauce keeps a week in the fridge.']),
    ).toEqual([
      { text: 'Blitz the nuts to a rough paste. Sauce keeps a week in the fridge.', goesOn: false },
      { text: 'Lay out the leeks.', goesOn: false },
    ]));
  it('the oven is heated for the step that takes it, and for nothing else', () => {
    expect(jobsOf(['Heat the oven to 180 °C.', 'Slice the pears.', 'Bake the bread.'])).toEqual([
      { text: 'Slice the pears.', goesOn: false },
      { text: 'Heat the oven to 180 °C. Bake the bread.', goesOn: false },
    ]);
    expect(jobsOf(['Heat the oven to 180 °C.', 'Slice the pears.'])).toHaveLength(2);
  });
});
