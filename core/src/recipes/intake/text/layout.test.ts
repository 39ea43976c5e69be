import { describe, expect, it } from 'vitest';
import { readRecipe } from '../../reading/read-recipe.js';
import { plainLayout } from './layout.js';
import { peopleToldOf } from './servings.js';

const read = (text: string) => readRecipe(text, { system: 'metric' }).recipes[0]!;
const foodsOf = (text: string) => read(text).lines.map(({ ingredient }) => ingredient);
const stepsOf = (text: string) => read(text).steps.map((step) => step.text);

describe('how a text is laid out', () => {
  it('dots before an amount are none of the line', () =>
    expect(plainLayout(['Leeks, washed ...... 2 kg', 'Wait … then 2 more'])).toEqual([
      'Leeks, washed 2 kg',
      'Wait … then 2 more',
    ]));
  it('stops that were spoken are stops, and a single one is a word', () => {
    expect(
      plainLayout(['peel the beetroot new line grate it comma then salt it full stop new line rest it']),
    ).toEqual(['peel the beetroot', 'grate it, then salt it.', 'rest it']);
    expect(plainLayout(['start a new line of dips'])).toEqual(['start a new line of dips']);
  });
  it('the times of a plan for the evening are no talk and no amounts', () => {
    expect(plainLayout(['17:30 boil the eggs', '17:45 - peel them', '18.00 slice'])).toEqual([
      'boil the eggs',
      'peel them',
      'slice',
    ]);
    // A recording does not go by whole five minutes.
    expect(plainLayout(['12:03 boil the eggs', '12:11 peel them', '13:00 slice'])).toHaveLength(3);
    expect(plainLayout(['12:03 boil the eggs', '12:11 peel them', '13:00 slice'])[0]).toContain('12:03');
  });
  it.each([
    ['From 4 pm: blanch the beans', 'blanch the beans'],
    ['7.30 pm - plate up', 'plate up'],
    ['at 6 o’clock: dress the leaves', 'dress the leaves'],
    ['4 parsnips: peel', '4 parsnips: peel'],
  ])('“%s”', (row, plain) => expect(plainLayout([row])).toEqual([plain]));
});

describe('a plan of a lesson', () => {
  const plan = `Tuesday group, 9 people, tzatziki
To buy: 3 cucumbers, 900 g strained yoghurt, 3 cloves garlic, mint 1 bunch, 60 ml olive oil
18:00 welcome and aprons
18:10 everyone grates the cucumbers and salts them, 15 minutes in a sieve
18:30 pairs squeeze the cucumber dry
18:35 show how to crush garlic, then stir it into the yoghurt with the mint and the oil`;
  it('has its foods, its work, and who it is for', () => {
    expect(read(plan).serves).toBe(9);
    expect(foodsOf(plan)).toEqual(['cucumber', 'strained-yoghurt', 'garlic', 'mint', 'olive-oil']);
    expect(stepsOf(plan).join(' ')).not.toMatch(/welcome/i);
    expect(stepsOf(plan)).toHaveLength(3);
  });
});

describe('a question and its answer', () => {
  const forum = `Q: why is my slaw always wet?
A: Salt 1 white cabbage, shredded, with 2 tsp salt and leave it for half an hour.
Squeeze it dry, then fold in 4 tbsp mayonnaise. Feeds five.
Q2: can I use red cabbage?
A2: Shred it finer.`;
  it('is the work that is told', () => {
    expect(foodsOf(forum)).toEqual(['cabbage', 'fine-salt', 'mayonnaise']);
    expect(read(forum).serves).toBe(5);
  });
});

describe('food and work in a row', () => {
  it('are a line and a step, with its minutes', () => {
    const note = 'eggs x4 boil 8\npotatoes 600 g boil 20\nmayonnaise 3 tbsp\nmash it all together with salt';
    expect(foodsOf(note).slice(0, 3)).toEqual(['egg', 'potato', 'mayonnaise']);
    expect(
      read(note)
        .steps.map(({ waitMinutes }) => waitMinutes?.low ?? null)
        .slice(0, 2),
    ).toEqual([8, 20]);
  });
});

describe('for how many, where a first row tells it', () => {
  it.each([
    ['my caponata for eight.', 8],
    ['Starter for 10: 5 burrata, 2 lemons', 10],
    ['green bean salad for six top and tail a kilo of beans', 6],
    ['Wednesday class, 14 people', 14],
    ['10ish people', 10],
    ['salad with beans for 20 minutes of work', null],
    ['dip for the fridge', null],
  ])('%s', (row, people) => expect(peopleToldOf([row, 'slice it'])).toBe(people));
  it('or a sentence at its end', () => {
    expect(peopleToldOf(['Leek salad', 'Steam the leeks. That serves four with bread.'])).toBe(4);
    expect(peopleToldOf(['Leek salad', 'It serves them right.'])).toBeNull();
  });
});

describe('an interview', () => {
  const talk = `So, how do you make the lentil salad?
For the six of us I boil 300 g of green lentils, twenty minutes.
And then?
While they boil you whisk 3 tbsp walnut oil with 1 tbsp sherry vinegar.
Anything else?
Pour it over the lentils. Don't stir!`;
  it('has the answers, and goes on beside what boils', () => {
    const { serves, lines, steps } = read(talk);
    expect(serves).toBe(6);
    expect(lines.map(({ ingredient }) => ingredient)).toEqual([
      'green-lentils',
      'walnut-oil',
      'sherry-vinegar',
    ]);
    expect(steps.map(({ text }) => text).join(' ')).not.toMatch(/\?|stir/);
    expect(steps[1]!.after).toEqual([]);
  });
});

describe('a list as a kitchen sorts it', () => {
  const list = `CORN SALAD x40
sweetcorn tinned 3 kg
peppers red 8 strips
onions red 6 rings, soak 20 min in cold water
lime dressing: sunflower oil 600 ml, lime juice 300 ml, fine salt 30 g - shake in a bottle
toss everything`;
  it('has its amounts, and work for what is more than a cut', () => {
    expect(read(list).serves).toBe(40);
    expect(foodsOf(list).slice(1, 3)).toEqual(['red-pepper', 'red-onion']);
    const { steps, lines } = read(list);
    const dressing = steps.find(({ text }) => /^Lime dressing: shake everything/.test(text))!;
    const used = dressing.uses.map(({ line }) => lines.find(({ id }) => id === line)!.ingredient).sort();
    expect(used).toEqual(['fine-salt', 'lime', 'sunflower-oil']);
    expect(steps.find(({ text }) => /^Soak the onions/i.test(text))!.waitMinutes).toEqual({
      low: 20,
      high: 20,
    });
  });
});

describe('a message with amounts behind foods', () => {
  const message = `beans for 9
3 tins kidney beans drained
dill plenty
rapeseed oil 5 spoons, cider vinegar 2
gherkins 6 slices
mix all but dill, rest it 30 min in the fridge
dill on top of it`;
  const { serves, lines, steps } = read(message);
  const amountOf = (ingredient: string) => lines.find((line) => line.ingredient === ingredient);
  it('has each with its amount: the unit that was said holds for what is poured', () => {
    expect(serves).toBe(9);
    expect(amountOf('rapeseed-oil')).toMatchObject({ amount: { low: '5' }, unit: 'tbsp' });
    expect(amountOf('cider-vinegar')).toMatchObject({ amount: { low: '2' }, unit: 'tbsp' });
    expect(amountOf('dill')).toMatchObject({ amount: null });
  });
  it('slices are no work, and what is listed and named again at the end is', () => {
    expect(steps.map(({ text }) => text).join('. ')).not.toMatch(/slices? the|spoons? the/i);
    const mixed = steps.find(({ text }) => /^Mix all/i.test(text))!;
    const used = mixed.uses.map(({ line }) => lines.find(({ id }) => id === line)!.ingredient);
    expect(used).toContain('rapeseed-oil');
    expect(used).not.toContain('dill');
  });
  it('a stroke between foods is no fraction', () => {
    const text =
      'Mayonnaise\nWhisk yolks 4 / Dijon mustard 60 g / lemon 1 in a bowl, then rapeseed oil 600 ml, slowly.';
    expect(read(text).lines.find(({ ingredient }) => ingredient === 'dijon-mustard')?.amount?.low).toBe('60');
  });
});

describe('what stands behind a colon in a prep list', () => {
  const list = `BEETROOT SLAW - 14 pax
beetroot 2 kg: steam 30 min, peel
fennel 3: thin slices
4 apples 2 shallots
dressing: walnut oil 120 ml, cider vinegar 60 ml - shake in a jar
toss with the dressing`;
  const { lines, steps } = read(list);
  it('is work on that food, or how it is cut', () => {
    expect(lines.map(({ ingredient, amount }) => `${ingredient} ${amount?.low}`)).toEqual([
      'beetroot 2',
      'fennel 3',
      'apple 4',
      'shallot 2',
      'walnut-oil 120',
      'cider-vinegar 60',
    ]);
    expect(steps[0]).toMatchObject({
      text: 'Steam the beetroot 30 min.',
      waitMinutes: { low: 30, high: 30 },
    });
  });
  it('a part that is made under its name is not proposed again', () =>
    expect(steps.filter(({ proposed }) => proposed)).toEqual([]));
});

describe('what is said of nothing', () => {
  it('is no line: no added salt', () => {
    const text =
      'Bean salad\n200 g tinned white beans\n1 tbsp olive oil\nNo added salt!\nToss the beans with the oil.';
    expect(foodsOf(text)).toEqual(['tinned-white-beans', 'olive-oil']);
    expect(read(text).notes).toContain('No added salt');
  });
});
