import { type FigureKind, kinds } from './figure-kinds.js';
import type { Fact, Ingredient, Section } from './types.js';

/** One figure of an ingredient, by a key that stays the same: "density.diced", "yield.usual", "price.0". */
export interface LarderFigure {
  readonly key: string;
  readonly label: string;
  readonly value: number;
  readonly unit: string;
  readonly source: Fact['source'];
}

/** Who eats an ingredient of a kitchen's own, as far as its label says. */
export const eaters = ['not known', 'vegans', 'vegetarians', 'neither'] as const;
export type Eaters = (typeof eaters)[number];

/** What a kitchen says of an ingredient of its own. */
export interface OwnIngredient {
  readonly name: string;
  readonly section: Section;
  readonly shoppingUnit: Ingredient['shoppingUnit'];
  readonly packSize: number;
  readonly packName: string;
  readonly allergens: Ingredient['allergens'];
  /** True where nobody has looked: a dish with it is not said to be free of any. */
  readonly allergensNotKnown?: boolean;
  /** Absent is not known, and then nothing it is in is called vegan or vegetarian. */
  readonly eatenBy?: Eaters;
  /** What it is, by families of the larder: "poultry", "hard cheese". Absent where nobody has said. */
  readonly families?: readonly string[];
  /** Raw meat, fish or shellfish, with a board, knife and cloth of its own. */
  readonly rawProtein?: boolean;
}

/**
 * What a kitchen knows better, or adds: figures by their key, and the frame of an ingredient that is its own.
 */
export interface LarderEntry {
  readonly ingredient: string;
  readonly figures: Readonly<Record<string, number>>;
  readonly own: OwnIngredient | null;
  /** What this kitchen calls it besides: these words mean it in every recipe. */
  readonly called?: readonly string[];
  /** What the label of its pack warns of: "may contain". */
  readonly mayContain?: Ingredient['allergens'];
}

function split(key: string): { kind: FigureKind | undefined; rest: string } {
  const [name = '', ...rest] = key.split('.');
  return { kind: Object.hasOwn(kinds, name) ? kinds[name] : undefined, rest: rest.join('.') };
}

/** Every figure the larder has of an ingredient, in a fixed order, each with its source. */
export function figuresOf(ingredient: Ingredient): LarderFigure[] {
  return Object.entries(kinds).flatMap(([name, kind]) =>
    kind.read(ingredient).flatMap(([rest, fact]) => {
      if (!fact) return [];
      const key = rest ? `${name}.${rest}` : name;
      return [
        {
          key,
          label: labelOf(kind, name, rest, ingredient),
          value: fact.value,
          unit: unitOf(kind, name, rest, ingredient),
          source: ingredient.measured?.includes(key) ? 'measured' : fact.source,
        },
      ];
    }),
  );
}

/** What can be measured of any ingredient, beside what its row has. */
const measurable: readonly string[] = [
  'density.plain',
  'density.chopped',
  'density.diced',
  'density.sliced',
  'density.grated',
  'density.leaves',
  'yield.usual',
  'yield.peeled',
  'yield.trimmed',
  'yield.leaves',
  'yield.juiced',
  'count.piece',
  'count.bunch',
  'count.head',
  'count.clove',
  'count.stalk',
  'count.sprig',
  'count.leaf',
  'count.slice',
  'count.knob',
  'handful',
  'pinch',
  'squeeze',
  'centimetre',
  'juice.low',
  'juice.high',
  'zest',
  'drained',
  'dryToCooked',
  'keeps.cold',
  'keeps.cool',
  'keeps.room',
  'stays.cooked',
  'stays.cut',
  'stays.in-a-dish',
  'cooks.boil+whole',
  'cooks.steam+whole',
  'cooks.roast+whole',
  'cooks.fry+sliced',
  'cooks.grill+sliced',
  'ripens',
  'holds.water',
  'holds.fat',
  'holds.sugar',
  'holds.salt',
  'holds.acid',
];

/**
 * The figures that the larder does not have of an ingredient and that a kitchen can add, each with what it is
 * measured in.
 */
export function missingFigures(ingredient: Ingredient): Pick<LarderFigure, 'key' | 'label' | 'unit'>[] {
  const known = new Set(figuresOf(ingredient).map(({ key }) => key));
  const sizes = ingredient.countGrams.piece ? ['size.small', 'size.large'] : [];
  return [...measurable, ...sizes, ...ingredient.packs.map((_, index) => `price.${index}`)]
    .filter((key) => !known.has(key))
    .map((key) => {
      const [name = '', rest = ''] = key.split('.');
      return {
        key,
        label: labelOf(kinds[name]!, name, rest, ingredient),
        unit: unitOf(kinds[name]!, name, rest, ingredient),
      };
    });
}

function labelOf(kind: FigureKind, name: string, rest: string, ingredient: Ingredient): string {
  if (name === 'holds' && rest === 'acid') return `Acid, ${ingredient.composition?.acid?.kind ?? 'acetic'}`;
  if (name === 'pack' && ingredient.packs[Number(rest)]?.loose) return 'Sold in steps of';
  if (name !== 'price') return kind.label(rest);
  const pack = ingredient.packs[Number(rest)]!;
  if (pack.loose) return 'Price';
  const isPieces = ingredient.shoppingUnit === 'piece';
  const size = pack.size > 1 ? ` of ${pack.size}${isPieces ? '' : ` ${ingredient.shoppingUnit}`}` : '';
  return `Price, ${pack.name || (isPieces ? 'one' : 'pack')}${size}`;
}

function unitOf(kind: FigureKind, name: string, rest: string, ingredient: Ingredient): string {
  if (name === 'pack') return ingredient.shoppingUnit === 'piece' ? 'pieces' : ingredient.shoppingUnit;
  return name === 'price' && ingredient.packs[Number(rest)]?.loose ? 'a kilogram' : kind.unit;
}

const keyShape = /^[a-zA-Z]+(?:\.[a-z0-9+-]{1,40})?$/;

/** Why a figure cannot be true; empty where it can. */
export function figureProblem(key: string, value: number): string {
  const { kind, rest } = split(key);
  if (!kind || !keyShape.test(key)) return `“${key}” is no figure of the larder.`;
  if (!Number.isFinite(value)) return `${kind.label(rest)} must be a number.`;
  if (value < kind.least || value > kind.most)
    return (
      `${kind.label(rest)} lies between ${kind.least} and ` +
      `${kind.most}${kind.unit ? ` ${kind.unit}` : ''}, not at ${value}.`
    );
  return '';
}

/** The ingredient with one figure replaced by the kitchen's own. */
export function withFigure(ingredient: Ingredient, key: string, value: number): Ingredient {
  const { kind, rest } = split(key);
  if (!kind || figureProblem(key, value)) return ingredient;
  return {
    ...kind.write(ingredient, rest, { value, source: 'measured' }),
    measured: [...(ingredient.measured ?? []), key],
  };
}

/**
 * The mean of weighings as they were typed, in grams to a tenth; null where none is written, or one of them
 * is no weight.
 */
export function averageGrams(weighings: readonly string[]): number | null {
  const written = weighings
    .map((weight) => weight.trim().replace(',', '.'))
    .filter(Boolean)
    .map(Number);
  if (written.length === 0 || written.some((weight) => !(weight > 0))) return null;
  return Math.round((written.reduce((sum, weight) => sum + weight, 0) / written.length) * 10) / 10;
}
