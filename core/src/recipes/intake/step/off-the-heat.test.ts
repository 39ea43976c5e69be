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
    ['Blitz the herbs with the oil and pour over the cheese. Leave it 30 min.', null, 30],
    ['Blitz everything, chill 1 hour.', 'fridge', 60],
    ['Blend until smooth and refrigerate for 40 minutes.', 'fridge', 40],
    ['Liquidise the tomatoes and strain through muslin for 2 hours.', null, 120],
    ['Fry the onions until soft, stir through the lentils and leave to stand for 20 minutes.', null, 20],
    ['Simmer the lentils for 20 minutes, drain, then chill for 1 hour.', 'hob', 80],
    ['Toast the seeds in a dry pan. Refrigerate the dressing for 30 minutes.', 'fridge', 30],
    ['Blitz the peppers to a purée, pour into the pan and simmer for 15 minutes.', 'hob', 15],
    ['Blend the marinade, brush it over and roast at 200 °C for 25 minutes.', 'oven', 25],
    ['Cook the beans in the pan for 12 minutes, then blitz with the oil.', 'hob', 12],
    ['Boil the potatoes for 15 minutes, drain and mash.', 'hob', 15],
    ['Bake for 30 minutes, then leave in the oven for 10 minutes.', 'oven', 40],
    ['Bring to the boil, cover and leave over a low heat for 25 minutes.', 'hob', 25],
    ['Char the peppers on the griddle, put in a bowl, cover and leave 10 minutes.', null, 10],
    ['Boil the eggs for 7 minutes and cool them in iced water.', 'hob', 7],
    ['Give the aubergines 15 minutes on the griddle and leave to cool.', 'griddle', 15],
    ['Put the tray in the oven for 20 minutes.', 'oven', 20],
    ['Whizz the dip in the blender and put it in the fridge for an hour.', 'fridge', 60],
  ])('%s', (text, appliance, wait) => expect(read(text)).toEqual([appliance, wait]));
});
