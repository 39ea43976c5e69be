import { type DishId, plainId } from '../identity/index.js';
import { burnRules } from './burns.js';
import { eatenRawRules } from './eaten-raw.js';
import { handlingRules } from './handling.js';
import { heatRules } from './heat.js';
import { keepingRules } from './keeping.js';
import { leftWarmRules } from './left-warm.js';
import { orderRules } from './order.js';
import { pulseRules } from './pulses.js';
import { rawAndKeptRules } from './raw-and-kept.js';
import { rawRules } from './raw.js';
import { waterRules } from './water.js';
import type { Found, Judged, Rule, Severity } from './types.js';

export type { Judged } from './types.js';
export { heats, stepsOf } from './reading.js';
export { benchCautionsFor } from './at-the-bench.js';

/** Every rule, those that keep people from harm first. */
export const cautionRules: readonly Rule[] = [
  ...pulseRules,
  ...rawRules,
  ...eatenRawRules,
  ...leftWarmRules,
  ...rawAndKeptRules,
  ...keepingRules,
  ...burnRules,
  ...heatRules,
  ...handlingRules,
  ...orderRules,
  ...waterRules,
];

/** What a rule found in a dish. */
export interface CautionFinding extends Found {
  readonly id: string;
  readonly rule: string;
  readonly dishId: DishId;
  readonly severity: Severity;
  readonly note: string | null;
  readonly source: Rule['source'];
}

/** What the rules find in a dish, the worst first. */
export function findCautions(dishId: DishId, judged: Judged): CautionFinding[] {
  const order: readonly Severity[] = ['harm', 'spoils the dish', 'costs time'];
  // Without a method nobody knows what is done with the food.
  if (judged.recipe.steps.length === 0) return [];
  return (
    cautionRules
      .flatMap(({ id, severity, note, source, find }) =>
        find(judged).map((found, index) => ({
          ...found,
          id: `${id}:${dishId}:${found.stepId === null ? index : plainId(found.stepId)}`,
          rule: id,
          dishId,
          severity,
          note,
          source,
        })),
      )
      // A step that one station does in its own way is the same mistake.
      .filter(({ id }, at, all) => all.findIndex((each) => each.id === id) === at)
      .sort((a, b) => order.indexOf(a.severity) - order.indexOf(b.severity))
  );
}
