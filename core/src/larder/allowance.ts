import { type Rational, toFraction, toRational } from '../amounts/index.js';
import type { Ingredient, Section } from './types.js';

/** Grams a head of what is served beside or taken to taste, by section, ~. */
const gramsAHead: Readonly<Partial<Record<Section, Rational>>> = {
  bakery: '60',
  vegetables: '15',
  fruit: '15',
  'dairy and eggs': '10',
  'fish and meat': '30',
  'nuts and seeds': '5',
  'spices and seasoning': '1/5',
};

/** Grams a head of all that is dipped: 5 to 6 pieces, ~. */
const dippersAHead = '60';

/**
 * What is bought a head "to taste" and "to serve", in grams, millilitres or pieces. Of several things to dip,
 * each is a part of the 5 to 6 pieces of a person: `dippers` says how many things there are, 0 where it is
 * none of them. Starting estimates.
 */
export function allowanceOf(ingredient: Ingredient, dippers = 0): Rational {
  const { shoppingUnit, section } = ingredient;
  if (dippers > 0 && shoppingUnit !== 'ml') return dipperOf(ingredient, dippers);
  if (shoppingUnit === 'piece') return section === 'bakery' ? '1' : '1/8';
  if (shoppingUnit === 'ml') return '5';
  if (ingredient.id.endsWith('salt')) return '1';
  return gramsAHead[section] ?? '2';
}

function dipperOf({ shoppingUnit, countGrams }: Ingredient, dippers: number): Rational {
  const grams = toFraction(dippersAHead).div(dippers);
  if (shoppingUnit === 'g') return toRational(grams);
  return toRational(
    countGrams.piece ? grams.div(toFraction(countGrams.piece.value)) : toFraction('1').div(dippers),
  );
}
