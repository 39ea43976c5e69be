import {
  type MeasureSystem,
  type Rational,
  toFraction,
  toNumber,
  unitKind,
  unitSize,
} from '../../../amounts/index.js';
import {
  findIngredient,
  type Form,
  type Ingredient,
  type Larder,
  standardLarder,
} from '../../../larder/index.js';
import type { Basis, ByProduct, LineReading } from '../../types.js';
import type { LineOptions } from './amount.js';
import { groupWordsOf } from './free-choice.js';
import { type Front, readFront } from './front.js';
import { takeKeptBack } from './kept-back.js';
import { plainSpelling } from './numbers.js';
import { plainShape } from './shapes.js';
import { readTail, type Tail } from './tail.js';
import { type FoodReading, foodOf } from './which-food.js';
import { mainForm } from './words.js';

export type { LineOptions } from './amount.js';

/** Longest line that is read; a longer one is kept as written. */
export const longestLine = 400;

/**
 * Reads one written ingredient line. Never throws: what cannot be read is kept in `text`, with a low
 * confidence and the reason in `unread`. Amounts are exact; the first of two systems is used, the second
 * is checked against it.
 */
export function parseIngredientLine(text: string, options: LineOptions): LineReading {
  const larder = options.larder ?? standardLarder;
  const known = readBefore.get(larder) ?? new Map<string, LineReading>();
  readBefore.set(larder, known);
  const key = `${options.system}|${text}`;
  const before = known.get(key);
  if (before) return before;
  if (known.size >= mostRemembered) known.clear();
  const reading = readLine(text, options);
  known.set(key, reading);
  return reading;
}

/** Whatever sorts the rows of a text asks the same ones again and again. */
const mostRemembered = 3000;
const readBefore = new WeakMap<Larder, Map<string, LineReading>>();

function readLine(text: string, options: LineOptions): LineReading {
  const written = text.trim();
  if (written.length > longestLine) return unreadable(written, `longer than ${longestLine} characters`);
  const plain = readable(written);
  if (!/[\p{L}]/u.test(plain))
    return unreadable(written, written ? 'no ingredient is named' : 'the line is empty');
  // "½ a red cabbage - about 400 g": the same amount in another measure, as in brackets.
  const shaped = plainShape(plain, options);
  const flags = takeFlags(shaped.replace(/ - (?:about |approx\.? |~ ?)?(\d[^,()]*)$/i, ' ($1)'));
  const kept = takeKeptBack(flags.rest, options);
  const front = readFront(kept.rest, options);
  const tail = readTail(front.rest, options.larder, front.unit === 'piece');
  return assemble(written, flags, kept.keptBack, front, tail, options);
}

/** The line without bullets and boxes to tick, with short words written out. */
function readable(written: string): string {
  const plain = plainSpelling(written.replace(/^[\s\u25a0-\u25ff\u2610-\u2612]+/u, ''))
    .replace(/^(?:[-*•·▪] ?|\[[ xX]?\] ?|\d{1,2}[.)] (?=\d|half|an? ))+/, '')
    .replace(/^few (?=[a-z])/i, 'a few ')
    .replace(/\bmed\.? (?=[a-z])/gi, 'medium ')
    .replace(/\b(?:lg|lrg)\.? (?=[a-z])/gi, 'large ')
    .replace(/\bsm\.? (?=[a-z])/gi, 'small ');
  return plain === plain.toUpperCase() ? plain.toLowerCase() : plain;
}

function unreadable(text: string, reason: string): LineReading {
  return {
    text,
    amount: null,
    unit: null,
    pack: null,
    second: null,
    keptBack: null,
    name: text.slice(0, longestLine),
    ingredient: null,
    form: null,
    preparation: [],
    basis: 'purchased',
    note: '',
    optional: false,
    toTaste: false,
    alternatives: [],
    byProducts: [],
    confidence: 0,
    unread: reason,
  };
}

interface Flags {
  optional: boolean;
  toTaste: boolean;
  about: boolean;
  rest: string;
}

function takeFlags(text: string): Flags {
  let rest = text;
  const take = (pattern: RegExp) => {
    const before = rest;
    rest = rest.replace(pattern, ' ').replace(/\s+/g, ' ').replace(/ ,/g, ',').trim();
    return rest !== before;
  };
  const optional = take(/[,;]?\s*\(?\boptional(?:ly)?\b[:!]*\)?/i);
  const toTaste =
    take(/[,;]?\s*\(?\b(?:or )?(?:to|according to) taste\b\)?/i) || take(/[,;]?\s*\(?\bas needed\b\)?/i);
  const about =
    take(/(?<!\( ?)\b(?:about|approximately|approx\.?|roughly(?= \d)|around|circa|ca\.)\s+/i) ||
    take(/^~\s*/);
  return { optional, toTaste, about, rest: rest.replace(/^[,;\s]+|[,;\s]+$/g, '') };
}

function assemble(
  text: string,
  flags: Flags,
  keptBack: LineReading['keptBack'],
  front: Front,
  tail: Tail,
  options: LineOptions,
): LineReading {
  const food = foodOf(front, tail, options.larder);
  const ingredient = findIngredient(options.larder ?? standardLarder, food.ingredient);
  const byProducts = byProductsNamed(front, tail, ingredient);
  const preparation = [...new Set([...tail.before, ...tail.after, ...byProducts.flatMap(formOfByProduct)])];
  if (tail.leaves && !preparation.includes('leaves')) preparation.push('leaves');
  const toTaste = flags.toTaste || (front.amount === null && keptBack === null);
  const problems = [
    front.amount === null ? missingAmount(front, flags.toTaste) : thousandOrOne(text, front),
    isDividedByNothing(front) ? '' : openOr(food, tail),
    tail.beside ? `“and ${tail.beside}” was not read: write it on a line of its own` : '',
    secondDisagrees(front, options.system),
  ].filter(Boolean);
  return {
    text,
    amount: front.amount,
    unit: front.unit,
    pack: front.pack,
    second: front.second,
    keptBack,
    name: food.name,
    ingredient: food.ingredient,
    form: mainForm(preparation),
    preparation,
    basis: basisOf(front, tail, ingredient),
    note: flags.about ? ['about', tail.note].filter(Boolean).join(', ') : tail.note,
    optional: flags.optional,
    toTaste,
    alternatives: tail.alternatives,
    byProducts,
    confidence:
      tail.beside || front.vague || thousandOrOne(text, front) ? partlyRead : confidenceOf(front, food),
    unread: problems.join('; '),
  };
}

/** Why a food is not known; of a group, who chooses it. */
function openOr({ ingredient, problem, name }: FoodReading, { note }: Tail): string {
  return ingredient === null && groupWordsOf(note) !== ''
    ? `“${name}” is left open: each class chooses it on its menu or on Shop`
    : problem;
}

/** A line of which a part was left out is marked, however well the rest was understood. */
const partlyRead = 0.5;

function formOfByProduct(part: ByProduct): Form[] {
  return part === 'juice' ? ['juiced'] : part === 'zest' ? ['zested'] : [];
}

function byProductsNamed(front: Front, tail: Tail, ingredient: Ingredient | null): ByProduct[] {
  if (front.byProducts.length > 0) return front.byProducts;
  if (front.unit === 'squeeze' && ingredient?.byProducts?.juiceMillilitres) return ['juice'];
  const part = /\begg (yolk|white)s?\b/i.exec(tail.name);
  if (part) return [part[1]!.toLowerCase() as ByProduct];
  // "2 tbsp lemon or lime juice": the word that is said once holds for both.
  const shared = /\b(juice|zest)$/i.exec(tail.alternatives[tail.alternatives.length - 1] ?? '');
  if (shared && ingredient?.byProducts && front.unit !== 'piece')
    return [shared[1]!.toLowerCase() as ByProduct];
  return byProductsOfForms(tail.after);
}

const dividedByNothing = /^\d+ ?\/ ?0+\b/;
function isDividedByNothing(front: Front): boolean {
  return front.amount === null && dividedByNothing.test(front.rest);
}

/** "1.000 g" is one gram to some and a thousand to others. */
function thousandOrOne(text: string, front: Front): string {
  const written = /(?<![\d.,])([1-9]\d{0,2})\.(000|\d{3}(?=\s?(?:g|ml)\b))/.exec(text);
  if (!written || !front.unit || unitKind(front.unit) === 'count') return '';
  return `“${written[0]}” can be ${written[1]!} or ${written[1]!}${written[2]!}: write which`;
}

function missingAmount(front: Front, toTaste: boolean): string {
  const zero = dividedByNothing.exec(front.rest);
  if (zero) return `“${zero[0]}” is not an amount: nothing can be divided by zero`;
  if (/parts?/.test(front.vague)) return `“${front.vague}” is a ratio: write amounts`;
  if (front.vague) return `“${front.vague}” is not an amount: write how much`;
  if (front.isLittle) return '';
  return toTaste ? '' : 'no amount is written';
}

function byProductsOfForms(forms: readonly Form[]): ByProduct[] {
  return forms.flatMap((form): ByProduct[] =>
    form === 'juiced' ? ['juice'] : form === 'zested' ? ['zest'] : [],
  );
}

/**
 * Counts are as purchased; a weight is edible only when the cut stands before the name; a spoon or cup
 * measures what is in it.
 */
function basisOf(front: Front, tail: Tail, ingredient: Ingredient | null): Basis {
  if (front.unit === null || unitKind(front.unit) === 'count') return 'purchased';
  if (unitKind(front.unit) === 'volume' || front.unit === 'handful') return 'edible';
  // "20 g mint leaves" are picked leaves, where the stems would be lost.
  if (tail.leaves && ingredient?.yields.leaves) return 'edible';
  return tail.before.some((form) => form !== 'whole' && form !== 'washed' && form !== 'packed')
    ? 'edible'
    : 'purchased';
}

function confidenceOf(front: Front, food: FoodReading): number {
  if (front.rest === '') return 0.2;
  const name = food.ingredient === null ? 0.15 : 0.6;
  return Number((name + (front.amount ? 0.4 : 0.2)).toFixed(2));
}

/** Says when the amount in the other system is more than a tenth off. */
function secondDisagrees(front: Front, system: MeasureSystem): string {
  if (!front.second || !front.amount || !front.unit) return '';
  const first = unitSize(front.unit, system);
  const other = unitSize(front.second.unit, system);
  if (!first || !other || unitKind(front.unit) !== unitKind(front.second.unit)) return '';
  // Of a range that begins at nothing, its high end says how much is meant.
  const ends = (low: Rational, high: Rational) => toFraction(toNumber(low) > 0 ? low : high);
  const one = ends(front.amount.low, front.amount.high).mul(toFraction(first));
  const two = ends(front.second.low, front.second.high).mul(toFraction(other));
  if (one.compare(0) === 0 || two.compare(0) === 0)
    return one.compare(two) === 0 ? '' : 'one of the two amounts is nothing';
  const off = Math.abs(Number(two.div(one).valueOf()) - 1);
  return off > 0.1 ? `the two amounts differ by ${Math.round(off * 100)} %` : '';
}
