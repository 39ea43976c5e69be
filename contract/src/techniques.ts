import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsIn,
  IsInt,
  IsNumber,
  IsString,
  Matches,
  Max,
  Min,
} from 'class-validator';
import {
  longestShow,
  type RateUnit,
  rateUnits,
  techniqueGroups,
  type TechniqueGroup,
  type TechniqueNote,
  type TechniqueRate,
} from '@fornax/core';
import { larderId, limits } from './rules.js';
import { IsParts, Length, MaxLength, MayBeAbsent } from './shapes.js';

const long = { message: `Keep each part under ${limits.textLength} characters.` };

export class GoesWrongDto {
  @IsString() @MaxLength(limits.textLength, long) wrong: string;
  @IsString() @MaxLength(limits.textLength, long) mend: string;
}

export class TechniqueRateDto implements TechniqueRate {
  @IsString() @MaxLength(60, { message: 'Keep the name of the food under 60 characters.' }) food: string;
  @IsNumber({}, { message: 'Write minutes as a number.' })
  @Min(0, { message: 'Minutes are 0 or more.' })
  @Max(240, { message: 'A rate is at most 240 minutes.' })
  minutes: number;
  @IsIn(rateUnits, { message: 'Count minutes by the piece, 100 g, bunch, clove, stalk, tin or batch.' })
  per: RateUnit;
}

/** A technique note as it is written. Its texts are Markdown. */
export class TechniqueNoteDto implements TechniqueNote {
  @Matches(larderId, { message: 'This note has no valid id.' }) id: string;
  @IsString() @Length(1, 80, { message: 'Name the technique, in up to 80 characters.' }) title: string;
  @IsIn(techniqueGroups, { message: 'Choose a group.' }) group: TechniqueGroup;
  @IsString() @Length(1, limits.textLength, { message: 'Say why it is done.' }) why: string;
  @IsArray()
  @ArrayMinSize(1, { message: 'Say how it is done, in at least one step.' })
  @ArrayMaxSize(20, { message: 'A technique has at most 20 steps.' })
  @IsString({ each: true })
  @MaxLength(limits.textLength, { ...long, each: true })
  how: string[];
  @IsString() @MaxLength(limits.textLength, long) lookFor: string;
  @IsArray()
  @ArrayMaxSize(20, { message: 'List at most 20 things that go wrong.' })
  @IsParts(() => GoesWrongDto)
  goesWrong: GoesWrongDto[];
  @IsString() @MaxLength(limits.textLength, long) caution: string;
  @IsString() @MaxLength(limits.textLength, long) anotherWay: string;
  @IsInt({ message: 'Write minutes as a whole number.' })
  @Min(0, { message: 'Minutes are 0 or more.' })
  @Max(240, { message: 'A technique takes at most 240 minutes.' })
  beginnerMinutes: number;
  @IsString() @MaxLength(60, { message: 'Keep the unit under 60 characters.' }) beginnerPer: string;
  @MayBeAbsent()
  @IsArray()
  @ArrayMaxSize(60, { message: 'A technique has at most 60 rates.' })
  @IsParts(() => TechniqueRateDto)
  rates?: TechniqueRateDto[];
  @MayBeAbsent()
  @IsInt({ message: 'Write the minutes for which it is shown as a whole number.' })
  @Min(0, { message: 'A technique is shown for 0 minutes or more.' })
  @Max(longestShow, { message: `A technique is shown for at most ${longestShow} minutes.` })
  shownMinutes?: number;
}

export interface TechniqueView extends TechniqueNote {
  readonly revision: number;
  /** Recipes with a step that this note is attached to. */
  readonly usedBy: readonly { readonly id: string; readonly title: string }[];
}
