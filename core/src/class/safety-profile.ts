/**
 * Whose usual advice the figures follow: UK-style, the same in Scotland, US-style, the same in a licensed
 * kitchen that writes down its times, and a country of the EU, which sets its own.
 */
export const safetyStyles = ['uk', 'scotland', 'us', 'us-licensed', 'eu'] as const;
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
  /** To what food is heated again, in the middle. */
  readonly reheatCelsius: number | null;
  /** Within which cooked food has gone all the way down to the cold. */
  readonly coldThroughMinutes: number | null;
  /** How long beans of the kidney kind are boiled hard. */
  readonly beansBoilMinutes: number | null;
}

export type SafetyFigure = keyof SafetyFigures;

/** What a kitchen follows: a style, and its own figures in place of some. */
export interface SafetyProfile {
  readonly style: SafetyStyle;
  readonly own: Partial<SafetyFigures>;
  /** Of the EU, the country whose figures the kitchen wrote down. */
  readonly country?: string;
}

/** UK-style advice, in Scotland too. */
export function isUkStyle({ style }: Pick<SafetyProfile, 'style'>): boolean {
  return style === 'uk' || style === 'scotland';
}

/** US-style advice, in a licensed kitchen too. */
export function isUsStyle({ style }: Pick<SafetyProfile, 'style'>): boolean {
  return style === 'us' || style === 'us-licensed';
}
