import { unitKind } from '../../../amounts/index.js';
import { findIngredient, standardLarder } from '../../../larder/index.js';
import type { LineOptions } from '../line/amount.js';
import { readAmount } from '../line/amount.js';
import { parseIngredientLine } from '../line/line.js';
import { candidatesOf, isKnownName } from '../line/names.js';
import { plainSpelling } from '../line/numbers.js';
import { lineCues } from '../line-cues.js';

/** Two bare names are short; a sentence is not taken apart. */
const longestTogether = 60;
const longestEach = 160;

/**
 * The foods of one row, each with its own amount: "salt and pepper, to taste", "2 carrots, 1 parsnip", "1/2
 * tsp each: cumin, paprika", "to finish: paprika, parsley". The row itself where it holds one.
 */
export function separate(row: string, options: LineOptions): string[] {
  const found =
    eachOf(row, options) ??
    adjacent(row, options) ??
    measuredOf(row, options) ??
    forPurpose(row, options) ??
    namedApart(row, options);
  if (found) return found;
  return row.length > longestTogether ? [row] : (listOf(row, options) ?? [row]);
}

/** Between foods of a row: commas, slashes, and an "and" before an amount. */
const betweenMeasured =
  /\s+[/+]\s+|[,;]\s+(?:and\s+)?|\s+(?:and|&)\s+(?=\d|an? |half |one |two |three |four |five |six |salt\b)/;
const ofAll = /^(?:all|both|each|everything)\b[ ,]*/i;

/**
 * "2 carrots, 1 parsnip", "3 tomatoes / 6 radishes", "a head of cos and a handful of parsley", "two peppers,
 * a cup of corn, all cut small": what is said behind a food, or at the end of all of them, goes with it.
 */
function measuredOf(row: string, options: LineOptions): string[] | null {
  const parts = row.replace(/\.$/, '').split(betweenMeasured);
  if (parts.length < 2 || !isMeasured(parts[0]!, options)) return null;
  const foods: string[] = [];
  let count = 0;
  for (const written of parts) {
    const part = withUnitBefore(written, foods.at(-1), options);
    if (isMeasured(part, options)) {
      foods.push(part);
      count++;
    } else if (ofAll.test(part)) {
      const said = part.replace(ofAll, '');
      foods.forEach((food, index) => (foods[index] = `${food}, ${said}`));
    } else if (count > 1 && named(part, options)) foods.push(part);
    else foods[foods.length - 1] += `, ${part}`;
  }
  return count > 1 ? foods : null;
}

/** "3 tomatoes 2 shallots diced": each begins with its count, and nothing stands between. */
function adjacent(row: string, options: LineOptions): string[] | null {
  const parts = row.split(/(?<=\p{L}) (?=\d[\d./]* ?\p{L}{3,})/u);
  const isCounted = (part: string) => /^\d+ [\p{L} -]+$/u.test(part) && !/ (?:plus|or|and|x)$/.test(part);
  const isFood = (part: string) =>
    isCounted(part) && isMeasured(part, options) && parseIngredientLine(part, options).unit === 'piece';
  return parts.length > 1 && parts.every(isFood) ? parts : null;
}

const bareCount = /^(\d[\d./]*) (?=\p{L})/u;
const countBehind = /^(\p{L}[\p{L} '-]+) (\d[\d./]*)$/u;
const spoons =
  /(?:^|\s)(?:\d[\d./]*|an?|one|two|three|four|five|six) (tbsp|tsp|tablespoons?|teaspoons?|spoons?|parts?)\b/i;
const pouredSections = new Set(['oils and vinegars', 'dairy and eggs', 'tins and jars', 'baking and sweet']);

/** "3 spoons vinegar, 6 oil": the unit that was said before holds for what is poured. */
function withUnitBefore(part: string, before: string | undefined, options: LineOptions): string {
  const unit = before === undefined ? undefined : spoons.exec(before)?.[1];
  const turned = countBehind.exec(part);
  const food = bareCount.exec(turned ? `${turned[2]!} ${turned[1]!}` : part);
  if (!unit || !food || (!turned && readAmount(plainSpelling(part), options)?.unitWritten)) return part;
  const name = turned ? turned[1]! : part.slice(food[0].length);
  const candidates = candidatesOf(name, options.larder);
  const section = findIngredient(options.larder ?? standardLarder, candidates[0] ?? null)?.section;
  return section && pouredSections.has(section) ? `${food[1]!} ${unit} ${name}` : part;
}

/** An amount in front, and a food that is known, and nothing that is not understood. */
function isMeasured(part: string, options: LineOptions): boolean {
  const { amount, unit, ingredient, unread } = parseIngredientLine(part, options);
  const isKnown = ingredient !== null && unread === '';
  // "A cup of sweetcorn" can be several foods, and is measured all the same.
  const isOpen = ingredient === null && /can be several things$|^“[^”]*” is not in the larder/.test(unread);
  const isByUnit = unit !== null && (unitKind(unit) === 'mass' || unitKind(unit) === 'volume');
  const isFood = isKnown || (isOpen && (isByUnit || unread.includes('several things')));
  return amount !== null && isFood && !/^[^,]* (?:of it|each)$/i.test(part);
}

const named = (part: string, options: LineOptions) => {
  const { ingredient, amount, unread } = parseIngredientLine(part, options);
  return amount === null && (ingredient !== null || unread.includes('several things'));
};

/** "White pepper. Dill." */
function namedApart(row: string, options: LineOptions): string[] | null {
  if (/\d/.test(row) || row.length > longestTogether) return null;
  const parts = row.split(/\.\s*/).filter(Boolean);
  return parts.length > 1 && parts.every((part) => named(part, options)) ? parts : null;
}

const purposeFirst =
  /^((?:to (?:finish|serve|garnish|decorate|dip|top)|for (?:serving|garnish|the top|dipping)|on top|garnish|seasoning)): (\S.*)$/i;

/** "To finish: paprika, parsley": each with what it is for, measured or not. */
function forPurpose(row: string, options: LineOptions): string[] | null {
  const [, purpose, list] = purposeFirst.exec(row) ?? [];
  if (!list) return null;
  const foods = list.replace(/\.$/, '').split(/, (?:and )?| and | & /i);
  const isFood = (food: string) => parseIngredientLine(food, options).ingredient !== null;
  return foods.filter(isFood).length * 2 > foods.length
    ? foods.map((food) => `${food.trim()}, ${purpose!.toLowerCase()}`)
    : null;
}

/** What is said at the end of a list, of all that it names. */
const placeOfPurpose = lineCues.atEnd('purpose of all');

/** With the comma before it. */
function purposeOfAll(row: string): string {
  const at = placeOfPurpose(row);
  return at === null ? '' : row.slice(row.slice(0, at).replace(/,? $/, '').length);
}

/** Foods named one after another without an amount, each with what is said of all of them at the end. */
function listOf(row: string, options: LineOptions): string[] | null {
  if (/[\d:;()]| or /i.test(row)) return null;
  const purpose = purposeOfAll(row);
  const parts = row
    .slice(0, row.length - purpose.length)
    .split(/, (?:and )?| and | & /i)
    .map((part) => part.trim());
  const isFood = (part: string) => parseIngredientLine(part, options).ingredient !== null;
  const foods = parts.findIndex((part) => !isFood(part));
  const names = foods < 0 ? parts : parts.slice(0, foods);
  const isOneName =
    names.length > 1 && !row.includes(',') && isFood(row.slice(0, row.length - purpose.length));
  if (names.length < 2 || isOneName || isKnownName(parts.slice(0, 2).join(' and '), options.larder))
    return null;
  const rest = parts.slice(names.length).join(', ');
  return names.map((name) => `${name}${rest ? `, ${rest}` : ''}${purpose}`);
}

const eachFirst = /^(.{1,30}?)(?: of)? each(?: of)?:? (.+)$/i;
/** "Salt and sugar, 1 tsp each", "equal parts lemon juice and oil, ¼ cup each". */
const eachLast =
  /^(?:equal (?:parts|amounts|quantities) (?:of )?)?(.+?),? (?:- )?([^\s,]+(?: [a-z]+)?) each$/i;
const onlyEach = /^each(?: of)?: (.+)$/i;
const betweenNames = /\s*(?:,|;| and | & )\s*/;

function eachOf(row: string, options: LineOptions): string[] | null {
  if (row.length > longestEach) return null;
  const bare = onlyEach.exec(row)?.[1]?.split(betweenNames);
  if (bare) return bare;
  const [first, last] = [eachFirst.exec(row), eachLast.exec(row)];
  const [amount, list] = first ? [first[1]!, first[2]!] : last ? [last[2]!, last[1]!] : ['', ''];
  const plain = plainSpelling(amount);
  if (plain === '' || readAmount(plain, options)?.length !== plain.length) return null;
  const names = list.split(betweenNames).filter(Boolean);
  const head = names[names.length - 1]!.split(' ').pop()!;
  const whole = names.map((name) =>
    isKnownName(`${name} ${head}`, options.larder) && !name.endsWith(head) ? `${name} ${head}` : name,
  );
  return names.length > 1 ? whole.map((name) => `${amount} ${name}`) : null;
}
