import { lookUp } from '../identity/index.js';
import type { Recipe, RecipeChoice } from './types.js';

/** The option taken for each choice, by the choice's id. What is not named takes its usual option. */
export type Chosen = Readonly<Record<string, string>>;

/** The option that is taken of a choice. */
export function optionTaken(choice: RecipeChoice, chosen: Chosen): string {
  const wanted = lookUp(chosen, choice.id);
  return choice.options.some((option) => option.id === wanted) ? wanted! : choice.usual;
}

/**
 * A recipe with its choices made: the lines and steps of the options taken, and those that belong to no
 * option. Steps that came after one that falls out come after what that one came after. The choice `dealt`
 * stays open: a tasting flight makes all of its ways.
 */
export function applyChoices(recipe: Recipe, chosen: Chosen, dealt: string | null = null): Recipe {
  if (recipe.choices.length === 0) return recipe;
  const taken = new Map(recipe.choices.map((choice) => [choice.id, optionTaken(choice, chosen)]));
  const holds = (part: { readonly when?: Recipe['lines'][number]['when'] }) =>
    !part.when || part.when.choice === dealt || taken.get(part.when.choice) === part.when.option;
  const lines = recipe.lines.filter(holds);
  const kept = new Set(lines.map((line) => line.id));
  const before = new Map(recipe.steps.map((step) => [step.id, step]));
  const standing = (id: string, seen: ReadonlySet<string>): string[] => {
    const step = before.get(id);
    if (!step || seen.has(id)) return [];
    return holds(step) ? [id] : step.after.flatMap((each) => standing(each, new Set([...seen, id])));
  };
  const steps = recipe.steps.filter(holds).map((step) => ({
    ...step,
    uses: step.uses.filter((use) => kept.has(use.line)),
    after: [...new Set(step.after.flatMap((id) => standing(id, new Set())))],
  }));
  return { ...recipe, lines, steps };
}

/** The names of the options taken, for a menu: "dressed at the table". */
export function namesTaken(recipe: Pick<Recipe, 'choices'>, chosen: Chosen): string[] {
  return recipe.choices
    .map((choice) => choice.options.find((option) => option.id === optionTaken(choice, chosen))?.name ?? '')
    .filter(Boolean);
}
