import { rowsOf } from '../language/index.js';
import { otherNamesTable } from './data/other-names.js';
import { knowledgeOf, packsAt, pricedPacks, writtenKnowledge } from './knowledge.js';
import { readRows } from './written-rows.js';
import type { Figure, IngredientRow } from './rows.js';
import type { Fact, FactSource, Ingredient, Pack, Section } from './types.js';

/** A figure fixed by definition or by a published table. */
export function standard(value: number): Fact {
  return { value, source: 'standard' };
}

/** A figure as printed on packets of this kind. */
export function label(value: number): Fact {
  return { value, source: 'label' };
}

function fact(figure: Figure, source: FactSource = 'estimate'): Fact {
  return typeof figure === 'number' ? { value: figure, source } : figure;
}

function facts<K extends string>(figures: Partial<Record<K, Figure>> | undefined): Partial<Record<K, Fact>> {
  const entries = Object.entries(figures ?? {}) as [K, Figure][];
  return Object.fromEntries(entries.map(([key, figure]) => [key, fact(figure)])) as Partial<Record<K, Fact>>;
}

function pack([size, name]: readonly [number, string]): Pack {
  return name === 'loose' ? { size, name: '', loose: true } : { size, name };
}

/** Turns the rows of one data file into ingredients of one shop section. */
export function defineSection(section: Section, rows: readonly IngredientRow[]): Ingredient[] {
  return rows.map((row) => ({
    ...frameOf(section, row),
    packs: pricedPacks(row.id, row.packs.map(pack)),
    ...knowledgeOf(row.id, row.allergens ?? []),
  }));
}

/** The foods of one shop section that are written in a line each. */
export function writtenSection(section: Section, text: string): Ingredient[] {
  return readRows(text).map((row) => ({
    ...frameOf(section, row),
    packs: packsAt(row.prices, row.packs.map(pack)),
    ...writtenKnowledge(row.id, row.knows, row.allergens ?? []),
  }));
}

/** What else a food is called, of `data/other-names.csv`. */
const otherNames: ReadonlyMap<string, readonly string[]> = new Map(
  rowsOf<'food' | 'names'>(otherNamesTable).map(({ food, names }) => [food, names.split(';')]),
);

type Frame = Omit<Ingredient, keyof ReturnType<typeof knowledgeOf> | 'packs'>;

function frameOf(section: Section, row: IngredientRow): Frame {
  return {
    id: row.id,
    names: {
      uk: row.uk,
      us: row.us ?? row.uk,
      also: [...(row.also ?? []), ...(otherNames.get(row.id) ?? [])],
    },
    section,
    shoppingUnit: row.unit ?? 'g',
    countGrams: facts(row.count),
    handfulGrams: row.handful === undefined ? undefined : fact(row.handful),
    centimetreGrams: row.centimetre === undefined ? undefined : fact(row.centimetre),
    densities: facts(row.density),
    yields: facts(row.yields as Partial<Record<string, Figure>>) as Record<string, Fact>,
    byProducts: byProducts(row),
    drainedShare: row.drained === undefined ? undefined : fact(row.drained),
    dryToCooked: row.dryToCooked === undefined ? undefined : fact(row.dryToCooked),
    ...(row.leaves
      ? { leaves: row.leaves.map(([product, when, share]) => ({ product, when, share: fact(share) })) }
      : {}),
    keepingDays: row.keeps ?? {},
    ripeningDays: row.ripens,
    allergens: row.allergens ?? [],
    scaling: row.scaling ?? 'linear',
    indivisible: row.indivisible,
  };
}

function byProducts(row: IngredientRow): Ingredient['byProducts'] {
  if (!row.juice && row.zest === undefined) return undefined;
  return {
    juiceMillilitres: row.juice && { low: fact(row.juice[0]), high: fact(row.juice[1]) },
    zestGrams: row.zest === undefined ? undefined : fact(row.zest),
  };
}
