import { cookingOf, keyOf } from './cooking.js';
import { type FigureKind, kinds } from './figure-kinds.js';
import { keepingStatesOf } from './keeping.js';
import type { Fact, Ingredient } from './types.js';

/** One figure of an ingredient, by a key that stays the same: "density.diced", "yield.usual", "price.0". */
export interface LarderFigure {
  readonly key: string;
  readonly label: string;
  readonly value: number;
  readonly unit: string;
  readonly source: Fact['source'];
}

/** Kinds of which the tables of keeping and cooking tell what a kitchen has not measured. */
const fromTables: Readonly<Record<string, FigureKind['read']>> = {
  stays: (of) =>
    keepingStatesOf(of).map(({ state, minutes }) => [state.replaceAll(' ', '-'), estimated(minutes / 60)]),
  cooks: (of) => cookingOf(of).map((time) => [keyOf(time), estimated(time.high)]),
};

const estimated = (value: number): Fact => ({ value, source: 'estimate' });

/** Every figure the larder has of an ingredient, in a fixed order, each with its source. */
export function figuresOf(ingredient: Ingredient): LarderFigure[] {
  return Object.entries(kinds).flatMap(([name, kind]) =>
    (fromTables[name] ?? kind.read)(ingredient).flatMap(([rest, fact]) => {
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
