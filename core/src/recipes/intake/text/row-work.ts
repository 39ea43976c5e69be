import { verbsSaid } from '../../../language/index.js';
import { capital } from '../../../words/index.js';
import type { LineOptions } from '../line/amount.js';
import { parseIngredientLine } from '../line/line.js';
import { readTimes } from '../step/times.js';
import { rowCues } from '../row-cues.js';
import { bullet, isPartWithFoods, withoutLead } from './ingredient-rows.js';
import { cutChain, sentencesOf } from './sentences.js';
import { separate } from './several-foods.js';
import type { SortedRows } from './sorted-rows.js';
import { isListedWork } from './work-rows.js';

export const numbered =
  /^(?:(?:step )?\d{1,2}[.):]|\((?:\d{1,2}|[ivx]{1,4}|[a-h])\)|step (?:one|two|three|four|five|six|seven|eight|nine|ten)[.):]?)\s+/i;

/** Whether a row is work, where nothing but its own look and what stands before it says so. */
export function isWorkRow(row: string, found: SortedRows, options: LineOptions): boolean {
  return (
    looksLikeStep(row, options) ||
    isLineWithWork(row) ||
    ((found.lines.length > 0 || row.split(' ').length > longestFood) && isListedWork(row, options)) ||
    saysGoesIn(row) ||
    namesAgain(row, found, options) ||
    goesOnWithWork(found, row, options)
  );
}

/** "One red onion chopped fine goes in the fat". */
const saysGoesIn = rowCues.has('goes in');

/** "Eggs in quarters on top", behind the work: food that is listed already. */
function namesAgain(row: string, { lines, steps }: SortedRows, options: LineOptions): boolean {
  if (steps.length === 0) return false;
  const { amount, ingredient } = parseIngredientLine(withoutLead(row.replace(bullet, '')), options);
  const isListed = lines.some(({ reading }) => reading.ingredient === ingredient && reading.amount !== null);
  return amount === null && ingredient !== null && isListed && row.split(' ').length > fewestNamed;
}
const fewestNamed = 2;

/** A sentence of fewer words belongs to the one before: "Taste." */
const fewestWords = 3;

/**
 * A paragraph of several sentences becomes one step a sentence; a step that was numbered stays as it was cut
 * by its writer.
 */
export function cutIntoSteps(row: string, isNumbered: boolean): string[] {
  if (isNumbered) return [row];
  return sentencesOf(row)
    .flatMap(cutChain)
    .reduce<string[]>((steps, sentence) => {
      const last = steps[steps.length - 1];
      // What is done while something waits is a job of its own, however short: "Flake the fish."
      const waits = last !== undefined && readTimes(last).some((span) => span.waits);
      // Nor does it belong to what is only listed: "Then 2 tbsp oil. Mix."
      const isWork = last !== undefined && verbsSaid(last).length > 0;
      if (isWork && !waits && sentence.split(' ').length < fewestWords)
        return [...steps.slice(0, -1), `${last} ${sentence}`];
      return sentence ? [...steps, sentence] : steps;
    }, []);
}

/** Behind work stands more of it, or a remark, where nothing is measured: "squeeze lemon", "ok next day". */
function goesOnWithWork({ steps }: SortedRows, row: string, options: LineOptions): boolean {
  if (steps.length === 0 || row.split(' ').length < 2) return false;
  const [first] = separate(withoutLead(row), options);
  const { amount, ingredient, unit } = parseIngredientLine(first!, options);
  return amount === null ? ingredient === null : unit === 'squeeze';
}

/** "A five-minute starter that tastes of holidays.": no food that anybody knows. */
export function isBlurb(row: string, options: LineOptions): boolean {
  const isSaid = /^an? .*[.!]$/i.test(row) && row.split(' ').length > fewestOfBlurb;
  return isSaid && parseIngredientLine(row, options).ingredient === null && verbsSaid(row)[0]?.at !== 0;
}
const fewestOfBlurb = 4;

/** The name of a food, and what is said of it, has fewer words. */
const longestFood = 7;

/** "2 tsp salt over them, sit 20 min, squeeze out": an amount, and what is done behind it. */
function isLineWithWork(row: string): boolean {
  const [first = '', ...parts] = row.replace(bullet, '').split(/, (?:and |then )?/);
  const work = parts.filter((part) => {
    const [verb] = verbsSaid(part);
    return verb?.at === 0 && verb.form === 'do' && verb.verb.also !== 'food';
  });
  const waits = readTimes(row).some((span) => span.waits);
  return (
    /^(?:\d|an? |half |one |two |three |then )/i.test(first) && work.length > 0 && (waits || work.length > 1)
  );
}

/** A line of a numbered list of ingredients is short; a step is longer, or begins with no amount. */
const longestNumberedLine = 10;

/** A step is numbered, or a sentence that begins with no amount and ends with a full stop. */
function looksLikeStep(row: string, options: LineOptions): boolean {
  const words = row.replace(numbered, '').split(' ').length;
  const isMeasured = parseIngredientLine(row.replace(numbered, ''), options).amount !== null;
  if (numbered.test(row)) return !isMeasured || words > longestNumberedLine;
  // Who tells it may end with a name: “… just before serving. Thanks, Noor”.
  if (!bullet.test(row) && isProse(row) && (/[.!]$/.test(row) || sentencesOf(row).length > 2)) return true;
  if (isOneVerb(row)) return true;
  return !bullet.test(row) && !isMeasured && /[.!]$/.test(row) && words > 3;
}

/** "Blend." */
function isOneVerb(row: string): boolean {
  const [verb] = /^[\p{L}-]+[.!]$/u.test(row) ? verbsSaid(row) : [];
  return verb?.form === 'do' && verb.verb.also !== 'food';
}

/** Several whole sentences are no ingredient, whatever they begin with. */
export function isProse(row: string): boolean {
  return sentencesOf(row).filter((sentence) => sentence.split(' ').length > 3).length > 1;
}

/** What is left to itself over heat or in the cold goes by minutes: "boil 9". */
const bareMinutes = /^(?: for)? (\d{1,3})(?=$|[,.;]| then\b| and\b)/;

/**
 * "Eggs x6 boil 9", "carrots half kilo grate them": the food with its amount, and what is done to it, in a
 * row each. Any other row as it is.
 */
export function foodBeforeWork(row: string, options: LineOptions): string[] {
  const apart = workBehind(row, options);
  if (apart) return apart;
  const work = verbsSaid(row).find(
    ({ at, to, form, verb }) =>
      form === 'do' && at > 0 && verb.also !== 'food' && !isThing.test(row.slice(at, to)),
  );
  const food = work ? row.slice(0, work.at).trim() : '';
  if (!work || food.split(' ').length > longestFood || endsOpen.test(food) || numbered.test(row))
    return [row];
  const { amount, ingredient, unread, name } = parseIngredientLine(
    withoutLead(food.replace(bullet, '')),
    options,
  );
  if (!amount || ingredient === null || unread !== '') return [row];
  const rest = row.slice(work.to).replace(/^ (?:it|them)\b/, '');
  const timed = work.verb.hands === 'free' ? rest.replace(bareMinutes, ' $1 min') : rest;
  return [food, `${capital(row.slice(work.at, work.to))} the ${name}${timed}`];
}
/** "6 spoons", "4 halves": nobody writes of work so. */
const isThing = /[^s]s$/i;

const workAfter = /^(.{3,60}?)(, | [-–—] |: )(?=\p{L})/u;

/** "Red onion 1.5 kg rings, soak 15 min in cold water": more than how it is cut is done behind the comma. */
function workBehind(row: string, options: LineOptions): string[] | null {
  // "Oregano dressing: oil 1.5 l, vinegar 500 ml - whisk in a bucket": the work is on all of it.
  const [, list = '', part = '', all = ''] = partWithWork.exec(row) ?? [];
  const [whole] = verbsSaid(all);
  if (whole?.at === 0 && whole.form === 'do' && isPartWithFoods(list, options))
    return [list, `${part}: ${all.slice(0, whole.to).toLowerCase()} everything${all.slice(whole.to)}`];
  return workOnFood(row, options);
}
const partWithWork = /^(([\p{L}][\p{L} '-]{2,30}): .{5,200}) [-–—] (\p{L}[^-–—]{3,60})$/u;

function workOnFood(row: string, options: LineOptions): string[] | null {
  const [all = '', food = '', sign = ''] = workAfter.exec(row) ?? [];
  const rest = row.slice(all.length);
  const [first] = verbsSaid(rest);
  // "Thin rings" are how they are.
  const isWork = first?.at === 0 && first.form === 'do' && first.verb.also !== 'adjective';
  const waits = readTimes(rest).some((span) => span.waits);
  const isColon = sign === ': ';
  if (!food || numbered.test(row) || /^[\d½¼¾]/.test(food) || !(isColon || (isWork && waits))) return null;
  const { amount, ingredient, unread, name } = parseIngredientLine(
    withoutLead(food.replace(bullet, '')),
    options,
  );
  // Which potato it is may be asked, that it is one is known.
  const isOpen = isColon && /can be several things$/.test(unread);
  if (!amount || (!isOpen && (ingredient === null || unread !== ''))) return null;
  // "Red onion 2: thin rings" is how it is cut.
  if (!isWork || rest.split(' ').length < fewestDone) return [`${food}, ${rest}`];
  return [food, `${capital(rest.slice(0, first.to))} the ${name}${rest.slice(first.to)}`];
}
/** "Chop" alone is how it is cut. */
const fewestDone = 2;

const endsOpen = /[,;:]|[.=-]$|\b(?:to|and|or|for|of|with|in|then|until|till|well|finely|roughly|thinly)$/i;
