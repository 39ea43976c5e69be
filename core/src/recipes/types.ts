import type { Amount, MeasureSystem, Rational, UnitId } from '../amounts/index.js';
import type { ComponentId, IngredientId, LineId, RecipeId, StepId } from '../identity/index.js';
import type { Form, Scaling } from '../larder/index.js';

/** Size of a portion against a main course: taste ⅓, side ⅔, main 1. */
export const portions = ['taste', 'side', 'main'] as const;
export type Portion = (typeof portions)[number];

export type DishKind = 'salad' | 'dressing' | 'dip';
export const dishKinds: readonly DishKind[] = ['salad', 'dressing', 'dip'];

export type ComponentRole = 'base' | 'dressing' | 'topping' | 'garnish' | 'dip' | 'dippers';
export const componentRoles: readonly ComponentRole[] = [
  'base',
  'dressing',
  'dip',
  'dippers',
  'topping',
  'garnish',
];

/** Whether an amount is weighed as it is bought, or after peeling and trimming. */
export const bases = ['purchased', 'edible'] as const;
export type Basis = (typeof bases)[number];

/** The part of a piece that a line uses, so that one piece can serve several lines. */
export const byProducts = ['juice', 'zest', 'yolk', 'white'] as const;
export type ByProduct = (typeof byProducts)[number];

/** The part of a line that is set aside for the top. */
export interface KeptBack {
  /** On top of the line's amount, "plus 1 tbsp for the top"; null where that is not said. */
  readonly amount: Amount | null;
  /** A share of the line's own amount: "half for the top" is 1/2. */
  readonly share?: Rational;
  readonly words: string;
}

/**
 * What was understood of one written ingredient line. Nothing written is ever thrown away: `text` keeps it.
 */
export interface LineReading {
  readonly text: string;
  /** Exact ends of the amount, or null where none was written. */
  readonly amount: { readonly low: Rational; readonly high: Rational } | null;
  readonly unit: UnitId | null;
  /** Size of one tin, jar or packet. */
  readonly pack: Amount | null;
  /** The same amount as also written in another system. */
  readonly second: Amount | null;
  /** The part set aside for the top, with the words that say so. */
  readonly keptBack: KeptBack | null;
  /** The ingredient's name as written, without amount and preparation. */
  readonly name: string;
  /** Larder id, or null where the larder has no such thing. */
  readonly ingredient: IngredientId | null;
  /** The main cut or state. */
  readonly form: Form | null;
  /** All cuts and states named, in the order written. */
  readonly preparation: readonly Form[];
  readonly basis: Basis;
  /** The written preparation and remarks. */
  readonly note: string;
  readonly optional: boolean;
  readonly toTaste: boolean;
  readonly alternatives: readonly string[];
  readonly byProducts: readonly ByProduct[];
  /** 0 to 1: how sure the reading is. Under 0.6 the line is marked for the instructor. */
  readonly confidence: number;
  /** What was not understood and why; empty when all was. */
  readonly unread: string;
}

/** The option of a choice that a line or a step belongs to. */
export interface When {
  readonly choice: string;
  readonly option: string;
  /** Further options that it belongs to as well. */
  readonly also?: readonly string[];
}

/** A school that a class chooses of: when to dress, peeled or not, which ratio. */
export interface RecipeChoice {
  readonly id: string;
  readonly name: string;
  readonly options: readonly { readonly id: string; readonly name: string }[];
  /** The option that is taken unless a class says otherwise. */
  readonly usual: string;
}

/** A line of a recipe: what was read, where it belongs and how it scales. */
export interface RecipeLine extends LineReading {
  readonly id: LineId;
  readonly componentId: ComponentId;
  readonly scaling: Scaling;
  /** Corrected by a person: reading the text again must not overwrite it. */
  readonly corrected?: boolean;
  /** Only with this option of a choice; always where absent. */
  readonly when?: When | null;
}

export interface RecipeComponent {
  readonly id: ComponentId;
  readonly name: string;
  readonly role: ComponentRole;
  /** The recipe that makes this component, and how many batches of it; absent where its lines stand here. */
  readonly recipe?: { readonly recipeId: RecipeId; readonly batches: Rational } | null;
}

/** When a step may be done: only in class, in class or before, or only before. */
export const stepPlaces = ['in class', 'either', 'before'] as const;
export type StepPlace = (typeof stepPlaces)[number];

/** The appliances a step can occupy besides hands. */
export const appliances = ['oven', 'hob', 'fridge', 'blender', 'microwave', 'griddle'] as const;
export type Appliance = (typeof appliances)[number];

/** A line that a step uses, and which share of it: half the oil is "1/2". */
export interface StepUse {
  readonly line: LineId;
  readonly share: Rational;
}

/** A by-product of a step, for the recipe as written. */
export interface StepByProduct {
  readonly text: string;
  /** Larder id of what it is. */
  readonly ingredient: IngredientId;
  readonly amount: Amount;
}

/** How heat comes to food: in water or steam, in fat, dry, or either of them. */
export const waysOfHeat = ['wet', 'fat', 'dry', 'any'] as const;
export type WayOfHeat = (typeof waysOfHeat)[number];

/** What can be saved of a step's minutes and sign at most. */
export const stepLimits = { hands: 1440, wait: 20_160, hold: 100_000, until: 400, proposed: 400 } as const;

/** What a step and its acts hold at most. */
export const actLimits = {
  acts: 60,
  names: 20,
  heat: 40,
  until: 400,
  minutes: 20_160,
  keeps: 100_000,
} as const;

/**
 * One thing that a step says is done: a verb with what stands beside it. What is not said is absent. Verbs,
 * kinds of work and the names of states, places, vessels and things are those of the lexicon.
 */
export interface Act {
  /** Empty where only a state, a place or a thing is said. */
  readonly verb: string;
  /** The kind of work: "cut", "soak", "wet heat"; empty without a verb. */
  readonly kind: string;
  /** Absent where nothing is heated. */
  readonly way?: WayOfHeat;
  /** The lines that are named, by id. */
  readonly foods?: readonly LineId[];
  /** What else is named: "the marinade", "everything". */
  readonly things?: readonly string[];
  readonly vessels?: readonly string[];
  readonly states?: readonly string[];
  readonly places?: readonly string[];
  readonly appliance?: Appliance;
  /** "200 °C", "high heat". */
  readonly heat?: string;
  readonly minutes?: { readonly low: number; readonly high: number };
  /** Minutes for which what is made keeps. */
  readonly keeps?: number;
  /** The sign that ends it. */
  readonly until?: string;
  /** Where it stands in the text of the step, from one character to another. */
  readonly words: readonly [from: number, to: number];
}

export interface RecipeStep {
  readonly id: StepId;
  readonly componentId: ComponentId;
  readonly text: string;
  /** What is done, read from the text when the recipe is saved; absent where that has not been. */
  readonly acts?: readonly Act[];
  /** A person has corrected them: reading the text again must not overwrite that. */
  readonly actsCorrected?: boolean;
  /** Minutes of one pair of hands for the recipe as written. */
  readonly handsOnMinutes: number;
  /** They were worked out from what is cut, peeled and mixed, and follow the kitchen's own rates. */
  readonly isWorkedOut?: boolean;
  /** Minutes of waiting after the hands are free; null where there is none. */
  readonly waitMinutes: { readonly low: number; readonly high: number } | null;
  /** Nobody wrote them: they were looked up in the table of cooking times. */
  readonly isWaitEstimated?: boolean;
  /** The sign that ends the step: "until a knife slides in". */
  readonly until: string;
  readonly place: StepPlace;
  /** What the wait occupies, or the whole step where there is no wait. */
  readonly occupies: { readonly appliance: Appliance; readonly setting: string } | null;
  readonly tools: readonly string[];
  /** What this step uses of which lines. */
  readonly uses: readonly StepUse[];
  /** What is left for another step to use: rendered fat, roasting oil, cooking or pickling liquid. */
  readonly gives?: readonly StepByProduct[];
  /** Ids of steps that must be finished first. */
  readonly after: readonly StepId[];
  /** How long the result keeps before the next step must start; null for no limit that matters here. */
  readonly holdMinutes: number | null;
  /** Ids of technique notes. */
  readonly techniques: readonly string[];
  /** What this step changes about its notes. */
  readonly techniqueNote: string;
  /** Only with this option of a choice; always where absent. */
  readonly when?: When | null;
  /** Keys of findings that the instructor does not want here; they are not offered again. */
  readonly declined?: readonly string[];
  /** Minutes the instructor shows this step to the class; 0 where it is not shown. */
  readonly demonstrateMinutes: number;
  /** What is made in class waits once it was carried home; absent in a recipe. */
  readonly waitsAtHome?: boolean;
  /** Why the plan of a class added this step by itself; absent in a recipe. */
  readonly addedFor?: string;
  /** How single stations of a class do it otherwise; absent in a recipe. */
  readonly ownWays?: readonly { readonly stations: readonly number[]; readonly text: string }[];
  /** Why reading a text proposed this step, which its writer did not write; absent where it is written. */
  readonly proposed?: string;
  /** It only mixes again what would have separated: not wanted where it is used before that. */
  readonly mixesAgain?: boolean;
}

/** A recipe's content: what a version freezes and a class uses. */
export interface Recipe {
  readonly title: string;
  readonly kind: DishKind;
  readonly serves: number;
  /** The size of the portion that `serves` counts. */
  readonly portion: Portion;
  readonly system: MeasureSystem;
  /** The smallest batch that works, as a share of the recipe: a blender must cover its blades. */
  readonly leastBatch: Rational;
  readonly story: string;
  readonly source: string;
  /** Who is to be named when it is taught. */
  readonly credit: string;
  /** Who allowed teaching from it, or why none is needed. */
  readonly permission: string;
  /** Notes to self, never printed on a card. */
  readonly notes: string;
  /** Schools that a class chooses of; empty where there is one way only. */
  readonly choices: readonly RecipeChoice[];
  readonly components: readonly RecipeComponent[];
  readonly lines: readonly RecipeLine[];
  readonly steps: readonly RecipeStep[];
}
