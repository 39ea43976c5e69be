import { describe, expect, it } from 'vitest';
import { parseRecipeText } from './text.js';

const read = (text: string) => parseRecipeText(text, { system: 'us' });

describe('marks and headers of a title', () => {
  it.each([
    ['WHITE BEAN DIP / 14 pax', 'WHITE BEAN DIP', 14],
    ['Bean dip | 14 pax', 'Bean dip', 14],
    ['Bean dip · 12 covers', 'Bean dip', 12],
    ['Bean dip // serves 12', 'Bean dip', 12],
    ['Subject: Bean dip for 9', 'Bean dip', 9],
  ])('%s', (row, title, serves) => {
    const found = read(`${row}\n2 tins white beans\n2 tbsp oil\nBlend.`);
    expect([found.title, found.serves]).toEqual([title, serves]);
    expect(found.steps.map(({ text }) => text)).toEqual(['Blend.']);
  });
});

describe('for how many at the end of a title', () => {
  it.each([
    ['rosolli for 8!!', 'rosolli', 8],
    ['Green salad for 12!', 'Green salad', 12],
    ['slaw for 11 pls', 'slaw', 11],
    ['Larb for six please', 'Larb', 6],
    ['Potato salad for 9 of us', 'Potato salad', 9],
    ['Fattoush, serves 6!', 'Fattoush', 6],
  ])('%s', (row, title, serves) => {
    const found = read(`${row}\n\n200 g carrots\n1 onion\n\n1. Grate the carrots.\n2. Mix with the onion.`);
    expect([found.title, found.serves]).toEqual([title, serves]);
  });
  it('“Bread for toast” says nothing of people', () =>
    expect(read('Bread for toast\n\n1 loaf bread\n\n1. Slice the bread.').title).toBe('Bread for toast'));
});

describe('what a text is called', () => {
  it('a sentence of a letter is its story, with its people; the dish is named by its foods', () => {
    const recipe = read(`Hi Ida,

here's the beetroot thing from last night!! It feeds 6 as a starter, or 4 hungry people.

4 medium beets (about 600g), roasted till soft
a good handful of walnuts, toasted - keep a few back
2 tbsp sherry vinegar (or red wine vinegar)
s&p

Slice the beets into wedges and dress them with the vinegar. Finish with the walnuts.

Love, Bea`);
    expect([recipe.title, recipe.serves, recipe.portion]).toEqual(['Beets and walnuts', 6, 'taste']);
    expect(recipe.story).toMatch(/^here's the beetroot thing/);
    expect(recipe.lines.map(({ ingredient }) => ingredient)).toEqual([
      'beetroot',
      'walnuts',
      'sherry-vinegar',
      'fine-salt',
      'black-pepper',
    ]);
  });

  it('a part is no title: the letter goes on, with its people', () => {
    const recipe = read(`Hi both, this is what I made on Sunday. Enough for 6.

For the pickle
1 small red onion, in thin half moons
100ml cider vinegar
few sprigs thyme

Pour the vinegar over the onion and leave for 2 hours. Flake the fish. Toss.`);
    expect([recipe.title, recipe.serves]).toEqual(['Red onion and thyme', 6]);
    expect(recipe.components[0]!.name.toLowerCase()).toContain('pickle');
    expect(recipe.lines[2]).toMatchObject({ ingredient: 'thyme', unit: 'sprig' });
    // What is short is a step of its own where something waits before it.
    expect(recipe.steps.map(({ text }) => text)).toEqual([
      'Pour the vinegar over the onion.',
      'Leave for 2 hours.',
      'Flake the fish. Toss.',
    ]);
  });

  it('a sentence that lists what there must be is lines and no step, and half of it is no line more', () => {
    const recipe = read(
      'Beetroot with yoghurt\nYou’ll need 300g thick yoghurt, 50g walnuts and a bunch of dill. ' +
        'Stir half the dill into the yoghurt. Chop the walnuts and scatter over with the rest of the dill.',
    );
    expect(recipe.lines.map(({ ingredient }) => ingredient)).toEqual(['strained-yoghurt', 'walnuts', 'dill']);
    expect(recipe.steps.map(({ text }) => text.split(' ')[0])).toEqual(['Stir', 'Chop']);
  });

  it('a title may count something', () =>
    expect(read('Five of it\nServes 4\nIngredients\n200 g feta\nMethod\n1. Blend.').title).toBe(
      'Five of it',
    ));

  it('brackets behind it say how much it makes and for how many', () => {
    const recipe = read(`CHARRED CORN SALSA (makes about 3 cups, serves 8 as a dip)

3 ears corn, shucked
1 (15-oz) can black beans, rinsed
Tortilla chips, for serving

1. Char the corn and cut the kernels off the cobs.
2. Mix everything but the chips in a large bowl.
3. Serve with the chips.`);
    expect([recipe.title, recipe.serves, recipe.portion]).toEqual(['CHARRED CORN SALSA', 8, 'taste']);
    expect(recipe.story).toBe('Makes about 3 cups');
    // "Everything but the chips" leaves the chips for the last step.
    expect(recipe.steps.map(({ uses }) => uses.map(({ line }) => line))).toEqual([['l1'], ['l2'], ['l3']]);
  });
});
