import type { Recipe, RecipeLine, RecipeStep } from './types.js';

/** A short id that no item has yet: "l12". */
export function nextId(prefix: string, items: readonly { readonly id: string }[]): string {
  const taken = new Set(items.map(({ id }) => id));
  let number = items.length + 1;
  while (taken.has(`${prefix}${number}`)) number++;
  return `${prefix}${number}`;
}

/**
 * The lines with one put before another, or at the end of a component; it takes on the component it comes to
 * stand in.
 */
export function moveLine(
  lines: readonly RecipeLine[],
  id: string,
  to: { readonly before: string } | { readonly endOf: string },
): RecipeLine[] {
  const moving = lines.find((line) => line.id === id);
  if (!moving || ('before' in to && to.before === id)) return [...lines];
  const rest = lines.filter((line) => line.id !== id);
  if ('endOf' in to) return [...rest, { ...moving, componentId: to.endOf }];
  const at = rest.findIndex((line) => line.id === to.before);
  if (at < 0) return [...lines];
  return [...rest.slice(0, at), { ...moving, componentId: rest[at]!.componentId }, ...rest.slice(at)];
}

/**
 * The steps with one moved to another place, counted from 0. Steps that simply followed the one above still
 * do; a step that came after one which now stands below it is freed of that.
 */
export function moveStep(steps: readonly RecipeStep[], from: number, to: number): RecipeStep[] {
  const moved = [...steps];
  moved.splice(to, 0, ...moved.splice(from, 1));
  return rechained(moved, chained(steps));
}

/** The steps without one: what came after it comes after what it came after. */
export function removeStep(steps: readonly RecipeStep[], id: string): RecipeStep[] {
  const gone = steps.find((step) => step.id === id);
  return steps
    .filter((step) => step.id !== id)
    .map((step) => ({
      ...step,
      after: [...new Set(step.after.flatMap((before) => (before === id ? (gone?.after ?? []) : [before])))],
    }));
}

/** The steps with a new one at the end, after the one above. */
export function addStep(steps: readonly RecipeStep[], step: RecipeStep): RecipeStep[] {
  const last = steps[steps.length - 1];
  return [...steps, { ...step, after: last ? [last.id] : [] }];
}

/** Ids of steps that follow the one above them and nothing else. */
function chained(steps: readonly RecipeStep[]): Set<string> {
  return new Set(
    steps
      .filter((step, index) =>
        index === 0
          ? step.after.length === 0
          : step.after.length === 1 && step.after[0] === steps[index - 1]!.id,
      )
      .map(({ id }) => id),
  );
}

function rechained(steps: readonly RecipeStep[], follows: ReadonlySet<string>): RecipeStep[] {
  return steps.map((step, index) => {
    if (follows.has(step.id)) return { ...step, after: index === 0 ? [] : [steps[index - 1]!.id] };
    const above = new Set(steps.slice(0, index).map(({ id }) => id));
    return { ...step, after: step.after.filter((id) => above.has(id)) };
  });
}

/**
 * The recipe without a component: its lines go to the component that is left first. The last component stays.
 */
export function removeComponent(recipe: Recipe, id: string): Pick<Recipe, 'components' | 'lines' | 'steps'> {
  const components = recipe.components.filter((component) => component.id !== id);
  const heir = components[0]?.id;
  if (!heir) return recipe;
  const moved = <T extends { readonly componentId: string }>(item: T): T =>
    item.componentId === id ? { ...item, componentId: heir } : item;
  return { components, lines: recipe.lines.map(moved), steps: recipe.steps.map(moved) };
}
