import { folded, type SaidVerb, verbsSaid } from '../../../language/index.js';
import { rowCues } from '../row-cues.js';
import type { LineOptions } from '../line/amount.js';
import { parseIngredientLine } from '../line/line.js';
import { withoutWhen } from '../when-said.js';
import { bullet } from './ingredient-rows.js';

const how =
  /^(?:(?:finely|roughly|thinly|coarsely|gently|lightly|very|then|now|just|and|finally|first),? )*/i;
/** What the work is on stands before it: "leeks: halve, wash, steam". */
const aboutFood = /^[\p{L}][\p{L} &'+-]{1,30}?(?: first| next| then)?(?::| -| =) (?=\p{L})/iu;
/** "A squeeze of", "toast for dipping": the word is a thing. */
const names = /^ (?:of|for|and|or|to)\b/;
/** Fewer words are rather the name of a food: "toast squares". */
const fewestOfWork = 4;
/** "Roast peppers from a jar", "top quality oil": work only where more is said of it. */
const mayBeName = rowCues.starts('verb or name');
const saysMore = rowCues.has('more than a name');
/** Words of work that name no food: "toss well", "chill it overnight". */
const wordsOfNoFood = rowCues.every('of no food');
const time = /\d+(?:\s*(?:-|–|to)\s*\d+)?\s*(?:s|secs?|m|mins?|minutes?|h|hrs?|hours?|days?)\b/gi;

/**
 * Work in a list without headings or full stops: "boil soba 4 min, rinse cold", "toss well". A line of a list
 * begins with its food, or with what was done to it.
 */
export function isListedWork(row: string, options: LineOptions): boolean {
  const plain = row.replace(bullet, '');
  const bare = withoutDoer(withoutWhen(withoutDoer(plain).replace(aboutFood, '').replace(how, '')));
  const said = verbsSaid(bare);
  const [first] = said;
  if (first?.at !== 0 || first.form !== 'do') return false;
  if (saysNoFood(bare, said, options)) return true;
  if (first.verb.also !== '' && names.test(bare.slice(first.to))) return false;
  const { amount, unit, ingredient, unread } = parseIngredientLine(bare, options);
  // "Slice 2 onions" and "slice radishes thin" are work; "slice sourdough" is a slice.
  const isNoFood =
    ingredient === null || unread !== '' || (amount !== null && unit !== null && bare.includes(','));
  const words = bare.split(' ').length;
  // What can be nothing but a verb needs no more said: "pour cream over", "serve with toast".
  if (first.verb.also === '' && words > 1) return isNoFood;
  if (words < (/ the /i.test(bare) ? fewestOfWork - 1 : fewestOfWork)) return false;
  return isNoFood && !(mayBeName(bare) && !saysMore(bare) && !doesMore(said));
}

const placeOfDoer = rowCues.at('doer');

/** "Everyone chops the tomatoes", "show how to tear the pitta": the work, whoever does it. */
function withoutDoer(row: string): string {
  const place = placeOfDoer(row);
  return place?.[0] === 0 ? row.slice(place[1]).replace(/^(?::| -)? +/, '') : row;
}

/** Whether more than one thing is to be done. */
function doesMore(said: readonly SaidVerb[]): boolean {
  return said.filter(({ form }) => form === 'do').length > 1;
}

/** Verbs that are no food ("salt and pepper"), times and small words, and nothing that could be bought. */
function saysNoFood(bare: string, said: readonly SaidVerb[], options: LineOptions): boolean {
  const isFood = ({ at, to }: SaidVerb) =>
    parseIngredientLine(bare.slice(at, to), options).ingredient !== null;
  if (said.some(isFood)) return false;
  const withoutVerbs = said.reduceRight((text, { at, to }) => text.slice(0, at) + text.slice(to), bare);
  const rest = folded(withoutVerbs)
    .replace(time, ' ')
    .replace(wordsOfNoFood, ' ')
    .replace(/[\s.,;!&-]+/g, '');
  return rest === '' && (said.length > 1 || /[a-z]/i.test(withoutVerbs));
}
