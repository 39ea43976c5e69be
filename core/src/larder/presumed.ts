import { type IngredientId, cacheByText } from '../identity/index.js';
import { rowsOf } from '../language/index.js';
import { headWordsTable } from './data/head-words.js';
import type { Eaters } from './figures.js';
import { findIngredient, type Larder } from './larder.js';
import { ownIngredient } from './own-ingredient.js';
import type { Allergen, Ingredient } from './types.js';

/** What a name that the larder lacks probably is, by its head word. */
export interface Presumed {
  /** "a fish". */
  readonly is: string;
  readonly food: Ingredient;
}

type Column = 'word' | 'is' | 'families' | 'allergens' | 'eaten by' | 'raw';
type HeadWord = Readonly<Record<Column, string>>;

const headWords: ReadonlyMap<string, HeadWord> = new Map(
  rowsOf<Column>(headWordsTable).map((row) => [row.word, row]),
);

/** Cuts and shapes: the food itself stands before them, as in "zander fillets". */
const cutWords: ReadonlySet<string> = new Set(
  (
    'ball balls belly breast breasts cake cakes cheek cheeks chop chops chunks cube cubes cutlet cutlets ' +
    'drumstick drumsticks fillet fillets fingers flakes head heads leg legs loin neck piece pieces rib ' +
    'ribs saddle shank shanks shoulder slice slices sticks strips tail tails thigh thighs'
  ).split(' '),
);
/** "Vegan sausages", "hemp milk", "sugar-free": not what the word says. */
const notThem =
  /\b(?:vegan|vegetarian|veggie|plant|meatless|mock|free|style|flavou?r(?:ed)?|no|hemp|oat|almond|coconut|soya?)\b(?!s?$)/;
const aside = /,|\(|\b(?:in|with|from|for|and|or)\b/;

const mostNames = 1000;

/**
 * What a name that the larder does not have probably is, by its head word: "zander fillets", "fillet of
 * zander" and "smoked zander" are fish. Null where that word tells nothing, or another takes it back.
 */
export const presumedOf: (name: string) => Presumed | null = cacheByText(mostNames, (name) => {
  const folded = name.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase();
  const plain = folded.split(aside)[0]!.trim();
  if (notThem.test(plain)) return null;
  const [before = '', ...behind] = plain.split(/\bof\b/);
  const words = [...wordsOf(before), ...behind.flatMap(wordsOf)];
  const head = [...words].reverse().find((word) => !cutWords.has(word)) ?? words.at(-1);
  const row = head === undefined ? undefined : headWords.get(head);
  return row ? { is: row.is, food: foodOf(name, row) } : null;
});

const wordsOf = (text: string) => text.split(/[^a-z]+/).filter(Boolean);

function foodOf(name: string, row: HeadWord): Ingredient {
  const list = (cell: string) => cell.split(';').filter(Boolean);
  const made = ownIngredient('', {
    name,
    section: 'other',
    shoppingUnit: 'g',
    packSize: 100,
    packName: '',
    allergens: list(row.allergens) as Allergen[],
    allergensNotKnown: true,
    eatenBy: row['eaten by'] as Eaters,
    rawProtein: row.raw === 'yes',
    families: list(row.families),
  });
  return { ...made, own: false };
}

/** The food of a line, or what it probably is where the larder does not have it; null where nobody knows. */
export function foodOrPresumed(
  larder: Larder,
  { ingredient, name }: { readonly ingredient: IngredientId | null; readonly name: string },
): Ingredient | null {
  return findIngredient(larder, ingredient) ?? presumedOf(name)?.food ?? null;
}
