/** An exact rational number as text: "3", "3/4" or "-1/2". Never a decimal point. */
export type Rational = `${bigint}` | `${bigint}/${bigint}`;

/** Which spoons, cups and pints a recipe or a kitchen means. Never guessed silently. */
export type MeasureSystem = 'us' | 'imperial' | 'metric' | 'australian';

export const measureSystems: readonly MeasureSystem[] = ['us', 'imperial', 'metric', 'australian'];

/** The documented list of units. `piece` stands for counted things: 2 onions, 1 avocado. */
export type UnitId =
  | 'g'
  | 'kg'
  | 'oz'
  | 'lb'
  | 'ml'
  | 'l'
  | 'tsp'
  | 'dsp'
  | 'tbsp'
  | 'cup'
  | 'floz'
  | 'pint'
  | 'drop'
  | 'pinch'
  | 'dash'
  | 'squeeze'
  | 'splash'
  | 'drizzle'
  | 'glug'
  | 'palmful'
  | 'knob'
  | 'handful'
  | 'clove'
  | 'bunch'
  | 'sprig'
  | 'stalk'
  | 'head'
  | 'leaf'
  | 'slice'
  | 'tin'
  | 'jar'
  | 'packet'
  | 'cm'
  | 'inch'
  | 'piece';

/**
 * The spoons and cups in a kitchen's drawer, as parts of a teaspoon and of a cup. What is not there is not
 * asked for.
 */
export interface MeasuringSet {
  readonly teaspoons: readonly Rational[];
  readonly tablespoon: boolean;
  readonly cups: readonly Rational[];
}

/** What a unit measures. `handful` is a mass that depends on what is held. */
export type UnitKind = 'mass' | 'volume' | 'count' | 'length';

/** An amount as written: a range keeps both ends, an exact amount has them equal. */
export interface Amount {
  readonly low: Rational;
  readonly high: Rational;
  readonly unit: UnitId;
}

/** One line of the reasoning behind a figure: "4 people × side portion", "2⅔". */
export interface WorkingStep {
  readonly label: string;
  readonly value: string;
  /** Why, in a few words, where the label alone does not say it. */
  readonly note?: string;
}

/** How a figure came about, ready to be read out in the Workings panel. */
export interface Workings {
  readonly title: string;
  readonly steps: readonly WorkingStep[];
  readonly result: string;
  /** True when an estimate (a yield, a density, a handful) had a part in it. */
  readonly estimated: boolean;
}
