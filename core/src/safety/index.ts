export * from './types.js';
export { safetyFacts, safetyFigures, usualSafety } from './profile.js';
