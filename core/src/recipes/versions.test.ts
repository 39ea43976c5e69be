import { describe, expect, it } from 'vitest';
import type { Rational } from '../amounts/index.js';
import { recipe, step } from '../tests/recipes.js';
import { applyChoices, namesTaken } from './choices.js';
import { compareRecipes } from './compare.js';
import { expandRecipe } from './sub-recipes.js';
import type { Recipe } from './types.js';

const use = (line: string, share: Rational = '1') => ({ line, share });

const marks = { kept: '…', in: '{+…+}', out: '{-…-}' } as const;

describe('choices: schools that a class chooses of', () => {
  const plain = recipe(['1 cos lettuce', '2 tbsp olive oil', '2 tbsp rapeseed oil'], {
    steps: [
      step('s1', { uses: [use('l1')] }),
      step('s2', { uses: [use('l2')], after: ['s1'] }),
      step('s3', { uses: [use('l3')], after: ['s2'] }),
    ],
  });
  const ask: Recipe = {
    ...plain,
    choices: [
      {
        id: 'oil',
        name: 'Which oil',
        usual: 'fruity',
        options: [
          { id: 'fruity', name: 'fruity' },
          { id: 'light', name: 'light' },
        ],
      },
    ],
    lines: plain.lines.map((line) =>
      line.id === 'l2'
        ? { ...line, when: { choice: 'oil', option: 'fruity' } }
        : line.id === 'l3'
          ? { ...line, when: { choice: 'oil', option: 'light' } }
          : line,
    ),
    steps: plain.steps.map((each) =>
      each.id === 's2' ? { ...each, when: { choice: 'oil', option: 'fruity' } } : each,
    ),
  };
  it('the usual option where nothing is said, another where it is', () => {
    expect(applyChoices(ask, {}).lines.map(({ id }) => id)).toEqual(['l1', 'l2']);
    expect(applyChoices(ask, { oil: 'light' }).lines.map(({ id }) => id)).toEqual(['l1', 'l3']);
    expect([
      namesTaken(ask, {}),
      namesTaken(ask, { oil: 'light' }),
      namesTaken(ask, { oil: 'gone' }),
    ]).toEqual([['fruity'], ['light'], ['fruity']]);
  });
  it('a step that falls out hands its place to what came before it', () => {
    const light = applyChoices(ask, { oil: 'light' });
    expect(light.steps.map(({ id, after, uses }) => [id, after, uses.map(({ line }) => line)])).toEqual([
      ['s1', [], ['l1']],
      ['s3', ['s1'], ['l3']],
    ]);
  });
});

describe('sub-recipes', () => {
  const dressing = recipe(['3 tbsp olive oil', '1 tbsp cider vinegar'], {
    title: 'House dressing',
    steps: [step('s1', { text: 'Shake.', handsOnMinutes: 4, uses: [use('l1'), use('l2')] })],
  });
  const salad = recipe(['100 g rocket'], {
    title: 'Rocket',
    components: [
      { id: 'c1', name: 'Salad', role: 'base' },
      { id: 'c2', name: 'Dressing', role: 'dressing', recipe: { recipeId: 'dressing', batches: '3/2' } },
    ],
    steps: [
      step('s1', { text: 'Wash the rocket.' }),
      step('s2', { text: 'Toss with the dressing.', after: ['s1'] }),
    ],
  });
  const library: Record<string, Recipe> = { dressing, salad };
  const find = (id: string) => library[id] ?? null;
  it(
    'its lines come under the component, 1½ times: 3 × 1½ = 4½ ' +
      'tbsp, and the toss comes after its last step',
    () => {
      const expanded = expandRecipe(salad, find, ['salad']);
      expect(
        expanded.lines.map(({ id, componentId, amount, text }) => [id, componentId, amount?.low, text]),
      ).toEqual([
        ['l1', 'c1', '100', '100 g rocket'],
        ['c2-l1', 'c2', '9/2', '4 1/2 tbsp olive oil'],
        ['c2-l2', 'c2', '3/2', '1 1/2 tbsp cider vinegar'],
      ]);
      expect(expanded.steps.map(({ id, after, handsOnMinutes }) => [id, after, handsOnMinutes])).toEqual([
        ['c2-s1', [], 6],
        ['s1', [], 5],
        ['s2', ['s1', 'c2-s1'], 5],
      ]);
    },
  );
  it('written out once, it is not written out again', () => {
    const expanded = expandRecipe(salad, find, ['salad']);
    expect(expandRecipe(expanded, find, ['salad'])).toEqual(expanded);
  });
  it('one that is not there leaves its component empty', () =>
    expect(expandRecipe(salad, () => null, ['salad']).lines).toHaveLength(1));
  it('a loop in stored data does not expand for ever', () => {
    const self = recipe(['1 lemon'], {
      components: [{ id: 'c1', name: 'All', role: 'base', recipe: { recipeId: 'self', batches: '1' } }],
    });
    expect(expandRecipe(self, () => self, ['self']).lines).toHaveLength(1);
  });
});

describe('what changed between two versions', () => {
  const before = recipe(['2 tbsp olive oil', '1 lemon', '1 tsp salt'], {
    title: 'Old',
    serves: 4,
    steps: [step('s1', { text: 'Whisk.' })],
  });
  const differences = (after: Recipe) =>
    compareRecipes(before, after).map(
      ({ what, where, parts }) =>
        `${what} ${where}: ${parts.map(({ text, change }) => marks[change].replace('…', text)).join('')}`,
    );
  it('nothing where nothing did', () => expect(compareRecipes(before, before)).toEqual([]));
  it('words within a line, servings, a new line, one taken out', () => {
    const [oil, lemon] = before.lines;
    const after = {
      ...before,
      serves: 6,
      lines: [{ ...oil!, text: '3 tbsp olive oil' }, lemon!, { ...lemon!, id: 'l9', text: '1 lime' }],
    };
    expect(differences(after)).toEqual([
      'changed serves: {-4-}{+6+}',
      'removed line: {-1 tsp salt-}',
      'changed line: {-2-}{+3+} tbsp olive oil',
      'added line: {+1 lime+}',
    ]);
  });
  it('a line that moved is the one that moved, not all others', () => {
    const [oil, lemon, salt] = before.lines;
    expect(differences({ ...before, lines: [salt!, oil!, lemon!] })).toEqual(['moved line: 1 tsp salt']);
  });
  it('a step’s minutes are part of what a reader sees', () =>
    expect(differences({ ...before, steps: [{ ...before.steps[0]!, handsOnMinutes: 9 }] })).toEqual([
      'changed step: Whisk. ({-5-}{+9+} min hands-on, in class)',
    ]));
});
