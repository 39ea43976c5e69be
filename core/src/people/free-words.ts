import {
  type Allergen,
  type Family,
  family,
  type Ingredient,
  type Larder,
  nameKeys,
  standardLarder,
} from '../larder/index.js';
import { substancesOf } from '../class/index.js';
import { cacheByText } from '../identity/index.js';
import type { RecipeLine } from '../recipes/index.js';
import type { MetLine } from './types.js';

/** Words that stand for an allergen, as people say them. */
const asAllergens: Readonly<Record<string, readonly Allergen[]>> = {
  lactose: ['milk'],
  dairy: ['milk'],
  milk: ['milk'],
  gluten: substancesOf('gluten'),
  wheat: ['wheat'],
  nut: substancesOf('nuts'),
  soy: ['soya'],
  soya: ['soya'],
  egg: ['egg'],
  fish: ['fish'],
  seafood: ['fish', 'crustaceans', 'molluscs'],
  shellfish: ['crustaceans', 'molluscs'],
  sulphite: ['sulphites'],
  sulfite: ['sulphites'],
};

/** Families that people name, as the larder has them. */
const families: Readonly<Record<string, Family>> = {
  allium: family('alliums'),
  onion: family('onions'),
  nightshade: family('nightshades'),
  citrus: family('citrus'),
  pulse: family('pulses', 'green peas'),
  mushroom: family('mushrooms'),
  cheese: family('cheese'),
  meat: family('meat', 'bacon', 'cured raw meat'),
};

/** What stands before a food and is no part of its name. */
const qualifiers: ReadonlySet<string> = new Set(['raw', 'cooked', 'fresh', 'any', 'all']);

const firstWord = (text: string) => text.trim().toLowerCase().split(' ', 1)[0]!;

function plain(text: string): string {
  const words = text.trim().toLowerCase();
  const first = firstWord(words);
  return qualifiers.has(first) ? words.slice(first.length).trim() : words;
}

function singular(word: string): string {
  if (word.endsWith('ies')) return `${word.slice(0, -3)}y`;
  return word.endsWith('s') && !word.endsWith('ss') ? word.slice(0, -1) : word;
}

/** Free words as they are looked for. */
interface Wanted {
  readonly parts: readonly string[];
  readonly isRaw: boolean;
  readonly allergens: readonly Allergen[];
  readonly family: Family | null;
}

/** The same words come up with every line. */
const wantedOf = cacheByText(500, (word): Wanted => {
  const wanted = singular(plain(word));
  return {
    parts: wordsOf(wanted),
    isRaw: firstWord(word) === 'raw',
    allergens: Object.hasOwn(asAllergens, wanted) ? asAllergens[wanted]! : [],
    family: Object.hasOwn(families, wanted) ? families[wanted]! : null,
  };
});

/** Whether a line is what somebody named in free words: "raw onion", "lactose", "coriander". */
export function matchesWords(word: string, { names, food, isHeated }: MetLine): boolean {
  const { parts, isRaw, allergens, family: wanted } = wantedOf(word);
  if (parts.length === 0 || (isRaw && isHeated)) return false;
  return (
    allergens.some((each) => food?.allergens.includes(each)) ||
    (wanted?.has(food) ?? false) ||
    names.some((words) => parts.every((part) => words.includes(part)))
  );
}

/** The names of a line and its food, as words: "onion" is in "red onions", "egg" not in "eggplant". */
export function namesOfLine(line: RecipeLine, food: Ingredient | null): readonly (readonly string[])[] {
  return [line.name, ...(food ? namesOf(food) : [])].map(wordsOf);
}

const namesOf = ({ id, names }: Ingredient) => [id.replaceAll('-', ' '), names.uk, names.us];

function wordsOf(text: string): readonly string[] {
  return text
    .toLowerCase()
    .split(/[^a-zà-ÿ]+/)
    .filter(Boolean)
    .map(singular);
}

/** Whether free words name anything that lines can be looked at for. */
export function isUnderstood(word: string, larder: Larder): boolean {
  const known = understood.get(larder) ?? cacheByText(500, (text) => isFood(text, larder));
  understood.set(larder, known);
  return known(word);
}

/** Whether a text is a name of a food, and nothing else. */
export function isFoodName(text: string, { names, shared }: Larder = standardLarder): boolean {
  return nameKeys(text).some((key) => names.has(key) || shared.has(key));
}

const understood = new WeakMap<Larder, (word: string) => boolean>();

function isFood(word: string, larder: Larder): boolean {
  const wanted = singular(plain(word));
  if (Object.hasOwn(asAllergens, wanted) || Object.hasOwn(families, wanted)) return true;
  if (isFoodName(plain(word), larder)) return true;
  const parts = wordsOf(wanted);
  return [...larder.ingredients.values()].some((food) =>
    namesOf(food).some((name) => parts.every((part) => wordsOf(name).includes(part))),
  );
}
