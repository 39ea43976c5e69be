import type { ClassBundle } from '../plan/index.js';

/**
 * Dishes without a ready-made swap in which something is shown after a wait in class: a swap would bridge
 * that wait.
 */
export function bridged({ class: facts }: ClassBundle): string[] {
  return facts.dishes
    .filter((dish) => {
      if (dish.making?.swap || dish.maker === 'made ahead' || facts.demonstrationPlates === 0) return false;
      const waiting = new Set(
        dish.recipe.steps
          .filter((step) => step.waitMinutes !== null && step.place !== 'before')
          .map(({ id }) => id),
      );
      return dish.recipe.steps.some(
        (step) =>
          (dish.maker === 'demonstration' || step.demonstrateMinutes > 0) &&
          step.after.some((before) => waiting.has(before)),
      );
    })
    .map(({ id }) => id);
}
