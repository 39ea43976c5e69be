import { type ClassFacts, type TechniqueLevel, techniqueLevels } from '../../class/index.js';
import { type DishId, lookUp, stepKey } from '../../identity/index.js';
import type { RecipeStep } from '../../recipes/index.js';
import type { HowStep } from './types.js';

/** Practised in so many earlier classes it is known. A starting estimate. */
const knownFrom = 2;

/** What the level of a step hangs on: what the course practised, and what the instructor says. */
type Taught = Pick<ClassFacts, 'practised' | 'decisions'>;

/** What the instructor can say the level of: the techniques of a step, or the step where it has none. */
export function levelKeys(dishId: DishId, { id, techniques }: RecipeStep): readonly string[] {
  return techniques.length > 0 ? techniques : [stepKey(dishId, id)];
}

/** How well a class knows what a step takes: the technique that it knows least. */
export function levelOf(dishId: DishId, step: RecipeStep, facts: Taught): TechniqueLevel {
  const levels = levelKeys(dishId, step).map((key) => levelOfTechnique(key, facts));
  return techniqueLevels.find((level) => levels.includes(level)) ?? 'new';
}

/** The same of one technique, or of a step that has none. */
export function levelOfTechnique(key: string, { practised = {}, decisions }: Taught): TechniqueLevel {
  return lookUp(decisions?.levels ?? {}, key) ?? practisedLevel(lookUp(practised, key) ?? 0);
}

function practisedLevel(times: number): TechniqueLevel {
  return times >= knownFrom ? 'known' : times > 0 ? 'practised' : 'new';
}

/**
 * Minutes for which a step is shown, and how they came about: as the recipe says; half of it where the
 * class has practised it before; 0 where it knows it.
 */
export function shownMinutes(
  dishId: DishId,
  step: RecipeStep,
  facts: Taught,
): { readonly minutes: number; readonly how: readonly HowStep[] } {
  const asWritten = {
    label: 'Demonstration as planned in the recipe',
    value: `${step.demonstrateMinutes} min`,
  };
  const level = levelOf(dishId, step, facts);
  if (level === 'new' || step.demonstrateMinutes === 0)
    return { minutes: step.demonstrateMinutes, how: [asWritten] };
  const minutes = level === 'known' ? 0 : Math.ceil(step.demonstrateMinutes / 2);
  return {
    minutes,
    how: [
      asWritten,
      {
        label: level === 'known' ? 'The class knows it' : 'The class has practised it',
        value: `${minutes} min`,
        note: level === 'known' ? 'Name it; it need not be shown again.' : 'Shown in half the time.',
      },
    ],
  };
}
