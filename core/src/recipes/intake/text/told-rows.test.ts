import { describe, expect, it } from 'vitest';
import { readRecipe } from '../../reading/read-recipe.js';
import { cutBreath } from './breath.js';
import { isForEach, peopleOfEach } from './for-each.js';

const read = (text: string) => readRecipe(text, { system: 'metric' }).recipes[0]!;
const textsOf = (text: string) => read(text).steps.map((step) => step.text);

describe('what is told in one breath', () => {
  it.each([
    [
      'you want a kilo of waxy potatoes boil them in their skins till a knife goes in',
      ['you want a kilo of waxy potatoes', 'boil them in their skins till a knife goes in'],
    ],
    [
      'peel the potatoes while hot and slice them thick pour the hot dressing over them',
      ['peel the potatoes while hot and slice them thick', 'pour the hot dressing over them'],
    ],
    [
      'two big leeks washed and halved chuck them on the barbecue until they are black',
      ['two big leeks washed and halved', 'chuck them on the barbecue until they are black'],
    ],
    [
      'take 3 tomatoes and an onion dice them small squeeze a lime over all of it',
      ['take 3 tomatoes and an onion', 'dice them small', 'squeeze a lime over all of it'],
    ],
  ])('%s', (row, pieces) => expect(cutBreath(row)).toEqual(pieces));
  it.each([
    '2 large red peppers, roasted over the flame, peeled and cut into long strips',
    'cut the potatoes in thick slices and fold them in with 6 radishes in small dice and dill',
    'how I make my grandmother’s cold beetroot soup for the summer',
    'a tin of chickpeas drained and rinsed',
    'while the beans are boiling fry the bacon until it is crisp and keep the fat',
    'you can toast the seeds in a dry pan or in the oven if you like that better',
  ])('“%s” is one thing', (row) => expect(cutBreath(row)).toEqual([row]));
});

describe('rows with pictures before them', () => {
  const post = `smashed cucumber salad, serves 4
2 cucumbers, smashed
1 tsp salt
2 garlic cloves, minced
1 tbsp black vinegar
sesame seeds
👉 salt the cukes, 15 min, drain off the water
👉 mix the rest
👉 toss, scatter sesame`;
  it('are work where they say work', () =>
    expect(textsOf(post)).toEqual([
      'Salt the cukes, 15 min, drain off the water',
      'Mix the rest',
      'Toss, scatter sesame',
    ]));
  it('“the rest” is what nothing else takes', () =>
    expect(read(post).steps[1]!.uses.map(({ line }) => line)).toEqual(['l3', 'l4']));
  it('are lines where they are food', () =>
    expect(read('Salad\n🥕 2 carrots\n🥒 1 cucumber\n🧂 salt\n1. Grate and toss.').lines).toHaveLength(3));
});

describe('a part that is called by its food', () => {
  it('is a part, where its first line has the food', () => {
    const card = read(
      'Leek dip\nLeek base\n6 leeks\n30 ml oil\n\nCrisp shallot\n4 shallots, sliced\n' +
        '200 ml sunflower oil, for frying\n\nMethod\n1. Char the leeks for 12 minutes.\n' +
        '2. Blend with oil.\n3. Fry the shallots in the oil for 8 minutes.',
    );
    expect(card.components.map(({ name }) => name)).toEqual(['Leek base', 'Crisp shallot']);
    expect(card.lines.map(({ name }) => name)).toEqual(['leeks', 'oil', 'shallots', 'sunflower oil']);
    // "Oil" is that of the part, and what is for frying goes in the pan.
    expect(card.steps.map(({ uses }) => uses.map(({ line }) => line))).toEqual([
      ['l1'],
      ['l2'],
      ['l3', 'l4'],
    ]);
  });
  it.each(['Sea salt', 'Black pepper', 'Olive oil'])('%s above other food is a line', (name) =>
    expect(read(`Salad\n${name}\n4 shallots\n200 g feta\n\nMethod\n1. Toss all.`).lines).toHaveLength(3),
  );
});

describe('a list for each of them', () => {
  it.each([
    ['Each child needs:', 1],
    ['Per person', 1],
    ['For each pair:', 2],
    ['Ingredients per portion', 1],
    ['Every student gets', 1],
    ['For one serving:', 1],
  ])('%s', (row, people) => expect(isForEach(row) && peopleOfEach(row)).toBe(people));
  it.each(['For the dressing:', 'Each of these keeps', 'One bowl of rice'])('%s is none', (row) =>
    expect(isForEach(row)).toBe(false),
  );
  it('is for so many, whatever the title counts', () => {
    const sheet = read(
      'Wraps (12 children)\nEach child needs:\n1 small tortilla\n2 tbsp hummus\n\n1. Spread it on the wrap.',
    );
    expect([sheet.serves, sheet.lines.map(({ amount }) => amount?.low)]).toEqual([1, ['1', '2']]);
  });
});
