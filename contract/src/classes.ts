import { ArrayMaxSize, IsArray, IsBoolean, IsIn, IsInt, IsString, IsUUID, Max, Min } from 'class-validator';
import { type LocalDateTime, type Maker, makers, type Portion, portions } from '@fornax/core';
import { ClassDecisionsDto, DishMakingDto } from './decisions.js';
import { PersonDto } from './people.js';
import { IsChoices, IsLocalDateTime, IsTimeZone, limits } from './rules.js';
import { HasOwnIds, IsPart, IsParts, Length, MaxLength, MayBeAbsent } from './shapes.js';

const between = (what: string, { least, most }: { least: number; most: number }) => ({
  message: `${what} ${least} to ${most}.`,
});
const peopleSentence = between('A class has', { ...limits.people }).message.replace(/\.$/, ' people.');
const stationSentence = between('A station holds', { ...limits.peoplePerStation }).message.replace(
  /\.$/,
  ' people.',
);

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

  @MayBeAbsent()
  @IsChoices()
  choices?: Record<string, string>;

  @MayBeAbsent()
  @IsPart(() => DishMakingDto)
  making?: DishMakingDto;

  @MayBeAbsent()
  @IsBoolean()
  useNewest?: boolean;
}

const titleSentence = { message: `Give the class a title of up to ${limits.titleLength} characters.` };

class OptionalClassFields {
  @MayBeAbsent()
  @IsTimeZone()
  zone?: string;

  @MayBeAbsent()
  @IsInt({ message: 'Write the length in whole minutes.' })
  @Min(limits.lengthMinutes.least, {
    message: `A class ends at least ${limits.lengthMinutes.least} minutes after it starts.`,
  })
  @Max(limits.lengthMinutes.most, {
    message: `A class lasts at most ${limits.lengthMinutes.most / 60} hours.`,
  })
  lengthMinutes?: number;

  @MayBeAbsent()
  @IsString()
  @MaxLength(120, { message: 'Keep the place under 120 characters.' })
  place?: string;

  @MayBeAbsent()
  @IsInt({ message: 'Write people as a whole number.' })
  @Min(limits.people.least, { message: peopleSentence })
  @Max(limits.people.most, { message: peopleSentence })
  people?: number;

  @MayBeAbsent()
  @IsInt({ message: 'Write people per station as a whole number.' })
  @Min(limits.peoplePerStation.least, { message: stationSentence })
  @Max(limits.peoplePerStation.most, { message: stationSentence })
  peoplePerStation?: number;

  @MayBeAbsent()
  @IsInt({ message: 'Write assistants as a whole number.' })
  @Min(0, { message: 'There is one assistant or none.' })
  @Max(1, { message: 'There is one assistant or none.' })
  assistants?: number;

  @MayBeAbsent()
  @IsInt({ message: 'Write plates as a whole number.' })
  @Min(limits.demonstrationPlates.least, between('The demonstration feeds', limits.demonstrationPlates))
  @Max(limits.demonstrationPlates.most, between('The demonstration feeds', limits.demonstrationPlates))
  demonstrationPlates?: number;

  @MayBeAbsent()
  @IsArray()
  @ArrayMaxSize(limits.dishes, { message: `A class has at most ${limits.dishes} dishes.` })
  @HasOwnIds('Two dishes have one id.')
  @IsParts(() => ClassDishDto)
  dishes?: ClassDishDto[];

  @MayBeAbsent()
  @IsPart(() => ClassDecisionsDto)
  decisions?: ClassDecisionsDto;

  @MayBeAbsent()
  @IsArray()
  @ArrayMaxSize(limits.people.most, { message: `A class has at most ${limits.people.most} people.` })
  @HasOwnIds('Two people have one id.')
  @IsParts(() => PersonDto)
  roster?: readonly PersonDto[];
}

/** What can be changed of a class; every field may stand alone. */
export class UpdateClassDto extends OptionalClassFields {
  @MayBeAbsent()
  @IsString()
  @Length(1, limits.titleLength, titleSentence)
  title?: string;

  @MayBeAbsent()
  @IsLocalDateTime()
  startsAt?: LocalDateTime;
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
  startsAt: LocalDateTime;
}
