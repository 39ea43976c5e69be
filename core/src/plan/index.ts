export { canBeNoted } from './noted.js';
export * from './types.js';
export type { DishDressing } from './dressings.js';
export { betteringSlices, isBetter } from './bettering.js';
export { planClass, type PlanOptions } from './plan-class.js';
export { peopleOfClass } from './people-of-plan.js';
export { needsOfClass, usesOfClass } from './pool.js';
export { fullClass } from '../timeline/index.js';
export { usualTripMinutes } from './trips-on-clock.js';
