import { IsBoolean, IsInt, IsString, Matches, Max, Min } from 'class-validator';
import type {
  ClassDecisions,
  ClassFacts,
  ClassPlan,
  KitchenFacts,
  LocalDateTime,
  Person,
  Recipe,
} from '@fornax/core';
import { Length, MayBeAbsent } from './shapes.js';

/** A tick on the shopping list: a row of its own. */
export class TickDto {
  @IsString()
  @Length(1, 200)
  key: string;

  @IsBoolean({ message: 'A row is ticked or not.' })
  ticked: boolean;

  /** How many, for what is counted: missing or broken. */
  @MayBeAbsent()
  @IsInt({ message: 'Write a whole number.' })
  @Min(0, { message: 'A count is 0 or more.' })
  @Max(1000, { message: 'A count is at most 1000.' })
  count?: number;
}

export interface TickView {
  readonly key: string;
  readonly ticked: boolean;
  readonly count: number;
  readonly by: string;
  readonly at: string;
}

export interface CourseView {
  readonly id: string;
  readonly title: string;
}

/** Past classes that are listed at once, and coming ones at most. */
export const pastAtOnce = 20;
export const mostComing = 400;

/**
 * Which classes are asked for: the coming ones and the last of the past; or the past ones before a place in
 * the list ("2026-11-20T18:30,<id>"), as the answer's Link header names it; or those of a title.
 */
export class ClassesQuery {
  @MayBeAbsent()
  @Matches(/^\d{4}-\d\d-\d\dT\d\d:\d\d,[0-9a-fA-F-]{36}$/, {
    message: 'Ask for classes before a place that the list names.',
  })
  before?: string;

  @MayBeAbsent()
  @IsString()
  @Length(1, 160)
  find?: string;
}

/** A class as the list shows it. */
export interface ClassSummary {
  readonly id: string;
  readonly title: string;
  readonly startsAt: LocalDateTime;
  readonly zone: string;
  readonly lengthMinutes: number;
  readonly people: number;
  readonly stations: number;
  readonly courseId: string | null;
  readonly dishes: readonly string[];
  /** The next dated job that is not over; null where there is none. */
  readonly nextJob: ClassPlan['jobs'][number] | null;
  /** Dated jobs from now on, the soonest first, the class itself among them; as many as a list shows. */
  readonly jobs?: ClassPlan['jobs'];
  /** Open decisions: clashes and things to look at; null where its plan is not known. */
  readonly toDecide: number | null;
  /** Its plan is being worked out: what else is said of it is as it was before, if anything is. */
  readonly isBeingPlanned: boolean;
}

/** A class with all that a plan is made of. */
export interface ClassView extends Omit<ClassFacts, 'dishes' | 'decisions' | 'roster'> {
  readonly decisions: ClassDecisions;
  readonly roster: readonly Person[];
  readonly revision: number;
  readonly courseId: string | null;
  /** `newest` is what the recipe would give now, where that differs from the version the class stays on. */
  readonly dishes: readonly (ClassFacts['dishes'][number] & {
    readonly newestVersion: number;
    readonly draftDiffers: boolean;
    readonly newest: Recipe | null;
    /** Asked for and not sent yet: the class takes the newest version. */
    readonly useNewest?: boolean;
  })[];
  readonly kitchen: KitchenFacts;
}
