import type { MeasureSystem, Measuring, MeasuringSet } from '../amounts/index.js';
import { cacheByOwner } from '../identity/index.js';
import type { AllergenList, Hemisphere, LarderEntry, Section } from '../larder/index.js';
import type { Appliance } from '../recipes/index.js';
import type { Rates, ShownMinutes } from '../techniques/index.js';
import type { English } from '../words/index.js';
import type { LineKind } from './measuring.js';
import type { SafetyProfile } from './safety-profile.js';
import type { Vessel } from './vessels.js';

/** Somebody who works in the kitchen. */
export interface StaffMember {
  readonly name: string;
  readonly role: string;
}

/** What the kitchen has to work with. */
export interface KitchenFacts {
  readonly name: string;
  readonly english: English;
  readonly system: MeasureSystem;
  readonly zone: string;
  /** Opening hours on every day, local wall time. */
  readonly opens: string;
  readonly closes: string;
  /**
   * When people come to work on days before a class; absent is while it is open, but for the last half hour.
   */
  readonly worksFrom?: string;
  readonly worksTo?: string;
  /** How many days after a class the names and needs of its people are erased; 30 where absent. */
  readonly forgetPeopleAfterDays?: number;
  /** Days of the week on which it is closed, 0 for Sunday. */
  readonly closedDays: readonly number[];
  /** Places to work at, and people at one. */
  readonly benches: { readonly count: number; readonly peopleEach: number };
  readonly appliances: readonly KitchenAppliance[];
  readonly tools: readonly { readonly tool: string; readonly count: number }[];
  readonly vessels: readonly Vessel[];
  readonly measuringSet: MeasuringSet;
  readonly measureBy: Readonly<Record<LineKind, Measuring>>;
  readonly suppliers: readonly Supplier[];
  readonly staff: readonly StaffMember[];
  /** ISO code of the kitchen's money, "GBP". The larder's own prices are in pounds and count only there. */
  readonly currency: string;
  readonly allergenList: AllergenList;
  /** Whose figures for cold and hot food are followed, and which are the kitchen's own. */
  readonly safety: SafetyProfile;
  /** Which half of the earth the seasons follow. */
  readonly hemisphere: Hemisphere;
  /** What the kitchen knows better than the standard larder, or adds to it. */
  readonly larder: readonly LarderEntry[];
  /** Its own figures of the schools of dressing, by school and figure: "oil-led salt to" in per cent. */
  readonly schools?: Readonly<Record<string, number>>;
  /** How long its own hands take, by technique, where it has measured that. */
  readonly rates?: Rates;
  /** For how many minutes it shows techniques, where that is not the usual. */
  readonly shown?: ShownMinutes;
}

/** An appliance with how many fit in or on it at once, how long it heats, and what it can be set to. */
export interface KitchenAppliance {
  readonly appliance: Appliance;
  readonly capacity: number;
  readonly heatMinutes: number;
  /** "fan, 50–250 °C"; empty where nothing is written down. */
  readonly settings: string;
}

/**
 * What the kitchen has of each appliance, each once: two rows of one are so many places more, and take as
 * long to heat as the slower. What it has no place of, it has not.
 */
export function appliancesOf({ appliances }: Pick<KitchenFacts, 'appliances'>): readonly KitchenAppliance[] {
  return eachOnce(appliances, [], () => merged(appliances));
}

const eachOnce = cacheByOwner<readonly KitchenAppliance[], readonly KitchenAppliance[]>();

function merged(appliances: readonly KitchenAppliance[]): readonly KitchenAppliance[] {
  const found = new Map<Appliance, KitchenAppliance>();
  for (const each of appliances.filter(({ capacity }) => capacity > 0)) {
    const known = found.get(each.appliance);
    found.set(each.appliance, known ? together(known, each) : each);
  }
  return [...found.values()];
}

function together(one: KitchenAppliance, other: KitchenAppliance): KitchenAppliance {
  return {
    appliance: one.appliance,
    capacity: one.capacity + other.capacity,
    heatMinutes: Math.max(one.heatMinutes, other.heatMinutes),
    settings: [one.settings, other.settings].filter(Boolean).join('; '),
  };
}

/** A shop with what is bought there and the days it is open, 0 for Sunday. */
export interface Supplier {
  readonly name: string;
  readonly sections: readonly Section[];
  readonly days: readonly number[];
  /** Minutes there and back; a usual figure where absent. */
  readonly tripMinutes?: number;
}
