import { describe, expect, it } from 'vitest';
import { readRecipe, type ReadRecipeOptions, type TextRead } from './read-recipe.js';

const metric = { system: 'metric' } as const;
const read = (text: string, options: Partial<ReadRecipeOptions> = {}): TextRead =>
  readRecipe(text, { ...metric, ...options });

describe('a talk with times', () => {
  const talk = (stamp: (minutes: number) => string) => `${stamp(0)}Today we make a radish salad for four.
${stamp(1)}You want two bunches of radishes and two, no, three tablespoons of olive oil.
${stamp(2)}First slice the radishes as thin as you can.
${stamp(6)}Then toss them with the oil.
${stamp(7)}Thank you for watching.`;
  const styles: readonly (readonly [string, (minutes: number) => string])[] = [
    ['in brackets', (minutes) => `[0${minutes}:00] `],
    ['bare', (minutes) => `${minutes}:00 `],
    ['WebVTT', (minutes) => `\n00:0${minutes}:00.000 --> 00:0${minutes}:30.000\n`],
    ['SubRip', (minutes) => `\n${minutes + 1}\n00:0${minutes}:00,000 --> 00:0${minutes}:30,000\n`],
  ];

  it.each(styles)('%s', (_, stamp) => {
    const [recipe] = read(talk(stamp)).recipes;
    expect(recipe!.serves).toBe(4);
    expect(recipe!.lines.map(({ ingredient, amount }) => `${amount?.low} ${ingredient}`)).toEqual([
      '2 radish',
      '3 olive-oil',
    ]);
    // From minute 2 to minute 6 the slicing was shown.
    expect(recipe!.steps[0]).toMatchObject({ handsOnMinutes: 4, isWorkedOut: false });
  });
});

describe('properties of reading', () => {
  const tidy = [
    'Bean salad',
    'Serves 4',
    '400 g green beans',
    '1 shallot',
    '2 tbsp olive oil',
    'Method',
    'Boil the beans for 4 minutes.',
    'Slice the shallot.',
    'Toss everything with the oil.',
  ].join('\n');
  const sense = (text: TextRead) =>
    text.recipes.map(({ serves, lines, steps }) => ({
      serves,
      lines: lines.map(({ ingredient, amount }) => [ingredient, amount]),
      steps: steps.map(({ text: words, uses, after }) => [words, uses, after]),
    }));

  it.each([
    `Hi both,\n${tidy}`,
    `${tidy}\nThanks for reading!`,
    `Jump to recipe\n${tidy}`,
    `${tidy}\nDid you make this? Leave a comment.`,
  ])('chatter changes nothing', (text) => expect(sense(read(text))).toEqual(sense(read(tidy))));

  it('amounts of the text scale its lines', () => {
    const twice = tidy
      .replace('400 g', '800 g')
      .replace('1 shallot', '2 shallots')
      .replace('2 tbsp', '4 tbsp');
    const amounts = (text: string) => read(text).recipes[0]!.lines.map(({ amount }) => Number(amount!.low));
    expect(amounts(twice)).toEqual(amounts(tidy).map((amount) => amount * 2));
  });

  it('British and American words do the same', () => {
    const acts = (text: string) =>
      read(text).recipes[0]!.steps.map((step) => step.acts!.map(({ kind }) => kind));
    const british = [
      'Dip for 4',
      '2 aubergines',
      '1 bunch coriander',
      '1. Grill the aubergines for 20 minutes.',
      '2. Chop the coriander.',
    ].join('\n');
    const american = [
      'Dip for 4',
      '2 eggplants',
      '1 bunch cilantro',
      '1. Broil the eggplants for 20 minutes.',
      '2. Chop the cilantro.',
    ].join('\n');
    expect(acts(american)).toEqual(acts(british));
  });

  it.each(['', '\n\n', '   ', '.', '🥗', '1', '---', '>>>>', '[00:00]', '| | |'])(
    'never throws: “%s”',
    (text) => {
      expect(() => read(text)).not.toThrow();
    },
  );
});
