import { findIngredient, standardLarder } from '../../../larder/index.js';
import type { Rational, UnitId } from '../../../amounts/index.js';
import type { ByProduct } from '../../types.js';
import type { LineOptions } from './amount.js';
import { findByName, isKnownName } from './names.js';
import { readNumber } from './numbers.js';

/** The part of a piece that a line begins with, and the text that is left. */
interface PartFront {
  byProducts: ByProduct[];
  rest: string;
}

/** "juice of 1/2 lime", "zest and juice of 2 oranges", "1 lemon, zested and juiced" is left to the forms. */
export function readByProductFront(
  text: string,
): (PartFront & { amount: { low: Rational; high: Rational }; unit: UnitId }) | null {
  const match =
    /^(?:the )?(?:(?:finely )?grated |freshly squeezed )?(juice|zest|rind)(?: (?:and|&) (?:(?:finely )?grated )?(juice|zest|rind))?(?: of| from) /i.exec(
      text,
    );
  if (!match) return null;
  const after = text.slice(match[0].length);
  const number = readNumber(after);
  return {
    amount: { low: number?.low ?? '1', high: number?.high ?? '1' },
    unit: 'piece',
    byProducts: byProductsOf(match[1], match[2]),
    rest: after
      .slice(number?.length ?? 0)
      .trim()
      .replace(/^(?:of )?(?:(?:an?|the) )?/i, ''),
  };
}

function byProductsOf(...words: (string | undefined)[]): ByProduct[] {
  return words
    .filter((word) => word !== undefined)
    .map((word) => (word.toLowerCase() === 'juice' ? 'juice' : 'zest'));
}

/** "2 tbsp of lemon juice" names juice by amount; "1 tsp lemon zest" zest. Handled by the name. */
export function withByProduct<F extends PartFront>(front: F, options: LineOptions): F {
  readNestedByProduct(front, options);
  return front;
}

export function readNestedByProduct(front: PartFront, options: LineOptions): void {
  const match = /^(?:(?:freshly |finely |fresh )?(?:squeezed |grated )?)(.+?) (juice|zest)(?= |,|$)/i.exec(
    front.rest,
  );
  if (!match || /,| or | and /.test(match[1]!) || !givesIt(match[1]!, match[2]!, options)) return;
  front.byProducts = byProductsOf(match[2]);
  front.rest = `${match[1]!}${front.rest.slice(match[0].length)}`;
}

/** Whether a fruit is bought for this: apple juice comes in a carton. */
function givesIt(name: string, part: string, { larder = standardLarder }: LineOptions): boolean {
  if (isKnownName(`${name} ${part}`, larder)) return false;
  const gives = findIngredient(larder, findByName(name, larder)?.ingredient ?? null)?.byProducts;
  return part.toLowerCase() === 'juice'
    ? gives?.juiceMillilitres !== undefined
    : gives?.zestGrams !== undefined;
}
