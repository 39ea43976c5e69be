import { findIngredient, type Ingredient, type Larder, standardLarder } from '../../../larder/index.js';
import type { LineReading, RecipeLine } from '../../types.js';
import { readName } from '../line/names.js';

/** What of a line says how steps call it. */
export type NamedLine = Pick<RecipeLine, 'id'> &
  Partial<Pick<RecipeLine, 'componentId' | 'text'>> &
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

export function singular(word: string): string {
  if (/[^aeiou]ies$/.test(word)) return `${word.slice(0, -3)}y`;
  if (/(?:lea|hal|loa|cal|kni)ves$/.test(word)) return `${word.slice(0, -3)}f`;
  if (/(?:sh|ch|x|o)es$/.test(word)) return word.slice(0, -2);
  return /[^s]s$/.test(word) && word.length > 3 ? word.slice(0, -1) : word;
}

/** Words that end a name but say only its shape: "half the oil" names no walnut halves. */
const shapes = new Set([
  'half',
  'piece',
  'slice',
  'quarter',
  'chunk',
  'cube',
  'strip',
  'ring',
  'wedge',
  'baton',
  'matchstick',
  'shaving',
]);

const cutOfMeat = / (?:fillets?|thighs?|breasts?|legs?|wings?|loins?|steaks?|drumsticks?|mince|rashers?)$/i;

/** What of it, or in what form: "the cumin" is that of cumin seeds, "the chilli" its flakes. */
const partOfPlant =
  / (?:seeds?|leaves|sprigs?|pods?|flakes|powder|paste|kernels?|hearts?|florets?|shoots?|stalks?|fronds?|cobs?)$/i;
/** "Corn on the" of a cob is no name. */
const endsOpen = /\b(?:the|of|on|in|and|with|for|a)$/i;

/** A kind that a name may be said without. */
const kindBehind =
  / (?:cabbages?|lettuces?|cheese|squash|potato(?:es)?|mushrooms?|tomato(?:es)?|beans?|lentils?|noodles?|bread|rice)$/i;
const saysHow =
  /(?:^|\s)(?:red|white|green|yellow|black|brown|pointed|sweet|new|baby|small|large|spring|soft|hard|blue|fresh|dried|dry|mixed|whole|ripe|cooked|tinned|canned|frozen|round|long|short|waxy|floury|wild|broad|runner|french|fine)$/i;

/** Whether a word names one food by itself: neither how it is, nor another food. */
function isNameAlone(name: string, own: string | null, larder: Larder): boolean {
  if (endsOpen.test(name) || saysHow.test(name)) return false;
  const { ingredient, shared } = readName(name, larder);
  return (ingredient === null && shared.length === 0) || ingredient === own;
}

/** What is called spuds; of sweet potatoes nobody does. */
const potatoes = /(?<!sweet )\bpotato(?:es)?$/i;

/**
 * The names by which steps call a line: as written, by every name of the larder, its juice or zest, and what
 * may stand in for it.
 */
function namesOf(
  line: NamedLine,
  larder: Larder,
  { isOnlyLineOfIt, isOfAnother }: { isOnlyLineOfIt: boolean; isOfAnother: (name: string) => boolean },
): string[][] {
  const ingredient = findIngredient(larder, line.ingredient);
  const names = [
    line.name,
    ...line.alternatives.map((name) => name.replace(/^\d[\d/ ]*/, '')),
    ...(ingredient ? [ingredient.names.uk, ingredient.names.us, ...ingredient.names.also] : []),
  ];
  // "The eel" of "smoked eel fillets", "the chicken" of its thighs.
  const uncut = names.filter((name) => cutOfMeat.test(name)).map((name) => name.replace(cutOfMeat, ''));
  // "The cumin" of cumin seeds, where no other line is cumin.
  const plant = names
    .filter((name) => partOfPlant.test(name))
    .map((name) => name.replace(partOfPlant, ''))
    .filter((name) => !endsOpen.test(name) && !isOfAnother(name.toLowerCase()));
  // "The hispi" of a hispi cabbage.
  const withoutHead = names
    .filter((name) => kindBehind.test(name))
    .map((name) => name.replace(kindBehind, ''))
    .filter((name) => isNameAlone(name, line.ingredient, larder) && !isOfAnother(name.toLowerCase()));
  names.push(...uncut, ...plant, ...withoutHead);
  if (names.some((name) => potatoes.test(name))) names.push('spuds');
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
    const counts = new Map<string, number>();
    for (const line of lines)
      for (const name of plainNames(line, larder)) counts.set(name, (counts.get(name) ?? 0) + 1);
    const fish = lines.filter(({ ingredient }) => isFish(findIngredient(larder, ingredient)));
    for (const line of lines) {
      if (line.amount) this.#measured.add(line.id);
      const names = namesOf(line, larder, {
        isOnlyLineOfIt: linesOf.get(line.ingredient) === 1,
        isOfAnother: (name) => (counts.get(name) ?? 0) > (plainNames(line, larder).has(name) ? 1 : 0),
      });
      // "The fish" is that of the only line which is one.
      if (fish.length === 1 && fish[0] === line) names.push(['fish']);
      for (const words of names) {
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

/** The names of a line and its food, as others may have them too. */
function plainNames(line: NamedLine, larder: Larder): ReadonlySet<string> {
  const food = findIngredient(larder, line.ingredient);
  const names = food ? [food.names.uk, food.names.us, ...food.names.also] : [];
  return new Set([line.name, ...names].map((name) => name.toLowerCase()));
}

function isFish(ingredient: Ingredient | null): boolean {
  return ingredient?.section === 'fish and meat' && ingredient.allergens.includes('fish');
}

/** How many words of a name before its last one stand in front of it in the text. */
function matchedBefore(words: readonly Word[], index: number, name: readonly string[]): number {
  let matched = 0;
  while (matched < name.length - 1 && words[index - matched - 1]?.word === name[name.length - 2 - matched])
    matched++;
  return matched;
}
