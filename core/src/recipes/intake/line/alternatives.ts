import { type Larder, standardLarder } from '../../../larder/index.js';
import { lineCues } from '../line-cues.js';
import { idOfName, isKnownName, isNamed, readName } from './names.js';

const mostAlternatives = 10;

/** The name of a line, and what a recipe allows in its place, in the order written. */
export interface Named {
  readonly name: string;
  readonly alternatives: readonly string[];
}

/** "Or", "and/or" and a slash between names. */
const between = / (?:or(?: else)?|and ?\/ ?or|\/)(?: even)? (?=[\p{L}\d½⅓¼¾⅔])/iu;

/** What is said of an alternative behind its name is no name: "chives, if you have them". */
const condition =
  /,? (?:if (?:you|that|it|there|they|not|using)\b.*|depending on .*|for (?:frying|the pan|a .*|an? .*)|instead|will do|works?(?: (?:too|well))?|are (?:fine|good)(?: too)?|is (?:fine|good)(?: too)?|also works?)$/i;

/**
 * Tells the name of a line from its alternatives: "walnuts, pecans or almonds", "red or white wine vinegar",
 * "yoghurt (or soured cream)", "oil (sunflower or rapeseed)". `main` is the text up to the comma that ends
 * the name, `beside` what stands behind it and in brackets, piece by piece. A line that counts pieces keeps
 * its first name: "1 apple or pear" has no head in common.
 */
export function readAlternatives(
  main: string,
  beside: readonly string[],
  { isCounted, larder = standardLarder }: { isCounted: boolean; larder: Larder | undefined },
): Named {
  const inName = isKnownName(main, larder) ? [main] : main.split(between).map(plainAlternative);
  for (const piece of beside) {
    const kinds = kindsOf(main, piece, larder);
    if (kinds) return kinds;
  }
  const listed = beside.flatMap((piece) => (isListOf(piece) ? piece.split(/, | or |\/ /) : []));
  const list = withHeads([...inName, ...listed.map((each) => each.trim())], isCounted, larder);
  const isList = listed.length > 0 && list.slice(inName.length).every((name) => isNamed(name, larder));
  const said = beside.flatMap(introduced);
  // "Baby leaves (spinach or rocket)": what is named beside says what is meant by a name that nobody knows.
  const isMeant = isList && inName.length === 1 && readName(main, larder).ingredient === null;
  const [name = '', ...others] = isMeant
    ? list.slice(1)
    : isList
      ? list
      : withHeads(inName, isCounted, larder);
  return {
    name,
    alternatives: [...others, ...said]
      .map((other) => withHeadOf(other, name, larder))
      .filter((other) => other !== '')
      .slice(0, mostAlternatives),
  };
}

function plainAlternative(text: string): string {
  return text.trim().replace(condition, '').trim();
}

/** "(or soured cream)", ", or 2 limes": what follows stands in place of the name. */
function introduced(piece: string): string[] {
  const said = /^or (?:else |use |even )?(.+)$/i.exec(piece.trim())?.[1];
  return said ? said.split(between).map(plainAlternative) : [];
}

function isListOf(piece: string): boolean {
  return / or /i.test(piece) && !/^or /i.test(piece.trim());
}

/**
 * "Oil (sunflower or rapeseed)", "bread, white or brown": kinds of what is named, each another food of the
 * larder; null where they are none.
 */
function kindsOf(main: string, piece: string, larder: Larder): Named | null {
  if (!isListOf(piece) || between.test(main)) return null;
  const kinds = piece.split(/, | or /i).map((kind) => `${plainAlternative(kind)} ${main}`);
  const foods = kinds.map((kind) => readName(kind, larder).ingredient);
  if (foods.includes(null) || new Set(foods).size < foods.length) return null;
  return { name: kinds[0]!, alternatives: kinds.slice(1) };
}

/** "Red or white wine vinegar": the head that is said once, at the end, holds for all. */
function withHeads(names: readonly string[], isCounted: boolean, larder: Larder): string[] {
  const last = names[names.length - 1] ?? '';
  // An alternative with an amount of its own is whole.
  if (names.length < 2 || /^[\d½⅓¼¾⅔]/.test(last)) return [...names];
  const words = last.split(' ');
  const heads = words.slice(1).map((_, from) => words.slice(from + 1).join(' '));
  return names.map((name, index) => {
    if (index === names.length - 1) return name;
    const known = readName(name, larder).ingredient;
    if (known !== null && isCounted) return name;
    const whole = heads.map((head) => `${name} ${head}`);
    const found =
      known === null
        ? whole.find((each) => isNamed(each, larder))
        : whole.find((each) => isKnownName(each, larder) && idOfName(each, larder) !== known);
    return found ?? name;
  });
}

const isOnlyDescribed = lineCues.is('only described');

/** "1 tbsp fresh dill or 1 tsp dried": what only describes takes the name that stands before it. */
function withHeadOf(other: string, name: string, larder: Larder): string {
  const amount = /^[\d½⅓¼¾⅔][^a-z]*(?:[a-z]+\.? )?(?=dried|dry|fresh|frozen|tinned|canned|ground)/i.exec(
    other,
  );
  const described = other.slice(amount?.[0].length ?? 0);
  if (!isOnlyDescribed(described)) return other;
  const [first = '', ...others] = name.split(' ');
  const head = isOnlyDescribed(first) ? others.join(' ') : name;
  return isNamed(`${described} ${head}`, larder) ? `${other} ${head}` : other;
}
