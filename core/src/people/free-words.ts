import type { Allergen, Ingredient, Larder } from '../larder/index.js';
import { nameKeys } from '../larder/index.js';
import { substancesOf } from '../class/index.js';
import type { MetLine } from './objections.js';

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

/** Families that people name, by what the ids of their foods are. */
const families: Readonly<Record<string, RegExp>> = {
  allium: /onion|garlic|shallot|leek|chives/,
  onion: /onion|shallot/,
  nightshade: /tomato|potato(?<!sweet-potato)|aubergine|pepper(?!corn)|chill|paprika|cayenne/,
  citrus: /lemon|lime(?!-leaves)|orange|grapefruit|satsuma|clementine|mandarin|pomelo|yuzu|kumquat/,
  pulse: /bean|lentil|chickpea|peas/,
  mushroom: /mushroom|shiitake|portobello/,
  cheese:
    /cheese|feta|parmesan|halloumi|mozzarella|ricotta|burrata|pecorino|gruyere|manchego|gouda|brie|cheddar/,
  meat: /chicken|turkey|duck-breast|beef|lamb|pork|ham|bacon|chorizo|salami|pancetta|sausage|merguez/,
};

const plain = (word: string) =>
  word
    .trim()
    .toLowerCase()
    .replace(/^(?:raw|cooked|fresh|any|all)\s+/, '');
const singular = (word: string) => word.replace(/(?:ies)$/, 'y').replace(/([^s])s$/, '$1');

/** Whether a line is what somebody named in free words: "raw onion", "lactose", "coriander". */
export function matchesWords(word: string, { line, food, isHeated }: MetLine): boolean {
  const wanted = singular(plain(word));
  if (wanted === '') return false;
  if (/^raw\s/i.test(word.trim()) && isHeated) return false;
  const allergens = asAllergens[wanted];
  if (allergens?.some((each) => food?.allergens.includes(each))) return true;
  if (families[wanted]?.test(food?.id ?? '')) return true;
  return [line.name, ...(food ? namesOf(food) : [])].some((name) => hasWord(name, wanted));
}

const namesOf = ({ id, names }: Ingredient) => [id.replaceAll('-', ' '), names.uk, names.us];

/** "onion" is in "red onions", "egg" is not in "eggplant". */
function hasWord(name: string, wanted: string): boolean {
  const words = name
    .toLowerCase()
    .split(/[^a-zà-ÿ]+/)
    .map(singular);
  const parts = wanted.split(/\s+/).map(singular);
  return parts.length > 0 && parts.every((part) => words.includes(part));
}

/** Whether free words name anything that lines can be looked at for. */
export function isUnderstood(word: string, larder: Larder): boolean {
  const wanted = singular(plain(word));
  if (Object.hasOwn(asAllergens, wanted) || Object.hasOwn(families, wanted)) return true;
  if (nameKeys(plain(word)).some((key) => larder.names.has(key) || larder.shared.has(key))) return true;
  return [...larder.ingredients.values()].some((food) => namesOf(food).some((name) => hasWord(name, wanted)));
}
