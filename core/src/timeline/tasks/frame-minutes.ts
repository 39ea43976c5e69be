import type { StationPlan } from '../../class/index.js';

/** Minutes of a class that are not cooking. Starting estimates. */
export const welcomeMinutes = 5;
export const eatMinutes = 20;
export const clearMinutes = 15;
export const packMinutesPerCrate = 2;

/** When eating starts: what is left before clearing. */
export function eatMinuteOf(lengthMinutes: number): number {
  return lengthMinutes - clearMinutes - eatMinutes;
}

/** A crate for each station and one for the demonstration bench. */
export function cratesOf({ sizes }: StationPlan): number {
  return sizes.length + 1;
}
