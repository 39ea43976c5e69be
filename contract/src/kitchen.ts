import {
  ArrayMaxSize,
  IsArray,
  IsBoolean,
  IsIn,
  IsInt,
  IsNumber,
  IsString,
  Matches,
  Max,
  Min,
} from 'class-validator';
import {
  type KitchenAppliance,
  type KitchenFacts,
  type LineKind,
  type MeasureSystem,
  measureSystems,
  type Measuring,
  measurings,
  type English,
  englishes,
  type Hemisphere,
  hemispheres,
  type Appliance,
  appliances,
  allergenLists,
  type MeasuringSet,
  type Rational,
  type SafetyFigures,
  type SafetyProfile,
  type SafetyStyle,
  safetyStyles,
  schoolFigureProblem,
  type Section,
  sections,
  type StaffMember,
  type Supplier,
  type Vessel,
  type VesselKind,
  vesselKinds,
} from '@fornax/core';
import { IsFigures, IsTimeZone, limits } from './rules.js';
import { IsPart, IsParts, Length, MaxLength, MayBeAbsent, MayBeAbsentOrNull } from './shapes.js';

const most = (count: number, what: string) => ({ message: `At most ${count} ${what}.` });
const whole = (what: string) => ({ message: `Write ${what} as a whole number.` });
const time = /^([01]\d|2[0-3]):[0-5]\d$/;
const teaspoonParts = ['1/8', '1/4', '1/2', '3/4', '1'];
const cupParts = ['1/4', '1/3', '1/2', '2/3', '3/4', '1'];

export class ApplianceDto implements KitchenAppliance {
  @IsIn(appliances, { message: 'Choose an appliance.' })
  appliance: Appliance;
  @IsInt(whole('places'))
  @Min(0, { message: 'An appliance has 0 places or more.' })
  @Max(200, most(200, 'places'))
  capacity: number;
  @IsInt(whole('minutes'))
  @Min(0, { message: 'Heating takes 0 minutes or more.' })
  @Max(180, { message: 'Heating takes at most 180 minutes.' })
  heatMinutes: number;
  @IsString() @MaxLength(80, { message: 'Keep the settings under 80 characters.' }) settings: string;
}

export class ToolCountDto {
  @IsString() @Length(1, 60, { message: 'Name the tool, in up to 60 characters.' }) tool: string;
  @IsInt(whole('the count'))
  @Min(0, { message: 'A count is 0 or more.' })
  @Max(1000, most(1000, 'of a tool'))
  count: number;
}

/** A vessel holds by volume or by area, and more than nothing. */
export class VesselDto implements Vessel {
  @IsString() @Length(1, 60, { message: 'Name the vessel, in up to 60 characters.' }) name: string;
  @IsIn(vesselKinds, { message: 'Choose what kind of vessel it is.' }) kind: VesselKind;
  @IsNumber({}, { message: 'Write how many millilitres it holds.' })
  @Min(0, { message: 'A vessel holds no less than nothing.' })
  @Max(200_000, { message: 'A vessel holds at most 200 litres.' })
  millilitres: number;
  @IsNumber({}, { message: 'Write its area in square centimetres.' })
  @Min(0, { message: 'An area is no less than nothing.' })
  @Max(20_000, { message: 'An area is at most 20 000 cm².' })
  squareCentimetres: number;
  @IsInt(whole('the count'))
  @Min(0, { message: 'A count is 0 or more.' })
  @Max(1000, most(1000, 'of a vessel'))
  count: number;
}

export class MeasuringSetDto implements MeasuringSet {
  @IsArray()
  @IsIn(teaspoonParts, { each: true, message: 'Choose from ⅛, ¼, ½, ¾ and 1 teaspoon.' })
  teaspoons: readonly Rational[];
  @IsBoolean() tablespoon: boolean;
  @IsArray()
  @IsIn(cupParts, { each: true, message: 'Choose from ¼, ⅓, ½, ⅔, ¾ and 1 cup.' })
  cups: readonly Rational[];
}

export class MeasureByDto implements Record<LineKind, Measuring> {
  @IsIn(measurings) liquid: Measuring;
  @IsIn(measurings) spice: Measuring;
  @IsIn(measurings) food: Measuring;
}

export class SupplierDto implements Supplier {
  @IsString() @Length(1, 60, { message: 'Name the supplier, in up to 60 characters.' }) name: string;
  @IsArray()
  @IsIn(sections, { each: true, message: 'Choose shop sections from the list.' })
  sections: readonly Section[];
  @IsArray()
  @ArrayMaxSize(7)
  @IsInt({ each: true })
  @Min(0, { each: true })
  @Max(6, { each: true })
  days: readonly number[];
  @MayBeAbsent()
  @IsInt(whole('minutes'))
  @Min(0, { message: 'A trip takes 0 minutes or more.' })
  @Max(600, { message: 'A trip takes at most 600 minutes.' })
  tripMinutes?: number;
}

export class StaffDto implements StaffMember {
  @IsString() @Length(1, 80, { message: 'Write a name, in up to 80 characters.' }) name: string;
  @IsString() @MaxLength(80, { message: 'Keep the role under 80 characters.' }) role: string;
}

export class BenchesDto {
  @IsInt(whole('benches'))
  @Min(1, { message: 'A kitchen has at least one bench.' })
  @Max(200, most(200, 'benches'))
  count: number;
  @IsInt(whole('people'))
  @Min(limits.peoplePerStation.least, { message: 'A bench has room for at least one.' })
  @Max(limits.peoplePerStation.most, most(limits.peoplePerStation.most, 'people at a bench'))
  peopleEach: number;
}

const celsius = { message: 'Write a temperature from 0 to 100 °C.' };
const spell = { message: 'Write whole minutes, from 1 to 1440.' };

/** The kitchen's own figures in place of the usual ones; what is not named keeps the usual one. */
export class OwnSafetyDto implements Partial<SafetyFigures> {
  @MayBeAbsentOrNull() @IsInt(celsius) @Min(0, celsius) @Max(100, celsius) coldCelsius?: number | null;
  @MayBeAbsentOrNull() @IsInt(celsius) @Min(0, celsius) @Max(100, celsius) hotCelsius?: number | null;
  @MayBeAbsentOrNull() @IsInt(spell) @Min(1, spell) @Max(1440, spell) coldOutMinutes?: number | null;
  @MayBeAbsentOrNull() @IsInt(spell) @Min(1, spell) @Max(1440, spell) hotOutMinutes?: number | null;
  @MayBeAbsentOrNull() @IsInt(spell) @Min(1, spell) @Max(1440, spell) chillWithinMinutes?: number | null;
  @MayBeAbsentOrNull() @IsInt(celsius) @Min(0, celsius) @Max(100, celsius) roomCelsius?: number | null;
  @MayBeAbsentOrNull() @IsInt(celsius) @Min(0, celsius) @Max(100, celsius) reheatCelsius?: number | null;
  @MayBeAbsentOrNull() @IsInt(spell) @Min(1, spell) @Max(1440, spell) coldThroughMinutes?: number | null;
  @MayBeAbsentOrNull() @IsInt(spell) @Min(1, spell) @Max(1440, spell) beansBoilMinutes?: number | null;
}

export class SafetyProfileDto implements SafetyProfile {
  @IsIn(safetyStyles, { message: 'Choose whose advice is followed.' }) style: SafetyStyle;
  @IsPart(() => OwnSafetyDto) own: OwnSafetyDto;
  @MayBeAbsent()
  @IsString()
  @MaxLength(60, { message: 'Name the country in up to 60 characters.' })
  country?: string;
}

/** What can be changed of a kitchen; every field may stand alone. */
export class UpdateKitchenDto implements Partial<Omit<KitchenFacts, 'larder'>> {
  @MayBeAbsent()
  @IsString()
  @Length(1, 120, { message: 'Give the kitchen a name of up to 120 characters.' })
  name?: string;
  @MayBeAbsent() @IsIn(englishes, { message: 'Choose UK or US words.' }) english?: English;
  @MayBeAbsent() @IsIn(measureSystems, { message: 'Choose a set of measures.' }) system?: MeasureSystem;
  @MayBeAbsent() @IsTimeZone() zone?: string;
  @MayBeAbsent() @Matches(time, { message: 'Write a time such as 08:00.' }) opens?: string;
  @MayBeAbsent() @Matches(time, { message: 'Write a time such as 22:00.' }) closes?: string;
  @MayBeAbsent() @Matches(time, { message: 'Write a time such as 09:00.' }) worksFrom?: string;
  @MayBeAbsent() @Matches(time, { message: 'Write a time such as 18:00.' }) worksTo?: string;
  @MayBeAbsent()
  @IsInt(whole('days'))
  @Min(1, { message: 'People are kept for a day at the least.' })
  @Max(3650, most(3650, 'days'))
  forgetPeopleAfterDays?: number;
  @MayBeAbsent()
  @IsArray()
  @ArrayMaxSize(7)
  @IsInt({ each: true })
  @Min(0, { each: true })
  @Max(6, { each: true })
  closedDays?: readonly number[];
  @MayBeAbsent() @IsPart(() => BenchesDto) benches?: BenchesDto;
  @MayBeAbsent()
  @IsArray()
  @ArrayMaxSize(20, most(20, 'appliances'))
  @IsParts(() => ApplianceDto)
  appliances?: readonly ApplianceDto[];
  @MayBeAbsent()
  @IsArray()
  @ArrayMaxSize(300, most(300, 'tools'))
  @IsParts(() => ToolCountDto)
  tools?: readonly ToolCountDto[];
  @MayBeAbsent()
  @IsArray()
  @ArrayMaxSize(200, most(200, 'vessels'))
  @IsParts(() => VesselDto)
  vessels?: readonly VesselDto[];
  @MayBeAbsent() @IsPart(() => MeasuringSetDto) measuringSet?: MeasuringSetDto;
  @MayBeAbsent() @IsPart(() => MeasureByDto) measureBy?: MeasureByDto;
  @MayBeAbsent()
  @IsArray()
  @ArrayMaxSize(30, most(30, 'suppliers'))
  @IsParts(() => SupplierDto)
  suppliers?: readonly SupplierDto[];
  @MayBeAbsent()
  @IsArray()
  @ArrayMaxSize(60, most(60, 'people'))
  @IsParts(() => StaffDto)
  staff?: readonly StaffDto[];
  @MayBeAbsent()
  @Matches(/^[A-Z]{3}$/, { message: 'Write the currency as three letters, such as GBP.' })
  currency?: string;
  @MayBeAbsent()
  @IsIn(allergenLists, { message: 'Choose a list of allergens.' })
  allergenList?: KitchenFacts['allergenList'];
  @MayBeAbsent() @IsPart(() => SafetyProfileDto) safety?: SafetyProfileDto;
  @MayBeAbsent() @IsFigures(schoolFigureProblem) schools?: Record<string, number>;
  @MayBeAbsent() @IsIn(hemispheres, { message: 'Choose a half of the earth.' }) hemisphere?: Hemisphere;
}

/** A kitchen with its revision. */
export interface KitchenView extends KitchenFacts {
  readonly revision: number;
}
