import { quotedList } from '../words/index.js';
import type { Recipe } from './types.js';

/** What a recipe has itself, and the recipes that make its components, each as often as it is asked for. */
export interface RecipeNode {
  readonly title: string;
  readonly lines: number;
  readonly steps: number;
  readonly parts: readonly string[];
}

/** Finds a recipe by its id; null where the library has none. */
export type FindNode = (recipeId: string) => RecipeNode | null;

/** How large a recipe is with its parts written out, and how many levels they lie under it. */
export interface WrittenOut {
  readonly lines: number;
  readonly steps: number;
  readonly levels: number;
}

/** The most that a recipe is with its parts written out, and so the most of one dish in a plan. */
export const mostWrittenOut: WrittenOut = { lines: 600, steps: 160, levels: 5 };

export function nodeOf({ title, lines, steps, components }: Recipe): RecipeNode {
  return {
    title,
    lines: lines.length,
    steps: steps.length,
    parts: components.flatMap(({ recipe }) => (recipe ? [recipe.recipeId] : [])),
  };
}

/**
 * The size of a recipe with its parts written out. Each recipe is looked at once, however often it is asked
 * for. What is not found counts nothing; what would contain itself is as large as can be.
 */
export function writtenOut(id: string, find: FindNode): WrittenOut {
  const known = new Map<string, WrittenOut>();
  const sizeOf = (each: string): WrittenOut => {
    const before = known.get(each);
    if (before) return before;
    known.set(each, { lines: Infinity, steps: Infinity, levels: Infinity });
    const node = find(each);
    const parts = (node?.parts ?? []).map(sizeOf);
    const size = {
      lines: parts.reduce((sum, part) => sum + part.lines, node?.lines ?? 0),
      steps: parts.reduce((sum, part) => sum + part.steps, node?.steps ?? 0),
      levels: parts.reduce((most, part) => Math.max(most, part.levels + 1), 0),
    };
    known.set(each, size);
    return size;
  };
  return sizeOf(id);
}

/** Ids by which a recipe is a part of itself, from itself to the last before it; null where it is not. */
function loopFrom(id: string, find: FindNode): string[] | null {
  const seen = new Set<string>();
  const visit = (each: string, path: readonly string[]): string[] | null => {
    for (const part of find(each)?.parts ?? []) {
      if (part === id) return [...path];
      if (seen.has(part)) continue;
      seen.add(part);
      const loop = visit(part, [...path, part]);
      if (loop) return loop;
    }
    return null;
  };
  return visit(id, [id]);
}

/**
 * Why a recipe cannot be made of what it is made of, in a sentence; null where it can. `users` are those that
 * it is a part of, however far up: they grow with it.
 */
export function compositionProblem(id: string, find: FindNode, users: readonly string[]): string | null {
  const titleOf = (each: string) => find(each)?.title ?? '';
  const loop = loopFrom(id, find);
  if (loop) {
    const titles = [...loop, id].map((each) => quotedList([titleOf(each)]));
    return `This would make the recipe a part of itself: ${titles.join(' needs ')}.`;
  }
  for (const each of [id, ...users]) {
    const problem = sizeProblem(writtenOut(each, find));
    if (problem) return `With its parts written out, ${quotedList([titleOf(each)])} ${problem}.`;
  }
  return null;
}

function sizeProblem({ lines, steps, levels }: WrittenOut): string {
  const most = mostWrittenOut;
  if (lines > most.lines) return `would have ${lines} lines; a recipe has at most ${most.lines}`;
  if (steps > most.steps) return `would have ${steps} steps; a recipe has at most ${most.steps}`;
  if (levels > most.levels)
    return `would have parts in parts ${levels} deep; at most ${most.levels} are read`;
  return '';
}
