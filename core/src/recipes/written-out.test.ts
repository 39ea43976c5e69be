import { describe, expect, it } from 'vitest';
import { recipe, step } from '../tests/recipes.js';
import { expandRecipe } from './sub-recipes.js';
import type { Recipe } from './types.js';
import { compositionProblem, type FindNode, mostWrittenOut, nodeOf, writtenOut } from './written-out.js';

const node = (title: string, lines: number, steps: number, ...parts: string[]) => ({
  title,
  lines,
  steps,
  parts,
});
const among =
  (nodes: Readonly<Record<string, ReturnType<typeof node>>>): FindNode =>
  (id) =>
    nodes[id] ?? null;

describe('how large a recipe is with its parts written out', () => {
  it('its own and those of each part, as often as it is asked for: 3 + 2 × (4 + 5) = 21 lines', () => {
    const find = among({
      plate: node('Plate', 3, 1, 'dip', 'dip'),
      dip: node('Dip', 4, 2, 'paste'),
      paste: node('Paste', 5, 3),
    });
    expect(writtenOut('plate', find)).toEqual({ lines: 21, steps: 11, levels: 2 });
    expect(writtenOut('gone', find)).toEqual({ lines: 0, steps: 0, levels: 0 });
  });
  it('as large as a power, without being written out: 20 parts on each of 6 levels', () => {
    const nodes = Object.fromEntries(
      Array.from({ length: 7 }, (_, level) => [
        `r${level}`,
        node(`R${level}`, 1, 1, ...(level < 6 ? Array.from({ length: 20 }, () => `r${level + 1}`) : [])),
      ]),
    );
    // 1 + 20 + 20² + … + 20⁶ = (20⁷ − 1) ÷ 19
    expect(writtenOut('r0', among(nodes))).toEqual({ lines: 67_368_421, steps: 67_368_421, levels: 6 });
  });
  it('a recipe counts its lines, its steps and the components that others make', () =>
    expect(
      nodeOf({
        ...recipe(['1 lemon', '2 limes'], { title: 'Cup', steps: [step('a')] }),
        components: [
          { id: 'c1', name: 'Cup', role: 'base' },
          { id: 'c2', name: 'Syrup', role: 'dressing', recipe: { recipeId: 'syrup', batches: '1' } },
        ],
      }),
    ).toEqual(node('Cup', 2, 1, 'syrup')));
});

describe('what a recipe cannot be made of', () => {
  const dip = node('Dip', 4, 2, 'paste');
  const paste = node('Paste', 300, 10);
  it('itself, by whatever way', () => {
    const find = among({ plate: node('Plate', 1, 1, 'dip'), dip, paste: node('Paste', 1, 1, 'plate') });
    expect(compositionProblem('plate', find, [])).toBe(
      'This would make the recipe a part of itself: “Plate” needs “Dip” needs “Paste” needs “Plate”.',
    );
  });
  it('itself at once', () =>
    expect(compositionProblem('a', among({ a: node('A', 1, 1, 'a') }), [])).toBe(
      'This would make the recipe a part of itself: “A” needs “A”.',
    ));
  it('more lines than a plan holds: 1 + 2 × 304 = 609 of 600', () => {
    const find = among({ plate: node('Plate', 1, 1, 'dip', 'dip'), dip, paste });
    expect(compositionProblem('plate', find, [])).toBe(
      'With its parts written out, “Plate” would have 609 lines; a recipe has at most 600.',
    );
  });
  it('nor may it grow so that what it is a part of would', () => {
    const find = among({ plate: node('Plate', 1, 1, 'dip', 'dip'), dip, paste });
    expect(compositionProblem('paste', find, ['dip'])).toBeNull();
    expect(compositionProblem('paste', find, ['dip', 'plate'])).toContain('“Plate” would have 609 lines');
  });
  it('more steps: 1 + 2 × 80 = 161 of 160; parts 6 deep', () => {
    const find = among({ plate: node('Plate', 1, 1, 'a', 'a'), a: node('A', 1, 80) });
    expect(compositionProblem('plate', find, [])).toContain('would have 161 steps');
    const deep = among(
      Object.fromEntries(
        Array.from({ length: 7 }, (_, level) => [`r${level}`, node('R', 1, 1, `r${level + 1}`)]),
      ),
    );
    expect(compositionProblem('r1', deep, [])).toContain('parts in parts 6 deep');
  });
});

describe('writing out what was saved before there were limits', () => {
  it('ends, and leaves out what would go over them', () => {
    const parts = Array.from({ length: 20 }, (_, at) => ({
      id: `c${at + 2}`,
      name: `Part ${at}`,
      role: 'base' as const,
      recipe: { recipeId: 'next', batches: '1' as const },
    }));
    const wide = { ...recipe(['1 lemon'], { steps: [step('a')] }) };
    const levels: Recipe[] = Array.from({ length: 7 }, (_, level) => ({
      ...wide,
      components: [
        ...wide.components,
        ...parts.map((part) => ({ ...part, recipe: { ...part.recipe, recipeId: `r${level + 1}` } })),
      ],
    }));
    const whole = expandRecipe(levels[0]!, (id) => levels[Number(id.slice(1))] ?? null, ['r0']);
    expect(whole.steps.length).toBeLessThanOrEqual(mostWrittenOut.steps);
    expect(whole.lines.length).toBeGreaterThan(1);
  });
});
