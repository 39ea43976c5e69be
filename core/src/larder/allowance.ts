import type { Rational } from '../amounts/index.js';
import type { Ingredient, Section } from './types.js';

/** Grams a head of what is served beside or taken to taste, by section, ~; 5 to 6 pieces to dip are 60 g. */
const gramsAHead: Readonly<Partial<Record<Section, Rational>>> = {
  bakery: '60',
  vegetables: '15',
  fruit: '15',
  'dairy and eggs': '10',
  'fish and meat': '30',
  'nuts and seeds': '5',
  'spices and seasoning': '1/5',
};

/** What is bought a head "to taste" and "to serve", in grams, millilitres or pieces. Starting estimates. */
export function allowanceOf(ingredient: Ingredient): Rational {
  if (ingredient.shoppingUnit === 'piece') return ingredient.section === 'bakery' ? '1' : '1/8';
  if (ingredient.shoppingUnit === 'ml') return '5';
  if (ingredient.id.endsWith('salt')) return '1';
  return gramsAHead[ingredient.section] ?? '2';
}
