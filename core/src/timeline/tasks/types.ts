import type {
  ClassFacts,
  KitchenFacts,
  StationPlan,
  TimedDish,
  TimelineDecisions,
} from '../../class/index.js';
import type { StepKey, TaskRef } from '../../identity/index.js';
import type { DishPortions } from '../../portions/index.js';
import type { RecipeStep, WorkBySteps } from '../../recipes/index.js';
import type { ScheduleLink, ScheduleResource, ScheduleTask } from '../../scheduler/index.js';
import type { EntryKind, Lane } from '../types.js';

/** One line of how a task's minutes came about. */
export interface HowStep {
  readonly label: string;
  readonly value: string;
  readonly note?: string;
}

/** A demonstration before a step: all stations watch it, then do it. */
export interface Show {
  readonly minutes: number;
  readonly how: readonly HowStep[];
  readonly techniques: readonly string[];
  /** Other steps that are shown in the same demonstration. */
  readonly together: readonly StepKey[];
  /** The plan added it, and may take it back where the class has no time for it. */
  readonly isAdded: boolean;
}

/** Demonstrations by the step before which they come, those first that are worth most. */
export type Shows = ReadonlyMap<StepKey, Show>;

/** A task of the plan with what the clock shows of it. */
export interface PlanTask extends ScheduleTask {
  readonly ref: TaskRef;
  readonly lane: Lane;
  readonly kind: EntryKind;
  readonly title: string;
  readonly detail: string;
  readonly dishTitle: string;
  readonly step: RecipeStep | null;
  /** What of it stands off the end of the class: its latest end, or where it lies at all. */
  readonly fromEnd?: 'latest' | 'place';
  readonly how: readonly HowStep[];
}

/**
 * A link of the plan. That of a result to its use, of what is shown to its being done, and to the other uses
 * of what it shows, may be let go when no plan keeps it.
 */
export interface PlanLink extends ScheduleLink {
  readonly isKeeping?: boolean;
  readonly isSeen?: boolean;
  readonly isFirstUse?: boolean;
}

/** The tasks and links of a class that ends on time, before anything is placed. */
export interface ClassTasks {
  readonly tasks: readonly PlanTask[];
  readonly links: readonly PlanLink[];
  /** Tools that go round between dishes. */
  readonly resources: readonly ScheduleResource[];
}

/** A dish as the clock sees it, and how much of it is made where. */
export interface DishOnClock {
  readonly timed: TimedDish;
  readonly portions: DishPortions;
  /** The work of the steps whose minutes follow it. */
  readonly work?: WorkBySteps;
}

export interface TaskInput {
  readonly facts: ClassFacts;
  readonly kitchen: KitchenFacts;
  readonly stations: StationPlan;
  readonly dishes: readonly DishOnClock[];
  readonly decisions: TimelineDecisions;
  /** Steps that may be done before class and that the planner gives to the students. */
  readonly leftToStudents?: ReadonlySet<StepKey>;
  /** Steps meant for the class that staff prepare, as they would not fit. */
  readonly leftToStaff?: ReadonlySet<StepKey>;
  /** What the class is shown; by itself where absent. */
  readonly shows?: Shows;
  /** Soaks are drained when they are over, and what was soaked waits in the cold for what comes next. */
  readonly isDrained?: boolean;
}

export type Staff = 'you' | 'assistant';
type Hands = Staff | 'stations';

/** Where and how a step is done: whose hands, how much each has, at how many places, in how many rounds. */
export interface StepPlace {
  readonly where: Hands;
  /** Batches for each pair of hands. */
  readonly factor: number;
  readonly inClass: boolean;
  /** Rounds of its vessel. */
  readonly rounds: number;
  /** Minutes that a fuller pot takes longer to boil. */
  readonly heatingMinutes: number;
  /** At how many places it is done at once. */
  readonly places: number;
}

/**
 * The tasks of a step: it is shown, then done, then waits. What it waits for ties to the first, what waits
 * for it to the last.
 */
export interface StepTasks {
  readonly shown: string | null;
  readonly hands: string;
  readonly last: string;
  /** How long its result is good; null for no limit that matters. */
  readonly keeps: number | null;
  readonly waitsInClass: boolean;
}

/** A step on its way to being tasks. */
export interface StepToPlan {
  readonly dish: TimedDish;
  readonly step: RecipeStep;
  readonly place: StepPlace;
  readonly ofSwap: boolean;
}
