import type { LineReading } from '../../types.js';
import type { LineOptions } from '../line/amount.js';
import { rowCues } from '../row-cues.js';
import { toNumber, type UnitId, unitKind, unitSize } from '../../../amounts/index.js';
import { verbsSaid } from '../../../language/index.js';
import { parseIngredientLine } from '../line/line.js';
import { readName } from '../line/names.js';
import {
  addLine,
  addRow,
  type FoundLines,
  isPartWithFoods,
  openComponent,
  withoutGoesOn,
} from './ingredient-rows.js';
import { withoutAsides } from '../../reading/asides.js';
import { roleOfSentence } from '../../reading/roles.js';
import { unlistedNames } from '../step/unlisted.js';
import { separate } from './several-foods.js';
import { isWorkOn, linesOfProse, listedFoods } from './prose.js';

const listsFoods = rowCues.starts('you need', String.raw`\b`);
const endOfNeed = rowCues.at('you need');
const namesPart = rowCues.is('part');

const startsWork = (text: string) => verbsSaid(text.trim()).some(({ at, form }) => at === 0 && form === 'do');

/** "For ezme you need …". */
const ofDish =
  /^for (?:the |an? |my |this )?(?:\p{L}+ ){1,4}(?=(?:you|we|i)(?:'ll| will)? (?:need|want|use|take)\b)/iu;

/** "Really ripe tomatoes, 4 of them". */
const countBehind = /\b((?:[\p{L}-]+ ){0,3}[\p{L}-]+), (\d{1,3}) of (?:them|those)\b/giu;

/** The foods that a sentence only lists: "You need 500 g spinach, 2 cloves garlic and salt". */
export function foodsNeeded(sentence: string, options: LineOptions): string[] {
  const plain = withoutGoesOn(sentence.replace(/[.:]$/, '').replace(ofDish, ''));
  const hasLead = listsFoods(plain);
  const list = (hasLead ? plain.slice(endOfNeed(plain)![1]).replace(/^:? +/, '') : plain).replace(
    countBehind,
    '$2 $1',
  );
  const isWork = (part: string) =>
    isWorkOn(part) || (startsWork(part) && readName(part, options.larder).ingredient === null);
  if (list.split(/, (?:and )?| and /).some(isWork)) return [];
  // "The thing we ate on the terrace: one ripe melon, eight slices of ham, …".
  const isApart = hasLead || isPartWithFoods(sentence, options);
  const behind = isApart ? undefined : /^[^:\d]{5,60}: (.{10,})$/.exec(list)?.[1];
  const told = behind === undefined ? [] : separate(behind, options);
  if (told.length >= fewestTold) return told;
  const foods = separate(list, options);
  const isOne =
    foods.length === 1 && (hasLead ? isMeasured(foods[0]!, options) : isFoodAlone(foods[0]!, options));
  return foods.length > 1 || isOne ? foods : listedFoods(hasLead ? list : '', options);
}

/** "Three tins of black beans, rinsed.", "Salt.": nothing is done, and a food is all that is named. */
function isFoodAlone(sentence: string, options: LineOptions): boolean {
  const { amount, ingredient, unread } = parseIngredientLine(sentence, options);
  if (ingredient === null || (unread !== '' && amount !== null)) return false;
  const words = sentence.split(' ').length;
  const isWork = verbsSaid(sentence).some(({ form, verb }) => form === 'do' && verb.also !== 'food');
  return !isWork && (amount === null ? words <= longestBareName : true);
}
const longestBareName = 2;
const fewestTold = 3;

function isMeasured(line: string, options: LineOptions): boolean {
  const { amount, ingredient } = parseIngredientLine(line, options);
  return amount !== null && ingredient !== null;
}

const ofPart = /^(?:then |and |next |so )*(?:for|to make) the ([a-z ]{3,20}?),? (?:i |you |we |just )?/i;
/** Spoons and scales; beside a list, a pinch or a handful is rather a share of one of its lines. */
const loose: ReadonlySet<UnitId> = new Set(['pinch', 'dash', 'splash', 'drizzle', 'glug', 'drop']);
const isMeasure = (unit: UnitId) => unitKind(unit) !== 'count' && !loose.has(unit);

/** Water that is boiled or soaked in comes from the tap; so much of it, in millilitres, goes in. */
const mostWater = 300;

function isFromTap({ ingredient, amount, unit }: LineReading, { system }: LineOptions): boolean {
  if (ingredient !== 'water' && ingredient !== 'ice') return false;
  const size = unit && unitKind(unit) === 'volume' ? unitSize(unit, system) : null;
  return size === null || toNumber(amount!.high) * toNumber(size!) > mostWater;
}

/**
 * Lines of a recipe that is told: of sentences that only list foods, each part in its own, and of every
 * amount in the work whose food no line has. Beside a list (`isToldOnly` false), only what is weighed or
 * spooned is a line. A sentence that is lines now is no work.
 */
export function takeLinesOfSentences(
  found: FoundLines & { steps: string[] },
  { usual, isToldOnly, options }: { usual: string; isToldOnly: boolean; options: LineOptions },
): void {
  const isList = (sentence: string) =>
    isToldOnly && (foodsNeeded(sentence, options).length > 0 || isPartWithFoods(sentence, options));
  const lists = found.steps.filter(isList);
  for (const sentence of lists) {
    const known = found.lines.length;
    const told = found.steps.slice(0, found.steps.indexOf(sentence)).filter((each) => !lists.includes(each));
    const foods = foodsNeeded(sentence, options);
    if (foods.length === 0) addRow(found, sentence.replace(/\.$/, ''), usual, options);
    for (const food of foods) addLine(found, food, usual, options);
    // "Everything" that is said before it means none of these.
    const behind = told.at(-1);
    if (behind !== undefined) for (const line of found.lines.slice(known)) line.behind = behind;
  }
  found.steps = found.steps.filter(
    (sentence) => !lists.includes(sentence) && !(isToldOnly && isOnlyLead(sentence)),
  );
  found.steps.forEach((sentence, index) => {
    const before = found.lines.length;
    takeAmounts(found, sentence, { usual, isToldOnly, options });
    for (const line of found.lines.slice(before)) if (index > 0) line.behind = found.steps[index - 1]!;
  });
  if (isToldOnly && found.lines.length > 0) takeNamed(found, usual, options);
}

/** A food that is told without an amount is of the recipe where nobody lists any. */
function takeNamed(found: FoundLines & { steps: string[] }, usual: string, options: LineOptions): void {
  const { steps } = withoutAsides(found.steps, { namesOwnFood: () => true, isNumbered: () => false });
  const work = steps.filter((sentence) => !isServing(sentence));
  const lines = found.lines.map(({ reading }, index) => ({ ...reading, id: `l${index + 1}` }));
  for (const name of unlistedNames(work, lines, options.larder)) {
    // "The walnut paste" is made of the walnuts.
    const [head = '', ...rest] = name.split(' ');
    if (rest.length > 0 && lines.some((line) => line.name.toLowerCase().includes(head))) continue;
    const behind = found.steps[found.steps.findIndex((step) => step.toLowerCase().includes(name)) - 1];
    addLine(found, name, usual, options);
    if (behind !== undefined) found.lines.at(-1)!.behind = behind;
  }
}

/** What it is eaten with is no part of it. */
const isServing = (sentence: string) =>
  verbsSaid(sentence).find(({ form }) => form === 'do')?.verb.act === 'serve' ||
  roleOfSentence(sentence) !== 'step';

const isOnlyLead = (sentence: string) => listsFoods(sentence) && sentence.split(' ').length <= longestLead;
const longestLead = 5;

const besideWork = new Set(['rescue', 'way', 'serving', 'keeping']);

/** Foods that work measures and no line has. */
function takeAmounts(
  found: FoundLines,
  sentence: string,
  { usual, isToldOnly, options }: { usual: string; isToldOnly: boolean; options: LineOptions },
): void {
  // What helps where it goes wrong, or is another way, is no part of it.
  if (besideWork.has(roleOfSentence(sentence))) return;
  const part = ofPart.exec(sentence)?.[1];
  const first = found.components[0];
  for (const line of linesOfProse([sentence], options)) {
    const reading = parseIngredientLine(line, options);
    const { ingredient, name, unit } = reading;
    const isListed = found.lines.some(({ reading: known }) =>
      ingredient === null ? known.name === name : known.ingredient === ingredient,
    );
    // Beside a list, "a" is seldom an amount: "a salad bowl".
    if (isListed || isFromTap(reading, options)) continue;
    if (!isToldOnly && (ingredient === null || unit === null || !isMeasure(unit))) continue;
    if (part && namesPart(part) && found.components.at(-1)?.name.toLowerCase() !== part.toLowerCase())
      openComponent(found, part);
    const before = found.lines.length;
    addLine(found, line, usual, options);
    if (!part && first) for (const each of found.lines.slice(before)) each.component = first.id;
  }
}
