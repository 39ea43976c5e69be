import type { Rational, UnitId } from '../amounts/index.js';

/** Where a figure comes from. A kitchen's own measurement always wins over the rest. */
export type FactSource = 'standard' | 'label' | 'estimate' | 'measured';

/** A figure with its source. The unit is said by the field that holds it. */
export interface Fact {
  readonly value: number;
  readonly source: FactSource;
}

/** What was done to an ingredient before it is measured or used. The documented list of forms. */
export const forms = [
  'whole',
  'diced',
  'minced',
  'chopped',
  'sliced',
  'shredded',
  'grated',
  'torn',
  'crushed',
  'shaved',
  'halved',
  'quartered',
  'wedges',
  'juiced',
  'zested',
  'segmented',
  'toasted',
  'cooked',
  'roasted',
  'charred',
  'drained',
  'rinsed',
  'peeled',
  'seeded',
  'cored',
  'trimmed',
  'stripped',
  'packed',
  'ground',
  'melted',
  'soaked',
  'dried',
  'mashed',
  'beaten',
  'crumbled',
  'washed',
  'pitted',
  'softened',
  'cubed',
  'matchsticks',
  'florets',
  'leaves',
  'separated',
] as const;
export type Form = (typeof forms)[number];

/** Shop sections in the order most shops are walked. */
export type Section =
  | 'vegetables'
  | 'salad and herbs'
  | 'fruit'
  | 'bakery'
  | 'dairy and eggs'
  | 'fish and meat'
  | 'tins and jars'
  | 'oils and vinegars'
  | 'grains and pulses'
  | 'nuts and seeds'
  | 'spices and seasoning'
  | 'baking and sweet'
  | 'other';

export const sections: readonly Section[] = [
  'vegetables',
  'salad and herbs',
  'fruit',
  'bakery',
  'dairy and eggs',
  'fish and meat',
  'tins and jars',
  'oils and vinegars',
  'grains and pulses',
  'nuts and seeds',
  'spices and seasoning',
  'baking and sweet',
  'other',
];

/** The smallest substances that labels must name. Kitchens report them grouped by their own list. */
export const allergens = [
  'wheat',
  'rye',
  'barley',
  'oats',
  'milk',
  'egg',
  'fish',
  'crustaceans',
  'molluscs',
  'celery',
  'mustard',
  'sesame',
  'soya',
  'lupin',
  'peanut',
  'sulphites',
  'almond',
  'hazelnut',
  'walnut',
  'pecan',
  'cashew',
  'pistachio',
  'pine nut',
  'brazil nut',
  'macadamia nut',
] as const;
export type Allergen = (typeof allergens)[number];

/** How a line grows with the batch. */
export const scalings = ['linear', 'whole', 'perVessel', 'startLow', 'toTaste'] as const;
export type Scaling = (typeof scalings)[number];

/** One way an ingredient is sold. `size` is in the ingredient's shopping unit. */
export interface Pack {
  readonly size: number;
  /** "bag", "bottle", "tin"; empty for loose pieces. */
  readonly name: string;
  /** True where any number of grams can be asked for at the counter, in steps of `size`. */
  readonly loose?: boolean;
  /**
   * Price of one pack in the larder's currency; of a kilogram where it is loose. Absent where none is known.
   */
  readonly price?: Fact;
}

/** Shares of the weight, 0 to 1. Acid is told by kind, as strength differs. */
export interface Composition {
  readonly water: Fact;
  readonly fat: Fact;
  readonly sugar: Fact;
  readonly salt: Fact;
  readonly acid: { readonly kind: AcidKind; readonly share: Fact } | null;
}
export type AcidKind = 'acetic' | 'citric' | 'lactic';

/** Who may eat it. False is certain; true still says: check the label. */
export interface Diet {
  readonly vegetarian: boolean;
  readonly vegan: boolean;
  readonly pork: boolean;
  /** True where nobody has said, of an ingredient of the kitchen's own. The rest is false then. */
  readonly unknown?: boolean;
}

/** What takes the place of an ingredient that is not to be had. */
export interface Substitute {
  readonly ingredient: string;
  /** How much of it for one of what is missing. An estimate. */
  readonly ratio: number;
  readonly by: 'volume' | 'weight';
  readonly effect: string;
  /** Work that falls away because it is bought prepared: "soak", "peel". */
  readonly savesWork: readonly string[];
}

export type CautionId =
  | 'kidney-type-beans'
  | 'cool-fast'
  | 'raw-egg'
  | 'raw-protein'
  | 'keep-cold'
  | 'wash-leaves'
  | 'sprouts'
  | 'honey'
  | 'soft-cheese'
  | 'choking'
  | 'hot-hands'
  | 'in-oil'
  | 'stone';

/** What one piece of fruit gives besides itself: juice in ml as a low and a high figure, zest in g. */
export interface ByProducts {
  readonly juiceMillilitres?: { readonly low: Fact; readonly high: Fact };
  readonly zestGrams?: Fact;
}

/** What is left when it is drained or cooked, as a share of its weight as bought. */
export interface LeftFrom {
  readonly product: string;
  readonly when: 'drained' | 'cooked';
  readonly share: Fact;
}

/** Days of keeping by place; absent where it should not be kept there. */
export interface Keeping {
  readonly cold?: number;
  readonly cool?: number;
  readonly room?: number;
}

/** What Fornax knows about one ingredient. */
export interface Ingredient {
  readonly id: string;
  readonly names: { readonly uk: string; readonly us: string; readonly also: readonly string[] };
  readonly section: Section;
  /** What it is bought and added up in: grams, millilitres or pieces. */
  readonly shoppingUnit: 'g' | 'ml' | 'piece';
  readonly packs: readonly Pack[];
  /** Grams as purchased of one counted unit (piece, clove, bunch, tin …). */
  readonly countGrams: Partial<Record<UnitId, Fact>>;
  readonly handfulGrams?: Fact;
  readonly centimetreGrams?: Fact;
  /** Grams per millilitre by form; `plain` where the form makes no difference. */
  readonly densities: Partial<Record<Form | 'plain', Fact>>;
  /**
   * Edible portion ÷ as purchased, by the forms that take something away, joined by "+"; `usual` for the
   * rest.
   */
  readonly yields: Readonly<Record<string, Fact>>;
  readonly byProducts?: ByProducts;
  /** Drained share of the net weight of a tin or jar. */
  readonly drainedShare?: Fact;
  /** Cooked weight ÷ dry weight. */
  readonly dryToCooked?: Fact;
  /** Fat, brine, oil or liquid that another step can use. */
  readonly leaves?: readonly LeftFrom[];
  readonly keepingDays: Keeping;
  /** Minutes that a kitchen says it keeps in a state, by the name of the state. */
  readonly stays?: Readonly<Record<string, number>>;
  /** Minutes that a kitchen says it cooks, by way and cut: "boil+whole". */
  readonly cooking?: Readonly<Record<string, number>>;
  readonly ripeningDays?: number;
  readonly allergens: readonly Allergen[];
  /** The families that a kitchen gave to an ingredient of its own. */
  readonly families?: readonly string[];
  /** True where nobody has said what allergens an ingredient of the kitchen's own holds. */
  readonly allergensNotKnown?: boolean;
  /** What the kitchen read on its pack: "may contain". */
  readonly mayContain?: readonly Allergen[];
  /** How its lines scale unless the recipe says otherwise. */
  readonly scaling: Scaling;
  /** Grams of a small and of a large piece; the medium one is among the counts. */
  readonly pieceSizes?: { readonly small: Fact; readonly large: Fact };
  readonly composition?: Composition;
  /** Months of season in the northern temperate zone, 1 to 12; empty where it knows none. */
  readonly seasonMonths: readonly number[];
  readonly diet: Diet;
  readonly cautions: readonly CautionId[];
  readonly substitutes: readonly Substitute[];
  /** Keys of the figures that the kitchen measured itself. */
  readonly measured?: readonly string[];
  /** True where a kitchen added it itself. */
  readonly own?: boolean;
  /** True for a raw egg: half of one cannot be shared between batches. */
  readonly indivisible?: boolean;
}

/** A kitchen's own exact amount of an ingredient, as plain data. */
export interface IngredientAmount {
  readonly ingredient: string;
  readonly low: Rational;
  readonly high: Rational;
  readonly unit: UnitId;
}

/** The half of the earth a kitchen stands on, by which seasons go. */
export const hemispheres = ['north', 'south'] as const;
export type Hemisphere = (typeof hemispheres)[number];
