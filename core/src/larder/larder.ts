import { type ConversionFacts, type Rational, toRational, type UnitId } from '../amounts/index.js';
import { lookUp } from '../identity/index.js';
import type { English } from '../words/index.js';
import { sharedNameRows } from './data/shared-names.js';
import { readFoods } from './foods.js';
import { withBroughtAllergens } from './brought-allergens.js';
import { nameKeys } from './names.js';
import type { Fact, Form, Ingredient } from './types.js';

/** Ingredients by id, and by every name that people use for them. */
export interface Larder {
  readonly ingredients: ReadonlyMap<string, Ingredient>;
  /** Plain name, as it stands and in the singular → ingredient id. */
  readonly names: ReadonlyMap<string, string>;
  /** Plain names that several foods go by → their ids, the likeliest first. They are asked about. */
  readonly shared: ReadonlyMap<string, readonly string[]>;
}

const sharedNames = (): (readonly [string, readonly string[]])[] =>
  sharedNameRows.flatMap(([names, ids]) =>
    names.flatMap((name) => nameKeys(name).map((key) => [key, ids] as const)),
  );

/**
 * A larder of these ingredients. What a kitchen calls them goes before every other name; a name that several
 * foods share is none of theirs.
 */
export function createLarder(
  ingredients: readonly Ingredient[],
  called: readonly (readonly [name: string, id: string])[] = [],
): Larder {
  let index: ReturnType<typeof indexOf> | null = null;
  // Whatever only plans or prints asks for no name: they are gathered when the first is asked for.
  const indexed = () => (index ??= indexOf(ingredients, called));
  return {
    ingredients: new Map(ingredients.map((item) => [item.id, item])),
    get names() {
      return indexed().names;
    },
    get shared() {
      return indexed().shared;
    },
  };
}

function indexOf(
  ingredients: readonly Ingredient[],
  called: readonly (readonly [name: string, id: string])[],
): Pick<Larder, 'names' | 'shared'> {
  const names = new Map<string, string>();
  const shared = new Map(sharedNames());
  for (const [name, id] of called)
    for (const key of nameKeys(name)) {
      names.set(key, id);
      shared.delete(key);
    }
  for (const item of ingredients)
    for (const key of keysOf(item)) if (!names.has(key) && !shared.has(key)) names.set(key, item.id);
  return { names, shared };
}

const keysBefore = new WeakMap<Ingredient, readonly string[]>();

/** Every spelling of every name of an ingredient; a kitchen's larder shares most of them with all others. */
function keysOf(item: Ingredient): readonly string[] {
  const before = keysBefore.get(item);
  if (before) return before;
  const keys = [item.names.uk, item.names.us, ...item.names.also].flatMap(nameKeys);
  keysBefore.set(item, keys);
  return keys;
}

/** The larder every kitchen starts with. */
export const standardLarder: Larder = createLarder(withBroughtAllergens(readFoods()));

export function findIngredient(larder: Larder, id: string | null): Ingredient | null {
  return id === null ? null : (larder.ingredients.get(id) ?? null);
}

/** The name in the reader's English. */
export function ingredientName(ingredient: Ingredient, english: English): string {
  return ingredient.names[english];
}

/**
 * Grams per millilitre in a form, or null where none is known. The nearest form is taken: the first of
 * `preparation` that has a figure, then the plain or whole one, then the usual cut. Water is never assumed.
 */
export function densityOf(ingredient: Ingredient, preparation: readonly Form[]): Fact | null {
  const cutLikeDiced: Partial<Record<Form, Form>> = {
    cubed: 'diced',
    diced: 'cubed',
    chopped: 'diced',
    minced: 'chopped',
    shredded: 'sliced',
    sliced: 'shredded',
    shaved: 'sliced',
  };
  for (const form of preparation) {
    const found =
      lookUp(ingredient.densities, form) ?? lookUp(ingredient.densities, lookUp(cutLikeDiced, form) ?? form);
    if (found) return found;
  }
  const { plain, whole } = ingredient.densities;
  return plain ?? whole ?? ingredient.densities[usualCut(ingredient) ?? 'whole'] ?? null;
}

/** What is measured by the spoon or the cup without a word about its cut is taken as the first of these. */
const usualCuts: readonly Form[] = [
  'chopped',
  'diced',
  'drained',
  'crumbled',
  'grated',
  'torn',
  'shredded',
  'sliced',
  'cubed',
  'minced',
  'leaves',
  'florets',
  'beaten',
  'ground',
];

/** The cut that a spoon or a cup is taken of where none is written and no density is known without one. */
export function usualCut({ densities }: Ingredient): Form | null {
  if (densities.plain ?? densities.whole) return null;
  return usualCuts.find((form) => densities[form] !== undefined) ?? null;
}

/**
 * Edible portion ÷ as purchased for a preparation: the figure whose forms are all named and that names most
 * of them, else the usual one, else null (nothing is lost).
 */
export function yieldOf(ingredient: Ingredient, preparation: readonly Form[]): Fact | null {
  const named = new Set<string>(preparation);
  let best: { forms: number; fact: Fact } | null = null;
  for (const [key, fact] of Object.entries(ingredient.yields)) {
    const forms = key.split('+');
    const fits = forms.every((form) => named.has(form));
    if (fits && (!best || forms.length > best.forms)) best = { forms: forms.length, fact };
  }
  return best?.fact ?? ingredient.yields.usual ?? null;
}

/** A size that is written of pieces; the medium one is not. */
export type PieceSize = 'small' | 'large';

/**
 * What {@link ConversionFacts} this ingredient has in one form, and for pieces of one size where that is
 * known.
 */
export function conversionFacts(
  ingredient: Ingredient | null,
  preparation: readonly Form[],
  size: PieceSize | null = null,
): ConversionFacts {
  if (!ingredient) return noFacts;
  const known = knownFacts.get(ingredient) ?? new Map<string, ConversionFacts>();
  const key = `${preparation.join()}|${size ?? ''}`;
  const facts = known.get(key) ?? factsOf(ingredient, preparation, size);
  knownFacts.set(ingredient, known.set(key, facts));
  return facts;
}

const noFacts: ConversionFacts = {};
/**
 * A plan asks for the same few facts thousands of times. An ingredient never changes: one with another figure
 * is another.
 */
const knownFacts = new WeakMap<Ingredient, Map<string, ConversionFacts>>();

function factsOf(
  ingredient: Ingredient,
  preparation: readonly Form[],
  size: PieceSize | null,
): ConversionFacts {
  const density = densityOf(ingredient, preparation);
  const counts = Object.entries(ingredient.countGrams) as [UnitId, Fact][];
  return {
    gramsPerMillilitre: density ? exact(density) : undefined,
    // A head or a bulb is one piece of what is sold by the piece.
    gramsPerCount: Object.fromEntries(
      [
        ...headAsPiece(ingredient),
        ...packsAsCounts(ingredient, density),
        ...counts,
        ...sizedPiece(ingredient, size),
      ].map(([unit, fact]) => [unit, exact(fact)]),
    ),
    gramsPerHandful: ingredient.handfulGrams && exact(ingredient.handfulGrams),
    gramsPerCentimetre: ingredient.centimetreGrams && exact(ingredient.centimetreGrams),
  };
}

function sizedPiece(ingredient: Ingredient, size: PieceSize | null): [UnitId, Fact][] {
  return size && ingredient.pieceSizes ? [['piece', ingredient.pieceSizes[size]]] : [];
}

/** Words for packs, by the unit that a recipe counts them in. */
const packUnits: Readonly<Record<string, UnitId>> = {
  tin: 'tin',
  jar: 'jar',
  bunch: 'bunch',
  head: 'head',
  bulb: 'head',
  loaf: 'piece',
  ball: 'piece',
  stick: 'piece',
};

/** One packet, bunch or tin in a recipe is the smallest that is sold. */
function packsAsCounts(ingredient: Ingredient, density: Fact | null): [UnitId, Fact][] {
  const piece = ingredient.countGrams.piece?.value;
  const grams =
    ingredient.shoppingUnit === 'g' ? 1 : ingredient.shoppingUnit === 'ml' ? density?.value : piece;
  if (!grams) return [];
  return [...ingredient.packs].reverse().flatMap((pack): [UnitId, Fact][] => {
    if (pack.loose || pack.name === '') return [];
    const fact: Fact = { value: Number((pack.size * grams).toFixed(3)), source: 'label' };
    return [[lookUp(packUnits, pack.name) ?? 'packet', fact]];
  });
}

function headAsPiece(ingredient: Ingredient): [UnitId, Fact][] {
  return ingredient.countGrams.piece ? [['head', ingredient.countGrams.piece]] : [];
}

/** Facts are short decimals; as text they become exact fractions. */
function exact(fact: Fact): Rational {
  return toRational(fact.value);
}

export function isRawProtein(ingredient: Ingredient): boolean {
  return ingredient.cautions.includes('raw-protein');
}
