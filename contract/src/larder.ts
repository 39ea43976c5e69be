import {
  ArrayMaxSize,
  IsArray,
  IsBoolean,
  IsIn,
  IsNumber,
  IsString,
  IsUUID,
  Matches,
  Max,
  Min,
} from 'class-validator';
import {
  type Allergen,
  allergens,
  eaters,
  type Eaters,
  familyNames,
  figureProblem,
  type LarderEntry,
  type LocalDate,
  type OwnIngredient,
  type Section,
  sections,
} from '@fornax/core';
import { AmountDto } from './recipes.js';
import { IsFigures, IsLocalDate, larderId } from './rules.js';
import { IsPart, Length, MaxLength, MayBeAbsent, MayBeNull } from './shapes.js';

/** The frame of an ingredient that is a kitchen's own. */
export class OwnIngredientDto implements OwnIngredient {
  @IsString() @Length(1, 60, { message: 'Name the ingredient, in up to 60 characters.' }) name: string;
  @IsIn(sections, { message: 'Choose a shop section.' }) section: Section;
  @IsIn(['g', 'ml', 'piece'], { message: 'It is bought by weight, by volume or by the piece.' })
  shoppingUnit: 'g' | 'ml' | 'piece';
  @IsNumber({}, { message: 'Write how much a pack holds.' })
  @Min(0.1, { message: 'A pack holds more than nothing.' })
  @Max(100_000, { message: 'A pack holds at most 100 000.' })
  packSize: number;
  @IsString() @MaxLength(30, { message: 'Keep the pack’s name under 30 characters.' }) packName: string;
  @IsArray()
  @ArrayMaxSize(30)
  @IsIn(allergens, { each: true, message: 'Choose allergens from the list.' })
  allergens: Allergen[];
  @MayBeAbsent() @IsBoolean({ message: 'Allergens are known or not.' }) allergensNotKnown?: boolean;
  @MayBeAbsent() @IsIn(eaters, { message: 'Choose who eats it.' }) eatenBy?: Eaters;
  @MayBeAbsent() @IsBoolean({ message: 'It is raw meat, fish or shellfish, or not.' }) rawProtein?: boolean;
  @MayBeAbsent()
  @IsArray()
  @ArrayMaxSize(20, { message: 'Choose at most 20 of what it is.' })
  @IsIn(familyNames, { each: true, message: 'Choose what it is from the list.' })
  families?: readonly string[];
}

/** What a kitchen says of one ingredient. */
export class LarderEntryDto {
  @IsFigures(figureProblem) figures: Record<string, number>;
  @MayBeNull() @IsPart(() => OwnIngredientDto) own: OwnIngredientDto | null;
  /** What the kitchen calls it besides. */
  @MayBeAbsent()
  @IsArray()
  @ArrayMaxSize(100, { message: 'An ingredient has at most 100 names.' })
  @IsString({ each: true })
  @Length(1, 200, { each: true, message: 'Keep a name under 200 characters.' })
  called?: string[];
  /** What the label of its pack warns of. */
  @MayBeAbsent()
  @IsArray()
  @IsIn(allergens, { each: true, message: 'Choose allergens from the list.' })
  mayContain?: readonly Allergen[];
}

export interface LarderEntryView extends LarderEntry {
  readonly revision: number;
}

/** Something in the cupboard, with its date. */
export class StockDto {
  @IsUUID(undefined, { message: 'This row has no valid id.' }) id: string;
  @Matches(larderId, { message: 'Choose an ingredient from the larder.' }) ingredient: string;
  @IsPart(() => AmountDto) amount: AmountDto;
  @IsString() @MaxLength(40, { message: 'Keep the state under 40 characters.' }) state: string;
  @MayBeNull() @IsLocalDate() useBy: LocalDate | null;
  @IsString() @MaxLength(120, { message: 'Keep the note under 120 characters.' }) note: string;
}

export interface StockView extends StockDto {
  readonly revision: number;
}
