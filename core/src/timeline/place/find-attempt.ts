import type { Attempt, AttemptInput } from './attempt.js';
import { bettered } from './better.js';
import { findPlan } from './find-plan.js';
import { nearStanding, steadied, withoutBrokenPins } from './pins.js';

/**
 * A plan of the class: on time and with all keeping times where there is one; else with the keeping times let
 * go; else with the least of a few overruns. Pins that would make it worse are let go, and named.
 */
export function findAttempt(input: AttemptInput): Attempt | null {
  const steady = input.standing && steadied(input, input.standing);
  if (steady) return input.effort > 0 ? bettered(input, steady) : steady;
  const found = findPlan(input);
  const pins = Object.keys(input.decisions.pins);
  const isWanting = !found || found.overrun > 0 || found.isRelaxed;
  const best = pins.length === 0 || !isWanting ? found : nearStanding(input, withoutBrokenPins(input, found));
  return best && input.effort > 0 ? bettered(input, best) : best;
}
