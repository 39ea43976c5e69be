export * from './types.js';
export { betteringSlices, planClass, type PlanOptions } from './plan-class.js';
export { needsOfClass, usesOfClass } from './pool.js';
export { noDecisions, decisionsOf } from './decide.js';
export { planChanges, type PlanChange } from './changes.js';
export { allergensOf, fullClass } from './checks.js';
export {
  recipeFacts,
  dietsOf,
  seasonText,
  monthsText,
  type RecipeFact,
  type RecipeFacts,
  type RecipeFactsOptions,
} from './recipe-facts.js';
export * from './card-types.js';
export { stationCards, type CardInput } from './station-cards.js';
export { usualTripMinutes } from './trips-on-clock.js';
export * from './what-if.js';
export * from './rehearse.js';
