import { composition, pieceSizes, pricesInPounds, seasons } from './data/composition.js';
import { cautionsOf, substitutes } from './data/swaps-cautions.js';
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

const meat = new Set(['smoked-bacon', 'bacon-fat', 'chicken-breast']);
/** Made with rennet of animals unless the label says otherwise. */
const rennet = new Set(['parmesan']);

function dietOf(id: string, allergens: readonly Allergen[]): Ingredient['diet'] {
  const has = (...atoms: Allergen[]) => atoms.some((atom) => allergens.includes(atom));
  const animal = meat.has(id) || has('fish', 'crustaceans', 'molluscs');
  return {
    vegetarian: !animal && !rennet.has(id),
    vegan: !animal && !rennet.has(id) && !has('milk', 'egg') && id !== 'honey',
    pork: id === 'smoked-bacon' || id === 'bacon-fat',
  };
}
