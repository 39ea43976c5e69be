import { formatMass, formatMillilitres, type KitchenAmount, showNumber, toNumber } from '../amounts/index.js';
import { allowanceOf, type Ingredient } from '../larder/index.js';
import { isServedBeside, type RecipeLine } from '../recipes/index.js';

export const toTaste: KitchenAmount = { lead: 'to taste', beside: null, error: 0, estimated: false };

/** What is served beside a dish or dipped, with what a head takes of it; the rest is to taste. */
export function tasteOf(line: RecipeLine, ingredient: Ingredient | null, dippers: number): KitchenAmount {
  if (!ingredient || !(dippers > 0 || ingredient.section === 'bakery' || isServedBeside(line)))
    return toTaste;
  return {
    ...toTaste,
    lead: isServedBeside(line) || dippers > 0 ? 'to serve' : 'to taste',
    beside: aHead(ingredient, dippers),
    estimated: true,
  };
}

/** "About 20 g a head", "about 1 for 8 people". */
function aHead(ingredient: Ingredient, dippers: number): string {
  const { shoppingUnit, countGrams } = ingredient;
  const amount = toNumber(allowanceOf(ingredient, dippers));
  const pieceGrams = shoppingUnit === 'piece' ? countGrams.piece?.value : undefined;
  // A stick of celery is no share of a head to anybody.
  if (pieceGrams && dippers > 0 && amount < 1 / 3) return `about ${formatMass(amount * pieceGrams)} a head`;
  if (shoppingUnit === 'piece')
    return amount >= 1
      ? `about ${showNumber(amount)} a head`
      : `about 1 for ${Math.round(1 / amount)} people`;
  return `about ${shoppingUnit === 'ml' ? formatMillilitres(amount) : formatMass(amount)} a head`;
}
