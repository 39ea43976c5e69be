export * from './types.js';
export { betteringSlices, isBetter } from './bettering.js';
export { planClass, type PlanOptions } from './plan-class.js';
export { needsOfClass, usesOfClass } from './pool.js';
export { fullClass } from './timeline-checks.js';
export { usualTripMinutes } from './trips-on-clock.js';
