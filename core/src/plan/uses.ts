import { toFraction, toRational, type Amount } from '../amounts/index.js';
import { scaleLine, type Batch, type ClassDish, type DishPortions } from '../portions/index.js';
import { pieceSizeOf, type RecipeLine } from '../recipes/index.js';
import type { IngredientUse } from '../shopping/index.js';

/** What every batch uses of every line. Water from the tap and the like fall out in the shopping list itself. */
export function ingredientUses(dishes: readonly ClassDish[], portions: readonly DishPortions[]): IngredientUse[] {
  return dishes.flatMap((dish, index) => dish.recipe.lines.flatMap((line) => portions[index]!.batches.map((batch) => useOf(dish, line, batch))));
}

function useOf(dish: ClassDish, line: RecipeLine, batch: Batch): IngredientUse {
  return {
    dishId: dish.id, dishTitle: dish.recipe.title, where: batch.heading.toLowerCase(), count: batch.count, name: line.name, ingredient: line.ingredient,
    amount: withKeptBack(scaleLine(line, batch.factor), line, batch), pack: line.pack, preparation: line.preparation, basis: line.basis, size: pieceSizeOf(line.note),
    part: line.byProducts, optional: line.optional, system: dish.recipe.system,
  };
}

/** "3 tbsp, plus 1 tbsp for the top": both are bought. A part in another unit is left to the eye. */
function withKeptBack(amount: Amount | null, line: RecipeLine, batch: Batch): Amount | null {
  const kept = line.keptBack?.amount;
  if (!amount || !kept || kept.unit !== amount.unit) return amount;
  const more = toFraction(kept.high).mul(toFraction(batch.factor));
  return { ...amount, low: toRational(toFraction(amount.low).add(more)), high: toRational(toFraction(amount.high).add(more)) };
}
