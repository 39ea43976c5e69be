import { describe, expect, it } from 'vitest';
import type { RecipeStep } from '../recipes/index.js';
import { step } from '../tests/recipes.js';
import { benchCautions, benchCautionsFor } from './at-the-bench.js';

const oven = { appliance: 'oven', setting: '' } as const;
const hob = { appliance: 'hob', setting: '' } as const;

/** A caution, a step that it belongs to, and its nearest neighbour. */
const table: readonly (readonly [string, Partial<RecipeStep>, Partial<RecipeStep>])[] = [
  ['hot-oil', { text: 'Deep-fry the chips.' }, { text: 'Stir-in the chips.' }],
  [
    'hot-sugar',
    { text: 'Melt the sugar to a caramel.', occupies: hob },
    { text: 'Stir in the sugar.', occupies: hob },
  ],
  ['flame', { text: 'Char the peppers.' }, { text: 'Peel the peppers.' }],
  ['blades', { text: 'Mix.', tools: ['jug blender'] }, { text: 'Mix.', tools: ['whisk'] }],
  ['mandoline', { text: 'Prepare.', tools: ['mandoline'] }, { text: 'Prepare.', tools: ['peeler'] }],
  ['hot-handles', { text: 'Roast.', occupies: oven }, { text: 'Roast.', occupies: null }],
  ['steam', { text: 'Cover with a lid.', occupies: hob }, { text: 'Cover with a lid.' }],
  ['boiling-water', { text: 'Drain the beans.', occupies: hob }, { text: 'Drain the tin.' }],
  ['knives', { text: 'Slice the pears.' }, { text: 'Wipe the pears.' }],
  ['grater', { text: 'Grate the carrots.' }, { text: 'Great carrots.' }],
  ['mortar', { text: 'Pound.', tools: ['pestle and mortar'] }, { text: 'Pound.', tools: ['spatula'] }],
  ['shaken-jar', { text: 'Shake the dressing.' }, { text: 'Stir the dressing.' }],
  ['wet-floor', { text: 'Rinse the leaves.' }, { text: 'Tear the leaves.' }],
];

describe('cautions at the bench', () => {
  it.each(table)('%s', (id, with_, without) => {
    const { isOf } = benchCautions.find((each) => each.id === id)!;
    const of = (overrides: Partial<RecipeStep>) => isOf(step('s', { tools: [], ...overrides }));
    expect([of(with_), of(without)]).toEqual([true, false]);
  });
  it('are all tried here', () =>
    expect(table.map(([id]) => id).sort()).toEqual(benchCautions.map(({ id }) => id).sort()));

  it('are said once a card, and not where the note says so', () => {
    const before = new Set<string>();
    const slice = step('a', { text: 'Slice the pears.', tools: [] });
    expect(benchCautionsFor(slice, '', before)).toHaveLength(1);
    expect(benchCautionsFor(slice, '', before)).toEqual([]);
    expect(benchCautionsFor(slice, 'Keep the knife sharp.', new Set())).toEqual([]);
  });
  it('are two at a step at the most', () => {
    const all = step('a', {
      text: 'Fry, grate, slice and rinse, then cover while hot and shake.',
      occupies: hob,
      tools: ['jug blender', 'mandoline'],
    });
    expect(benchCautionsFor(all, '', new Set())).toHaveLength(2);
  });
});
