import type { ClassPlan } from '@fornax/core';

/** Foods of all dishes of a class that have to be asked about, each once. */
export function notKnownIn(plan: ClassPlan): string[] {
  return [...new Set(plan.allergens.flatMap(({ dishId, notKnown }) => askedOf(plan, notKnown, dishId)))];
}

/** Names of a dish that nobody knows, but for those that the class chooses: "whatever beans you have". */
export function askedOf(plan: ClassPlan, notKnown: readonly string[], dish: string): string[] {
  const chosenHere = new Set(
    plan.alternatives
      .filter(
        ({ dishId, ingredient, options }) => dishId === dish && ingredient === null && options.length > 0,
      )
      .filter(({ group }) => group !== '')
      .map(({ name }) => name),
  );
  return notKnown.filter((name) => !chosenHere.has(name));
}
