import { toFraction, toRational, type Rational } from '../../../amounts/index.js';
import { findIngredient, type Larder, type Section, standardLarder } from '../../../larder/index.js';
import type { LineReading, RecipeLine, StepUse } from '../../types.js';
import { idOfName } from '../line/names.js';

type NamedLine = Pick<RecipeLine, 'id'> &
  Pick<LineReading, 'name' | 'ingredient' | 'byProducts' | 'unit' | 'alternatives' | 'amount'>;

/** The words of a text with their places, brought to the singular so that "beans" meets "bean". */
interface Word {
  readonly word: string;
  readonly at: number;
}

function wordsOf(text: string): Word[] {
  return [...text.toLowerCase().matchAll(/[a-zà-öø-ÿ'-]{2,}/g)].map((match) => ({
    word: singular(match[0]),
    at: match.index,
  }));
}

function singular(word: string): string {
  if (/[^aeiou]ies$/.test(word)) return `${word.slice(0, -3)}y`;
  if (/(?:lea|hal|loa|cal|kni)ves$/.test(word)) return `${word.slice(0, -3)}f`;
  if (/(?:sh|ch|x|o)es$/.test(word)) return word.slice(0, -2);
  return /[^s]s$/.test(word) && word.length > 3 ? word.slice(0, -1) : word;
}

/** Words that end a name but say only its shape: "half the oil" names no walnut halves. */
const shapes = new Set(['half', 'piece', 'slice', 'quarter']);

/**
 * The names by which steps call a line: as written, by every name of the larder, its juice or zest, and what
 * may stand in for it.
 */
function namesOf(line: NamedLine, larder: Larder, isOnlyLineOfIt: boolean): string[][] {
  const ingredient = findIngredient(larder, line.ingredient);
  const names = [
    line.name,
    ...line.alternatives.map((name) => name.replace(/^\d[\d/ ]*/, '')),
    ...(ingredient ? [ingredient.names.uk, ingredient.names.us, ...ingredient.names.also] : []),
  ];
  const parts = line.byProducts.filter((part) => part === 'juice' || part === 'zest');
  // "Stir in the lemon" means its juice where no line has the fruit itself.
  const whole = parts.length === 0 || line.unit === 'piece' || isOnlyLineOfIt ? names : [];
  const byPart = parts.flatMap((part) => [part, ...names.map((name) => `${name} ${part}`)]);
  return [...new Set([...whole, ...byPart])]
    .map((name) => wordsOf(name).map(({ word }) => word))
    .filter((words) => words.length > 0 && !shapes.has(words[words.length - 1]!));
}

/**
 * Finds lines in texts: where each is named, the longest name winning, so that "hazelnut oil" is not the
 * olive oil.
 */
export class LineMentions {
  readonly #measured = new Set<string>();
  readonly #byLastWord = new Map<string, { readonly line: string; readonly words: readonly string[] }[]>();

  constructor(lines: readonly NamedLine[], larder: Larder = standardLarder) {
    const linesOf = new Map<string | null, number>();
    for (const { ingredient } of lines) linesOf.set(ingredient, (linesOf.get(ingredient) ?? 0) + 1);
    for (const line of lines) {
      if (line.amount) this.#measured.add(line.id);
      for (const words of namesOf(line, larder, linesOf.get(line.ingredient) === 1)) {
        const last = words[words.length - 1]!;
        const named = this.#byLastWord.get(last);
        if (named) named.push({ line: line.id, words });
        else this.#byLastWord.set(last, [{ line: line.id, words }]);
      }
    }
  }

  /** Each line that the text names, with the place where it does so first. */
  in(text: string): Map<string, number> {
    const found = new Map<string, number>();
    for (const { line, at } of this.everyIn(text)) if (!found.has(line)) found.set(line, at);
    return found;
  }

  /** Every place where the text names a line: that of the last word of the name. */
  everyIn(text: string): { readonly line: string; readonly at: number }[] {
    const words = wordsOf(text);
    return words.flatMap(({ word, at }, index) => {
      let longest = -1;
      let named: string[] = [];
      for (const { line, words: name } of this.#byLastWord.get(word) ?? []) {
        const matched = matchedBefore(words, index, name);
        if (matched < longest) continue;
        if (matched > longest) named = [];
        longest = matched;
        named.push(line);
      }
      // Of two that a word means alike, the measured one: "the pepper" is not what stands there to taste.
      const measured = named.filter((line) => this.#measured.has(line));
      return (measured.length > 0 ? measured : named).map((line) => ({ line, at }));
    });
  }
}

/** How many words of a name before its last one stand in front of it in the text. */
function matchedBefore(words: readonly Word[], index: number, name: readonly string[]): number {
  let matched = 0;
  while (matched < name.length - 1 && words[index - matched - 1]?.word === name[name.length - 2 - matched])
    matched++;
  return matched;
}

const shares: Readonly<Record<string, Rational>> = {
  half: '1/2',
  '½': '1/2',
  'a third': '1/3',
  'one third': '1/3',
  '⅓': '1/3',
  'two thirds': '2/3',
  '⅔': '2/3',
  'a quarter': '1/4',
  'one quarter': '1/4',
  '¼': '1/4',
  'three quarters': '3/4',
  '¾': '3/4',
  // Starting estimates, to be mended by the instructor.
  'most of': '3/4',
  'some of': '1/2',
  'a little': '1/4',
  'a splash of': '1/4',
  'a drizzle of': '1/4',
};
const aLittle = /^a (?:little|splash of|drizzle of)$/;
const heldWords = 'keep|keeping|reserve|reserving|hold|holding|set aside';
const shareBefore = new RegExp(
  String.raw`\b(?<held>${heldWords})?\b[^.;,]{0,12}?(?<share>${Object.keys(shares).join('|')})` +
    String.raw`(?: of)?(?: the| your| this)?(?: [\w-]+)?\s*$`,
  'i',
);
const restBefore =
  /\b(?:(?:rest|last) of(?: the)?|remaining|reserved|other half of(?: the)?)(?: [\w-]+)?\s*$/i;

/**
 * Which lines each step uses, and which share of them. A step that names a share ("half the oil", "the rest
 * of the herbs") uses that; the first other step that names a line uses what is left of it; later mentions
 * mean what was made of it. "Everything" and "all the ingredients" stand for all lines not used yet.
 */
export function linkLines(
  texts: readonly string[],
  lines: readonly NamedLine[],
  larder: Larder = standardLarder,
): StepUse[][] {
  const mentions = new LineMentions(lines, larder);
  const left = new Map(lines.map((line) => [line.id, toFraction('1')]));
  const namedIn = texts.map((text) => mentions.in(text));
  return texts.map((text, index) => {
    const named = new Map(namedIn[index]);
    const isNamedAgain = (line: string) => namedIn.slice(index + 1).some((later) => later.has(line));
    const excepted = mentions.in(exceptIn(text));
    for (const line of excepted.keys()) named.delete(line);
    if (/\b(?:everything|all (?:of )?(?:the )?(?:other )?ingredients|all(?= with\b))\b/i.test(text))
      for (const line of lines)
        if (!named.has(line.id) && !excepted.has(line.id) && left.get(line.id)!.compare(1) === 0)
          named.set(line.id, 0);
    for (const [line, at] of sharesOfEach(text, lines, larder)) if (!named.has(line)) named.set(line, at);
    return [...named].flatMap(([line, at]): StepUse[] => {
      const rest = left.get(line)!;
      const wanted = shareSaid(text.slice(0, at), rest, isNamedAgain(line));
      const share = wanted.compare(rest) > 0 ? rest : wanted;
      if (share.compare(0) <= 0) return [];
      left.set(line, rest.sub(share));
      return [{ line, share: toRational(share) }];
    });
  });
}

/** "Everything but the chips", "all the ingredients except the nuts and the dill": what is left out. */
export function exceptIn(text: string): string {
  return (
    /\b(?:everything|all [a-z ]{0,24}?)\b(?: but| except(?: for)?| apart from)((?:(?! (?:in|into|with|together)\b)[^.;(])*)/i.exec(
      text,
    )?.[1] ?? ''
  );
}

const kindWords: readonly (readonly [RegExp, readonly Section[] | null])[] = [
  [/\b(?:vegetables?|veg)\b/i, ['vegetables', 'salad and herbs']],
  [/\bherbs?\b/i, ['salad and herbs']],
  [/\bnuts?\b/i, ['nuts and seeds']],
  [/\bingredients?\b/i, null],
];

/** "Some of each vegetable", "the rest of the herbs": a share of every line of the kind, with its place. */
function sharesOfEach(
  text: string,
  lines: readonly NamedLine[],
  larder: Larder,
): (readonly [string, number])[] {
  const [pattern, sections] = kindWords.find(([word]) => word.test(text)) ?? [];
  const at = pattern ? text.search(pattern) : -1;
  const before = text.slice(0, at);
  if (
    at < 0 ||
    !(restBefore.test(before) || (shareBefore.test(before) && /\b(?:each|all|every|the)\b/i.test(before)))
  )
    return [];
  return lines.flatMap((line) => {
    const section = findIngredient(larder, line.ingredient)?.section;
    const isOfKind = sections === null || (section !== undefined && sections!.includes(section));
    return isOfKind && line.amount ? [[line.id, at] as const] : [];
  });
}

function shareSaid(
  before: string,
  rest: ReturnType<typeof toFraction>,
  isNamedAgain: boolean,
): ReturnType<typeof toFraction> {
  if (restBefore.test(before)) return rest;
  const match = shareBefore.exec(before);
  if (!match) return rest;
  const said = match.groups!.share!.toLowerCase();
  // "A little oil" is all of it where nothing else takes the rest.
  if (aLittle.test(said) && !isNamedAgain) return rest;
  if (!match.groups!.held) return toFraction(shares[said]!);
  // Some that is kept back for the top is less than some that goes in.
  return toFraction('1').sub(toFraction(said === 'some of' ? shares['a little']! : shares[said]!));
}

/** Words that the larder knows but that mean no ingredient in a step. */
const notMeant = new Set(['oil', 'leaf', 'herb', 'bean', 'green', 'seed', 'nut', 'clove', 'squash', 'jam']);

/** Ingredients that steps name and no line has: each with the words as they stand in the step. */
export function unlistedNames(
  texts: readonly string[],
  lines: readonly NamedLine[],
  larder: Larder = standardLarder,
): string[] {
  const mentions = new LineMentions(lines, larder);
  const listed = new Set(lines.map((line) => line.ingredient));
  const written = lines.map((line) => line.name.toLowerCase()).join(' | ');
  const found = new Set<string>();
  for (const text of texts) {
    const places = new Set(mentions.in(text).values());
    const words = [...text.toLowerCase().matchAll(/[a-zà-öø-ÿ'-]{2,}/g)].map((match) => ({
      word: match[0],
      at: match.index,
    }));
    for (let index = 0; index < words.length; index++) {
      const length = [3, 2, 1].find(
        (count) => index + count <= words.length && idOfName(phrase(words, index, count), larder),
      );
      if (!length) continue;
      const name = phrase(words, index, length);
      const last = words[index + length - 1]!;
      index += length - 1;
      const id = idOfName(name, larder);
      const isBought = (findIngredient(larder, id)?.packs.length ?? 0) > 0;
      if (
        !isBought ||
        places.has(last.at) ||
        listed.has(id) ||
        notMeant.has(singular(name)) ||
        written.includes(singular(last.word))
      )
        continue;
      found.add(name);
    }
  }
  return [...found];
}

function phrase(words: readonly { readonly word: string }[], from: number, count: number): string {
  return words
    .slice(from, from + count)
    .map(({ word }) => word)
    .join(' ');
}
