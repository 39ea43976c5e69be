import { lookUp } from '../identity/index.js';
import type { Recipe, RecipeChoice, When } from './types.js';

/** The option taken for each choice, by the choice's id. What is not named takes its usual option. */
export type Chosen = Readonly<Record<string, string>>;

/** The option that is taken of a choice. */
export function optionTaken(choice: RecipeChoice, chosen: Chosen): string {
  const wanted = lookUp(chosen, choice.id);
  return choice.options.some((option) => option.id === wanted) ? wanted! : choice.usual;
}

/** Whether a part belongs to an option of its choice. */
function isOfOption({ option, also = [] }: When, taken: string | undefined): boolean {
  return taken !== undefined && (option === taken || also.includes(taken));
}

/** Whether a part is made in a way of a flight; in every one where it belongs to none, or none is dealt. */
export function isOfVariant({ when }: { readonly when?: When | null }, way: string | null): boolean {
  return !way || !when || isOfOption(when, way);
}

/** The recipe whose parts belong to no choice any more, but to the one that is dealt. */
export function withSettled(recipe: Recipe, dealt: string | null): Recipe {
  const settled = <T extends { readonly when?: When | null }>(part: T): T =>
    part.when && part.when.choice !== dealt ? { ...part, when: null } : part;
  if (recipe.choices.length === 0) return recipe;
  return { ...recipe, lines: recipe.lines.map(settled), steps: recipe.steps.map(settled) };
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
    !part.when || part.when.choice === dealt || isOfOption(part.when, taken.get(part.when.choice));
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
