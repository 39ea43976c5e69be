import type { ClassPlan } from '@fornax/core';

/** Foods of all dishes of a class that nobody knows, each once. */
export function notKnownIn(plan: ClassPlan): string[] {
  return [...new Set(plan.allergens.flatMap(({ notKnown }) => notKnown))];
}
