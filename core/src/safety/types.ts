import type { Workings } from '../amounts/index.js';

/** Whose usual advice the figures follow. A country of the EU sets its own. */
export type SafetyStyle = 'uk' | 'us' | 'eu';
export const safetyStyles: readonly SafetyStyle[] = ['uk', 'us', 'eu'];

/**
 * The figures that a kitchen works by. Temperatures in °C, times in minutes; null where nobody has set it.
 */
export interface SafetyFigures {
  readonly coldCelsius: number | null;
  readonly hotCelsius: number | null;
  /** How long cold food may be out of the cold. */
  readonly coldOutMinutes: number | null;
  /** How long food that was cooked may stand before it is eaten or in the cold. */
  readonly hotOutMinutes: number | null;
  /** Within which cooked food that is kept must be in the cold. */
  readonly chillWithinMinutes: number | null;
}
export type SafetyFigure = keyof SafetyFigures;

/** What a kitchen follows: a style, and its own figures in place of some. */
export interface SafetyProfile {
  readonly style: SafetyStyle;
  readonly own: Partial<SafetyFigures>;
}

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
  readonly dishId: string;
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
  readonly workings: Workings;
}
