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
