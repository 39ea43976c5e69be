/** A note that explains a technique and can be attached to any step. */
export interface TechniqueNote {
  readonly id: string;
  readonly title: string;
  readonly group: TechniqueGroup;
  readonly why: string;
  readonly how: readonly string[];
  readonly lookFor: string;
  readonly goesWrong: readonly { readonly wrong: string; readonly mend: string }[];
  readonly caution: string;
  readonly anotherWay: string;
  /** Minutes a beginner takes. An estimate. */
  readonly beginnerMinutes: number;
  /** For how much these minutes are: "an onion", "a bunch"; empty where it hardly depends on the amount. */
  readonly beginnerPer: string;
  /** How long practised hands take for so much of it. */
  readonly rates?: readonly TechniqueRate[];
  /** Minutes it takes to show it to a class that has not met it; 0 where it is only named. An estimate. */
  readonly shownMinutes?: number;
}

/** What minutes are counted by. A batch counts once, however large. */
export const rateUnits = ['piece', '100 g', 'bunch', 'clove', 'stalk', 'tin', 'batch'] as const;
export type RateUnit = (typeof rateUnits)[number];

/** Minutes of practised hands for one unit of a food. Starting estimates, which a kitchen's own replace. */
export interface TechniqueRate {
  /** Larder id; empty for any food that has no rate of its own. */
  readonly food: string;
  readonly minutes: number;
  readonly per: RateUnit;
}

/** Nothing that is new is shown for longer at a time: attention goes first. A starting estimate. */
export const longestShow = 8;

/** Minutes for which techniques are shown, by their ids. */
export type ShownMinutes = Readonly<Record<string, number>>;

/** Rates by technique. */
export type Rates = Readonly<Record<string, readonly TechniqueRate[]>>;

export type TechniqueGroup =
  'knife and leaf' | 'fruit' | 'pulses, grains, starch' | 'heat' | 'dressing' | 'finish';
export const techniqueGroups: readonly TechniqueGroup[] = [
  'knife and leaf',
  'fruit',
  'pulses, grains, starch',
  'heat',
  'dressing',
  'finish',
];

/** A note as it is written in the data: for how much the minutes are is left out where it hardly matters. */
export type WrittenNote = Omit<TechniqueNote, 'beginnerPer'> & { readonly beginnerPer?: string };
