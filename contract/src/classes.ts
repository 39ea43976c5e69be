import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  IsArray,
  IsBoolean,
  IsIn,
  IsInt,
  IsNumber,
  IsOptional,
  IsString,
  IsUUID,
  Length,
  Matches,
  Max,
  MaxLength,
  Min,
  ValidateNested,
} from 'class-validator';
import {
  makers,
  portions,
  type ClassDecisions,
  type ClassFacts,
  type ClassPlan,
  type DishMaking,
  type KitchenFacts,
  type KitDecision,
  type Maker,
  type OwnSet,
  type Portion,
  type Recipe,
} from '@fornax/core';
import { larderId } from './larder.js';
import {
  IsLarderIds,
  IsPackKeys,
  IsPins,
  IsShares,
  IsStepChoices,
  IsChoices,
  IsLocalDateTime,
  IsTimeZone,
  limits,
} from './rules.js';

const shortId = /^[a-z0-9-]{1,40}$/i;
const between = (what: string, { least, most }: { least: number; most: number }) => ({
  message: `${what} ${least} to ${most}.`,
});
const peopleSentence = between('A class has', { ...limits.people }).message.replace(/\.$/, ' people.');
const stationSentence = between('A station holds', { ...limits.peoplePerStation }).message.replace(
  /\.$/,
  ' people.',
);

/** How a dish is shared out beyond who makes it. */
export class DishMakingDto implements DishMaking {
  @IsOptional()
  @IsArray()
  @ArrayMaxSize(limits.people.most)
  @IsInt({ each: true })
  @Min(1, { each: true, message: 'Stations are numbered from 1.' })
  @Max(limits.people.most, { each: true })
  stations?: readonly number[];
  @IsOptional() @IsBoolean() shareBatch?: boolean;
  @IsOptional() @Matches(shortId, { message: 'Choose one of the choices of the recipe.' }) flight?:
    string | null;
  @IsOptional() @IsArray() @ArrayMaxSize(20) @Matches(shortId, { each: true }) once?: readonly string[];
  @IsOptional() @IsBoolean() spare?: boolean;
  @IsOptional() @IsBoolean() swap?: boolean;
}

/** A way out of a shortage that was taken. */
export class KitDecisionDto implements KitDecision {
  @IsString() @Length(1, 60) tool: string;
  @IsIn(['stagger', 'share', 'replace'], { message: 'Take one of the ways out.' }) kind:
    'stagger' | 'share' | 'replace';
  @IsOptional() @IsInt() @Min(1) @Max(limits.people.most) atOnce?: number;
  @IsOptional() @IsString() @Length(1, 60) by?: string;
}

export class OwnSetDto implements OwnSet {
  @IsInt({ message: 'Choose a station.' }) @Min(1) @Max(limits.people.most) station: number;
  @IsString()
  @Length(1, 60, { message: 'Say what it is kept free of, in up to 60 characters.' })
  without: string;
}

/** What the instructor decided about the lists of a class. */
export class ClassDecisionsDto implements ClassDecisions {
  @IsLarderIds() substitutes: Record<string, string>;
  @IsArray() @ArrayMaxSize(200) @Matches(larderId, { each: true }) skipped: readonly string[];
  @IsPackKeys() packs: Record<string, string>;
  @IsShares() madeDo: Record<string, string>;
  @IsNumber({}, { message: 'Write the spare as a number.' })
  @Min(limits.sparePercent.least, { message: 'A spare is 0 % or more.' })
  @Max(limits.sparePercent.most, { message: `A spare is ${limits.sparePercent.most} % at most.` })
  sparePercent: number;
  @IsOptional()
  @IsNumber({}, { message: 'Write the budget as a number.' })
  @Min(limits.budget.least, { message: 'A budget is 0 or more.' })
  @Max(limits.budget.most, { message: `A budget is at most ${limits.budget.most}.` })
  budget: number | null;
  @IsArray()
  @ArrayMaxSize(100, { message: 'At most 100 classes are bought for together.' })
  @IsUUID(undefined, { each: true, message: 'Choose classes of this kitchen.' })
  together: readonly string[];
  @IsArray()
  @ArrayMaxSize(60)
  @ValidateNested({ each: true })
  @Type(() => KitDecisionDto)
  kit: readonly KitDecisionDto[];
  @IsArray()
  @ArrayMaxSize(60)
  @ValidateNested({ each: true })
  @Type(() => OwnSetDto)
  ownSets: readonly OwnSetDto[];
  @IsOptional() @IsPins() pins: Record<string, number> = {};
  @IsOptional() @IsStepChoices(['you', 'assistant']) hands: Record<string, 'you' | 'assistant'> = {};
  @IsOptional() @IsStepChoices(['in class', 'before']) when: Record<string, 'in class' | 'before'> = {};
  @IsOptional()
  @IsArray()
  @ArrayMaxSize(200)
  @Length(1, 100, { each: true, message: 'Name the jobs that are left out.' })
  leftOut: readonly string[] = [];
  @IsOptional()
  @IsIn(['shortest', 'freshest'], { message: 'Choose the shortest class or the freshest food.' })
  aim: 'shortest' | 'freshest' = 'shortest';
}

/**
 * One dish on the menu. A dish that is already on it keeps the version of its recipe unless it asks for the
 * newest.
 */
export class ClassDishDto {
  @IsUUID(undefined, { message: 'This dish has no valid id.' })
  id: string;

  @IsUUID(undefined, { message: 'Choose a recipe from the library.' })
  recipeId: string;

  @IsIn(portions, { message: 'A portion is a taste, a side or a main.' })
  portion: Portion;

  @IsIn(makers, { message: 'Choose who makes the dish: every station, demonstration, or made ahead.' })
  maker: Maker;

  @IsOptional()
  @IsChoices()
  choices?: Record<string, string>;

  @IsOptional()
  @ValidateNested()
  @Type(() => DishMakingDto)
  making?: DishMakingDto;

  @IsOptional()
  @IsBoolean()
  useNewest?: boolean;
}

const titleSentence = { message: `Give the class a title of up to ${limits.titleLength} characters.` };

class OptionalClassFields {
  @IsOptional()
  @IsTimeZone()
  zone?: string;

  @IsOptional()
  @IsInt({ message: 'Write the length in whole minutes.' })
  @Min(limits.lengthMinutes.least, {
    message: `A class ends at least ${limits.lengthMinutes.least} minutes after it starts.`,
  })
  @Max(limits.lengthMinutes.most, {
    message: `A class lasts at most ${limits.lengthMinutes.most / 60} hours.`,
  })
  lengthMinutes?: number;

  @IsOptional()
  @IsString()
  @MaxLength(120, { message: 'Keep the place under 120 characters.' })
  place?: string;

  @IsOptional()
  @IsInt({ message: 'Write people as a whole number.' })
  @Min(limits.people.least, { message: peopleSentence })
  @Max(limits.people.most, { message: peopleSentence })
  people?: number;

  @IsOptional()
  @IsInt({ message: 'Write people per station as a whole number.' })
  @Min(limits.peoplePerStation.least, { message: stationSentence })
  @Max(limits.peoplePerStation.most, { message: stationSentence })
  peoplePerStation?: number;

  @IsOptional()
  @IsInt({ message: 'Write assistants as a whole number.' })
  @Min(0, { message: 'There is one assistant or none.' })
  @Max(1, { message: 'There is one assistant or none.' })
  assistants?: number;

  @IsOptional()
  @IsInt({ message: 'Write plates as a whole number.' })
  @Min(limits.demonstrationPlates.least, between('The demonstration feeds', limits.demonstrationPlates))
  @Max(limits.demonstrationPlates.most, between('The demonstration feeds', limits.demonstrationPlates))
  demonstrationPlates?: number;

  @IsOptional()
  @IsArray()
  @ArrayMaxSize(limits.dishes, { message: `A class has at most ${limits.dishes} dishes.` })
  @ValidateNested({ each: true })
  @Type(() => ClassDishDto)
  dishes?: ClassDishDto[];

  @IsOptional()
  @ValidateNested()
  @Type(() => ClassDecisionsDto)
  decisions?: ClassDecisionsDto;
}

/** What can be changed of a class; every field may stand alone. */
export class UpdateClassDto extends OptionalClassFields {
  @IsOptional()
  @IsString()
  @Length(1, limits.titleLength, titleSentence)
  title?: string;

  @IsOptional()
  @IsLocalDateTime()
  startsAt?: string;
}

/**
 * A new class. The id is made by the browser, so that a double click or a lost answer makes one class, not
 * two.
 */
export class CreateClassDto extends OptionalClassFields {
  @IsUUID(undefined, { message: 'The new class has no valid id.' })
  id: string;

  @IsString()
  @Length(1, limits.titleLength, titleSentence)
  title: string;

  @IsLocalDateTime()
  startsAt: string;
}

/** A tick on the shopping list: a row of its own. */
export class TickDto {
  @IsString()
  @Length(1, 200)
  key: string;

  @IsBoolean({ message: 'A row is ticked or not.' })
  ticked: boolean;

  /** How many, for what is counted: missing or broken. */
  @IsOptional()
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

/** A class as the list shows it. */
export interface ClassSummary {
  readonly id: string;
  readonly title: string;
  readonly startsAt: string;
  readonly zone: string;
  readonly lengthMinutes: number;
  readonly people: number;
  readonly stations: number;
  readonly courseId: string | null;
  readonly dishes: readonly string[];
  /** The next dated job that is not over; null where there is none. */
  readonly nextJob: ClassPlan['jobs'][number] | null;
  /** Open decisions: clashes and things to look at. */
  readonly toDecide: number;
}

/** A class with all that a plan is made of. */
export interface ClassView extends Omit<ClassFacts, 'dishes' | 'decisions'> {
  readonly decisions: ClassDecisions;
  readonly revision: number;
  readonly courseId: string | null;
  /** `newest` is what the recipe would give now, where that differs from the version the class stays on. */
  readonly dishes: readonly (ClassFacts['dishes'][number] & {
    readonly newestVersion: number;
    readonly draftDiffers: boolean;
    readonly newest: Recipe | null;
  })[];
  readonly kitchen: KitchenFacts;
}
