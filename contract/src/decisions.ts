import {
  ArrayMaxSize,
  IsArray,
  IsBoolean,
  IsIn,
  IsInt,
  IsNumber,
  IsString,
  IsUUID,
  Matches,
  Max,
  Min,
} from 'class-validator';
import {
  type ClassDecisions,
  type DishMaking,
  type KitDecision,
  type KitRemedy,
  kitRemedies,
  longWaitRemedies,
  type LongWaitRemedy,
  type LineKey,
  type OnTheDay,
  type OwnSet,
  type Rational,
  type StepKey,
  type TechniqueLevel,
  techniqueLevels,
} from '@fornax/core';
import { StationSubstituteDto } from './people.js';
import {
  IsAlternatives,
  IsLarderIds,
  IsNotes,
  IsPackKeys,
  IsOnTheDay,
  IsPins,
  IsShares,
  IsShownMinutes,
  IsShownWith,
  IsStepChoices,
  larderId,
  limits,
  shortId,
} from './rules.js';
import { IsParts, Length, MayBeAbsent, MayBeAbsentOrNull, MayBeNull } from './shapes.js';

/** How a dish is shared out beyond who makes it. */
export class DishMakingDto implements DishMaking {
  @MayBeAbsent()
  @IsArray()
  @ArrayMaxSize(limits.people.most)
  @IsInt({ each: true })
  @Min(1, { each: true, message: 'Stations are numbered from 1.' })
  @Max(limits.people.most, { each: true })
  stations?: readonly number[];
  @MayBeAbsent() @IsBoolean() shareBatch?: boolean;
  @MayBeAbsentOrNull() @Matches(shortId, { message: 'Choose one of the choices of the recipe.' }) flight?:
    string | null;
  @MayBeAbsent() @IsArray() @ArrayMaxSize(20) @Matches(shortId, { each: true }) once?: readonly string[];
  @MayBeAbsent() @IsIn(['open', 'blind'], { message: 'Choose open or blind.' }) tasting?: 'open' | 'blind';
  @MayBeAbsent() @IsBoolean() spare?: boolean;
  @MayBeAbsent() @IsBoolean() swap?: boolean;
  @MayBeAbsent()
  @IsIn(longWaitRemedies, { message: 'Choose what is done about the long wait.' })
  longWait?: LongWaitRemedy;
  @MayBeAbsent()
  @IsArray()
  @ArrayMaxSize(200)
  @IsParts(() => StationSubstituteDto)
  forStations?: readonly StationSubstituteDto[];
}

/** A way out of a shortage that was taken. */
export class KitDecisionDto implements KitDecision {
  @IsString() @Length(1, 60) tool: string;
  @IsIn(kitRemedies, { message: 'Take one of the ways out.' }) kind: KitRemedy;
  @MayBeAbsent() @IsInt() @Min(1) @Max(limits.people.most) atOnce?: number;
  @MayBeAbsent() @IsString() @Length(1, 60) by?: string;
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
  @MayBeAbsent() @IsNotes() noted: Record<string, string> = {};
  @MayBeAbsent() @IsAlternatives() alternatives: Record<LineKey, string> = {};
  @IsArray() @ArrayMaxSize(200) @Matches(larderId, { each: true }) skipped: readonly string[];
  @IsPackKeys() packs: Record<string, string>;
  @IsShares() madeDo: Record<string, Rational>;
  @IsNumber({}, { message: 'Write the spare as a number.' })
  @Min(limits.sparePercent.least, { message: 'A spare is 0 % or more.' })
  @Max(limits.sparePercent.most, { message: `A spare is ${limits.sparePercent.most} % at most.` })
  sparePercent: number;
  @MayBeNull()
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
  @IsParts(() => KitDecisionDto)
  kit: readonly KitDecisionDto[];
  @IsArray()
  @ArrayMaxSize(60)
  @IsParts(() => OwnSetDto)
  ownSets: readonly OwnSetDto[];
  @MayBeAbsent() @IsBoolean() needsOnCards: boolean = false;
  @MayBeAbsent() @IsBoolean() needsOffCards: boolean = false;
  @MayBeAbsent() @IsOnTheDay() onTheDay: OnTheDay = {};
  @MayBeAbsent() @IsPins() pins: Record<string, number> = {};
  @MayBeAbsent() @IsStepChoices(['you', 'assistant']) hands: Record<string, 'you' | 'assistant'> = {};
  @MayBeAbsent() @IsStepChoices(['in class', 'before']) when: Record<StepKey, 'in class' | 'before'> = {};
  @MayBeAbsent() @IsStepChoices(techniqueLevels) levels: Record<string, TechniqueLevel> = {};
  @MayBeAbsent() @IsShownMinutes() shown: Record<StepKey, number> = {};
  @MayBeAbsent() @IsShownWith() shownWith: Record<StepKey, StepKey> = {};
  @MayBeAbsent()
  @IsArray()
  @ArrayMaxSize(200)
  @Length(1, 100, { each: true, message: 'Name the jobs that are left out.' })
  leftOut: readonly StepKey[] = [];
  @MayBeAbsent()
  @IsIn(['shortest', 'freshest'], { message: 'Choose the shortest class or the freshest food.' })
  aim: 'shortest' | 'freshest' = 'shortest';
}
