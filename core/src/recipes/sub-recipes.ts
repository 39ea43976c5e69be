import { multiply, type Rational, toFraction, toNumber, toRational, writeAmount } from '../amounts/index.js';
import { actsForLines } from './acts/kept.js';
import { mostWrittenOut } from './written-out.js';
import type { Recipe, RecipeChoice, RecipeComponent, RecipeLine, RecipeStep } from './types.js';

/** Finds a recipe by its id; null where the library has none. */
export type FindRecipe = (recipeId: string) => Recipe | null;

/** The recipes that a recipe's components are made by. */
export function subRecipeIds(recipe: Pick<Recipe, 'components'>): string[] {
  return [
    ...new Set(
      recipe.components.flatMap((component) => (component.recipe ? [component.recipe.recipeId] : [])),
    ),
  ];
}

/**
 * A recipe with its sub-recipes written out: their lines and steps, scaled by the batches wanted, stand under
 * the component that asked for them, which asks for nothing more. Steps of the recipe that belong to the
 * component or name it come after the sub-recipe's last ones. A recipe that is not found, would contain
 * itself, or would make the whole larger than a recipe may be, leaves its component empty.
 */
export function expandRecipe(recipe: Recipe, find: FindRecipe, path: readonly string[] = []): Recipe {
  return written(recipe, find, path, {
    lines: mostWrittenOut.lines - recipe.lines.length,
    steps: mostWrittenOut.steps - recipe.steps.length,
    parts: mostParts,
  });
}

/** Components that are looked into in all: parts without lines or steps end as well. */
const mostParts = 200;

/** What may still be written out. */
interface Room {
  lines: number;
  steps: number;
  parts: number;
}

function written(recipe: Recipe, find: FindRecipe, path: readonly string[], room: Room): Recipe {
  if (!recipe.components.some((component) => component.recipe)) return recipe;
  return recipe.components.reduce((whole, component) => {
    const part = component.recipe;
    const sub = part && !path.includes(part.recipeId) && room.parts-- > 0 ? find(part.recipeId) : null;
    if (!part || !sub || sub.lines.length > room.lines || sub.steps.length > room.steps) return whole;
    room.lines -= sub.lines.length;
    room.steps -= sub.steps.length;
    return withSubRecipe(whole, component, written(sub, find, [...path, part.recipeId], room), part.batches);
  }, recipe);
}

function withSubRecipe(recipe: Recipe, component: RecipeComponent, sub: Recipe, batches: Rational): Recipe {
  const lines = sub.lines.map((line) => ownLine(line, component, batches));
  const steps = sub.steps.map((step) => ownStep(step, component, batches));
  const followed = new Set(steps.flatMap((step) => step.after));
  const last = steps.filter((step) => !followed.has(step.id)).map((step) => step.id);
  const users = usersOf(recipe, component);
  return {
    ...recipe,
    components: recipe.components.map((each) =>
      each.id === component.id ? { id: each.id, name: each.name, role: each.role } : each,
    ),
    choices: [...recipe.choices, ...sub.choices.map((choice) => ownChoice(choice, component))],
    lines: [...recipe.lines, ...lines],
    steps: [
      ...steps,
      ...recipe.steps.map((step) =>
        users.has(step.id) ? { ...step, after: [...new Set([...step.after, ...last])] } : step,
      ),
    ],
  };
}

/** What belongs to a sub-recipe is named after the component that asks for it: two of one stay apart. */
function ownId({ id }: RecipeComponent, of: string): string {
  return `${id}-${of}`;
}

function ownWhen(when: RecipeLine['when'], component: RecipeComponent): { when?: RecipeLine['when'] } {
  return when ? { when: { ...when, choice: ownId(component, when.choice) } } : {};
}

/** A way of the sub-recipe that a class still chooses: named with what it is a way of. */
function ownChoice(choice: RecipeChoice, component: RecipeComponent): RecipeChoice {
  return { ...choice, id: ownId(component, choice.id), name: `${component.name}: ${choice.name}` };
}

function ownLine(line: RecipeLine, component: RecipeComponent, batches: Rational): RecipeLine {
  return {
    ...scaled(line, batches),
    id: ownId(component, line.id),
    componentId: component.id,
    ...ownWhen(line.when, component),
  };
}

function ownStep(step: RecipeStep, component: RecipeComponent, batches: Rational): RecipeStep {
  const handsOn = Math.round(step.handsOnMinutes * Math.max(0.5, toNumber(batches)));
  return {
    ...step,
    id: ownId(component, step.id),
    componentId: component.id,
    uses: step.uses.map((use) => ({ ...use, line: ownId(component, use.line) })),
    ...actsForLines(step, (line) => ownId(component, line)),
    after: step.after.map((id) => ownId(component, id)),
    handsOnMinutes: Math.max(step.handsOnMinutes === 0 ? 0 : 1, handsOn),
    ...ownWhen(step.when, component),
  };
}

/** The steps that take what the component gives: its own, those that name it, or else the last one. */
function usersOf(recipe: Recipe, component: RecipeComponent): Set<string> {
  const name = component.name.toLowerCase();
  const users = recipe.steps.filter(
    (step) => step.componentId === component.id || step.text.toLowerCase().includes(name),
  );
  return new Set((users.length > 0 ? users : recipe.steps.slice(-1)).map((step) => step.id));
}

function scaled(line: RecipeLine, batches: Rational): RecipeLine {
  if (batches === '1' || !line.amount || !line.unit) return line;
  const by = (end: Rational) => toRational(toFraction(multiply(end, batches)));
  const amount = { low: by(line.amount.low), high: by(line.amount.high) };
  return {
    ...line,
    amount,
    second: null,
    text: [writeAmount({ ...amount, unit: line.unit }), line.name, line.note && `, ${line.note}`]
      .filter(Boolean)
      .join(' ')
      .replace(' ,', ','),
  };
}
