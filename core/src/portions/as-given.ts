import {
  formatMillilitres,
  type KitchenAmount,
  onScale,
  type Rational,
  toFraction,
  toNumber,
  toRational,
} from '../amounts/index.js';
import type { Ingredient } from '../larder/index.js';
import type { RecipeLine } from '../recipes/index.js';

/**
 * What is counted is given to the bench as what comes of it: half a lemon squeezed as its juice, a drained
 * tin at its drained weight, an orange in fillets at theirs.
 */
export function asGiven(
  line: RecipeLine,
  ingredient: Ingredient | null,
): (shown: KitchenAmount, pieces: Rational) => KitchenAmount {
  const words = ingredient ? givenWords(line, ingredient) : null;
  if (!words) return (shown) => shown;
  return (shown, pieces) => ({ ...shown, beside: words(toNumber(pieces)), estimated: true });
}

function givenWords(line: RecipeLine, ingredient: Ingredient): ((count: number) => string) | null {
  const juice = ingredient.byProducts?.juiceMillilitres;
  if (line.unit === 'piece' && juice && line.byProducts.includes('juice')) {
    const each = (juice.low.value + juice.high.value) / 2;
    return (count) => `about ${formatMillilitres(Math.round((count * each) / 5) * 5)} of juice`;
  }
  const fillets = ingredient.yields.segmented;
  const whole = ingredient.countGrams.piece;
  if (line.unit === 'piece' && fillets && whole && line.preparation.includes('segmented'))
    return (count) => `about ${onScale(count * whole.value * fillets.value).text} of fillets`;
  const net = drainedTin(line, ingredient);
  return net === null ? null : (count) => `about ${onScale(count * net).text} drained`;
}

/** Grams in one tin or jar once it is drained; null where it is not, or where its weight is not known. */
function drainedTin(line: RecipeLine, { drainedShare, countGrams }: Ingredient): number | null {
  if ((line.unit !== 'tin' && line.unit !== 'jar') || !drainedShare) return null;
  if (!line.preparation.some((form) => form === 'drained' || form === 'rinsed')) return null;
  const written = packGrams(line)[line.unit];
  const net = written === undefined ? countGrams[line.unit]?.value : toNumber(written);
  return net === undefined ? null : net * drainedShare.value;
}

/** Grams in one tin or jar of the size that the line names. */
export function packGrams(line: RecipeLine): Record<string, Rational> {
  if (!line.pack || !line.unit || (line.pack.unit !== 'g' && line.pack.unit !== 'kg')) return {};
  return {
    [line.unit]: line.pack.unit === 'kg' ? toRational(toFraction(line.pack.low).mul(1000)) : line.pack.low,
  };
}
