import type { ComponentRole } from '../../types.js';
import type { LineOptions } from '../line/amount.js';
import { parseIngredientLine } from '../line/line.js';

const mark = String.raw`^(?:#+ *)?`;
/** In the languages that recipes come in, so that at least their parts are found. */
export const ingredientsHeading = new RegExp(
  `${mark}(?:ingredients|the ingredients|ingredient list|you (?:will )?need|you'll need|` +
    `what you(?:'ll)? need|what goes in|shopping list|zutaten|ingr[eé]dients|` +
    `ingredientes|ingredienti|ingredi[eë]nten|ingredienser)` +
    String.raw`(?: \(.{0,100}\))?(?: (?:for|f(?:ü|ue)r|pour|para|per|voor) \d.{0,100})?\s{0,8}:?$`,
  'iu',
);
export const methodHeading = new RegExp(
  `${mark}(?:method|the method|steps|directions|instructions|preparation|` +
    `how to(?: make(?: it| this)?)?|procedure|what to do|to make(?: it| the .{1,30})?|zubereitung|` +
    `anleitung|pr[eé]paration|preparaci[oó]n|elaboraci[oó]n|` +
    `preparazione|procedimento|bereiding|bereidingswijze|tillagning|gör så här|` +
    String.raw`modo de preparo|preparo)\s*:?$`,
  'iu',
);
export const notesHeading = /^(?:#+ *)?(?:notes?|notes to self|tips?|cook's notes?|recipe notes)\s*:?$/i;
const withColon = /^(?:#+ *)?(?:for the |to make the )?([\p{L}][\p{L}\p{N},:'&() -]{1,60}):$/iu;
/** "For the dressing" is a heading without a colon too. */
const forThe = /^for (?:the |an? )?([a-z][a-z'& -]{1,30})$/i;
/** In Markdown a heading needs no colon. */
export const markedHeading = /^#{2,5} +(?:for the )?(\S.{0,60}?):?$/i;
const part =
  /^(?:the |[\p{L}-]+ ){0,3}(?:salad|dressing|vinaigrette|sauce|toppings?|garnish|garnishes|marinade|dip|base|crumbs?|pickles?|filling|glaze|salsa|dippers|croutons|assembly|spice mix|crunch|to serve|to finish|for serving|to garnish)$/iu;

/**
 * The name of the component that a row opens; null where it opens none. A lone word that names a part, or
 * one in capitals, opens one only above a line with an amount.
 */
export function componentNamed(row: string, next: string | undefined, options: LineOptions): string | null {
  const named = withColon.exec(row) ?? forThe.exec(row);
  if (named) return /\d ?(?:g|ml|tbsp|tsp|cups?)\b/i.test(named[1]!) ? null : named[1]!;
  const words = row.split(/\s+/).length;
  const isLoud = row === row.toUpperCase() && /\p{L}{3}/u.test(row) && !/\d/.test(row) && words <= 4;
  if (words > 5 || !(part.test(row) || isLoud) || next === undefined) return null;
  const own = parseIngredientLine(row, options);
  const isFood = own.ingredient !== null && !part.test(row);
  return !isFood && parseIngredientLine(next, options).amount !== null ? row.toLowerCase() : null;
}

export function roleOf(name: string): ComponentRole {
  if (/dressing|vinaigrette|sauce|marinade|glaze/i.test(name)) return 'dressing';
  if (/\bdip|hummus|spread\b/i.test(name)) return 'dip';
  if (/dippers?|bread|crackers/i.test(name)) return 'dippers';
  if (/topping|top|crunch|crumb|crouton/i.test(name)) return 'topping';
  if (/garnish|serve|serving|finish/i.test(name)) return 'garnish';
  return 'base';
}
