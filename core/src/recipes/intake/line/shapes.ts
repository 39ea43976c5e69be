import { toFraction, toRational, unitKind } from '../../../amounts/index.js';
import { isPlural } from '../../../words/index.js';
import { type LineOptions, readAmount } from './amount.js';
import { findByName, isKnownName, isNamed } from './names.js';
import { readNumber } from './numbers.js';
import { readUnit } from './words.js';

const percent = /\s\d+(?:[.,]\d+)? ?%(?=\s+\d)/;
const times = /(\d) ?x ?(?=\d)/g;
const packTimes =
  /^(\d[\d.,]* ?-?(?:g|kg|ml|l|oz|lb) ?-?(?:tins?|cans?|jars?|packs?|packets?|bags?|pouch(?:es)?|tubs?|balls?)\b.*?) x ?(\d+)$/i;
/** "5 eggs boiled 8 min": what was done stands behind a comma. */
const doneFor =
  /(?<=[a-z\d]) (?=[a-z-]+ed (?:for )?\d+(?: ?- ?\d+)? ?(?:m|mins?|minutes?|h|hrs?|hours?)\b)/gi;
/** "Eggs x5, quartered". */
const nameTimes = /^([^\d,]{3,}?) x ?(\d+)\b(?=[^\d]|$)/i;
/** "Lettuce, 1 small". */
const sizeBehind = /^([^\d,]{3,}), (\d+) (small|medium|large|big)\b/i;
/** "Parsley, big bunch". */
const unitBehind =
  /^([^\d,]{3,}), ((?:an? )?(?:(?:big|small|large|good|generous) )?(?:bunch|handful|pinch|head|splash|sprig))$/i;
const counted = /(\d) (?:nos?|pcs?|ea|off|units?)\.?$/i;
/** A bound is an amount with a remark. */
const bound =
  /^(up to|at least|at most|no more than|not more than|max(?:imum)?\.?|min(?:imum)?\.?) (?=\d|an? |half |one |two |three |four )/i;
/** "2 tbsp yoghurt - her secret!" */
const remarkBehind = /(?<=^(?:\d|an? |half |one |two |three |four |juice |zest ).{3,60}) - (?=[^\d-]+$)/i;
const partOfFruit =
  /^((?:the )?(?:juice|zest|rind)(?: (?:and|&|\+) (?:juice|zest|rind))?) (?=\d|half |an? |one |two )/i;
const bareShare = /^(?=(?:quarter|third) of )/i;
const bareThumb = /^(?=thumb(?:-sized?)? )/i;
/** A dash, a sign or dots between a food and its amount. */
const behindName = /^([^\d(=…]{2,}[^\d(=….\s-])(?: -| ?=| ?\.{2,}| ?…) ?(?=\S)/;
const loose =
  /^(?:an? )?(?:(?:good|small|big|large|generous|fat|tiny) )?(?:splash|glug|drizzle|dash|slug|handful|knob|dollop|spoonful|squeeze)(?:es|s)?(?: of)? ([^,(\d]+?)(?:, | ?\()(?:about |approx\.? |~ ?)?([^()]+?)\)?$/i;
const inBrackets = /^([^\d(,]{3,}?) \((?:about |approx\.? |~ ?)?([^()]+)\)(.*)$/i;
/** "1 crushed clove of garlic": how it is cut stands between. */
const cutBetween =
  /^((?:\d[\d./]*|an?|one|two|three|four) )((?:(?:finely|roughly|thinly|coarsely) )?[a-z]+(?:ed|ped)) ((?:cloves?|sprigs?|stalks?|sticks?|ribs?|heads?|slices?|lea(?:f|ves)|bulbs?)(?: of)? [^,(]+)/i;
const oneOfSize = /^(small|large|medium|big) ([\p{L}' -]+?)(?=,|$)/iu;
const partsOfPiece = /^(\d+) (.+?) (halves|quarters)(?=,|$)/i;

/**
 * A line with its amount in front and its signs written out, as the rest of the reading knows them: "Feta –
 * 200 g", "2x400g tins", "up to 3 tbsp oil", "14 egg halves", "a splash of oil (2 tbsp)". Any other line is
 * as it was.
 */
export function plainShape(text: string, options: LineOptions): string {
  const plain = inOneTongue(text, options)
    .replace(percent, ' ')
    .replace(times, '$1 x ')
    .replace(packTimes, '$2 x $1')
    .replace(doneFor, ', ')
    .replace(nameTimes, '$2 $1')
    .replace(sizeBehind, '$2 $3 $1')
    .replace(unitBehind, '$2 of $1')
    .replace(counted, '$1')
    .replace(remarkBehind, ', ')
    .replace(cutBetween, '$1$3, $2')
    .replace(partOfFruit, '$1 of ')
    .replace(bareShare, 'a ')
    .replace(bareThumb, 'a ');
  const limit = bound.exec(plain);
  const free = limit ? `${plain.slice(limit[0].length)}, ${limit[1]!.toLowerCase()}` : plain;
  return wholePieces(amountBehind(statedMeasure(onePiece(free, options), options), options), options);
}

const inTwo = /^([^/]*\p{L}) \/ (\p{L}[^/]*)$/u;

/** "1 kg patatas nuevas / new potatoes", "2 latas atún / tins of tuna": the name that is known. */
function inOneTongue(text: string, options: LineOptions): string {
  const [, first, second] = inTwo.exec(text) ?? [];
  if (!first || !second) return text;
  const number = readNumber(first);
  const amount = readAmount(first, options);
  const isKnown = (name: string) => isNamed(name.trim(), options.larder);
  const nameOf = (part: string) => part.slice(readUnit(part)?.length ?? 0).replace(/^ ?(?:of )?/, '');
  if (isKnown(nameOf(first.slice(amount?.length ?? 0))) || !isKnown(nameOf(second).split(/[,(]/)[0]!))
    return text;
  const length = readUnit(second) ? number?.length : amount?.length;
  return `${first.slice(0, length ?? 0)} ${second}`.trim();
}

/** "Small red onion" is one of them. */
function onePiece(text: string, options: LineOptions): string {
  const [, size, name] = oneOfSize.exec(text) ?? [];
  return size && !isPlural(name!) && findByName(name!, options.larder) !== null ? `1 ${text}` : text;
}

/** The whole text is an amount with a unit, or a count of a known food. */
function isAmount(text: string, name: string, options: LineOptions): boolean {
  const read = readAmount(text, options);
  if (read?.length !== text.length) return false;
  return read.unitWritten || findByName(name, options.larder) !== null;
}

/** "Olive oil - 80 ml", "yoghurt (200 g)": the amount comes to the front, a remark stays behind. */
function amountBehind(text: string, options: LineOptions): string {
  const bracket = inBrackets.exec(text);
  if (bracket && isAmount(bracket[2]!, bracket[1]!, options))
    return `${bracket[2]!} ${bracket[1]!}${bracket[3]!}`;
  const head = behindName.exec(text);
  if (!head) return text;
  const name = head[1]!.trim();
  const rest = text.slice(head[0].length);
  if (asYouLike.test(rest)) return `${name}, ${rest}`;
  const [amount = '', ...remarks] = rest.split(/, | (?=\()/);
  if (isAmount(amount, name, options)) return [`${amount} ${name}`, ...remarks].join(', ');
  // "Corn - 8 cobs".
  const [, count, piece] = /^(\d[\d/.]*) ([a-z]{3,})$/i.exec(amount) ?? [];
  const whole = piece && `${name} ${piece}`;
  return whole && findByName(whole, options.larder) !== null
    ? [`${count!} ${whole}`, ...remarks].join(', ')
    : text;
}

const asYouLike = /^(?:to taste|as needed|as you like|optional|a little|some|plenty)\b/i;

/** "A glug of oil (30 ml)", "a handful of mint, about 10 g": what was measured counts. */
function statedMeasure(text: string, options: LineOptions): string {
  const [, name, stated] = loose.exec(text) ?? [];
  const read = stated === undefined ? null : readAmount(stated, options);
  const isMeasure =
    read?.unitWritten && read.length === stated!.length && unitKind(read.amount.unit) !== 'count';
  return isMeasure ? `${stated!} ${name!}` : text;
}

/** "14 egg halves" are seven eggs. */
function wholePieces(text: string, options: LineOptions): string {
  const [all, count, name, part] = partsOfPiece.exec(text) ?? [];
  if (!all || isKnownName(`${name!} ${part!}`, options.larder)) return text;
  const [each, cut] = part!.toLowerCase() === 'halves' ? [2, 'halved'] : [4, 'quartered'];
  if (findByName(name!.replace(/^(?:[a-z-]+ed|hard|soft) /i, ''), options.larder) === null) return text;
  const whole = toRational(toFraction(count!).div(each));
  return `${whole.replace(/^(\d+)\/(\d+)$/, '$1/$2')} ${name!}, ${cut}${text.slice(all.length)}`;
}
