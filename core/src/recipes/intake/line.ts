import { toFraction, toRational, unitKind, unitSize, type Amount, type MeasureSystem, type UnitId } from '../../amounts/index.js';
import { findIngredient, standardLarder, type Form, type Larder } from '../../larder/index.js';
import type { Basis, ByProduct, LineReading } from '../types.js';
import { findByName, isKnownName } from './names.js';
import { plainSpelling, readNumber } from './numbers.js';
import { mainForm, readForms, readUnit, splitDescription } from './words.js';

export interface LineOptions {
  /** Which spoons and cups the text means; used where amounts are added or checked against each other. */
  readonly system: MeasureSystem;
  readonly larder?: Larder;
}

/** What is found at the front of a line, and the text that is left. */
interface Front {
  amount: { low: string; high: string } | null;
  unit: UnitId | null;
  pack: Amount | null;
  second: Amount | null;
  byProducts: ByProduct[];
  rest: string;
}

/** Longest line that is read; a longer one is kept as written. */
export const longestLine = 400;

/**
 * Reads one written ingredient line. Never throws: what cannot be read is kept in `text`, with a low
 * confidence and the reason in `unread`. Amounts are exact; the first of two systems is used, the second
 * is checked against it.
 */
export function parseIngredientLine(text: string, options: LineOptions): LineReading {
  const written = text.trim();
  if (written.length > longestLine) return unreadable(written, `longer than ${longestLine} characters`);
  const plain = plainSpelling(written.replace(/^[-*•·▪]\s+/, ''));
  if (!/[\p{L}]/u.test(plain)) return unreadable(written, plain ? 'no ingredient is named' : 'the line is empty');
  const flags = takeFlags(plain);
  const kept = takeKeptBack(flags.rest, options);
  const front = readFront(kept.rest, options);
  const tail = readTail(front.rest, options.larder);
  return assemble(written, flags, kept.keptBack, front, tail, options);
}

function unreadable(text: string, reason: string): LineReading {
  return {
    text, amount: null, unit: null, pack: null, second: null, keptBack: null, name: text.slice(0, longestLine), ingredient: null,
    form: null, preparation: [], basis: 'purchased', note: '', optional: false, toTaste: false, alternatives: [], byProducts: [],
    confidence: 0, unread: reason,
  };
}

interface Flags { optional: boolean; toTaste: boolean; about: boolean; rest: string }

function takeFlags(text: string): Flags {
  let rest = text;
  const take = (pattern: RegExp) => {
    const before = rest;
    rest = rest.replace(pattern, ' ').replace(/\s+/g, ' ').replace(/ ,/g, ',').trim();
    return rest !== before;
  };
  const optional = take(/[,;]?\s*\(?\boptional(?:ly)?\b:?\)?/i);
  const toTaste = take(/[,;]?\s*\(?\b(?:or )?(?:to|according to) taste\b\)?/i) || take(/[,;]?\s*\(?\bas needed\b\)?/i);
  const about = take(/\b(?:about|approximately|approx\.?|roughly(?= \d)|around|circa|ca\.)\s+/i) || take(/^~\s*/);
  return { optional, toTaste, about, rest: rest.replace(/^[,;\s]+|[,;\s]+$/g, '') };
}

const keptBackPattern = /[,;]?\s*\(?(?:plus|and|with)\s+((?:(?!plus ).)+?)\s+(?:for (?:the )?(?:top|garnish|garnishing|finishing|serving|sprinkling|scattering|drizzling)|to (?:finish|garnish|serve|scatter|drizzle|top|sprinkle))\)?\s*$/i;

/** "plus 1 tbsp for the top": a part kept back. */
function takeKeptBack(text: string, options: LineOptions): { keptBack: LineReading['keptBack']; rest: string } {
  const match = keptBackPattern.exec(text);
  if (!match) return { keptBack: null, rest: text };
  const amount = readAmount(match[1]!, options);
  return { keptBack: { amount: amount?.amount ?? null, words: match[0].replace(/^[,;\s(]+|[)\s]+$/g, '') }, rest: text.slice(0, match.index).trim() };
}

/** Reads "3 tbsp", "1 cup plus 1 tbsp", "2-3", at the start. A bare number is a count of pieces. */
function readAmount(text: string, options: LineOptions): { amount: Amount; length: number; unitWritten: boolean } | null {
  const number = readNumber(text);
  if (!number) return null;
  let at = number.length;
  const gap = /^[ -]?(?:(?:good|generous|heaped|heaping|scant|level|rounded|big|small|large) )*/i.exec(text.slice(at))![0];
  const unit = readUnit(text.slice(at + gap.length));
  if (unit) at += gap.length + unit.length;
  const amount: Amount = { low: number.low, high: number.high, unit: unit?.unit ?? 'piece' };
  const plus = unit ? /^ (?:plus|and|\+) /i.exec(text.slice(at)) : null;
  const extra = plus ? readAmount(text.slice(at + plus[0].length), options) : null;
  const sum = extra?.unitWritten ? addAmounts(amount, extra.amount, options.system) : null;
  if (sum && plus && extra) return { amount: sum, length: at + plus[0].length + extra.length, unitWritten: true };
  return { amount, length: at, unitWritten: unit !== null };
}

/** Adds two amounts of the same kind exactly, in the smaller unit; null where they cannot be added. */
function addAmounts(a: Amount, b: Amount, system: MeasureSystem): Amount | null {
  if (unitKind(a.unit) !== unitKind(b.unit)) return null;
  const sizeA = unitSize(a.unit, system);
  const sizeB = unitSize(b.unit, system);
  if (!sizeA || !sizeB) return null;
  const factor = toFraction(sizeA).div(toFraction(sizeB));
  const inB = (value: string, more: string) => toRational(toFraction(value).mul(factor).add(toFraction(more)));
  if (factor.compare(1) < 0) return addAmounts(b, a, system);
  return { low: inB(a.low, b.low), high: inB(a.high, b.high), unit: b.unit };
}

function readFront(text: string, options: LineOptions): Front {
  const byProduct = readByProductFront(text);
  if (byProduct) return byProduct;
  const front: Front = { amount: null, unit: null, pack: null, second: null, byProducts: [], rest: text };
  const first = readAmount(text, options);
  if (!first) return readBareUnit(text, front);
  front.amount = { low: first.amount.low, high: first.amount.high };
  front.unit = first.amount.unit;
  front.rest = text.slice(first.length).trim();
  readPack(front, options);
  readSecond(front, options);
  front.rest = front.rest.replace(/^of (?:an? |the )?/i, '').trim();
  readNestedByProduct(front);
  readTrailingUnit(front, options);
  return front;
}

/** "8 sage leaves", "1 garlic clove": the unit stands behind the name. */
function readTrailingUnit(front: Front, options: LineOptions): void {
  if (front.unit !== 'piece' || front.pack) return;
  const match = /^([^,(]+?) (clove|sprig|stalk|stick|lea(?:f|ve)|head|bulb|slice|rasher)s?(?=,| \(|$)/i.exec(front.rest);
  if (!match || !findByName(match[1]!, options.larder)) return;
  front.unit = readUnit(match[2]!.replace(/leave/i, 'leaf'))!.unit;
  front.rest = `${match[1]!}${front.rest.slice(match[0].length)}`;
}

/** "juice of 1/2 lime", "zest and juice of 2 oranges", "1 lemon, zested and juiced" is left to the forms. */
function readByProductFront(text: string): Front | null {
  const match = /^(?:the )?(?:(?:finely )?grated |freshly squeezed )?(juice|zest|rind)(?: (?:and|&) (?:(?:finely )?grated )?(juice|zest|rind))?(?: of| from) /i.exec(text);
  if (!match) return null;
  const after = text.slice(match[0].length);
  const number = readNumber(after);
  return {
    amount: { low: number?.low ?? '1', high: number?.high ?? '1' }, unit: 'piece', pack: null, second: null,
    byProducts: byProductsOf(match[1], match[2]), rest: after.slice(number?.length ?? 0).replace(/^ of /, ' ').trim(),
  };
}

function byProductsOf(...words: (string | undefined)[]): ByProduct[] {
  return words.filter((word) => word !== undefined).map((word) => (word.toLowerCase() === 'juice' ? 'juice' : 'zest'));
}

/** "a squeeze", "handful of rocket" without a number: one of them. */
function readBareUnit(text: string, front: Front): Front {
  const unit = readUnit(text);
  if (!unit || unit.length < 3 || !/^ (?:of )?\w/.test(text.slice(unit.length))) return front;
  return { ...front, amount: { low: '1', high: '1' }, unit: unit.unit, rest: text.slice(unit.length).replace(/^ of /, ' ').trim() };
}

const packSize = /^(?:x )?\(?(\d[\d.,/ ]*) ?-?(g|kg|oz|lb|ml|l|ounce|gram)s?\b\.?\)? ?-?(tins?|cans?|jars?|packets?|packs?|bags?|bottles?|pots?|tubs?|blocks?|cartons?)\b/i;
const packAfter = /^\(?(\d[\d.,/ ]*) ?-?(g|kg|oz|lb|ml|l|ounce|gram)s?\b\.?\)?(?: each)?/i;

/** "2 x 400 g tins", "1 (15 oz) can", "1 tin (400 g)". */
function readPack(front: Front, options: LineOptions): void {
  const before = packSize.exec(front.rest);
  if (before && front.unit === 'piece') {
    const size = readAmount(`${before[1]!.trim()} ${before[2]!}`, options);
    front.pack = size?.amount ?? null;
    front.unit = readUnit(before[3]!)?.unit ?? 'packet';
    front.rest = front.rest.slice(before[0].length).trim();
    return;
  }
  const isContainer = front.unit === 'tin' || front.unit === 'jar' || front.unit === 'packet';
  const after = isContainer && front.rest.startsWith('(') ? packAfter.exec(front.rest) : null;
  if (!after) return;
  front.pack = readAmount(`${after[1]!.trim()} ${after[2]!}`, options)?.amount ?? null;
  front.rest = front.rest.slice(after[0].length).trim();
}

/** "150 g / 5 oz", "1 cup (240 ml)": the same amount in another system. */
function readSecond(front: Front, options: LineOptions): void {
  const match = /^(?:\/ ?|\((?:about |or )?)([^)]*?)(?:\)|$)/.exec(front.rest);
  if (!match || front.unit === 'piece') return;
  const bracketed = front.rest.startsWith('(');
  const second = readAmount(match[1]!, options);
  if (!second?.unitWritten) return;
  const offset = match[0].indexOf(match[1]!) + second.length;
  front.second = second.amount;
  front.rest = (bracketed ? front.rest.slice(match[0].length) : front.rest.slice(offset)).trim();
}

/** "2 tbsp of lemon juice" names juice by amount; "1 tsp lemon zest" zest. Handled by the name. */
function readNestedByProduct(front: Front): void {
  const match = /^(?:(?:freshly |finely |fresh )?(?:squeezed |grated )?)(.+?) (juice|zest)(?= |,|$)/i.exec(front.rest);
  if (!match || front.rest.slice(0, match[0].length).includes(',')) return;
  front.byProducts = byProductsOf(match[2]);
  front.rest = `${match[1]!}${front.rest.slice(match[0].length)}`;
}

interface Tail { name: string; note: string; before: Form[]; after: Form[]; alternatives: string[]; leaves: boolean }

function readTail(rest: string, larder: Larder | undefined): Tail {
  const brackets = [...rest.matchAll(/\(([^)]*)\)/g)].map((match) => match[1]!);
  const plain = rest.replace(/\([^)]*\)/g, ' ').replace(/\s+/g, ' ').replace(/ ,/g, ',').trim();
  const comma = cutAtComma(plain);
  const [main, ...alternatives] = plain.slice(0, comma).split(/ or (?:else )?/i).map((part) => part.trim());
  const { description, rest: name } = splitKnownName(main ?? '', larder);
  const trailing = plain.slice(comma + 1).trim();
  const pieces = /^(\S.*) (florets|segments|wedges|matchsticks)$/i.exec(name);
  const split = pieces ? { name: pieces[1]!, trailing: '' } : splitTrailingForms(name);
  const note = [description, pieces?.[2] ?? '', split.trailing, trailing, ...brackets].filter(Boolean).join(', ');
  return {
    name: split.name, note, before: readForms(`${description} ${pieces?.[2] ?? ''}`), alternatives,
    after: readForms([split.trailing, trailing, ...brackets].join(' ')), leaves: /\bleaves\b/i.test(name),
  };
}

/** Describing words belong to the name where the larder knows them as one: "dried white beans", "ground cumin". */
function splitKnownName(main: string, larder: Larder | undefined): { description: string; rest: string } {
  const split = splitDescription(main);
  const words = main.split(' ');
  const describing = split.description ? split.description.split(' ').length : 0;
  for (let from = 0; from < describing; from++) {
    const name = words.slice(from).join(' ');
    if (isKnownName(name, larder)) return { description: words.slice(0, from).join(' '), rest: name };
  }
  return split;
}

/** The comma that ends the name; "coarse, stale bread" keeps its leading adjectives. */
function cutAtComma(text: string): number {
  for (let at = text.indexOf(','); at >= 0; at = text.indexOf(',', at + 1)) {
    if (splitDescription(`${text.slice(0, at)} x`).rest !== 'x') return at;
  }
  return text.length;
}

/** "walnuts toasted and chopped" without a comma. */
function splitTrailingForms(name: string): { name: string; trailing: string } {
  const match = /^(\S.*?) ((?:finely |thinly |roughly |coarsely |well |lightly )?(?:diced|minced|chopped|sliced|shredded|grated|torn|crushed|halved|quartered|toasted|drained|rinsed|peeled|crumbled|cubed|shaved)(?: and .*)?)$/i.exec(name);
  return match ? { name: match[1]!, trailing: match[2]! } : { name, trailing: '' };
}

function assemble(text: string, flags: Flags, keptBack: LineReading['keptBack'], front: Front, tail: Tail, options: LineOptions): LineReading {
  const found = findIngredientNamed(front, tail, options.larder);
  const byProducts = byProductsNamed(front, tail);
  const preparation = [...new Set([...tail.before, ...tail.after, ...byProducts.flatMap(formOfByProduct)])];
  if (tail.leaves && !preparation.includes('leaves')) preparation.push('leaves');
  const toTaste = flags.toTaste || (front.amount === null && keptBack === null);
  const problems = [
    front.amount === null ? missingAmount(front.rest, flags.toTaste) : '',
    found === null ? `“${tail.name}” is not in the larder` : '',
    secondDisagrees(front, options.system),
  ].filter(Boolean);
  return {
    text, amount: front.amount, unit: front.unit, pack: front.pack, second: front.second, keptBack,
    name: tail.name, ingredient: found?.ingredient ?? null, form: mainForm(preparation), preparation,
    basis: basisOf(front, tail, found?.ingredient ?? null, options.larder), note: flags.about ? ['about', tail.note].filter(Boolean).join(', ') : tail.note,
    optional: flags.optional, toTaste, alternatives: tail.alternatives, byProducts,
    confidence: confidenceOf(front, found), unread: problems.join('; '),
  };
}

/** What comes in a tin is the tinned kind, where there is one. */
function findIngredientNamed(front: Front, tail: Tail, larder: Larder | undefined): ReturnType<typeof findByName> {
  const tinned = front.unit === 'tin' && isKnownName(`tinned ${tail.name}`, larder) ? findByName(`tinned ${tail.name}`, larder) : null;
  return tinned ?? findByName(tail.name, larder);
}

function formOfByProduct(part: ByProduct): Form[] {
  return part === 'juice' ? ['juiced'] : part === 'zest' ? ['zested'] : [];
}

function byProductsNamed(front: Front, tail: Tail): ByProduct[] {
  if (front.byProducts.length > 0) return front.byProducts;
  const part = /\begg (yolk|white)s?\b/i.exec(tail.name);
  return part ? [part[1]!.toLowerCase() as ByProduct] : byProductsOfForms(tail.after);
}

function missingAmount(rest: string, toTaste: boolean): string {
  const zero = /^\d+ ?\/ ?0+\b/.exec(rest);
  if (zero) return `“${zero[0]}” is not an amount: nothing can be divided by zero`;
  return toTaste ? '' : 'no amount is written';
}

function byProductsOfForms(forms: readonly Form[]): ByProduct[] {
  return forms.flatMap((form): ByProduct[] => (form === 'juiced' ? ['juice'] : form === 'zested' ? ['zest'] : []));
}

/** Counts are as purchased; a weight is edible only when the cut stands before the name; a spoon or cup measures what is in it. */
function basisOf(front: Front, tail: Tail, id: string | null, larder: Larder = standardLarder): Basis {
  if (front.unit === null || unitKind(front.unit) === 'count') return 'purchased';
  if (unitKind(front.unit) === 'volume' || front.unit === 'handful') return 'edible';
  // "20 g mint leaves" are picked leaves, where the stems would be lost.
  if (tail.leaves && findIngredient(larder, id)?.yields.leaves) return 'edible';
  return tail.before.some((form) => form !== 'whole' && form !== 'washed' && form !== 'packed') ? 'edible' : 'purchased';
}

function confidenceOf(front: Front, found: { exact: boolean } | null): number {
  const name = found === null ? 0.3 : found.exact ? 0.6 : 0.4;
  return Number((name + (front.amount ? 0.4 : 0.2)).toFixed(2));
}

/** Says when the amount in the other system is more than a tenth off. */
function secondDisagrees(front: Front, system: MeasureSystem): string {
  if (!front.second || !front.amount || !front.unit) return '';
  const first = unitSize(front.unit, system);
  const other = unitSize(front.second.unit, system);
  if (!first || !other || unitKind(front.unit) !== unitKind(front.second.unit)) return '';
  const ratio = toFraction(front.second.low).mul(toFraction(other)).div(toFraction(front.amount.low).mul(toFraction(first)));
  const off = Math.abs(Number(ratio.valueOf()) - 1);
  return off > 0.1 ? `the two amounts differ by ${Math.round(off * 100)} %` : '';
}
