import {
  multiply,
  type Rational,
  toFraction,
  toRational,
  unitKind,
  unitSize,
  type Amount,
  type MeasureSystem,
  type UnitId,
} from '../../../amounts/index.js';
import type { Larder } from '../../../larder/index.js';
import { lineCues } from '../line-cues.js';
import { readNumber } from './numbers.js';
import { readUnit } from './words.js';

export interface LineOptions {
  /** Which spoons and cups the text means; used where amounts are added or checked against each other. */
  readonly system: MeasureSystem;
  readonly larder?: Larder;
}

/** Reads "3 tbsp", "1 cup plus 1 tbsp", "2-3", at the start. A bare number is a count of pieces. */
export function readAmount(
  text: string,
  options: LineOptions,
): { amount: Amount; length: number; unitWritten: boolean } | null {
  const number = readNumber(text);
  if (!number) return null;
  let position = number.length;
  const gap =
    /^[ -]?(?:(?:good|generous|heaped|heaping|scant|level|rounded|big|small|large|thick|thin|fat) )*/i.exec(
      text.slice(position),
    )![0];
  const unit =
    readUnit(text.slice(position + gap.length)) ?? readPartOfLitre(text.slice(position + gap.length));
  if (unit) position += gap.length + unit.length;
  const half = unit ? halfMore.exec(text.slice(position)) : null;
  position += half?.[0].length ?? 0;
  const times = (end: Rational) => {
    const all = half ? toRational(toFraction(end).add(partMore[half[1]!.toLowerCase()]!)) : end;
    return multiply(multiply(all, unit?.times ?? '1'), unit ? heapOf(gap, unit.unit) : '1');
  };
  const amount: Amount = { low: times(number.low), high: times(number.high), unit: unit?.unit ?? 'piece' };
  // "¾ cup plus 1 tbsp", and the two halves of one weight: "1 lb 4 oz", "1 kg 200 g".
  const plus = unit
    ? (/^ (?:plus|and|\+) /i.exec(text.slice(position)) ??
      /^,? (?=\d+ ?(?:oz|ounces?|g|grams?)\b)/i.exec(text.slice(position)))
    : null;
  const extra = plus ? readAmount(text.slice(position + plus[0].length), options) : null;
  const sum = extra?.unitWritten ? addAmounts(amount, extra.amount, options.system) : null;
  if (sum && plus && extra)
    return { amount: sum, length: position + plus[0].length + extra.length, unitWritten: true };
  return { amount, length: position, unitWritten: unit !== null };
}

/** "A pound and a half of beans", "a litre and a quarter". */
const halfMore = /^ and (?:a )?(half|quarter)(?= of\b|$|,| (?!an?\b|the\b|of\b)\p{L})/iu;
const partMore: Readonly<Record<string, Rational>> = { half: '1/2', quarter: '1/4' };

/** "1.5 dl", "20 cl": kept as millilitres. */
function readPartOfLitre(text: string): { unit: UnitId; length: number; times: Rational } | null {
  const match = /^(dl|cl|decilit(?:re|er)s?|centilit(?:re|er)s?)\b\.?/i.exec(text);
  if (!match) return null;
  return { unit: 'ml', length: match[0].length, times: /^d/i.test(match[1]!) ? '100' : '10' };
}

const isHeaped = lineCues.has('heaped');
const isScant = lineCues.has('scant');

/** How a spoon or a handful is filled, ~: a quarter more where it is heaped, a quarter less where scant. */
function heapOf(words: string, unit: UnitId): Rational {
  if (unitKind(unit) !== 'volume' && unit !== 'handful') return '1';
  if (isHeaped(words)) return '5/4';
  return isScant(words) ? '3/4' : '1';
}

/** Adds two amounts of the same kind exactly, in the smaller unit; null where they cannot be added. */
function addAmounts(a: Amount, b: Amount, system: MeasureSystem): Amount | null {
  if (unitKind(a.unit) !== unitKind(b.unit)) return null;
  const sizeA = unitSize(a.unit, system);
  const sizeB = unitSize(b.unit, system);
  if (!sizeA || !sizeB) return null;
  const factor = toFraction(sizeA).div(toFraction(sizeB));
  const inB = (value: string, more: string) =>
    toRational(toFraction(value).mul(factor).add(toFraction(more)));
  if (factor.compare(1) < 0) return addAmounts(b, a, system);
  return { low: inB(a.low, b.low), high: inB(a.high, b.high), unit: b.unit };
}
