import type { Workings } from '../amounts/index.js';
import type { SafetyFigure } from '../class/index.js';
import type { DishId } from '../identity/index.js';

/** Where a figure comes from: usual general advice, or what this kitchen wrote, as from its local code. */
export type SafetySource = 'general advice' | 'your own' | 'not set';

/** A figure with what it is for. */
export interface SafetyFact {
  readonly figure: SafetyFigure;
  readonly name: string;
  readonly unit: '°C' | 'min';
  readonly value: number | null;
  readonly source: SafetySource;
}

/** A stretch out of the cold. Minutes from class start. */
export interface Spell {
  readonly from: number;
  readonly to: number;
  /** It began by coming hot from the heat. */
  readonly isHot: boolean;
}

/** How long food of a dish is out of the cold until it is eaten. */
export interface OutOfCold {
  readonly id: string;
  readonly dishId: DishId;
  readonly dishTitle: string;
  /** What it is: "Greek-style yoghurt". */
  readonly food: string;
  readonly spells: readonly Spell[];
  /** Minutes that count: of the longest spell, or of all together, as the profile counts. */
  readonly minutes: number;
  readonly limitMinutes: number | null;
  readonly isOver: boolean;
  /** Minutes from the heat to the cold, where it is cooked and then kept cold. */
  readonly chilledAfterMinutes: number | null;
  /** When what is left of it is thrown away, "21:40"; empty where its profile sets no limit. */
  readonly discardAt: string;
  /** Where one spell is allowed: it was out for a second one. */
  readonly isOutAgain: boolean;
  readonly workings: Workings;
}
