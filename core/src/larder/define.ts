import type { UnitId } from '../amounts/index.js';
import { knowledgeOf, pricedPacks } from './knowledge.js';
import type {
  Allergen,
  Fact,
  FactSource,
  Form,
  Ingredient,
  Keeping,
  Pack,
  Scaling,
  Section,
} from './types.js';

type Figure = number | Fact;

/** One row of a data file. Bare numbers are starting estimates; anything else is wrapped in its source. */
export interface IngredientRow {
  readonly id: string;
  readonly uk: string;
  readonly us?: string;
  readonly also?: readonly string[];
  /** Packs as [size, name]; "loose" as the name means any weight in steps of that size. */
  readonly packs: readonly (readonly [number, string])[];
  readonly unit?: 'g' | 'ml' | 'piece';
  readonly count?: Partial<Record<UnitId, Figure>>;
  readonly handful?: Figure;
  readonly centimetre?: Figure;
  readonly density?: Partial<Record<Form | 'plain', Figure>>;
  readonly yields?: Readonly<Record<string, Figure>>;
  readonly juice?: readonly [number, number];
  readonly zest?: number;
  readonly drained?: Figure;
  readonly dryToCooked?: Figure;
  /** What is left of it: [product, when, share of its weight as bought]. */
  readonly leaves?: readonly (readonly [string, 'drained' | 'cooked', number])[];
  readonly keeps?: Keeping;
  readonly ripens?: number;
  readonly allergens?: readonly Allergen[];
  readonly scaling?: Scaling;
  readonly indivisible?: boolean;
}

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
    id: row.id,
    names: { uk: row.uk, us: row.us ?? row.uk, also: row.also ?? [] },
    section,
    shoppingUnit: row.unit ?? 'g',
    packs: pricedPacks(row.id, row.packs.map(pack)),
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
    ...knowledgeOf(row.id, row.allergens ?? []),
  }));
}

function byProducts(row: IngredientRow): Ingredient['byProducts'] {
  if (!row.juice && row.zest === undefined) return undefined;
  return {
    juiceMillilitres: row.juice && { low: fact(row.juice[0]), high: fact(row.juice[1]) },
    zestGrams: row.zest === undefined ? undefined : fact(row.zest),
  };
}
