import type { Workings } from '../amounts/index.js';
import type { LocalDate, LocalTime, StepKey, TaskRef } from '../identity/index.js';

/** Whose hands, or which appliance, a bar of the clock stands for. */
export type Lane =
  | 'you'
  | 'assistant'
  | 'stations'
  | 'oven'
  | 'hob'
  | 'blender'
  | 'fridge'
  | 'microwave'
  | 'griddle'
  | 'resting';

export type EntryKind = 'prep' | 'buy' | 'demonstration' | 'students' | 'wait' | 'class';

/** One bar of the clock. Minutes count from class start. */
export interface TimelineEntry {
  readonly id: string;
  /** What it is: its step and what it is to it. */
  readonly ref: TaskRef;
  readonly lane: Lane;
  readonly kind: EntryKind;
  readonly title: string;
  readonly detail: string;
  readonly dishTitle: string;
  readonly start: number;
  readonly end: number;
  /** Why the plan added it by itself; empty for what a recipe or the class asks for. */
  readonly addedFor: string;
  /** Whether its step may be done in class or before. */
  readonly isEither: boolean;
  /** Its start stays where the instructor put it. */
  readonly isPinned: boolean;
  /** Whose hands it takes, and how many pairs. */
  readonly hands: { readonly who: 'you' | 'assistant' | 'stations'; readonly pairs: number } | null;
  /** Ids of the entries that must be finished first. */
  readonly after: readonly string[];
  /** ISO instants of start and end, and the local wall time "18:30" and date "2026-11-27". */
  readonly startsAt: string;
  readonly localDate: LocalDate;
  readonly localTime: LocalTime;
  readonly localEnd: LocalTime;
  /** The day on which it ends: a long wait ends on another. */
  readonly localEndDate: LocalDate;
  /** How long the result stays good, to which minute, and when it is used. */
  readonly keeps: {
    readonly until: number;
    readonly usedAt: number | null;
    readonly usedBy: string;
    readonly broken: boolean;
  } | null;
  readonly workings: Workings;
}

/** A job that the plan can add to a dish by itself, by the key of its step: "dish/auto-mix-s5". */
export interface AddedStep {
  readonly stepKey: StepKey;
  readonly title: string;
  readonly dishTitle: string;
  readonly why: string;
}

export interface TimelineClash {
  readonly entryIds: readonly string[];
  readonly sentence: string;
  /** What helps, where it is not the usual. */
  readonly remedy?: string;
}

/** A visit to the kitchen before the day of the class. */
export interface Visit {
  readonly entryIds: readonly string[];
  /** "17:00–18:28, 1 h 28 min: 3 jobs". */
  readonly words: string;
}

export interface Timeline {
  /**
   * `scheduled`: all can be met. `strained`: a plan with clashes or past its time. `undecided`: none found.
   */
  readonly status: 'scheduled' | 'strained' | 'undecided';
  /** On earlier days than the class, in order. */
  readonly daysBefore: readonly TimelineEntry[];
  /** The visits to the kitchen that they make, without shopping, in order. */
  readonly visits: readonly Visit[];
  /** On the day of the class, in order. */
  readonly clock: readonly TimelineEntry[];
  readonly eatMinute: number;
  readonly classMinutes: number;
  readonly usedMinutes: number;
  /** Used minutes in per cent of the class, whole. */
  readonly usedPercent: number;
  /** Minutes that the class runs past its length. */
  readonly overrunMinutes: number;
  /** Minutes left over after clearing. */
  readonly spareMinutes: number;
  readonly clashes: readonly TimelineClash[];
  readonly usedWorkings: Workings;
  readonly handsOn: HandsOn;
  /** Minutes of the class by what takes them, most first. */
  readonly budget: readonly BudgetRow[];
  /** Steps that could be in class and are done before, with the class minutes that this saves. */
  readonly ahead: readonly {
    readonly stepKey: StepKey;
    readonly title: string;
    readonly dishTitle: string;
    readonly minutes: number;
    /** It is meant for the class, and staff prepare it as the class would run over. */
    readonly isForFit: boolean;
  }[];
  /** What the plan would add by itself and the instructor left out. */
  readonly leftOut: readonly AddedStep[];
  /** Starts by task, to begin from when something changes. */
  readonly starts: Readonly<Record<string, number>>;
  /** Pins that no plan can keep; they were let go. */
  readonly brokenPins: readonly string[];
}

/** How much of a class students cook. Starting from estimated minutes. */
export interface HandsOn {
  /** Station minutes at work ÷ minutes from start to eating, in per cent, whole. */
  readonly percent: number;
  /** The longest spell in which stations only watch. */
  readonly watchMinutes: number;
  /** The longest between being shown a step and doing it; null where nothing is shown. */
  readonly delayMinutes: number | null;
  /** What is shown in that longest spell, and what is done so late. */
  readonly shownLong: readonly string[];
  readonly doneLate: string;
  readonly workings: Workings;
}

/** Class minutes of one job, what is shown of it counted in. */
export interface BudgetRow {
  /** The id of its hands. */
  readonly id: string;
  /** Null for what belongs to the class as a whole. */
  readonly stepKey: StepKey | null;
  readonly title: string;
  readonly minutes: number;
}
