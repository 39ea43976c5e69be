import { composition, pieceSizes, pricesInPounds, seasons } from './data/composition.js';
import { cautionsOf, substitutes } from './data/swaps-cautions.js';
import type { WrittenKnowledge } from './rows.js';
import type { AcidKind, Allergen, CautionId, Composition, Fact, Ingredient, Pack } from './types.js';

const estimate = (value: number): Fact => ({ value, source: 'estimate' });
/** Per cent as a share, in five digits: a division leaves dust behind the last one. */
const share = (percent: string | undefined): Fact =>
  estimate(Number((Number(percent ?? 0) / 100).toFixed(5)));

/** The rows of a table of data, by their first word. */
function table(text: string): ReadonlyMap<string, readonly string[]> {
  return new Map(
    text
      .split(/[|\n]/)
      .map((row) => row.trim().split(' '))
      .filter(([id]) => id)
      .map(([id, ...values]) => [id!, values]),
  );
}

const compositions = table(composition);
const sizes = table(pieceSizes);
const prices = table(pricesInPounds);
const monthsById = new Map([...table(seasons)].map(([id, [span]]) => [id, monthsOf(span!)]));

/** "10-2" is October to February. */
function monthsOf(span: string): number[] {
  const [first, last] = span.split('-').map(Number) as [number, number];
  const count = ((last - first + 12) % 12) + 1;
  return Array.from({ length: count }, (_, index) => ((first - 1 + index) % 12) + 1).sort((a, b) => a - b);
}

/** Packs with their typical prices. Loose goods have a price a kilogram. */
export function pricedPacks(id: string, packs: readonly Pack[]): Pack[] {
  const known = prices.get(id);
  return packs.map((pack, index) =>
    known?.[index] ? { ...pack, price: estimate(Number(known[index])) } : pack,
  );
}

/** Prices that stand in a row of their own, in the order of its packs. */
export function packsAt(written: readonly number[], packs: readonly Pack[]): Pack[] {
  return packs.map((pack, index) => ({ ...pack, price: estimate(written[index]!) }));
}

/** What a row that is written whole says of itself. */
export function writtenKnowledge(id: string, knows: WrittenKnowledge, atoms: readonly Allergen[]): Knowledge {
  const pieces = knows.sizes;
  const eatsAnimals = knows.isMeat || hasAny(atoms, ['fish', 'crustaceans', 'molluscs']);
  const vegetarian = !eatsAnimals && knows.leftBy !== 'vegetarians';
  return {
    pieceSizes: pieces && { small: estimate(pieces[0]), large: estimate(pieces[1]) },
    composition: compositionOf(knows.composition.split(' ')),
    seasonMonths: knows.season ? monthsOf(`${knows.season[0]}-${knows.season[1]}`) : [],
    diet: {
      vegetarian,
      vegan: vegetarian && knows.leftBy === 'nobody' && !hasAny(atoms, ['milk', 'egg']),
      pork: knows.isPork,
    },
    cautions: knows.cautions,
    substitutes: substitutes.get(id) ?? [],
  };
}

function hasAny(atoms: readonly Allergen[], wanted: readonly Allergen[]): boolean {
  return wanted.some((atom) => atoms.includes(atom));
}

type Knowledge = Pick<
  Ingredient,
  'pieceSizes' | 'composition' | 'seasonMonths' | 'diet' | 'cautions' | 'substitutes'
>;

/** What the tables say of an ingredient beside its row. */
export function knowledgeOf(id: string, allergens: readonly Allergen[]): Knowledge {
  const pieces = sizes.get(id);
  return {
    pieceSizes: pieces && { small: estimate(Number(pieces[0])), large: estimate(Number(pieces[1])) },
    composition: compositionOf(compositions.get(id)),
    seasonMonths: monthsById.get(id) ?? [],
    diet: dietOf(id, allergens),
    cautions: (Object.keys(cautionsOf) as CautionId[]).filter((caution) => cautionsOf[caution].includes(id)),
    substitutes: substitutes.get(id) ?? [],
  };
}

function compositionOf(row: readonly string[] | undefined): Composition | undefined {
  if (!row) return undefined;
  const [water, fat, sugar, salt, kind, acid] = row;
  return {
    water: share(water),
    fat: share(fat),
    sugar: share(sugar),
    salt: share(salt),
    acid: kind ? { kind: kind as AcidKind, share: share(acid) } : null,
  };
}

const meat = new Set(['smoked-bacon', 'bacon-fat', 'chicken-breast', 'pan-fat', 'pan-juices']);
/** Made with rennet of animals unless the label says otherwise. */
const rennet = new Set(['parmesan']);

function dietOf(id: string, allergens: readonly Allergen[]): Ingredient['diet'] {
  const has = (...atoms: Allergen[]) => hasAny(allergens, atoms);
  const animal = meat.has(id) || has('fish', 'crustaceans', 'molluscs');
  return {
    vegetarian: !animal && !rennet.has(id),
    vegan: !animal && !rennet.has(id) && !has('milk', 'egg') && id !== 'honey',
    pork: id === 'smoked-bacon' || id === 'bacon-fat',
  };
}
