import { toNumber, unitKind, unitSize, type MeasureSystem } from '../../../amounts/index.js';
import type { DishKind, Portion } from '../../types.js';
import { readAmount } from '../line/amount.js';
import { plainSpelling } from '../line/numbers.js';

/** What a recipe says of how much it gives: for how many, and how much, told apart. */
export interface Servings {
  readonly people: number | null;
  /** "Makes about 300 ml", as written; empty where no amount is said. */
  readonly makes: string;
  readonly millilitres: number | null;
  readonly portion: Portion | null;
}

const forPeople =
  /\b(?:serves|serve|servings?|feeds|portions?|people|enough for|makes enough for|for|f(?:ü|ue)r|pour|para|per|voor)\s{0,8}:?\s{0,8}(?:about |around |approx\.? |up to )?(\d{1,3})(?!\d|[.,/]\d)(?:\s*(?:-|to|or)\s*\d{1,3})?(?!\s*(?:min|hours?|h\b|g\b|ml\b|cups?))/i;
const peopleAfter =
  /\b(\d{1,3})(?:\s*(?:-|to)\s*\d{1,3})?\s*(?:generous |small |large |hungry )?(?:servings?|portions?|people|persons?|guests|eaters|plates|portionen|personen|personnes|personas|porciones|persone|porzioni)\b/i;
const makesAmount =
  /^\W{0,12}(?:makes|yields?|gives|quantity)?\s{0,8}:?\s{0,8}(?:about |around |approx(?:imately)?\.? |roughly |~ ?)?(?=[\d½¼¾⅓⅔])/i;

/** Reads "Serves 4", "Makes about 2 cups, enough for 8", "1 1/2 cups", "8 |", in any order. */
export function readServings(text: string, system: MeasureSystem): Servings {
  const plain = plainSpelling(text).replace(/[\s|·•*]+$/, '');
  const start = makesAmount.exec(plain);
  const amount = start ? readAmount(plain.slice(start[0].length), { system }) : null;
  const isAmount = amount?.unitWritten === true && ['mass', 'volume'].includes(unitKind(amount.amount.unit));
  const size = isAmount ? unitSize(amount.amount.unit, system) : null;
  const count = forPeople.exec(plain) ?? peopleAfter.exec(plain) ?? (isAmount ? null : bareCount(plain));
  return {
    people: count ? Math.max(1, Number(count[1])) : null,
    makes: isAmount ? plain : '',
    millilitres: size ? toNumber(amount!.amount.high) * toNumber(size) : null,
    portion: portionOf(plain),
  };
}

function bareCount(text: string): RegExpExecArray | null {
  return /^\W{0,12}(?:makes|yields?)?\s{0,8}:?\s{0,8}(?:about |around )?(\d{1,3})(?!\d|[.,/]\d)/i.exec(text);
}

/** "As a starter", "with bread": how large a portion is meant. */
function portionOf(text: string): Portion | null {
  const size =
    /\bas an? (?:light |small |substantial )?(main|side|starter|taste|nibble|dip|snack|appeti[sz]er)/i
      .exec(text)?.[1]
      ?.toLowerCase();
  if (size) return size === 'main' ? 'main' : size === 'side' ? 'side' : 'taste';
  return /\bwith bread\b/i.test(text) ? 'side' : null;
}

/** ~60 ml of a dip and ~15 ml of a dressing a head. */
const millilitresAHead: Readonly<Partial<Record<DishKind, number>>> = { dip: 60, dressing: 15 };

/** For how many an amount of a dip or a dressing is enough; null where that says nothing. */
export function peopleOfAmount(millilitres: number | null, kind: DishKind): number | null {
  const each = millilitresAHead[kind];
  return millilitres !== null && each ? Math.max(1, Math.round(millilitres / each)) : null;
}
