import type { TimedDish } from '../../class/index.js';
import { stepKey } from '../../identity/index.js';
import type { RecipeStep } from '../../recipes/index.js';
import type { TaskInput } from './types.js';

/**
 * A step that may be either is done before class, unless the instructor wants it in class or it is given to
 * the students.
 */
export function isWantedInClass(
  { decisions, leftToStudents, leftToStaff }: TaskInput,
  dish: TimedDish,
  step: RecipeStep,
): boolean {
  const key = stepKey(dish.id, step.id);
  const wanted = decisions.when[key] ?? (leftToStaff?.has(key) ? 'before' : step.place);
  return wanted === 'in class' || (wanted === 'either' && leftToStudents?.has(key) === true);
}

/**
 * The same of a dish that is not made ahead, with all that comes after: what a step before class needs is
 * done then.
 */
export function staysInClass(input: TaskInput, dish: TimedDish, step: RecipeStep): boolean {
  return (
    isWantedInClass(input, dish, step) &&
    dish.recipe.steps.every((each) => !each.after.includes(step.id) || staysInClass(input, dish, each))
  );
}
