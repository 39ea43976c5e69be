import { findIngredient, standardLarder, type Larder, type Scaling } from '../../../larder/index.js';
import type { LineReading, RecipeLine } from '../../types.js';

/** Makes a recipe line of a reading, scaled the way its ingredient usually is. */
export function lineOf(
  reading: LineReading,
  index: number,
  componentId: string,
  larder: Larder = standardLarder,
): RecipeLine {
  return { ...reading, id: `l${index + 1}`, componentId, scaling: scalingOf(reading, larder) };
}

/** To taste where no amount is given; otherwise as the ingredient usually scales. */
export function scalingOf(reading: LineReading, larder: Larder = standardLarder): Scaling {
  if (reading.amount === null) return 'toTaste';
  const food = findIngredient(larder, reading.ingredient);
  // A raw egg is taken whole; a boiled one is halved and shared.
  if (food?.indivisible && reading.preparation.includes('cooked')) return 'linear';
  return food?.scaling ?? 'linear';
}
