import {
  ArrayMaxSize,
  IsArray,
  IsBoolean,
  IsIn,
  IsInt,
  IsString,
  IsUUID,
  Matches,
  Max,
  Min,
} from 'class-validator';
import {
  type Age,
  ages,
  type AllergenNeed,
  type AllergenNeedOf,
  allergenNeeds,
  type Heat,
  heats,
  type Person,
  type PersonDiet,
  personDiets,
  type StationSubstitute,
} from '@fornax/core';
import { larderId, limits } from './rules.js';
import { IsParts, Length, MaxLength, MayBeNull } from './shapes.js';

export class AllergenNeedDto implements AllergenNeed {
  @IsIn(allergenNeeds, { message: 'Choose an allergen from the list.' }) what: AllergenNeedOf;
  @IsBoolean() traces: boolean;
}

const words = { each: true, message: 'Write each in up to 60 characters.' };

/** Somebody who comes to a class. Seen by this kitchen's staff alone. */
export class PersonDto implements Person {
  @IsUUID(undefined, { message: 'This person has no valid id.' }) id: string;
  @IsString() @Length(1, 80, { message: 'Write a name, in up to 80 characters.' }) name: string;
  @MayBeNull()
  @IsInt({ message: 'Choose a station.' })
  @Min(1, { message: 'Stations are numbered from 1.' })
  @Max(limits.people.most)
  station: number | null;
  @IsArray() @ArrayMaxSize(30) @IsParts(() => AllergenNeedDto) allergens: readonly AllergenNeedDto[];
  @IsArray()
  @ArrayMaxSize(20)
  @IsString({ each: true })
  @Length(1, 60, words)
  sensitivities: readonly string[];
  @IsArray()
  @IsIn(personDiets, { each: true, message: 'Choose diets from the list.' })
  diets: readonly PersonDiet[];
  @IsArray() @ArrayMaxSize(20) @IsString({ each: true }) @Length(1, 60, words) dislikes: readonly string[];
  @MayBeNull() @IsIn(heats, { message: 'Choose how hot they eat.' }) heat: Heat | null;
  @IsIn(ages, { message: 'Choose an age group.' }) age: Age;
  @IsBoolean() pregnant: boolean;
  @IsBoolean() leftHanded: boolean;
  @IsString() @MaxLength(120, { message: 'Keep it under 120 characters.' }) reach: string;
  @IsBoolean() experienced: boolean;
  @IsArray() @ArrayMaxSize(20) @IsUUID(undefined, { each: true }) friends: readonly string[];
  @IsString() @MaxLength(400, { message: 'Keep the notes under 400 characters.' }) notes: string;
}

/** What a station takes in place of something; null where it leaves that out. */
export class StationSubstituteDto implements StationSubstitute {
  @IsInt({ message: 'Choose a station.' })
  @Min(1, { message: 'Stations are numbered from 1.' })
  @Max(limits.people.most)
  station: number;
  @Matches(larderId, { message: 'Choose an ingredient from the larder.' }) missing: string;
  @MayBeNull() @Matches(larderId, { message: 'Choose an ingredient from the larder.' }) taken: string | null;
}

/** Whose name and needs are erased from every class of the kitchen. */
export class ErasePersonDto {
  @IsString() @Length(1, 80, { message: 'Write the name that is to be erased.' }) name: string;
}

/** People of the class before, as they were there. */
export interface LastPeople {
  readonly classTitle: string;
  readonly roster: readonly Person[];
}

/** How much was erased. */
export interface ErasedView {
  /** Local date until which the record of changes still holds it, sealed: “2026-12-14”. */
  readonly recordedUntil: string;
  readonly classes: number;
  readonly people: number;
}
