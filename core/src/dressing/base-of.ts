import { type Family, family, findIngredient, type Larder } from '../larder/index.js';
import { lineMeasure } from '../portions/index.js';
import type { ComponentRole, Recipe, RecipeLine } from '../recipes/index.js';
import { type Base, bases } from './dresses.js';

const kinds: readonly (readonly [Family, Base])[] = [
  [family('potatoes'), 'potatoes'],
  [family('bread'), 'bread'],
  [family('grains', 'rice', 'pasta'), 'grains'],
];

/** What a recipe dresses: by what there is most of, and its weight for the recipe as written. */
export interface DressedBase {
  readonly kind: Base;
  readonly grams: number;
}

/** What is dressed; null where nothing of a base is weighed. */
export function baseOf(recipe: Recipe, larder: Larder): DressedBase | null {
  const sums = new Map<Base, number>(bases.map((base) => [base, 0]));
  for (const { line, grams, ingredient } of weighedLines(recipe, larder, ['base'])) {
    const kind =
      kinds.find(([foods]) => foods.has(ingredient))?.[1] ??
      (findIngredient(larder, line.ingredient)!.section === 'salad and herbs'
        ? 'leaves'
        : 'vegetables and pulses');
    sums.set(kind, sums.get(kind)! + grams);
  }
  const [kind] = [...sums].sort((a, b) => b[1] - a[1])[0]!;
  const grams = [...sums.values()].reduce((sum, each) => sum + each, 0);
  return grams > 0 ? { kind, grams } : null;
}

export interface WeighedLine {
  readonly line: RecipeLine;
  readonly ingredient: string;
  /** As it goes into the dish, for the recipe as written. */
  readonly grams: number;
}

/** Lines of components of some roles that are in the larder, with what goes into the dish of them. */
export function weighedLines(
  { components, lines }: Recipe,
  larder: Larder,
  roles: readonly ComponentRole[],
): WeighedLine[] {
  const ids = new Set(components.filter(({ role }) => roles.includes(role)).map(({ id }) => id));
  return lines
    .filter(({ componentId }) => ids.has(componentId))
    .flatMap((line) => {
      const food = findIngredient(larder, line.ingredient);
      if (!food || !line.amount || !line.unit) return [];
      return [{ line, ingredient: food.id, grams: lineMeasure(line, food).grams ?? 0 }];
    });
}
