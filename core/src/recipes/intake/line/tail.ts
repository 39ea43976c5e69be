import { verbsSaid } from '../../../language/index.js';
import type { Form, Larder } from '../../../larder/index.js';
import { lineCues } from '../line-cues.js';
import { readAlternatives } from './alternatives.js';
import { freeChoice } from './free-choice.js';
import { isKnownName } from './names.js';
import { readForms, splitDescription } from './words.js';

/**
 * The name and what is said about it. `before` are cuts and states named before the name, `after` those
 * behind it.
 */
export interface Tail {
  name: string;
  /** The name with every word before it, by which the food is looked for. */
  fullName: string;
  /** The words before the name that describe it. */
  description: string;
  /** Words beside the name that make another food of it: "dried" of "apricots, dried". */
  changes: string[];
  note: string;
  before: Form[];
  after: Form[];
  alternatives: readonly string[];
  leaves: boolean;
  /** What stands in brackets beside the name, each: "dhania (coriander)". */
  glosses: readonly string[];
  /** A second thing on the same line, "1 yolk" of "1 egg and 1 yolk", that one line cannot hold. */
  beside: string;
}

/**
 * Reads the name, its alternatives and what was done to it. `isCounted` says that pieces are counted, so that
 * each name before an "or" is whole.
 */
export function readTail(rest: string, larder: Larder | undefined, isCounted = false): Tail {
  const brackets = [...rest.matchAll(/\(([^)]*)\)/g)].map((match) => match[1]!);
  const free = freeChoice(withoutBrackets(rest));
  const plain = free.rest;
  const comma = cutAtComma(plain);
  const read = readAlternatives(plain.slice(0, comma), [plain.slice(comma + 1).trim(), ...brackets], {
    isCounted,
    larder,
  });
  const { alternatives } = read;
  const main = withHeadOf(read.name, alternatives[0]);
  const beside = / and (\d.*)$/.exec(main);
  const kept = splitPurpose(main.slice(0, beside?.index), larder);
  const { description, rest: name } = splitKnownName(kept.name, larder);
  const trailing = plain.slice(comma + 1).trim();
  const pieces = inShape.exec(name) ?? /^(\S.*) (florets|segments|wedges|matchsticks)$/i.exec(name);
  const split = pieces ? { name: pieces[1]!, trailing: '' } : splitTrailingForms(name, larder);
  const note = [
    description,
    pieces?.[2] ?? '',
    split.trailing,
    kept.purpose,
    free.words,
    trailing,
    ...brackets.map((each) => each.trim()),
  ]
    .filter(Boolean)
    .join(', ');
  return {
    name: split.name,
    fullName: `${description} ${split.name}`.trim(),
    description,
    changes: changesIn([
      kept.purpose,
      ...trailing.split(/[,;]/),
      ...brackets.flatMap((each) => each.split(/[,;]/)),
    ]),
    note,
    before: readForms(`${description} ${pieces?.[2] ?? ''}`),
    alternatives,
    after: readForms([split.trailing, trailing, ...brackets].join(' ')),
    leaves: saysLeaves(name),
    glosses: brackets,
    beside: beside?.[1] ?? '',
  };
}

/** "Cucumber in matchsticks", "carrots cut into thin ribbons". */
const inShape =
  /^(\S.*?) (?:cut )?(?:in|into) ((?:[a-z]+ ){0,2}(?:florets|segments|wedges|matchsticks|rings|ribbons|slices|strips|chunks|cubes|dice|batons|pieces))$/i;

const saysLeaves = lineCues.has('leaves');
const isOnlySize = lineCues.is('only size');
const saysWashed = lineCues.has('washed');

function withoutBrackets(text: string): string {
  return text
    .replace(/\([^)]*\)/g, ' ')
    .replace(/\s+/g, ' ')
    .replace(/ ,/g, ',')
    .trim();
}

/** "2 large or 3 small carrots": the head that is said once holds for both. */
function withHeadOf(first: string, other: string | undefined): string {
  const head = other ? splitDescription(other.replace(/^[\d./ -]+/, '')).rest : '';
  return isOnlySize(first) && head ? `${first} ${head}` : first;
}

const isChange = lineCues.is('change', { before: '(?:or )?' });

/** What is said beside a name, piece by piece; what was washed and dried is not a dried food. */
function changesIn(pieces: readonly string[]): string[] {
  const said = pieces.map((piece) => piece.trim().toLowerCase());
  const isWashed = said.some(saysWashed);
  return said.flatMap((piece) => {
    if (!isChange(piece) || piece.startsWith('or ') || (piece === 'dried' && isWashed)) return [];
    return [piece.startsWith('from ') ? 'tinned' : piece];
  });
}

const placeOfPurpose = lineCues.atEnd('purpose');

/**
 * "Olive oil for frying", "tuna in oil": what it is for or lies in is not its name, unless the larder knows
 * it so.
 */
function splitPurpose(main: string, larder: Larder | undefined): { name: string; purpose: string } {
  const at = isKnownName(main, larder) ? null : placeOfPurpose(main);
  return at ? { name: main.slice(0, at - 1), purpose: main.slice(at) } : { name: main, purpose: '' };
}

/**
 * Describing words belong to the name where the larder knows them as one: "dried white beans", "ground
 * cumin".
 */
function splitKnownName(main: string, larder: Larder | undefined): { description: string; rest: string } {
  const split = splitDescription(main);
  const words = main.split(' ');
  const describing = split.description ? split.description.split(' ').length : 0;
  for (let from = 0; from < describing; from++) {
    if (sizeWords.has(words[from]!.toLowerCase())) continue;
    const name = words.slice(from).join(' ');
    if (isKnownName(name, larder)) return { description: words.slice(0, from).join(' '), rest: name };
  }
  return split;
}

/** A size never belongs to the name: the weight of one piece hangs on it. */
const sizeWords = new Set(['large', 'small', 'medium', 'medium-sized', 'big']);

/** The comma that ends the name; "coarse, stale bread" keeps its leading adjectives. */
function cutAtComma(text: string): number {
  for (let at = text.indexOf(','); at >= 0; at = text.indexOf(',', at + 1)) {
    if (splitDescription(`${text.slice(0, at)} x`).rest !== 'x') return at;
  }
  return text.length;
}

/** "walnuts toasted and chopped" without a comma. */
function splitTrailingForms(name: string, larder: Larder | undefined): { name: string; trailing: string } {
  const late = /^(\S.*?) ((?:already|still|just) \S.*)$/i.exec(name);
  if (late && isKnownName(late[1]!, larder)) return { name: late[1]!, trailing: late[2]! };
  const match =
    /^(\S.*?) ((?:finely |thinly |roughly |coarsely |well |lightly )?(?:diced|minced|chopped|sliced|shredded|grated|torn|crushed|halved|quartered|toasted|drained|rinsed|peeled|crumbled|cubed|shaved)(?: and .*)?)$/i.exec(
      name,
    );
  if (match) return { name: match[1]!, trailing: match[2]! };
  // "Garlic pounded with salt", "potatoes boiled in their skins": done to a food that is known.
  const done = isKnownName(name, larder)
    ? undefined
    : verbsSaid(name).find(({ at, form }) => form === 'done' && at > 0);
  const head = done && name.slice(0, done.at).trim();
  return head && isKnownName(head, larder)
    ? { name: head, trailing: name.slice(done.at) }
    : { name, trailing: '' };
}
