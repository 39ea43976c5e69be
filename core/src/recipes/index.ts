export * from './types.js';
export { parseIngredientLine, longestLine, type LineOptions } from './intake/line.js';
export { recipeMinutes } from './minutes.js';
export { findByName } from './intake/names.js';
export { parseRecipeText, lineOf, scalingOf, longestRecipeText } from './intake/text.js';
export { readStep, readMinutes, mentionOf } from './intake/steps.js';
