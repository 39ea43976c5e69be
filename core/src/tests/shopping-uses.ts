import { parseIngredientLine, pieceSizeOf } from '../recipes/index.js';
import {
  buildShoppingList,
  type IngredientUse,
  type ShoppingOptions,
  type StockItem,
} from '../shopping/index.js';

/** One use as written, made `count` times, for two people each. */
export function use(text: string, count = 1, overrides: Partial<IngredientUse> = {}): IngredientUse {
  const line = parseIngredientLine(text, { system: 'metric' });
  return {
    dishId: 'd',
    dishTitle: 'Salad',
    where: 'stations',
    count,
    name: line.name,
    ingredient: line.ingredient,
    amount: line.amount && line.unit ? { ...line.amount, unit: line.unit } : null,
    pack: line.pack,
    preparation: line.preparation,
    basis: line.basis,
    size: pieceSizeOf(line.note),
    part: line.byProducts,
    optional: line.optional,
    system: 'metric',
    scaling: 'linear',
    plates: 2 * count,
    ...overrides,
  };
}
export const list = (uses: readonly IngredientUse[], options: Partial<ShoppingOptions> = {}) =>
  buildShoppingList(uses, { english: 'uk', classDate: '2026-11-27', ...options });
export const only = (uses: readonly IngredientUse[], options: Partial<ShoppingOptions> = {}) =>
  list(uses, options).rows[0]!;
export const stock = (ingredient: string, text: string, overrides: Partial<StockItem> = {}): StockItem => {
  const { amount, unit } = parseIngredientLine(text, { system: 'metric' });
  return { ingredient, amount: { ...amount!, unit: unit! }, state: '', useBy: null, ...overrides };
};
export const steps = (uses: readonly IngredientUse[], options: Partial<ShoppingOptions> = {}) =>
  only(uses, options).workings.steps.map(({ label }) => label);
