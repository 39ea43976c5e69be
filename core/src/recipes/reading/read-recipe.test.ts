import { describe, expect, it } from 'vitest';
import { readRecipe, type ReadRecipeOptions, type TextRead } from './read-recipe.js';

const metric = { system: 'metric' } as const;
const read = (text: string, options: Partial<ReadRecipeOptions> = {}): TextRead =>
  readRecipe(text, { ...metric, ...options });

const beans = `Bean and egg salad
800 g green beans
4 eggs, hard boiled
2 tbsp oil
1. Boil the beans for 4 minutes and drain.
2. Toss with the oil and put the eggs on top.`;

const doubt = (text: TextRead, kind: string) => text.doubts.find(({ id }) => id.startsWith(`${kind}|`));

describe('what is not sure is asked, with a guess', () => {
  it('for how many: by the weight of the food, and said so', () => {
    // 800 g of beans + 4 eggs of 50 g + 2 spoons of oil that nobody weighs yet = 1000 g; 1000 / 160 = 6.25.
    const found = doubt(read(beans), 'serves')!;
    expect(found).toMatchObject({ guess: '6', about: { recipe: 0 } });
    expect(found.question).toContain('160 g a head');
    expect(read(beans).recipes[0]!.serves).toBe(6);
  });

  it('nothing where the text says it', () => {
    expect(doubt(read(`${beans}\nServes 4`), 'serves')).toBeUndefined();
  });

  it('which of two foods, and one that nobody knows; worst first', () => {
    const { doubts } = read(`Salad for 2\n100 g moon dust\n2 tbsp oil\n1 cucumber\n1. Toss all together.`);
    expect(doubts.map(({ id }) => id)).toEqual(['food|100 g moon dust', 'food|2 tbsp oil']);
    expect(doubts[1]!.candidates.map(({ value }) => value)).toContain('olive-oil');
  });

  it('how much, of what is more than a seasoning', () => {
    const found = doubt(read('Salad for 4\nhalloumi\n2 tomatoes\n1. Fry the halloumi.'), 'amount')!;
    expect(found.question).toBe('How much halloumi goes in? The text names no amount.');
  });

  it('what the steps speak of and no line lists', () => {
    const found = doubt(
      read('Salad for 4\n2 tomatoes\n1 cucumber\n1 red onion\n1. Toss with mint.'),
      'unlisted',
    )!;
    expect(found).toMatchObject({ guess: 'no', about: { words: 'mint' } });
  });
});

describe('an answer stands in the recipe, and is not asked again', () => {
  it.each([
    ['serves|0', '11', (text: TextRead) => text.recipes[0]!.serves, 11],
    [
      'food|2 tbsp oil',
      'rapeseed-oil',
      (text: TextRead) => text.recipes[0]!.lines[2]!.ingredient,
      'rapeseed-oil',
    ],
  ])('%s: %s', (id, value, of, wanted) => {
    const answered = read(beans, { answers: { [id]: value } });
    expect(of(answered)).toBe(wanted);
    expect(answered.doubts.map((each) => each.id)).not.toContain(id);
  });

  it('an amount', () => {
    const text = 'Salad for 4\nhalloumi\n2 tomatoes\n1. Fry the halloumi.';
    const [line] = read(text, { answers: { 'amount|halloumi': '250 g' } }).recipes[0]!.lines;
    expect(line).toMatchObject({ ingredient: 'halloumi', unit: 'g', amount: { low: '250', high: '250' } });
  });

  it('a food that no line has becomes one, and its step takes it', () => {
    const text = 'Salad for 4\n2 tomatoes\n1 cucumber\n1 red onion\n1. Slice all.\n2. Toss with mint.';
    const { lines, steps } = read(text, { answers: { 'unlisted|mint': 'add' } }).recipes[0]!;
    expect(lines[3]).toMatchObject({ id: 'l4', ingredient: 'mint' });
    expect(steps[1]!.uses.map(({ line }) => line)).toContain('l4');
  });

  it('answers to another text change nothing', () => {
    expect(read(beans, { answers: { 'food|1 tin beans': 'olive-oil' } })).toEqual(read(beans));
  });
});

describe('what has to be cooked and nobody cooks is proposed in its place', () => {
  // Minutes of cooking.csv: the step stands on the clock as long as what it cooks.
  it.each([
    ['600 g carrots, boiled', 12, 20],
    ['800 g waxy potatoes, boiled', 20, 25],
    ['300 g green beans, steamed', 6, 8],
    ['500 g beetroot, boiled', 35, 60],
    ['1 butternut squash, roasted', 35, 45],
    ['300 g asparagus, blanched', 2, 3],
    ['400 g sweet potatoes, roasted', 25, 35],
    ['4 corn cobs, boiled', 4, 7],
  ])('%s: %i to %i min, before everything is tossed', (line, low, high) => {
    const text = `Plate\nServes 4\n\n${line}\n2 tbsp olive oil\n\n1. Toss everything together.`;
    const { steps } = readRecipe(text, { system: 'metric' }).recipes[0]!;
    const [cooked, tossed] = steps;
    expect(cooked).toMatchObject({ waitMinutes: { low, high } });
    expect(cooked!.proposed).toMatch(/cooked/);
    expect(tossed!.after).toEqual([cooked!.id]);
  });
  it.each(['Dice it all small and mix.', 'Dice them all and mix.', 'Dice everything and mix.'])(
    '%s comes after all that is cooked for it',
    (dice) => {
      const lines = '3 carrots, boiled\n2 potatoes, boiled\n2 apples';
      const text = `Rosolli\nServes 8\n\n${lines}\n\n1. ${dice}\n2. Chill for an hour.`;
      const { steps } = readRecipe(text, { system: 'metric' }).recipes[0]!;
      expect(steps.map(({ after }) => after.length)).toEqual([0, 0, 2, 1]);
    },
  );

  const steps = (text: TextRead) => text.recipes[0]!.steps.map(({ text: words }) => words);

  it('eggs that are wanted hard boiled, before they are put on', () => {
    const found = read(beans);
    expect(found.proposals).toMatchObject([{ line: 'l2', choice: 'keep', isCooked: true }]);
    expect(steps(found).findIndex((each) => each.startsWith('Hard-boil the eggs'))).toBe(1);
    const top = found.recipes[0]!.steps.at(-1)!;
    const peel = found.recipes[0]!.steps.find(({ text }) => text.startsWith('Peel'))!;
    expect(peel.proposed).toBe('The eggs are wanted cooked, and no step cooks them.');
    expect(top.after).toContain(peel.id);
  });

  it.each(['bought', 'leave out'] as const)('not where that was chosen: %s', (choice) => {
    const found = read(beans, { answers: { 'cooked|4 eggs, hard boiled': choice } });
    expect(found.proposals[0]).toMatchObject({ choice, steps: [] });
    expect(steps(found)).toHaveLength(2);
  });

  it.each([
    ['500 g cooked potatoes', 'Boil the potatoes'],
    ['300 g cooked quinoa', 'Cook the quinoa'],
    ['2 cups cooked chickpeas, from dry', 'Soak the chickpeas overnight'],
    ['80 g toasted walnuts', 'Toast the walnuts'],
    ['200 g dried black beans', 'Soak the dried black beans overnight'],
    ['250 g soba', 'Boil the soba'],
    ['3 eggs, quartered', 'Hard-boil the eggs'],
    ['200 g green beans, blanched', 'Blanch the green beans'],
    ['500 g chicken breasts, diced', 'Cook the chicken breasts'],
    ['2 corn cobs, grilled', 'Grill the corn cobs'],
  ])('%s', (line, wanted) => {
    const found = read(
      `Salad for 4\n${line}\n1 cucumber\n2 tbsp olive oil\n1. Dice the cucumber.\n2. Toss everything.`,
    );
    expect(steps(found).join(' | ')).toContain(wanted);
  });

  it.each([
    '1 tin chickpeas, drained',
    '250 g leftover roast chicken',
    '2 eggs, already boiled',
    '200 g ready-cooked lentils',
    '4 roasted red peppers from a jar',
    '200 g couscous',
    '100 g smoked trout',
    '4 eggs',
  ])('nothing for %s', (line) => {
    const found = read(`Salad for 4\n${line}\n1 cucumber\n1. Dice the cucumber.\n2. Toss everything.`);
    expect(found.proposals).toEqual([]);
  });

  it('a dressing that is taken and that nobody makes', () => {
    const found = read(`Leaves for 4
200 g rocket
Dressing
1 tbsp red wine vinegar
3 tbsp olive oil

1. Wash the rocket.
2. Toss with the dressing.`);
    const [made] = found.proposals;
    expect(made).toMatchObject({
      isCooked: false,
      why: 'The work takes the dressing, and no step makes it.',
    });
    const step = found.recipes[0]!.steps.find(({ id }) => id === made!.steps[0])!;
    expect(step.uses.map(({ line }) => line)).toEqual(['l2', 'l3']);
  });
});
