/** Whose usual advice the figures follow. A country of the EU sets its own. */
export const safetyStyles = ['uk', 'us', 'eu'] as const;
export type SafetyStyle = (typeof safetyStyles)[number];

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
  /** How warm the room gets: over 32 °C US-style advice halves the time out. */
  readonly roomCelsius: number | null;
}

export type SafetyFigure = keyof SafetyFigures;

/** What a kitchen follows: a style, and its own figures in place of some. */
export interface SafetyProfile {
  readonly style: SafetyStyle;
  readonly own: Partial<SafetyFigures>;
}
