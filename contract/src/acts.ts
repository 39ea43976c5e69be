import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsIn,
  IsInt,
  IsString,
  Matches,
  Max,
  Min,
} from 'class-validator';
import { actLimits, type Appliance, appliances, type WayOfHeat, waysOfHeat } from '@fornax/core';
import { IsOrderedSpan, limits, shortId } from './rules.js';
import { all, IsPart, MaxLength, MayBeAbsent } from './shapes.js';

export class WaitDto {
  @IsInt() @Min(0) @Max(actLimits.minutes) low: number;
  @IsInt() @Min(0) @Max(actLimits.minutes) high: number;
}

/** Words of the lexicon. */
const word = /^[a-z' -]{0,40}$/;
const IsWord = () => Matches(word);
const IsWords = () => all(IsArray(), ArrayMaxSize(actLimits.names), Matches(word, { each: true }));

/** One thing that a step says is done. */
export class ActDto {
  @IsWord() verb: string;
  @IsWord() kind: string;
  @MayBeAbsent() @IsIn(waysOfHeat) way?: WayOfHeat;
  @MayBeAbsent() @IsArray() @ArrayMaxSize(actLimits.names) @Matches(shortId, { each: true }) foods?: string[];
  @MayBeAbsent() @IsWords() things?: string[];
  @MayBeAbsent() @IsWords() vessels?: string[];
  @MayBeAbsent() @IsWords() states?: string[];
  @MayBeAbsent() @IsWords() places?: string[];
  @MayBeAbsent() @IsIn(appliances) appliance?: Appliance;
  @MayBeAbsent() @IsString() @MaxLength(actLimits.heat) heat?: string;
  @MayBeAbsent() @IsOrderedSpan() @IsPart(() => WaitDto) minutes?: WaitDto;
  @MayBeAbsent() @IsInt() @Min(1) @Max(actLimits.keeps) keeps?: number;
  @MayBeAbsent() @IsString() @MaxLength(actLimits.until) until?: string;
  @IsArray()
  @ArrayMinSize(2)
  @ArrayMaxSize(2)
  @IsInt({ each: true })
  @Min(0, { each: true })
  @Max(limits.textLength, { each: true })
  words: [from: number, to: number];
}
