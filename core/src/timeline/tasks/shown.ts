import type { ClassFacts } from '../../class/index.js';
import { lookUp } from '../../identity/index.js';
import type { RecipeStep } from '../../recipes/index.js';
import type { HowStep } from './types.js';

/** How well a class knows what a step takes, by how often it was practised in the course. */
export type Level = 'new' | 'practised' | 'known';
/** Practised in so many earlier classes it is known. A starting estimate. */
const knownFrom = 2;

/** The level of the technique of a step that is known least; new where it has none. */
export function levelOf(
  { techniques }: RecipeStep,
  { practised = {} }: Pick<ClassFacts, 'practised'>,
): Level {
  const times = techniques.map((technique) => lookUp(practised, technique) ?? 0);
  const least = times.length > 0 ? Math.min(...times) : 0;
  return least >= knownFrom ? 'known' : least > 0 ? 'practised' : 'new';
}

/**
 * Minutes for which a step is shown, and how they came about: as the recipe says; half of it where the
 * class has practised it before; 0 where it knows it.
 */
export function shownMinutes(
  step: RecipeStep,
  facts: Pick<ClassFacts, 'practised'>,
): { readonly minutes: number; readonly how: readonly HowStep[] } {
  const asWritten = {
    label: 'Demonstration as planned in the recipe',
    value: `${step.demonstrateMinutes} min`,
  };
  const level = levelOf(step, facts);
  if (level === 'new' || step.demonstrateMinutes === 0)
    return { minutes: step.demonstrateMinutes, how: [asWritten] };
  const minutes = level === 'known' ? 0 : Math.ceil(step.demonstrateMinutes / 2);
  return {
    minutes,
    how: [
      asWritten,
      {
        label: level === 'known' ? 'Known from the course' : 'Practised once in the course',
        value: `${minutes} min`,
        note: level === 'known' ? 'Name it; it need not be shown again.' : 'Shown in half the time.',
      },
    ],
  };
}
