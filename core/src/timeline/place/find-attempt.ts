import { isBetterPlan, meets } from '../objective.js';
import type { Attempt, AttemptInput } from './attempt.js';
import { bettered } from './better.js';
import { findPlan } from './find-plan.js';
import { figuresOf } from './figures.js';
import { withHandsBusy } from './hands-busy.js';
import { nearStanding, steadied, withoutBrokenPins } from './pins.js';
import { gathered } from './visits.js';

/**
 * A plan of the class: on time and with all keeping times where there is one; else with the keeping times let
 * go; else with the least of a few overruns. Pins that would make it worse are let go, and named.
 */
export function findAttempt(input: AttemptInput): Attempt | null {
  const steady = input.standing && steadied(input, input.standing);
  if (steady) return gathered(input, betteredIfWanted(input, steady));
  const found = findPlan(input);
  const pins = Object.keys(input.decisions.pins);
  const isWanting = !found || !meets(figuresOf(input, found), ['onTime', 'kept']);
  const best = pins.length === 0 || !isWanting ? found : nearStanding(input, withoutBrokenPins(input, found));
  return best && gathered(input, betteredIfWanted(input, best));
}

function betteredIfWanted(input: AttemptInput, attempt: Attempt): Attempt {
  const found = input.effort > 0 ? bettered(input, attempt) : attempt;
  if (input.decisions.aim !== 'shortest') return found;
  const better = withHandsBusy(input, found);
  if (found === attempt || !meets(figuresOf(input, attempt), ['onTime', 'kept'])) return better;
  // A shorter class in which students work less is no better one.
  const standing = withHandsBusy(input, attempt);
  return isBetterPlan(figuresOf(input, standing), figuresOf(input, better), ['atWork']) ? standing : better;
}
