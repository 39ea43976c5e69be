import type { MeasureSystem, MeasuringSet } from '../amounts/index.js';
import type { KitDecisions, KitList } from '../kit/index.js';
import type { AllergenList, LarderEntry } from '../larder/index.js';
import type { ClassDish, LineKind, PortionPlan, Vessel } from '../portions/index.js';
import type { Appliance } from '../recipes/index.js';
import type { OutOfCold, SafetyProfile } from '../safety/index.js';
import type { ClassNeeds, ShoppingDecisions, ShoppingList, StockItem, Supplier } from '../shopping/index.js';
import type { Timeline, TimelineDecisions } from '../timeline/index.js';

/** What a class is, apart from its menu. */
export interface ClassFacts {
  readonly id: string;
  readonly title: string;
  /** Local wall time without a zone: "2026-11-27T18:30". */
  readonly startsAt: string;
  /** IANA zone: "Europe/London". */
  readonly zone: string;
  readonly lengthMinutes: number;
  readonly place: string;
  readonly people: number;
  readonly peoplePerStation: number;
  readonly assistants: number;
  /** People that the demonstration batch feeds; 0 for none. */
  readonly demonstrationPlates: number;
  readonly dishes: readonly ClassDish[];
  readonly decisions?: Partial<ClassDecisions>;
}

/** What the instructor decided about the lists and the times of a class. */
export interface ClassDecisions extends ShoppingDecisions, KitDecisions, TimelineDecisions {}

/** Somebody who works in the kitchen. */
export interface StaffMember {
  readonly name: string;
  readonly role: string;
}

/** What the kitchen has to work with. */
export interface KitchenFacts {
  readonly name: string;
  readonly english: 'uk' | 'us';
  readonly system: MeasureSystem;
  readonly zone: string;
  /** Opening hours on every day, local wall time. */
  readonly opens: string;
  readonly closes: string;
  /** Days of the week on which it is closed, 0 for Sunday. */
  readonly closedDays: readonly number[];
  /** Places to work at, and people at one. */
  readonly benches: { readonly count: number; readonly peopleEach: number };
  readonly appliances: readonly KitchenAppliance[];
  readonly tools: readonly { readonly tool: string; readonly count: number }[];
  readonly vessels: readonly Vessel[];
  readonly measuringSet: MeasuringSet;
  readonly measureBy: Readonly<Record<LineKind, 'spoons' | 'grams'>>;
  readonly suppliers: readonly Supplier[];
  readonly staff: readonly StaffMember[];
  /** ISO code of the kitchen's money, "GBP". The larder's own prices are in pounds and count only there. */
  readonly currency: string;
  readonly allergenList: AllergenList;
  /** Whose figures for cold and hot food are followed, and which are the kitchen's own. */
  readonly safety: SafetyProfile;
  /** Which half of the earth the seasons follow. */
  readonly hemisphere: 'north' | 'south';
  /** What the kitchen knows better than the standard larder, or adds to it. */
  readonly larder: readonly LarderEntry[];
}

/** An appliance with how many fit in or on it at once, how long it heats, and what it can be set to. */
export interface KitchenAppliance {
  readonly appliance: Appliance;
  readonly capacity: number;
  readonly heatMinutes: number;
  /** "fan, 50–250 °C"; empty where nothing is written down. */
  readonly settings: string;
}

/** Everything that a plan is made of. The same bundle gives the same plan on every machine. */
export interface ClassBundle {
  readonly class: ClassFacts;
  readonly kitchen: KitchenFacts;
  /** What is in the cupboard. */
  readonly stock?: readonly StockItem[];
  /** What other coming classes want, for left-overs. */
  readonly others?: readonly ClassNeeds[];
  /** Classes that are bought for on the same list. */
  readonly together?: readonly ClassFacts[];
  /** Local date of today; nothing can be bought before it. */
  readonly today?: string;
}

export type WarningPlace = 'people' | 'portions' | 'shopping' | 'kit' | 'timeline';

/** A check that found something: why, where, and what helps. */
export interface PlanWarning {
  readonly id: string;
  readonly place: WarningPlace;
  readonly level: 'harm' | 'clash' | 'look';
  readonly sentence: string;
  readonly remedy: string;
}

/** The next dated job that a class asks for. */
export interface PlanJob {
  readonly at: string;
  readonly localDate: string;
  readonly localTime: string;
  readonly title: string;
  readonly kind: 'buy' | 'prep' | 'class';
}

export interface ClassPlan {
  readonly portions: PortionPlan;
  readonly shopping: ShoppingList;
  readonly kit: KitList;
  readonly timeline: Timeline;
  /** Food of each dish that is longest out of the cold. */
  readonly outOfCold: readonly OutOfCold[];
  readonly warnings: readonly PlanWarning[];
  readonly jobs: readonly PlanJob[];
  /** Allergens by dish title, from the larder's data. */
  readonly allergens: readonly { readonly dish: string; readonly contains: readonly string[] }[];
}
