/**
 * A scheduling problem in whole minutes of elapsed time on one axis; 0 is class start. Intervals are
 * half-open.
 */
export interface ScheduleProblem {
  readonly tasks: readonly ScheduleTask[];
  readonly links: readonly ScheduleLink[];
  readonly resources: readonly ScheduleResource[];
}

export interface ScheduleTask {
  readonly id: string;
  readonly name?: string;
  /** A task of 0 minutes occupies nothing. */
  readonly minutes: number;
  readonly demands: readonly {
    readonly resource: string;
    readonly units: number;
    readonly setting?: string;
  }[];
  /** Earliest start. */
  readonly earliest?: number;
  /** Latest end. */
  readonly latest?: number;
  readonly inClass?: boolean;
}

/** start(to) − end(from) lies in [minLag, maxLag]; either may be negative; no maxLag is no limit. */
export interface ScheduleLink {
  readonly from: string;
  readonly to: string;
  readonly minLag: number;
  readonly maxLag?: number;
  readonly weight?: number;
}

export interface ScheduleResource {
  readonly id: string;
  readonly name?: string;
  readonly capacity: number;
  /** When it can be used; absent is always, empty is never. Touching intervals are one. */
  readonly open?: readonly (readonly [number, number])[];
  /** Minutes between two different settings. */
  readonly changeoverMinutes?: number;
}

export interface ScheduleOptions {
  readonly objective: 'shortest' | 'freshest';
  readonly seed: number;
  /**
   * Effort as a number of steps (a conflict met, or a few tasks rearranged), so that every machine finds the
   * same plan.
   */
  readonly budgetSteps: number;
  readonly pinned?: Readonly<Record<string, number>>;
  /** A plan to begin from: starts stay where they can. */
  readonly standing?: Readonly<Record<string, number>>;
  /** The first valid plan will do. */
  readonly firstOnly?: boolean;
  readonly onImprove?: (starts: Readonly<Record<string, number>>) => void;
}

export type ScheduleResult =
  | {
      readonly status: 'scheduled';
      readonly starts: Readonly<Record<string, number>>;
      readonly length: number;
      readonly lowerBound?: number;
    }
  | { readonly status: 'impossible'; readonly clash: ScheduleClash; readonly sentence: string }
  | { readonly status: 'undecided'; readonly lowerBound?: number; readonly sentence: string };

export interface ScheduleClash {
  readonly tasks: readonly string[];
  /** Indexes into the problem's links. */
  readonly links: readonly number[];
  readonly resources: readonly string[];
}
