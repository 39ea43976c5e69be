import { describe, expect, it } from 'vitest';
import { readRecipe, type ReadRecipeOptions, type TextRead } from './read-recipe.js';

const metric = { system: 'metric' } as const;
const read = (text: string, options: Partial<ReadRecipeOptions> = {}): TextRead =>
  readRecipe(text, { ...metric, ...options });

describe('several dishes in a text', () => {
  const two = `Corn salad
Serves 8
6 corn cobs
Lime cream, to serve
1. Griddle the corn for 10 minutes.
2. Spoon over the lime cream.

Lime cream
Makes about 250 ml
200 ml soured cream
1 lime
1. Stir together the cream and the lime juice.`;

  it('are a recipe each, and one is a part of the other', () => {
    const { recipes, uses } = read(two);
    expect(recipes.map(({ title }) => title)).toEqual(['Corn salad', 'Lime cream']);
    expect(uses).toMatchObject([{ recipe: 0, of: 1, batches: '1' }]);
    expect(recipes[0]!.lines.map(({ text }) => text)).toEqual(['6 corn cobs']);
    expect(recipes[0]!.components.map(({ name }) => name)).toContain('Lime cream');
  });

  it('a part with its own work stays a part', () => {
    const { recipes } = read(`Carrot salad
Serves 4
500 g carrots
1. Grate the carrots.
Dressing
2 tbsp lemon juice
4 tbsp olive oil
2. Whisk the dressing and toss.`);
    expect(recipes).toHaveLength(1);
  });

  it('are asked about where only their titles say so', () => {
    const unsure = [
      'Slaw',
      '1 cabbage',
      '2 carrots',
      '1. Shred all.',
      'Red thunder',
      '1 bunch parsley',
      '50 ml oil',
      '1. Blend it.',
    ].join('\n');
    expect(read(unsure).recipes).toHaveLength(2);
    expect(read(unsure, { answers: { 'dishes|': 'one' } }).recipes).toHaveLength(1);
  });
});

describe('a row is what a person says it is', () => {
  const text = `Bean salad for 4
400 g green beans
a story of beans
1 shallot
Boil the beans for 4 minutes.
Slice the shallot, unless you have none.
Toss and serve.`;
  const rowOf = (found: TextRead, words: string) => found.rows.find((row) => row.text === words)!;

  it.each([
    ['Slice the shallot, unless you have none.', 'note', 'note'],
    ['Toss and serve.', 'nothing', 'nothing'],
    ['a story of beans', 'step', 'step'],
    ['a story of beans', 'line', 'line'],
  ] as const)('%s as %s', (row, role, kind) => {
    const found = read(text, { roles: { [row]: role } });
    expect(rowOf(found, row)).toMatchObject({ kind, isSaid: true });
  });

  it('a heading opens a part', () => {
    const found = read(text, { roles: { 'a story of beans': 'heading' } });
    expect(found.recipes[0]!.components.map(({ name }) => name)).toContain('A story of beans');
  });
});

describe('what each row became', () => {
  it('is told for every row that is not blank', () => {
    const found = read(
      [
        'Bean salad for 4',
        '',
        '400 g green beans',
        '2 tbsp olive oil',
        'Boil the beans for 4 minutes.',
        'Toss with the oil.',
        'Keeps 2 days.',
      ].join('\n'),
    );
    expect(found.rows.map(({ row, kind }) => `${row} ${kind}`)).toEqual([
      '0 title',
      '2 line',
      '3 line',
      '4 step',
      '5 step',
      '6 step',
    ]);
  });
});
