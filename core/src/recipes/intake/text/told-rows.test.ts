import { describe, expect, it } from 'vitest';
import { readRecipe } from '../../reading/read-recipe.js';
import { cutBreath } from './breath.js';
import { isForEach, peopleOfEach } from './for-each.js';
import { dishTold } from './title.js';

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

describe('a whole recipe in one paragraph', () => {
  const body =
    'You need 6 ripe tomatoes, 2 red onions, 1 cucumber and 2 limes. Slice the onions paper thin. ' +
    'Slice the tomatoes and the cucumber. Toss with the lime juice just before serving.';
  it.each(['', ' Thanks, Noor', ' Love from all of us'])('is the same with “%s” behind it', (end) => {
    const { lines, steps } = read(`Kachumbari for 10\n${body}${end}`);
    expect(lines.map(({ ingredient }) => ingredient)).toEqual(['tomato', 'red-onion', 'cucumber', 'lime']);
    expect(steps.map((step) => step.text.split(' ')[0])).toEqual(['Slice', 'Slice', 'Toss']);
  });
});

describe('a numbered row that begins with an amount', () => {
  const ofList = '2. 200 g baby spinach leaves, washed well and patted dry';
  const ofMethod = '3. 2 tbsp of the oil go into the pan with spinach';
  it('is a line up to ten words, and a step with one more', () => {
    const { lines, steps } = read(`Spinach salad\nServes 4\n\n1. 3 tbsp olive oil\n${ofList}\n${ofMethod}\n`);
    expect(lines.map(({ name }) => name)).toEqual(['olive oil', 'baby spinach leaves']);
    expect(steps.map((step) => step.text)).toEqual(['2 tbsp of the oil go into the pan with spinach']);
  });
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

describe('two lists side by side, and facts beside a title', () => {
  it('are rows of their own', () => {
    const sheet = read(
      'BEAN SALAD          PORTIONS: 10\n1 can chickpeas      1 red onion\n' +
        '2 sticks celery      1 bunch parsley\n\nMethod\n1. Open the cans and rinse.\n' +
        '2. Chop the rest.\n3. Toss.',
    );
    expect([sheet.title, sheet.serves]).toEqual(['BEAN SALAD', 10]);
    expect(sheet.lines.map(({ ingredient }) => ingredient)).toEqual([
      'tinned-chickpeas',
      'red-onion',
      'celery',
      'parsley',
    ]);
    // The cans are what is bought in them; the rest is the rest.
    expect(sheet.steps.map(({ uses }) => uses.map(({ line }) => line)).slice(0, 2)).toEqual([
      ['l1'],
      ['l2', 'l3', 'l4'],
    ]);
  });
});

describe('lines that steps count or leave out', () => {
  const uses = (step: string) =>
    read(
      `Layers\n1 cup peas\n2 carrots\n4 eggs, beaten\n100 g feta\n\nMethod\n1. ${step}`,
    ).steps[0]!.uses.map(({ line }) => line);
  it.each([
    ['Layer the first 2 ingredients in a bowl.', ['l1', 'l2']],
    ['Scatter over the last two ingredients.', ['l3', 'l4']],
    ['Stir together, leave an hour.', ['l1', 'l2', 'l3', 'l4']],
    ['Mix well.', ['l1', 'l2', 'l3', 'l4']],
    ['Whisk until smooth and chill.', ['l1', 'l2', 'l3', 'l4']],
  ])('%s', (step, lines) => expect(uses(step)).toEqual(lines));
});

describe('sentences without capitals', () => {
  it('are told apart by their stops, and not by a short word’s', () =>
    expect(
      textsOf(
        'sambol, serves 4\n3 carrots\n1 red onion\n1 lime\n' +
          'mix 1 tbsp. of lime with the onion. then the carrot',
      ),
    ).toEqual(['Mix 1 tbsp. of lime with the onion.', 'Then the carrot']));
});

describe('what is said before the list', () => {
  it('lists food too: "For ezme you need tomatoes, 4 of them, …"', () => {
    const told = read(
      'For ezme you need ripe tomatoes, 4 of them, and 2 green peppers, a red onion and a handful of ' +
        'parsley.\nEverything chopped very fine.\n' +
        'Then 2 tablespoons olive oil and a teaspoon of salt. Mix.\nIt is enough for 6.',
    );
    expect([told.title, told.serves]).toEqual(['Ezme', 6]);
    // What was told just before "Mix" is mixed in.
    const mix = told.steps.find(({ text }) => text.startsWith('Mix'))!;
    expect(mix.uses.map(({ line }) => line)).toEqual(['l5', 'l6']);
    expect(told.lines.map(({ ingredient, amount }) => `${ingredient} ${amount?.low}`)).toEqual([
      'tomato 4',
      'green-pepper 2',
      'red-onion 1',
      'parsley 1',
      'olive-oil 2',
      'fine-salt 1',
    ]);
  });
  it('is a title and its list in one row', () => {
    const message = read(
      'carrot sambol!! 3 carrots grated fine, 2 green chillies, 3 tbsp coconut, salt\nmix all',
    );
    expect([message.title, message.lines.length]).toEqual(['carrot sambol', 4]);
  });
  it('counts the people of every dish', () => {
    const { recipes } = readRecipe(
      'Hi both, two bits for Thursday, 24 people.\nWhipped feta\n800g feta, 400g Greek yoghurt\n' +
        'Blitz the feta with the yoghurt.\nPickled fennel\n4 fennel bulbs, 300ml white wine vinegar, ' +
        '150g caster sugar\nShave the fennel. Warm the vinegar and sugar. Pour over the fennel.',
      { system: 'metric' },
    );
    expect(recipes.map(({ title, serves }) => [title, serves])).toEqual([
      ['Whipped feta', 24],
      ['Pickled fennel', 24],
    ]);
  });
});

describe('a dish that a telling names', () => {
  it.each([
    ["ok so this is my mum's warm potato salad, feeds six", 'Warm potato salad'],
    ['We do coronation chicken for 20 on a Sunday.', 'Coronation chicken'],
    ['Here is the carrot dip from last night.', 'Carrot dip'],
    ['For muhammara you need red peppers.', 'Muhammara'],
  ])('%s', (text, title) => expect(dishTold(text)).toBe(title));
  it('is none where nothing is named', () => expect(dishTold('Put the oven on first.')).toBeNull());
});

describe('an answer of a chat that says yes first', () => {
  it('is the work that was asked about', () =>
    expect(
      textsOf(
        'Su: salad for 4\nSu: 200g cabbage, 2 tomatoes, 1 lime\nSu: shred it\nKim: soak the leaves?\n' +
          'Su: yes 10 min in cold water then squeeze\nSu: mix all',
      ),
    ).toContain('Soak the leaves 10 min in cold water.'));
});
