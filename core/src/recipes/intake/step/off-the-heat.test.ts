import { describe, expect, it } from 'vitest';
import { readSteps } from './steps.js';

const read = (text: string) => {
  const [step] = readSteps({
    jobs: [{ text, goesOn: false }],
    componentIds: ['c1'],
    lines: [],
    components: [],
    system: 'metric',
  });
  return [step!.occupies?.appliance ?? null, step!.waitMinutes?.high ?? null];
};

describe('where a step waits', () => {
  it.each([
    ['Bring the vinegar to a simmer, pour over the onions and leave for 2 hours.', null, 120],
    ['Boil the sugar and water; steep the mint in it for 30 minutes.', null, 30],
    ['Toast the seeds, then soak them for an hour.', null, 60],
    ['Leave to simmer for 20 minutes.', 'hob', 20],
    ['Leave the oven on and roast for 40 minutes.', 'oven', 40],
    ['Simmer for 20 minutes, then leave for 10 minutes.', 'hob', 30],
    ['Stir, then leave in the fridge for 2 hours.', 'fridge', 120],
  ])('%s', (text, appliance, wait) => expect(read(text)).toEqual([appliance, wait]));
});
