import {
  toFraction,
  toRational,
  unitKind,
  unitSize,
  type Amount,
  type MeasureSystem,
} from '../../../amounts/index.js';
import type { Larder } from '../../../larder/index.js';
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
  const unit = readUnit(text.slice(position + gap.length));
  if (unit) position += gap.length + unit.length;
  const amount: Amount = { low: number.low, high: number.high, unit: unit?.unit ?? 'piece' };
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
