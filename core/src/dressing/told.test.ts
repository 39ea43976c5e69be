import { describe, expect, it } from 'vitest';
import { standardLarder } from '../larder/index.js';
import { parseRecipeText } from '../recipes/index.js';
import { dressingComponents, saltInPlaces, tellDressing } from './index.js';

const recipeOf = (
  base: readonly string[],
  dressing: readonly string[],
  steps: readonly string[],
  more = '',
) =>
  parseRecipeText(
    [
      ...['Salad', 'Serves 4', '', ...base, '', 'For the dressing', ...dressing],
      ...[more, '', 'Method', ...steps.map((step, index) => `${index + 1}. ${step}`)],
    ].join('\n'),
    { system: 'metric' },
  );
const told = (recipe: ReturnType<typeof recipeOf>) =>
  tellDressing(recipe, dressingComponents(recipe)[0]!, standardLarder)!;
const figure = (recipe: ReturnType<typeof recipeOf>, id: string) =>
  told(recipe).figures.find((each) => each.id === id);

const plain = ['60 ml olive oil', '20 ml cider vinegar', '1.5 g fine salt'];
const whisk = ['Whisk the oil, vinegar and salt.', 'Toss the beans with the dressing.'];

describe('salt in three places', () => {
  it('1.5 g in 240 g of beans and 76.3 g of dressing are 0.85 % with what the beans bring', () => {
    // Beans 240 × 0.005 = 1.2 g. (1.5 + 1.2) ÷ 316.3 = 0.85 %, inside 0.7–1.1.
    const salt = saltInPlaces(recipeOf(['240 g tinned white beans, drained'], plain, whisk), standardLarder)!;
    expect(salt.percent).toBeCloseTo(0.85, 2);
    expect(salt.rows.map(({ source, grams }) => [source, Number(grams.toFixed(2))])).toEqual([
      ['cooking water', 0],
      ['food', 1.2],
      ['dressing', 1.5],
      ['toppings', 0],
    ]);
    expect([salt.isOut, salt.remedies]).toEqual([false, []]);
  });
  it('what the dressing cannot bring is seasoned into the base', () => {
    // 600 g of tomatoes as purchased are 546 of edible portion; 1.5 g of salt in 622.3 g are 0.24 %.
    // (622.3 × 0.007 − 1.5) ÷ 0.993 = 2.88 g, 2.4 ml: ½ tsp.
    const salt = saltInPlaces(recipeOf(['600 g tomatoes, cored and cut'], plain, whisk), standardLarder)!;
    expect(salt.percent).toBeCloseTo(0.24, 2);
    expect(salt.remedies).toEqual(['Under 0.7 % salt: season the base with ½ tsp of fine salt, 2.9 g.']);
  });
  it('a salty topping is waited for', () => {
    const recipe = recipeOf(['600 g tomatoes, cored and cut'], plain, whisk, '\nFor the topping\n100 g feta');
    // Feta brings 2.6 g of the 4.1.
    expect(saltInPlaces(recipe, standardLarder)!.remedies).toContain(
      'Season before the feta goes on, and lightly: it brings 2.6 g of the salt.',
    );
  });
  it('potatoes boiled in salted water bring 0.4 % of it, or a tenth of salt that is written', () => {
    const boil = 'Boil the potatoes in salted water until tender.';
    const salted = saltInPlaces(recipeOf(['500 g potatoes'], plain, [boil, ...whisk]), standardLarder)!;
    expect(salted.rows[0]!.grams).toBeCloseTo(500 * 0.004);
    const boiled = 'Boil the potatoes with the coarse salt.';
    const written = recipeOf(['500 g potatoes', '20 g coarse salt'], plain, [boiled, ...whisk]);
    expect(saltInPlaces(written, standardLarder)!.rows[0]!.grams).toBeCloseTo(2, 1);
  });
  it('is not told where something is not known, and where nothing is dressed', () => {
    expect(saltInPlaces(recipeOf(['500 g zorbleaf'], plain, whisk), standardLarder)).toBeNull();
    expect(saltInPlaces(recipeOf([], plain, whisk), standardLarder)).toBeNull();
  });
});

describe('what is said of a dressing', () => {
  it('undrained tomatoes thin it: 8 % of 546 g are 44 ml to 76.3 g, salt 1.97 → 1.253 %', () => {
    const wet = recipeOf(['600 g tomatoes, cored and cut'], plain, whisk);
    expect(figure(wet, 'thinned')?.text).toMatch(/^thinned to 1\.3 % salt by tomatoes not drained$/);
    const steps = ['Cut the tomatoes and drain them in a colander.', ...whisk];
    expect(figure(recipeOf(['600 g tomatoes, cored and cut'], plain, steps), 'thinned')).toBeUndefined();
  });
  it('grains dressed warm take up a third more', () => {
    const cold = figure(recipeOf(['500 g potatoes'], plain, whisk), 'balance')!.text;
    const warm = figure(
      recipeOf(['500 g potatoes'], plain, ['Toss the potatoes with the dressing while warm.']),
      'balance',
    )!.text;
    // 76.3 ÷ 0.2 and ÷ 0.15 are 382 and 509, 445 in the middle; for a third more 334.
    expect(cold).toContain('dresses 450 g');
    expect(warm).toContain('dresses 330 g');
  });
  it('strong on purpose: where the dish is not too salty, its dressing is not', () => {
    const strong = ['60 ml olive oil', '20 ml cider vinegar', '3 g fine salt'];
    const potatoes = told(recipeOf(['500 g potatoes'], strong, whisk));
    expect(potatoes.remedies.join()).not.toMatch(/over the usual/);
    const leaves = told(recipeOf(['100 g rocket'], strong, whisk));
    expect(leaves.remedies.join()).toMatch(/over the usual/);
  });
  it('a dip is said by its thickness, and charred aubergines are what is left of them', () => {
    const dip = parseRecipeText(
      [
        ...['Dip', 'Serves 4', '', 'For the dip', '3 aubergines', '4 tbsp tahini', '30 ml lemon juice', ''],
        ...['1. Char the aubergines and scoop out the flesh.', '2. Blend the aubergines with the tahini.'],
      ].join('\n'),
      { system: 'metric' },
    );
    // 3 × 300 g × 0.5 are 450 g, 60 ml of tahini 60.6, juice 30.9: 541.5 g, about 520 ml: 8 people.
    expect(figure(dip, 'balance')!.text).toMatch(/^dippable · salt 0 %/);
    expect(figure(dip, 'serves')!.text).toBe('enough for 8, with 40–48 pieces to dip');
  });
  it('no oil beside the acid is no ratio', () =>
    expect(
      figure(recipeOf(['100 g rocket'], ['60 ml lemon juice', '1 g salt'], whisk), 'balance')!.text,
    ).toMatch(/^no-oil · /));
  it('salt to taste is not called too little', () => {
    const bare = ['60 ml olive oil', '20 ml cider vinegar'];
    expect(told(recipeOf(['300 g rocket'], bare, whisk)).remedies.join()).toMatch(/Salt is under the usual/);
    const seasoned = told(recipeOf(['300 g rocket'], [...bare, 'salt to taste'], whisk));
    expect(seasoned.remedies.join()).not.toMatch(/salt/i);
  });
  it('a vinegar that nobody knows is not left out of the balance: none is told', () =>
    expect(
      told(recipeOf(['100 g rocket'], ['75 ml rapeseed oil', '2 tbsp elderflower vinegar'], whisk)),
    ).toMatchObject({
      figures: [{ text: 'balance not known, for what is in it: elderflower vinegar' }],
      remedies: [],
    }));
});
