import type { Rational } from '../amounts/index.js';
import type { LineKey, StepKey } from '../identity/index.js';
import type { Appliance } from '../recipes/index.js';

/** What the instructor decided about the list. */
export interface ShoppingDecisions {
  /** Ingredient → what takes its place, over the whole class. */
  readonly substitutes: Readonly<Record<string, string>>;
  /** Line → what its recipe allows in its place, or of a group what fills it, as written there. */
  readonly alternatives: Readonly<Record<LineKey, string>>;
  /** Ingredients of optional lines that are left out. */
  readonly skipped: readonly string[];
  /** Row → key of the combination of packs that was chosen. */
  readonly packs: Readonly<Record<string, string>>;
  /** Ingredient → share of its need that is used, to make do with what a pack holds. */
  readonly madeDo: Readonly<Record<string, Rational>>;
  /** Bought on top of the need, in per cent. */
  readonly sparePercent: number;
  readonly budget: number | null;
  /** Other classes that are bought for on the same list. */
  readonly together: readonly string[];
}

export const noShoppingDecisions: ShoppingDecisions = {
  substitutes: {},
  alternatives: {},
  skipped: [],
  packs: {},
  madeDo: {},
  sparePercent: 0,
  budget: null,
  together: [],
};

/** The ways out of too few tools: in turns, shared between stations, or another tool instead. */
export const kitRemedies = ['stagger', 'share', 'replace'] as const;
export type KitRemedy = (typeof kitRemedies)[number];

/** A way out that was taken, by tool. */
export interface KitDecision {
  readonly tool: string;
  readonly kind: KitRemedy;
  /** For `stagger`: how many stations go at once. */
  readonly atOnce?: number;
  /** For `replace`: the other tool. */
  readonly by?: string;
}

/** A set of its own for a station that must stay free of something. */
export interface OwnSet {
  readonly station: number;
  readonly without: string;
}

export interface KitDecisions {
  readonly kit: readonly KitDecision[];
  readonly ownSets: readonly OwnSet[];
}

/** How well a class knows a technique: what is new is shown in full, what is practised in half the time. */
export const techniqueLevels = ['new', 'practised', 'known'] as const;
export type TechniqueLevel = (typeof techniqueLevels)[number];

/** What the instructor decided about the times of a class. Steps are named "dish/step". */
export interface TimelineDecisions {
  /** Task → start in minutes from class start. */
  readonly pins: Readonly<Record<string, number>>;
  /** Task of hands → whose they are, where students do not do it. */
  readonly hands: Readonly<Record<string, 'you' | 'assistant'>>;
  /** Step → in class or before, against what the recipe or the planner says. */
  readonly when: Readonly<Record<StepKey, 'in class' | 'before'>>;
  /** Technique, or step without one → how well the class knows it, against what the course says. */
  readonly levels: Readonly<Record<string, TechniqueLevel>>;
  /** Step → minutes for which it is shown, whatever its recipe says; 0 where it is not. */
  readonly shown: Readonly<Record<StepKey, number>>;
  /** Step → the step with which it is shown, in one demonstration. */
  readonly shownWith: Readonly<Record<StepKey, StepKey>>;
  /** Steps that the plan would add by itself and the instructor does not want. */
  readonly leftOut: readonly StepKey[];
  /** What is wanted most of the plan: the shortest class, or food that waits least before it is used. */
  readonly aim: 'shortest' | 'freshest';
}

export const noTimelineDecisions: TimelineDecisions = {
  pins: {},
  hands: {},
  when: {},
  levels: {},
  shown: {},
  shownWith: {},
  leftOut: [],
  aim: 'shortest',
};

/** What is other in the kitchen for one class: appliance, or "bench" → how many there are; 0 for none. */
export type OnTheDay = Readonly<Partial<Record<Appliance | 'bench', number>>>;

/** What the instructor decided about the lists and the times of a class. */
export interface ClassDecisions extends ShoppingDecisions, KitDecisions, TimelineDecisions {
  /** Finding → why it is known and left; of harm never without a word. */
  readonly noted: Readonly<Record<string, string>>;
  /**
   * Whether cards say all that their station keeps free of; never who it is for. Where somebody could come to
   * harm they say it by themselves, unless that is declined.
   */
  readonly needsOnCards: boolean;
  readonly needsOffCards: boolean;
  /** What is out of order, or hired. */
  readonly onTheDay: OnTheDay;
}

export const noDecisions: ClassDecisions = {
  ...noShoppingDecisions,
  kit: [],
  ownSets: [],
  ...noTimelineDecisions,
  noted: {},
  needsOnCards: false,
  needsOffCards: false,
  onTheDay: {},
};

export function decisionsOf(facts: { readonly decisions?: Partial<ClassDecisions> }): ClassDecisions {
  return { ...noDecisions, ...facts.decisions };
}
