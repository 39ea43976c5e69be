import {
  type Amount,
  multiply,
  type Rational,
  toRational,
  type UnitId,
  unitKind,
} from '../../../amounts/index.js';
import type { ByProduct } from '../../types.js';
import { type LineOptions, readAmount } from './amount.js';
import { findIngredient, standardLarder } from '../../../larder/index.js';
import { findByName, idOfName, isKnownName, readTurned } from './names.js';
import { readByProductFront, readNestedByProduct, withByProduct } from './by-products.js';
import { readNumber } from './numbers.js';
import { isSaidOfFood, readUnit } from './words.js';

/** What is found at the front of a line, and the text that is left. */
export interface Front {
  amount: { low: Rational; high: Rational } | null;
  unit: UnitId | null;
  pack: Amount | null;
  second: Amount | null;
  byProducts: ByProduct[];
  rest: string;
  /** Words that name an amount without saying how much: "lots of". */
  vague: string;
  /** "A little", "a touch of": to taste. */
  isLittle: boolean;
}

const vagueBehind = /,? (?:an? )?(lots|loads|plenty|lot)$/i;
const vagueAmount = /^(lots of|loads of|plenty of|an? lot of|some|enough|\d+ parts?(?: of)?)\s+(?=\S)/i;
/** So little that it is taken to taste. */
const littleAmount =
  /^(?:an? (?:tiny |little |small )?(?:little|bit|touch|hint|scattering|sprinkling|sprinkle|grating|lick|whisper|suspicion)(?: of)?|(?:little bit|bit|touch|hint|sprinkling|sprinkle|grating|scattering) of|the odd)\s+(?=\S)/i;
/** "Sesame salt, a little". */
const littleBehind = /,? (?:an? )?(?:little(?: bit)?|bit)$/i;

/** What a text says of which only a little goes in, and no more about how much; null where it says none. */
function littleOf(text: string, options: LineOptions): string | null {
  const rest = text.replace(littleAmount, '').replace(littleBehind, '');
  return rest === text || readAmount(amountFirst(rest, options), options) ? null : rest;
}

/** "A 2-inch piece" is one of two inches. */
const lengthOf = /^an? (?=\d[\d./ ]*[- ]?(?:cm|inch(?:es)?|")(?![a-z]))/i;

/** "Small bunch of basil": a size before a unit that has no number. */
const bareSize =
  /^(?:small|large|big|good|generous) (?=[a-z]+ of |(?:handful|bunch|pinch|glug|splash|drizzle|knob|squeeze|dash)\b)/i;

/**
 * Reads amount, unit, pack and by-products at the front of a line, or behind its name where nothing stands in
 * front.
 */
export function readFront(text: string, options: LineOptions): Front {
  const empty: Front = {
    amount: null,
    unit: null,
    pack: null,
    second: null,
    byProducts: [],
    rest: text,
    vague: '',
    isLittle: false,
  };
  const byProduct = readByProductFront(text);
  if (byProduct) return { ...empty, ...byProduct };
  const little = littleOf(text, options);
  if (little !== null) return { ...empty, isLittle: true, rest: little };
  const behind = vagueBehind.exec(text);
  if (behind && behind.index > 0 && !/\d/.test(text))
    return { ...empty, vague: behind[0].replace(/^,? /, ''), rest: text.slice(0, behind.index) };
  const vague = vagueAmount.exec(text);
  if (vague) return { ...empty, vague: vague[1]!, rest: text.slice(vague[0].length) };
  const ordered = amountFirst(
    text.replace(littleAmount, '').replace(bareSize, '').replace(lengthOf, ''),
    options,
  );
  const front: Front = { ...empty, rest: ordered };
  const first = readAmount(ordered, options);
  if (!first) return withByProduct(readBareUnit(ordered, front, options), options);
  front.amount = { low: first.amount.low, high: first.amount.high };
  front.unit = first.amount.unit;
  front.rest = ordered.slice(first.length).trim();
  readUnitOfName(front, ordered, options);
  readPack(front, options);
  readSecond(front, options);
  front.rest = front.rest.replace(/^(?:of (?:an? |the |that |this |those |these )?|an? )/i, '').trim();
  readLength(front);
  readStick(front);
  readNestedByProduct(front, options);
  readTrailingUnit(front, options);
  return front;
}

/** "Red onion 2, fine dice": what is said of it stands behind the amount. */
function amountFirst(text: string, options: LineOptions): string {
  const comma = text.indexOf(', ');
  const said = comma > 0 && /\d/.test(text.slice(0, comma)) ? text.slice(comma) : '';
  return amountBefore(text.slice(0, text.length - said.length), options) + said;
}

/** Where an amount may begin behind a name. */
const numberBehind = /(?<=[\s:,])(?=\d|(?:half|an?|one|two|three|four|five|six|eight|ten|twelve)\b)/gi;
const shortestName = 3;

/**
 * "Flour: 200 g", "warm water, 3-4 tbsp", "carrots half kilo", "small onions 10 nos sliced": the amount is
 * brought to the front, and what is done to the food stays behind it.
 */
function amountBefore(written: string, options: LineOptions): string {
  // "Lemons x 3", "eggs x6".
  const text = written.replace(/^([^\d]{3,}?) x ?(?=\d+$)/i, '$1 ');
  if (readNumber(text)) return text;
  for (const { index } of text.matchAll(numberBehind)) {
    if (index < shortestName) continue;
    const amount = readAmount(text.slice(index), options);
    const rest = amount && text.slice(index + amount.length);
    const name = text.slice(0, index).replace(/[:,\s]+$/, '');
    if (!amount || !isSaidOfFood(rest!)) continue;
    const isInDigits = /^\d/.test(text.slice(index));
    const isKnown = () => readTurned(name, options.larder).ingredient !== null;
    if (!(amount.unitWritten && isInDigits) && (!(amount.unitWritten || isInDigits) || !isKnown())) continue;
    const plain = text
      .slice(0, index)
      .trim()
      .replace(/[:,]$|\s(?:from|of|for)$/i, '');
    return `${text.slice(index, index + amount.length)} ${plain}${rest!.trim() && `, ${rest!.trim()}`}`;
  }
  return text;
}

/** A stick of butter is 4 oz by its wrapper. */
function readStick(front: Front): void {
  if (
    front.unit !== 'stalk' ||
    !front.amount ||
    !/^(?:[a-z-]+ ){0,2}(?:butter|margarine)\b/i.test(front.rest)
  )
    return;
  const ounces = (count: Rational) => multiply(count, '4');
  front.amount = { low: ounces(front.amount.low), high: ounces(front.amount.high) };
  front.unit = 'oz';
}

/** A thumb of ginger is about this long, ~. */
const thumbCentimetres = 4;

/**
 * "5 cm piece of ginger": the piece is only what the length is cut from. "A thumb of ginger" is a length too.
 */
function readLength(front: Front): void {
  if (front.unit === 'piece' && front.amount) {
    const thumb = /^thumb(?:-sized|-size)?(?: piece| knob| chunk)?(?: of)? (?=\S)/i.exec(front.rest);
    if (!thumb) return;
    const centimetres = (count: Rational) => multiply(count, toRational(thumbCentimetres));
    front.amount = { low: centimetres(front.amount.low), high: centimetres(front.amount.high) };
    front.unit = 'cm';
    front.rest = front.rest.slice(thumb[0].length);
  } else if (front.unit === 'cm' || front.unit === 'inch') {
    front.rest = front.rest.replace(/^(?:piece|knob|chunk|length)s?(?: of)? (?:fresh |peeled )?(?=\S)/i, '');
  }
}

/** "4 hearts of palm", "6 cloves", "2 leaf gelatine": what looks like a unit belongs to the name. */
function readUnitOfName(front: Front, text: string, options: LineOptions): void {
  if (!front.unit || unitKind(front.unit) !== 'count' || front.unit === 'piece') return;
  const number = readNumber(text);
  const name = text.slice(number?.length ?? 0).trim();
  if (!isKnownName(/^[^,(]*/.exec(name)![0].trim(), options.larder)) return;
  front.unit = 'piece';
  front.rest = name;
}

/** "8 sage leaves", "1 garlic clove": the unit stands behind the name. */
function readTrailingUnit(front: Front, options: LineOptions): void {
  if (front.unit !== 'piece' || front.pack) return;
  const match = /^([^,(]+?) (clove|sprig|stalk|stick|lea(?:f|ve)|head|bulb|slice|rasher)s?(?=,| \(|$)/i.exec(
    front.rest,
  );
  if (!match) return;
  const id = findByName(match[1]!, options.larder)?.ingredient ?? null;
  const whole = idOfName(`${match[1]!} ${match[2]!}`, options.larder);
  if (whole !== null && whole !== id) return;
  const food = findIngredient(options.larder ?? standardLarder, id);
  const unit = readUnit(match[2]!.replace(/leave/i, 'leaf'))!.unit;
  const isPartOf = food && (food.countGrams[unit] !== undefined || ['head', 'stalk'].includes(unit));
  if (!isPartOf && !(unit === 'leaf' && food?.section === 'salad and herbs')) return;
  front.unit = unit;
  front.rest = `${match[1]!}${front.rest.slice(match[0].length)}`;
}

/** "a squeeze", "handful of rocket" without a number: one of them. */
function readBareUnit(text: string, front: Front, options: LineOptions): Front {
  const unit = readUnit(text);
  if (isKnownName(/^[^,(]*/.exec(text)![0].trim(), options.larder)) return front;
  // "Squeeze the membranes", "drizzle over the oil": what to do, not how much.
  if (
    unit &&
    /^ (?:the|over|out|in|on|with|it|them|both|each|all|any|your|some)\b/i.test(text.slice(unit.length))
  )
    return front;
  if (!unit || unit.length < 3 || !/^ (?:of )?\w/.test(text.slice(unit.length))) return front;
  return {
    ...front,
    amount: { low: '1', high: '1' },
    unit: unit.unit,
    rest: text.slice(unit.length).replace(/^ of /, ' ').trim(),
  };
}

const measure = String.raw`(\d[\d.,/ ]*?) ?-?(g|kg|oz|lb|ml|l|ounce|gram)s?\b\.?`;
const containers =
  'tins?|cans?|jars?|packets?|packs?|packages?|pkgs?|pkts?|bags?|bottles?|pots?|tubs?|tubes?|' +
  'blocks?|boxes|box|cartons?|punnets?|pouch|pouches|balls?';
const container = String.raw`(${containers}|loaf|loaves)\b\.?`;
const packSize = new RegExp(
  String.raw`^(?:x )?\(?${measure}(?: ?/ ?\d[\d.,]* ?[a-z]+\.?)?\)? ?-?${container}`,
  'i',
);
const packAfter = new RegExp(String.raw`^\(?${measure}\)?(?: each)?\)?`, 'i');
const containerOnly = new RegExp(`^${container}(?: of)? `, 'i');

/** "2 x 400 g tins", "1 (15 oz) can", "1 tin (400 g)", "400 g tin". */
function readPack(front: Front, options: LineOptions): void {
  if (isKnownName(/^[^,(]*/.exec(front.rest)![0].trim(), options.larder)) return;
  const before = packSize.exec(front.rest);
  if (before && front.unit === 'piece') {
    const size = readAmount(`${before[1]!.trim()} ${before[2]!}`, options);
    front.pack = size?.amount ?? null;
    front.unit = containerUnit(before[3]!);
    front.rest = front.rest.slice(before[0].length).trim();
    return;
  }
  if (readSinglePack(front)) return;
  const isContainer = front.unit === 'tin' || front.unit === 'jar' || front.unit === 'packet';
  const after = isContainer && front.rest.startsWith('(') ? packAfter.exec(front.rest) : null;
  if (!after) return;
  front.pack = readAmount(`${after[1]!.trim()} ${after[2]!}`, options)?.amount ?? null;
  front.rest = front.rest.slice(after[0].length).trim();
}

/** A ball or a loaf is a piece of its size; what has no unit of its own is a packet. */
function containerUnit(word: string): UnitId {
  return readUnit(word)?.unit ?? (/^(?:ball|loa)/i.test(word) ? 'piece' : 'packet');
}

/** "200 g jar roasted peppers" is one jar of 200 g. */
function readSinglePack(front: Front): boolean {
  const match = containerOnly.exec(front.rest);
  if (
    !match ||
    !front.amount ||
    !front.unit ||
    (unitKind(front.unit) !== 'mass' && unitKind(front.unit) !== 'volume')
  )
    return false;
  front.pack = { ...front.amount, unit: front.unit };
  front.amount = { low: '1', high: '1' };
  front.unit = containerUnit(match[1]!);
  front.rest = front.rest.slice(match[0].length);
  return true;
}

/** "150 g / 5 oz", "1 cup (240 ml)", "2 carrots (200 g)": the same amount in another system. */
function readSecond(front: Front, options: LineOptions): void {
  const match = /^(?:\/ ?|\((?:or |about |approx\.? |~ ?)?)([^)]*?)(?:\)|$)/.exec(front.rest);
  if (!match || front.unit === 'piece') return readBracketed(front, options);
  const bracketed = front.rest.startsWith('(');
  const second = readAmount(match[1]!, options);
  if (!second?.unitWritten) return readBracketed(front, options);
  const offset = match[0].indexOf(match[1]!) + second.length;
  front.second = second.amount;
  front.rest = (bracketed ? front.rest.slice(match[0].length) : front.rest.slice(offset)).trim();
}

/** An amount alone in brackets behind the name. */
function readBracketed(front: Front, options: LineOptions): void {
  for (const match of front.rest.matchAll(
    / ?\((?:about |approx\.? |~ ?)?([^()]*?)(?: in all| in total| total)?\)/gi,
  )) {
    const second = readAmount(match[1]!, options);
    if (!second?.unitWritten || second.length !== match[1]!.length) continue;
    const isOfPack = front.pack === null && ['tin', 'jar', 'packet'].includes(front.unit ?? '');
    if (isOfPack) front.pack = second.amount;
    else front.second = second.amount;
    front.rest = front.rest.replace(match[0], '').replace(/\s+/g, ' ').trim();
    return;
  }
}
