import { unitIds, type UnitId } from '../amounts/index.js';
import { rowsOf } from '../language/index.js';
import { foodsTable } from './data/foods.js';
import { substitutes } from './data/substitutes-with-cautions.js';
import { cautionMarks, compositionOf, factOf, keepingDaysOf, monthsOf, packsOf } from './food-cells.js';
import {
  type Allergen,
  allergens,
  type Fact,
  type Form,
  type Ingredient,
  type Scaling,
  type Section,
} from './types.js';

type Column = 'id' | 'section' | 'names' | 'packs' | 'figures' | 'keeping' | 'marks' | 'composition';

/** Every food of `data/foods.csv`, in its order; docs/formats.md tells what stands in its cells. */
export function readFoods(): Ingredient[] {
  return rowsOf<Column>(foodsTable).map(foodOf);
}

function foodOf(row: Readonly<Record<Column, string>>): Ingredient {
  const { id } = row;
  const marks = row.marks === '–' ? [] : row.marks.split(' ');
  const held = allergensOf(id, marks);
  return {
    id,
    names: namesOf(row.names),
    section: row.section as Section,
    ...packsOf(row.packs),
    ...figuresOf(row.figures),
    keepingDays: keepingDaysOf(row.keeping),
    allergens: held,
    composition: compositionOf(row.composition),
    diet: dietOf(marks, held),
    cautions: marks.flatMap((mark) => (mark.startsWith('!') ? cautionMarks[mark.slice(1)]! : [])),
    substitutes: substitutes.get(id) ?? [],
  };
}

function namesOf(cell: string): Ingredient['names'] {
  const [first, ...also] = cell.split(';').map((name) => name.trim());
  const [uk, us] = first!.split(' / ');
  return { uk: uk!, us: us ?? uk!, also };
}

type Figures = ReadonlyMap<string, string>;

function figuresOf(cell: string) {
  const figures: Figures = new Map(
    (cell === '–' ? [] : cell.split(' ')).map((figure) => figure.split('=') as [string, string]),
  );
  const fact = (key: string) => (figures.has(key) ? factOf(figures.get(key)!) : undefined);
  return {
    countGrams: countsOf(figures),
    handfulGrams: fact('handful'),
    centimetreGrams: fact('cm'),
    densities: formsOf(figures, 'd', 'plain') as Partial<Record<Form | 'plain', Fact>>,
    yields: formsOf(figures, 'y', 'usual'),
    byProducts: byProductsOf(figures),
    drainedShare: fact('drained'),
    dryToCooked: fact('cooked'),
    ...leftFrom(figures),
    ripeningDays: figures.has('ripens') ? Number(figures.get('ripens')) : undefined,
    seasonMonths: monthsOf(figures.get('months')),
    pieceSizes: sizesOf(figures.get('sizes')),
    scaling: (figures.get('scaling') ?? 'linear') as Scaling,
    indivisible: figures.has('indivisible') ? true : undefined,
  };
}

/** Units with a figure of their own kind. */
const ofTheHand: ReadonlySet<string> = new Set(['handful', 'cm']);

function countsOf(figures: Figures): Partial<Record<UnitId, Fact>> {
  return Object.fromEntries(
    [...figures]
      .filter(([key]) => unitIds.includes(key as UnitId) && !ofTheHand.has(key))
      .map(([key, value]) => [key, factOf(value)]),
  );
}

/** "d=1.02 d.diced=0.6": by form, and under `usual` where none is named. */
function formsOf(figures: Figures, kind: string, usual: string): Record<string, Fact> {
  return Object.fromEntries(
    [...figures].flatMap(([key, value]) => {
      if (key === kind) return [[usual, factOf(value)]];
      return key.startsWith(`${kind}.`) ? [[key.slice(kind.length + 1), factOf(value)]] : [];
    }),
  );
}

function byProductsOf(figures: Figures): Ingredient['byProducts'] {
  const juice = figures.get('juice')?.split('-').map(factOf);
  const zest = figures.get('zest');
  if (!juice && zest === undefined) return undefined;
  return {
    juiceMillilitres: juice && { low: juice[0]!, high: juice[1]! },
    zestGrams: zest === undefined ? undefined : factOf(zest),
  };
}

/** "leaves.drained.chickpea-liquid=0.4". */
function leftFrom(figures: Figures): Pick<Ingredient, 'leaves'> {
  const left = [...figures].flatMap(([key, value]) => {
    const [, when, product] = /^leaves\.(drained|cooked)\.(.+)$/.exec(key) ?? [];
    return product ? [{ product, when: when as 'drained' | 'cooked', share: factOf(value) }] : [];
  });
  return left.length > 0 ? { leaves: left } : {};
}

function sizesOf(cell: string | undefined): Ingredient['pieceSizes'] {
  const [small, large] = cell?.split('-').map(factOf) ?? [];
  return small && large && { small, large };
}

/** Marks that are neither allergens nor cautions: what it is made of or with. */
const ofDiet: ReadonlySet<string> = new Set(['meat', 'pork', 'rennet', 'notvegan']);

function allergensOf(id: string, marks: readonly string[]): Allergen[] {
  return marks
    .filter((mark) => !mark.startsWith('!') && !ofDiet.has(mark))
    .map((mark) => {
      const allergen = mark.replace('-', ' ') as Allergen;
      if (!allergens.includes(allergen)) throw new Error(`“${mark}” of “${id}” is no allergen.`);
      return allergen;
    });
}

function dietOf(marks: readonly string[], held: readonly Allergen[]): Ingredient['diet'] {
  const has = (...wanted: string[]) => wanted.some((mark) => marks.includes(mark));
  const holds = (...wanted: Allergen[]) => wanted.some((each) => held.includes(each));
  const isAnimal = has('meat', 'pork') || holds('fish', 'crustaceans', 'molluscs');
  const vegetarian = !isAnimal && !has('rennet');
  return {
    vegetarian,
    vegan: vegetarian && !has('notvegan') && !holds('milk', 'egg'),
    pork: has('pork'),
  };
}
