import type { ClassFacts, TimedDish } from '../../class/index.js';
import type { RecipeStep } from '../../recipes/index.js';
import { levelOf } from './shown.js';

/**
 * Whether a step of a dish that is only shown stops every station: what its recipe shows, else what has a
 * technique to learn, else all of it; never what the class knows. The rest is done at the demonstration
 * bench while the stations work.
 */
export function isWatched(
  { id, recipe: { steps } }: TimedDish,
  step: RecipeStep,
  facts: Pick<ClassFacts, 'practised' | 'decisions'>,
): boolean {
  if (levelOf(id, step, facts) === 'known') return false;
  if (steps.some(({ demonstrateMinutes }) => demonstrateMinutes > 0)) return step.demonstrateMinutes > 0;
  return teaches(step) || !steps.some(teaches);
}

/** Putting something into the cold is nothing to look at. */
function teaches({ techniques, occupies }: RecipeStep): boolean {
  return techniques.length > 0 && occupies?.appliance !== 'fridge';
}
