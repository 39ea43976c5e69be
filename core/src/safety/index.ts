export * from './types.js';
export { safetyFacts, safetyFigures, showCelsius, usualSafety } from './profile.js';

export { cutGreens } from './cold-foods.js';
export { outOfCold, type ColdBatch, type OutOfColdInput, type StepMinutes } from './out-of-cold.js';
