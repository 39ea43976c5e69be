import type { Ingredient, Substitute } from './types.js';

/**
 * Substitutes say which allergens they bring that what is missing does not have; those that bring one never
 * lead the list.
 */
export function withBroughtAllergens(ingredients: readonly Ingredient[]): Ingredient[] {
  const byId = new Map(ingredients.map((item) => [item.id, item]));
  return ingredients.map((item) => {
    if (item.substitutes.length === 0) return item;
    const told = item.substitutes.map((each) => broughtBy(each, item, byId.get(each.ingredient)));
    const sorted = [...told.filter(({ brings }) => !brings), ...told.filter(({ brings }) => brings)];
    return { ...item, substitutes: sorted.map(({ substitute }) => substitute) };
  });
}

function broughtBy(substitute: Substitute, missing: Ingredient, taken: Ingredient | undefined) {
  const brought = (taken?.allergens ?? []).filter((atom) => !missing.allergens.includes(atom));
  if (brought.length === 0) return { substitute, brings: false };
  const effect = `${substitute.effect} Brings ${brought.join(', ')}.`;
  return { substitute: { ...substitute, effect }, brings: true };
}
