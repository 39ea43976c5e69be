export * from './types.js';
export { safetyFacts, safetyFigures, showCelsius, usualSafety } from './profile.js';
