export { recipeFacts } from './recipe-facts.js';
export type { RecipeFact, RecipeFacts, RecipeFactsOptions } from './facts.js';
export { monthsText, seasonMonths, seasonText } from './season.js';
