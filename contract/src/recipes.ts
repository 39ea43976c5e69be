import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
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
  actLimits,
  type Appliance,
  appliances,
  type Basis,
  bases,
  type ByProduct,
  byProducts,
  type ComponentRole,
  componentRoles,
  type DishKind,
  dishKinds,
  type Form,
  forms,
  type MeasureSystem,
  measureSystems,
  type Portion,
  portions,
  type Rational,
  type Recipe,
  type Scaling,
  scalings,
  type StepPlace,
  stepLimits,
  stepPlaces,
  type UnitId,
  unitIds,
} from '@fornax/core';
import { ActDto, WaitDto } from './acts.js';
import { IsBatches, IsInOrder, IsOrderedSpan, IsRational, limits, shortId } from './rules.js';
import {
  HasOwnIds,
  IsPart,
  IsParts,
  Length,
  MaxLength,
  MayBeAbsent,
  MayBeAbsentOrNull,
  MayBeNull,
} from './shapes.js';

const text = (most: number) => ({ message: `Keep this under ${most} characters.` });

export class EndsDto {
  @IsRational() low: Rational;
  @IsRational() high: Rational;
}

export class AmountDto extends EndsDto {
  @IsIn(unitIds, { message: 'Choose a unit from the list.' }) unit: UnitId;
}

export class KeptBackDto {
  @MayBeNull() @IsPart(() => AmountDto) amount: AmountDto | null;
  @MayBeAbsent() @IsRational() share?: Rational;
  @IsString() @MaxLength(200, text(200)) words: string;
}

export class WhenDto {
  @Matches(shortId) choice: string;
  @Matches(shortId) option: string;
}

export class RecipeLineDto {
  @Matches(shortId) id: string;
  @Matches(shortId) componentId: string;
  @IsString() @MaxLength(1000, text(1000)) text: string;
  @MayBeNull() @IsPart(() => EndsDto) amount: EndsDto | null;
  @MayBeNull() @IsIn(unitIds, { message: 'Choose a unit from the list.' }) unit: UnitId | null;
  @MayBeNull() @IsPart(() => AmountDto) pack: AmountDto | null;
  @MayBeNull() @IsPart(() => AmountDto) second: AmountDto | null;
  @MayBeNull() @IsPart(() => KeptBackDto) keptBack: KeptBackDto | null;
  @IsString() @MaxLength(400, text(400)) name: string;
  @MayBeNull() @Matches(shortId) ingredient: string | null;
  @MayBeNull() @IsIn(forms) form: Form | null;
  @IsArray() @ArrayMaxSize(20) @IsIn(forms, { each: true }) preparation: Form[];
  @IsIn(bases) basis: Basis;
  @IsString() @MaxLength(1000, text(1000)) note: string;
  @IsBoolean() optional: boolean;
  @IsBoolean() toTaste: boolean;
  @IsArray() @ArrayMaxSize(10) @MaxLength(400, { each: true }) alternatives: string[];
  @IsArray() @ArrayMaxSize(4) @IsIn(byProducts, { each: true }) byProducts: ByProduct[];
  @IsNumber() @Min(0) @Max(1) confidence: number;
  @IsString() @MaxLength(1000, text(1000)) unread: string;
  @IsIn(scalings) scaling: Scaling;
  @MayBeAbsent() @IsBoolean() corrected?: boolean;
  @MayBeAbsentOrNull() @IsPart(() => WhenDto) when?: WhenDto | null;
}

/** A component that another recipe makes, and how many batches of it. */
export class SubRecipeDto {
  @IsUUID(undefined, { message: 'Choose a recipe from the library.' }) recipeId: string;
  @IsBatches() batches: Rational;
}

export class RecipeComponentDto {
  @Matches(shortId) id: string;
  @IsString() @Length(1, 80, { message: 'Name the component, in up to 80 characters.' }) name: string;
  @IsIn(componentRoles) role: ComponentRole;
  @MayBeAbsentOrNull() @IsPart(() => SubRecipeDto) recipe?: SubRecipeDto | null;
}

export class ChoiceOptionDto {
  @Matches(shortId) id: string;
  @IsString() @Length(1, 80, { message: 'Name the way, in up to 80 characters.' }) name: string;
}

/** A school that a class chooses of. */
export class RecipeChoiceDto {
  @Matches(shortId) id: string;
  @IsString() @Length(1, 80, { message: 'Name the choice, in up to 80 characters.' }) name: string;
  @IsArray()
  @ArrayMinSize(1, { message: 'A choice has at least one way.' })
  @ArrayMaxSize(8, { message: 'A choice has at most 8 ways.' })
  @HasOwnIds('Two ways have one id.')
  @IsParts(() => ChoiceOptionDto)
  options: ChoiceOptionDto[];
  @Matches(shortId) usual: string;
}

export class OccupiesDto {
  @IsIn(appliances) appliance: Appliance;
  @IsString() @MaxLength(40) setting: string;
}

export class StepUseDto {
  @Matches(shortId) line: string;
  @IsRational() share: Rational;
}

/** What a step leaves for another to use. */
export class StepByProductDto {
  @IsString() @Length(1, 200, text(200)) text: string;
  @Matches(shortId) ingredient: string;
  @IsPart(() => AmountDto) amount: AmountDto;
}

export class RecipeStepDto {
  @Matches(shortId) id: string;
  @Matches(shortId) componentId: string;
  @IsString()
  @Length(1, limits.textLength, { message: `A step has 1 to ${limits.textLength} characters.` })
  text: string;
  @IsInt({ message: 'Write minutes as a whole number.' })
  @Min(0, { message: 'Minutes are 0 or more.' })
  @Max(1440, { message: 'A step takes at most 24 hours of work.' })
  handsOnMinutes: number;
  @MayBeNull() @IsOrderedSpan() @IsPart(() => WaitDto) waitMinutes: WaitDto | null;
  @IsString() @MaxLength(400) until: string;
  @IsIn(stepPlaces) place: StepPlace;
  @MayBeNull() @IsPart(() => OccupiesDto) occupies: OccupiesDto | null;
  @IsArray() @ArrayMaxSize(20) @IsString({ each: true }) @MaxLength(60, { each: true }) tools: string[];
  @IsArray()
  @ArrayMaxSize(limits.lines)
  @IsParts(() => StepUseDto)
  uses: StepUseDto[];
  @MayBeAbsent()
  @IsArray()
  @ArrayMaxSize(8, { message: 'A step leaves at most 8 things.' })
  @IsParts(() => StepByProductDto)
  gives?: StepByProductDto[];
  @MayBeAbsent()
  @IsArray()
  @ArrayMaxSize(40)
  @IsString({ each: true })
  @MaxLength(120, { each: true })
  declined?: string[];
  @MayBeAbsentOrNull() @IsPart(() => WhenDto) when?: WhenDto | null;
  @IsArray() @ArrayMaxSize(limits.steps) @Matches(shortId, { each: true }) after: string[];
  @MayBeNull() @IsInt() @Min(1) @Max(100_000) holdMinutes: number | null;
  @IsArray() @ArrayMaxSize(8) @Matches(shortId, { each: true }) techniques: string[];
  @IsString() @MaxLength(limits.textLength) techniqueNote: string;
  @IsInt() @Min(0) @Max(120) demonstrateMinutes: number;
  @MayBeAbsent() @IsBoolean() isWorkedOut?: boolean;
  @MayBeAbsent() @IsBoolean() isWaitEstimated?: boolean;
  @MayBeAbsent() @IsString() @MaxLength(stepLimits.proposed) proposed?: string;
  @MayBeAbsent()
  @IsArray()
  @ArrayMaxSize(actLimits.acts, { message: `A step has at most ${actLimits.acts} acts.` })
  @IsParts(() => ActDto)
  acts?: ActDto[];
  @MayBeAbsent() @IsBoolean() actsCorrected?: boolean;
}

/** A recipe's content as it is written and sent. */
export class RecipeContentDto implements Recipe {
  @IsString()
  @Length(1, limits.titleLength, {
    message: `Give the recipe a title of up to ${limits.titleLength} characters.`,
  })
  title: string;
  @IsIn(dishKinds) kind: DishKind;
  @IsInt({ message: 'Write how many it serves as a whole number.' })
  @Min(limits.serves.least, { message: `A recipe serves ${limits.serves.least} to ${limits.serves.most}.` })
  @Max(limits.serves.most, { message: `A recipe serves ${limits.serves.least} to ${limits.serves.most}.` })
  serves: number;
  @IsIn(portions) portion: Portion;
  @IsIn(measureSystems) system: MeasureSystem;
  @IsBatches() leastBatch: Rational;
  @IsString() @MaxLength(limits.textLength, text(limits.textLength)) story: string;
  @IsString() @MaxLength(400, text(400)) source: string;
  @IsString() @MaxLength(400, text(400)) credit: string;
  @IsString() @MaxLength(400, text(400)) permission: string;
  @IsString() @MaxLength(limits.textLength, text(limits.textLength)) notes: string;
  @IsArray()
  @ArrayMaxSize(8, { message: 'A recipe has at most 8 choices.' })
  @HasOwnIds('Two choices have one id.')
  @IsParts(() => RecipeChoiceDto)
  choices: RecipeChoiceDto[];
  @IsArray()
  @ArrayMaxSize(20, { message: 'A recipe has at most 20 components.' })
  @HasOwnIds('Two components have one id.')
  @IsParts(() => RecipeComponentDto)
  components: RecipeComponentDto[];
  @IsArray()
  @ArrayMaxSize(limits.lines, { message: `A recipe has at most ${limits.lines} lines.` })
  @HasOwnIds('Two lines have one id.')
  @IsParts(() => RecipeLineDto)
  lines: RecipeLineDto[];
  @IsArray()
  @ArrayMaxSize(limits.steps, { message: `A recipe has at most ${limits.steps} steps.` })
  @IsInOrder()
  @HasOwnIds('Two steps have one id.')
  @IsParts(() => RecipeStepDto)
  steps: RecipeStepDto[];
}

export class CreateRecipeDto {
  @IsUUID(undefined, { message: 'The new recipe has no valid id.' }) id: string;
  @IsPart(() => RecipeContentDto) content: RecipeContentDto;
}

export class UpdateRecipeDto {
  @IsPart(() => RecipeContentDto) content: RecipeContentDto;
}

/** Keeps the draft as a version, with a word on why. */
export class KeepVersionDto {
  @IsString() @MaxLength(200, text(200)) note: string;
}

/** Versions that are listed at once; the ones before are asked for with the number of the last. */
export const versionsAtOnce = 20;

/** Which versions of a recipe are asked for: the newest, or those before one. */
export class VersionsQuery {
  @MayBeAbsent()
  @Type(() => Number)
  @IsInt({ message: 'Ask for versions before a number.' })
  @Min(1)
  @Max(1_000_000)
  before?: number;
}
