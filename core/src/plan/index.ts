export * from './types.js';
export { planClass } from './plan-class.js';
export { allergensOf, fullClass } from './checks.js';
export { recipeFacts, dietsOf, seasonText, monthsText, type RecipeFact, type RecipeFacts, type RecipeFactsOptions } from './recipe-facts.js';
