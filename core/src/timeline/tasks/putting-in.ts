import { findIngredient, type Ingredient, type Larder } from '../../larder/index.js';
import type { Recipe, RecipeStep } from '../../recipes/index.js';

/** Putting a step into a recipe, between others. */

const heating: ReadonlySet<string> = new Set(['oven', 'hob', 'griddle', 'microwave']);

export function addedStep(
  id: string,
  text: string,
  like: RecipeStep,
  overrides: Partial<RecipeStep> & { addedFor: string },
): RecipeStep {
  return {
    id,
    componentId: like.componentId,
    text,
    handsOnMinutes: 1,
    waitMinutes: null,
    until: '',
    place: like.place,
    occupies: null,
    tools: [],
    uses: [],
    after: [],
    holdMinutes: null,
    techniques: [],
    techniqueNote: '',
    demonstrateMinutes: 0,
    ...(like.when ? { when: like.when } : {}),
    ...overrides,
  };
}

interface Pair {
  readonly from: string;
  readonly to: string;
}

/** Steps and those that come right after them. */
export function pairsOf({ steps }: Recipe): Pair[] {
  const known = new Set(steps.map(({ id }) => id));
  return steps.flatMap((step) =>
    step.after.filter((from) => known.has(from)).map((from) => ({ from, to: step.id })),
  );
}

export function stepOf(recipe: Recipe, id: string): RecipeStep {
  return recipe.steps.find((step) => step.id === id)!;
}

/** The step that stands right before `to` on the way from `from`. */
export function lastBetween(recipe: Recipe, from: string, to: string): string {
  const after = stepOf(recipe, to).after;
  return after.includes(from) ? from : (after.find((id) => stepOf(recipe, id)?.after.includes(from)) ?? from);
}

/** Puts a step between two others. */
export function between(recipe: Recipe, step: RecipeStep, from: string, to: string): Recipe {
  const placed = { ...step, after: [from] };
  return {
    ...recipe,
    steps: recipe.steps.flatMap((each) =>
      each.id === to
        ? [placed, { ...each, after: each.after.map((id) => (id === from ? step.id : id)) }]
        : [each],
    ),
  };
}

/** Puts a step before the first that uses a line. */
export function startingWith(recipe: Recipe, step: RecipeStep, lineId: string): Recipe {
  const user = firstUser(recipe, lineId)!;
  return {
    ...recipe,
    steps: recipe.steps.flatMap((each) =>
      each.id === user.id ? [step, { ...each, after: [...each.after, step.id] }] : [each],
    ),
  };
}

export function firstUser({ steps }: Recipe, lineId: string): RecipeStep | undefined {
  return steps.find((step) => step.uses.some((use) => use.line === lineId));
}

export function isHeated(step: RecipeStep): boolean {
  return step.occupies !== null && heating.has(step.occupies.appliance);
}

export function usedBy(recipe: Recipe, step: RecipeStep, larder: Larder): Ingredient[] {
  return recipe.lines
    .filter((line) => step.uses.some((use) => use.line === line.id))
    .flatMap((line) => findIngredient(larder, line.ingredient) ?? []);
}
