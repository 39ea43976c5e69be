import { toFraction, type WorkingStep } from '../amounts/index.js';
import { pieceSizeOf, type Recipe } from '../recipes/index.js';
import { asPurchased, fruitPieces } from '../shopping/index.js';
import {
  fact,
  lacking,
  lackingStep,
  type LineOf,
  type RecipeFact,
  type RecipeFactsOptions,
} from './facts.js';

/** The larder's own prices are in this money. */
const larderCurrency = 'GBP';

export function costFact(recipe: Recipe, lines: readonly LineOf[], options: RecipeFactsOptions): RecipeFact {
  const money = new Intl.NumberFormat('en', { style: 'currency', currency: options.currency });
  const priced = lines.map((each) => ({ ...each, cost: costOf(recipe, each, options.currency) }));
  const total = priced.reduce((sum, each) => sum + (each.cost ?? 0), 0);
  const unknown = priced.filter(
    (each) => each.cost === null && each.line.amount !== null && each.ingredient?.packs.length !== 0,
  );
  const steps: WorkingStep[] = priced
    .filter((each) => each.cost)
    .map((each) => ({ label: each.line.name, value: money.format(each.cost!) }));
  const text =
    total === 0
      ? 'not known'
      : `about ${money.format(total)}, ${money.format(total / recipe.serves)} ` +
        `each${lacking(unknown.length)}`;
  return fact(
    'cost',
    'Rough cost',
    text,
    [
      ...steps,
      ...lackingStep(unknown.map((each) => each.line.name)),
      {
        label: `÷ ${recipe.serves}`,
        value: money.format(total / recipe.serves),
        note: 'What is used, at the price of the smallest size; not what a pack leaves over.',
      },
    ],
    true,
  );
}

function costOf(recipe: Recipe, { line, ingredient }: LineOf, currency: string): number | null {
  const pack = ingredient?.packs.find(
    (each) => each.price && (each.price.source === 'measured' || currency === larderCurrency),
  );
  if (!ingredient || !pack?.price || !line.amount || !line.unit) return null;
  const use = {
    dishId: '',
    dishTitle: recipe.title,
    where: '',
    count: 1,
    name: line.name,
    ingredient: line.ingredient,
    amount: { ...line.amount, unit: line.unit },
    pack: line.pack,
    preparation: line.preparation,
    basis: line.basis,
    size: pieceSizeOf(line.note),
    part: line.byProducts,
    optional: line.optional,
    system: recipe.system,
  };
  const bought = ingredient.byProducts
    ? { ok: true as const, need: fruitPieces([use], ingredient).need }
    : asPurchased(use, ingredient);
  if (!bought.ok) return null;
  return (
    Number(
      toFraction(bought.need)
        .div(pack.loose ? 1000 : pack.size)
        .valueOf(),
    ) * pack.price.value
  );
}
